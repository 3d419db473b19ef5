import { describe, expect, it } from 'vitest';
import { randomCalendar } from '../../test/random-calendars';
import { brokenRules, type Standing } from '../../test/season-checker';
import { seasonProgramme } from '../../test/season-programme';
import { solver } from '../../test/solver';
import { dayAfter } from '../athlete/athlete';
import { dayFacts } from './day-facts';
import { type LayingProblem, lay } from './laying';
import { bitOf, consecutiveCost, drawbacksOf, type hardRules } from './laying-rules';
import { mondayOf } from './season';
import { sessionKinds } from './session-kind';
import { volumeOf, worthOf } from './week-ask';
import { type Code, codeOf, costOfASet, doseOf, floorVolume, kindOf, leastIn, type WeekProblem } from './week-problem';

const exact = { gap: 0, absoluteGap: 1e-9 };
type Calendar = ReturnType<typeof randomCalendar>;

/** What stood before, and what is past, then what was laid. */
function standing(
  { weeks, entry }: LayingProblem,
  laid: readonly { on: string; kind: Standing['kind'] }[],
): Standing[] {
  const from = weeks[0]?.days[0]?.on as string;
  const there = [
    ...entry.map((code, i) => ({ on: dayAfter(from, i - 2), code: code as Code | undefined })),
    ...weeks.flatMap(({ days, fixed }) => days.map(({ on }, d) => ({ on, code: fixed[d] }))),
  ];
  return [
    ...there.flatMap(({ on, code }) => {
      const kind = code === undefined ? undefined : kindOf(code);
      return kind ? [{ on, kind, mine: false }] : [];
    }),
    ...laid.map(({ on, kind }) => ({ on, kind, mine: true })),
  ];
}

/** Rules of a week that are about how many there are of something. */
function brokenCounts(week: WeekProblem, ofWeek: readonly Standing[], restDays: number): string[] {
  const from = week.days[0]?.on as string;
  const busy = (on: string) => week.days.some((d) => d.on === on && (d.fixture || d.practices.length));
  const idle = week.days.filter(({ on }) => !busy(on));
  const rest = idle.filter(({ on }) => !ofWeek.some((s) => s.on === on)).length;
  const done = ofWeek.filter((s) => !s.mine).length;
  const pinned = week.pins.flatMap((code, d) => (code && week.fixed[d] === undefined ? [[d, code] as const] : []));
  return [
    ...(ofWeek.length < leastIn(week) ? [`${from} least`] : []),
    ...(ofWeek.length > Math.max(week.ask.most, done) ? [`${from} most`] : []),
    ...(rest < Math.min(restDays, idle.length) ? [`${from} rest`] : []),
    ...(pinned.some(([d, code]) => !ofWeek.some((s) => s.on === week.days[d]?.on && codeOf(s.kind) === code))
      ? [`${from} pin`]
      : []),
  ];
}

/** Everything that a season breaks, as "week rule". */
function allBroken(problem: Calendar, laid: readonly { on: string; kind: Standing['kind'] }[]): Set<string> {
  const sessions = standing(problem, laid);
  const broken = brokenRules(sessions, problem.entries, problem.rules, mondayOf);
  for (const week of problem.weeks) {
    const from = week.days[0]?.on as string;
    const ofWeek = sessions.filter((s) => mondayOf(s.on) === from);
    for (const count of brokenCounts(week, ofWeek, problem.rules.restDays)) broken.add(count);
  }
  return broken;
}

const relaxing = (
  problem: Calendar,
  ways: readonly { week: string; rule: (typeof hardRules)[number] }[],
): Calendar => ({
  ...problem,
  weeks: problem.weeks.map((week) => ({
    ...week,
    relaxed: ways.filter((w) => w.week === week.days[0]?.on).reduce((bits, w) => bits | bitOf(w.rule), 0),
  })),
});

/** Every way to fill the open days of a calendar with up to `most` sessions a week. */
function* everyWay({ weeks }: Calendar, most: number): Generator<{ on: string; kind: Standing['kind'] }[]> {
  const open = weeks.flatMap((week, w) =>
    week.days.flatMap((day, d) => (week.fixed[d] === undefined ? [{ day, w, d }] : [])),
  );
  const counts = weeks.map(({ fixed }) => fixed.filter((code) => code).length);
  const laid: { on: string; kind: Standing['kind'] }[] = [];
  function* from(at: number): Generator<typeof laid> {
    const here = open[at];
    if (!here) return yield laid;
    yield* from(at + 1);
    if ((counts[here.w] as number) >= most) return;
    for (const kind of sessionKinds) {
      if (kind === 'primer' && !here.day.beforeFixture && weeks[here.w]?.pins[here.d] !== codeOf('primer')) continue;
      laid.push({ on: here.day.on, kind });
      counts[here.w] = (counts[here.w] as number) + 1;
      yield* from(at + 1);
      counts[here.w] = (counts[here.w] as number) - 1;
      laid.pop();
    }
  }
  yield* from(0);
}

