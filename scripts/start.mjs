import { installDependencies } from './dependencies.mjs';
import { withLock } from './lock.mjs';
import { portFrom } from './ports.mjs';
import { Supervisor } from './supervisor.mjs';
import { ensurePackages } from './system.mjs';

const say = (words) => process.stdout.write(`${words}\n`);
// Whoever reads along may go away; the server stays.
process.stdout.on('error', () => undefined);

/** How often the database is looked at and the server is asked whether it lives, ms; so many silences in a row and it hangs. */
const [lookMs, askMs, silences] = [1000, 5000, 4];

/** Everything that has to be there once, one start at a time: packages, database, build, migrations, demo. */
async function setUp() {
  ensurePackages(['postgresql'], say);
  installDependencies();
  const { Cluster } = await import('./database.mjs');
  const { prepareDatabase } = await import('./server.mjs');
  const { build } = await import('./freshness.mjs');
  const cluster = new Cluster('database');
  await cluster.join();
  cluster.ensureDatabase('tropaeum');
  build();
  say('Preparing the database (the first time some twenty seconds)');
  await prepareDatabase(cluster, 'tropaeum');
  return cluster;
}

/** Starts the database again when it has ended, and the server with it where the database is reached elsewhere then. */
function watchDatabase(cluster, supervisor) {
  let waitMs = lookMs;
  const look = async () => {
    if (supervisor.stopping) return;
    if (cluster.isAlive()) waitMs = lookMs;
    else {
      say('The database has ended; it is started again');
      const before = cluster.url('tropaeum_app', 'tropaeum');
      try {
        await cluster.start();
        if (cluster.url('tropaeum_app', 'tropaeum') !== before) supervisor.restart();
      } catch (error) {
        say(error.message);
      }
      waitMs = Math.min(30_000, waitMs * 2);
    }
    setTimeout(look, waitMs).unref();
  };
  setTimeout(look, waitMs).unref();
}

/** Ends a server that has answered and does so no more. */
function watchServer(port, supervisor) {
  let silent = 0;
  let answered;
  setInterval(async () => {
    const child = supervisor.child;
    try {
      await fetch(`http://127.0.0.1:${port}/api/alive`, { signal: AbortSignal.timeout(askMs - 500) });
      silent = 0;
      answered = child;
    } catch {
      if (!child || child !== answered || supervisor.stopping) return;
      silent++;
      if (silent < silences) return;
      say('The server does not answer any more; it is started again');
      silent = 0;
      supervisor.restart();
    }
  }, askMs).unref();
}

try {
  const waiting = { onWait: () => say('Another start is setting things up; waiting for it') };
  const cluster = await withLock('setting up', setUp, waiting);
  let port;
  const { launchServer } = await import('./server.mjs');
  const log = { TROPAEUM_LOG: process.env.TROPAEUM_LOG ?? 'warn' };
  const supervisor = new Supervisor(() => launchServer(cluster, 'tropaeum', port, log), say);
  // A port that was found free is free until somebody listens there: one start of this machine at a time goes from the one to the other.
  await withLock(
    'port',
    async () => {
      port = await portFrom(Number(process.env.TROPAEUM_PORT ?? 4180));
      const child = supervisor.start();
      await new Promise((resolve) => child.once('message', resolve).once('exit', resolve));
    },
    { whose: 'this machine' },
  );
  say('');
  say(`Tropaeum is at http://127.0.0.1:${port}`);
  say('Demo sign-in: coach@skarvoy.example, password: hall closed');
  say('As a physio, a guardian or an athlete: physio@, guardian@, athlete@skarvoy.example');
  say('Athletes open a link, created under Messages. Ctrl-C stops everything.');
  watchDatabase(cluster, supervisor);
  watchServer(port, supervisor);
  const stop = async () => {
    if (supervisor.stopping) return;
    await supervisor.stop();
    await cluster.leave();
    process.exit(0);
  };
  process.on('SIGINT', stop);
  process.on('SIGTERM', stop);
  process.on('SIGHUP', stop);
} catch (error) {
  process.stderr.write(`${error.message}\n`);
  process.exit(1);
}
