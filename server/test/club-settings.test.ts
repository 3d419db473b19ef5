import { Client } from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Database } from '../src/database/database';
import { retainAll } from '../src/jobs/purge';
import { Caller, type Club, freshDatabase, layClub, password, type RunningServer, runServer, today } from './club';
import { logged, sentSession } from './samples';

let urls: { adminUrl: string; appUrl: string };
let admin: Client;
let club: Club;
let other: Club;
let server: RunningServer;
let owner: Caller;

beforeAll(async () => {
  urls = await freshDatabase();
  club = await layClub(urls.adminUrl, 'club');
  other = await layClub(urls.adminUrl, 'other');
  server = await runServer(urls.appUrl, { signUp: true });
  owner = await new Caller(server.url).signIn(club.email);
  admin = new Client({ connectionString: urls.adminUrl });
  await admin.connect();
});
afterAll(async () => {
  await admin.end();
  await server.stop();
});

const count = async (table: string, where = 'true') =>
  (await admin.query(`select count(*)::int as n from ${table} where ${where}`)).rows[0].n as number;
const retain = async (on: string) => {
  const database = new Database(urls.appUrl);
  await retainAll({ database, today: () => on });
  await database.close();
};

describe('settings of a club', () => {
  it.each([
    [{ dates: 'xx-not-a-language' }, 'settings.dates'],
    [{ consentAge: 9 }, 'settings.consentAge'],
    [{ retention: { auditMonths: 3 } }, 'settings.retention.auditMonths'],
    [{ houseRules: { format: 'chaos' } }, 'settings.houseRules.format'],
  ])('%j is refused by the name of the field', async (settings, path) => {
    const { status, body } = await owner.call('PATCH', '/club', { settings });
    expect(status).toBe(422);
    expect(body.error.faults[0].path).toBe(path);
  });

  it('are kept one by one, and house rules are what a new athlete begins with', async () => {
    await owner.call('PATCH', '/club', { settings: { dates: 'nb-NO' } });
    await owner.call('PATCH', '/club', { settings: { houseRules: { format: 'circuits' } } });
    expect((await owner.call('GET', '/me')).body.settings).toMatchObject({
      dates: 'nb-NO',
      houseRules: { format: 'circuits' },
    });
    const { body } = await owner.call('POST', '/athletes', {
      ...{ name: 'New one', squadId: club.squadId, role: 'wing' },
      athlete: { heightCm: 170, massKg: 60, born: '2004-04-04', level: 'beginner' },
    });
    const detail = (await owner.call('GET', `/athletes/${body.id}`)).body;
    expect(detail.brief.houseRules.format).toBe('circuits');
  });
});

describe('how long things are kept', () => {
  it('results and messages go when the club says so, those of another club stay', async () => {
    const theirs = await new Caller(server.url).signIn(other.email);
    for (const [caller, of] of [
      [owner, club],
      [theirs, other],
    ] as const) {
      const { id, token } = await sentSession(caller, of, '2026-05-09');
      await caller.call('POST', `/link/${token}/logs`, { sessionId: id, logs: [logged()] });
      await sentSession(caller, of);
    }
    await owner.call('PATCH', '/club', { settings: { retention: { resultsMonths: 6 } } });
    await retain(today);
    expect(await count('sessions')).toBe(3);
    expect(await count('sessions', `organisation_id = '${other.organisationId}'`)).toBe(2);
    expect(await count('set_logs')).toBe(1);
    // 31 August, six months on: the last of February counts.
    await owner.call('PATCH', '/club', { settings: { retention: { resultsMonths: 6, messageDays: 1 } } });
    await retain('2027-08-31');
    expect(await count('sessions', `organisation_id = '${club.organisationId}'`)).toBe(0);
    expect(await count('messages', `organisation_id = '${club.organisationId}'`)).toBe(0);
  });

  it('the trail loses what is older than the club keeps it, and never what is younger than a year', async () => {
    await admin.query(
      `insert into audit_entries (id, organisation_id, action, subject, at) select gen_random_uuid(), $1, 'read', 'athlete', now() - make_interval(months => m) from unnest(array[6, 13, 30]) m`,
      [club.organisationId],
    );
    const old = `organisation_id = '${club.organisationId}' and at < now() - interval '5 months'`;
    await retain(today);
    expect(await count('audit_entries', old)).toBe(2);
    await owner.call('PATCH', '/club', { settings: { retention: { auditMonths: 12 } } });
    await retain(today);
    expect(await count('audit_entries', old)).toBe(1);
    const app = new Client({ connectionString: urls.appUrl });
    await app.connect();
    await app.query('begin');
    await app.query("select set_config('tropaeum.organisation', $1, true)", [club.organisationId]);
    await app.query('select purge_audit(0)');
    await app.query('commit');
    await app.end();
    expect(await count('audit_entries', old)).toBe(1);
  });

  it('a minor who is there without consent is noticed, waits so many days, and then is a name', async () => {
    await owner.call('PATCH', `/athletes/${club.athleteId}`, { athlete: { born: '2013-02-03' } });
    await retain('2027-01-01');
    expect(await count('athletes', `id = '${club.athleteId}' and consent_missing_since = '2027-01-01'`)).toBe(1);
    await retain('2027-01-30');
    expect(await count('athletes', `id = '${club.athleteId}'`)).toBe(1);
    await retain('2027-01-31');
    expect(await count('athletes', `id = '${club.athleteId}'`)).toBe(0);
    expect(await count('pending_athletes', `id = '${club.athleteId}'`)).toBe(1);
  });
});

