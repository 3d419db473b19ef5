import { Client } from 'pg';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { Caller, type Club, freshDatabase, layClub, type RunningServer, runServer, today } from './club';
import { commonest } from './commonest';
import { everyRoute } from './every-route';
import { fillWithOthers } from './filled';
import { type Laid, layBehindRoutes } from './laid';
import { logged } from './samples';

/** Tables that grow with the clubs beside one. */
const large =
  /Seq Scan on (athletes|restrictions|sessions|session_reports|set_logs|messages|squads|seasons|athlete_links|sign_ins)\b/;

let server: RunningServer;
let club: Club;
let coach: Caller;
let laid: Laid;
let admin: Client;
const plans: string[] = [];

beforeAll(async () => {
  const urls = await freshDatabase();
  admin = new Client({ connectionString: urls.adminUrl });
  await admin.connect();
  club = await layClub(urls.adminUrl, 'ours');
  await fillWithOthers(admin, { clubs: 800, athletes: 2000, sessions: 40_000, logs: 80_000 }, today);
  // The database says of every query of the server how it went about it, and what it touched.
  const name = new URL(urls.adminUrl).pathname.slice(1);
  for (const setting of [
    "session_preload_libraries = 'auto_explain'",
    'auto_explain.log_min_duration = 0',
    'auto_explain.log_analyze = on',
    'auto_explain.log_timing = off',
    'auto_explain.log_nested_statements = on',
    'auto_explain.log_level = notice',
  ])
    await admin.query(`alter role tropaeum_app in database ${name} set ${setting}`);
  server = await runServer(urls.appUrl, { onNotice: (words) => void plans.push(words) });
  coach = await new Caller(server.url).signIn(club.email);
  laid = await layBehindRoutes(coach, club, server.url);
  await coach.call('POST', `/link/${laid.session.token}/logs`, { sessionId: laid.session.id, logs: [logged()] });
}, 180_000);
afterAll(async () => {
  await server.stop();
  await admin.end();
});

it.each(commonest)('%s reads no table of everybody, and touches no more rows than its club has', async (route) => {
  const { path, body } = everyRoute(laid)[route] as { path: string; body?: unknown };
  // The second time the plan is the one that stays.
  for (let i = 0; i < 2; i++) await coach.call(route.split(' ')[0] as string, path, body);
  plans.length = 0;
  const answer = await coach.call(route.split(' ')[0] as string, path, body);
  expect(answer.status).toBe(200);
  expect(plans.length).toBeGreaterThan(0);
  expect(plans.length, 'queries').toBeLessThanOrEqual(25);
  for (const plan of plans) {
    expect(plan).not.toMatch(large);
    const removed = [...plan.matchAll(/Rows Removed by (?:Filter|Index Recheck): (\d+)/g)].map(([, rows]) =>
      Number(rows),
    );
    expect(Math.max(0, ...removed), plan).toBeLessThan(50);
    const touched = [...plan.matchAll(/actual rows=(\d+)/g)].map(([, rows]) => Number(rows));
    expect(Math.max(0, ...touched), plan).toBeLessThan(200);
  }
});
