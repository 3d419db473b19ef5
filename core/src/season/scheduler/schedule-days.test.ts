import { describe, expect, it } from 'vitest';
import { plainCase, randomCase } from '../../../test/calendar-cases';
import { daysProgramme } from '../../../test/days-programme';
import { everyWay } from '../../../test/every-way';
import { solver } from '../../../test/solver';
import { dayAfter, daysBetween } from '../../date/days';
import { volumeOf } from '../../session-type/cost';
import type { CalendarCase } from './case';
import { planOfCase } from './case-plan';
import { type Day, daysOfCase, isOpen, labelAmong, labelOf } from './day';
import { type DaysProblem, problemOfCase } from './problem';
import type { Choice } from './units';
import { programmeWeeks, WeekMemory } from './week-programme';

const fixture = (date: string, more = {}) => ({ kind: 'fixture' as const, name: 'Match', date, ...more });
const practice = (date: string, more = {}) => ({
  kind: 'practice' as const,
  name: 'Practice',
  date,
  time: '19:00',
  minutes: 90,
  effort: 6,
  ...more,
});
const memory = new WeekMemory();
const laid = (given: CalendarCase) => planOfCase(given, memory);
const sum = (plan: readonly { date: string }[], axis: string) =>
  plan.reduce((s, p) => s + ((p as unknown as Record<string, number>)[axis] as number), 0);

describe('labels of days', () => {
  const calendar = [fixture('2027-01-09'), fixture('2027-01-16'), fixture('2027-01-20', { played: 10 })];
  const days = daysOfCase(plainCase({ calendar }));

  it.each([
    ['2027-01-11', 'MD+2'],
    ['2027-01-12', 'MD-4'],
    ['2027-01-14', 'MD-2'],
    ['2027-01-15', 'MD-1'],
    ['2027-01-16', 'MD'],
    ['2027-01-17', 'MD+1'],
    ['2027-01-18', 'MD-2'],
    ['2027-01-19', 'MD-1'],
    ['2027-01-21', 'DNP+1'],
    ['2027-01-22', 'DNP+2'],
    ['2027-01-23', 'DNP+3'],
    ['2027-01-24', '-'],
  ])('%s is %s', (on, label) => expect(labelOf(days.find((d) => d.on === on) as Day)).toBe(label));

  it('is known from the days of fixtures alone', () => {
    expect(labelAmong('2026-12-08', ['2026-12-05', '2026-12-12'])).toBe('MD-4');
    expect(labelAmong('2026-12-06', ['2026-12-05', '2026-12-12'])).toBe('MD+1');
    expect(labelAmong('2026-12-12', ['2026-12-12'])).toBe('MD');
    expect(labelAmong('2026-12-12', [])).toBe('-');
  });

  it('counts a practice that is held although the hall is closed, and no other', () => {
    const closed = [
      { kind: 'closed' as const, name: 'Closed', date: '2027-01-11', until: '2027-01-17' },
      practice('2027-01-12'),
      practice('2027-01-13', { despiteClosed: true }),
    ];
    expect(
      daysOfCase(plainCase({ calendar: closed, weeks: 1 }))
        .filter((d) => d.practices.length)
        .map((d) => d.on),
    ).toEqual(['2027-01-13']);
  });

  it('a journey that runs past midnight takes the next day too', () => {
    const night = [{ kind: 'travel' as const, name: 'Ferry', date: '2027-01-12', time: '17:00', minutes: 840 }];
    const [, tuesday, wednesday, thursday] = daysOfCase(plainCase({ calendar: night, weeks: 1 })) as Day[];
    expect([tuesday?.travel, wednesday?.travel, thursday?.travel].map(Boolean)).toEqual([true, true, false]);
    expect(thursday?.arrived).toBe(true);
  });
});

