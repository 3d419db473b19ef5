import type { LayingProblem } from './laying';
import { consecutiveCost, type HardRule, rulesIn } from './laying-rules';
import { layoutsKept, type WeekLayout, type WeekMemory } from './week-layouts';
import {
  type Between,
  betweenTable,
  type Code,
  codes,
  floorVolume,
  nothing,
  pairCode,
  type WeekProblem,
} from './week-problem';

/** One way to come to the end of a week. */
export interface Reached {
  layout: WeekLayout;
  from: Reached | undefined;
  volume: number;
  /** What somebody is used to after it: the larger volume of the last two weeks, so that one light week takes nothing away. */
  usedTo: number;
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
export function jointOf(
  between: Between,
  last: number,
  first: number,
  before: WeekProblem | undefined,
  week: WeekProblem,
): { broken: number; cost: number } {
  const [sixth, seventh] = [Math.floor(last / codes), last % codes];
  const [one, two] = [Math.floor(first / codes), first % codes];
  const isFixed = (of: WeekProblem | undefined, d: number) => of === undefined || of.fixed[d] !== undefined;
  const broken = (a: Code, atA: number, b: Code, atB: number) =>
    isFixed(before, atA) && isFixed(week, atB) ? 0 : (between[6 - atA + atB]?.[a * codes + b] ?? 0);
  return {
    broken: (broken(seventh, 6, one, 0) | broken(sixth, 5, one, 0) | broken(seventh, 6, two, 1)) & ~week.relaxed,
    cost: seventh !== nothing && one !== nothing ? consecutiveCost : 0,
  };
}

/** The same, each pair of days worked out once where nothing is fixed. */
function jointsKept(between: Between) {
  const known = new Map<number, { broken: number; cost: number }>();
  return (last: number, first: number, before: WeekProblem | undefined, week: WeekProblem) => {
    const plain = before && ![before.fixed[5], before.fixed[6], ...week.fixed.slice(0, 2)].some((f) => f !== undefined);
    if (!plain || week.relaxed) return jointOf(between, last, first, before, week);
    const at = last * codes * codes + first;
    const found = known.get(at) ?? jointOf(between, last, first, before, week);
    known.set(at, found);
    return found;
  };
}

/** A way to a week with what joining it to the next breaks and costs. */
interface Joined {
  way: Reached | undefined;
  broken: number;
  cost: number;
}

/** Of those that end alike, the ones that none beats: more volume, and more that one is used to, leave more room for the weeks that follow. */
function unbeaten(reached: Reached[]): Reached[] {
  const kept: Reached[] = [];
  for (const way of reached.sort((a, b) => (better(a, b) ? -1 : 1)))
    if (!kept.some((other) => other.volume >= way.volume && other.usedTo >= way.usedTo)) kept.push(way);
  return kept;
}

const bestOf = (ways: readonly Reached[]): Reached => ways.reduce((best, way) => (better(way, best) ? way : best));

/** Rather this than that: fewer broken and changed first, then worth more. */
const inFront = ({ way: a, cost: costA }: Joined, { way: b, cost: costB }: Joined): number =>
  !a || !b ? 0 : a.broken - b.broken || a.changed - b.changed || b.worth - costB - (a.worth - costA);

function reachedBy(layout: WeekLayout, { way, broken, cost }: Joined, usualBefore: number): Reached {
  return {
    layout,
    from: way,
    volume: layout.volume,
    usedTo: Math.max(layout.volume, way?.volume ?? usualBefore),
    broken: (way?.broken ?? 0) + priceOf(layout.broken | broken),
    changed: (way?.changed ?? 0) + layout.changed,
    worth: (way?.worth ?? 0) + layout.worth - cost,
  };
}

/** Ways that a beginning may follow on; where rules are kept the best of them first. */
function joinedTo(
  fronts: ReadonlyMap<number, readonly (Reached | undefined)[]>,
  joint: (last: number) => { broken: number; cost: number },
  strict: boolean,
): Joined[] {
  const joined: Joined[] = [];
  for (const [last, front] of fronts) {
    const { broken, cost } = joint(last);
    if (strict && broken) continue;
    for (const way of front) {
      const one = { way, broken, cost };
      const best = joined[0];
      if (best && inFront(one, best) < 0) {
        joined[0] = one;
        joined.push(best);
      } else joined.push(one);
    }
  }
  return joined;
}

/** Of ways in their order those that leave more room than all before them. */
function withoutBeaten(joined: readonly Joined[]): Joined[] {
  const kept: Joined[] = [];
  for (const one of joined) {
    const { way } = one;
    const isBeaten = kept.some(
      ({ way: other }) => !way || (other && other.volume >= way.volume && other.usedTo >= way.usedTo),
    );
    if (!isBeaten) kept.push(one);
  }
  return kept;
}

/** Ways on from those that are there to one layout: the best, and those after it that leave more room. */
function onwards(layout: WeekLayout, joined: readonly Joined[], enough: number, usualBefore: number): Reached[] {
  const ways: Reached[] = [];
  let most = Number.NEGATIVE_INFINITY;
  for (const one of joined) {
    if ((one.way?.usedTo ?? usualBefore) < enough) continue;
    const way = reachedBy(layout, one, usualBefore);
    if (way.usedTo <= most) continue;
    most = way.usedTo;
    ways.push(way);
    // Nothing leaves more room than what is used to already.
    if (most > layout.volume && one.way === undefined) break;
  }
  return ways;
}

/**
 * The best way through all weeks, from first to last; `strict` where no rule is broken and no week is more than it may be. Undefined where there is none.
 */
export function chained(problem: LayingProblem, strict: boolean, memory: WeekMemory): Reached[] | undefined {
  const { weeks, rules, entry, ramp } = problem;
  const between = betweenTable(rules);
  const jointsTo = jointsKept(between);
  const layoutsOf = layoutsKept(rules, between, memory);
  const byVolume = strict && ramp !== undefined;
  const usualBefore = ramp?.volumeBefore ?? 0;
  let fronts = new Map<number, (Reached | undefined)[]>([[pairCode(...entry), [undefined]]]);
  for (const [w, week] of weeks.entries()) {
    const dayBefore = weeks[w - 1]?.days[6] ?? problem.dayBefore;
    const floor = floorVolume(week);
    const byFirst = new Map<number, WeekLayout[]>();
    for (const layout of layoutsOf(week, { strict, byVolume }, dayBefore)) {
      const alike = byFirst.get(layout.first) ?? [];
      byFirst.set(layout.first, alike);
      alike.push(layout);
    }
    const next = new Map<number, Reached[]>();
    for (const [first, starting] of byFirst) {
      const joined = joinedTo(fronts, (last) => jointsTo(last, first, weeks[w - 1], week), strict);
      const ways = byVolume ? withoutBeaten(joined.sort(inFront)) : strict ? joined.slice(0, 1) : joined;
      for (const layout of starting) {
        const enough = byVolume && layout.volume > floor ? layout.volume / (1 + ramp.mostStep) - 1e-6 : 0;
        const ending = next.get(layout.last) ?? [];
        next.set(layout.last, ending);
        if (byVolume) ending.push(...onwards(layout, ways, enough, usualBefore));
        else for (const one of ways) ending.push(reachedBy(layout, one, usualBefore));
      }
    }
    fronts = new Map(
      [...next]
        .filter(([, ways]) => ways.length > 0)
        .map(([last, ways]) => [last, byVolume ? unbeaten(ways) : [bestOf(ways)]]),
    );
    if (fronts.size === 0) return undefined;
  }
  const ways: Reached[] = [];
  const ends = [...fronts.values()].flat().filter((way) => way !== undefined);
  for (let at: Reached | undefined = ends.length ? bestOf(ends) : undefined; at; at = at.from) ways.unshift(at);
  return ways.length ? ways : undefined;
}
