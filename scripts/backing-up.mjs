import { createRequire } from 'node:module';
import { join } from 'node:path';
import { root } from './paths.mjs';

const { Client } = createRequire(join(root, 'server/package.json'))('pg');

/** A connection as the administrator, whom no row is hidden from. */
export async function connect(cluster, database) {
  const client = new Client({ connectionString: cluster.url('tropaeum_admin', database) });
  await client.connect();
  return client;
}

/** What is in every table: how many rows, and a sum over all they say, whatever their order. */
export async function sumsByTable(client) {
  const { rows: tables } = await client.query(
    "select format('%I.%I', schemaname, tablename) as name from pg_tables where schemaname in ('public', 'drizzle') order by 1",
  );
  const sums = {};
  for (const { name } of tables) {
    const { rows } = await client.query(
      `select count(*)::text || ' rows, ' || coalesce(sum(hashtextextended(t::text, 0)::numeric), 0)::text as sum from ${name} t`,
    );
    sums[name] = rows[0].sum;
  }
  return sums;
}

/** Tables whose sums differ, in words. */
export const differences = (a, b) =>
  [...new Set([...Object.keys(a), ...Object.keys(b)])]
    .filter((name) => a[name] !== b[name])
    .map((name) => `${name}: ${a[name] ?? 'not there'} against ${b[name] ?? 'not there'}`);

/**
 * Writes a database into a file and proves it by restoring it beside: every table has to hold the same. Others may write meanwhile; the file
 * holds what was there when it began. Gives back the sums.
 */
export async function backUp(cluster, database, file) {
  const client = await connect(cluster, database);
  const check = `${database}_check_${process.pid}`;
  try {
    await client.query('begin isolation level repeatable read read only');
    const { rows } = await client.query('select pg_export_snapshot() as snapshot');
    cluster.tool('pg_dump', cluster.url('tropaeum_admin', database), [
      '--format=custom',
      `--snapshot=${rows[0].snapshot}`,
      `--file=${file}`,
    ]);
    const sums = await sumsByTable(client);
    await client.query('commit');
    await restoreInto(cluster, check, file, sums);
    return sums;
  } finally {
    await client.end();
    cluster.sql('postgres', `drop database if exists ${check} with (force)`);
  }
}

/** Makes a database from a file; with sums given, it has to hold just that. Gives back the sums. */
export async function restoreInto(cluster, database, file, expected) {
  cluster.ensureDatabase(database);
  cluster.tool('pg_restore', cluster.url('tropaeum_admin', database), ['--exit-on-error', file]);
  const client = await connect(cluster, database);
  try {
    const sums = await sumsByTable(client);
    const other = expected ? differences(expected, sums) : [];
    if (other.length) throw new Error(`What was restored differs:\n${other.join('\n')}`);
    return sums;
  } finally {
    await client.end();
  }
}
