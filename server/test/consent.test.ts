import { consentVersion } from '@tropaeum/core/people/consent';
import { Client } from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Caller, type Club, freshDatabase, layClub, type RunningServer, runServer, today } from './club';
import { join } from './laid';
import { logged, sentSession } from './samples';

let server: RunningServer;
let adminUrl: string;
let club: Club;
let coach: Caller;
let guardian: Caller;
let childId: string;

beforeAll(async () => {
  const urls = await freshDatabase();
  adminUrl = urls.adminUrl;
  club = await layClub(adminUrl, 'club');
  server = await runServer(urls.appUrl);
  coach = await new Caller(server.url).signIn(club.email);
});
afterAll(() => server.stop());

const child = {
  name: 'Qvarn Zwyntje',
  role: 'wing',
  athlete: { heightCm: 161, massKg: 50.25, born: '2012-05-06', level: 'beginner' },
};
const add = (more: object = {}) => coach.call('POST', '/athletes', { ...child, squadId: club.squadId, ...more });
const consent = { name: 'Kari Zwyntje', version: consentVersion };

/** Every value of every table, as text. */
async function everything(): Promise<string> {
  const client = new Client({ connectionString: adminUrl });
  await client.connect();
  const { rows: tables } = await client.query("select tablename from pg_tables where schemaname = 'public'");
  const texts: string[] = [];
  for (const { tablename } of tables)
    texts.push(
      (await client.query(`select coalesce(string_agg(to_jsonb(t)::text, ' '), '') as all from ${tablename} t`)).rows[0]
        .all,
    );
  await client.end();
  return texts.join(' ');
}

