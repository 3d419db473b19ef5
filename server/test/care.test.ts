import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Caller, type Club, freshDatabase, layClub, type RunningServer, runServer } from './club';
import { join } from './laid';
import { sentSession } from './samples';

let server: RunningServer;
let club: Club;
let coach: Caller;
let physio: Caller;

const knee = { region: 'knee', side: 'left', severity: 'limit', cause: 'tendon', stage: 2 } as const;
const setBy = 'physiotherapist';

beforeAll(async () => {
  const urls = await freshDatabase();
  club = await layClub(urls.adminUrl, 'club');
  server = await runServer(urls.appUrl);
  coach = await new Caller(server.url).signIn(club.email);
  await join(coach, server.url, 'physio@club.example', 'physio', [], [club.athleteId]);
  physio = await new Caller(server.url).signIn('physio@club.example');
});
afterAll(() => server.stop());

const treated = async () => (await physio.call('GET', `/treated/${club.athleteId}`)).body;
const seen = async () => (await coach.call('GET', `/athletes/${club.athleteId}`)).body;
const put = async (restrictions: object[], words?: string) =>
  physio.call('PUT', `/treated/${club.athleteId}/restrictions`, {
    ...{ was: (await treated()).athlete.restrictions, restrictions },
    ...(words ? { words } : {}),
  });
const change = (was: object[], restrictions: object[], more: object = {}) =>
  coach.call('PATCH', `/athletes/${club.athleteId}`, {
    athlete: { restrictions },
    was: { athlete: { restrictions: was } },
    ...more,
  });

