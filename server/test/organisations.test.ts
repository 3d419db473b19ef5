import { variantById } from '@tropaeum/core/exercise/library';
import { copyOfVariant } from '@tropaeum/core/exercise/own';
import type { Variant } from '@tropaeum/core/exercise/variant';
import { writeSport } from '@tropaeum/core/formats/sport';
import { emptyOwnSeason, emptySeason } from '@tropaeum/core/season/season-plan';
import type { SportProfile } from '@tropaeum/core/sport/profile';
import { sportById } from '@tropaeum/core/sport/sports';
import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { apiRouter } from '../src/app';
import { Database } from '../src/database/database';
import { athletes, sessions, setLogs } from '../src/database/schema';
import {
  Caller,
  type Club,
  draft,
  freshDatabase,
  layClub,
  logged,
  type RunningServer,
  runServer,
  sentSession,
  template,
} from './club';

let server: RunningServer;
let appUrl: string;
let ours: Club;
let theirs: Club;
let us: Caller;
let them: Caller;
let theirSession: { id: string; token: string };
let ourSession: { id: string; token: string };
let theirTemplate: string;
let ourTemplate: string;
let theirFeed: string;
let ourFeed: string;

beforeAll(async () => {
  const urls = await freshDatabase();
  appUrl = urls.appUrl;
  [ours, theirs] = [await layClub(urls.ownerUrl, 'ours'), await layClub(urls.ownerUrl, 'theirs')];
  server = await runServer(appUrl);
  us = await new Caller(server.url).signIn(ours.email);
  them = await new Caller(server.url).signIn(theirs.email);
  theirSession = await sentSession(them, theirs);
  ourSession = await sentSession(us, ours);
  await us.call('POST', '/own-variants', ownRow('row-of-ours'));
  await them.call('POST', '/own-variants', ownRow('row-of-theirs'));
  await us.call('PUT', '/sports/sport-of-ours', ownSport('sport-of-ours'));
  await them.call('PUT', '/sports/sport-of-theirs', ownSport('sport-of-theirs'));
  ourTemplate = (await us.call('POST', '/templates', template)).body.id;
  theirTemplate = (await them.call('POST', '/templates', template)).body.id;
  const league = { url: `${server.url}/api/stand-ins/league.ics` };
  ourFeed = (await us.call('POST', `/squads/${ours.squadId}/feeds`, league)).body.id;
  theirFeed = (await them.call('POST', `/squads/${theirs.squadId}/feeds`, league)).body.id;
});
afterAll(() => server.stop());

