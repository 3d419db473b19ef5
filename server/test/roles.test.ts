import { may, type Role, roles, rolesOfAthletes } from '@tropaeum/core/people/permissions';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { routeRules } from '../src/routes/permissions';
import { Caller, type Club, freshDatabase, layClub, type RunningServer, runServer } from './club';
import { everyRoute } from './every-route';
import { join, type Laid, layBehindRoutes } from './laid';
import { logged, sentSession } from './samples';

let server: RunningServer;
let ours: Club;
let theirs: Club;
let owner: Caller;
let laid: Laid;
let foreign: Laid;
/** A squad of ours with an athlete, and somebody of every role that is limited to it. */
let otherSquad: string;
let otherAthlete: string;
const callers = new Map<string, Caller>();

const someone = (role: Role, limited: boolean) => callers.get(`${role} ${limited}`) as Caller;

beforeAll(async () => {
  const urls = await freshDatabase();
  [ours, theirs] = [await layClub(urls.adminUrl, 'ours'), await layClub(urls.adminUrl, 'theirs')];
  server = await runServer(urls.appUrl);
  owner = await new Caller(server.url).signIn(ours.email);
  laid = await layBehindRoutes(owner, ours, server.url);
  foreign = await layBehindRoutes(await new Caller(server.url).signIn(theirs.email), theirs, server.url);
  const added = await owner.call('POST', '/athletes', {
    name: 'Of the other squad',
    newSquad: { name: 'Other squad', sportId: 'handball' },
    role: 'wing',
    athlete: { heightCm: 170, massKg: 60, born: '2004-04-04', level: 'beginner' },
  });
  otherAthlete = added.body.id;
  otherSquad = (await owner.call('GET', `/athletes/${otherAthlete}`)).body.athlete.squadId;
  callers.set('owner false', owner);
  for (const role of roles)
    for (const limited of [false, true]) {
      if (role === 'owner') continue;
      const email = `${role}-${limited ? 'limited' : 'whole'}@ours.example`;
      if (rolesOfAthletes.includes(role))
        await join(owner, server.url, email, role, [], [limited ? otherAthlete : ours.athleteId]);
      else await join(owner, server.url, email, role, limited ? [otherSquad] : []);
      callers.set(`${role} ${limited}`, await new Caller(server.url).signIn(email));
    }
});
afterAll(() => server.stop());

/** Routes that name an athlete, a session or a squad of the club. */
const ofSquad = /^\w+ \/(athletes|sessions|squads|feeds|calendar-links)\/:id/;
const methodOf = (route: string) => route.split(' ')[0] as string;

