import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { ensureDependencies } from './dependencies.mjs';

await ensureDependencies();
const { restoreInto } = await import('./backing-up.mjs');
const { Cluster } = await import('./database.mjs');

/** Puts a backup in the place of the database; what was there before stays beside it under another name. */
async function restore(given) {
  if (!given) throw new Error('Name the file: npm run restore -- FILE');
  const file = resolve(given);
  if (!existsSync(file)) throw new Error(`There is no ${file}`);
  const cluster = new Cluster('database');
  await cluster.join();
  try {
    if (cluster.othersUse())
      throw new Error('Tropaeum is running; stop it first, so that nothing is written meanwhile');
    const stamp = new Date().toISOString().slice(0, 19).replace(/\D/g, '');
    const [fresh, before] = [`tropaeum_fresh_${stamp}`, `tropaeum_before_${stamp}`];
    try {
      const sums = await restoreInto(cluster, fresh, file);
      const there = cluster.sql('postgres', "select 1 from pg_database where datname = 'tropaeum'") === '1';
      if (there) cluster.sql('postgres', `alter database tropaeum rename to ${before}`);
      cluster.sql('postgres', `alter database ${fresh} rename to tropaeum`);
      for (const [table, sum] of Object.entries(sums)) console.log(`${table}: ${sum.split(',')[0]}`);
      console.log(`Restored from ${file}.${there ? ` What was there before is kept as the database ${before}.` : ''}`);
    } catch (error) {
      cluster.sql('postgres', `drop database if exists ${fresh} with (force)`);
      throw error;
    }
  } finally {
    await cluster.leave();
  }
}

try {
  await restore(process.argv[2]);
} catch (error) {
  process.stderr.write(`Nothing was restored: ${error.message}\n`);
  process.exitCode = 1;
}
