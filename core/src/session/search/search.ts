import { anneal } from './anneal';
import { type BranchOptions, branch } from './branching';
import { bestFound, type Found } from './found';
import type { Problem } from './problem';
import { byPromise, lotsGaining, type Relaxation, relax } from './relaxation';
import type { Lot } from './session-programme';
import type { Solver } from './solver';

/** A round of annealing: so many of the most promising offers, these seeds, so many moves each. */
interface Round {
  width: number;
  seeds: readonly number[];
  moves: number;
}

/** Rounds over what is promising, and then among what their sessions are made of, which is little and of the best. */
interface Rounds {
  over: readonly Round[];
  among: Omit<Round, 'width'>;
}

/**
 * Budgets are counted in moves and nodes, never in seconds: the same brief gives the same session. Measured on the shipped library, see the
 * benchmark: a narrow pool finds most, a wide one what the linear bound thinks little of.
 */
const atOnce: Rounds = {
  over: [
    { width: 60, seeds: [1, 2, 3, 4], moves: 8000 },
    { width: 100, seeds: [5, 6], moves: 8000 },
    { width: 180, seeds: [7], moves: 8000 },
    { width: Infinity, seeds: [8], moves: 8000 },
  ],
  among: { seeds: [9, 10, 11], moves: 16_000 },
};
const afterwards: Rounds = {
  over: [
    { width: 60, seeds: [12, 13, 14], moves: 24_000 },
    { width: 110, seeds: [15, 16], moves: 24_000 },
  ],
  among: { seeds: [17, 18, 19, 20], moves: 24_000 },
};
/** Where nothing is done in turn the bound is near, and its tree finds what is better by itself. */
const afterwardsAlone: Rounds = {
  over: [{ width: 80, seeds: [12], moves: 16_000 }],
  among: { seeds: [17, 18], moves: 16_000 },
};
/** Sessions half found in the exact search are made the most of by so many moves among so many offers. */
const [polishMoves, polishWidth] = [800, 120];
/** Nodes looked at for any session at all where annealing met none. */
const findingNodes = 60;

/** The best found so far and what no session can exceed. */
export interface Searched {
  best: Found;
  bound: number;
}

/** The best of some rounds of annealing and of a session known; `watch` is told after each and ends them with true. */
function annealed(
  problem: Problem,
  ranked: readonly number[],
  { over, among }: Rounds,
  known?: Found,
  watch?: (best: Found | undefined) => boolean,
): Found | undefined {
  const sessions = known ? [known] : [];
  let best = known;
  const enough = (pool: readonly number[], seed: number, moves: number) => {
    const found = anneal(problem, { pool, seed, moves });
    if (!found) return false;
    sessions.push(found);
    best = bestFound(sessions);
    return watch?.(best) ?? false;
  };
  for (const { width, seeds, moves } of over)
    for (const seed of seeds) if (enough(ranked.slice(0, width), seed, moves)) return best;
  const pool = usedBy(problem, sessions);
  if (best) for (const seed of among.seeds) if (enough(pool, seed, among.moves)) return best;
  return best;
}

/** What sessions are made of, with other sets and loads of the same. */
function usedBy({ siblings }: Problem, sessions: readonly Found[]): number[] {
  const used = new Set(sessions.flatMap(({ chosen }) => chosen));
  for (const i of [...used]) for (const sibling of siblings[i] as readonly number[]) used.add(sibling);
  return [...used].sort((a, b) => a - b);
}

/** Lots that may still be in a session worth more than `worth`; what gains less than that leaves cannot be. */
function lotsLeft(problem: Problem, relaxation: Relaxation, worth: number): Lot[] {
  const over = -(relaxation.objective - worth) - 1e-9;
  const { gains, secondWorth } = relaxation;
  const singles = problem.offers.flatMap((_, i): Lot[] =>
    (gains[i] as number) > over ? [{ offers: [i], savedSeconds: 0 }] : [],
  );
  return [...singles, ...lotsGaining(problem, gains, secondWorth, over)];
}

/**
 * A very good session at once: the linear bound says what is promising, annealing draws from that, and then from what its own sessions are made of.
 * Undefined when nothing keeps all hard rules.
 */
export function firstSession(
  problem: Problem,
  solver: Solver,
  relaxation: Relaxation | undefined = relax(problem, solver),
): Searched | undefined {
  if (!relaxation) return undefined;
  const best = annealed(problem, byPromise(relaxation), atOnce) ?? any(problem, solver, relaxation);
  return best && { best, bound: Math.max(relaxation.objective, best.worth) };
}

/** Any session, where annealing met none: something is so tight that it has to be looked for. */
function any(problem: Problem, solver: Solver, relaxation: Relaxation): Found | undefined {
  const lots = lotsLeft(problem, relaxation, Number.NEGATIVE_INFINITY);
  return branch(problem, solver, relaxation, lots, undefined, { gap: 1, mostNodes: findingNodes }).best;
}

/**
 * Branch and bound over everything that could still be better than a session known: what is left out gains so little that it cannot. The bound
 * holds for all sessions.
 */
export function prove(
  problem: Problem,
  solver: Solver,
  relaxation: Relaxation,
  known: Found,
  options: Omit<BranchOptions, 'polish'>,
): Searched & { nodes: number } {
  const ranked = byPromise(relaxation);
  const rounds = problem.together > 1 ? afterwards : afterwardsAlone;
  let over = false;
  const best =
    annealed(problem, ranked, rounds, known, (found) => {
      over = options.watch?.(found, relaxation.objective, 0) ?? false;
      return over;
    }) ?? known;
  if (over) return { best, bound: relaxation.objective, nodes: 0 };
  const lots = lotsLeft(problem, relaxation, best.worth);
  const pool = ranked.slice(0, polishWidth);
  let seed = 100;
  const polish = (from: readonly number[]) =>
    anneal(problem, { pool, seed: seed++, moves: polishMoves, from, gently: true });
  const { best: found = best, bound, nodes } = branch(problem, solver, relaxation, lots, best, { ...options, polish });
  return { best: found, bound: Math.max(found.worth, Math.min(bound, relaxation.objective)), nodes };
}
