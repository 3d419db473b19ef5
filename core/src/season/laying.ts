import { chained, jointOf, type Reached } from './chaining';
import type { DayFacts } from './day-facts';
import { type HardRule, type LayingRules, rulesIn } from './laying-rules';
import type { SessionKind } from './session-kind';
import { codeOn, WeekMemory } from './week-layouts';
import { betweenTable, type Code, kindOf, pairCode, type WeekProblem } from './week-problem';

/** Weeks to be laid one after the other. */
export interface LayingProblem {
  weeks: readonly WeekProblem[];
  rules: LayingRules;
  /** What stood on the last two days before the first week. */
  entry: readonly [Code, Code];
  /** The day before the first week, where it is known. */
  dayBefore?: DayFacts;
  /** Volume that is usual before the first week, sets, and the most a week may rise over the larger of the two before it, share; left out where no step is kept. */
  ramp?: { volumeBefore: number; mostStep: number };
}

/** A session laid on a day. */
export interface LaidSession {
  on: string;
  kind: SessionKind;
  /** Share of its usual volume. */
  level: number;
}

export interface LaidWeek {
  /** Its Monday. */
  from: string;
  level: number;
  volume: number;
}

/** A season laid out. */
export interface Laid {
  sessions: readonly LaidSession[];
  weeks: readonly LaidWeek[];
  /** Worth of all weeks together, less what speaks against it. */
  worth: number;
  /** Days that differ from what was laid before. */
  changed: number;
}

/** A rule that could give way in a week. */
export interface GivingWay {
  /** Monday of the week. */
  week: string;
  rule: HardRule;
}

export type Laying = Laid | { refused: readonly GivingWay[] };

/**
 * Lays sessions on days: of all ways that keep every rule the one that changes fewest days of what was laid before, and of those the one worth
 * most. Exact: every week is laid out in all ways that its neighbours could tell apart, and the weeks are chained (dynamic programme over weeks).
 * Where no way keeps every rule, a smallest set of rules that could give way, by week; how much a week may be gives way before any of them.
 *
 * @param memory weeks that were laid out before, where seasons are laid for many
 * @example lay(problem).sessions[0] // { on: '2026-12-08', kind: 'strength', level: 1 }
 */
export function lay(problem: LayingProblem, memory: WeekMemory = new WeekMemory()): Laying {
  const kept = chained(problem, true, memory);
  if (kept) return laidBy(problem, kept);
  const nearest = chained(problem, false, memory);
  if (!nearest) throw new Error('a season without weeks cannot be laid');
  const refused = brokenIn(problem, nearest);
  return refused.length ? { refused } : laidBy(problem, nearest);
}

function laidBy(problem: LayingProblem, ways: readonly Reached[]): Laid {
  const end = ways.at(-1) as Reached;
  const laid = ways.map(({ layout }, w) => ({ layout, week: problem.weeks[w] as WeekProblem }));
  return {
    sessions: laid.flatMap(({ layout, week }) =>
      week.days.flatMap(({ on }, d): LaidSession[] => {
        const kind = kindOf(codeOn(layout, d));
        return kind && week.fixed[d] === undefined ? [{ on, kind, level: layout.level }] : [];
      }),
    ),
    weeks: laid.map(({ layout, week }) => ({
      from: (week.days[0] as DayFacts).on,
      level: layout.level,
      volume: layout.volume,
    })),
    worth: end.worth,
    changed: end.changed,
  };
}

/** Rules by week that a way to the end breaks. */
function brokenIn({ weeks, rules, entry }: LayingProblem, ways: readonly Reached[]): GivingWay[] {
  const between = betweenTable(rules);
  let last = pairCode(...entry);
  return ways.flatMap(({ layout }, w) => {
    const week = weeks[w] as WeekProblem;
    const { broken } = jointOf(between, last, layout.first, weeks[w - 1], week);
    last = layout.last;
    return rulesIn(layout.broken | broken).map((rule) => ({ week: (week.days[0] as DayFacts).on, rule }));
  });
}
