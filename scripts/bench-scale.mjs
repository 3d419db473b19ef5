import { join } from 'node:path';
import { ensureDependencies } from './dependencies.mjs';
import { root } from './paths.mjs';
import { ensurePackages } from './system.mjs';

/** What the commonest requests cost beside very many other clubs, against an empty database; and a backup of all of it, restored. */
ensurePackages(['postgresql'], console.log);
await ensureDependencies();
const { Cluster } = await import('./database.mjs');
const { runProgram } = await import('./run-program.mjs');
const { ensureBuilt } = await import('./freshness.mjs');
await ensureBuilt();
const cluster = new Cluster('scale-database', { fast: true });
await cluster.start();
try {
  await runProgram(process.execPath, [
    '--expose-gc',
    '--import',
    'tsx',
    join(root, 'bench/scale.ts'),
    ...process.argv.slice(2),
  ]);
} finally {
  cluster.stop();
}
