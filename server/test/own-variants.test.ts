import { parseDose } from '@tropaeum/core/dose/notation';
import { variantById } from '@tropaeum/core/exercise/library/library';
import { copyAsCustom } from '@tropaeum/core/exercise/model/custom-exercise';
import type { Variant } from '@tropaeum/core/exercise/model/variant';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Caller, type Club, freshDatabase, layClub, type RunningServer, runServer } from './club';

let server: RunningServer;
let club: Club;
let coach: Caller;
let other: Caller;
const copy = copyAsCustom(variantById('push-up') as Variant, 'our-push-up', '3x8 3-1-1');
const ids = async (who: Caller) => (await who.call('GET', '/own-variants')).body.map((v: { id: string }) => v.id);

beforeAll(async () => {
  const urls = await freshDatabase();
  let rivals: Club;
  [club, rivals] = [await layClub(urls.adminUrl, 'club'), await layClub(urls.adminUrl, 'rivals')];
  server = await runServer(urls.appUrl);
  coach = await new Caller(server.url).signIn(club.email);
  other = await new Caller(server.url).signIn(rivals.email);
});
afterAll(() => server.stop());

describe("a club's own exercises", () => {
  it('are kept, changed and removed, and seen by the club alone', async () => {
    expect((await coach.call('POST', '/own-variants', copy)).status).toBe(201);
    expect(await ids(coach)).toEqual(['our-push-up']);
    expect(await ids(other)).toEqual([]);

    expect((await coach.call('PUT', '/own-variants/our-push-up', { ...copy, name: 'Hall push-up' })).status).toBe(204);
    expect((await coach.call('GET', '/own-variants')).body[0]).toMatchObject({
      name: 'Hall push-up',
      dose: '3x8 3-1-1',
    });

    // The same id in another club is another exercise.
    expect((await other.call('POST', '/own-variants', copy)).status).toBe(201);
    expect((await other.call('DELETE', '/own-variants/our-push-up')).status).toBe(204);
    expect(await ids(coach)).toEqual(['our-push-up']);
  });

  it.each([
    ['an empty name', { ...copy, id: 'second', name: '' }, 'name'],
    ['an id that is taken', copy, 'id'],
    ['the id of a shipped exercise', { ...copy, id: 'squat' }, 'id'],
    ['a name of a hundred thousand letters', { ...copy, id: 'second', name: 'x'.repeat(100_000) }, 'name'],
    ['a dose that cannot be read', { ...copy, id: 'second', dose: 'lots' }, 'dose'],
  ])('refuses %s at its field and keeps nothing', async (_, body, path) => {
    const before = await ids(coach);
    const answer = await coach.call('POST', '/own-variants', body);
    expect(answer.status).toBe(422);
    expect(answer.body.error.faults.map((f: { path: string }) => f.path)).toContain(path);
    expect(await ids(coach)).toEqual(before);
  });

  it('refuses a million letters before reading them, and what is not there', async () => {
    const answer = await coach.call('POST', '/own-variants', { ...copy, id: 'second', name: 'x'.repeat(1_000_000) });
    expect(answer.status).toBe(413);
    expect((await coach.call('PUT', '/own-variants/nothing', copy)).status).toBe(404);
    expect((await coach.call('DELETE', '/own-variants/nothing')).status).toBe(404);
  });

  it('come with the brief of every athlete and stand in stored sessions, even when they are taken off the list', async () => {
    await coach.call('POST', '/own-variants', { ...copy, id: 'quay-push-up', name: 'Quay push-up' });
    const { brief } = (await coach.call('GET', `/athletes/${club.athleteId}`)).body;
    expect(brief.own.map((o: { id: string }) => o.id)).toContain('quay-push-up');
    const chosen = { variant: 'quay-push-up', dose: parseDose('2x5 r60'), pinned: true };
    const draft = { groups: [{ block: 'strength', format: 'straight', roundRestSeconds: 0, choices: [chosen] }] };
    const written = await coach.call('POST', `/athletes/${club.athleteId}/sessions`, {
      brief: { ...brief, date: '2026-12-20' },
      draft,
    });
    expect(written.status).toBe(201);
    expect(written.body.plan.blocks[0].items[0]).toMatchObject({ name: 'Quay push-up', drawnAs: 'push-up' });
    await coach.call('DELETE', '/own-variants/quay-push-up');
    const again = await coach.call('GET', `/sessions/${written.body.id}`);
    const put = await coach.call('PUT', `/sessions/${written.body.id}`, {
      brief: again.body.brief,
      draft: again.body.draft,
      revision: again.body.revision,
    });
    expect(put.status).toBe(200);
    const stranger = { ...draft, groups: [{ ...draft.groups[0], choices: [{ ...chosen, variant: 'nobody-knows' }] }] };
    const refused = await coach.call('PUT', `/sessions/${written.body.id}`, {
      brief: again.body.brief,
      draft: stranger,
      revision: put.body.revision,
    });
    expect(refused.status).toBe(422);
  });
});