/** The same calendar with one fixture on another day, and what was laid held to. */
function moved(problem: Calendar, laid: readonly { on: string; kind: Standing['kind'] }[], by: number): Calendar {
  const fixture = problem.entries.find((e) => e.kind === 'fixture');
  const entries = problem.entries.map((e) => (e === fixture ? { ...e, on: dayAfter(e.on, by) } : e));
  const [from, to] = [problem.weeks[0]?.days[0]?.on as string, problem.weeks.at(-1)?.days[6]?.on as string];
  const facts = dayFacts(entries, from, to, problem.rules.sessionAt);
  return {
    ...problem,
    entries,
    weeks: problem.weeks.map((week, w) => ({
      ...week,
      days: facts.slice(7 * w, 7 * w + 7),
      before: week.days.map(({ on }) => codeOf(laid.find((s) => s.on === on)?.kind)),
    })),
  };
}

const changedDays = (problem: Calendar, laid: readonly { on: string; kind: Standing['kind'] }[]): number =>
  problem.weeks
    .flatMap(({ days, before, fixed }) => days.map(({ on }, d) => ({ on, was: before[d], past: fixed[d] })))
    .filter(({ on, was, past }) => past === undefined && codeOf(laid.find((s) => s.on === on)?.kind) !== was).length;

describe('laying sessions on days', () => {
  it('finds the optimum of a plain solver on the same programme, up to four weeks', async () => {
    const { solve } = await solver;
    let laid = 0;
    for (let seed = 1; seed <= 50; seed++) {
      const problem = randomCalendar(seed, 1 + (seed % 4));
      const plain = solve(seasonProgramme(problem), exact);
      const laying = lay(problem);
      if ('refused' in laying) expect(plain.status, `seed ${seed}`).toBe('infeasible');
      else {
        laid++;
        expect(plain.status, `seed ${seed}`).toBe('optimal');
        expect(Math.abs(laying.worth - plain.objective), `seed ${seed}`).toBeLessThan(1e-6);
      }
    }
    expect(laid).toBeGreaterThan(25);
  });

  it.each([1000, 1050, 1100, 1150, 1200, 1250])(
    'never breaks a rule, or names a set that can give way and of which none can be left out: fifty calendars from seed %i',
    (from) => {
      let refusals = 0;
      for (let seed = from; seed < from + 50; seed++) {
        const problem = randomCalendar(seed, 1 + (seed % 6), 0.6 + (seed % 5) / 4);
        const laying = lay(problem);
        if (!('refused' in laying)) {
          expect([...allBroken(problem, laying.sessions)], `seed ${seed}`).toEqual([]);
          continue;
        }
        refusals++;
        const { refused } = laying;
        expect(refused.length).toBeGreaterThan(0);
        const freed = lay(relaxing(problem, refused));
        if ('refused' in freed) throw new Error(`seed ${seed}: what was named does not free it`);
        expect([...allBroken(problem, freed.sessions)].sort(), `seed ${seed}`).toEqual(
          refused.map(({ week, rule }) => `${week} ${rule}`).sort(),
        );
        for (const one of refused)
          expect(
            'refused' in
              lay(
                relaxing(
                  problem,
                  refused.filter((way) => way !== one),
                ),
              ),
            `seed ${seed}`,
          ).toBe(true);
      }
      expect(refusals).toBeGreaterThan(3);
    },
  );

  it('names a set as small as there is, against every way there is to fill a week', () => {
    let checked = 0;
    for (let seed = 2000; checked < 8; seed++) {
      const problem = randomCalendar(seed, 1, 1.6);
      const laying = lay(problem);
      if (!('refused' in laying)) continue;
      checked++;
      let fewest = Number.POSITIVE_INFINITY;
      for (const way of everyWay(problem, 4)) fewest = Math.min(fewest, allBroken(problem, way).size);
      expect(laying.refused.length, `seed ${seed}`).toBe(fewest);
    }
  });

  it('changes no more days than it must when a fixture moves, against every way there is', () => {
    let checked = 0;
    for (let seed = 3000; checked < 25; seed++) {
      const problem = randomCalendar(seed, 1, 0.8);
      const first = lay(problem);
      if ('refused' in first || !problem.entries.some((e) => e.kind === 'fixture')) continue;
      const after = moved(problem, first.sessions, (seed % 5) - 2 || 3);
      const again = lay(after);
      if ('refused' in again) continue;
      checked++;
      let fewest = Number.POSITIVE_INFINITY;
      for (const way of everyWay(after, after.weeks[0]?.ask.most ?? 3)) {
        const changed = changedDays(after, way);
        if (changed < fewest && allBroken(after, way).size === 0) fewest = changed;
      }
      expect(again.changed, `seed ${seed}`).toBe(fewest);
      expect(changedDays(after, again.sessions)).toBe(again.changed);
    }
  });

  it('changes no more days than a plain solver finds it must, over several weeks', async () => {
    const { solve } = await solver;
    let checked = 0;
    for (let seed = 4000; checked < 20; seed++) {
      const problem = randomCalendar(seed, 2 + (seed % 2), 0.8);
      const first = lay(problem);
      if ('refused' in first || !problem.entries.some((e) => e.kind === 'fixture')) continue;
      const after = moved(problem, first.sessions, 1 + (seed % 3));
      const again = lay(after);
      if ('refused' in again) continue;
      checked++;
      const kept = solve(seasonProgramme(after, true), exact);
      const were = after.weeks.flatMap(({ before, fixed }) =>
        before.filter((code, d) => code && fixed[d] === undefined),
      );
      // Days kept as they were, less sessions where nothing was: the rest has changed.
      expect(again.changed, `seed ${seed}`).toBe(Math.round(were.length - kept.objective));
    }
  });

  it('keeps the step over what one is used to, and is the better for every step allowed', () => {
    for (let seed = 5000; seed < 5030; seed++) {
      const basic = randomCalendar(seed, 6, 0.5);
      const levels = [1, 0.75, 0.5];
      const problem = { ...basic, weeks: basic.weeks.map((week) => ({ ...week, levels })) };
      const free = lay(problem);
      const worths = [0.1, 0.2, 5].map((mostStep) => {
        const laying = lay({ ...problem, ramp: { volumeBefore: 8, mostStep } });
        if ('refused' in laying || 'refused' in free) return undefined;
        const before = [8, 8, ...laying.weeks.map((week) => week.volume)];
        for (const [w, week] of laying.weeks.entries()) {
          const usedTo = Math.max(before[w] as number, before[w + 1] as number);
          expect(week.volume, `seed ${seed}`).toBeLessThanOrEqual(
            Math.max(usedTo * (1 + mostStep), floorVolume(problem.weeks[w] as WeekProblem)) + 1e-6,
          );
        }
        return laying.worth;
      });
      const [tenth, fifth, any] = worths;
      if (tenth === undefined || fifth === undefined || any === undefined || 'refused' in free) continue;
      expect(fifth).toBeGreaterThanOrEqual(tenth - 1e-9);
      expect(any).toBeGreaterThanOrEqual(fifth - 1e-9);
      expect(free.worth).toBeGreaterThanOrEqual(any - 1e-9);
    }
  });

  it('finds the best with levels and steps, against every way there is of one session a week', () => {
    for (let seed = 6000; seed < 6008; seed++) {
      const basic = randomCalendar(seed, 3, 0.4);
      const weeks = basic.weeks.map((week) => ({
        ...week,
        ask: { ...week.ask, least: 1, most: 1 },
        levels: [1, 0.6],
        fixed: week.fixed.map(() => undefined),
        pins: week.pins.map(() => undefined),
      }));
      const problem: Calendar = { ...basic, weeks, entry: [0, 0], ramp: { volumeBefore: 4, mostStep: 0.3 } };
      const laying = lay(problem);
      const [best] = bestOfAll(problem, 0, [], 4, 4);
      if ('refused' in laying) expect(best, `seed ${seed}`).toBe(Number.NEGATIVE_INFINITY);
      else expect(laying.worth, `seed ${seed}`).toBeCloseTo(best, 9);
    }
  });
});

