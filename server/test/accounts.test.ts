import { TOTP } from 'otpauth';
import { Client } from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { foundClub } from '../src/clubs';
import { Caller, type Club, freshDatabase, layClub, password, type RunningServer, runServer } from './club';
import { join, mailedToken } from './laid';

let server: RunningServer;
let urls: { adminUrl: string; ownerUrl: string; appUrl: string };
let club: Club;
let owner: Caller;
/** The server's clock, moved on by a test that waits for something to expire. */
let ahead = 0;

beforeAll(async () => {
  urls = await freshDatabase();
  club = await layClub(urls.adminUrl, 'club');
  server = await runServer(urls.appUrl, { now: () => new Date(Date.now() + ahead) });
  owner = await new Caller(server.url).signIn(club.email);
});
afterAll(() => server.stop());

const asNobody = () => new Caller(server.url);
const enter = (email: string, word: string, code?: string) =>
  asNobody().call('POST', '/sign-in', { email, password: word, ...(code ? { code } : {}) });

/** A statement as the administrator, such as to let time pass. */
async function sql(statement: string, values: unknown[] = []) {
  const client = new Client({ connectionString: urls.adminUrl });
  await client.connect();
  const { rows } = await client.query(statement, values);
  await client.end();
  return rows;
}

describe('an invitation', () => {
  it('comes by mail, opens once, and signs in who takes it up', async () => {
    const invited = await owner.call('POST', '/invitations', { email: ' Tove@Club.example', role: 'coach' });
    expect(invited.status).toBe(201);
    const token = await mailedToken(owner, 'tove@club.example');
    expect((await asNobody().call('GET', `/mailed-links/${token}`)).body).toEqual({
      kind: 'invitation',
      email: 'tove@club.example',
    });
    const short = await asNobody().call('POST', `/mailed-links/${token}`, { name: 'Tove Aas', password: 'short' });
    expect(short.body.error.faults).toEqual([{ path: 'password', message: 'must be 12 characters or more' }]);
    const tove = asNobody();
    const taken = await tove.call('POST', `/mailed-links/${token}`, { name: 'Tove Aas', password });
    expect(taken.body).toEqual({ signedIn: true });
    expect((await tove.call('GET', '/me')).body).toMatchObject({ name: 'Tove Aas', role: 'coach', limited: false });
    expect((await asNobody().call('POST', `/mailed-links/${token}`, { name: 'X', password })).status).toBe(410);
    expect((await enter('tove@club.example', password)).status).toBe(204);
  });

  it('expires, is withdrawn, and a newer one takes its place', async () => {
    await owner.call('POST', '/invitations', { email: 'late@club.example', role: 'coach' });
    const first = await mailedToken(owner, 'late@club.example');
    await owner.call('POST', '/invitations', { email: 'late@club.example', role: 'assistant' });
    const second = await mailedToken(owner, 'late@club.example');
    expect((await asNobody().call('GET', `/mailed-links/${first}`)).status).toBe(404);
    await sql("update mailed_links set expires_at = now() - interval '1 minute' where email = 'late@club.example'");
    const late = await asNobody().call('POST', `/mailed-links/${second}`, { name: 'Late', password });
    expect([late.status, late.body.error.message]).toEqual([410, 'This link has expired. Ask for a new one.']);
    const { invitations } = (await owner.call('GET', '/people')).body;
    expect(invitations).toHaveLength(1);
    expect((await owner.call('DELETE', `/invitations/${invitations[0].id}`)).status).toBe(204);
    expect((await asNobody().call('GET', `/mailed-links/${second}`)).status).toBe(404);
  });

  it.each([
    [{ email: 'nobody', role: 'coach' }, 'email'],
    [{ email: 'a@club.example', role: 'king' }, 'role'],
    [{ email: 'coach@club.example', role: 'coach' }, 'email'],
    [{ email: 'a@club.example', role: 'coach', squadIds: ['0190a1b2-c3d4-7e5f-8a9b-0c1d2e3f4a5b'] }, 'squadIds'],
  ])('%j is refused at %s', async (body, path) => {
    const answer = await owner.call('POST', '/invitations', body);
    expect([answer.status, answer.body.error.faults[0].path]).toEqual([422, path]);
  });
});

