import type { DayFacts } from './day-facts';
import { bitOf, brokenOn, consecutiveCost, drawbacksOf, type LayingRules } from './laying-rules';
import { sessionKinds } from './session-kind';
import {
  type Between,
  type Code,
  codeOf,
  codes,
  kindOf,
  leastIn,
  nothing,
  occupied,
  type WeekProblem,
} from './week-problem';
import type { Holdings } from './week-worth';

/** More than all drawbacks of a week: the fewest changes come first. */
export const oneChange = 1e6;

/** A code that may stand on a day, with the rules it breaks there alone. */
interface Option {
  code: Code;
  broken: number;
  /** What speaks against it, and that it is a change. */
  price: number;
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
      if (was !== undefined) return [{ code, broken: 0, price: 0 }];
      const pinned = pins[d] !== undefined && pins[d] !== code ? bitOf('pin') : 0;
      const broken = ((kind ? brokenOn(day, kind, rules) : 0) | pinned) & ~relaxed;
      if (strict && broken) return [];
      const cost = kind ? drawbacksOf(day, kind, played).reduce((sum, drawback) => sum + drawback.cost, 0) : 0;
      const changed = before[d] !== undefined && before[d] !== code ? 1 : 0;
      return [{ code, broken, price: cost + changed * oneChange }];
    });
  });
}

/** Everything that one week is laid out by, in numbers. */
export interface Numbers {
  options: readonly (readonly Option[])[];
  between: Between;
  idle: readonly number[];
  idleAfter: readonly number[];
  restAsked: number;
  isFixed: readonly boolean[];
  mostCounted: number;
  doneCount: number;
  least: number;
}

/** A week in numbers. */
export function numbersOf(
  problem: WeekProblem,
  rules: LayingRules,
  strict: boolean,
  between: Between,
  dayBefore?: DayFacts,
): Numbers {
  const { days, ask, fixed, pins } = problem;
  const setDown = days.filter((_, d) => (fixed[d] ?? pins[d] ?? nothing) !== nothing).length;
  const idle = days.map((day): number => (occupied(day) ? 0 : 1));
  const idleAfter = [...idle, 0].map((_, d) => idle.slice(d).reduce((sum, i) => sum + i, 0));
  return {
    options: optionsOf(problem, rules, strict, dayBefore),
    between,
    idle,
    idleAfter,
    // What the calendar itself takes is not ours to give back.
    restAsked: Math.min(rules.restDays, idleAfter[0] as number),
    isFixed: days.map((_, d) => fixed[d] !== undefined),
    mostCounted: Math.max(ask.most, setDown),
    doneCount: fixed.filter((code) => code).length,
    least: leastIn(problem),
  };
}

/** Told of every week there is: its days, what it holds, what it costs with its changes, and what it breaks. */
export type Keep = (days: number, holds: number, cost: number, broken: number) => void;

/** What leaving all days from each one on empty costs and breaks; for the days where that may be. */
function emptyFrom(options: Numbers['options']): { cost: number; broken: number }[] {
  const from = [{ cost: 0, broken: 0 }];
  for (let d = options.length - 1; d >= 0; d--) {
    const empty = options[d]?.find(({ code }) => code === nothing);
    const after = from[0] as { cost: number; broken: number };
    from.unshift(
      empty
        ? { cost: after.cost + empty.price, broken: after.broken | empty.broken }
        : { cost: Number.POSITIVE_INFINITY, broken: 0 },
    );
  }
  return from;
}

/** What may still come of a week, by what it holds: no more than `most` in worth; it is left when that less its cost does not go below `beaten`. */
export interface Promising {
  most: Float64Array;
  beaten: number;
}

/** Goes through every way to fill a week; `strict` leaves out what breaks a rule as soon as it is seen. */
export function everyWeek(
  problem: WeekProblem,
  numbers: Numbers,
  holdings: Holdings,
  strict: boolean,
  keep: Keep,
  promise?: Promising,
): void {
  const { options, idle, idleAfter, restAsked, isFixed, mostCounted, doneCount, least } = numbers;
  const [one, two] = numbers.between;
  const { relaxed, ask } = problem;
  const [restBit, leastBit, mostBit] = [bitOf('rest') & ~relaxed, bitOf('least') & ~relaxed, bitOf('most') & ~relaxed];
  const { most } = ask;
  const { next } = holdings;
  const empty = emptyFrom(options);
  const emptyCost = Float64Array.from(empty, ({ cost }) => cost);
  const emptyBroken = Int32Array.from(empty, ({ broken }) => broken);
  const weeksFrom = Float64Array.from({ length: 8 }, (_, d) => codes ** (7 - d));
  const kinds = sessionKinds.length;
  const whole = (days: number, broken: number, cost: number, count: number, rest: number, holds: number): void => {
    let all = broken;
    if (count < least) all |= leastBit;
    if (count > most && count > doneCount) all |= mostBit;
    if (rest < restAsked) all |= restBit;
    if (!strict || all === 0) keep(days, holds, cost, all);
  };
  const lay = (
    d: number,
    written: number,
    before: Code,
    beforeThat: Code,
    broken: number,
    cost: number,
    count: number,
    rest: number,
    holds: number,
  ): void => {
    // Nothing more can be added: the rest stays empty where it may.
    if (d === 7 || (count >= mostCounted && emptyCost[d] !== Number.POSITIVE_INFINITY)) {
      const days = written * (weeksFrom[d] as number);
      whole(
        days,
        broken | (emptyBroken[d] as number),
        cost + (emptyCost[d] as number),
        count,
        rest + (idleAfter[d] as number),
        holds,
      );
      return;
    }
    if (promise && cost - (promise.most[holds] as number) >= promise.beaten) return;
    // What can no longer come to enough sessions or rest days is not gone on with.
    if (strict && leastBit && count + 7 - d < least) return;
    if (strict && restBit && rest + (idleAfter[d] as number) < restAsked) return;
    const ofDay = options[d] as readonly Option[];
    for (let o = 0; o < ofDay.length; o++) {
      const { code, broken: alone, price } = ofDay[o] as Option;
      if (code === nothing) {
        lay(
          d + 1,
          written * codes,
          nothing,
          before,
          broken | alone,
          cost + price,
          count,
          rest + (idle[d] as number),
          holds,
        );
        continue;
      }
      if (count >= mostCounted) continue;
      let apart = 0;
      // Two that are fixed are not blamed on what is laid.
      if (before && !(isFixed[d] && isFixed[d - 1])) apart |= one[before * codes + code] as number;
      if (beforeThat && !(isFixed[d] && isFixed[d - 2])) apart |= two[beforeThat * codes + code] as number;
      apart &= ~relaxed;
      if (strict && apart) continue;
      lay(
        d + 1,
        written * codes + code,
        code,
        before,
        broken | alone | apart,
        cost + price + (before ? consecutiveCost : 0),
        count + 1,
        rest,
        isFixed[d] ? holds : (next[holds * kinds + code - 1] as number),
      );
    }
  };
  lay(0, 0, nothing, nothing, 0, 0, 0, 0, 0);
}
