import pino from 'pino';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { Caller, type Club, freshDatabase, layClub, password, type RunningServer, runServer } from './club';
import { everyRoute } from './every-route';
import { type Laid, layBehindRoutes } from './laid';
import { bombard } from './malformed';

/** How many go out; more with this setting. */
const count = Number(process.env.TROPAEUM_MALFORMED ?? 8000);
const reason = 'torn cruciate ligament, confidential';

let server: RunningServer;
let club: Club;
let laid: Laid;
let cookie: string;
const log: string[] = [];

beforeAll(async () => {
  const urls = await freshDatabase();
  club = await layClub(urls.adminUrl, 'ours');
  server = await runServer(urls.appUrl, {
    log: pino({ level: 'trace' }, { write: (line: string) => void log.push(line) }),
  });
  const coach = await new Caller(server.url).signIn(club.email);
  laid = await layBehindRoutes(coach, club, server.url);
  await coach.call('PATCH', `/athletes/${club.athleteId}`, {
    athlete: { restrictions: [{ region: 'knee', severity: 'limit', cause: 'overuse', reason, setBy: 'coach' }] },
  });
  const entered = await fetch(`${server.url}/api/sign-in`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ email: club.email, password }),
  });
  cookie = entered.headers.get('set-cookie')?.split(';')[0] as string;
});
afterAll(() => server.stop());

it('malformed requests to every route: refused in words, never a fault of ours, no crash, no growing memory', async () => {
  const routes = everyRoute(laid);
  // What ends the visit is left out: everything after it would only be refused at the door.
  delete routes['POST /sign-out'];
  delete routes['DELETE /athletes/:id/link'];
  delete routes['POST /athletes/:id/link'];
  const parts = 5;
  const heap: number[] = [];
  const seen: Record<string, number> = {};
  const failures: string[] = [];
  for (let part = 0; part < parts; part++) {
    const { statuses, failed } = await bombard(laid, routes, cookie, count / parts, 100 + part);
    for (const [status, times] of Object.entries(statuses)) seen[status] = (seen[status] ?? 0) + times;
    failures.push(...failed.map(({ route, method, body }) => `${method} ${route} ${body?.toString().slice(0, 900)}`));
    global.gc?.();
    heap.push(process.memoryUsage().heapUsed / 2 ** 20);
  }
  const faults = log.filter((line) => line.includes('request failed'));
  expect({ failures: failures.slice(0, 5), faults: faults.slice(0, 5) }).toEqual({ failures: [], faults: [] });
  expect(Object.keys(seen).every((status) => Number(status) < 500)).toBe(true);
  // Most of them get past the door and are refused for what they hold.
  expect((seen[422] ?? 0) + (seen[400] ?? 0)).toBeGreaterThan(count / 4);
  expect((heap.at(-1) as number) - (heap[1] as number)).toBeLessThan(80);
  expect((await fetch(`${server.url}/api/ready`)).status).toBe(200);
});

it('nothing of all that is in the log: no tokens, no passwords, no words on health, no parameters', () => {
  const lines = log.join('');
  expect(log.length).toBeGreaterThan(count / 2);
  const secrets = [laid.session.token, cookie.split('=')[1] as string, password, reason, 'cruciate', club.athleteId];
  for (const secret of [...secrets, laid.session.id, club.email, 'drop table', 'evil.example'])
    expect(lines.includes(secret), secret).toBe(false);
});
