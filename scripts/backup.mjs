import { mkdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { ensureDependencies } from './dependencies.mjs';
import { stateFolder } from './paths.mjs';

await ensureDependencies();
const { backUp } = await import('./backing-up.mjs');
const { Cluster } = await import('./database.mjs');

/** Writes the database into a file and proves that it can be restored; a file that could not be proved is not left behind. */
const stamp = new Date().toISOString().slice(0, 16).replace(':', '');
const file = resolve(process.argv[2] ?? join(stateFolder, 'backups', `tropaeum-${stamp}.dump`));
const part = `${file}.part`;
const cluster = new Cluster('database');
try {
  mkdirSync(dirname(file), { recursive: true });
  await cluster.join();
  const sums = await backUp(cluster, 'tropaeum', part);
  renameSync(part, file);
  for (const [table, sum] of Object.entries(sums)) console.log(`${table}: ${sum.split(',')[0]}`);
  console.log(`Restored beside and compared, table by table: equal.`);
  console.log(`${file} (${(statSync(file).size / 2 ** 20).toFixed(1)} MB)`);
} catch (error) {
  rmSync(part, { force: true });
  process.stderr.write(`No backup was made: ${error.message}\n`);
  process.exitCode = 1;
} finally {
  await cluster.leave();
}
