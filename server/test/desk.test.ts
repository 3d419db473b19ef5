import type { DeskEntry } from '@tropaeum/core/desk/entry';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Caller, type Club, freshDatabase, layClub, type RunningServer, runServer } from './club';
import { logged, sentSession } from './samples';

let server: RunningServer;
let club: Club;
let coach: Caller;
let phone: Caller;

beforeAll(async () => {
  const urls = await freshDatabase();
  club = await layClub(urls.adminUrl, 'club');
  server = await runServer(urls.appUrl);
  coach = await new Caller(server.url).signIn(club.email);
  phone = new Caller(server.url);
});
afterAll(() => server.stop());

type Session = Awaited<ReturnType<typeof sentSession>>;

/** Both exercises of a session as a phone logs them: so many repetitions with so many left. */
const setsOf = (amount = 8, reserve = 2) => [
  ...[1, 2].map((setNumber) => logged({ setNumber, amount, reserve })),
  ...(['left', 'right'] as const).map((side) => logged({ variant: 'side-plank', side, amount: 20 })),
];
const send = (session: Session, logs: object[]) =>
  phone.call('POST', `/link/${session.token}/logs`, { sessionId: session.id, logs });
const report = (session: Session, changes: object = {}) =>
  phone.call('POST', `/link/${session.token}/report`, {
    ...{ sessionId: session.id, effort: 6, minutes: 30, pain: [], finishedAt: '2026-12-09T18:30:00Z' },
    ...changes,
  });
/** A session of a day, done. */
async function done(on: string, logs: object[] = setsOf(), changes: object = {}): Promise<Session> {
  const session = await sentSession(coach, club, on);
  await send(session, logs);
  await report(session, changes);
  return session;
}
const desk = async () => (await coach.call('GET', '/desk')).body as { entries: DeskEntry[]; offered: object[] };
const entryOf = async (session: Session) => (await desk()).entries.find((e) => e.session === session.id);
const decide = (decisions: object[]) => coach.call('POST', '/desk/decisions', { decisions });
const recent = async () => (await coach.call('GET', `/athletes/${club.athleteId}`)).body.brief.season.recent ?? [];

