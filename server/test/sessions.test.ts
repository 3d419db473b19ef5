import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Caller, type Club, freshDatabase, layClub, type RunningServer, runServer, today } from './club';
import { draft, logged, sentSession } from './samples';

let server: RunningServer;
let club: Club;
let coach: Caller;

beforeAll(async () => {
  const urls = await freshDatabase();
  club = await layClub(urls.adminUrl, 'club');
  server = await runServer(urls.appUrl);
  coach = await new Caller(server.url).signIn(club.email);
});
afterAll(() => server.stop());

const briefOf = async () => (await coach.call('GET', `/athletes/${club.athleteId}`)).body.brief;
const write = async (on: string, changes: object = {}) =>
  coach.call('POST', `/athletes/${club.athleteId}/sessions`, {
    brief: { ...(await briefOf()), date: on },
    draft,
    ...changes,
  });

describe('athletes', () => {
  it('are added by the rules of the brief, every fault named, nothing half-written', async () => {
    const before = (await coach.call('GET', '/squads')).body.athletes.length;
    const bad = await coach.call('POST', '/athletes', {
      name: 'Bad One',
      squadId: club.squadId,
      athlete: { heightCm: 17, massKg: 60, born: 'soon' },
    });
    expect(bad.status).toBe(422);
    expect(bad.body.error.faults.map((f: { path: string }) => f.path)).toEqual(
      expect.arrayContaining(['athlete.heightCm', 'athlete.born']),
    );
    expect((await coach.call('GET', '/squads')).body.athletes).toHaveLength(before);
  });

  it('keep kit, minutes and restrictions', async () => {
    const kit = {
      items: [{ kind: 'bottle', volumeL: 2, fill: 'water' }],
      anchors: ['post'],
      partner: true,
      room: { lengthM: 4, widthM: 3, ceilingM: 2.6, wall: false, stairs: true, slidingFloor: false, quiet: true },
    };
    const restrictions = [{ region: 'knee', side: 'left', severity: 'limit', reason: 'sore', until: '2027-01-01' }];
    expect(
      (await coach.call('PATCH', `/athletes/${club.athleteId}`, { minutes: 20, kit, athlete: { restrictions } }))
        .status,
    ).toBe(204);
    expect(await briefOf()).toMatchObject({ minutes: 20, kit, athlete: { restrictions } });
    await coach.call('PATCH', `/athletes/${club.athleteId}`, { minutes: 30, athlete: { restrictions: [] } });
    expect(await briefOf()).toMatchObject({ minutes: 30, kit, athlete: { restrictions: [] } });
  });

  it('the brief knows where the day stands in the season', async () => {
    expect((await briefOf()).season).toMatchObject({ nextFixture: '2026-12-12' });
  });
});

describe('a list of athletes', () => {
  const one = (name: string, changes: object = {}) => ({
    ...{ name, role: 'wing' },
    athlete: { heightCm: 170, massKg: 60, born: '2004-04-04', level: 'beginner', ...changes },
  });

  it('is added whole with its squad, or not at all', async () => {
    const newSquad = { name: 'Juniors', sportId: 'handball' };
    const wrong = await coach.call('POST', '/athlete-lists', {
      newSquad,
      athletes: [one('Right'), one('Wrong', { heightCm: 17 })],
    });
    expect(wrong.status).toBe(422);
    expect(wrong.body.error.faults[0].path).toBe('athletes[1].athlete.heightCm');
    const names = async () => (await coach.call('GET', '/squads')).body.squads.map((s: { name: string }) => s.name);
    expect(await names()).not.toContain('Juniors');
    const added = await coach.call('POST', '/athlete-lists', { newSquad, athletes: [one('Ida Moe'), one('Eva Moe')] });
    expect([added.status, added.body.ids.length]).toEqual([201, 2]);
    expect(await names()).toContain('Juniors');
    expect((await coach.call('POST', '/athlete-lists', { newSquad, athletes: [] })).status).toBe(422);
  });
});

describe('sessions', () => {
  it('are stored with the plan that the core works out', async () => {
    const { status, body } = await write('2026-12-10');
    expect(status).toBe(201);
    expect(body).toMatchObject({ revision: 1, status: 'draft', plan: { format: 'tropaeum-plan/1' } });
    expect(body.plan.blocks.map((b: { kind: string }) => b.kind)).toEqual(['strength', 'trunk']);
  });

  it('one a day: the second is told of the first', async () => {
    const first = await write('2026-12-11');
    const second = await write('2026-12-11');
    expect(second.status).toBe(409);
    expect(second.body.error.faults[0].message).toBe(first.body.id);
  });

  it('a save over an older revision is refused and changes nothing', async () => {
    const { body: session } = await write('2026-12-13');
    const brief = await briefOf();
    const changed = { groups: draft.groups.slice(0, 1) };
    const first = await coach.call('PUT', `/sessions/${session.id}`, {
      brief: { ...brief, date: '2026-12-13' },
      draft: changed,
      revision: 1,
    });
    expect(first.body.revision).toBe(2);
    const late = await coach.call('PUT', `/sessions/${session.id}`, {
      brief: { ...brief, date: '2026-12-13' },
      draft,
      revision: 1,
    });
    expect(late.status).toBe(409);
    expect((await coach.call('GET', `/sessions/${session.id}`)).body.draft.groups).toHaveLength(1);
  });

  it.each([
    ['no draft', { draft: undefined }, 'draft'],
    [
      'an unknown variant',
      { draft: { groups: [{ ...draft.groups[0], choices: [{ variant: 'cartwheel', dose: {}, pinned: false }] }] } },
      'draft.groups[0].choices[0].variant',
    ],
    ['a brief without athlete', { brief: { date: '2026-12-14' } }, 'brief.athlete'],
  ])('with %s are refused, the path named', async (_, changes, path) => {
    const answer = await write('2026-12-14', changes);
    expect(answer.status).toBe(422);
    expect(answer.body.error.faults.map((f: { path: string }) => f.path).join(' ')).toContain(path);
  });

  it('an address that is no id belongs to nothing', async () => {
    expect((await coach.call('GET', "/sessions/1'; drop table sessions")).status).toBe(404);
    expect((await coach.call('GET', '/athletes/undefined')).status).toBe(404);
    expect((await coach.call('GET', '/nothing-here')).status).toBe(404);
  });
});