describe('a password', () => {
  it('is changed with the old one; every other sign-in ends', async () => {
    await join(owner, server.url, 'changes@club.example', 'assistant');
    const [here, there] = [asNobody(), asNobody()];
    await here.signIn('changes@club.example');
    await there.signIn('changes@club.example');
    const wrong = await here.call('PUT', '/me/password', { current: 'not this', next: 'quite another one' });
    expect(wrong.body.error.faults).toEqual([{ path: 'current', message: 'is not your password' }]);
    expect((await here.call('PUT', '/me/password', { current: password, next: 'quite another one' })).status).toBe(204);
    expect((await here.call('GET', '/me')).status).toBe(200);
    expect((await there.call('GET', '/me')).status).toBe(401);
    expect((await enter('changes@club.example', password)).status).toBe(401);
    expect((await enter('changes@club.example', 'quite another one')).status).toBe(204);
  });

  it('is reset by mail, within the hour and once; an address that nobody has gets the same answer and no mail', async () => {
    await join(owner, server.url, 'forgets@club.example', 'assistant');
    const before = await new Caller(server.url).signIn('forgets@club.example');
    for (const email of ['forgets@club.example', 'nobody@club.example'])
      expect((await asNobody().call('POST', '/password-resets', { email })).status).toBe(204);
    expect(await mailedToken(owner, 'nobody@club.example')).toBe('');
    const old = await mailedToken(owner, 'forgets@club.example');
    await asNobody().call('POST', '/password-resets', { email: 'forgets@club.example' });
    const token = await mailedToken(owner, 'forgets@club.example');
    expect((await asNobody().call('POST', `/mailed-links/${old}`, { password: 'brand new password' })).status).toBe(
      410,
    );
    const set = await asNobody().call('POST', `/mailed-links/${token}`, { password: 'brand new password' });
    expect(set.body).toEqual({ signedIn: false });
    expect((await asNobody().call('POST', `/mailed-links/${token}`, { password: 'brand new again!' })).status).toBe(
      410,
    );
    expect((await before.call('GET', '/me')).status).toBe(401);
    expect((await enter('forgets@club.example', 'brand new password')).status).toBe(204);
  });
});

describe('sign-ins', () => {
  it('are listed with where they are from, ended one by one, and all but this at once', async () => {
    await join(owner, server.url, 'signs@club.example', 'coach');
    const [here, there, third] = [asNobody(), asNobody(), asNobody()];
    for (const one of [here, there, third]) await one.signIn('signs@club.example');
    const { signIns } = (await here.call('GET', '/sign-ins')).body;
    expect(signIns).toHaveLength(4);
    expect(signIns.filter((s: { own: boolean }) => s.own)).toHaveLength(1);
    expect(signIns[0]).toMatchObject({ address: expect.stringContaining('127.0.0.1') });
    const own = signIns.find((s: { own: boolean }) => s.own);
    const other = signIns.find((s: { own: boolean }) => !s.own);
    expect((await owner.call('DELETE', `/sign-ins/${own.id}`)).status).toBe(404);
    expect((await here.call('DELETE', `/sign-ins/${other.id}`)).status).toBe(204);
    expect((await here.call('DELETE', '/sign-ins')).body).toEqual({ ended: 2 });
    expect((await here.call('GET', '/me')).status).toBe(200);
    expect([(await there.call('GET', '/me')).status, (await third.call('GET', '/me')).status]).toEqual([401, 401]);
  });
});

describe('a second factor', () => {
  it('is set with a code, asked for at signing in, takes no code twice; a recovery code stands in once', async () => {
    const email = 'second@club.example';
    await join(owner, server.url, email, 'coach');
    const me = await new Caller(server.url).signIn(email);
    const made = await me.call('POST', '/second-factor', { password });
    expect(made.body.picture).toContain('<svg');
    expect((await enter(email, password)).status).toBe(204);
    const codeAt = (ms: number) =>
      new TOTP({ secret: made.body.secret, digits: 6, period: 30 }).generate({ timestamp: Date.now() + ms });
    const wrong = await me.call('POST', '/second-factor/confirmation', { code: '000000' });
    expect(wrong.body.error.faults[0].path).toBe('code');
    const { recoveryCodes } = (await me.call('POST', '/second-factor/confirmation', { code: codeAt(0) })).body;
    expect(recoveryCodes).toHaveLength(8);
    const asked = await enter(email, password);
    expect([asked.status, asked.body.error.faults[0].path]).toEqual([401, 'code']);
    expect((await enter(email, password, codeAt(0))).status).toBe(401);
    ahead = 60_000;
    expect((await enter(email, password, codeAt(60_000))).status).toBe(204);
    expect((await enter(email, password, codeAt(60_000))).status).toBe(401);
    ahead = 0;
    expect((await enter(email, password, recoveryCodes[3])).status).toBe(204);
    expect((await enter(email, password, recoveryCodes[3])).status).toBe(401);
    expect((await me.call('POST', '/second-factor/removal', { password: 'wrong' })).status).toBe(422);
    expect((await me.call('POST', '/second-factor/removal', { password })).status).toBe(204);
    expect((await enter(email, password)).status).toBe(204);
  });
});

