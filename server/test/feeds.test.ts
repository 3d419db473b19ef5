import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { emptySeason } from '@tropaeum/core/season/plan/season-plan';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Database } from '../src/database/database';
import { networkFeedReader } from '../src/feeds/feed-reader';
import { refreshFeed } from '../src/jobs/feed-refresh';
import type { Services } from '../src/routes/context';
import { Caller, type Club, freshDatabase, layClub, type RunningServer, runServer, today } from './club';

let server: RunningServer;
let appUrl: string;
let club: Club;
let coach: Caller;
/** A league that answers as it is told to. */
let league: Server;
let leagueUrl: string;
let answers: 'calendar' | 'down' | 'page' | 'slow' | 'moved' = 'calendar';

const calendar = (day: string) =>
  [
    'BEGIN:VCALENDAR',
    'BEGIN:VEVENT',
    'UID:r1',
    `DTSTART:${day}T140000Z`,
    'DURATION:PT90M',
    'SUMMARY:Skarvøy v Torsnes',
    'END:VEVENT',
    'BEGIN:VEVENT',
    'UID:bad',
    'DTSTART:nothing',
    'END:VEVENT',
    'END:VCALENDAR',
  ].join('\r\n');

beforeAll(async () => {
  const urls = await freshDatabase();
  club = await layClub(urls.adminUrl, 'ours');
  appUrl = urls.appUrl;
  server = await runServer(appUrl);
  coach = await new Caller(server.url).signIn(club.email);
  league = createServer((_, response) => {
    if (answers === 'slow') return;
    if (answers === 'down') response.statusCode = 503;
    response.end(
      answers === 'page' ? '<!doctype html><p>Moved' : calendar(answers === 'moved' ? '20261220' : '20261219'),
    );
  });
  await new Promise<void>((resolve) => league.listen(0, '127.0.0.1', resolve));
  leagueUrl = `http://127.0.0.1:${(league.address() as AddressInfo).port}/fixtures.ics`;
});
afterAll(async () => {
  league.closeAllConnections();
  league.close();
  await server.stop();
});

const season = () => coach.call('GET', `/squads/${club.squadId}/season`);
const put = (revision: number, changed: object) =>
  coach.call('PUT', `/squads/${club.squadId}/season`, { revision, season: { ...emptySeason, ...changed } });
const faultsOf = (body: { error: { faults: { path: string; message: string }[] } }) => body.error.faults;

/** The same words for every failure: who asks is not told what stands behind an address. */
const noCalendar = 'brings no calendar: look whether the address is right, or try again later';

describe('a feed', () => {
  let id: string;

  it('is read when it is added, its bad lines told by number', async () => {
    answers = 'calendar';
    const answer = await coach.call('POST', `/squads/${club.squadId}/feeds`, { url: leagueUrl });
    expect(answer.status).toBe(201);
    id = answer.body.id;
    expect(answer.body.entries).toMatchObject([{ kind: 'fixture', on: '2026-12-19', start: '15:00', minutes: 90 }]);
    expect(answer.body.bad).toMatchObject([{ line: 10 }]);
    const { body } = await coach.call('GET', `/athletes/${club.athleteId}`);
    expect(body.season.fixtures.map((f: { on: string }) => f.on)).toContain('2026-12-19');
    const again = await coach.call('POST', `/squads/${club.squadId}/feeds`, { url: leagueUrl });
    expect(faultsOf(again.body)).toEqual([{ path: 'url', message: 'is read already' }]);
  });

  it.each([
    ['down', noCalendar],
    ['page', noCalendar],
    ['slow', noCalendar],
  ] as const)('that is %s keeps its last good copy, with its age and the reason', async (how, problem) => {
    const before = (await season()).body.feeds[0];
    answers = how;
    const { status, body } = await coach.call('POST', `/feeds/${id}/read`);
    expect(status).toBe(200);
    expect(body.problem).toBe(problem);
    expect(body.readAt).toBe(before.readAt);
    expect(Date.parse(body.triedAt)).toBeGreaterThan(Date.parse(before.triedAt));
    expect(body.entries).toEqual(before.entries);
  });

  it('that is back is read anew, and what the coach has moved stays where it was moved', async () => {
    answers = 'moved';
    const { body } = await coach.call('POST', `/feeds/${id}/read`);
    expect(body.problem).toBeNull();
    expect(body.entries[0].on).toBe('2026-12-20');
    const { revision, season: now } = (await season()).body;
    await put(revision, { ...now, entries: [{ ...body.entries[0], on: '2026-12-22' }] });
    const detail = await coach.call('GET', `/athletes/${club.athleteId}`);
    expect(detail.body.season.fixtures.map((f: { on: string }) => f.on)).toEqual(['2026-12-22']);
  });

  it('falls due when nobody has tried it for a while, and is read again for whoever has it', async () => {
    const database = new Database(appUrl);
    const { triedAt } = (await season()).body.feeds[0];
    expect(await database.dueFeeds(triedAt)).toEqual([]);
    const due = await database.dueFeeds(new Date(Date.parse(triedAt) + 1000).toISOString());
    expect(due).toEqual([{ organisation_id: club.organisationId, feed_id: id }]);
    answers = 'down';
    const services = {
      database,
      feeds: networkFeedReader({ waitMs: 700, allowed: ['127.0.0.1', 'localhost'] }),
      now: () => new Date(),
      today: () => today,
    } as unknown as Services;
    expect(await refreshFeed(services, club.organisationId, id)).toBe(true);
    expect((await season()).body.feeds[0]).toMatchObject({ problem: noCalendar, entries: [{}] });
    expect(await refreshFeed(services, club.organisationId, club.squadId)).toBe(false);
    await database.close();
  });

  it('that cannot be read is not added, and says why', async () => {
    answers = 'page';
    const page = await coach.call('POST', `/squads/${club.squadId}/feeds`, { url: `${leagueUrl}?other` });
    expect(faultsOf(page.body)).toEqual([{ path: 'url', message: noCalendar }]);
    const nowhere = await coach.call('POST', `/squads/${club.squadId}/feeds`, { url: 'http://127.0.0.1:1/x.ics' });
    expect(faultsOf(nowhere.body)).toEqual([{ path: 'url', message: noCalendar }]);
    const word = await coach.call('POST', `/squads/${club.squadId}/feeds`, { url: 'the league' });
    expect(faultsOf(word.body)[0]?.message).toContain('must be an address');
    expect((await season()).body.feeds).toHaveLength(1);
  });

  it('ships with a league to try it on', async () => {
    const answer = await coach.call('POST', `/squads/${club.squadId}/feeds`, {
      url: `${server.url}/api/stand-ins/league.ics`,
    });
    expect(answer.body.entries).toHaveLength(8);
    expect((await coach.call('DELETE', `/feeds/${answer.body.id}`)).status).toBe(204);
    expect((await coach.call('DELETE', `/feeds/${answer.body.id}`)).status).toBe(404);
  });
});
