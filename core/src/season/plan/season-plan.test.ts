import { describe, expect, it } from 'vitest';
import { exampleBrief } from '../../../test/briefs';
import type { Restriction } from '../../athlete/athlete';
import type { Entry } from '../calendar/calendar';
import { mondayOf } from '../calendar/season-on';
import { dailyLoads, loadOfScheduled } from '../periodisation/projection';
import { daysOfCase } from '../scheduler/day';
import { movesBetween, type ScheduledSession } from '../scheduler/scheduled-session';
import { WeekMemory } from '../scheduler/week-programme';
import { doseOfPlan, typeOfDose } from './planned-session';
import { schedule } from './schedule-result';
import { briefForScheduled } from './scheduled-brief';
import {
  caseOf,
  emptyOwnSeason,
  emptySeason,
  type OwnSeason,
  type PlannedSession,
  type ScheduleRequest,
} from './season-plan';

const today = '2026-12-09';
const match = (on: string, changes: Partial<Entry> = {}): Entry => ({
  id: on,
  kind: 'fixture',
  name: `Match ${on}`,
  on,
  start: '15:00',
  ...changes,
});
const league = ['2026-12-12', '2026-12-19', '2026-12-26', '2027-01-02'].map((on) => match(on));
const ask = (changes: Partial<ScheduleRequest> = {}): ScheduleRequest => ({
  season: { ...emptySeason, entries: league },
  sport: 'handball',
  written: [],
  today,
  weeks: 4,
  ...changes,
});
const laidOn = (
  on: string,
  type: ScheduledSession['type'],
  more: Partial<ScheduledSession> = {},
): ScheduledSession => ({
  ...{ on, type, minutes: 30, timing: 'only', start: '18:00', label: '-', why: 'For a reason.' },
  ...{ heavyLower: 0, heavyUpper: 0, contacts: 0, eccentric: 0 },
  ...more,
});
const written = (on: string): PlannedSession => ({
  ...{ on, type: 'whole-body', minutes: 35 },
  ...{ heavyLower: 5, heavyUpper: 4, contacts: 10, eccentric: 2 },
});
const athlete = { id: 'a', level: 'intermediate', born: '2001-03-04', minutes: 30 } as const;

