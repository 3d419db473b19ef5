import { everyWeek, type Keep, type Numbers, oneChange } from './every-week';
import { sessionKinds } from './session-kind';
import { codes, nothing, type WeekProblem } from './week-problem';
import type { Holdings, Weighed } from './week-worth';

/** Weeks that begin, end and hold alike, and break the same: the one of fewest changes, then of least drawbacks. */
export interface Alike {
  days: number;
  /** What it holds, as a place in the list of holdings. */
  holds: number;
  cost: number;
  changed: number;
  broken: number;
}

/** Pairs of days there are. */
export const pairs = codes * codes;

/** The first two days of a week and its last two, each as one number. */
export const firstOf = (days: number): number => Math.floor(days / codes ** 5);
export const lastOf = (days: number): number => days % pairs;

const alikeOf = (days: number, holds: number, priced: number, broken: number): Alike => {
  const changed = Math.round(priced / oneChange);
  return { days, holds, cost: priced - changed * oneChange, changed, broken };
};

/** Of all weeks that keep the rules the cheapest of each beginning, end and holding. */
export function keepingRules(problem: WeekProblem, numbers: Numbers, holdings: Holdings): Alike[] {
  const { cheapest, days } = roomFor(pairs * pairs * holdings.count);
  const found: number[] = [];
  everyWeek(problem, numbers, holdings, true, (week, holds, cost) => {
    const at = (firstOf(week) * pairs + lastOf(week)) * holdings.count + holds;
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
export function bestKeepingRules(
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
    const at = firstOf(week) * pairs + lastOf(week);
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
export function breakingRules(
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
