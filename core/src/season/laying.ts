import { dayAfter } from '../athlete/athlete';
import type { DayFacts } from './day-facts';
import { consecutiveCost, type HardRule, hardRules, type LayingRules, rulesIn } from './laying-rules';
import type { SessionKind } from './session-kind';
import {
  betweenTable,
  type Code,
  codes,
  floorVolume,
  kindOf,
  nothing,
  type WeekLayout,
  type WeekProblem,
  weekLayouts,
} from './week-layouts';

/** Weeks to be laid one after the other. */
export interface LayingProblem {
  weeks: readonly WeekProblem[];
  rules: LayingRules;
  /** What stood on the last two days before the first week. */
  entry: readonly [Code, Code];
  /** The day before the first week, where it is known. */
  dayBefore?: DayFacts;
  /** Volume of the week before, sets, and the most it may rise from week to week, share; left out where no step is kept. */
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

/** One way to come to the end of a week. */
interface Reached {
  layout: WeekLayout;
  from: Reached | undefined;
  volume: number;
  /** What is to be kept low: broken rules, weighed by how reluctantly they give way. */
  broken: number;
  changed: number;
  worth: number;
}

/** Rather this than that: fewer broken, then fewer days changed, then worth more. */
const better = (a: Reached, b: Reached): boolean =>
  a.broken !== b.broken ? a.broken < b.broken : a.changed !== b.changed ? a.changed < b.changed : a.worth > b.worth;

/** How reluctantly a rule gives way beside another one; common practice, no source. */
const reluctance: Record<HardRule, number> = {
  most: 1,
  least: 1,
  pin: 2,
  rest: 2,
  'free-day': 3,
  'practice-first': 4,
  'jumps-apart': 5,
  'heavy-apart': 6,
  'lengthening-before-fixture': 6,
  'day-before-fixture': 7,
  'fixture-day': 9,
};
/** More than all reluctances of a season: the fewest rules come first. */
const oneRule = 10_000;

const priceOf = (broken: number): number =>
  broken === 0 ? 0 : rulesIn(broken).reduce((sum, rule) => sum + oneRule + reluctance[rule], 0);

/** What the last two days of a week and the first two of the next break and cost together; two that are fixed are not blamed on what is laid. */
function joint(
  between: ReturnType<typeof betweenTable>,
  last: number,
  first: number,
  before: WeekProblem | undefined,
  week: WeekProblem,
): { broken: number; cost: number } {
  const [sixth, seventh] = [Math.floor(last / codes), last % codes];
  const [one, two] = [Math.floor(first / codes), first % codes];
  const isFixed = (of: WeekProblem | undefined, d: number) => of === undefined || of.fixed[d] !== undefined;
  const broken = (a: Code, atA: number, b: Code, atB: number) =>
    isFixed(before, atA) && isFixed(week, atB) ? 0 : between(a, b, 7 - atA + atB);
  return {
    broken: (broken(seventh, 6, one, 0) | broken(sixth, 5, one, 0) | broken(seventh, 6, two, 1)) & ~week.relaxed,
    cost: seventh !== nothing && one !== nothing ? consecutiveCost : 0,
  };
}

/** Of those that end alike, the ones that none beats: more volume leaves more room for the next week. */
function unbeaten(reached: Reached[]): Reached[] {
  const sorted = reached.sort((a, b) => b.volume - a.volume || (better(a, b) ? -1 : 1));
  const kept: Reached[] = [];
  for (const way of sorted) if (kept.length === 0 || better(way, kept.at(-1) as Reached)) kept.push(way);
  return kept;
}

function chained(problem: LayingProblem, strict: boolean): Reached | undefined {
  const { weeks, rules, entry, ramp } = problem;
  const between = betweenTable(rules);
  const byVolume = strict && ramp !== undefined;
  const start = entry[0] * codes + entry[1];
  let fronts = new Map<number, (Reached | undefined)[]>([[start, [undefined]]]);
  for (const [w, week] of weeks.entries()) {
    const dayBefore = weeks[w - 1]?.days[6] ?? problem.dayBefore;
    const layouts = weekLayouts(week, rules, { strict, byVolume }, dayBefore);
    const floor = floorVolume(week);
    const next = new Map<number, Reached[]>();
    const byFirst = new Map<number, WeekLayout[]>();
    for (const layout of layouts) byFirst.set(layout.first, [...(byFirst.get(layout.first) ?? []), layout]);
    for (const [first, starting] of byFirst) {
      for (const [last, front] of fronts) {
        const { broken: jointBroken, cost: jointCost } = joint(between, last, first, weeks[w - 1], week);
        if (strict && jointBroken) continue;
        for (const layout of starting) {
          const enough = ramp && byVolume && layout.volume > floor ? layout.volume / (1 + ramp.mostStep) - 1e-6 : 0;
          // The front falls in volume and rises in worth: the last that has enough is the best.
          let from: Reached | undefined;
          let found = false;
          for (let f = front.length - 1; f >= 0 && !found; f--) {
            from = front[f];
            found = (from?.volume ?? ramp?.volumeBefore ?? 0) >= enough;
          }
          if (!found) continue;
          const way: Reached = {
            layout,
            from,
            volume: layout.volume,
            broken: (from?.broken ?? 0) + priceOf(layout.broken | jointBroken),
            changed: (from?.changed ?? 0) + layout.changed,
            worth: (from?.worth ?? 0) + layout.worth - jointCost,
          };
          const ending = next.get(layout.last) ?? [];
          next.set(layout.last, ending);
          ending.push(way);
        }
      }
    }
    fronts = new Map([...next].map(([last, ways]) => [last, byVolume ? unbeaten(ways) : [bestOf(ways)]]));
    if (fronts.size === 0) return undefined;
  }
  return bestOf([...fronts.values()].flat().filter((way) => way !== undefined));
}

const bestOf = (ways: readonly Reached[]): Reached => ways.reduce((best, way) => (better(way, best) ? way : best));

function inOrder(end: Reached): Reached[] {
  const ways: Reached[] = [];
  for (let at: Reached | undefined = end; at; at = at.from) ways.unshift(at);
  return ways;
}

/**
 * Lays sessions on days: of all ways that keep every rule the one that changes fewest days of what was laid before, and of those the one worth
 * most. Exact: every week is laid out in all ways that its neighbours could tell apart, and the weeks are chained (dynamic programme over weeks).
 * Where no way keeps every rule, a smallest set of rules that could give way, by week.
 *
 * @example lay(problem).sessions[0] // { on: '2026-12-08', kind: 'strength', level: 1 }
 */
export function lay(problem: LayingProblem): Laying {
  const end = chained(problem, true);
  if (!end) return { refused: smallestSet(problem) };
  const ways = inOrder(end);
  const laid = ways.map(({ layout }, w) => ({ layout, week: problem.weeks[w] as WeekProblem }));
  return {
    sessions: laid.flatMap(({ layout, week }) =>
      week.days.flatMap(({ on }, d): LaidSession[] => {
        const kind = kindOf(layout.codes[d] as Code);
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

/** A smallest set of rules by week that lets the rest be kept; the same programme with broken rules counted. */
function smallestSet(problem: LayingProblem): GivingWay[] {
  const end = chained(problem, false);
  if (!end) return [];
  const between = betweenTable(problem.rules);
  let last = problem.entry[0] * codes + problem.entry[1];
  return inOrder(end).flatMap(({ layout }, w) => {
    const week = problem.weeks[w] as WeekProblem;
    const { broken } = joint(between, last, layout.first, problem.weeks[w - 1], week);
    last = layout.last;
    const monday = (week.days[0] as DayFacts).on;
    return rulesIn(layout.broken | broken).map((rule) => ({ week: monday, rule }));
  });
}

/** Every rule there is, for those who let one give way. */
export const allRules = hardRules;
/** Monday of the week after. */
export const weekAfter = (monday: string): string => dayAfter(monday, 7);
