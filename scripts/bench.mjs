import { createHash, randomBytes } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureDependencies } from './dependencies.mjs';
import { root } from './paths.mjs';
import { ensurePackages } from './system.mjs';

const port = 4377;
const url = `http://127.0.0.1:${port}`;
// One link writes here as fast as it can.
process.env.TROPAEUM_LINK_RATE = '1000000';

/** Resident memory of a process, MB. */
const residentMb = (pid) => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;

/** Everything beside the phone. */
async function benchRest(token, session) {
  await runProgram(process.execPath, ['--import', 'tsx', join(root, 'bench/main.ts')], {
    env: {
      ...process.env,
      TROPAEUM_BENCH_SERVER: url,
      TROPAEUM_BENCH_TOKEN: token,
      TROPAEUM_BENCH_SESSION: session,
      TROPAEUM_BENCH_OWNER: cluster.url('tropaeum_owner', 'bench'),
    },
  });
  const { gridFrames } = await import('./bench-grid.mjs');
  console.log('Scrolling the figure grid of the library, a step a frame:');
  console.table(await gridFrames(url));
  const { paceOfMachine } = await import('./bench-browser.mjs');
  console.log(`The machine takes ${paceOfMachine()} ms for a hundred million remainders just now.`);
  const { deskTimes, seasonSeconds, squadSeconds } = await import('./bench-desk.mjs');
  console.log('At the desk, from the key to what is seen, two workers behind the page:');
  console.table(await deskTimes(url));
  console.log('A session for thirty more athletes, in two workers:');
  console.table(await squadSeconds(url));
  console.log('Twelve weeks for each of a squad, in two workers:');
  console.table(await seasonSeconds(url));
}

ensurePackages(['postgresql', 'chromium'], console.log);
await ensureDependencies();
const { Cluster } = await import('./database.mjs');
const { runProgram } = await import('./run-program.mjs');
const { demoServer } = await import('./demo-server.mjs');
const { ensureBuilt } = await import('./freshness.mjs');
await ensureBuilt();
const cluster = new Cluster('test-database', { fast: true });
await cluster.start();
const server = await demoServer(cluster, 'bench', port, 'silent');
try {
  await new Promise((resolve) => setTimeout(resolve, 1500));
  console.log(`Server memory at rest: ${residentMb(server.pid).toFixed(0)} MB`);
  const token = randomBytes(32).toString('base64url');
  const hash = createHash('sha256').update(token).digest('hex');
  const [session, athlete, organisation] = cluster
    .sql(
      'bench',
      'select id, athlete_id, organisation_id from sessions where status = \'sent\' order by "on" desc limit 1',
    )
    .split('|');
  cluster.sql(
    'bench',
    `delete from athlete_links where athlete_id = '${athlete}'; insert into athlete_links (token_hash, organisation_id, athlete_id, expires_at) values ('${hash}', '${organisation}', '${athlete}', now() + interval '1 day')`,
  );
  const { phoneTimes } = await import('./bench-phone.mjs');
  console.log("The athlete's page on a cheap phone and a slow line, beside an empty page of the same server:");
  console.table(await phoneTimes(url, token));
  if (process.argv[2] !== 'phone') await benchRest(token, session);
  console.log(`Server memory after the log writes: ${residentMb(server.pid).toFixed(0)} MB`);
} finally {
  server.kill('SIGTERM');
  cluster.stop();
}