describe('a club that signs up', () => {
  it('is founded with an owner who comes by mail; an address in use founds nothing and learns nothing', async () => {
    const stranger = new Caller(server.url);
    expect((await stranger.call('GET', '/installation')).body).toEqual({ signUp: true });
    const asked = { club: 'Torsnes IL', name: 'Nora Fjell', email: 'Nora@torsnes.example ' };
    const { status, body } = await stranger.call('POST', '/sign-ups', asked);
    expect(status).toBe(202);
    const token = body.simulatedLink.split('/password/')[1];
    await stranger.call('POST', `/mailed-links/${token}`, { password });
    await stranger.signIn('nora@torsnes.example');
    expect((await stranger.call('GET', '/me')).body).toMatchObject({ organisation: 'Torsnes IL', role: 'owner' });
    const again = await new Caller(server.url).call('POST', '/sign-ups', { ...asked, email: club.email });
    expect([again.status, again.body]).toEqual([202, {}]);
    expect(await count('organisations')).toBe(3);
    const wrong = await new Caller(server.url).call('POST', '/sign-ups', { ...asked, email: 'nobody' });
    expect(wrong.body.error.faults[0].path).toBe('email');
  });

  it('is refused where the installation does not allow it', async () => {
    const closed = await runServer(urls.appUrl);
    const stranger = new Caller(closed.url);
    expect((await stranger.call('GET', '/installation')).body).toEqual({ signUp: false });
    const asked = { club: 'Torsnes IL', name: 'Nora Fjell', email: 'another@torsnes.example' };
    expect((await stranger.call('POST', '/sign-ups', asked)).status).toBe(403);
    await closed.stop();
  });
});

describe('a club that is erased', () => {
  it('needs password and name, leaves no row but the line that says so, and touches no other club', async () => {
    const before = await count('athletes', `organisation_id = '${other.organisationId}'`);
    const wrong = await owner.call('POST', '/club/erasure', { password, name: 'clubs' });
    expect(wrong.body.error.faults[0].message).toBe('must be club');
    const guessed = await owner.call('POST', '/club/erasure', { password: 'guessed it', name: 'club' });
    expect(guessed.body.error.faults[0].path).toBe('password');
    expect((await owner.call('POST', '/club/erasure', { password, name: 'club' })).status).toBe(204);
    expect((await owner.call('GET', '/me')).status).toBe(401);
    const { rows: tables } = await admin.query(
      "select distinct table_name as name from information_schema.columns where table_schema = 'public' and column_name = 'organisation_id'",
    );
    for (const { name } of tables)
      expect(await count(name, `organisation_id = '${club.organisationId}'`), name).toBe(
        name === 'audit_entries' ? 1 : 0,
      );
    expect(await count('organisations', `id = '${club.organisationId}'`)).toBe(0);
    const { rows } = await admin.query('select action, subject from audit_entries where organisation_id = $1', [
      club.organisationId,
    ]);
    expect(rows).toEqual([{ action: 'delete', subject: 'club' }]);
    expect(await count('athletes', `organisation_id = '${other.organisationId}'`)).toBe(before);
  });
});
