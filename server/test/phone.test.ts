import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Caller, type Club, freshDatabase, layClub, runServer } from './club';
import { logged, sentSession } from './samples';

let club: Club;
let coach: Caller;
let server: Awaited<ReturnType<typeof runServer>>;
let session: { id: string; token: string };

beforeAll(async () => {
  const urls = await freshDatabase();
  club = await layClub(urls.adminUrl, 'phone');
  server = await runServer(urls.appUrl);
  coach = await new Caller(server.url).signIn(club.email);
  session = await sentSession(coach, club);
});
afterAll(() => server.stop());

const phone = (method: string, path = '', body?: unknown) =>
  new Caller(server.url).call(method, `/link/${session.token}${path}`, body);
const opened = async () => (await phone('GET')).body;
const send = (...logs: object[]) => phone('POST', '/logs', { sessionId: session.id, logs });
const returned = async () => (await coach.call('GET', `/sessions/${session.id}/return`)).body;

describe('what the phone is given', () => {
  it('holds the next easier and harder exercises, dosed, so that they are there without a network', async () => {
    const { session: given } = await opened();
    const { easier, harder } = given.ways['push-up'];
    expect(easier.sets).toBe(2);
    expect(harder.name).not.toBe(easier.name);
    expect((await opened()).session.ways).toEqual(given.ways);
    expect(given).toMatchObject({ isMinor: false, ceilings: [] });
  });

  it('holds what was sent for days to come, and what is past', async () => {
    const later = await sentSession(coach, club, '2026-12-11');
    session.token = later.token;
    const { ahead, past } = await opened();
    expect(ahead.map(({ id, on }: { id: string; on: string }) => [id, on])).toEqual([[later.id, '2026-12-11']]);
    expect(ahead[0].ways['push-up'].easier).toBeDefined();
    expect(past).toEqual([]);
  });
});

describe('what is done otherwise than planned', () => {
  it('an easier exercise, another load and a set left out arrive once, and are told the coach as such', async () => {
    const { easier } = (await opened()).session.ways['push-up'];
    const sets = [
      logged({ variant: easier.variant, insteadOf: 'push-up', amount: 6 }),
      logged({ setNumber: 2, loadKg: 5 }),
      logged({ variant: 'side-plank', side: 'left', amount: 0, skipped: 'no room' }),
    ];
    expect((await send(...sets)).status).toBe(200);
    expect((await send(...sets)).status).toBe(200);
    const { logs } = await opened();
    expect(logs).toHaveLength(3);
    expect(logs.find((l: { insteadOf?: string }) => l.insteadOf)).toMatchObject({ variant: easier.variant, amount: 6 });
    const { items } = await returned();
    const told = Object.fromEntries(
      items.map((i: { item: { variant: string }; otherwise: string[] }) => [i.item.variant, i.otherwise]),
    );
    expect(told['push-up']).toEqual([`${easier.name} instead`, 'with 5 kg']);
    expect(told['side-plank']).toEqual(['left out: no room']);
  });

  it('is no ground to go on from: what was left out or replaced counts as not done', async () => {
    const report = { sessionId: session.id, effort: 4, minutes: 20, pain: [], finishedAt: '2026-12-09T18:30:00Z' };
    await phone('POST', '/report', report);
    for (const { proposal } of (await returned()).items) expect(proposal.move).not.toBe('up');
  });

  it('which side went better is kept and told the coach, and can be taken back', async () => {
    const report = { sessionId: session.id, effort: 4, minutes: 20, pain: [], finishedAt: '2026-12-09T18:30:00Z' };
    const said = async (betterSide?: string) => (await phone('POST', '/report', { ...report, betterSide })).status;
    expect(await said('left')).toBe(204);
    expect((await returned()).report.betterSide).toBe('left');
    expect(await said()).toBe(204);
    expect((await returned()).report.betterSide).toBeNull();
    expect(await said('upper')).toBe(422);
  });

  it('put right by the phone, a set that was left out is one that was done', async () => {
    const set = logged({ variant: 'side-plank', side: 'right', amount: 0, skipped: 'too tired' });
    await send(set);
    const { skipped: _, ...done } = set as typeof set & { skipped: string };
    await send({ ...done, amount: 15 });
    const { logs } = await opened();
    expect(logs.find(({ id }: { id: string }) => id === set.id)).toEqual({
      ...{ id: set.id, variant: 'side-plank', setNumber: 1, side: 'right', amount: 15 },
    });
  });

  it('of an exercise that was not sent is refused by name; so are a reason and a load that are none', async () => {
    const stranger = await send(logged({ variant: 'push-up', insteadOf: 'no-such-exercise' }));
    expect([stranger.status, stranger.body.error.faults[0].message]).toEqual([
      422,
      '"no-such-exercise" is not in this session',
    ]);
    for (const [change, path] of [
      [{ skipped: 'bored' }, 'logs[0].skipped'],
      [{ loadKg: -1 }, 'logs[0].loadKg'],
    ] as const) {
      const { status, body } = await send(logged(change));
      expect([status, body.error.faults[0].path]).toEqual([422, path]);
    }
  });
});

