import { spawn, spawnSync } from 'node:child_process';
import { mkdirSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureDependencies } from './dependencies.mjs';
import { root, stateFolder } from './paths.mjs';
import { freePort } from './ports.mjs';
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

/** Browser tests that take about as long as all the others; the two halves run side by side, each against a server and a database of its own. */
const longOnes = [
  'demands',
  'keyboard',
  'composing',
  'two-tabs',
  'accessibility',
  'restrictions',
  'print',
  'session-types',
  'compose',
  'people',
  'attention',
  'coach-athlete-coach',
  'doors',
  'care',
];

/** The files of the browser tests in two halves. */
function halves() {
  const files = readdirSync(join(root, 'e2e')).filter((file) => file.endsWith('.test.ts'));
  const isLong = (file) => longOnes.includes(file.replace('.test.ts', ''));
  return [files.filter(isLong), files.filter((file) => !isLong(file))].map((half) => half.map((file) => `e2e/${file}`));
}

/** Looks whether a server has written into its log what nobody is to read there. */
function secretsIn(file, cluster, database) {
  const log = readFileSync(file, 'utf8');
  const kept = cluster.sql(
    database,
    `select words from (select name from athletes union select email from accounts union select reason from restrictions
     union select note from set_logs union select note from session_reports union select id::text from athletes) as t(words) where length(words) > 3`,
  );
  const found = [...kept.split('\n'), 'hall closed'].filter((secret) => log.includes(secret));
  // Tokens of links, sign-ins and calendars are 256 bits in 43 letters.
  if (/[\w-]{43}/.test(log)) found.push('a token');
  say(`${log.split('\n').length} lines of the server's log looked through for secrets`);
  if (found.length === 0) passed++;
  else {
    say(`The log holds ${found.length} of them, such as ${found[0]}`);
    failed++;
  }
}

/** One half of the browser tests; their output comes when it is done, so that the halves do not mix. */
async function browserHalf(cluster, half, files) {
  const { demoServer } = await import('./demo-server.mjs');
  const report = join(stateFolder, `playwright-${half}.json`);
  rmSync(report, { force: true });
  const port = await freePort();
  const log = join(stateFolder, `browser-${half}.log`);
  const server = await demoServer(cluster, `browser_${half}`, port, 'trace', log);
  try {
    const output = await new Promise((resolve) => {
      const child = spawn('npx', ['playwright', 'test', ...files, `--output=test-results/${half}`], {
        cwd: root,
        stdio: ['ignore', 'pipe', 'pipe'],
        env: { ...process.env, TROPAEUM_E2E_URL: `http://127.0.0.1:${port}`, TROPAEUM_E2E_REPORT: report },
      });
      const chunks = [];
      child.stdout.on('data', (chunk) => chunks.push(chunk));
      child.stderr.on('data', (chunk) => chunks.push(chunk));
      child.once('close', () => resolve(Buffer.concat(chunks).toString()));
    });
    say(output);
    const { stats } = JSON.parse(readFileSync(report, 'utf8'));
    passed += stats.expected + stats.flaky;
    failed += stats.unexpected;
    secretsIn(log, cluster, `browser_${half}`);
  } finally {
    server.kill('SIGTERM');
  }
}

/** The real interface in headless Chromium, against the real server, on a fixed day. */
async function browser() {
  say('\n== Browser tests');
  const { Cluster } = await import('./database.mjs');
  const cluster = new Cluster('test-database', { fast: true });
  try {
    await cluster.join();
    const running = halves().map((files, half) => browserHalf(cluster, half, files));
    for (const half of await Promise.allSettled(running))
      if (half.status === 'rejected') {
        say(half.reason.message);
        failed++;
      }
  } catch (error) {
    say(error.message);
    failed++;
  } finally {
    await cluster.leave();
  }
}

try {
  ensurePackages(['postgresql', 'chromium'], say);
  await ensureDependencies();
  mkdirSync(stateFolder, { recursive: true });
  check('Lint and dependency rule', 'npm', ['run', '-s', 'lint']);
  check('Types', 'npm', ['run', '-s', 'types']);
  vitest();
  const { ensureBuilt } = await import('./freshness.mjs');
  await ensureBuilt();
  await browser();
} catch (error) {
  say(error.message);
  failed++;
}
say(`\n${passed} passed, ${failed} failed`);
process.exit(failed ? 1 : 0);
