import type { DayFacts } from './day-facts';
import { bitOf, brokenOn, consecutiveCost, drawbacksOf, type LayingRules } from './laying-rules';
import { sessionKinds } from './session-kind';
import {
  type Between,
  type Code,
  codeOf,
  codes,
  floorVolume,
  kindOf,
  leastIn,
  nothing,
  occupied,
  type WeekProblem,
} from './week-problem';
import { type Holdings, holdingsUpTo, type Weighed, weighing } from './week-worth';

/** The best week of those that look alike to their neighbours. */
export interface WeekLayout {
  /** What stands on its days, as digits in base `codes`, Monday last. */
  days: number;
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

/** What stands on a day of a layout, Monday 0. */
export const codeOn = ({ days }: WeekLayout, day: number): Code => Math.floor(days / codes ** (6 - day)) % codes;

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

/** How finely layouts of a week are told apart. */
export interface Telling {
  /** Leaves out what breaks a rule, and weeks that are more than they may be. */
  strict: boolean;
  /** Keeps layouts of different volume apart. */
  byVolume: boolean;
}

/** Weeks that begin, end and hold alike, and break the same: the one of fewest changes, then of least drawbacks. */
interface Alike {
  days: number;
  /** What it holds, as a place in the list of holdings. */
  holds: number;
  cost: number;
  changed: number;
  broken: number;
}

const pairs = codes * codes;
/** Volumes told apart, hundredths of a set. */
const volumesApart = 1 << 16;
/** More than all drawbacks of a week: the fewest changes come first. */
const oneChange = 1e6;

/** Everything that one week is laid out by, in numbers. */
interface Numbers {
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

function numbersOf(
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
type Keep = (days: number, holds: number, cost: number, broken: number) => void;

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
interface Promising {
  most: Float64Array;
  beaten: number;
}

/** Goes through every way to fill a week; `strict` leaves out what breaks a rule as soon as it is seen. */
function everyWeek(
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

const firstOf = (days: number): number => Math.floor(days / codes ** 5);
const lastOf = (days: number): number => days % pairs;

const alikeOf = (days: number, holds: number, priced: number, broken: number): Alike => {
  const changed = Math.round(priced / oneChange);
  return { days, holds, cost: priced - changed * oneChange, changed, broken };
};

/** Of all weeks that keep the rules the cheapest of each beginning, end and holding. */
function keepingRules(problem: WeekProblem, numbers: Numbers, holdings: Holdings): Alike[] {
  const { cheapest, days } = roomFor(pairs * pairs * holdings.count);
  const found: number[] = [];
  everyWeek(problem, numbers, holdings, true, (week, holds, cost) => {
    const at = (firstOf(week) * pairs + (week % pairs)) * holdings.count + holds;
    const known = cheapest[at] as number;
    if (cost >= known) return;
    if (known === Number.POSITIVE_INFINITY) found.push(at);
    cheapest[at] = cost;
    days[at] = week;
  });
  const alikes = found.map((at) => alikeOf(days[at] as number, at % holdings.count, cheapest[at] as number, 0));
  for (const at of found) cheapest[at] = Number.POSITIVE_INFINITY;
  return alikes;
}

/** Of those the one of each beginning and end that is worth most at its best level. */
function bestKeepingRules(
  problem: WeekProblem,
  numbers: Numbers,
  holdings: Holdings,
  levels: readonly (Weighed | undefined)[],
): Alike[] {
  const worths = Float64Array.from(levels, (level) => level?.worth ?? Number.NEGATIVE_INFINITY);
  const size = pairs * pairs;
  const cheapest = new Float64Array(size).fill(Number.POSITIVE_INFINITY);
  const [days, held] = [new Int32Array(size), new Int32Array(size)];
  const keep: Keep = (week, holds, cost) => {
    const at = firstOf(week) * pairs + (week % pairs);
    const price = cost - (worths[holds] as number);
    if (price >= (cheapest[at] as number)) return;
    cheapest[at] = price;
    days[at] = week;
    held[at] = holds;
  };
  // A week that leaves its first and last two days empty goes with any other: what is worth less than the best of these is never wanted.
  const alone = {
    ...numbers,
    options: numbers.options.map((ofDay, d) => (d < 2 || d > 4 ? ofDay.filter(({ code }) => code === nothing) : ofDay)),
  };
  everyWeek(problem, alone, holdings, true, keep);
  const beaten = (cheapest[0] as number) + 1e-9;
  everyWeek(problem, numbers, holdings, true, keep, { most: mostToCome(worths, holdings), beaten });
  const alikes: Alike[] = [];
  for (let at = 0; at < size; at++)
    if (cheapest[at] !== Number.POSITIVE_INFINITY) {
      const holds = held[at] as number;
      alikes.push(alikeOf(days[at] as number, holds, (cheapest[at] as number) + (worths[holds] as number), 0));
    }
  return alikes;
}

/** The most worth that each holding can still come to by adding to it. */
function mostToCome(worths: Float64Array, { count, next }: Holdings): Float64Array {
  const most = Float64Array.from(worths);
  const kinds = sessionKinds.length;
  // What comes of a holding stands after it in the list.
  for (let h = count - 1; h >= 0; h--)
    for (let k = 0; k < kinds; k++)
      most[h] = Math.max(most[h] as number, most[next[h * kinds + k] as number] as number);
  return most;
}

/** Room for the cheapest of so many, kept from week to week; whoever uses it leaves it as it was. */
let room = { cheapest: new Float64Array(0), days: new Int32Array(0) };
function roomFor(size: number): typeof room {
  if (room.cheapest.length < size)
    room = { cheapest: new Float64Array(size).fill(Number.POSITIVE_INFINITY), days: new Int32Array(size) };
  return room;
}

/** The same of all weeks, whatever they break, by what they break. */
function breakingRules(
  problem: WeekProblem,
  numbers: Numbers,
  holdings: Holdings,
  levels: readonly (Weighed | undefined)[],
): Alike[] {
  const worths = Float64Array.from(levels, (level) => level?.worth ?? Number.NEGATIVE_INFINITY);
  const best = new Map<number, { days: number; holds: number; price: number; broken: number }>();
  everyWeek(problem, numbers, holdings, false, (days, holds, cost, broken) => {
    const key = (broken * pairs + firstOf(days)) * pairs + lastOf(days);
    const price = cost - (worths[holds] as number);
    const known = best.get(key);
    if (!known) best.set(key, { days, holds, price, broken });
    else if (price < known.price) {
      known.days = days;
      known.holds = holds;
      known.price = price;
    }
  });
  return [...best.values()].map(({ days, holds, price, broken }) =>
    alikeOf(days, holds, price + (worths[holds] as number), broken),
  );
}

/** The level of a week that is worth most among those that are no more than it may be. */
function bestLevel(weighed: readonly Weighed[], mostVolume: number): Weighed | undefined {
  let best: Weighed | undefined;
  for (const one of weighed) if (one.volume <= mostVolume && (!best || one.worth > best.worth)) best = one;
  return best;
}

/**
 * Every way to lay out a week that its neighbours could tell from another, the best of each: by its first two and last two days, its volume where that
 * matters, and what it breaks. Weeks that say the same, as most of a season do, are laid out once.
 */
export function layoutsKept(rules: LayingRules, between: Between, memory: WeekMemory) {
  const ofRules = JSON.stringify(rules);
  return (problem: WeekProblem, telling: Telling, dayBefore?: DayFacts): readonly WeekLayout[] => {
    const numbers = numbersOf(problem, rules, telling.strict, between, dayBefore);
    const { between: _, ...told } = numbers;
    const holdings = holdingsUpTo(numbers.mostCounted);
    const ofAsk = JSON.stringify([problem.ask, problem.levels, problem.fixed, numbers.mostCounted]);
    const weights = () => memory.weights.of(ofAsk, () => holdings.counts.map(weighing(problem)));
    const key = JSON.stringify([told, problem.relaxed, problem.pins, telling]) + ofAsk + ofRules;
    return memory.layouts.of(key, () => layoutsOf(problem, numbers, holdings, weights(), telling));
  };
}

/** What was worked out last, by what it was worked out from. */
class Lately<T> {
  private readonly known = new Map<string, T>();

  constructor(private readonly most: number) {}

  of(key: string, workOut: () => T): T {
    const found = this.known.get(key) ?? workOut();
    this.known.delete(key);
    this.known.set(key, found);
    for (const old of this.known.keys()) if (this.known.size > this.most) this.known.delete(old);
    return found;
  }
}

/** Weeks that were laid out before: members of a squad share most of them. Whoever lays for many hands one on. */
export class WeekMemory {
  readonly layouts = new Lately<readonly WeekLayout[]>(40);
  readonly weights = new Lately<readonly (readonly Weighed[])[]>(40);
}

function layoutsOf(
  problem: WeekProblem,
  numbers: Numbers,
  holdings: Holdings,
  weighed: readonly (readonly Weighed[])[],
  { strict, byVolume }: Telling,
): WeekLayout[] {
  const mostVolume = strict ? Math.max(problem.ask.mostVolume, floorVolume(problem)) + 1e-6 : Number.POSITIVE_INFINITY;
  const layoutOf = ({ days, cost, changed, broken }: Alike, { level, volume, worth }: Weighed): WeekLayout => ({
    days,
    level,
    first: firstOf(days),
    last: lastOf(days),
    volume,
    worth: worth - cost,
    changed,
    broken,
  });
  if (byVolume) {
    const best = new Map<number, WeekLayout>();
    for (const alike of keepingRules(problem, numbers, holdings))
      for (const one of weighed[alike.holds] as readonly Weighed[]) {
        if (one.volume > mostVolume) continue;
        const ends = firstOf(alike.days) * pairs + lastOf(alike.days);
        const key = ends * volumesApart + Math.round(one.volume * 100);
        const known = best.get(key);
        const worth = one.worth - alike.cost;
        if (!known || alike.changed < known.changed || (alike.changed === known.changed && worth > known.worth))
          best.set(key, layoutOf(alike, one));
      }
    return [...best.values()];
  }
  const levels = weighed.map((one) => bestLevel(one, mostVolume));
  if (strict)
    return bestKeepingRules(problem, numbers, holdings, levels).map((alike) =>
      layoutOf(alike, levels[alike.holds] as Weighed),
    );
  return breakingRules(problem, numbers, holdings, levels).map((alike) =>
    layoutOf(alike, levels[alike.holds] as Weighed),
  );
}
