import { writeSport } from '@tropaeum/core/formats/sport';
import { consentVersion } from '@tropaeum/core/people/consent';
import { emptyOwnSeason, emptySeason } from '@tropaeum/core/season/plan/season-plan';
import { password } from './club';
import { handball, type Laid, nameOf, ownRow, rowOf, sportOf } from './laid';
import { draft, logged, template } from './samples';

export interface RouteCall {
  path: string;
  body?: unknown;
  /** `given`: whom an athlete was given to, as a physio, a guardian or the athlete itself. */
  opensTo: 'owner' | 'given' | 'anyone' | 'everyone-own' | 'nobody';
}

const brief = (date: string) => ({
  date,
  minutes: 30,
  athlete: { heightCm: 175, massKg: 70, born: '2001-03-04', level: 'intermediate' },
  sport: { id: 'handball', role: 'back' },
  kit: { items: [] },
});

const reminderWishes = {
  ...{ sessionAt: 1020, morningAt: 480, whenSent: true },
  ...{ quietFrom: 1260, quietTo: 420, timeZone: 'Europe/Oslo' },
};

/** Every route with a call that would work for its owner; a route missing here fails the walk below. */
export function everyRoute({ club, session, ...there }: Laid): Record<string, RouteCall> {
  return {
    'POST /sign-in': { path: '/sign-in', body: { email: 'nobody@nowhere.example', password: 'x' }, opensTo: 'anyone' },
    'POST /sign-out': { path: '/sign-out', opensTo: 'everyone-own' },
    'GET /mailed-links/:token': { path: '/mailed-links/nobody', opensTo: 'anyone' },
    'POST /mailed-links/:token': {
      path: '/mailed-links/nobody',
      body: { password, name: 'Nobody' },
      opensTo: 'anyone',
    },
    'POST /password-resets': { path: '/password-resets', body: { email: 'nobody@nowhere.example' }, opensTo: 'anyone' },
    'GET /me': { path: '/me', opensTo: 'everyone-own' },
    'PATCH /me': { path: '/me', body: { name: 'Another Name' }, opensTo: 'everyone-own' },
    'PUT /me/password': {
      path: '/me/password',
      body: { current: 'not mine', next: password },
      opensTo: 'everyone-own',
    },
    'GET /sign-ins': { path: '/sign-ins', opensTo: 'everyone-own' },
    'DELETE /sign-ins': { path: '/sign-ins', opensTo: 'everyone-own' },
    'DELETE /sign-ins/:id': { path: `/sign-ins/${there.personId}`, opensTo: 'nobody' },
    'POST /second-factor': { path: '/second-factor', body: { password: 'not mine' }, opensTo: 'everyone-own' },
    'POST /second-factor/confirmation': {
      path: '/second-factor/confirmation',
      body: { code: '000000' },
      opensTo: 'everyone-own',
    },
    'POST /second-factor/removal': {
      path: '/second-factor/removal',
      body: { password: 'not mine' },
      opensTo: 'everyone-own',
    },
    'PATCH /club': {
      path: '/club',
      body: { settings: { units: { mass: 'kg', length: 'cm' } } },
      opensTo: 'everyone-own',
    },
    'GET /installation': { path: '/installation', opensTo: 'anyone' },
    'POST /sign-ups': {
      path: '/sign-ups',
      body: { club: 'Nobody IL', name: 'Nobody', email: 'nobody@nowhere.example' },
      opensTo: 'anyone',
    },
    'GET /club/export.jsonl': { path: '/club/export.jsonl', opensTo: 'everyone-own' },
    'POST /club/erasure': { path: '/club/erasure', body: { password: 'not mine', name: 'x' }, opensTo: 'everyone-own' },
    'GET /people': { path: '/people', opensTo: 'everyone-own' },
    'PATCH /people/:id': { path: `/people/${there.personId}`, body: { role: 'coach' }, opensTo: 'owner' },
    'DELETE /people/:id': { path: `/people/${there.personId}`, opensTo: 'owner' },
    'POST /invitations': {
      path: '/invitations',
      body: { email: `again@${nameOf(club)}.example`, role: 'coach' },
      opensTo: 'everyone-own',
    },
    'DELETE /invitations/:id': { path: `/invitations/${there.invitationId}`, opensTo: 'owner' },
    'GET /mails': { path: '/mails', opensTo: 'everyone-own' },
    'GET /audit': { path: '/audit', opensTo: 'everyone-own' },
    'GET /squads': { path: '/squads', opensTo: 'everyone-own' },
    'GET /outbox': { path: '/outbox', opensTo: 'everyone-own' },
    'GET /athletes/:id': { path: `/athletes/${club.athleteId}`, opensTo: 'owner' },
    'GET /athletes/:id/last-change': { path: `/athletes/${club.athleteId}/last-change`, opensTo: 'owner' },
    'PATCH /athletes/:id': { path: `/athletes/${club.athleteId}`, body: { minutes: 45 }, opensTo: 'owner' },
    'GET /athletes/:id/export.json': { path: `/athletes/${club.athleteId}/export.json`, opensTo: 'owner' },
    'GET /athletes/:id/export.csv': { path: `/athletes/${club.athleteId}/export.csv`, opensTo: 'owner' },
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
    'POST /athlete-lists': {
      path: '/athlete-lists',
      body: {
        squadId: club.squadId,
        athletes: [{ name: 'One More', role: 'wing', athlete: { heightCm: 170, massKg: 60, born: '2004-04-04' } }],
      },
      opensTo: 'owner',
    },
    'POST /athletes/:id/invitations': {
      path: `/athletes/${club.athleteId}/invitations`,
      body: { email: `guardian@${nameOf(club)}.example`, role: 'guardian' },
      opensTo: 'owner',
    },
    'DELETE /pending-athletes/:id': { path: `/pending-athletes/${there.pendingId}`, opensTo: 'owner' },
    'POST /athletes/:id/release-requests': {
      path: `/athletes/${club.athleteId}/release-requests`,
      body: { region: 'wrist', words: 'looks well' },
      opensTo: 'owner',
    },
    'GET /treated': { path: '/treated', opensTo: 'everyone-own' },
    'GET /treated/:id': { path: `/treated/${club.athleteId}`, opensTo: 'given' },
    'PUT /treated/:id/restrictions': {
      path: `/treated/${club.athleteId}/restrictions`,
      body: { was: [], restrictions: [{ region: 'knee', severity: 'limit' }] },
      opensTo: 'given',
    },
    'PUT /treated/:id/tests': {
      path: `/treated/${club.athleteId}/tests`,
      body: { athlete: { tests: [{ variant: 'push-up', maxReps: 12 }] } },
      opensTo: 'given',
    },
    'POST /release-requests/:id/answer': {
      path: `/release-requests/${there.requestId}/answer`,
      body: { words: 'not yet' },
      opensTo: 'given',
    },
    'GET /family': { path: '/family', opensTo: 'everyone-own' },
    'GET /family/:id/export.json': { path: `/family/${club.athleteId}/export.json`, opensTo: 'given' },
    'POST /consents': {
      path: '/consents',
      body: { athleteId: club.athleteId, name: 'A Guardian', version: consentVersion },
      opensTo: 'given',
    },
    'POST /consents/:id/withdrawal': {
      path: `/consents/${club.athleteId}/withdrawal`,
      body: { name: 'Athlete of ours' },
      opensTo: 'given',
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
    'GET /weeks': { path: '/weeks', opensTo: 'everyone-own' },
    'GET /squads/:id/hall': { path: `/squads/${club.squadId}/hall`, opensTo: 'owner' },
    'GET /desk': { path: '/desk', opensTo: 'everyone-own' },
    'POST /desk/decisions': {
      path: '/desk/decisions',
      body: { decisions: [{ sessionId: session.id, variant: 'push-up', decided: 'same' }] },
      opensTo: 'owner',
    },
    'POST /desk/marks': {
      path: '/desk/marks',
      body: { entries: [{ athlete: club.athleteId, key: 'test never', until: null }] },
      opensTo: 'owner',
    },
    'POST /desk/marks/removal': {
      path: '/desk/marks/removal',
      body: { entries: [{ athlete: club.athleteId, key: 'test never', until: null }] },
      opensTo: 'everyone-own',
    },
    'PUT /progress-rules': { path: '/progress-rules', body: {}, opensTo: 'everyone-own' },
    'POST /athletes/:id/messages': {
      path: `/athletes/${club.athleteId}/messages`,
      body: { body: 'How are you?' },
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
    'PATCH /squads/:id': { path: `/squads/${club.squadId}`, body: { name: 'Another name' }, opensTo: 'owner' },
    'DELETE /squads/:id': { path: `/squads/${club.squadId}`, opensTo: 'nobody' },
    'GET /links': { path: '/links', opensTo: 'everyone-own' },
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
    'DELETE /athletes/:id': { path: `/athletes/${club.athleteId}`, opensTo: 'owner' },
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
    'POST /link/:token/morning': {
      path: `/link/${session.token}/morning`,
      body: { sessionId: session.id, pain: [] },
      opensTo: 'anyone',
    },
    'POST /link/:token/renewal': { path: `/link/${session.token}/renewal`, opensTo: 'anyone' },
    'POST /link/:token/tests': {
      path: `/link/${session.token}/tests`,
      body: { test: 'push-up', value: 20, on: '2026-12-09' },
      opensTo: 'anyone',
    },
    'GET /link/:token/reminders/': { path: `/link/${session.token}/reminders`, opensTo: 'anyone' },
    'POST /link/:token/reminders/': {
      path: `/link/${session.token}/reminders`,
      body: { wishes: reminderWishes },
      opensTo: 'anyone',
    },
    'POST /link/:token/reminders/end': {
      path: `/link/${session.token}/reminders/end`,
      body: { endpoint: 'https://push.example/nobody' },
      opensTo: 'anyone',
    },
    'POST /link/:token/readiness': {
      path: `/link/${session.token}/readiness`,
      body: { sessionId: session.id, sleep: 'usual', toldAt: '2026-12-09T17:00:00Z' },
      opensTo: 'anyone',
    },
    'POST /link/:token/report': {
      path: `/link/${session.token}/report`,
      body: { sessionId: session.id, effort: 6, minutes: 30, pain: [], finishedAt: '2026-12-09T18:30:00Z' },
      opensTo: 'anyone',
    },
  };
}
