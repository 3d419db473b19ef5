import { fork } from 'node:child_process';
import { join } from 'node:path';
import { runProgram } from './database.mjs';
import { root } from './paths.mjs';

/** The day on which the demo's club stands still. */
const today = { TROPAEUM_TODAY: '2026-12-09' };

/** A server at a port, on a database made anew with the demo's club in it, on a fixed day; it listens when this comes back. */
export async function demoServer(cluster, database, port, log) {
  cluster.sql('postgres', `drop database if exists ${database} with (force)`);
  cluster.ensureDatabase(database);
  await runProgram(process.execPath, [join(root, 'server/dist/prepare.mjs')], {
    env: {
      ...process.env,
      ...today,
      TROPAEUM_LOG: log,
      TROPAEUM_OWNER_URL: cluster.url('tropaeum_owner', database),
      TROPAEUM_MIGRATIONS: join(root, 'server/migrations'),
    },
  });
  const server = fork(join(root, 'server/dist/main.mjs'), {
    env: {
      ...process.env,
      ...today,
      TROPAEUM_LOG: log,
      TROPAEUM_DATABASE_URL: cluster.url('tropaeum_app', database),
      TROPAEUM_PORT: String(port),
      TROPAEUM_FEEDS_ALLOWED: `127.0.0.1:${port},localhost:${port}`,
      TROPAEUM_WEB_FOLDER: join(root, 'web/dist'),
    },
  });
  await new Promise((resolve) => server.once('message', resolve));
  return server;
}
