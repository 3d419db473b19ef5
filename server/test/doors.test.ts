import { Client } from 'pg';
import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Caller, type Club, freshDatabase, layClub, password, runServer } from './club';
import { draft, logged, sentSession } from './samples';

let urls: Awaited<ReturnType<typeof freshDatabase>>;
let admin: Client;
let server: Awaited<ReturnType<typeof runServer>>;
let club: Club;
let coach: Caller;

beforeAll(async () => {
  urls = await freshDatabase();
  club = await layClub(urls.adminUrl, 'doors');
  server = await runServer(urls.appUrl);
  coach = await new Caller(server.url).signIn(club.email);
  admin = new Client({ connectionString: urls.adminUrl });
  await admin.connect();
});
afterAll(async () => {
  await admin.end();
  await server.stop();
});

const phone = () => new Caller(server.url);
const newLink = async () =>
  (await coach.call('POST', `/athletes/${club.athleteId}/link`)).body.link.split('/a/')[1] as string;

describe('the link of an athlete', () => {
  let session: { id: string; token: string };
  beforeAll(async () => {
    session = await sentSession(coach, club);
  });

  it('begins with the public address, whatever the request says of its host', async () => {
    const { body } = await coach.call('POST', `/athletes/${club.athleteId}/link`, undefined, {
      host: 'evil.example',
      'x-forwarded-host': 'evil.example',
    });
    expect(body.link).toMatch(/^http:\/\/127\.0\.0\.1:4180\/a\/[\w-]{43}$/);
    session.token = body.link.split('/a/')[1];
  });

  it('is ended by a new one and by the coach, each said in words; sets wait for the next', async () => {
    const first = session.token;
    const second = await newLink();
    const old = await phone().call('GET', `/link/${first}`);
    expect([old.status, old.body.error.message]).toEqual([410, expect.stringContaining('A newer link')]);
    const logs = { sessionId: session.id, logs: [logged()] };
    expect((await phone().call('POST', `/link/${first}/logs`, logs)).status).toBe(410);
    expect((await phone().call('POST', `/link/${second}/logs`, logs)).status).toBe(200);

    expect((await coach.call('DELETE', `/athletes/${club.athleteId}/link`)).status).toBe(204);
    const ended = await phone().call('GET', `/link/${second}`);
    expect([ended.status, ended.body.error.message]).toEqual([410, expect.stringContaining('has ended this link')]);
    expect((await coach.call('DELETE', `/athletes/${club.athleteId}/link`)).status).toBe(404);
    const { messages } = (await coach.call('GET', '/outbox')).body;
    expect(messages.slice(0, 2).map((m: { linkEnded: string }) => m.linkEnded)).toEqual(['coach', 'newer']);
  });

  it('is one, however many are made at once', async () => {
    await Promise.all(Array.from({ length: 8 }, () => coach.call('POST', `/athletes/${club.athleteId}/link`)));
    const open = await admin.query('select count(*)::int as n from athlete_links where ended_at is null');
    expect(open.rows[0].n).toBe(1);
  });

  it('is kept nowhere: neither in its own table nor in messages', async () => {
    const token = await newLink();
    const everything = await admin.query(
      `select string_agg(t::text, ' ') as words from (select * from athlete_links) t
       union all select string_agg(t::text, ' ') from (select * from messages) t`,
    );
    expect(everything.rows.some(({ words }) => words.includes(token))).toBe(false);
    expect(JSON.stringify((await coach.call('GET', '/outbox')).body)).not.toContain(token);
  });

  it('calls so often a minute, and is told when again', async () => {
    const slow = await runServer(urls.appUrl, { linkRate: 5 });
    const token = await newLink();
    const answers = await Promise.all(
      Array.from({ length: 8 }, () => new Caller(slow.url).call('GET', `/link/${token}`)),
    );
    expect(answers.filter((a) => a.status === 200)).toHaveLength(5);
    const refused = answers.find((a) => a.status === 429);
    expect(Number(refused?.headers.get('retry-after'))).toBeGreaterThan(0);
    // Links that are none are counted by address, so that nobody tries them through.
    const guesses = await Promise.all(
      Array.from({ length: 70 }, () => new Caller(slow.url).call('GET', `/link/${v7()}`)),
    );
    expect(guesses.filter((a) => a.status === 404)).toHaveLength(60);
    await slow.stop();
  });

  it('takes sets of what was sent, also where the session was changed after, and of nothing else', async () => {
    const token = await newLink();
    const send = (logs: object[], sessionId = session.id) =>
      phone().call('POST', `/link/${token}/logs`, { sessionId, logs });
    const strange = await send([logged({ variant: 'bent-row' })]);
    expect([strange.status, strange.body.error.faults[0].message]).toEqual([422, '"bent-row" is not in this session']);

    const { body: detail } = await coach.call('GET', `/athletes/${club.athleteId}`);
    const unsent = await coach.call('POST', `/athletes/${club.athleteId}/sessions`, {
      brief: { ...detail.brief, date: '2026-12-21' },
      draft,
    });
    expect((await send([logged()], unsent.body.id)).status).toBe(404);
    const report = { sessionId: unsent.body.id, effort: 5, minutes: 20, pain: [], finishedAt: '2026-12-09T18:30:00Z' };
    expect((await phone().call('POST', `/link/${token}/report`, report)).status).toBe(404);

    const { body: stored } = await coach.call('GET', `/sessions/${session.id}`);
    const fewer = { groups: draft.groups.slice(1) };
    const put = { brief: stored.brief, draft: fewer, revision: stored.revision };
    expect((await coach.call('PUT', `/sessions/${session.id}`, put)).status).toBe(200);
    expect((await send([logged(), logged({ variant: 'side-plank', side: 'left' })])).status).toBe(200);
  });

  it('takes the same set twice in one call as one, the last word', async () => {
    const token = await newLink();
    const one = logged({ amount: 5 });
    const answer = await phone().call('POST', `/link/${token}/logs`, {
      sessionId: session.id,
      logs: [one, { ...one, amount: 7 }],
    });
    expect(answer.status).toBe(200);
    const kept = await admin.query('select amount from set_logs where id = $1', [one.id]);
    expect(kept.rows).toEqual([{ amount: 7 }]);
  });

  it('fills a session so far and no further, and what was too much leaves nothing behind', async () => {
    const token = await newLink();
    const many = () => Array.from({ length: 200 }, () => logged());
    const before = (await admin.query('select count(*)::int as n from set_logs')).rows[0].n;
    const statuses: number[] = [];
    for (let i = 0; i < 6; i++)
      statuses.push(
        (await phone().call('POST', `/link/${token}/logs`, { sessionId: session.id, logs: many() })).status,
      );
    expect(statuses).toContain(422);
    const after = (await admin.query('select count(*)::int as n from set_logs')).rows[0].n;
    expect(after - before).toBe(200 * statuses.filter((status) => status === 200).length);
    expect(after).toBeLessThanOrEqual(1000);
  });
});

