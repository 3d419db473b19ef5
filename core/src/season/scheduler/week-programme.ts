import {
  type DaysProblem,
  gapCounts,
  hardInARow,
  longestGap,
  maxAfter,
  mayNeighbour,
  type ProblemWeek,
  prices,
} from './problem';
import { type ChosenDay, type Reached, readBack } from './read-back';
import { marks } from './units';
import { edgesOf, keyOfWeek, type WeekInNumbers } from './week-in-numbers';
import { type WeekWay, type WeekWays, waysOfWeek } from './week-options';

/** Weeks that were laid out lately: those of a squad, and those of a season that is laid again, are mostly the same. */
export class WeekMemory {
  private readonly known = new Map<string, WeekWays>();

  constructor(private readonly most = 600) {}

  of(week: WeekInNumbers): WeekWays {
    const key = keyOfWeek(week);
    const before = this.known.get(key);
    if (before) return before;
    const ways = waysOfWeek(week);
    if (this.known.size >= this.most) this.known.delete(this.known.keys().next().value as string);
    this.known.set(key, ways);
    return ways;
  }
}

export interface ProgrammedWeeks {
  worth: number;
  chosen: readonly ChosenDay[];
}

/** Ways kept for each week in a first pass; more where that is not the proven best. */
const firstWidth = 40;
const tolerance = 1e-9;

/**
 * Lays weeks one after the other, exactly: each is laid out in all ways that its neighbours could tell apart, and of all chains of them the best is
 * found. A few ways are followed first; what no bound rules out is followed in the next pass, until nothing is left out.
 */
export function programmeWeeks(problem: DaysProblem, memory: WeekMemory = new WeekMemory()): ProgrammedWeeks {
  const laid = problem.weeks.map((week, w) =>
    memory.of({
      days: problem.days.slice(7 * w, 7 * w + 7),
      week,
      legDays: problem.legDays,
      edges: edgesOf(problem, w),
    }),
  );
  const ahead = boundsAhead(problem, laid);
  let best: Reached | undefined;
  for (let width = firstWidth; ; width *= 4) {
    const pass = follow(problem, laid, ahead, width, best);
    best = pass.best ?? best;
    if (pass.whole) break;
  }
  if (!best) throw new RangeError('these weeks cannot be laid');
  return { worth: best.worth, chosen: readBack(problem, laid, best) };
}

/** Most that the weeks from one on can still be worth after two volumes, whatever stands at their edges. */
type Ahead = (w: number, last: number, lastButOne: number) => number;

function boundsAhead({ weeks }: DaysProblem, laid: readonly WeekWays[]): Ahead {
  const bestAt = laid.map(({ ways }) => {
    const at = new Float64Array(Math.max(0, ...ways.map(({ worth }) => worth.length))).fill(Number.NEGATIVE_INFINITY);
    for (const { worth } of ways)
      for (let v = 0; v < worth.length; v++) at[v] = Math.max(at[v] as number, worth[v] as number);
    return at;
  });
  const known = laid.map(() => new Map<number, number>());
  const ahead: Ahead = (w, last, lastButOne) => {
    const [week, at] = [weeks[w], bestAt[w]];
    if (!week || !at) return 0;
    const most = Math.min(at.length - 1, maxAfter(week, last, lastButOne));
    const key = most * 1000 + last;
    const before = known[w]?.get(key);
    if (before !== undefined) return before;
    let best = Number.NEGATIVE_INFINITY;
    let own = Number.NEGATIVE_INFINITY;
    // What is larger leaves more for the weeks after it: only what is worth more than all larger ones counts.
    for (let v = most; v >= 0; v--) {
      if ((at[v] as number) <= own + tolerance) continue;
      own = at[v] as number;
      best = Math.max(best, own + ahead(w + 1, v, last));
    }
    known[w]?.set(key, best);
    return best;
  };
  return ahead;
}

interface Pass {
  best: Reached | undefined;
  /** Nothing was left out that could have been better. */
  whole: boolean;
}