describe('the season of a squad', () => {
  it('is laid from the week that today is in, and nothing is laid in the past', () => {
    const { laid, weeks } = schedule(ask());
    expect(weeks.map(({ from }) => from)).toEqual(['2026-12-07', '2026-12-14', '2026-12-21', '2026-12-28']);
    expect(laid.every(({ on }) => on >= today)).toBe(true);
    expect(laid.length).toBeGreaterThanOrEqual(7);
  });

  it('is the same again when nothing has changed, and told as no move', () => {
    const first = schedule(ask());
    const again = schedule(ask({ season: { ...emptySeason, entries: league, laid: first.laid } }));
    expect(again.laid).toEqual(first.laid);
    expect(again.moves).toEqual([]);
  });

  it('keeps what was laid for days that are over, and says how long a week is', () => {
    const over = laidOn('2026-12-07', 'power');
    const gone = laidOn('2026-08-03', 'power');
    const { laid, weeks } = schedule(ask({ season: { ...emptySeason, entries: league, laid: [gone, over] } }));
    expect(laid[0]).toEqual(over);
    expect(laid.some(({ on }) => on === gone.on)).toBe(false);
    const second = laid.filter(({ on }) => on >= '2026-12-14' && on < '2026-12-21');
    expect(weeks[1]?.minutes).toBe(second.reduce((sum, session) => sum + session.minutes, 0));
  });

  it('holds round a session that is written, and lays none on its day', () => {
    const { laid } = schedule(ask({ written: [written('2026-12-15')] }));
    expect(laid.some(({ on }) => on === '2026-12-15')).toBe(false);
    const heavy = laid.filter(({ heavyLower }) => heavyLower >= 2).map(({ on }) => on);
    expect(heavy).not.toContain('2026-12-14');
    expect(heavy).not.toContain('2026-12-16');
  });

  it('keeps a pin, a day that is to have nothing, and a pin on the day of a fixture, which it says', () => {
    const pins = [
      { on: '2026-12-16', type: 'power' as const },
      { on: '2026-12-17', type: 'none' as const },
      { on: '2026-12-18', type: 'lower-body' as const },
    ];
    const { laid, gaveWay } = schedule(ask({ season: { ...emptySeason, entries: league, pins } }));
    expect(laid.find(({ on }) => on === '2026-12-16')?.type).toBe('power');
    expect(laid.some(({ on }) => on === '2026-12-17')).toBe(false);
    expect(laid.find(({ on }) => on === '2026-12-18')?.heavyLower).toBeLessThanOrEqual(3);
    expect(gaveWay.some(({ on, words }) => on === '2026-12-18' && words.includes('stays where you pinned it'))).toBe(
      true,
    );
  });

  it('does no more than move on a day of travel, and says what the week lacks', () => {
    const free = ['2026-12-15', '2026-12-16', '2026-12-17', '2026-12-18'].map(
      (on): Entry => ({ id: on, kind: 'free', name: 'Free', on }),
    );
    const travel: Entry = { id: 't', kind: 'travel', name: 'Ferry', on: '2026-12-14' };
    const { gaveWay, laid } = schedule(ask({ season: { ...emptySeason, entries: [...league, ...free, travel] } }));
    expect(laid.filter(({ on }) => on === '2026-12-14').every(({ type }) => type === 'flexibility')).toBe(true);
    expect(gaveWay.some(({ on, words }) => on === '2026-12-14' && words.includes('0 of'))).toBe(true);
  });

  it('bears labels, and a time behind the practice of the day', () => {
    const practice: Entry = {
      id: 'p',
      kind: 'practice',
      name: 'Hall',
      on: '2026-12-15',
      start: '18:30',
      minutes: 90,
      effort: 7,
    };
    const { laid, labels } = schedule(ask({ season: { ...emptySeason, entries: [...league, practice] } }));
    expect(labels).toMatchObject({
      '2026-12-12': 'MD',
      '2026-12-13': 'MD+1',
      '2026-12-15': 'MD-4',
      '2026-12-18': 'MD-1',
    });
    expect(laid.find(({ on }) => on === '2026-12-15')).toMatchObject({
      label: 'MD-4',
      timing: 'after',
      start: '20:15',
    });
  });

  it('goes by what the labels allow where the coach has changed it', () => {
    const rules = { ...emptySeason.rules, labels: { dayBefore: 'nothing' as const, legsBefore: 4, slowBefore: 5 } };
    const { laid } = schedule(ask({ season: { ...emptySeason, entries: league, rules } }));
    const before = (days: number) => laid.filter(({ label }) => label === `MD-${days}`);
    expect(before(1)).toEqual([]);
    for (const days of [2, 3, 4]) expect(before(days).every((s) => s.heavyLower < 2 && s.eccentric === 0)).toBe(true);
  });

  it('has a short second session before practice where the house wants it, and nothing else changes', () => {
    const practices = ['2026-12-15', '2026-12-17', '2026-12-22'].map(
      (on): Entry => ({ id: on, kind: 'practice', name: 'Hall', on, start: '18:30', minutes: 90, effort: 7 }),
    );
    const of = (seconds: boolean) =>
      schedule(
        ask({
          season: { ...emptySeason, entries: [...league, ...practices], rules: { ...emptySeason.rules, seconds } },
        }),
      ).laid;
    const [one, two] = [of(false), of(true)];
    expect(two.map(({ second: _, ...session }) => session)).toEqual(one);
    const seconds = two.flatMap(({ second, on, timing }) => (second ? [{ ...second, on, timing }] : []));
    expect(seconds.length).toBeGreaterThan(0);
    for (const second of seconds)
      expect(second).toMatchObject({ timing: 'after', minutes: 10, start: '18:05', type: 'arm-care' });
  });

  it('keeps to the hours in which there is training', () => {
    const hours: Entry = {
      id: 'h',
      kind: 'hours',
      name: 'Fasting',
      on: '2026-12-07',
      until: '2027-01-31',
      start: '20:00',
      end: '23:00',
    };
    const { laid } = schedule(ask({ season: { ...emptySeason, entries: [...league, hours] } }));
    expect(laid.length).toBeGreaterThan(3);
    expect(laid.every(({ start }) => start >= '20:00')).toBe(true);
  });

  it('leaves a practice out that a session at home replaces, and counts one that is held in a closed hall', () => {
    const practice = (changes: Partial<Entry>): Entry => ({
      id: 'p',
      kind: 'practice',
      name: 'Hall',
      on: '2026-12-15',
      start: '18:30',
      minutes: 90,
      ...changes,
    });
    const closed: Entry = { id: 'c', kind: 'closed', name: 'Floor', on: '2026-12-14', until: '2026-12-20' };
    const practicesOf = (entries: Entry[]) =>
      daysOfCase(caseOf(ask({ season: { ...emptySeason, entries } }))).filter((d) => d.practices.length).length;
    expect(practicesOf([practice({})])).toBe(1);
    expect(practicesOf([practice({ replaced: true })])).toBe(0);
    expect(practicesOf([practice({}), closed])).toBe(0);
    expect(practicesOf([practice({ despiteClosed: true }), closed])).toBe(1);
  });
});