describe('a mail server that is away', () => {
  it('is said to who invites, and not to who asks for a new password', async () => {
    const mail = { send: () => Promise.reject(new Error('no route')), simulated: () => undefined };
    const silent = await runServer(urls.appUrl, { mail });
    const inviting = await new Caller(silent.url).signIn(club.email);
    const invited = await inviting.call('POST', '/invitations', { email: 'x@club.example', role: 'coach' });
    expect([invited.status, invited.body.error.message]).toEqual([503, expect.stringContaining('could not be sent')]);
    expect((await inviting.call('POST', '/password-resets', { email: club.email })).status).toBe(204);
    await silent.stop();
  });
});

describe('people', () => {
  it('change role and squads at once, and leave with their sign-ins; one owner stays', async () => {
    const id = await join(owner, server.url, 'moves@club.example', 'coach');
    const moves = await new Caller(server.url).signIn('moves@club.example');
    expect((await moves.call('GET', '/people')).status).toBe(403);
    expect((await owner.call('PATCH', `/people/${id}`, { role: 'owner' })).status).toBe(204);
    expect((await moves.call('GET', '/people')).status).toBe(200);
    const self = (await owner.call('GET', '/me')).body.id;
    expect((await moves.call('PATCH', `/people/${self}`, { role: 'coach' })).status).toBe(204);
    const last = await moves.call('PATCH', `/people/${id}`, { role: 'assistant' });
    expect([last.status, last.body.error.message]).toEqual([
      409,
      'A club keeps one owner at least; make somebody else an owner first.',
    ]);
    expect((await moves.call('DELETE', `/people/${id}`)).status).toBe(409);
    await moves.call('PATCH', `/people/${self}`, { role: 'owner' });
    expect((await owner.call('DELETE', `/people/${id}`)).status).toBe(204);
    expect((await moves.call('GET', '/me')).status).toBe(401);
  });
});

describe('a club', () => {
  it('is founded from the command line: its owner sets a password by the link, and begins with nothing', async () => {
    const path = await foundClub(
      urls.ownerUrl,
      { club: 'Torsnes IL', name: 'Nora Fjell', email: 'nora@torsnes.example' },
      new Date(),
    );
    const token = path.split('/password/')[1] as string;
    await asNobody().call('POST', `/mailed-links/${token}`, { password: 'the first password' });
    const nora = asNobody();
    expect(
      (await nora.call('POST', '/sign-in', { email: 'nora@torsnes.example', password: 'the first password' })).status,
    ).toBe(204);
    expect((await nora.call('GET', '/me')).body).toMatchObject({ organisation: 'Torsnes IL', role: 'owner' });
    expect((await nora.call('GET', '/squads')).body).toEqual({ squads: [], athletes: [], waiting: [] });
  });

  it('changes its name and units, and keeps what was not spoken of', async () => {
    const units = { mass: 'lb', length: 'in' };
    expect((await owner.call('PATCH', '/club', { name: 'Club of old', settings: { units } })).status).toBe(204);
    await owner.call('PATCH', '/club', { name: 'Club' });
    expect((await owner.call('GET', '/me')).body).toMatchObject({ organisation: 'Club', settings: { units } });
    const wrong = await owner.call('PATCH', '/club', { settings: { units: { mass: 'stone', length: 'in' } } });
    expect(wrong.body.error.faults).toEqual([{ path: 'settings.units.mass', message: 'must be kg or lb' }]);
  });
});