describe('results that come to the desk', () => {
  let session: Session;

  it('are proposals once the report is there, and gone once decided', async () => {
    session = await done('2026-12-01');
    const entry = await entryOf(session);
    expect(entry).toMatchObject({ kind: 'proposals', safe: true });
    const answer = await decide(
      (entry?.decisions ?? []).map(({ variant, decided }) => ({
        ...{ sessionId: session.id, variant, decided, proposed: decided },
      })),
    );
    expect(answer.body.before.every((one: { decided: null }) => one.decided === null)).toBe(true);
    expect(await entryOf(session)).toBeUndefined();
    // What was decided is in the next brief with its dose, whichever way a session is begun from it.
    const [last] = await recent();
    expect(last).toMatchObject({
      date: '2026-12-01',
      items: [
        { variant: 'push-up', decided: 'same', next: { sets: 2, amount: 8, counts: 'reps' } },
        { variant: 'side-plank', decided: 'same', next: { amount: 20, counts: 'hold' } },
      ],
    });
    // Undone, it is there again and the brief says nothing.
    await decide(answer.body.before);
    expect(await entryOf(session)).toMatchObject({ kind: 'proposals' });
    expect((await recent())[0].items[0]).not.toHaveProperty('decided');
  });

  it('sets that come twice, late or out of order change nothing that they do not say', async () => {
    const sets = setsOf(10, 4);
    const second = await sentSession(coach, club, '2026-12-03');
    await send(second, [sets[3], sets[1]] as object[]);
    await report(second);
    await send(second, [sets[0], sets[1], sets[2]] as object[]);
    await send(second, sets);
    const whole = await entryOf(second);
    const { body } = await coach.call('GET', `/sessions/${second.id}/return`);
    expect(body.items[0].done.map((set: { amount: number }) => set.amount)).toEqual([10, 10]);
    expect(whole?.decisions.map(({ variant }) => variant).sort()).toEqual(['push-up', 'side-plank']);
    // Sets of the session before that come after this one are counted there.
    await send({ ...session, token: second.token }, [logged({ setNumber: 3, amount: 8 })]);
    expect((await coach.call('GET', `/sessions/${session.id}/return`)).body.items[0].done).toHaveLength(3);
  });

  it('pain that is told after a decision comes back, with what is proposed now', async () => {
    const third = await done('2026-12-05', setsOf(10, 4));
    const entry = await entryOf(third);
    await decide((entry?.decisions ?? []).map(({ variant }) => ({ sessionId: third.id, variant, decided: 'up' })));
    expect(await entryOf(third)).toBeUndefined();
    await report(third, { pain: [{ region: 'shoulder', side: 'right', score: 7 }] });
    const after = (await desk()).entries.filter((e) => e.session === third.id);
    expect(after[0]).toMatchObject({ kind: 'changed', safe: false });
    expect(after[0]?.evidence.join(' ')).toContain('right shoulder 7');
    expect(after[0]?.decisions.find(({ variant }) => variant === 'push-up')?.decided).toBe('stop');
    // What was seen before is refused: the coach has not seen the pain.
    const stale = await decide([{ sessionId: third.id, variant: 'push-up', decided: 'up', proposed: 'up' }]);
    expect(stale.status).toBe(409);
    await decide([{ sessionId: third.id, variant: 'push-up', decided: 'stop', proposed: 'stop' }]);
    expect((await recent()).find(({ date }: { date: string }) => date === '2026-12-05').items[0].decided).toBe('stop');
  });

  it('the morning after decides too', async () => {
    const fourth = await done('2026-12-07', setsOf(), { pain: [{ region: 'shoulder', side: 'left', score: 2 }] });
    const asked = (await phone.call('GET', `/link/${fourth.token}`)).body.morning;
    expect(asked).toMatchObject({ sessionId: fourth.id, on: '2026-12-07' });
    const quiet = (await entryOf(fourth))?.kind;
    const answer = await phone.call('POST', `/link/${fourth.token}/morning`, {
      sessionId: fourth.id,
      pain: [{ region: 'shoulder', side: 'left', score: 5 }],
    });
    expect(answer.status).toBe(204);
    expect(quiet).toBe('proposals');
    expect(await entryOf(fourth)).toMatchObject({ kind: 'pain', headline: 'Left shoulder 5 of 10' });
    expect((await phone.call('GET', `/link/${fourth.token}`)).body.morning).toBeNull();
    const wrong = await phone.call('POST', `/link/${fourth.token}/morning`, {
      sessionId: fourth.id,
      pain: [{ region: 'shoulder', score: 12 }],
    });
    expect([wrong.status, wrong.body.error.faults[0].path]).toEqual([422, 'pain[0].score']);
  });

  it('a session that was changed after it went out keeps what was logged of it', async () => {
    const fifth = await sentSession(coach, club, '2026-12-08');
    const { body } = await coach.call('GET', `/sessions/${fifth.id}`);
    const draft = { ...body.draft, groups: body.draft.groups.slice(0, 1) };
    const saved = await coach.call('PUT', `/sessions/${fifth.id}`, {
      brief: body.brief,
      draft,
      revision: body.revision,
    });
    expect(saved.status).toBe(200);
    expect((await send(fifth, setsOf())).status).toBe(200);
    await report(fifth);
    expect((await entryOf(fifth))?.decisions.map(({ variant }) => variant)).toEqual(['push-up']);
    const kept = await coach.call('GET', `/athletes/${club.athleteId}/export.json`);
    expect(kept.body.sets.filter((set: { sessionId: string }) => set.sessionId === fifth.id)).toHaveLength(4);
  });
});

