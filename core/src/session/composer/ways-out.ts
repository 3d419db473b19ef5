import { contextOf } from '../context/context';
import type { Problem } from '../search/problem';
import { lotsGaining } from '../search/relaxation';
import { type Lot, SessionProgramme } from '../search/session-programme';
import type { ProgrammeColumn, Solver } from '../search/solver';
import { budgetOf, type ProblemSetup, setUpProblem } from './problem-setup';
import type { RelaxedRule } from './relaxed-rules';

/** How unwilling a coach is to give something up; common practice, no source. */
const reluctance: Record<RelaxedRule['kind'], number> = { minutes: 1, type: 1, pin: 1, floor: 1, ban: 1.25 };
const maxWays = 3;
/** No session gets longer than this, minutes. */
export const longestSession = 180;

/** Everything that could give, with the row it softens. */
interface Softened {
  giving: RelaxedRule;
  column: ProgrammeColumn;
}

const large = 1000;
const pairsTried = 400;

/**
 * The smallest sets of things that have to give, found with an elastic programme: every wish of the coach gets a yes-or-no variable that breaks it
 * at a price; each set found is then forbidden to find the next.
 */
export function waysOut(
  prepared: ProblemSetup,
  solver: Solver,
): { gives: RelaxedRule[][] } | { chosen: readonly number[] } {
  const open = withoutBans(prepared);
  const { problem } = open;
  const { brief } = prepared.context;
  const session = new SessionProgramme(problem);
  const banned = new Set(brief.lock.exclude);
  const wanted = wantedOf(problem);
  const isWanted = new Set(wanted);
  const lots: Lot[] = [
    ...wanted.map((i): Lot => ({ offers: [i], savedSeconds: 0 })),
    ...lotsGaining(problem, gainsAmong(problem, isWanted), 1, 0)
      .sort((a, b) => b.savedSeconds - a.savedSeconds)
      .slice(0, pairsTried),
  ];
  const rows = session.programme.rows.map((row) => ({ ...row }));
  // What is pinned asks for its warm-up whatever else is chosen.
  const pinnedJoints = problem.pins.reduce((mask, [first]) => mask | (problem.joints[first as number] as number), 0);
  const budget = problem.budget(pinnedJoints);
  rows[session.rows.time] = { lower: -Infinity, upper: budget };
  const softened: Softened[] = [];
  const soften = (giving: RelaxedRule, entries: ProgrammeColumn['entries']) =>
    softened.push({
      giving,
      column: { cost: -large * reluctance[giving.kind], lower: 0, upper: 1, integer: true, entries },
    });
  const addRow = (lower: number, upper: number) => rows.push({ lower, upper }) - 1;

  const minutesRow = addRow(-Infinity, 0);
  soften({ kind: 'minutes', to: longestSession }, [[minutesRow, -longestSession * 60]]);
  const over: ProgrammeColumn = {
    cost: -1 / 60,
    lower: 0,
    upper: longestSession * 60,
    integer: false,
    entries: [
      [session.rows.time, -1],
      [minutesRow, 1],
    ],
  };
  problem.pins.forEach((pin, p) => {
    const variant = problem.variants[pin[0] as number] as string;
    soften({ kind: 'pin', variant }, [[session.rows.pins + p, 1]]);
  });
  (brief.lock.floors ?? []).forEach((floor, at) => {
    soften({ kind: 'floor', at }, [[session.rows.insisted + 1 + at, floor.least]]);
  });
  const banRow = new Map<string, number>();
  for (const id of banned) {
    if (!problem.variants.includes(id)) continue;
    const row = addRow(-Infinity, 0);
    banRow.set(id, row);
    soften({ kind: 'ban', variant: id }, [[row, -lots.length]]);
  }
  const lotColumns = lots.map((lot): ProgrammeColumn => {
    const column = session.columnOf(lot);
    const gates = lot.offers.flatMap((i): [number, number][] => {
      const row = banRow.get(problem.variants[i] as string);
      return row === undefined ? [] : [[row, 1]];
    });
    return { ...column, cost: 0, entries: [...column.entries, ...gates] };
  });
  const others = session.programme.columns.map((c) => ({ ...c, cost: 0 }));
  const before = others.length + lotColumns.length + 1;
  const columns = [...others, ...lotColumns, over, ...softened.map((s) => s.column)];

  const found: RelaxedRule[][] = [];
  for (let way = 0; way < maxWays; way++) {
    const solved = solver.solve({ rows, columns }, { absoluteGap: 0.2, mostNodes: 400 });
    if (solved.status === 'infeasible') break;
    const broken = softened.filter((_, k) => (solved.values[before + k] as number) > 0.5);
    const chosen = lots.flatMap((lot, l) =>
      (solved.values[others.length + l] as number) > 0.5 ? [...lot.offers] : [],
    );
    if (broken.length === 0) return { chosen: sameOffers(problem, prepared.problem, chosen) };
    const minutes = () => minutesFor(prepared, problem, chosen, budget + (solved.values[before - 1] as number));
    found.push(
      broken.map(
        ({ giving }): RelaxedRule => (giving.kind === 'minutes' ? { kind: 'minutes', to: minutes() } : giving),
      ),
    );
    // Not these together again.
    const row = addRow(-Infinity, broken.length - 1);
    for (const one of broken) {
      const at = columns.indexOf(one.column);
      one.column = { ...one.column, entries: [...one.column.entries, [row, 1]] };
      columns[at] = one.column;
    }
  }
  return { gives: found };
}

