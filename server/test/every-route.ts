import { variantById } from '@tropaeum/core/exercise/library/library';
import { copyAsCustom } from '@tropaeum/core/exercise/model/custom-exercise';
import type { Variant } from '@tropaeum/core/exercise/model/variant';
import { writeSport } from '@tropaeum/core/formats/sport';
import { emptyOwnSeason, emptySeason } from '@tropaeum/core/season/plan/season-plan';
import type { SportProfile } from '@tropaeum/core/sport/profile';
import { sportById } from '@tropaeum/core/sport/sports';
import type { Caller, Club } from './club';
import { draft, logged, sentSession, template } from './samples';

/** What is there of a club when every route is called. */
export interface Laid {
  club: Club;
  url: string;
  session: { id: string; token: string };
  templateId: string;
  feedId: string;
  calendarId: string;
}

export interface RouteCall {
  path: string;
  body?: unknown;
  opensTo: 'owner' | 'anyone' | 'everyone-own';
}

const handball = sportById('handball') as SportProfile;
/** Clubs of the tests are told apart by the host of their address. */
const nameOf = ({ email }: Club) => email.replace(/^coach@|\.example$/g, '');
const sportOf = (club: Club) => `sport-of-${nameOf(club)}`;
const ownSport = (id: string) => ({ profile: writeSport({ ...handball, id }), revision: 0 });

const row = variantById('bent-row') as Variant;
const ownRow = (id: string) => copyAsCustom(row, id, '3x12');
const rowOf = (club: Club) => `row-of-${nameOf(club)}`;

const brief = (date: string) => ({
  date,
  minutes: 30,
  athlete: { heightCm: 175, massKg: 70, born: '2001-03-04', level: 'intermediate' },
  sport: { id: 'handball', role: 'back' },
  kit: { items: [] },
});

/** Lays something behind every route of a club. */
export async function layBehindRoutes(coach: Caller, club: Club, url: string): Promise<Laid> {
  const session = await sentSession(coach, club);
  await coach.call('POST', '/own-variants', ownRow(rowOf(club)));
  await coach.call('PUT', `/sports/${sportOf(club)}`, ownSport(sportOf(club)));
  const made = async (path: string, body: unknown): Promise<string> => (await coach.call('POST', path, body)).body.id;
  return {
    ...{ club, url, session },
    templateId: await made('/templates', template),
    calendarId: await made(`/squads/${club.squadId}/calendar-links`, {}),
    feedId: await made(`/squads/${club.squadId}/feeds`, { url: `${url}/api/stand-ins/league.ics` }),
  };
}

