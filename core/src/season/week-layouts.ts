import type { DayFacts } from './day-facts';
import { bitOf, brokenBetween, brokenOn, consecutiveCost, drawbacksOf, type LayingRules } from './laying-rules';
import { type Dose, doseAxes, kindFacts, type SessionKind, sessionKinds } from './session-kind';
import { mapDose, volumeOf, type WeekAsk, worthOf } from './week-ask';

/** What stands on a day, as a number: 0 is nothing, then the kinds in their order. */
export type Code = number;
export const nothing: Code = 0;
export const codes = sessionKinds.length + 1;
export const codeOf = (kind: SessionKind | undefined): Code => (kind ? sessionKinds.indexOf(kind) + 1 : nothing);
export const kindOf = (code: Code): SessionKind | undefined => sessionKinds[code - 1];

/** One week to be laid out. */
export interface WeekProblem {
  /** Monday to Sunday. */
  days: readonly DayFacts[];
  ask: WeekAsk;
  /** Minutes of a usual session. */
  minutes: number;
  /** What cannot be changed, by day of the week: what is past, and what is written already. */
  fixed: readonly (Code | undefined)[];
  /** What the coach has put down, by day of the week. */
  pins: readonly (Code | undefined)[];
  /** What was laid before, by day of the week: it changes as little as it can. */
  before: readonly (Code | undefined)[];
  /** Rules that the coach lets give way in this week, as bits. */
  relaxed: number;
  /** Shares of the usual volume that a week may take. */
  levels: readonly number[];
}

/** The best week of those that look alike to their neighbours. */
export interface WeekLayout {
  codes: Int8Array;
  level: number;
  /** The first two days and the last two, each as one number. */
  first: number;
  last: number;
  /** Sets, as the step from week to week counts them. */
  volume: number;
  worth: number;
  /** Days that differ from what was laid before. */
  changed: number;
  /** Rules broken within the week that the coach does not let give way, as bits. */
  broken: number;
}

export const pairCode = (one: Code, two: Code): number => one * codes + two;

/** Keeping the week small where more gives nothing, a set; and a kind that comes twice where the week is to be varied. Common practice, no source. */
export const [costOfASet, costOfTheSame] = [0.004, 0.25];

/** Dose of the sessions of a week at a level of volume, with so many minutes each. */
export function doseOf(week: Iterable<Code | undefined>, minutes: number, level: number): Dose {
  const dose = mapDose(() => 0);
  for (const code of week) {
    const kind = code === undefined ? undefined : kindOf(code);
    if (kind) for (const axis of doseAxes) dose[axis] += kindFacts[kind].gives[axis] * (minutes / 30) * level;
  }
  return dose;
}

const together = (a: Dose, b: Dose): Dose => mapDose((axis) => a[axis] + b[axis]);

/** Sets that a session of the upper body comes to: the most that one without slow lowering takes. */
const setsOfASession = volumeOf(kindFacts.upper.gives);

/** Volume that a week may always take, whatever came before: what is done, what the coach has put down, and the least sessions at the lowest level. */
export function floorVolume(problem: WeekProblem): number {
  const { fixed, pins, minutes, levels } = problem;
  const lowest = Math.min(...levels);
  const pinned = pins.filter((code, d) => fixed[d] === undefined && code !== undefined && code !== nothing);
  const setDown = fixed.filter((code) => code).length + pinned.length;
  const open = Math.max(0, leastIn(problem) - setDown) * setsOfASession * (minutes / 30) * lowest;
  return volumeOf(doseOf(fixed, minutes, 1)) + volumeOf(doseOf(pinned, minutes, lowest)) + open;
}

/** Sessions that a week is to have at least, fewer where part of it is over. */
export function leastIn({ ask, fixed }: WeekProblem): number {
  const open = fixed.filter((code) => code === undefined).length;
  const done = fixed.filter((code) => code !== undefined && code !== nothing).length;
  return open === 7 ? ask.least : Math.min(ask.least, done + Math.floor((ask.least * open) / 7));
}

const occupied = (day: DayFacts) => day.practices.length > 0 || day.fixture !== undefined;

/** Between two kinds so many days apart, 1 or 2: the rules they break, worked out once for all weeks. */
export function betweenTable(rules: LayingRules): (first: Code, second: Code, days: number) => number {
  const table = [1, 2].map((days) =>
    Array.from({ length: codes * codes }, (_, at) => {
      const [a, b] = [kindOf(Math.floor(at / codes)), kindOf(at % codes)];
      return a && b ? brokenBetween(a, b, days, rules) : 0;
    }),
  );
  return (first, second, days) => table[days - 1]?.[first * codes + second] ?? 0;
}

interface Option {
  code: Code;
  broken: number;
  cost: number;
  changed: number;
}

/** What may stand on each day of a week, with what it breaks and costs there. */
function optionsOf(problem: WeekProblem, rules: LayingRules, strict: boolean, dayBefore: DayFacts | undefined) {
  const { days, fixed, pins, before, relaxed } = problem;
  return days.map((day, d): Option[] => {
    const was = fixed[d];
    const played = (d === 0 ? dayBefore : days[d - 1])?.fixture !== undefined;
    const all = [nothing, ...sessionKinds.map(codeOf)].filter((code) => was === undefined || code === was);
    return all.flatMap((code): Option[] => {
      const kind = kindOf(code);
      // A primer is for the day before a fixture and for nothing else.
      if (kind === 'primer' && !day.beforeFixture && was === undefined && pins[d] !== code) return [];
      if (was !== undefined) return [{ code, broken: 0, cost: 0, changed: 0 }];
      const pinned = pins[d] !== undefined && pins[d] !== code ? bitOf('pin') : 0;
      const broken = ((kind ? brokenOn(day, kind, rules) : 0) | pinned) & ~relaxed;
      if (strict && broken) return [];
      const cost = kind ? drawbacksOf(day, kind, played).reduce((sum, drawback) => sum + drawback.cost, 0) : 0;
      const changed = before[d] !== undefined && before[d] !== code ? 1 : 0;
      return [{ code, broken, cost, changed }];
    });
  });
}