/** Every route with a call that would work for its owner; a route missing here fails the walk below. */
function calls(
  club: () => Club,
  session: () => { id: string; token: string },
): Record<string, { path: string; body?: unknown; opensTo: 'owner' | 'anyone' | 'everyone-own' }> {
  return {
    'POST /sign-in': { path: '/sign-in', body: { email: 'nobody@nowhere.example', password: 'x' }, opensTo: 'anyone' },
    'POST /sign-out': { path: '/sign-out', opensTo: 'everyone-own' },
    'GET /me': { path: '/me', opensTo: 'everyone-own' },
    'GET /squads': { path: '/squads', opensTo: 'everyone-own' },
    'GET /outbox': { path: '/outbox', opensTo: 'everyone-own' },
    'GET /athletes/:id': { path: `/athletes/${club().athleteId}`, opensTo: 'owner' },
    'PATCH /athletes/:id': { path: `/athletes/${club().athleteId}`, body: { minutes: 45 }, opensTo: 'owner' },
    'POST /athletes': {
      path: '/athletes',
      body: {
        name: 'New One',
        squadId: club().squadId,
        role: 'wing',
        athlete: { heightCm: 170, massKg: 60, born: '2004-04-04' },
      },
      opensTo: 'owner',
    },
    'POST /athletes/:id/sessions': {
      path: `/athletes/${club().athleteId}/sessions`,
      body: { brief: brief('2026-12-20'), draft },
      opensTo: 'owner',
    },
    'GET /sessions/:id': { path: `/sessions/${session().id}`, opensTo: 'owner' },
    'PUT /sessions/:id': {
      path: `/sessions/${session().id}`,
      body: { brief: brief('2026-12-09'), draft, revision: 1 },
      opensTo: 'owner',
    },
    'POST /sessions/:id/send': { path: `/sessions/${session().id}/send`, opensTo: 'owner' },
    'GET /sessions/:id/return': { path: `/sessions/${session().id}/return`, opensTo: 'owner' },
    'POST /sessions/:id/decisions': {
      path: `/sessions/${session().id}/decisions`,
      body: { variant: 'push-up', decided: 'same' },
      opensTo: 'owner',
    },
    'GET /own-variants': { path: '/own-variants', opensTo: 'everyone-own' },
    'POST /own-variants': { path: '/own-variants', body: {}, opensTo: 'everyone-own' },
    'PUT /own-variants/:id': { path: `/own-variants/${rowOf(club())}`, body: ownRow(rowOf(club())), opensTo: 'owner' },
    'DELETE /own-variants/:id': { path: `/own-variants/${rowOf(club())}`, opensTo: 'owner' },
    'GET /sports': { path: '/sports', opensTo: 'everyone-own' },
    'PUT /sports/:id': {
      path: '/sports/handball',
      body: { profile: writeSport(handball), revision: 0 },
      opensTo: 'everyone-own',
    },
    'DELETE /sports/:id': { path: `/sports/${sportOf(club())}`, opensTo: 'owner' },
    'GET /templates': { path: '/templates', opensTo: 'everyone-own' },
    'POST /templates': { path: '/templates', body: template, opensTo: 'everyone-own' },
    'DELETE /templates/:id': {
      path: `/templates/${club() === theirs ? theirTemplate : ourTemplate}`,
      opensTo: 'owner',
    },
    'GET /squads/:id/season': { path: `/squads/${club().squadId}/season`, opensTo: 'owner' },
    'PUT /squads/:id/season': {
      path: `/squads/${club().squadId}/season`,
      body: { revision: 1, season: emptySeason },
      opensTo: 'owner',
    },
    'PUT /athletes/:id/season': {
      path: `/athletes/${club().athleteId}/season`,
      body: { revision: 0, season: emptyOwnSeason },
      opensTo: 'owner',
    },
    'POST /squads/:id/feeds': {
      path: `/squads/${club().squadId}/feeds`,
      body: { url: `${server.url}/api/stand-ins/league.ics?walk` },
      opensTo: 'owner',
    },
    'POST /feeds/:id/read': { path: `/feeds/${club() === theirs ? theirFeed : ourFeed}/read`, opensTo: 'owner' },
    'DELETE /feeds/:id': { path: `/feeds/${club() === theirs ? theirFeed : ourFeed}`, opensTo: 'owner' },
    'POST /squads/:id/calendar-links': {
      path: `/squads/${club().squadId}/calendar-links`,
      body: {},
      opensTo: 'owner',
    },
    'DELETE /squads/:id/calendar-links': { path: `/squads/${club().squadId}/calendar-links`, opensTo: 'owner' },
    'GET /alive': { path: '/alive', opensTo: 'anyone' },
    'GET /ready': { path: '/ready', opensTo: 'anyone' },
    'GET /calendars/:token.ics': { path: '/calendars/nobody.ics', opensTo: 'anyone' },
    'GET /stand-ins/league.ics': { path: '/stand-ins/league.ics', opensTo: 'anyone' },
    'GET /devices/hanging-scale': { path: '/devices/hanging-scale', opensTo: 'everyone-own' },
    'GET /devices/contact-mat': { path: '/devices/contact-mat', opensTo: 'everyone-own' },
    'GET /link/:token/': { path: `/link/${session().token}`, opensTo: 'anyone' },
    'POST /link/:token/logs': {
      path: `/link/${session().token}/logs`,
      body: { sessionId: session().id, logs: [logged()] },
      opensTo: 'anyone',
    },
    'POST /link/:token/report': {
      path: `/link/${session().token}/report`,
      body: { sessionId: session().id, effort: 6, minutes: 30, pain: [], finishedAt: '2026-12-09T18:30:00Z' },
      opensTo: 'anyone',
    },
  };
}

