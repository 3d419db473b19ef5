import { fork } from 'node:child_process';
import { join } from 'node:path';
import { root } from './paths.mjs';
import { runProgram } from './run-program.mjs';

/** Brings a database up to date, as its owner, and lays the demo club where there is nobody yet. `env` says more, or otherwise. */
export const prepareDatabase = (cluster, database, env = {}) =>
  runProgram(process.execPath, [join(root, 'server/dist/prepare.mjs')], {
    env: {
      ...process.env,
      TROPAEUM_OWNER_URL: cluster.url('tropaeum_owner', database),
      TROPAEUM_MIGRATIONS: join(root, 'server/migrations'),
      ...env,
    },
  });

/** Starts the built server on a database and a port; it sends a message when it listens. */
export const launchServer = (cluster, database, port, env = {}, stdio = 'inherit') =>
  fork(join(root, 'server/dist/main.mjs'), {
    env: {
      ...process.env,
      TROPAEUM_DATABASE_URL: cluster.url('tropaeum_app', database),
      TROPAEUM_PORT: String(port),
      // The made-up league beside the server is no public address; it is named.
      TROPAEUM_FEEDS_ALLOWED: process.env.TROPAEUM_FEEDS_ALLOWED ?? `127.0.0.1:${port},localhost:${port}`,
      TROPAEUM_WEB_FOLDER: join(root, 'web/dist'),
      ...env,
    },
    stdio: ['ignore', stdio, 'inherit', 'ipc'],
  });
