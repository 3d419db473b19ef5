import type { Restriction } from '@tropaeum/core/athlete/athlete';
import { writeSport } from '@tropaeum/core/formats/sport';
import { emptyOwnSeason, emptySeason } from '@tropaeum/core/season/plan/season-plan';
import type { SportProfile } from '@tropaeum/core/sport/profile';
import { sportById } from '@tropaeum/core/sport/sports';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { type Answer, Caller, type Club, freshDatabase, layClub, type RunningServer, runServer } from './club';
import { draft } from './samples';

/** So often two coaches do the same thing at the same moment. */
const rounds = 30;

let server: RunningServer;
let club: Club;
let coach: Caller;
const path = () => `/athletes/${club.athleteId}`;

beforeAll(async () => {
  const { adminUrl, appUrl } = await freshDatabase();
  club = await layClub(adminUrl, 'pairs');
  server = await runServer(appUrl);
  coach = await new Caller(server.url).signIn(club.email);
});
afterAll(() => server.stop());

const statuses = (answers: Answer[]) => answers.map(({ status }) => status).sort();
const both = (a: Promise<Answer>, b: Promise<Answer>) => Promise.all([a, b]);
/** One was taken, the other was told why not in words; which is which. */
function oneOf(answers: Answer[], good: number): Answer {
  expect(statuses(answers)).toEqual([good, 409]);
  const refused = answers.find(({ status }) => status === 409);
  expect(refused?.body.error.message).toMatch(/\w+ \w+ \w+/);
  return answers.find(({ status }) => status === good) as Answer;
}