describe('every route and every role', () => {
  it('each route behind the sign-in is in the table, and the table holds no other', () => {
    const behind = Object.entries(everyRoute(laid)).filter(([, call]) => call.opensTo !== 'anyone');
    // Signing out is anybody's who is in.
    const routes = behind.map(([route]) => route).filter((route) => route !== 'POST /sign-out');
    expect(routes.sort()).toEqual(Object.keys(routeRules).sort());
  });

  it.each(roles)('%s: a foreign club answers nothing, whatever the role', async (role) => {
    for (const [route, { path, body, opensTo }] of Object.entries(everyRoute(foreign))) {
      if (opensTo !== 'owner' && opensTo !== 'given') continue;
      const answer = await someone(role, false).call(methodOf(route), path, body);
      expect([403, 404, 422], `${route} gave ${answer.status}`).toContain(answer.status);
      expect(JSON.stringify(answer.body)).not.toContain('Athlete of theirs');
    }
  });

  it.each(['coach', 'assistant'] as const)(
    '%s limited to another squad: no athlete, session or season of this one',
    async (role) => {
      const limited = someone(role, true);
      const squads = (await limited.call('GET', '/squads')).body;
      expect(squads.squads.map((s: { id: string }) => s.id)).toEqual([otherSquad]);
      expect(squads.athletes.map((a: { name: string }) => a.name)).toEqual(['Of the other squad']);
      for (const [route, { path, body }] of Object.entries(everyRoute(laid))) {
        if (!ofSquad.test(route)) continue;
        const answer = await limited.call(methodOf(route), path, body);
        expect([403, 404, 422], `${route} gave ${answer.status}`).toContain(answer.status);
        expect(JSON.stringify(answer.body)).not.toContain('Athlete of ours');
      }
      const mine = await limited.call('GET', `/athletes/${otherAthlete}`);
      expect(mine.body.athlete.name).toBe('Of the other squad');
      expect((await limited.call('GET', '/outbox')).body.messages).toEqual([]);
      const moved = await limited.call('PATCH', `/athletes/${otherAthlete}`, { squadId: ours.squadId });
      expect(moved.status).toBe(422);
      const begun = await limited.call('POST', '/athletes', {
        name: 'Nobody',
        newSquad: { name: 'A squad of my own', sportId: 'handball' },
        role: 'wing',
        athlete: { heightCm: 170, massKg: 60, born: '2004-04-04', level: 'beginner' },
      });
      expect(begun.status).toBe(403);
    },
  );

  it.each(rolesOfAthletes)('%s of somebody else: nothing of a club-mate, by no route', async (role) => {
    for (const [route, { path, body, opensTo }] of Object.entries(everyRoute(laid))) {
      if (opensTo === 'anyone' || /sign-out|sign-ins$/.test(route) || route.includes('/devices/')) continue;
      const answer = await someone(role, true).call(methodOf(route), path, body);
      expect(JSON.stringify(answer.body ?? ''), route).not.toContain('Athlete of ours');
      if (opensTo === 'owner' || opensTo === 'given')
        expect([403, 404, 422], `${route} gave ${answer.status}`).toContain(answer.status);
    }
    const theirs = { physio: '/treated', guardian: '/family', athlete: '/family' }[role as 'physio'];
    const { body } = await someone(role, true).call('GET', theirs);
    // Who decides alone has no guardian here.
    expect(body.athletes.map((a: { name: string }) => a.name)).toEqual(
      role === 'guardian' ? [] : ['Of the other squad'],
    );
  });

  it("an athlete's own sign-in opens what a link of the athlete opens, and no other role's does", async () => {
    const [other, mine] = [`/link/me.${otherAthlete}`, `/link/me.${ours.athleteId}`];
    const opened = await someone('athlete', true).call('GET', other);
    expect(opened.body.athlete.name).toBe('Of the other squad');
    const logs = { sessionId: laid.session.id, logs: [logged()] };
    expect((await someone('athlete', true).call('POST', `${other}/logs`, logs)).status).toBe(404);
    // Sets of somebody else that still wait on the phone.
    expect((await someone('athlete', true).call('POST', `${mine}/logs`, logs)).status).toBe(401);
    expect((await someone('athlete', false).call('POST', `${mine}/logs`, logs)).status).toBe(200);
    for (const role of roles)
      if (role !== 'athlete') expect((await someone(role, false).call('GET', mine)).status, role).toBe(401);
    expect((await new Caller(server.url).call('GET', mine)).status).toBe(401);
  });

  it("an athlete's link reads and logs nothing of a club-mate", async () => {
    const { token } = await sentSession(owner, { ...ours, athleteId: otherAthlete });
    const opened = await owner.call('GET', `/link/${token}`);
    expect(opened.body.athlete.name).toBe('Of the other squad');
    expect(JSON.stringify(opened.body)).not.toContain(laid.session.id);
    const logs = { sessionId: laid.session.id, logs: [logged()] };
    expect((await owner.call('POST', `/link/${token}/logs`, logs)).status).toBe(404);
    const report = { effort: 3, minutes: 10, pain: [], finishedAt: '2026-12-09T18:30:00Z' };
    expect((await owner.call('POST', `/link/${token}/report`, { ...report, sessionId: laid.session.id })).status).toBe(
      404,
    );
    const { body } = await owner.call('GET', `/sessions/${laid.session.id}/return`);
    // The one set that is there is of the athlete's own sign-in.
    expect(body.items.flatMap((i: { done: unknown[] }) => i.done)).toHaveLength(1);
  });

  it.each([...roles].reverse())('%s: allowed or refused as the table says', async (role) => {
    const routes = Object.entries(everyRoute(laid))
      .filter(([route, { opensTo }]) => opensTo !== 'anyone' && !/sign-out|DELETE \/sign-ins$/.test(route))
      // What takes away comes last, so that every call has something to find.
      .sort(([a], [b]) => Number(a.startsWith('DELETE')) - Number(b.startsWith('DELETE')));
    for (const [route, { path, body }] of routes) {
      const allowed = may(role, (routeRules[route] as { needs: never }).needs);
      if (allowed && route.startsWith('DELETE') && role !== 'owner') continue;
      // An answer that never ends is looked at by its first message only.
      if (allowed && route.includes('/devices/')) {
        expect((await someone(role, false).firstMessage(path)).type, route).toBe('text/event-stream');
        continue;
      }
      const { status, body: said } = await someone(role, false).call(methodOf(route), path, body);
      if (allowed) expect(status, `${role} ${route}: ${JSON.stringify(said)}`).not.toBe(403);
      else expect(status, `${role} ${route}`).toBe(403);
    }
  });
});