/** Whether an offer is pinned, or counts for a floor. */
function asked({ pins, insisted }: Problem, i: number): boolean {
  return pins.some((pin) => pin.includes(i)) || insisted.slice(1).some(({ counts }) => (counts[i] as number) > 0);
}

/** What may have to be there: all that is pinned or counts for a floor, and the quickest of the rest, since some work has to be. */
function wantedOf(problem: Problem): number[] {
  const all = problem.offers.map((_, i) => i);
  const [quickest] = all.toSorted((a, b) => (problem.seconds[a] as number) - (problem.seconds[b] as number));
  return all.filter((i) => i === quickest || asked(problem, i));
}

/** Nothing is gained by what is not wanted, so that it is in no lot. */
function gainsAmong({ offers }: Problem, wanted: ReadonlySet<number>): Float64Array {
  return Float64Array.from(offers, (_, i) => (wanted.has(i) ? 0 : -Infinity));
}

/** The same brief with nothing left out by the coach. */
function withoutBans(prepared: ProblemSetup): ProblemSetup {
  const { context, rule } = prepared;
  const { brief } = context;
  if (brief.lock.exclude.length === 0) return prepared;
  return setUpProblem(contextOf({ ...brief, lock: { ...brief.lock, exclude: [] } }), rule);
}

/** Offers of one problem by their places in another. */
function sameOffers(from: Problem, to: Problem, chosen: readonly number[]): number[] {
  const key = (problem: Problem, i: number) => {
    const group = problem.offers[i]?.group;
    return `${group?.block}|${problem.variants[i]}|${problem.sets[i]}|${group?.choices[0]?.load?.kg}`;
  };
  const places = new Map(to.offers.map((_, i) => [key(to, i), i]));
  return chosen.flatMap((i) => places.get(key(from, i)) ?? []);
}

/** Fewest whole minutes that leave so many seconds for these offers beside the warm-up that they ask for. */
function minutesFor(
  { context, warmUp }: ProblemSetup,
  { joints }: Problem,
  chosen: readonly number[],
  seconds: number,
): number {
  const mask = chosen.reduce((all, i) => all | (joints[i] as number), 0);
  for (let minutes = context.brief.minutes + 1; minutes < longestSession; minutes++)
    if (budgetOf(warmUp, minutes)(mask) >= seconds - 1e-6) return minutes;
  return longestSession;
}