describe('what is done at the desk', () => {
  it('puts off until a day, or away, and takes back', async () => {
    const [entry] = (await desk()).entries;
    const marks = (until: string | null) => ({ entries: [{ athlete: entry?.athlete, key: entry?.key, until }] });
    const isThere = async () => (await desk()).entries.some(({ key }) => key === entry?.key);
    for (const until of ['2026-12-10', null]) {
      expect((await coach.call('POST', '/desk/marks', marks(until))).status).toBe(204);
      expect(await isThere()).toBe(false);
      expect((await coach.call('POST', '/desk/marks/removal', marks(until))).status).toBe(204);
      expect(await isThere()).toBe(true);
    }
    const wrong = await coach.call('POST', '/desk/marks', marks('tomorrow'));
    expect([wrong.status, wrong.body.error.faults[0].path]).toEqual([422, 'entries[0].until']);
  });

  it('writes to an athlete, and refuses nothing but words', async () => {
    expect((await coach.call('POST', `/athletes/${club.athleteId}/messages`, { body: 'How are you?' })).status).toBe(
      204,
    );
    const { messages } = (await coach.call('GET', '/outbox')).body;
    expect(messages[0]).toMatchObject({ body: 'How are you?', sessionId: null });
    expect((await coach.call('POST', `/athletes/${club.athleteId}/messages`, { body: ' ' })).status).toBe(422);
  });

  it('decides on all or on nothing', async () => {
    const [session] = (await desk()).entries.flatMap((e) => e.session ?? []);
    const decided = async () => (await coach.call('GET', `/sessions/${session}/return`)).body.decisions;
    const before = await decided();
    const both = await decide([
      { sessionId: session, variant: 'push-up', decided: 'same' },
      { sessionId: session, variant: 'no-such-exercise', decided: 'same' },
    ]);
    expect(both.status).toBe(422);
    expect(await decided()).toEqual(before);
    expect((await decide([])).status).toBe(422);
    expect((await decide([{ sessionId: session, variant: 'push-up', decided: 'sideways' }])).status).toBe(422);
  });

  it('three decisions alike against a rule are offered as a house rule; taken, proposals follow; let go, they are as before', async () => {
    const ids = ['2026-11-26', '2026-11-28', '2026-11-30'];
    const sessions: Session[] = [];
    for (const on of ids) sessions.push(await done(on, setsOf(8, 5)));
    const proposal = async (session: Session) =>
      (await coach.call('GET', `/sessions/${session.id}/return`)).body.items[0].proposal;
    const last = sessions.at(-1) as Session;
    const { move, by } = await proposal(last);
    const other = move === 'same' ? 'down' : 'same';
    expect((await desk()).offered).toEqual([]);
    // The same rule proposes the same in the last two; the first of a club has another.
    const alike: Session[] = [];
    for (const session of sessions) if ((await proposal(session)).by === by) alike.push(session);
    for (const on of ['2026-11-24', '2026-11-22', '2026-11-20'].slice(0, 3 - alike.length))
      alike.push(await done(on, setsOf(8, 5)));
    for (const session of sessions)
      await decide([{ sessionId: session.id, variant: 'push-up', decided: other, reason: 'Comes from practice.' }]);
    const offered = (await desk()).offered as { rule: string; proposed: string; decided: string }[];
    const rule = offered.find((one) => one.rule === by);
    expect(rule).toMatchObject({ proposed: move, decided: other });
    const put = (instead: object) => coach.call('PUT', '/progress-rules', { instead });
    expect((await put({ [by]: { proposed: move, decided: other } })).status).toBe(204);
    expect((await desk()).offered).toEqual(offered.filter((one) => one.rule !== by));
    expect(await proposal(last)).toMatchObject({ move: other, by });
    expect((await put({})).status).toBe(204);
    expect(await proposal(last)).toMatchObject({ move, by });
    const looser = await put({ 'pain-stop': { proposed: 'stop', decided: 'up' } });
    expect([looser.status, looser.body.error.faults[0].path]).toEqual([422, 'instead.pain-stop']);
    expect((await coach.call('PUT', '/progress-rules', { values: { over: 99 } })).status).toBe(422);
  });

  it('tells how the weeks went', async () => {
    const { mondays, athletes } = (await coach.call('GET', '/weeks')).body;
    expect(mondays).toHaveLength(12);
    const mine = athletes.find(({ id }: { id: string }) => id === club.athleteId);
    const week = mine.weeks.at(-2);
    expect(week).toMatchObject({ from: '2026-11-30', pain: 7 });
    expect(week.load).toBe(6 * 30 * week.done);
    expect(mine.peak.on >= '2026-12-09').toBe(true);
  });
});
