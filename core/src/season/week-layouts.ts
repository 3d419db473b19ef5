import { Lately } from '../lately';
import { type Alike, bestKeepingRules, breakingRules, firstOf, keepingRules, lastOf, pairs } from './alike-weeks';
import type { DayFacts } from './day-facts';
import { type Numbers, numbersOf } from './every-week';
import type { LayingRules } from './laying-rules';
import { type Between, type Code, codes, floorVolume, type WeekProblem } from './week-problem';
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

/** How finely layouts of a week are told apart. */
export interface Telling {
  /** Leaves out what breaks a rule, and weeks that are more than they may be. */
  strict: boolean;
  /** Keeps layouts of different volume apart. */
  byVolume: boolean;
}

/** Volumes told apart, hundredths of a set. */
const volumesApart = 1 << 16;

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
