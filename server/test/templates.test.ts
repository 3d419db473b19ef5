import { defaultHouseRules } from '@tropaeum/core/session/brief/house-rules';
import type { Template } from '@tropaeum/core/session/squad/template';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Caller, type Club, freshDatabase, layClub, type RunningServer, runServer } from './club';
import { template } from './samples';

let server: RunningServer;
let coach: Caller;
let other: Caller;

const listed = async (who: Caller): Promise<(Template & { id: string })[]> =>
  (await who.call('GET', '/templates')).body.templates;

beforeAll(async () => {
  const urls = await freshDatabase();
  const clubs: Club[] = [await layClub(urls.adminUrl, 'club'), await layClub(urls.adminUrl, 'rivals')];
  server = await runServer(urls.appUrl);
  [coach, other] = (await Promise.all(clubs.map(({ email }) => new Caller(server.url).signIn(email)))) as [
    Caller,
    Caller,
  ];
});
afterAll(() => server.stop());

describe('sessions kept by name', () => {
  it('come back as they were kept, to the club alone; the same name replaces', async () => {
    expect((await coach.call('POST', '/templates', template)).status).toBe(201);
    expect(await listed(coach)).toEqual([{ id: expect.any(String), ...template }]);
    expect(await listed(other)).toEqual([]);

    expect((await coach.call('POST', '/templates', { ...template, minutes: 25 })).status).toBe(201);
    expect((await listed(coach)).map((t) => t.minutes)).toEqual([25]);

    const id = (await listed(coach))[0]?.id;
    expect((await other.call('DELETE', `/templates/${id}`)).status).toBe(404);
    expect((await coach.call('DELETE', `/templates/${id}`)).status).toBe(204);
    expect(await listed(coach)).toEqual([]);
  });

  it.each([
    ['no name', { ...template, name: ' ' }, 'name'],
    ['an aim that is none', { ...template, aim: 'glory' }, 'aim'],
    ['no slots', { ...template, slots: [] }, 'slots'],
    ['a block that is none', { ...template, slots: [{ ...template.slots[0], block: 'magic' }] }, 'slots[0].block'],
    [
      'a rule that is none',
      { ...template, houseRules: { ...defaultHouseRules, format: 'pyramid' } },
      'houseRules.format',
    ],
  ])('%s is refused, naming the field, and nothing is kept', async (_, body, path) => {
    const answer = await coach.call('POST', '/templates', body);
    expect(answer.status).toBe(422);
    expect(answer.body.error.faults.map((f: { path: string }) => f.path)).toContain(path);
    expect(await listed(coach)).toEqual([]);
  });
});
