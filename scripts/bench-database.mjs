import { join } from 'node:path';
import { ensureDependencies } from './dependencies.mjs';
import { root } from './paths.mjs';
import { ensurePackages } from './system.mjs';

/** Runs a benchmark that needs a server of its own: `scale`, what requests cost beside very many other clubs; `desk`, what a club of 200 costs. */
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
    join(root, `bench/${process.argv[2]}.ts`),
    ...process.argv.slice(3),
  ]);
} finally {
  cluster.stop();
}
