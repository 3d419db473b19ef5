import { Client } from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Database, isDatabaseAway } from '../src/database/database';
import { Caller, type Club, freshDatabase, layClub, type RunningServer, runServer } from './club';

let server: RunningServer;
let club: Club;
let coach: Caller;
let owner: Client;

beforeAll(async () => {
  const { adminUrl, appUrl } = await freshDatabase();
  club = await layClub(adminUrl, 'steady');
  server = await runServer(appUrl);
  coach = await new Caller(server.url).signIn(club.email);
  owner = new Client({ connectionString: adminUrl });
  await owner.connect();
});
afterAll(async () => {
  await owner.end();
  await server.stop();
});

/** Ends every connection that the server has to the database. */
const endConnections = () =>
  owner.query(
    'select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database() and pid <> pg_backend_pid()',
  );

describe('a database whose connections break', () => {
  it('never ends the server: answers are there or say that it is away, and all is well a moment later', async () => {
    const seen = new Set<number>();
    for (let round = 0; round < 10; round++) {
      const running = Array.from({ length: 8 }, () => coach.call('GET', `/squads/${club.squadId}/season`));
      await endConnections();
      for (const { status, headers } of await Promise.all(running)) {
        seen.add(status);
        if (status === 503) expect(headers.get('retry-after')).toBe('5');
      }
    }
    expect([...seen].filter((status) => status !== 200 && status !== 503)).toEqual([]);
    expect((await coach.call('GET', `/squads/${club.squadId}/season`)).status).toBe(200);
  });

  it('is told apart from our own faults, however deep it lies', () => {
    const broken = Object.assign(new Error('terminating connection'), { code: '57P01' });
    expect(isDatabaseAway(new Error('query failed', { cause: broken }))).toBe(true);
    expect(isDatabaseAway(Object.assign(new Error('connect'), { code: 'ECONNREFUSED' }))).toBe(true);
    expect(isDatabaseAway(Object.assign(new Error('duplicate key'), { code: '23505' }))).toBe(false);
    expect(isDatabaseAway(new Error('undefined is not a function'))).toBe(false);
  });

  it('is said to be away where nothing listens, by the one who asks whether it is ready', async () => {
    const nowhere = new Database('postgres://nobody@127.0.0.1:9/nothing');
    expect(await nowhere.answers()).toBe(false);
    await nowhere.close();
    const anybody = new Caller(server.url);
    expect((await anybody.call('GET', '/ready')).body).toEqual({ ready: true });
    expect((await anybody.call('GET', '/alive')).status).toBe(200);
  });
});

describe('requests that nobody means', () => {
  it.each([
    ['a NUL', JSON.stringify({ email: 'a\0b', password: 'x' }), 400],
    ['half of a pair', '{"email":"\\ud800","password":"x"}', 400],
    ['endless nesting', `${'['.repeat(5000)}${']'.repeat(5000)}`, 400],
    ['no JSON', '{"email":', 400],
    ['a name that is not taken', '{"__proto__":{"a":1},"email":"a@b.example","password":"x"}', 400],
  ])('%s in a body is %s told as such', async (_, body, status) => {
    expect((await new Caller(server.url).call('POST', '/sign-in', body)).status).toBe(status);
  });

  it('an encoding that nobody knows, a broken address, a broken origin are no faults of the server', async () => {
    const anybody = new Caller(server.url);
    const odd = { 'content-encoding': 'odd' };
    expect((await anybody.call('POST', '/sign-in', '{}', odd)).status).toBe(415);
    expect((await anybody.call('GET', '/link/%E0%A4%A')).status).toBe(400);
    expect((await anybody.call('GET', '/link/a%00b')).status).toBe(400);
    expect((await anybody.call('POST', '/sign-in', '{}', { origin: 'not an origin' })).status).toBe(403);
  });

  it('personal answers are kept by nobody in between', async () => {
    const { headers } = await coach.call('GET', `/athletes/${club.athleteId}`);
    expect(headers.get('cache-control')).toBe('no-store');
  });
});
