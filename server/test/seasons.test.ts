import { readCalendar } from '@tropaeum/core/formats/icalendar-read';
import type { Entry } from '@tropaeum/core/season/calendar/calendar';
import { emptyOwnSeason, emptySeason } from '@tropaeum/core/season/plan/season-plan';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Caller, type Club, freshDatabase, layClub, type RunningServer, runServer } from './club';
import { sentSession } from './samples';

let server: RunningServer;
let appUrl: string;
let club: Club;
let coach: Caller;

beforeAll(async () => {
  const urls = await freshDatabase();
  club = await layClub(urls.adminUrl, 'ours');
  appUrl = urls.appUrl;
  server = await runServer(appUrl);
  coach = await new Caller(server.url).signIn(club.email);
});
afterAll(() => server.stop());

const season = () => coach.call('GET', `/squads/${club.squadId}/season`);
const put = (revision: number, changed: object) =>
  coach.call('PUT', `/squads/${club.squadId}/season`, { revision, season: { ...emptySeason, ...changed } });
const faultsOf = (body: { error: { faults: { path: string; message: string }[] } }) => body.error.faults;

const laidPower = (on: string) => ({
  ...{ on, type: 'power', minutes: 25, timing: 'only', start: '18:00', label: 'MD-2' },
  ...{ heavyLower: 0, heavyUpper: 0, contacts: 40, eccentric: 0, why: 'MD-2: short and fast.' },
});
const match: Entry = { id: 'm', kind: 'fixture', name: 'Vestøy', on: '2026-12-12', start: '15:00', minutes: 90 };

describe('the season of a squad', () => {
  it('is there from the start, saved whole, and the later save sees the earlier one and says so', async () => {
    const first = await season();
    expect(first.status).toBe(200);
    const { revision } = first.body;
    expect((await put(revision, { entries: [match] })).body).toEqual({ revision: revision + 1 });
    const late = await put(revision, { entries: [] });
    expect(late.status).toBe(409);
    expect(late.body.error.message).toContain('in the meantime');
    expect((await season()).body.season.entries).toEqual([match]);
  });

  it('names every field that cannot be, and keeps nothing of it', async () => {
    const { revision, season: before } = (await season()).body;
    const answer = await put(revision, {
      entries: [
        { ...match, minutes: -30 },
        { ...match, id: 'x', on: '2026-13-40' },
      ],
      phases: [{ phase: 'taper', name: 'Taper', startsOn: '2026-12-12', endsOn: '2026-12-01' }],
      rules: { ...emptySeason.rules, least: 3, most: 2 },
      zone: 'Nowhere/Land',
    });
    expect(answer.status).toBe(422);
    const paths = faultsOf(answer.body).map((f) => f.path);
    expect(paths).toContain('season.entries[1].on');
    expect(paths).toContain('season.zone');
    const second = await put(revision, {
      entries: [{ ...match, minutes: -30 }],
      phases: [{ phase: 'taper', name: 'Taper', startsOn: '2026-12-12', endsOn: '2026-12-01' }],
      rules: { ...emptySeason.rules, least: 3, most: 2 },
    });
    expect(faultsOf(second.body)).toEqual([
      { path: 'season.entries[0].minutes', message: expect.stringContaining('ends before it starts') },
      { path: 'season.phases[0].endsOn', message: expect.stringContaining('has no days') },
      { path: 'season.rules.most', message: expect.stringContaining('3 or more') },
    ]);
    expect((await season()).body.season).toEqual(before);
  });

  it('is what briefs go by: phase, fixtures, and what is laid', async () => {
    const { revision } = (await season()).body;
    const laid = [laidPower('2026-12-10')];
    const phases = [{ phase: 'pre-season', name: 'Before the cup', startsOn: '2026-12-07', endsOn: '2026-12-20' }];
    await put(revision, { entries: [match, { ...match, id: 'twice' }], phases, laid });
    const { body } = await coach.call('GET', `/athletes/${club.athleteId}`);
    expect(body.brief.season).toMatchObject({ phase: 'pre-season', week: 1, nextFixture: '2026-12-12' });
    expect(body.season.fixtures).toHaveLength(1);
    expect(body.season.laid).toEqual(laid);
  });

  it('keeps what is said of an entry: who played, what is held or replaced, hours; and names what is wrong in it', async () => {
    const { revision } = (await season()).body;
    const entries = [
      { ...match, playedBy: { [club.athleteId]: 12 } },
      { id: 'p', kind: 'practice', name: 'Hall', on: '2026-12-10', start: '18:30', despiteClosed: true },
      { id: 'q', kind: 'practice', name: 'Hall', on: '2026-12-11', replaced: true },
      { id: 't', kind: 'travel', name: 'Ferry', on: '2026-12-13', overnight: true },
      { id: 'h', kind: 'hours', name: 'Fasting', on: '2026-12-14', until: '2026-12-20', start: '20:00', end: '23:00' },
    ];
    await put(revision, { entries });
    expect((await season()).body.season.entries).toEqual(entries);
    const wrong = [{ ...match, playedBy: { [club.athleteId]: -5 } }];
    const path = `/squads/${club.squadId}/season`;
    const bad = await coach.call('PUT', path, { revision: 9, season: { ...emptySeason, entries: wrong } });
    expect(bad.status).toBe(422);
    expect(faultsOf(bad.body)[0]?.path).toBe('season.entries[0].playedBy');
  });

  it('tells what is written, with its session type', async () => {
    const { id } = await sentSession(coach, club, '2026-12-15');
    const written = (await season()).body.written.find((s: { id: string }) => s.id === id);
    expect(written).toMatchObject({ on: '2026-12-15', status: 'sent', type: expect.any(String), report: null });
    expect(written.dose.heavyUpper).toBe(2);
  });
});

