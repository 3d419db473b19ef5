import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Caller, type Club, freshDatabase, layClub, type RunningServer, runServer, today } from './club';

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

describe('signing in', () => {
  it('refuses a wrong password and an unknown address alike', async () => {
    const nobody = new Caller(server.url);
    const wrong = await nobody.call('POST', '/sign-in', { email: club.email, password: 'wrong' });
    const unknown = await nobody.call('POST', '/sign-in', { email: 'who@where.example', password: 'wrong' });
    expect([wrong.status, unknown.status]).toEqual([401, 401]);
    expect(wrong.body).toEqual(unknown.body);
  });

  it('gives a cookie that scripts cannot read, and takes it back', async () => {
    const other = new Caller(server.url);
    const answer = await other.call('POST', '/sign-in', {
      email: club.email.toUpperCase(),
      password: 'a long enough one',
    });
    expect(answer.headers.get('set-cookie')).toMatch(/httponly/i);
    expect((await other.call('GET', '/me')).body).toMatchObject({ organisation: 'club', today });
    expect((await other.call('POST', '/sign-out')).status).toBe(204);
    expect((await other.call('GET', '/me')).status).toBe(401);
  });

  it('takes writes only from its own pages', async () => {
    const answer = await coach.call('POST', '/sign-out', undefined, { origin: 'http://elsewhere.example' });
    expect(answer.status).toBe(403);
    expect((await coach.call('GET', '/me')).status).toBe(200);
  });

  it.each([
    [{}, ['email', 'password']],
    [{ email: 5, password: [] }, ['email', 'password']],
    [{ email: 'a', password: 'x'.repeat(300) }, ['password']],
  ])('names the fields of %j', async (body, paths) => {
    const answer = await new Caller(server.url).call('POST', '/sign-in', body);
    expect(answer.status).toBe(422);
    expect(answer.body.error.faults.map((f: { path: string }) => f.path).sort()).toEqual(paths);
  });

  it('says so when the body is not JSON, and gives nothing of it away', async () => {
    const answer = await new Caller(server.url).call('POST', '/sign-in', '{"email": "secret');
    expect(answer.status).toBe(400);
    expect(JSON.stringify(answer.body)).not.toContain('secret');
  });
});
