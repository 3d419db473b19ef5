import { Client } from 'pg';
import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { apiRouter } from '../src/app';
import { Database } from '../src/database/database';
import { athletes, sessions, setLogs } from '../src/database/schema';
import { Caller, type Club, freshDatabase, layClub, type RunningServer, runServer } from './club';
import { everyRoute } from './every-route';
import { type Laid, layBehindRoutes } from './laid';
import { logged } from './samples';

let server: RunningServer;
let appUrl: string;
let ownerUrl: string;
let ours: Club;
let theirs: Club;
let us: Caller;
let them: Caller;
let ourThings: Laid;
let theirThings: Laid;

beforeAll(async () => {
  const urls = await freshDatabase();
  ({ appUrl, ownerUrl } = urls);
  [ours, theirs] = [await layClub(urls.adminUrl, 'ours'), await layClub(urls.adminUrl, 'theirs')];
  server = await runServer(appUrl);
  us = await new Caller(server.url).signIn(ours.email);
  them = await new Caller(server.url).signIn(theirs.email);
  ourThings = await layBehindRoutes(us, ours, server.url);
  theirThings = await layBehindRoutes(them, theirs, server.url);
});
afterAll(() => server.stop());

/** Every route the server really has, read off its routers. */
function routesOfServer(): string[] {
  const database = new Database(appUrl);
  const api = apiRouter({ database, publicUrl: 'http://127.0.0.1', linkRate: 1 } as never);
  void database.close();
  return api.stack
    .flatMap((layer) =>
      layer.methods
        .filter((m) => m !== 'HEAD')
        .map((method) => `${method} ${String(layer.path).replace(/^\/api/, '')}`),
    )
    .filter((r) => !r.includes('(.*)') && !r.includes('{'));
}

describe('one organisation and another', () => {
  it('the walk knows every route there is', () => {
    const known = Object.keys(everyRoute(theirThings)).map((r) => r.replace(/\/$/, ''));
    expect([...new Set(routesOfServer().map((r) => r.replace(/\/$/, '')))].sort()).toEqual([...known].sort());
  });

  it('no route reads or writes what belongs to the other', async () => {
    for (const [route, { path, body, opensTo }] of Object.entries(everyRoute(theirThings))) {
      if (opensTo !== 'owner') continue;
      const [method] = route.split(' ') as [string];
      const answer = await us.call(method, path, body);
      expect([404, 422], `${route} gave ${answer.status}`).toContain(answer.status);
      expect(JSON.stringify(answer.body)).not.toContain('Athlete of theirs');
    }
  });

  it('without a sign-in no route of the coach answers', async () => {
    const nobody = new Caller(server.url);
    for (const [route, { path, body, opensTo }] of Object.entries(everyRoute(theirThings))) {
      if (opensTo === 'anyone') continue;
      const [method] = route.split(' ') as [string];
      expect((await nobody.call(method, path, body)).status, route).toBe(401);
    }
  });

  it('lists hold one organisation only', async () => {
    const squads = await us.call('GET', '/squads');
    expect(squads.body.athletes.map((a: { name: string }) => a.name)).toEqual(['Athlete of ours']);
    const outbox = await us.call('GET', '/outbox');
    expect(outbox.body.messages.every((m: { athleteId: string }) => m.athleteId === ours.athleteId)).toBe(true);
  });

  it("one athlete's link does not write into another's session, nor does a made-up link", async () => {
    const logs = { sessionId: theirThings.session.id, logs: [logged()] };
    expect((await us.call('POST', `/link/${ourThings.session.token}/logs`, logs)).status).toBe(404);
    const report = {
      sessionId: theirThings.session.id,
      effort: 3,
      minutes: 10,
      pain: [],
      finishedAt: '2026-12-09T18:30:00Z',
    };
    expect((await us.call('POST', `/link/${ourThings.session.token}/report`, report)).status).toBe(404);
    expect((await us.call('GET', `/link/${'x'.repeat(43)}`)).status).toBe(404);
  });

  it('after all this the other organisation is as it was', async () => {
    const { body } = await them.call('GET', `/athletes/${theirs.athleteId}`);
    expect(body.brief.minutes).toBe(30);
    expect(body.sessions).toHaveLength(1);
    const { body: returned } = await them.call('GET', `/sessions/${theirThings.session.id}/return`);
    expect(returned.items.every((i: { done: unknown[] }) => i.done.length === 0)).toBe(true);
    expect(returned.decisions).toEqual([]);
  });

  it('an athlete may not be moved into the squad of the other', async () => {
    const answer = await us.call('PATCH', `/athletes/${ours.athleteId}`, { squadId: theirs.squadId });
    expect(answer.status).toBe(422);
  });

  it('every call of its own works for the owner', async () => {
    for (const [route, { path, body, opensTo }] of Object.entries(everyRoute(ourThings))) {
      if (opensTo !== 'owner') continue;
      const [method] = route.split(' ') as [string];
      const answer = await us.call(method, path, body);
      expect(answer.status, `${route}: ${JSON.stringify(answer.body)}`).toBeLessThan(300);
    }
  });
});

