import { describe, expect, it } from 'vitest';
import { exampleBrief } from '../../../test/briefs';
import { ask, laidOn, league, match, today, written } from '../../../test/season-requests';
import type { Entry } from '../calendar/calendar';
import { dailyLoads, loadOfScheduled } from '../periodisation/projection';
import { daysOfCase } from '../scheduler/day';
import { movesBetween, type ScheduledSession } from '../scheduler/scheduled-session';
import { doseOfPlan, typeOfDose } from './planned-session';
import { schedule } from './schedule-result';
import { briefForScheduled } from './scheduled-brief';
import { caseOf } from './season-case';
import { emptySeason } from './season-plan';

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
