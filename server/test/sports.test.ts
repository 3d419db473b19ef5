import { writeSport } from '@tropaeum/core/formats/sport';
import type { SportProfile } from '@tropaeum/core/sport/profile';
import { sportById } from '@tropaeum/core/sport/sports';
import { drizzle } from 'drizzle-orm/node-postgres';
import { Client } from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { squads } from '../src/database/schema';
import { Caller, type Club, freshDatabase, layClub, type RunningServer, runServer } from './club';
import { draft } from './samples';

let server: RunningServer;
let club: Club;
let coach: Caller;
let other: Caller;
let adminUrl: string;

const handball = sportById('handball') as SportProfile;
/** Handball as this club plays it: pivots throw more than anything. */
const ours: SportProfile = {
  ...handball,
  actions: handball.actions.map((a) =>
    a.id === 'throw' ? { ...a, asked: { ...a.asked, back: { often: 1, decisive: 1 } } } : a,
  ),
};
const beach: SportProfile = { ...handball, id: 'beach-handball', name: 'Beach handball' };
const put = (who: Caller, profile: unknown, revision: unknown = 0, id = (profile as SportProfile).id) =>
  who.call('PUT', `/sports/${id}`, { profile, revision });
const listed = async (who: Caller) => (await who.call('GET', '/sports')).body.sports;
const briefOf = async () => (await coach.call('GET', `/athletes/${club.athleteId}`)).body.brief;
const write = (date: string, brief: object) =>
  coach.call('POST', `/athletes/${club.athleteId}/sessions`, { brief: { ...brief, date }, draft });

beforeAll(async () => {
  const urls = await freshDatabase();
  adminUrl = urls.adminUrl;
  club = await layClub(urls.adminUrl, 'club');
  const rivals = await layClub(urls.adminUrl, 'rivals');
  server = await runServer(urls.appUrl);
  coach = await new Caller(server.url).signIn(club.email);
  other = await new Caller(server.url).signIn(rivals.email);
});
afterAll(() => server.stop());

describe('a club’s own way of a sport', () => {
  it('overrides the shipped one for its athletes, for nobody else, and can be reset', async () => {
    expect((await briefOf()).sport.profile).toBeUndefined();
    expect((await put(coach, writeSport(ours))).body).toEqual({ revision: 1 });
    expect((await briefOf()).sport.profile).toEqual(ours);
    expect(await listed(other)).toEqual([]);

    const stored = await write('2026-12-15', await briefOf());
    expect(stored.status).toBe(201);
    const asked = stored.body.plan.coverage.find((c: { action: string }) => c.action === 'throw').asked;
    expect(asked).toBeLessThan(0.08);

    expect((await coach.call('DELETE', '/sports/handball')).status).toBe(204);
    expect((await briefOf()).sport.profile).toBeUndefined();
    // What was written keeps the sport it was written for.
    const again = await coach.call('GET', `/sessions/${stored.body.id}`);
    expect(again.body.brief.sport.profile).toEqual(ours);
    expect(again.body.plan).toEqual(stored.body.plan);
  });

  it('is not overwritten by somebody who saw an older one', async () => {
    expect((await put(coach, writeSport(ours))).status).toBe(200);
    expect((await put(coach, writeSport(handball), 1)).body).toEqual({ revision: 2 });
    expect((await put(coach, writeSport(ours), 1)).status).toBe(409);
    expect((await put(coach, writeSport(ours))).status).toBe(409);
    expect((await listed(coach))[0]).toMatchObject({ revision: 2, profile: { id: 'handball' } });
    await coach.call('DELETE', '/sports/handball');
  });

  it.each<[string, unknown, unknown, string]>([
    ['a cut one', undefined, 0, ''],
    ['a foreign one', { format: 'tropaeum-brief/1' }, 0, 'format'],
    ['an older one', { ...writeSport(ours), format: 'tropaeum-sport/0' }, 0, 'format'],
    ['one edited by hand', { ...writeSport(ours), actions: [] }, 0, 'actions'],
    ['one under another id', writeSport(beach), 0, 'id'],
    ['one without the role somebody plays', { ...writeSport(ours), roles: [], actions: [] }, 0, 'roles'],
    ['one without a revision', writeSport(ours), 'first', 'revision'],
  ])('refuses %s at its field and stores nothing', async (_, profile, revision, path) => {
    const answer = await put(coach, profile, revision, 'handball');
    expect(answer.status).toBe(422);
    expect(answer.body.error.faults.map((f: { path: string }) => f.path)).toContain(path);
    expect(await listed(coach)).toEqual([]);
  });

  it('keeps a role that somebody plays, and says who', async () => {
    const without = {
      ...ours,
      roles: ours.roles.filter((r) => r.id !== 'back'),
      actions: ours.actions.map(({ asked: { back: _, ...asked }, ...a }) => ({ ...a, asked })),
      signature: [],
    };
    const answer = await put(coach, writeSport(without as SportProfile));
    expect(answer.body.error.faults).toEqual([
      { path: 'roles', message: 'must keep "back", which Athlete of club plays' },
    ]);
  });
});