/** Dose, volume and worth of a week by what it holds, whatever the days. */
function weighing({ fixed, minutes, ask, levels }: WeekProblem) {
  const done = doseOf(fixed, minutes, 1);
  const known = new Map<number, { volume: number; worth: number }[]>();
  return (chosen: Int8Array) => {
    let key = 0;
    for (const [d, code] of chosen.entries()) if (fixed[d] === undefined && code !== nothing) key += 8 ** (code - 1);
    const found =
      known.get(key) ??
      levels.map((level) => {
        const open = chosen.filter((_, d) => fixed[d] === undefined);
        const dose = together(done, doseOf(open, minutes, level));
        const volume = volumeOf(dose);
        return { volume, worth: worthOf(ask, dose) - costOfASet * volume };
      });
    known.set(key, found);
    return found;
  };
}

/** How finely layouts of a week are told apart. */
export interface Telling {
  /** Leaves out what breaks a rule. */
  strict: boolean;
  /** Keeps layouts of different volume apart. */
  byVolume: boolean;
}

/**
 * Every way to lay out a week that its neighbours could tell from another, the best of each: by its first two and last two days, its volume and what
 * it breaks.
 */
export function weekLayouts(
  problem: WeekProblem,
  rules: LayingRules,
  { strict, byVolume }: Telling,
  dayBefore?: DayFacts,
): WeekLayout[] {
  const { days, ask, fixed, pins, relaxed, levels } = problem;
  const between = betweenTable(rules);
  const options = optionsOf(problem, rules, strict, dayBefore);
  const setDown = days.filter((_, d) => (fixed[d] ?? pins[d] ?? nothing) !== nothing).length;
  const mostCounted = Math.max(ask.most, setDown);
  const doneCount = fixed.filter((code) => code).length;
  const least = leastIn(problem);
  const mostVolume = Math.max(ask.mostVolume, floorVolume(problem)) + 1e-6;
  // What the calendar itself takes is not ours to give back.
  const restAsked = Math.min(rules.restDays, days.filter((day) => !occupied(day)).length);
  const weigh = weighing(problem);
  const best = new Map<number, WeekLayout>();
  const chosen = new Int8Array(7);

  const keep = (ways: number, cost: number, changed: number, count: number, rest: number) => {
    let broken = ways;
    if (count < least) broken |= bitOf('least') & ~relaxed;
    if (count > ask.most && count > doneCount) broken |= bitOf('most') & ~relaxed;
    if (rest < restAsked) broken |= bitOf('rest') & ~relaxed;
    if (strict && broken) return;
    const same = ask.varied ? costOfTheSame * (count - new Set(chosen.filter((code) => code !== nothing)).size) : 0;
    const first = pairCode(chosen[0] as Code, chosen[1] as Code);
    const last = pairCode(chosen[5] as Code, chosen[6] as Code);
    for (const [l, weighed] of weigh(chosen).entries()) {
      if (weighed.volume > mostVolume) continue;
      const worth = weighed.worth - cost - same;
      const part = byVolume ? Math.round(weighed.volume * 100) : 0;
      const key = ((first * codes * codes + last) * 2048 + broken) * 16384 + part;
      const known = best.get(key);
      if (known && (known.changed < changed || (known.changed === changed && known.worth >= worth))) continue;
      const level = levels[l] as number;
      best.set(key, { codes: chosen.slice(), level, first, last, volume: weighed.volume, worth, changed, broken });
    }
  };

  const lay = (d: number, broken: number, cost: number, changed: number, count: number, rest: number): void => {
    if (d === 7) {
      keep(broken, cost, changed, count, rest);
      return;
    }
    const one = d > 0 ? (chosen[d - 1] as Code) : nothing;
    const two = d > 1 ? (chosen[d - 2] as Code) : nothing;
    for (const option of options[d] as Option[]) {
      const adds = option.code === nothing ? 0 : 1;
      if (count + adds > mostCounted) continue;
      // Two that are fixed are not blamed on what is laid.
      const isFixed = (at: number) => at < 0 || fixed[at] !== undefined;
      const apart =
        ((isFixed(d) && isFixed(d - 1) ? 0 : between(one, option.code, 1)) |
          (isFixed(d) && isFixed(d - 2) ? 0 : between(two, option.code, 2))) &
        ~relaxed;
      if (strict && apart) continue;
      chosen[d] = option.code;
      lay(
        d + 1,
        broken | option.broken | apart,
        cost + option.cost + (adds && one !== nothing ? consecutiveCost : 0),
        changed + option.changed,
        count + adds,
        rest + (adds || occupied(days[d] as DayFacts) ? 0 : 1),
      );
    }
    chosen[d] = nothing;
  };
  lay(0, 0, 0, 0, 0, 0);
  return [...best.values()];
}