/** The best season of one session a week by trying all, worked out from the parts of the worth. */
function bestOfAll(
  problem: Calendar,
  w: number,
  before: readonly Standing[],
  usualBefore: number,
  volumeBefore: number,
): [number] {
  const week = problem.weeks[w];
  if (!week || !problem.ramp) return [0];
  let best = Number.NEGATIVE_INFINITY;
  const idle = week.days.filter((day) => !day.fixture && day.practices.length === 0).length;
  for (const [d, day] of week.days.entries())
    for (const kind of sessionKinds) {
      if (kind === 'primer' && !day.beforeFixture) continue;
      const taken = !day.fixture && day.practices.length === 0 ? 1 : 0;
      if (idle - taken < Math.min(problem.rules.restDays, idle)) continue;
      const here = { on: day.on, kind, mine: true };
      if (brokenRules([...before, here], problem.entries, problem.rules, mondayOf).size > 0) continue;
      const played = (d > 0 ? week.days[d - 1] : problem.weeks[w - 1]?.days[6])?.fixture !== undefined;
      const drawbacks = drawbacksOf(day, kind, played).reduce((sum, { cost }) => sum + cost, 0);
      const follows = before.some(({ on }) => on === dayAfter(day.on, -1)) ? consecutiveCost : 0;
      for (const level of week.levels) {
        const dose = doseOf([codeOf(kind)], week.ask, level);
        const volume = volumeOf(dose);
        const most = Math.max(
          floorVolume(week),
          Math.min(week.ask.mostVolume, Math.max(usualBefore, volumeBefore) * (1 + problem.ramp.mostStep)),
        );
        if (volume > most + 1e-5) continue;
        const [rest] = bestOfAll(problem, w + 1, [...before, here].slice(-1), volumeBefore, volume);
        best = Math.max(best, worthOf(week.ask, dose) - costOfASet * volume - drawbacks - follows + rest);
      }
    }
  return [best];
}