describe('a week round a match', () => {
  it('has its heavy and slow day behind the hard practice, speed later, and nothing felt on the day before', () => {
    const { plan } = laid(plainCase());
    const on = (date: string) => plan.find((p) => p.date === date);
    expect(on('2027-01-12')).toMatchObject({ type: 'whole-body', timing: 'after' });
    expect(on('2027-01-12')?.eccentric).toBeGreaterThanOrEqual(2);
    expect(on('2027-01-12')?.why).toMatch(/^MD-4: heavy and slow work after practice/);
    expect(['primer', 'flexibility', undefined]).toContain(on('2027-01-15')?.type);
    expect(on('2027-01-16')).toBeUndefined();
  });

  it('gives who did not play what the match would have given', () => {
    const calendar = plainCase().calendar.map((e) =>
      e.date === '2027-01-16' && e.kind === 'fixture' ? { ...e, played: 0 } : e,
    );
    const { plan } = laid(plainCase({ calendar }));
    const sunday = plan.find((p) => p.date === '2027-01-17');
    expect(sunday?.type).toBe('conditioning');
    expect(sunday?.contacts).toBeGreaterThanOrEqual(20);
    expect(sunday?.why).toContain('DNP+1');
  });

  it('keeps a pin on the day before a match, makes it lighter, rests the legs before it and says so', () => {
    const pin = {
      kind: 'pinned-session' as const,
      name: 'Legs',
      date: '2027-01-15',
      minutes: 40,
      type: 'lower-body' as const,
    };
    const { plan, gave } = laid(plainCase({ calendar: [...plainCase().calendar, pin] }));
    const pinned = plan.find((p) => p.date === '2027-01-15');
    expect(pinned).toMatchObject({ type: 'lower-body', minutes: 40, eccentric: 0 });
    expect(pinned?.heavyLower).toBeLessThanOrEqual(3);
    expect(
      sum(
        plan.filter((p) => p.date === '2027-01-13' || p.date === '2027-01-14'),
        'heavyLower',
      ),
    ).toBe(0);
    expect(gave.some((g) => g.date === '2027-01-15')).toBe(true);
  });

  it('changes little when a match moves by a day', () => {
    const before = laid(plainCase());
    const moved = plainCase().calendar.map((e) => (e.date === '2027-01-23' ? { ...e, date: '2027-01-24' } : e));
    const plan = [...before.plan];
    const after = laid(plainCase({ calendar: moved, before: { plan } }));
    const firstWeek = (p: readonly { date: string; type: string }[]) =>
      p.filter((x) => x.date < '2027-01-18').map((x) => `${x.date} ${x.type}`);
    expect(firstWeek(after.plan)).toEqual(firstWeek(before.plan));
  });

  it('comes back from illness in steps: nothing, then easy, then half', () => {
    const ill = { kind: 'away' as const, name: 'Ill, with fever', date: '2027-01-04', until: '2027-01-12' };
    const { plan } = laid(plainCase({ phase: 'return', weeks: 3, calendar: [...plainCase().calendar, ill] }));
    expect(plan.filter((p) => p.date <= '2027-01-13')).toEqual([]);
    const easy = plan.filter((p) => p.date > '2027-01-13' && p.date <= '2027-01-19');
    for (const one of easy) expect(one.heavyLower + one.heavyUpper + one.contacts + one.eccentric).toBe(0);
    expect(
      sum(
        plan.filter((p) => p.date > '2027-01-19'),
        'heavyLower',
      ),
    ).toBeGreaterThan(0);
  });
});

/** Days from a day to the next fixture, and since the last one that was played. */
const toFixture = ({ calendar }: CalendarCase, on: string) =>
  Math.min(...calendar.filter((e) => e.kind === 'fixture' && e.date > on).map((e) => daysBetween(on, e.date)));
const sincePlayed = ({ calendar }: CalendarCase, on: string) =>
  Math.min(
    ...calendar
      .filter((e) => e.kind === 'fixture' && e.date < on && (e.played === undefined || e.played >= 30))
      .map((e) => daysBetween(e.date, on)),
  );