/** Follows the most promising ways of each week, at most so many; what cannot reach the best one known is left. */
function follow(
  problem: DaysProblem,
  laid: readonly WeekWays[],
  ahead: Ahead,
  width: number,
  known: Reached | undefined,
): Pass {
  const [last, lastButOne] = problem.volumesBefore;
  let states: Reached[] = [{ worth: 0, way: undefined, volume: last, before: lastButOne, from: undefined }];
  let whole = true;
  const beat = known ? known.worth + tolerance : Number.NEGATIVE_INFINITY;
  for (const [w, week] of problem.weeks.entries()) {
    const joint = jointOf(problem, w);
    const reached = new Map<number, Reached[]>();
    const ways = (laid[w] as WeekWays).ways;
    for (const state of states)
      for (const way of ways) {
        const cost = joint(state.way, way);
        if (cost !== undefined)
          extend(reached, state, way, state.worth - cost, week, beat, (volume) => ahead(w + 1, volume, state.volume));
      }
    const all = [...reached.values()].flat();
    if (all.length > width) {
      const order = all
        .map((r) => ({ r, promise: r.worth + ahead(w + 1, r.volume, r.before) }))
        .sort((a, b) => b.promise - a.promise);
      states = order.slice(0, width).map(({ r }) => r);
      whole = false;
    } else states = all;
  }
  const best = states.reduce<Reached | undefined>((b, s) => (b && b.worth >= s.worth ? b : s), undefined);
  return { best: best && best.worth > beat ? best : undefined, whole };
}

/** Goes on by one week at each volume that no larger one beats. */
function extend(
  reached: Map<number, Reached[]>,
  state: Reached,
  way: WeekWay,
  worth: number,
  week: ProblemWeek,
  beat: number,
  promise: (volume: number) => number,
): void {
  const key = (way.last[0] * 16 + way.last[1]) * 4 + way.trail;
  let group = reached.get(key);
  let best = Number.NEGATIVE_INFINITY;
  const most = Math.min(way.worth.length - 1, maxAfter(week, state.volume, state.before));
  for (let volume = most; volume >= 0; volume--) {
    const own = way.worth[volume] as number;
    if (own <= best + tolerance) continue;
    best = own;
    if (worth + own + promise(volume) <= beat) continue;
    const next: Reached = { worth: worth + own, way, volume, before: state.volume, from: state };
    if (!group) {
      group = [];
      reached.set(key, group);
    }
    if (group.some((r) => dominates(r, next))) continue;
    let kept = 0;
    for (const r of group) if (!dominates(next, r)) group[kept++] = r;
    group.length = kept;
    group.push(next);
  }
}

/** Worth as much and leaves as much room for the weeks after it. */
const dominates = (a: Reached, b: Reached): boolean =>
  a.worth >= b.worth - tolerance && a.volume >= b.volume && a.before >= b.before;

/** What two ways cost where they meet; undefined where they cannot. */
function jointOf({ days, legDays, entry }: DaysProblem, w: number) {
  const edge = 7 * w;
  const pinned = (d: number) => d < 0 || (days[d]?.pinned ?? false);
  const fixedHard = (d: number) => d >= 0 && (days[d]?.hard ?? false);
  const windows = w === 0 ? [] : [1, 2, 3].filter((k) => gapCounts(days, edge - k));
  return (before: WeekWay | undefined, after: WeekWay): number | undefined => {
    const of = [...(before?.last ?? entry), ...after.first] as const;
    const at = (k: number) => of[k + 2] as number;
    for (const [a, b] of [
      [-1, 0],
      [-2, 0],
      [-1, 1],
    ] as const) {
      if (pinned(edge + a) && pinned(edge + b)) continue;
      if (!mayNeighbour(at(a), at(b), b - a, legDays)) return undefined;
    }
    const hard = (k: number) => fixedHard(edge + k) || (at(k) & marks.hard) > 0;
    for (const start of [-2, -1]) {
      const run = Array.from({ length: hardInARow + 1 }, (_, k) => start + k);
      if (run.every(hard) && run.some((k) => !pinned(edge + k) && !fixedHard(edge + k))) return undefined;
    }
    return windows.filter((k) => (before?.trail ?? 0) >= k && after.lead >= longestGap - k).length * prices.gap;
  };
}