describe('what the athlete sends', () => {
  let session: { id: string; token: string };
  const phone = () => new Caller(server.url);
  const send = (logs: object[]) => phone().call('POST', `/link/${session.token}/logs`, { sessionId: session.id, logs });
  const done = async () =>
    (await phone().call('GET', `/link/${session.token}`)).body.logs as { id: string; amount: number }[];

  beforeAll(async () => {
    session = await sentSession(coach, club);
  });

  it('the link opens the session of the day, and the outbox holds it', async () => {
    const { body } = await phone().call('GET', `/link/${session.token}`);
    expect(body).toMatchObject({
      athlete: { name: 'Athlete of club' },
      session: { id: session.id, on: today },
      reported: false,
    });
    const { body: outbox } = await coach.call('GET', '/outbox');
    expect(outbox.messages[0]).toMatchObject({ sessionId: session.id, linkEnded: null });
    expect(outbox.messages[0].deliveredAt).not.toBeNull();
    expect(outbox.messages[0].linkUntil > today).toBe(true);
  });

  it('may arrive twice and late and is there once', async () => {
    const [a, b] = [logged(), logged({ setNumber: 2 })];
    expect((await send([a, b])).body.kept).toEqual([a.id, b.id]);
    await send([b]);
    await Promise.all([send([a]), send([a, b]), send([b])]);
    expect(await done()).toHaveLength(2);
  });

  it('a number put right replaces the old one', async () => {
    const [first] = await done();
    await send([logged({ id: first?.id, amount: 6 })]);
    expect((await done()).find((l) => l.id === first?.id)?.amount).toBe(6);
    expect(await done()).toHaveLength(2);
  });

  it.each([
    ['no id', { id: undefined }, 'id'],
    ['a negative amount', { amount: -1 }, 'amount'],
    ['a side that is none', { side: 'top' }, 'side'],
    ['a novel for a note', { note: 'x'.repeat(5000) }, 'note'],
    ['a day for a moment', { doneAt: 'yesterday-ish' }, 'doneAt'],
  ])('with %s is refused and nothing of the batch kept', async (_, changes, field) => {
    const before = (await done()).length;
    const answer = await send([logged(), logged(changes)]);
    expect(answer.status).toBe(422);
    expect(answer.body.error.faults[0].path).toBe(`logs[1].${field}`);
    expect(await done()).toHaveLength(before);
  });

  it('effort and pain end the session; the coach sees it with proposals, and the word of the coach stays', async () => {
    await send([
      logged({ variant: 'side-plank', side: 'left', amount: 20 }),
      logged({ variant: 'side-plank', side: 'right', amount: 20 }),
    ]);
    const report = {
      sessionId: session.id,
      effort: 7,
      minutes: 31,
      pain: [{ region: 'shoulder', side: 'right', score: 4 }],
      note: 'Tight.',
      finishedAt: '2026-12-09T18:40:00Z',
    };
    expect((await phone().call('POST', `/link/${session.token}/report`, report)).status).toBe(204);
    expect((await phone().call('POST', `/link/${session.token}/report`, report)).status).toBe(204);
    const { body } = await coach.call('GET', `/sessions/${session.id}/return`);
    expect(body).toMatchObject({ session: { status: 'done' }, report: { effort: 7, note: 'Tight.' } });
    expect(body.items.map((i: { proposal: { move: string } }) => i.proposal.move)).toEqual(['down', 'down']);
    expect(
      (await coach.call('POST', `/sessions/${session.id}/decisions`, { variant: 'push-up', decided: 'stop' })).status,
    ).toBe(204);
    const { body: after } = await coach.call('GET', `/sessions/${session.id}/return`);
    expect(after.decisions).toEqual([{ variant: 'push-up', proposed: 'down', decided: 'stop', overruled: true }]);
    // A decision that may be done carries the dose it comes to; the next brief has it.
    await coach.call('POST', `/sessions/${session.id}/decisions`, { variant: 'push-up', decided: 'same' });
    const { body: kept } = await coach.call('GET', `/sessions/${session.id}/return`);
    expect(kept.decisions[0]).toMatchObject({ decided: 'same', next: { sets: 2, counts: 'reps' } });
  });

  it('a done session is not written over', async () => {
    const { body } = await coach.call('GET', `/sessions/${session.id}`);
    const answer = await coach.call('PUT', `/sessions/${session.id}`, {
      brief: body.brief,
      draft,
      revision: body.revision,
    });
    expect(answer.status).toBe(409);
  });

  it('what is not a decision, or not in the session, is refused', async () => {
    const decide = (variant: string, decided: string) =>
      coach.call('POST', `/sessions/${session.id}/decisions`, { variant, decided });
    expect((await decide('push-up', 'sideways')).status).toBe(422);
    expect((await decide('squat', 'up')).status).toBe(422);
  });
});