describe('the database itself', () => {
  it('shows the server nothing until an organisation is named', async () => {
    const database = new Database(appUrl);
    const nothing = await database.asOrganisation(v7(), (tx) => tx.select().from(athletes));
    expect(nothing).toEqual([]);
    const own = await database.asOrganisation(ours.organisationId, (tx) => tx.select().from(sessions));
    expect(own.every((s) => s.organisationId === ours.organisationId)).toBe(true);
    await database.close();
  });

  it('refuses a row written for another organisation', async () => {
    const database = new Database(appUrl);
    const foreign = database.asOrganisation(ours.organisationId, (tx) =>
      tx.insert(setLogs).values({
        ...logged(),
        side: 'both',
        organisationId: theirs.organisationId,
        sessionId: theirThings.session.id,
      }),
    );
    await expect(foreign).rejects.toThrow();
    await database.close();
  });

  it('binds every table of an organisation, its owner too, and the owner is no superuser', async () => {
    const owner = new Client({ connectionString: ownerUrl });
    await owner.connect();
    const { rows: loose } = await owner.query(
      `select c.relname from pg_class c join pg_attribute a on a.attrelid = c.oid
       where a.attname = 'organisation_id' and c.relkind = 'r' and not (c.relrowsecurity and c.relforcerowsecurity)`,
    );
    expect(loose).toEqual([]);
    expect((await owner.query('select usesuper from pg_user where usename = current_user')).rows[0].usesuper).toBe(
      false,
    );
    for (const table of [
      'athletes',
      'restrictions',
      'accounts',
      'sign_ins',
      'athlete_links',
      'calendar_links',
      'feeds',
    ])
      expect((await owner.query(`select * from ${table}`)).rows, table).toEqual([]);
    await owner.end();
  });

  it("never shows the hash of a password to the server's login", async () => {
    const app = new Client({ connectionString: appUrl });
    await app.connect();
    await app.query("select set_config('tropaeum.organisation', $1, false)", [ours.organisationId]);
    expect((await app.query('select email from accounts')).rows).toContainEqual({ email: ours.email });
    await expect(app.query('select password_hash from accounts')).rejects.toThrow(/permission denied/);
    await expect(app.query('select * from door_secrets')).rejects.toThrow(/permission denied/);
    const salts = await app.query(
      'select hashed_with from door_salt($1) union all select hashed_with from door_salt($2)',
      [ours.email, 'nobody@nowhere.example'],
    );
    const shape = /^\$argon2id\$v=19\$m=19456,t=2,p=1\$[A-Za-z0-9+/]{22}$/;
    expect(salts.rows.map(({ hashed_with: words }) => shape.test(words))).toEqual([true, true]);
    await app.end();
  });
});