describe('300 calendars drawn at random', () => {
  it('never break what no school gives up', () => {
    for (let seed = 1; seed <= 300; seed++) {
      const given = randomCase(seed);
      const { plan } = laid(given);
      const days = daysOfCase(given);
      const pins = new Set(given.calendar.filter((e) => e.kind === 'pinned-session').map((e) => e.date));
      for (const one of plan) {
        const what = `seed ${seed}: ${one.date} ${one.type}`;
        const day = days.find((d) => d.on === one.date) as Day;
        expect(one.minutes, what).toBeGreaterThanOrEqual(
          Math.min(one.minutes, 3 + 2 * (one.heavyLower + one.heavyUpper) + one.eccentric + one.contacts / 10),
        );
        expect(one.timing === 'only', what).toBe(isOpen(day));
        if (pins.has(one.date)) continue;
        expect(day.free || day.away, what).toBe(false);
        if (toFixture(given, one.date) === 1) expect(one.heavyLower + one.eccentric, what).toBe(0);
        if (day.fixtures.length) expect(one.type, what).toBe('warm-up');
        if (toFixture(given, one.date) < 3 || sincePlayed(given, one.date) < 2) expect(one.eccentric, what).toBe(0);
        if (sincePlayed(given, one.date) === 1) expect(one.heavyLower + one.contacts, what).toBe(0);
        if (day.travel) expect(volumeOf(one), what).toBe(0);
        if (one.heavyLower >= 2) {
          const tomorrow = plan.find((p) => p.date === dayAfter(one.date, 1) && !pins.has(p.date));
          expect(tomorrow && tomorrow.heavyLower >= 2, what).toBeFalsy();
        }
        if (one.heavyLower + one.heavyUpper + one.eccentric > 0 && day.practices.length)
          expect(['after', 'before']).toContain(one.timing);
      }
      for (let w = 0; w < given.weeks; w++) {
        const week = plan.filter((p) => Math.floor(daysBetween(given.from, p.date) / 7) === w);
        const main = week.filter((p) => !['primer', 'flexibility', 'warm-up', 'arm-care'].includes(p.type));
        expect(main.length, `seed ${seed} week ${w}`).toBeLessThanOrEqual(
          given.houseRules.sessionsPerWeek.max + pins.size,
        );
      }
    }
  }, 240_000);
});

const armsOfSeed = (seed: number) => ({ armLed: seed % 3 === 0, careOfArm: seed % 2 === 0 });

describe('the best plan', () => {
  it('is worth what a plain solver finds, on 50 calendars of up to four weeks', async () => {
    const { solve } = await solver;
    for (let seed = 501; seed <= 550; seed++) {
      const given = randomCase(seed);
      const weeks = (seed % 4) + 1;
      const { problem } = problemOfCase({ ...given, weeks: Math.min(weeks, given.weeks + 1) }, armsOfSeed(seed));
      const plain = solve(daysProgramme(problem), { gap: 0, absoluteGap: 1e-9 });
      expect(plain.status, `seed ${seed}`).toBe('optimal');
      expect(Math.abs(programmeWeeks(problem).worth - plain.objective), `seed ${seed}`).toBeLessThan(1e-6);
    }
  }, 600_000);

  it('is the best of every way there is, on small calendars', () => {
    for (let seed = 601; seed <= 640; seed++) {
      const small = smallOf(problemOfCase({ ...randomCase(seed), weeks: 2 }, armsOfSeed(seed)).problem, seed);
      expect(programmeWeeks(small).worth, `seed ${seed}`).toBeCloseTo(everyWay(small), 6);
    }
  }, 120_000);

  it('after a fixture has moved is the best of every way with what a change costs', () => {
    for (let seed = 701; seed <= 720; seed++) {
      const given = { ...randomCase(seed), weeks: 1 };
      const { plan } = laid(given);
      const fixture = given.calendar.find((e) => e.kind === 'fixture' && e.date >= given.from);
      if (!fixture) continue;
      const calendar = given.calendar.map((e) => (e === fixture ? { ...e, date: dayAfter(e.date, 1) } : e));
      const moved = problemOfCase({ ...given, calendar, before: { plan: [...plan] } }, armsOfSeed(seed)).problem;
      const small = smallOf(moved, seed);
      expect(programmeWeeks(small).worth, `seed ${seed}`).toBeCloseTo(everyWay(small), 6);
    }
  }, 120_000);
});

/** The same calendar with few choices on few of its days, so that every way can be gone through. */
function smallOf(problem: DaysProblem, seed: number): DaysProblem {
  let kept = 0;
  const days = problem.days.map((day, d) => {
    const narrow = (choice: Choice): Choice => ({
      ...choice,
      most: choice.most.map((most, a) => Math.min(most, (choice.least[a] as number) + ((a + d + seed) % 2))) as never,
    });
    const choices = day.choices
      .filter((_, i) => (i * 7 + d * 3 + seed) % 5 < 2)
      .slice(0, 2)
      .map(narrow);
    const keeps = day.pinned || (choices.length > 0 && (d * 5 + seed) % 3 === 0 && kept < 4);
    if (keeps) kept++;
    return { ...day, choices: day.pinned ? day.choices.slice(0, 1).map(narrow) : keeps ? choices : [] };
  });
  return { ...problem, days };
}
