import type { Restriction } from '@tropaeum/core/athlete/athlete';
import type { Release } from '@tropaeum/core/limits/release';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { Caller, type Club, freshDatabase, layClub, type RunningServer, runServer } from './club';
import { draft } from './samples';

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

const path = () => `/athletes/${club.athleteId}`;
const known = async (): Promise<Restriction[]> => (await coach.call('GET', path())).body.brief.athlete.restrictions;
const set = (restrictions: unknown[], releases?: Release[]) =>
  coach.call('PATCH', path(), { athlete: { restrictions }, ...(releases ? { releases } : {}) });

const knee: Restriction = {
  region: 'knee',
  side: 'left',
  severity: 'limit',
  cause: 'post-operative-late',
  reason: 'ACL',
  since: '2026-05-02',
  until: '2027-01-15',
  rangeDegrees: [0, 60],
  weightBearing: 'partial',
  stage: 2,
  without: ['kneeling'],
  setBy: 'physiotherapist',
};
const release: Release = {
  region: 'knee',
  side: 'left',
  by: 'physiotherapist',
  on: '2026-12-08',
  words: 'strength without limits',
};

describe('restrictions of an athlete', () => {
  beforeEach(async () => {
    await set([], [{ ...release, region: 'knee' }]);
  });

  it('come back whole, everything that was said of them', async () => {
    expect((await set([knee])).status).toBe(204);
    expect(await known()).toEqual([knee]);
    const [listed] = (await coach.call('GET', '/squads')).body.athletes;
    expect(listed.restrictions).toEqual([knee]);
  });

  it.each<[string, object, string, string]>([
    ['a cause nobody knows', { ...knee, cause: 'bad luck' }, 'athlete.restrictions[0].cause', 'must be one of'],
    ['a region nobody has', { ...knee, region: 'tail' }, 'athlete.restrictions[0].region', 'must be one of'],
    ['a date before birth', { ...knee, since: '1950-01-01' }, 'athlete.restrictions[0].since', 'before the birth'],
    ['an end before its beginning', { ...knee, until: '2026-04-01' }, 'athlete.restrictions[0].until', 'before since'],
    [
      'a range turned round',
      { ...knee, rangeDegrees: [60, 0] },
      'athlete.restrictions[0].rangeDegrees',
      'smaller to the larger',
    ],
    ['a range of one number', { ...knee, rangeDegrees: [60] }, 'athlete.restrictions[0].rangeDegrees', 'two numbers'],
    ['a stage beyond the last', { ...knee, stage: 9 }, 'athlete.restrictions[0].stage', 'from 1 to 5'],
    ['somebody who may not', { ...knee, setBy: 'uncle' }, 'athlete.restrictions[0].setBy', 'must be one of'],
  ])('%s: named, and nothing is stored', async (_, given, at, message) => {
    const answer = await set([given]);
    expect(answer.status).toBe(422);
    expect(answer.body.error.faults[0].path).toBe(at);
    expect(answer.body.error.faults[0].message).toContain(message);
    expect(await known()).toEqual([]);
  });

  it('are loosened by a clinician alone, with a release in writing that is kept', async () => {
    await set([knee]);
    const refused = await set([]);
    expect(refused.status).toBe(422);
    expect(refused.body.error.faults[0].message).toContain('only a clinician');
    expect(await known()).toEqual([knee]);
    // Of another part it releases nothing.
    expect((await set([], [{ ...release, side: 'right' }])).status).toBe(422);
    // Nobody but a clinician releases.
    expect((await set([], [{ ...release, by: 'coach' as Release['by'] }])).body.error.faults[0].path).toBe(
      'releases[0].by',
    );
    // Stricter is the coach's to say.
    expect((await set([{ ...knee, severity: 'avoid' }])).status).toBe(204);
    expect((await set([], [release])).status).toBe(204);
    const [last, before] = (await coach.call('GET', path())).body.restrictionChanges;
    expect(last).toMatchObject({ before: { ...knee, severity: 'avoid' }, release });
    expect(before).toMatchObject({ before: knee, after: { severity: 'avoid' }, release: null });
  });

  it('that came after a session was written still hold when it is sent', async () => {
    const { brief } = (await coach.call('GET', path())).body;
    const created = await coach.call('POST', `${path()}/sessions`, { brief: { ...brief, date: '2026-12-20' }, draft });
    await set([{ region: 'shoulder', side: 'right', severity: 'avoid', cause: 'overuse', setBy: 'coach' }]);
    const refused = await coach.call('POST', `/sessions/${created.body.id}/send`);
    expect(refused.status).toBe(409);
    expect(refused.body.error.message).toContain('Push-up: Right shoulder, avoid');
    await set([]);
    expect((await coach.call('POST', `/sessions/${created.body.id}/send`)).status).toBe(200);
    const sent = (await coach.call('GET', `/sessions/${created.body.id}`)).body;
    expect(sent).toMatchObject({ status: 'sent', revision: created.body.revision });
  });
});
