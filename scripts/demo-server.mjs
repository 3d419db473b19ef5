import { openSync } from 'node:fs';
import { launchServer, prepareDatabase } from './server.mjs';

/** A server at a port, on a database made anew with the demo's club in it, on a fixed day; it listens when this comes back. It logs into a file where one is named. */
export async function demoServer(cluster, database, port, log, file) {
  // The day on which the demo's club stands still.
  const env = { TROPAEUM_TODAY: '2026-12-09', TROPAEUM_LOG: log };
  cluster.sql('postgres', `drop database if exists ${database} with (force)`);
  cluster.ensureDatabase(database);
  await prepareDatabase(cluster, database, env);
  const server = launchServer(cluster, database, port, env, file ? openSync(file, 'w') : 'inherit');
  await new Promise((resolve) => server.once('message', resolve));
  return server;
}
