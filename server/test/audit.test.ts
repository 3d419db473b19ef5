import { Client } from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Caller, type Club, freshDatabase, layClub, type RunningServer, runServer } from './club';
import { join } from './laid';
import { logged, sentSession } from './samples';

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

  it('holds what physio, guardian and athlete read and change, and what comes from a phone', async () => {
    const physio = 'physio@club.example';
    await join(owner, server.url, physio, 'physio', [], [club.athleteId]);
    const runa = await new Caller(server.url).signIn(physio);
    await runa.call('GET', '/treated');
    await runa.call('GET', `/treated/${club.athleteId}`);
    const restrictions = [{ region: 'hip', severity: 'limit', setBy: 'physiotherapist' }];
    const { athlete } = (await runa.call('GET', `/treated/${club.athleteId}`)).body;
    await runa.call('PUT', `/treated/${club.athleteId}/restrictions`, { was: athlete.restrictions, restrictions });
    await runa.call('PUT', `/treated/${club.athleteId}/tests`, {
      athlete: { battery: [{ test: 'push-up', value: 18, on: '2026-12-09' }] },
    });
    const { id, token } = await sentSession(owner, club);
    await owner.call('POST', `/link/${token}/logs`, { sessionId: id, logs: [logged(), logged({ setNumber: 2 })] });
    const { entries } = (await owner.call('GET', '/audit')).body;
    const has = (who: string | null, action: string, subject: string) =>
      entries.filter((e: { who: string | null; action: string; subject: string }) =>
        [e.who, e.action, e.subject].every((said, i) => said === [who, action, subject][i]),
      );
    for (const [action, subject] of [
      ['read', 'treated list'],
      ['read', 'athlete'],
      ['insert', 'restrictions'],
      ['delete', 'restrictions'],
      ['update', 'athletes'],
    ] as const)
      expect(has(physio, action, subject).length, `${action} ${subject}`).toBeGreaterThan(0);
    // Sets that came at once are one line, by nobody who is signed in, of an athlete who is named.
    expect(has(null, 'insert', 'set_logs')).toMatchObject([{ athlete: 'Athlete of club', fields: ['push-up'] }]);
  });

  it('is read page by page: every entry once, those of one moment too', async () => {
    for (let i = 0; i < 60; i++) await owner.call('GET', '/squads');
    const restrictions = (['knee', 'ankle', 'hip', 'wrist', 'elbow', 'neck'] as const).map((region) => ({
      ...{ region, severity: 'limit', setBy: 'coach' },
    }));
    for (let i = 0; i < 15; i++)
      await owner.call('PATCH', `/athletes/${club.athleteId}`, {
        athlete: { restrictions: i % 2 ? [] : restrictions },
      });
    const seen: string[] = [];
    for (let last: { at: string; id: string } | undefined, page = 0; page < 5; page++) {
      const asked = last ? `?${new URLSearchParams({ at: last.at, id: last.id })}` : '';
      const { status, body } = await owner.call('GET', `/audit${asked}`);
      expect(status).toBe(200);
      seen.push(...body.entries.map((e: { id: string }) => e.id));
      last = body.entries.at(-1);
      if (body.entries.length < 100) break;
    }
    expect(seen.length).toBeGreaterThan(140);
    expect(new Set(seen).size).toBe(seen.length);
    expect((await owner.call('GET', '/audit?at=yesterday')).status).toBe(422);
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