describe('two coaches at the same moment', () => {
  it('who change different things of an athlete both have their way', async () => {
    for (let i = 0; i < rounds; i++) {
      const before = (await coach.call('GET', path())).body.brief;
      const kit = { ...before.kit, items: [{ kind: 'dumbbell', massKg: 5 + i }] };
      const minutes = 20 + i;
      const answers = await Promise.all([
        coach.call('PATCH', path(), { minutes, was: { minutes: before.minutes } }),
        coach.call('PATCH', path(), { kit, was: { kit: before.kit } }),
        coach.call('PATCH', path(), {
          athlete: { heightCm: 170 + i },
          was: { athlete: { heightCm: before.athlete.heightCm } },
        }),
      ]);
      expect(statuses(answers), JSON.stringify(answers.map((a) => a.body))).toEqual([204, 204, 204]);
      const { brief } = (await coach.call('GET', path())).body;
      expect(brief).toMatchObject({ minutes, kit, athlete: { heightCm: 170 + i } });
    }
  });

  it('who change the same of an athlete: one is kept, the other told', async () => {
    for (let i = 0; i < rounds; i++) {
      const { minutes } = (await coach.call('GET', path())).body.brief;
      const [a, b] = [20 + 2 * i, 21 + 2 * i].map((wanted) => (wanted === minutes ? 100 : wanted)) as [number, number];
      const answers = await both(
        coach.call('PATCH', path(), { minutes: a, was: { minutes } }),
        coach.call('PATCH', path(), { minutes: b, was: { minutes } }),
      );
      const kept = oneOf(answers, 204) === answers[0] ? a : b;
      expect((await coach.call('GET', path())).body.brief.minutes).toBe(kept);
    }
  });

  describe('and restrictions', () => {
    const restriction = (region: string, i: number, severity = 'limit'): Restriction =>
      ({ region, severity, cause: 'overuse', reason: `round ${i}`, setBy: 'coach' }) as Restriction;
    const change = (now: Restriction[], was: Restriction[]) =>
      coach.call('PATCH', path(), { athlete: { restrictions: now }, was: { athlete: { restrictions: was } } });
    const standing = async (): Promise<Restriction[]> =>
      (await coach.call('GET', path())).body.brief.athlete.restrictions;
    beforeEach(async () => {
      await coach.call('PATCH', path(), { athlete: { restrictions: [] } });
    });

    it('that are put down at once all stand, each written down once', async () => {
      for (let i = 0; i < rounds; i++) {
        const was = await standing();
        const but = (region: string) => was.filter((r) => r.region !== region);
        // One writes of the knee, the other of the wrist; both know the list of before.
        const answers = await both(
          change([...but('knee'), restriction('knee', i)], was),
          change([...but('wrist'), restriction('wrist', i)], was),
        );
        expect(statuses(answers)).toEqual([204, 204]);
        const now = await standing();
        expect(now.map(({ region }) => region).sort(), `round ${i}`).toEqual(['knee', 'wrist']);
        expect(now.every((r) => r.reason === `round ${i}`)).toBe(true);
      }
    });

    it('of one place that both change: one is kept, the other told; lifted by both it is gone', async () => {
      for (let i = 0; i < rounds; i++) {
        const old = restriction('ankle', -1);
        await change([old], await standing());
        const answers = await both(
          change([restriction('ankle', i, 'avoid')], [old]),
          change([restriction('ankle', i + 100)], [old]),
        );
        const kept = oneOf(answers, 204) === answers[0] ? `round ${i}` : `round ${i + 100}`;
        const now = await standing();
        expect(now.map((r) => r.reason)).toEqual([kept]);
        // Lifting what somebody has made stricter in the meantime is told, not done.
        expect((await change([], [old])).status).toBe(409);
        expect(statuses(await both(change([], now), change([], now)))).toEqual([204, 204]);
        expect(await standing()).toEqual([]);
      }
    });
  });

  it('who write or move sessions to the same day: one is there, the other told', async () => {
    const { brief } = (await coach.call('GET', path())).body;
    for (let i = 0; i < rounds; i++) {
      const date = new Date(Date.UTC(2027, 0, 1 + 3 * i)).toISOString().slice(0, 10);
      const next = new Date(Date.UTC(2027, 0, 2 + 3 * i)).toISOString().slice(0, 10);
      const add = (on: string) => coach.call('POST', `${path()}/sessions`, { brief: { ...brief, date: on }, draft });
      const answers = await both(add(date), add(date));
      const { body: first } = oneOf(answers, 201);
      // Saved twice from the same revision.
      const save = (on: string, { id, revision }: { id: string; revision: number }) =>
        coach.call('PUT', `/sessions/${id}`, { brief: { ...brief, date: on }, draft, revision });
      const { body: saved } = oneOf(await both(save(date, first), save(date, first)), 200);
      // Moved to the same free day with another one.
      const second = (await add(new Date(Date.UTC(2027, 0, 3 + 3 * i)).toISOString().slice(0, 10))).body;
      const moved = oneOf(await both(save(next, saved), save(next, second)), 200).body;
      expect(moved).toMatchObject({ on: next, brief: { date: next } });
    }
  });

  it('who save a season of a squad or of an athlete: one is kept, the other told', async () => {
    let [squad, own] = [1, 0];
    for (let i = 0; i < rounds; i++) {
      const entry = (name: string) => ({
        ...emptySeason,
        entries: [{ id: name, kind: 'fixture', on: '2026-12-12', name }],
      });
      const at = `/squads/${club.squadId}/season`;
      const save = (name: string) => coach.call('PUT', at, { revision: squad, season: entry(name) });
      const answers = await both(save('a'), save('b'));
      squad = oneOf(answers, 200).body.revision;
      const name = answers[0]?.status === 200 ? 'a' : 'b';
      expect((await coach.call('GET', at)).body.season.entries[0].name).toBe(name);
      const saveOwn = () => coach.call('PUT', `${path()}/season`, { revision: own, season: emptyOwnSeason });
      own = oneOf(await both(saveOwn(), saveOwn()), 200).body.revision;
    }
  });

  it('who change a sport, or add an exercise or a squad of the same name', async () => {
    const profile = writeSport(sportById('handball') as SportProfile);
    let revision = 0;
    for (let i = 0; i < rounds; i++) {
      const save = () => coach.call('PUT', '/sports/handball', { profile, revision });
      revision = oneOf(await both(save(), save()), 200).body.revision;
    }
    expect(revision).toBe(rounds);
  });
});