const handball = sportById('handball') as SportProfile;
const sportOf = (club: Club) => (club === theirs ? 'sport-of-theirs' : 'sport-of-ours');
const ownSport = (id: string) => ({ profile: writeSport({ ...handball, id }), revision: 0 });

const row = variantById('bent-row') as Variant;
const ownRow = (id: string) => copyOfVariant(row, id, '3x12');
const rowOf = (club: Club) => (club === theirs ? 'row-of-theirs' : 'row-of-ours');

const brief = (date: string) => ({
  date,
  minutes: 30,
  athlete: { heightCm: 175, massKg: 70, born: '2001-03-04', level: 'intermediate' },
  sport: { id: 'handball', role: 'back' },
  kit: { items: [] },
});

/** Every route the server really has, read off its routers. */
function routesOfServer(): string[] {
  const database = new Database(appUrl);
  const api = apiRouter({ database } as never);
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
    const known = Object.keys(
      calls(
        () => theirs,
        () => theirSession,
      ),
    ).map((r) => r.replace(/\/$/, ''));
    expect([...new Set(routesOfServer().map((r) => r.replace(/\/$/, '')))].sort()).toEqual([...known].sort());
  });

  it('no route reads or writes what belongs to the other', async () => {
    for (const [route, { path, body, opensTo }] of Object.entries(
      calls(
        () => theirs,
        () => theirSession,
      ),
    )) {
      if (opensTo !== 'owner') continue;
      const [method] = route.split(' ') as [string];
      const answer = await us.call(method, path, body);
      expect([404, 422], `${route} gave ${answer.status}`).toContain(answer.status);
      expect(JSON.stringify(answer.body)).not.toContain('Athlete of theirs');
    }
  });

  it('without a sign-in no route of the coach answers', async () => {
    const nobody = new Caller(server.url);
    for (const [route, { path, body, opensTo }] of Object.entries(
      calls(
        () => theirs,
        () => theirSession,
      ),
    )) {
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
    const logs = { sessionId: theirSession.id, logs: [logged()] };
    expect((await us.call('POST', `/link/${ourSession.token}/logs`, logs)).status).toBe(404);
    const report = { sessionId: theirSession.id, effort: 3, minutes: 10, pain: [], finishedAt: '2026-12-09T18:30:00Z' };
    expect((await us.call('POST', `/link/${ourSession.token}/report`, report)).status).toBe(404);
    expect((await us.call('GET', `/link/${'x'.repeat(43)}`)).status).toBe(404);
  });

  it('after all this the other organisation is as it was', async () => {
    const { body } = await them.call('GET', `/athletes/${theirs.athleteId}`);
    expect(body.brief.minutes).toBe(30);
    expect(body.sessions).toHaveLength(1);
    const { body: returned } = await them.call('GET', `/sessions/${theirSession.id}/return`);
    expect(returned.items.every((i: { done: unknown[] }) => i.done.length === 0)).toBe(true);
    expect(returned.decisions).toEqual([]);
  });

  it('an athlete may not be moved into the squad of the other', async () => {
    const answer = await us.call('PATCH', `/athletes/${ours.athleteId}`, { squadId: theirs.squadId });
    expect(answer.status).toBe(422);
  });

  it('every call of its own works for the owner', async () => {
    for (const [route, { path, body, opensTo }] of Object.entries(
      calls(
        () => ours,
        () => ourSession,
      ),
    )) {
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
      tx
        .insert(setLogs)
        .values({ ...logged(), side: 'both', organisationId: theirs.organisationId, sessionId: theirSession.id }),
    );
    await expect(foreign).rejects.toThrow();
    await database.close();
  });
});