describe('readiness', () => {
  const tell = (told: object) =>
    phone('POST', '/readiness', { sessionId: session.id, toldAt: '2026-12-09T17:00:00Z', ...told });

  it('is kept as it was said last, and read by the rules', async () => {
    expect((await tell({ sleep: 'usual' })).status).toBe(204);
    expect((await tell({ sleep: 'short', sore: 'very', ill: 'ill' })).status).toBe(204);
    expect((await opened()).readiness).toMatchObject({ sleep: 'short', sore: 'very' });
    const { items, readiness } = await returned();
    expect(readiness).toMatchObject({ sleep: 'short', ill: 'ill' });
    expect(items.every((i: { proposal: { move: string } }) => i.proposal.move !== 'up')).toBe(true);
  });

  it('of another session, or with words that are none, is refused', async () => {
    expect((await tell({ sessionId: v7() })).status).toBe(404);
    const { status, body } = await tell({ sleep: 'deep' });
    expect([status, body.error.faults[0]]).toEqual([
      422,
      { path: 'sleep', message: 'must be one of long, usual, short' },
    ]);
  });
});

describe('what is the own', () => {
  it('a test is kept once a day and side, and known to phone and coach; a value that nobody reaches is named', async () => {
    const give = (told: object) =>
      phone('POST', '/tests', { test: 'side-plank', side: 'left', on: '2026-12-09', ...told });
    expect((await give({ value: 30 })).status).toBe(204);
    expect((await give({ value: 42 })).status).toBe(204);
    const kept = [{ test: 'side-plank', side: 'left', value: 42, on: '2026-12-09' }];
    expect((await opened()).tests).toEqual(kept);
    expect((await coach.call('GET', `/athletes/${club.athleteId}`)).body.athlete.battery).toEqual(kept);
    expect((await returned()).measured).toEqual(['Side plank, left: 42 s']);
    for (const [told, path] of [
      [{ value: 100_000 }, 'value'],
      [{ value: 30, side: undefined }, 'side'],
      [{ value: 30, test: 'juggling' }, 'test'],
    ] as const) {
      const { status, body } = await give(told);
      expect([status, body.error.faults[0].path]).toEqual([422, path]);
    }
  });

  it('a link is kept open for longer by who has it, and not once it was ended', async () => {
    const { linkUntil } = await opened();
    const { body } = await phone('POST', '/renewal');
    expect(Date.parse(body.linkUntil)).toBeGreaterThanOrEqual(Date.parse(linkUntil));
    await coach.call('DELETE', `/athletes/${club.athleteId}/link`);
    expect((await phone('POST', '/renewal')).status).toBe(410);
  });
});
