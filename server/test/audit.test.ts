import { Client } from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Caller, type Club, freshDatabase, layClub, type RunningServer, runServer } from './club';

let server: RunningServer;
let urls: { adminUrl: string; ownerUrl: string; appUrl: string };
let club: Club;
let owner: Caller;

beforeAll(async () => {
  urls = await freshDatabase();
  club = await layClub(urls.adminUrl, 'club');
  server = await runServer(urls.appUrl);
  owner = await new Caller(server.url).signIn(club.email);
});
afterAll(() => server.stop());

describe('the trail', () => {
  it('holds every read and change of what is known of somebody, with who and from where', async () => {
    await owner.call('GET', `/athletes/${club.athleteId}`);
    await owner.call('PATCH', `/athletes/${club.athleteId}`, {
      athlete: { massKg: 71, restrictions: [{ region: 'knee', severity: 'limit', setBy: 'coach' }] },
    });
    const { entries } = (await owner.call('GET', `/audit?athlete=${club.athleteId}`)).body;
    const seen = entries.map((e: { action: string; subject: string; fields: string[] }) => [
      e.action,
      e.subject,
      e.subject === 'athletes' ? e.fields : [],
    ]);
    expect(seen).toContainEqual(['read', 'athlete', []]);
    expect(seen).toContainEqual(['update', 'athletes', ['mass_kg']]);
    expect(seen).toContainEqual(['insert', 'restrictions', []]);
    for (const entry of entries)
      expect(entry).toMatchObject({
        who: 'Coach of club',
        athlete: 'Athlete of club',
        address: expect.stringContaining('127.0.0.1'),
      });
  });

  it("cannot be changed or emptied by the server's login", async () => {
    const app = new Client({ connectionString: urls.appUrl });
    await app.connect();
    await app.query("select set_config('tropaeum.organisation', $1, false)", [club.organisationId]);
    expect((await app.query('select count(*)::int as n from audit_entries')).rows[0].n).toBeGreaterThan(3);
    for (const statement of [
      "update audit_entries set subject = 'nothing'",
      'delete from audit_entries',
      'truncate audit_entries',
      'alter table athletes disable trigger note_change',
    ])
      await expect(app.query(statement), statement).rejects.toThrow(/permission denied|must be owner/);
    await app.end();
  });
});