describe("an athlete's season", () => {
  const plan = schedule(ask()).laid;
  const season = { ...emptySeason, entries: league, laid: plan };
  const own = (changes: Partial<OwnSeason>): OwnSeason => ({ ...emptyOwnSeason, ...changes });
  const used = ['2026-11-30', '2026-12-02', '2026-12-04'].map(written);

  it('asks for no landings of somebody who may not land', () => {
    const wantedOf = (restrictions: Restriction[]) =>
      schedule(ask({ athlete: { ...athlete, restrictions } })).laid.map(({ contacts }) => contacts);
    expect(Math.max(...wantedOf([{ region: 'knee', severity: 'limit', cause: 'post-operative-late' }]))).toBe(0);
    expect(Math.max(...wantedOf([]))).toBeGreaterThan(0);
  });

  it("is the squad's where nothing stands against it", () => {
    const { moves } = schedule(ask({ season, own: own({}), athlete, written: used }));
    expect(moves).toEqual([]);
  });

  it('is the same with weeks that were laid out for others before', () => {
    const memory = new WeekMemory();
    for (const minutes of [30, 40, 30])
      for (const level of ['beginner', 'advanced'] as const) {
        const of = ask({ season, own: own({}), athlete: { ...athlete, level, minutes }, written: used });
        expect(schedule(of, memory)).toEqual(schedule(of));
      }
  });

  it('differs only where its own calendar asks', () => {
    const taken = plan.find(({ on }) => on > '2026-12-14') as ScheduledSession;
    const free: Entry = { id: 'f', kind: 'free', name: 'Birthday', on: taken.on };
    const { moves, laid } = schedule(ask({ season, own: own({ entries: [free] }), athlete, written: used }));
    expect(laid.some(({ on }) => on === taken.on)).toBe(false);
    expect(moves.length).toBeGreaterThan(0);
    expect(moves.length).toBeLessThanOrEqual(3);
    const days = moves.flatMap((m) => ('to' in m ? [m.from, m.to] : 'added' in m ? [m.added] : [m.dropped]));
    expect(new Set(days.map(mondayOf))).toEqual(new Set([mondayOf(taken.on)]));
  });

  it('stands a fixture of the squad on another day where it is moved for this one', () => {
    const moved = match('2026-12-20', { id: '2026-12-19' });
    const { laid } = schedule(ask({ season, own: own({ entries: [moved] }), athlete, written: used }));
    expect(laid.some(({ on }) => on === '2026-12-20')).toBe(false);
  });

  it('comes back in steps after a month away', () => {
    const away: Entry = { id: 'w', kind: 'away', name: 'Knee', on: '2026-11-05', until: '2026-12-08' };
    const { weeks } = schedule(ask({ own: own({ entries: [away] }), athlete }));
    expect(weeks.map(({ phase, week }) => `${phase} ${week}`)).toEqual([
      'Return 1',
      'Return 2',
      'Return 3',
      'Return 4',
    ]);
    const wanted = weeks.map(({ wantedVolume }) => wantedVolume / (weeks[0]?.wantedVolume as number));
    expect(wanted.slice(1).every((share, w) => share > (wanted[w] as number))).toBe(true);
    expect(weeks[0]?.because).toContain('after weeks off');
  });

  it('gives who did not play the work of a match on the day after, and nobody else', () => {
    const played = match('2026-12-12', { playedBy: { a: 0 } });
    const of = (id: string) =>
      schedule(
        ask({
          season: { ...emptySeason, entries: [played, ...league.slice(1)] },
          own: own({}),
          athlete: { ...athlete, id },
        }),
      );
    expect(of('a').labels['2026-12-13']).toBe('DNP+1');
    expect(of('a').laid.find(({ on }) => on === '2026-12-13')?.type).toBe('conditioning');
    expect(of('b').labels['2026-12-13']).toBe('MD+1');
    expect(of('b').laid.find(({ on }) => on === '2026-12-13')?.type).not.toBe('conditioning');
  });
});

