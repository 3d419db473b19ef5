import { fork, spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { ensureDependencies } from './dependencies.mjs';
import { root, stateFolder } from './paths.mjs';
import { ensurePackages } from './system.mjs';

const say = (words) => process.stdout.write(`${words}\n`);
let passed = 0;
let failed = 0;

/** One part of the whole that either holds or does not. */
function check(name, command, args) {
  say(`\n== ${name}`);
  const ok = spawnSync(command, args, { cwd: root, stdio: ['ignore', 'inherit', 'inherit'] }).status === 0;
  if (ok) passed++;
  else failed++;
  return ok;
}

function freePort() {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}

/** Unit, property, database, HTTP and command-line tests. */
function vitest() {
  say('\n== Unit, server and command-line tests');
  const report = join(stateFolder, 'vitest.json');
  rmSync(report, { force: true });
  spawnSync('npx', ['vitest', 'run', '--reporter=dot', '--reporter=json', `--outputFile.json=${report}`], {
    cwd: root,
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { ...process.env, NO_COLOR: '1' },
  });
  try {
    const result = JSON.parse(readFileSync(report, 'utf8'));
    passed += result.numPassedTests;
    failed +=
      result.numFailedTests +
      result.testResults.filter((file) => file.status === 'failed' && file.assertionResults.length === 0).length;
  } catch {
    failed++;
  }
}

/** The real interface in headless Chromium, against the real server on a database of its own, on a fixed day. */
async function browser() {
  say('\n== Browser tests');
  const { Cluster, runProgram } = await import('./database.mjs');
  const cluster = new Cluster('test-database', { fast: true });
  const report = join(stateFolder, 'playwright.json');
  rmSync(report, { force: true });
  let server;
  try {
    await cluster.start();
    cluster.sql('postgres', 'drop database if exists browser with (force)');
    cluster.ensureDatabase('browser');
    const environment = { ...process.env, TROPAEUM_TODAY: '2026-12-09', TROPAEUM_LOG: 'warn' };
    await runProgram(process.execPath, [join(root, 'server/dist/prepare.mjs')], {
      env: {
        ...environment,
        TROPAEUM_OWNER_URL: cluster.url('tropaeum_owner', 'browser'),
        TROPAEUM_MIGRATIONS: join(root, 'server/migrations'),
      },
    });
    const port = await freePort();
    server = fork(join(root, 'server/dist/main.mjs'), {
      env: {
        ...environment,
        TROPAEUM_DATABASE_URL: cluster.url('tropaeum_app', 'browser'),
        TROPAEUM_PORT: String(port),
        TROPAEUM_WEB_FOLDER: join(root, 'web/dist'),
      },
    });
    await new Promise((resolve) => server.once('message', resolve));
    spawnSync('npx', ['playwright', 'test'], {
      cwd: root,
      stdio: ['ignore', 'inherit', 'inherit'],
      env: { ...process.env, TROPAEUM_E2E_URL: `http://127.0.0.1:${port}`, TROPAEUM_E2E_REPORT: report },
    });
    const { stats } = JSON.parse(readFileSync(report, 'utf8'));
    passed += stats.expected + stats.flaky;
    failed += stats.unexpected;
  } catch (error) {
    say(error.message);
    failed++;
  } finally {
    server?.kill('SIGTERM');
    cluster.stop();
  }
}

try {
  ensurePackages(['postgresql', 'chromium'], say);
  ensureDependencies();
  mkdirSync(stateFolder, { recursive: true });
  check('Lint and dependency rule', 'npm', ['run', '-s', 'lint']);
  check('Types', 'npm', ['run', '-s', 'types']);
  vitest();
  const { ensureBuilt } = await import('./freshness.mjs');
  ensureBuilt();
  await browser();
} catch (error) {
  say(error.message);
  failed++;
}
say(`\n${passed} passed, ${failed} failed`);
process.exit(failed ? 1 : 0);