/** Every route with a call that would work for its owner; a route missing here fails the walk below. */
export function everyRoute({ club, session, ...there }: Laid): Record<string, RouteCall> {
  return {
    'POST /sign-in': { path: '/sign-in', body: { email: 'nobody@nowhere.example', password: 'x' }, opensTo: 'anyone' },
    'POST /sign-out': { path: '/sign-out', opensTo: 'everyone-own' },
    'GET /me': { path: '/me', opensTo: 'everyone-own' },
    'GET /squads': { path: '/squads', opensTo: 'everyone-own' },
    'GET /outbox': { path: '/outbox', opensTo: 'everyone-own' },
    'GET /athletes/:id': { path: `/athletes/${club.athleteId}`, opensTo: 'owner' },
    'PATCH /athletes/:id': { path: `/athletes/${club.athleteId}`, body: { minutes: 45 }, opensTo: 'owner' },
    'POST /athletes': {
      path: '/athletes',
      body: {
        name: 'New One',
        squadId: club.squadId,
        role: 'wing',
        athlete: { heightCm: 170, massKg: 60, born: '2004-04-04' },
      },
      opensTo: 'owner',
    },
    'POST /athletes/:id/sessions': {
      path: `/athletes/${club.athleteId}/sessions`,
      body: { brief: brief('2026-12-20'), draft },
      opensTo: 'owner',
    },
    'GET /sessions/:id': { path: `/sessions/${session.id}`, opensTo: 'owner' },
    'PUT /sessions/:id': {
      path: `/sessions/${session.id}`,
      body: { brief: brief('2026-12-09'), draft, revision: 1 },
      opensTo: 'owner',
    },
    'POST /sessions/:id/send': { path: `/sessions/${session.id}/send`, opensTo: 'owner' },
    'GET /sessions/:id/return': { path: `/sessions/${session.id}/return`, opensTo: 'owner' },
    'POST /sessions/:id/decisions': {
      path: `/sessions/${session.id}/decisions`,
      body: { variant: 'push-up', decided: 'same' },
      opensTo: 'owner',
    },
    'GET /own-variants': { path: '/own-variants', opensTo: 'everyone-own' },
    'POST /own-variants': { path: '/own-variants', body: {}, opensTo: 'everyone-own' },
    'PUT /own-variants/:id': { path: `/own-variants/${rowOf(club)}`, body: ownRow(rowOf(club)), opensTo: 'owner' },
    'DELETE /own-variants/:id': { path: `/own-variants/${rowOf(club)}`, opensTo: 'owner' },
    'GET /sports': { path: '/sports', opensTo: 'everyone-own' },
    'PUT /sports/:id': {
      path: '/sports/handball',
      body: { profile: writeSport(handball), revision: 0 },
      opensTo: 'everyone-own',
    },
    'DELETE /sports/:id': { path: `/sports/${sportOf(club)}`, opensTo: 'owner' },
    'GET /templates': { path: '/templates', opensTo: 'everyone-own' },
    'POST /templates': { path: '/templates', body: template, opensTo: 'everyone-own' },
    'DELETE /templates/:id': {
      path: `/templates/${there.templateId}`,
      opensTo: 'owner',
    },
    'GET /squads/:id/season': { path: `/squads/${club.squadId}/season`, opensTo: 'owner' },
    'PUT /squads/:id/season': {
      path: `/squads/${club.squadId}/season`,
      body: { revision: 1, season: emptySeason },
      opensTo: 'owner',
    },
    'PUT /athletes/:id/season': {
      path: `/athletes/${club.athleteId}/season`,
      body: { revision: 0, season: emptyOwnSeason },
      opensTo: 'owner',
    },
    'POST /squads/:id/feeds': {
      path: `/squads/${club.squadId}/feeds`,
      body: { url: `${there.url}/api/stand-ins/league.ics?walk` },
      opensTo: 'owner',
    },
    'POST /feeds/:id/read': { path: `/feeds/${there.feedId}/read`, opensTo: 'owner' },
    'DELETE /feeds/:id': { path: `/feeds/${there.feedId}`, opensTo: 'owner' },
    'POST /squads/:id/calendar-links': {
      path: `/squads/${club.squadId}/calendar-links`,
      body: {},
      opensTo: 'owner',
    },
    'GET /squads/:id/calendar-links': { path: `/squads/${club.squadId}/calendar-links`, opensTo: 'owner' },
    'DELETE /calendar-links/:id': {
      path: `/calendar-links/${there.calendarId}`,
      opensTo: 'owner',
    },
    'DELETE /squads/:id/calendar-links': { path: `/squads/${club.squadId}/calendar-links`, opensTo: 'owner' },
    'POST /athletes/:id/link': { path: `/athletes/${club.athleteId}/link`, opensTo: 'owner' },
    'DELETE /athletes/:id/link': { path: `/athletes/${club.athleteId}/link`, opensTo: 'owner' },
    'GET /alive': { path: '/alive', opensTo: 'anyone' },
    'GET /ready': { path: '/ready', opensTo: 'anyone' },
    'GET /calendars/:token.ics': { path: '/calendars/nobody.ics', opensTo: 'anyone' },
    'GET /stand-ins/league.ics': { path: '/stand-ins/league.ics', opensTo: 'anyone' },
    'GET /devices/hanging-scale': { path: '/devices/hanging-scale', opensTo: 'everyone-own' },
    'GET /devices/contact-mat': { path: '/devices/contact-mat', opensTo: 'everyone-own' },
    'GET /link/:token/': { path: `/link/${session.token}`, opensTo: 'anyone' },
    'POST /link/:token/logs': {
      path: `/link/${session.token}/logs`,
      body: { sessionId: session.id, logs: [logged()] },
      opensTo: 'anyone',
    },
    'POST /link/:token/report': {
      path: `/link/${session.token}/report`,
      body: { sessionId: session.id, effort: 6, minutes: 30, pain: [], finishedAt: '2026-12-09T18:30:00Z' },
      opensTo: 'anyone',
    },
  };
}