describe('what moved', () => {
  it('pairs a session with the nearest of its type, and tells the rest as added or left out', () => {
    const before = [laidOn('2026-12-15', 'whole-body'), laidOn('2026-12-17', 'power'), laidOn('2026-12-01', 'trunk')];
    const after = [laidOn('2026-12-16', 'whole-body'), laidOn('2026-12-18', 'primer'), laidOn('2026-12-02', 'trunk')];
    expect(movesBetween(before, after, '2026-12-09')).toEqual([
      { type: 'whole-body', from: '2026-12-15', to: '2026-12-16' },
      { type: 'power', dropped: '2026-12-17' },
      { type: 'primer', added: '2026-12-18' },
    ]);
  });
});

describe('a laid session', () => {
  it('becomes a brief: its type, its minutes, an aim, and legs that stay fresh where it is for the upper body', () => {
    const brief = exampleBrief();
    const as = (type: ScheduledSession['type'], more: Partial<ScheduledSession> = {}) =>
      briefForScheduled(brief, laidOn(brief.date, type, more));
    expect(as('whole-body', { heavyLower: 5, heavyUpper: 4, minutes: 40 })).toMatchObject({
      aim: 'strength',
      minutes: 40,
      sessionType: 'whole-body',
    });
    expect(as('whole-body', { heavyLower: 2, heavyUpper: 2 }).aim).toBe('hold');
    expect(as('power', { minutes: 12 })).toMatchObject({ aim: 'power', minutes: 12 });
    expect(as('upper-body').season.spare).toBe('lower');
  });

  it('weighs its effort times its minutes', () => {
    expect(loadOfScheduled({ type: 'whole-body', minutes: 30 })).toBe(210);
    expect(loadOfScheduled({ type: 'power', minutes: 12 })).toBe(72);
  });

  it('is load ahead where nothing came back yet, with practices and fixtures beside it', () => {
    const practice: Entry = { id: 'p', kind: 'practice', name: 'Hall', on: '2026-12-10', minutes: 90, effort: 7 };
    const entries = [practice, match('2026-12-12', { minutes: 60 })];
    const days = daysOfCase(caseOf(ask({ season: { ...emptySeason, entries } }))).slice(1, 6);
    const loads = dailyLoads(
      days,
      [{ on: '2026-12-08', effort: 6, minutes: 30 }],
      [laidOn('2026-12-11', 'primer', { minutes: 12 })],
      today,
    );
    expect(loads.map(({ home, sport, ahead }) => [home, sport, ahead])).toEqual([
      [180, 0, false],
      [0, 0, true],
      [0, 630, true],
      [36, 0, true],
      [0, 480, true],
    ]);
  });
});

describe('a written session', () => {
  it.each([
    [{ heavyLower: 5, heavyUpper: 4, contacts: 10, eccentric: 3 }, 40, 'whole-body'],
    [{ heavyLower: 6, heavyUpper: 1, contacts: 0, eccentric: 3 }, 40, 'lower-body'],
    [{ heavyLower: 0, heavyUpper: 6, contacts: 0, eccentric: 0 }, 30, 'upper-body'],
    [{ heavyLower: 1, heavyUpper: 1, contacts: 60, eccentric: 0 }, 30, 'power'],
    [{ heavyLower: 0, heavyUpper: 0, contacts: 10, eccentric: 4 }, 25, 'injury-prevention'],
    [{ heavyLower: 0, heavyUpper: 0, contacts: 10, eccentric: 0 }, 12, 'primer'],
    [{ heavyLower: 0, heavyUpper: 0, contacts: 0, eccentric: 0 }, 25, 'flexibility'],
  ] as const)('with %o in %i minutes is nearest to %s', (dose, minutes, type) =>
    expect(typeOfDose(dose, minutes)).toBe(type),
  );

  it('counts heavy sets by part of the body, landings, throws, and slow lowering beside them', () => {
    const item = (changes: object) => ({ sets: 3, impactContacts: 0, pattern: 'knee-dominant', ...changes });
    const blocks = [
      { kind: 'raise', items: [item({})] },
      { kind: 'power', items: [item({ pattern: 'jump', impactContacts: 24 }), item({ pattern: 'throw', reps: 5 })] },
      { kind: 'strength', items: [item({ tempo: '4-0-1-0' }), item({ pattern: 'horizontal-pull' })] },
      { kind: 'prevention', items: [item({ pattern: 'knee-flexion', sets: 2 })] },
    ];
    expect(doseOfPlan({ blocks } as never)).toEqual({
      heavyLower: 0,
      heavyUpper: 3,
      contacts: 24,
      eccentric: 5,
      throws: 15,
      patterns: { jump: 3, throw: 3, 'knee-dominant': 3, 'horizontal-pull': 3, 'knee-flexion': 2 },
    });
  });
});
