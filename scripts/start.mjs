import { fork } from 'node:child_process';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { ensureDependencies } from './dependencies.mjs';
import { root } from './paths.mjs';
import { ensurePackages } from './system.mjs';

const say = (words) => process.stdout.write(`${words}\n`);

/** The wanted port when it is free, else the next free one. */
function portFrom(wanted) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(portFrom(wanted + 1)));
    probe.listen(wanted, '127.0.0.1', () => probe.close(() => resolve(wanted)));
  });
}

try {
  ensurePackages(['postgresql'], say);
  ensureDependencies();
  const { Cluster, runProgram } = await import('./database.mjs');
  const { ensureBuilt } = await import('./freshness.mjs');
  const cluster = new Cluster('database');
  await cluster.start();
  cluster.ensureDatabase('tropaeum');
  ensureBuilt();
  say('Preparing the database (the first time some twenty seconds)');
  const environment = {
    ...process.env,
    TROPAEUM_OWNER_URL: cluster.url('tropaeum_owner', 'tropaeum'),
    TROPAEUM_MIGRATIONS: join(root, 'server/migrations'),
  };
  await runProgram(process.execPath, [join(root, 'server/dist/prepare.mjs')], { env: environment });

  const port = await portFrom(Number(process.env.TROPAEUM_PORT ?? 4180));
  const { TROPAEUM_OWNER_URL, ...withoutOwner } = environment;
  const server = fork(join(root, 'server/dist/main.mjs'), {
    env: {
      ...withoutOwner,
      TROPAEUM_DATABASE_URL: cluster.url('tropaeum_app', 'tropaeum'),
      TROPAEUM_PORT: String(port),
      // The made-up league beside the server is no public address; it is named.
      TROPAEUM_FEEDS_ALLOWED: process.env.TROPAEUM_FEEDS_ALLOWED ?? `127.0.0.1:${port},localhost:${port}`,
      TROPAEUM_WEB_FOLDER: join(root, 'web/dist'),
      TROPAEUM_LOG: process.env.TROPAEUM_LOG ?? 'warn',
    },
  });
  let stopping = false;
  const stop = () => {
    if (stopping) return;
    stopping = true;
    server.kill('SIGTERM');
  };
  process.on('SIGINT', stop);
  process.on('SIGTERM', stop);
  server.once('message', () => {
    say('');
    say(`Tropaeum is at http://127.0.0.1:${port}`);
    say('Demo sign-in: coach@skarvoy.example, password: hall closed');
    say('Athletes come in by the links in the outbox. Ctrl-C stops everything.');
  });
  server.once('exit', (code) => {
    cluster.stop();
    process.exit(stopping ? 0 : (code ?? 1));
  });
} catch (error) {
  process.stderr.write(`${error.message}\n`);
  process.exit(1);
}