describe('a sport that is taken off the list', () => {
  it('goes when nobody plays it', async () => {
    await put(coach, writeSport(beach));
    expect((await coach.call('DELETE', '/sports/beach-handball')).status).toBe(204);
    expect(await listed(coach)).toEqual([]);
    expect((await coach.call('DELETE', '/sports/beach-handball')).status).toBe(404);
  });

  it('stays for those who play it: their sessions open, new ones can be written', async () => {
    await put(coach, writeSport(beach));
    const client = new Client({ connectionString: adminUrl });
    await client.connect();
    await drizzle(client).update(squads).set({ sportId: 'beach-handball' });
    await client.end();
    const before = await write('2026-12-16', await briefOf());
    expect(before.status).toBe(201);

    expect((await coach.call('DELETE', '/sports/beach-handball')).status).toBe(204);
    expect(await listed(coach)).toMatchObject([{ removed: true }]);
    const opened = await coach.call('GET', `/sessions/${before.body.id}`);
    expect(opened.body.plan.coverage).toEqual(before.body.plan.coverage);
    expect((await write('2026-12-17', await briefOf())).status).toBe(201);
    const saved = await coach.call('PUT', `/sessions/${before.body.id}`, {
      brief: opened.body.brief,
      draft,
      revision: opened.body.revision,
    });
    expect(saved.status).toBe(200);
  });
});

describe('what is known of an athlete', () => {
  it('keeps old injuries, tests of each side and moved needs, and gives them to the brief', async () => {
    const known = {
      moved: { throw: 1.5 },
      athlete: {
        history: [{ region: 'ankle', side: 'left', what: 'sprain', on: '2026-04-02' }],
        tests: [{ variant: 'single-leg-calf-raise', maxReps: 19, side: 'left', on: '2026-12-01' }],
      },
    };
    expect((await coach.call('PATCH', `/athletes/${club.athleteId}`, known)).status).toBe(204);
    const brief = await briefOf();
    expect(brief.sport.moved).toEqual(known.moved);
    expect(brief.athlete).toMatchObject(known.athlete);
    // A change of something else leaves them.
    await coach.call('PATCH', `/athletes/${club.athleteId}`, { minutes: 40 });
    expect((await briefOf()).athlete).toMatchObject(known.athlete);
  });

  it.each([
    ['a region nobody has', { athlete: { history: [{ region: 'tail' }] } }, 'athlete.history[0].region'],
    [
      'a test of no exercise',
      { athlete: { tests: [{ variant: 'cartwheel', maxReps: 3 }] } },
      'athlete.tests[0].variant',
    ],
    ['a factor that is a word', { moved: { throw: 'more' } }, 'sport.moved'],
  ])('refuses %s at its field', async (_, change, path) => {
    const answer = await coach.call('PATCH', `/athletes/${club.athleteId}`, change);
    expect(answer.status).toBe(422);
    expect(answer.body.error.faults.map((f: { path: string }) => f.path)).toContain(path);
  });
});

describe('a squad of another sport', () => {
  const rower = {
    name: 'Runa Eide',
    role: 'sweep',
    athlete: { heightCm: 180, massKg: 75, born: '2001-03-04' },
    newSquad: { name: 'Boathouse', sportId: 'rowing' },
  };
  const squadNames = async () => (await coach.call('GET', '/squads')).body.squads.map((s: { name: string }) => s.name);

  it('begins with its first athlete, who is asked what that sport asks', async () => {
    const added = await coach.call('POST', '/athletes', rower);
    expect(added.status).toBe(201);
    expect(await squadNames()).toContain('Boathouse');
    const { brief } = (await coach.call('GET', `/athletes/${added.body.id}`)).body;
    expect(brief.sport).toEqual({ id: 'rowing', role: 'sweep' });
  });

  it.each([
    ['a sport nobody has', { ...rower, newSquad: { name: 'Moon', sportId: 'hopscotch' } }, 'newSquad.sportId'],
    ['a squad without a name', { ...rower, newSquad: { name: ' ', sportId: 'rowing' } }, 'newSquad.name'],
    [
      'a role of another sport',
      { ...rower, role: 'pivot', newSquad: { name: 'Moon', sportId: 'rowing' } },
      'sport.role',
    ],
    [
      'an athlete of no size',
      { ...rower, athlete: {}, newSquad: { name: 'Moon', sportId: 'rowing' } },
      'athlete.heightCm',
    ],
    ['neither squad nor new squad', { ...rower, newSquad: undefined }, 'squadId'],
  ])('%s is refused and no squad is left behind', async (_, body, path) => {
    const answer = await coach.call('POST', '/athletes', body);
    expect(answer.status).toBe(422);
    expect(answer.body.error.faults.map((f: { path: string }) => f.path)).toContain(path);
    expect(await squadNames()).not.toContain('Moon');
  });
});
