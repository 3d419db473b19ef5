import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureDependencies } from './dependencies.mjs';
import { root } from './paths.mjs';
import { ensurePackages } from './system.mjs';

/** Server and interface that reload on every change, on the same database as the start command's. */
ensurePackages(['postgresql'], console.log);
await ensureDependencies();
const { Cluster } = await import('./database.mjs');
const { runProgram } = await import('./run-program.mjs');
const cluster = new Cluster('database');
await cluster.join();
cluster.ensureDatabase('tropaeum');
const environment = {
  ...process.env,
  TROPAEUM_OWNER_URL: cluster.url('tropaeum_owner', 'tropaeum'),
  TROPAEUM_MIGRATIONS: join(root, 'server/migrations'),
};
await runProgram(process.execPath, ['--import', 'tsx', 'server/src/prepare.ts'], { env: environment });
const children = [
  spawn(join(root, 'node_modules/.bin/tsx'), ['watch', 'server/src/main.ts'], {
    cwd: root,
    stdio: 'inherit',
    env: {
      ...process.env,
      TROPAEUM_DATABASE_URL: cluster.url('tropaeum_app', 'tropaeum'),
      TROPAEUM_PORT: '4180',
      TROPAEUM_PUBLIC_URL: 'http://127.0.0.1:5173',
      TROPAEUM_FEEDS_ALLOWED: '127.0.0.1,localhost',
    },
  }),
  spawn(join(root, 'node_modules/.bin/vite'), ['web', '--host', '127.0.0.1', '--port', '5173'], {
    cwd: root,
    stdio: 'inherit',
  }),
];
const stop = async () => {
  for (const child of children) child.kill('SIGTERM');
  await cluster.leave();
  process.exit(0);
};
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