describe("an athlete's own", () => {
  it('is kept beside the squad and changes the brief of this athlete: away for a month, then the return', async () => {
    const own = {
      ...emptyOwnSeason,
      entries: [{ id: 'a', kind: 'away', name: 'Knee', on: '2026-11-01', until: '2026-12-06' }],
    };
    const path = `/athletes/${club.athleteId}/season`;
    expect((await coach.call('PUT', path, { revision: 0, season: own })).body).toEqual({ revision: 1 });
    expect((await coach.call('PUT', path, { revision: 0, season: own })).status).toBe(409);
    const { body } = await coach.call('GET', `/athletes/${club.athleteId}`);
    expect(body.brief.season).toMatchObject({ phase: 'return', week: 1 });
    expect((await season()).body.own).toEqual([{ athleteId: club.athleteId, revision: 1, season: own }]);
    const bad = await coach.call('PUT', path, { revision: 1, season: { ...own, laid: [{ on: 'x', type: 'run' }] } });
    expect(faultsOf(bad.body).map((f) => f.path)).toEqual(
      expect.arrayContaining(['season.laid[0].on', 'season.laid[0].type', 'season.laid[0].minutes']),
    );
  });
});

describe('a fixture moved for one athlete', () => {
  it("stands in place of the squad's in the brief of this one, and of nobody else", async () => {
    const { revision } = (await season()).body;
    await put(revision, { entries: [match] });
    const path = `/athletes/${club.athleteId}/season`;
    const own = { ...emptyOwnSeason, entries: [{ ...match, on: '2026-12-14' }] };
    await coach.call('PUT', path, { revision: 1, season: own });
    const { body } = await coach.call('GET', `/athletes/${club.athleteId}`);
    expect(body.season.fixtures.map((f: { on: string }) => f.on)).toEqual(['2026-12-14']);
    expect(body.brief.season.nextFixture).toBe('2026-12-14');
    expect((await season()).body.season.entries).toEqual([match]);
    await coach.call('PUT', path, { revision: 2, season: emptyOwnSeason });
  });
});

describe('a calendar given out', () => {
  it('says that somebody is away, never why, and nothing of the hours somebody keeps', async () => {
    const { revision } = (await season()).body;
    const entries = [
      { id: 'w', kind: 'away', name: 'Operation on the knee', on: '2026-12-14', until: '2026-12-20' },
      { id: 'h', kind: 'hours', name: 'Fasting', on: '2026-12-14', until: '2026-12-20', start: '20:00' },
    ];
    await put(revision, { entries });
    const { path } = (await coach.call('POST', `/squads/${club.squadId}/calendar-links`, {})).body;
    const text = await (await fetch(`${server.url}${path}`)).text();
    expect(text).toContain('SUMMARY:Away');
    expect(text).not.toMatch(/knee|Operation|Fasting|hours/i);
    await coach.call('DELETE', `/squads/${club.squadId}/calendar-links`);
  });

  it('can be subscribed to by its address alone, holds entries and laid sessions, and is nothing under another address', async () => {
    const { revision } = (await season()).body;
    await put(revision, { entries: [match], laid: [laidPower('2026-12-10')] });
    const link = await coach.call('POST', `/squads/${club.squadId}/calendar-links`, { athleteId: club.athleteId });
    const response = await fetch(`${server.url}${link.body.path}`);
    expect(response.headers.get('content-type')).toContain('text/calendar');
    const read = readCalendar(await response.text(), {
      zone: 'Europe/Oslo',
      from: '2026-12-01',
      to: '2026-12-31',
      otherwise: 'practice',
    });
    expect(read.bad).toEqual([]);
    expect(read.entries.map(({ on, start, name, minutes }) => [on, start, name, minutes])).toEqual(
      expect.arrayContaining([
        ['2026-12-12', '15:00', 'Vestøy', 90],
        ['2026-12-10', '18:00', 'Power, 25 min, MD-2', 25],
      ]),
    );
    const other = await fetch(`${server.url}${link.body.path.replace(/.\.ics$/, 'x.ics')}`);
    expect(other.status).toBe(404);
    expect((await coach.call('DELETE', `/squads/${club.squadId}/calendar-links`)).body).toEqual({ ended: 1 });
    expect((await fetch(`${server.url}${link.body.path}`)).status).toBe(404);
  });
});