describe('a minor', () => {
  it('is kept as a name and nothing else until a guardian consents', async () => {
    const { status, body } = await add();
    expect(status).toBe(201);
    expect(body.waits).toBe(true);
    childId = body.id;
    expect((await coach.call('GET', `/athletes/${childId}`)).status).toBe(404);
    const { waiting, athletes } = (await coach.call('GET', '/squads')).body;
    expect(waiting).toEqual([{ id: childId, squadId: club.squadId, name: child.name, consent: 'open' }]);
    expect(athletes).toHaveLength(1);
    const all = await everything();
    expect(all).toContain('Qvarn Zwyntje');
    for (const beyond of ['2012-05-06', '50.25']) expect(all).not.toContain(beyond);
    // Trying again with the name that waits changes nothing.
    expect((await add({ pendingId: childId })).body).toEqual({ id: childId, waits: true });
  });

  it('in a list likewise, beside adults who are taken in', async () => {
    const answer = await coach.call('POST', '/athlete-lists', {
      squadId: club.squadId,
      athletes: [
        { name: 'An adult', role: 'wing', athlete: { ...child.athlete, born: '2001-01-01' }, assumed: ['massKg'] },
        { ...child, name: 'A child' },
      ],
    });
    expect(answer.body).toMatchObject({ ids: [expect.any(String)], waiting: [expect.any(String)] });
    const { athletes } = (await coach.call('GET', '/squads')).body;
    const adult = athletes.find((a: { name: string }) => a.name === 'An adult');
    expect(adult.assumed).toEqual(['massKg']);
    // Said, it is assumed no longer.
    await coach.call('PATCH', `/athletes/${adult.id}`, { athlete: { massKg: 66 } });
    const { body } = await coach.call('GET', '/squads');
    expect(body.athletes.find((a: { name: string }) => a.name === 'An adult').assumed).toBeUndefined();
    expect((await coach.call('DELETE', `/pending-athletes/${answer.body.waiting[0]}`)).status).toBe(204);
  });

  it('has a guardian who is asked, reads the wording and consents under a name; a stale wording is refused', async () => {
    await join(coach, server.url, 'kari@club.example', 'guardian', [], [childId]);
    guardian = await new Caller(server.url).signIn('kari@club.example');
    expect((await coach.call('GET', '/squads')).body.waiting[0].consent).toBe('undecided');
    const { athletes, club: name } = (await guardian.call('GET', '/family')).body;
    expect(name).toBe('club');
    expect(athletes).toMatchObject([{ id: childId, name: child.name, minor: true, consent: null, kept: null }]);
    expect(athletes[0].wording.join(' ')).toContain('Qvarn Zwyntje');
    const stale = await guardian.call('POST', '/consents', { ...consent, athleteId: childId, version: '2020-01' });
    expect(stale.body.error.faults[0].path).toBe('version');
    expect((await guardian.call('POST', '/consents', { ...consent, athleteId: childId })).status).toBe(201);
    expect((await guardian.call('POST', '/consents', { ...consent, athleteId: club.athleteId })).status).toBe(404);
    expect((await coach.call('GET', '/squads')).body.waiting[0].consent).toBe('given');
  });

  it('then is an athlete under the same id, gets sessions, and the guardian sees plan and result', async () => {
    expect((await add({ pendingId: childId })).body).toEqual({ id: childId, waits: false });
    const { id, token } = await sentSession(coach, { ...club, athleteId: childId });
    await coach.call('POST', `/link/${token}/logs`, { sessionId: id, logs: [logged()] });
    await coach.call('POST', `/link/${token}/report`, {
      ...{ sessionId: id, effort: 5, minutes: 25, pain: [{ region: 'knee', score: 2 }] },
      finishedAt: '2026-12-09T18:30:00Z',
    });
    const [seen] = (await guardian.call('GET', '/family')).body.athletes;
    expect(seen.consent.givenName).toBe('Kari Zwyntje');
    expect(seen.kept.plans[0].blocks[0].items[0]).toMatchObject({
      name: 'Push-up',
      dose: expect.stringContaining('2x8'),
    });
    expect(seen.kept.reports).toMatchObject([{ on: today, effort: 5, pain: [{ region: 'knee', score: 2 }] }]);
    const taken = await guardian.call('GET', `/family/${childId}/export.json`);
    expect(taken.body.consents).toHaveLength(1);
    expect(taken.body.sets).toHaveLength(1);
  });

  it('whose consent is withdrawn is a name again at once: no link opens, nothing can be sent, what was agreed stays said', async () => {
    const { token } = await sentSession(coach, { ...club, athleteId: childId }, '2026-12-10');
    const wrong = await guardian.call('POST', `/consents/${childId}/withdrawal`, { name: 'Somebody' });
    expect(wrong.body.error.faults[0].message).toBe('must be Qvarn Zwyntje');
    expect((await guardian.call('POST', `/consents/${childId}/withdrawal`, { name: child.name })).status).toBe(204);
    expect((await coach.call('GET', `/link/${token}`)).status).toBe(404);
    expect((await coach.call('GET', `/athletes/${childId}`)).status).toBe(404);
    const { waiting, athletes } = (await coach.call('GET', '/squads')).body;
    expect(waiting).toEqual([{ id: childId, squadId: club.squadId, name: child.name, consent: 'undecided' }]);
    expect(athletes.some((a: { id: string }) => a.id === childId)).toBe(false);
    const all = await everything();
    for (const beyond of ['2012-05-06', '50.25', 'push-up ']) expect(all).not.toContain(beyond);
    const client = new Client({ connectionString: adminUrl });
    await client.connect();
    const { rows } = await client.query('select * from consents');
    await client.end();
    expect(rows).toMatchObject([{ given_name: 'Kari Zwyntje', withdrawn_name: 'kari@club.example' }]);
    expect(rows[0].withdrawn_at).not.toBeNull();
    const audit = (await coach.call('GET', '/audit')).body.entries;
    expect(
      audit.filter((e: { subject: string }) => e.subject === 'consents').map((e: { action: string }) => e.action),
    ).toEqual(['update', 'insert']);
  });

  it('erased, leaves no row that names it, and a guardian who was there for nobody else goes too', async () => {
    expect((await coach.call('DELETE', `/athletes/${childId}`)).status).toBe(204);
    const all = await everything();
    for (const named of ['Qvarn', 'Kari Zwyntje', 'kari@club.example']) expect(all).not.toContain(named);
    expect((await guardian.call('GET', '/family')).status).toBe(401);
  });

  it('who is there already without consent is sent nothing, and is told why', async () => {
    const born = await coach.call('PATCH', `/athletes/${club.athleteId}`, { athlete: { born: '2012-01-01' } });
    expect(born.status).toBe(204);
    const detail = (await coach.call('GET', `/athletes/${club.athleteId}`)).body;
    const created = await coach.call('POST', `/athletes/${club.athleteId}/sessions`, {
      brief: { ...detail.brief, date: today },
      draft: { groups: [] },
    });
    const sent = await coach.call('POST', `/sessions/${created.body.id}/send`);
    expect(sent.status).toBe(409);
    expect(sent.body.error.message).toContain('is 14: a guardian has to consent');
    await coach.call('PATCH', '/club', { settings: { consentAge: 14 } });
    expect((await coach.call('POST', `/sessions/${created.body.id}/send`)).status).toBe(200);
  });
});