describe('a physio', () => {
  it('sees whom it treats and nobody else, and no route of coaches', async () => {
    const { body } = await physio.call('GET', '/treated');
    expect(body.athletes.map((a: { name: string }) => a.name)).toEqual(['Athlete of club']);
    for (const path of ['/squads', `/athletes/${club.athleteId}`, '/outbox', '/people'])
      expect((await physio.call('GET', path)).status, path).toBe(403);
  });

  it('sets a part with stage, criteria and dates; the coach has it at once, and whose it is', async () => {
    const set = { ...knee, until: '2027-01-20', criteria: 'Ten slow squats without pain on two days.' };
    expect((await put([set])).status).toBe(204);
    const { brief, physios, restrictionChanges } = await seen();
    expect(brief.athlete.restrictions).toEqual([{ ...set, setBy }]);
    expect(physios).toMatchObject([{ region: 'knee', side: 'left', physio: 'physio@club.example' }]);
    expect(restrictionChanges[0]).toMatchObject({ after: { stage: 2 }, by: 'physio@club.example' });
    const { body: list } = await coach.call('GET', '/squads');
    expect(list.athletes[0].restrictions).toHaveLength(1);
  });

  it('is not overruled: a coach makes it stricter, and eases it with no writing of anybody’s', async () => {
    const [set] = (await seen()).brief.athlete.restrictions;
    const release = { region: 'knee', side: 'left', by: 'doctor', on: '2026-12-08', words: 'all of it' };
    for (const looser of [[], [{ ...set, stage: 4 }]]) {
      const refused = await change([set], looser, { releases: [release] });
      expect(refused.status).toBe(422);
      expect(refused.body.error.faults[0].message).toContain('set by physio@club.example, physio; ask for a release');
    }
    const stricter = { ...set, severity: 'avoid' };
    expect((await change([set], [stricter])).status).toBe(204);
    // It stays the physio's.
    expect((await seen()).physios).toHaveLength(1);
    expect((await change([stricter], [])).status).toBe(422);
    expect((await put([{ ...set }], 'back to what I wrote')).status).toBe(204);
  });

  it('is asked for a release, by mail without a word on health, and answers by easing or by saying why not', async () => {
    const ask = { region: 'knee', side: 'left', words: 'two weeks without pain' };
    expect((await coach.call('POST', `/athletes/${club.athleteId}/release-requests`, ask)).status).toBe(201);
    const { mails } = (await coach.call('GET', '/mails')).body;
    const mail = mails.find((m: { to: string; subject: string }) => m.subject === 'Release requested');
    expect(mail.to).toBe('physio@club.example');
    expect(mail.text).not.toMatch(/knee|Athlete of/);
    const open = (await physio.call('GET', '/treated')).body.athletes[0].requests;
    expect(open).toMatchObject([{ words: 'two weeks without pain', askedBy: 'Coach of club' }]);
    await physio.call('POST', `/release-requests/${open[0].id}/answer`, { words: 'one more week' });
    expect((await seen()).releaseRequests[0].answer).toBe('one more week');
    await coach.call('POST', `/athletes/${club.athleteId}/release-requests`, ask);
    const [set] = (await treated()).athlete.restrictions;
    expect((await put([{ ...set, stage: 3 }], 'single-leg work from now on')).status).toBe(204);
    const { releaseRequests, restrictionChanges, brief } = await seen();
    expect(brief.athlete.restrictions[0].stage).toBe(3);
    expect(releaseRequests.map((r: { answer: string }) => r.answer)).toEqual([
      'single-leg work from now on',
      'one more week',
    ]);
    expect(restrictionChanges[0].release).toMatchObject({ by: setBy, words: 'single-leg work from now on' });
  });

  it('changes what is on the phone at once: adapted where it may be, withheld where it holds what is not allowed', async () => {
    const before = (await treated()).athlete.restrictions;
    await put([], 'all of it is well');
    const { id, token } = await sentSession(coach, club);
    const phone = async () => (await new Caller(server.url).call('GET', `/link/${token}`)).body;
    await put([{ region: 'calf', side: 'left', severity: 'limit', cause: 'overuse' }]);
    const adapted = await phone();
    expect(adapted.session.id).toBe(id);
    expect(adapted.session.plan.limits.map((l: { part: string }) => l.part)).toContain('left calf');
    expect(adapted.withheld).toBeUndefined();
    await put([{ region: 'shoulder', side: 'both', severity: 'avoid', cause: 'tendon' }]);
    expect(await phone()).toMatchObject({ session: null, withheld: true });
    await put([], 'shoulder is well');
    expect((await phone()).session.id).toBe(id);
    await put(before);
  });

  it('enters tests, and nothing else of the athlete', async () => {
    const body = { athlete: { tests: [{ variant: 'single-leg-calf-raise', maxReps: 21, side: 'left' }], massKg: 20 } };
    expect((await physio.call('PUT', `/treated/${club.athleteId}/tests`, body)).status).toBe(204);
    const { brief } = await seen();
    expect(brief.athlete.tests).toHaveLength(1);
    expect(brief.athlete.massKg).toBe(70);
  });

  it('does not take back what came in the meantime, and is told what is wrong with what it sends', async () => {
    const { restrictions } = (await treated()).athlete;
    const stale = await physio.call('PUT', `/treated/${club.athleteId}/restrictions`, {
      was: [{ ...restrictions[0], stage: 1 }],
      restrictions: [{ ...restrictions[0], stage: 5 }],
    });
    expect(stale.status).toBe(409);
    const wrong = await put([{ region: 'tail', severity: 'limit' }]);
    expect(wrong.body.error.faults[0].path).toContain('restrictions[0].region');
  });

  it('that treats an athlete no longer leaves what it set to releases in writing', async () => {
    const { people } = (await coach.call('GET', '/people')).body;
    const { id } = people.find((p: { role: string }) => p.role === 'physio');
    await coach.call('PATCH', `/people/${id}`, { athleteIds: [] });
    expect((await seen()).physios).toEqual([]);
    const ask = { region: 'knee', side: 'left', words: 'looks well' };
    expect((await coach.call('POST', `/athletes/${club.athleteId}/release-requests`, ask)).status).toBe(409);
    await coach.call('PATCH', `/people/${id}`, { squadIds: [club.squadId] });
    expect((await seen()).physios).toHaveLength(1);
  });

  it('that leaves leaves its restrictions to releases in writing', async () => {
    const { people } = (await coach.call('GET', '/people')).body;
    const { id } = people.find((p: { role: string }) => p.role === 'physio');
    await coach.call('DELETE', `/people/${id}`);
    const { brief, physios } = await seen();
    expect(physios).toEqual([]);
    const release = { region: 'knee', side: 'left', by: 'doctor', on: '2026-12-08', words: 'all of it' };
    expect((await change(brief.athlete.restrictions, [])).status).toBe(422);
    expect((await change(brief.athlete.restrictions, [], { releases: [release] })).status).toBe(204);
  });
});