describe('calendars that are given out', () => {
  it('are listed, end one by one, and run out; the list opens nothing', async () => {
    const make = async () => (await coach.call('POST', `/squads/${club.squadId}/calendar-links`, {})).body;
    const [first, second] = [await make(), await make()];
    expect((await coach.call('GET', `${second.path.slice(4)}x`)).status).toBe(404);
    const read = await fetch(`${server.url}${second.path}`);
    expect(read.status).toBe(200);
    const { links } = (await coach.call('GET', `/squads/${club.squadId}/calendar-links`)).body;
    expect(links.map((link: { id: string }) => link.id)).toEqual([second.id, first.id]);
    expect(links[0].readAt).not.toBeNull();
    expect(JSON.stringify(links)).not.toContain(second.path.slice(15, -4));

    expect((await coach.call('DELETE', `/calendar-links/${first.id}`)).status).toBe(204);
    expect((await fetch(`${server.url}${first.path}`)).status).toBe(404);
    expect((await fetch(`${server.url}${second.path}`)).status).toBe(200);
    await admin.query("update calendar_links set expires_at = now() - interval '1 minute' where id = $1", [second.id]);
    expect((await fetch(`${server.url}${second.path}`)).status).toBe(404);
  });
});

describe('signing in', () => {
  const enter = (email: string, word: string, at = server.url, headers: Record<string, string> = {}) =>
    new Caller(at).call('POST', '/sign-in', { email, password: word }, headers);

  it('fails so often for one account, on every server alike, and is told when again', async () => {
    const other = await runServer(urls.appUrl);
    const wrong = await Promise.all(
      Array.from({ length: 14 }, (_, i) => enter('guessed@doors.example', 'wrong', i % 2 ? other.url : server.url)),
    );
    expect(wrong.filter((a) => a.status === 401)).toHaveLength(10);
    const refused = wrong.find((a) => a.status === 429);
    expect(Number(refused?.headers.get('retry-after'))).toBeGreaterThan(60);
    // Another account is another count.
    expect((await enter(club.email, password)).status).toBe(204);
    await other.stop();
  });

  it('that works has failed at nothing: right ones are not counted up', async () => {
    for (let i = 0; i < 15; i++) expect((await enter(club.email, password)).status).toBe(204);
  });

  it('is counted by the address a proxy of ours names, and by no other', async () => {
    const behind = await runServer(urls.appUrl, { proxies: 1 });
    const from = (address: string, i: number) =>
      enter(`n${i}@doors.example`, 'wrong', behind.url, { 'x-forwarded-for': address });
    const many = await Promise.all(Array.from({ length: 55 }, (_, i) => from(`7.7.7.7, 203.0.113.5`, i)));
    expect(many.filter((a) => a.status === 429)).toHaveLength(5);
    // What the stranger wrote before the proxy's own word makes nobody else.
    expect((await from('8.8.8.8, 203.0.113.5', 90)).status).toBe(429);
    expect((await from('203.0.113.6', 91)).status).toBe(401);
    await behind.stop();
  });

  it('goes by an encrypted cookie of this host alone where the public address is encrypted', async () => {
    const secure = await runServer(urls.appUrl, { publicUrl: 'https://strength.club.example' });
    const answer = await enter(club.email, password, secure.url);
    expect(answer.headers.get('set-cookie')).toMatch(
      /^__Host-tropaeum_sign_in=[\w-]{43}; path=\/; expires=.*; samesite=lax; secure; httponly$/i,
    );
    expect(answer.headers.get('strict-transport-security')).toContain('max-age');
    const cookie = answer.headers.get('set-cookie')?.split(';')[0] as string;
    expect((await new Caller(secure.url).call('GET', '/me', undefined, { cookie })).status).toBe(200);
    await secure.stop();
  });

  it('what has run out is taken away', async () => {
    await admin.query("update sign_ins set expires_at = now() - interval '1 day'");
    await admin.query("update athlete_links set ended_at = now() - interval '61 days' where ended_at is not null");
    await admin.query('update rate_limits set expire = 1');
    const app = new Client({ connectionString: urls.appUrl });
    await app.connect();
    expect(Number((await app.query('select gone from door_purge()')).rows[0].gone)).toBeGreaterThan(3);
    await app.end();
    for (const table of ['sign_ins', 'rate_limits', 'calendar_links'])
      expect((await admin.query(`select count(*)::int as n from ${table}`)).rows[0].n, table).toBe(0);
    const { rows } = await admin.query('select count(*)::int as n from athlete_links');
    expect(rows[0].n).toBe(1);
  });
});
