import type { Solver } from '../solver';
import { anneal } from './anneal';
import { type BranchOptions, branch } from './branching';
import { bestFound, type Found } from './found';
import type { Problem } from './problem';
import { byPromise, lotsGaining, type Relaxation, relax } from './relaxation';
import type { Lot } from './session-programme';

/** A round of annealing: so many of the most promising offers, these seeds, so many moves each. */
interface Round {
  width: number;
  seeds: readonly number[];
  moves: number;
}

/**
 * Budgets are counted in moves and nodes, never in seconds: the same brief gives the same session. Measured on the shipped library, see the
 * benchmark: a narrow pool finds most, a wide one what the linear bound thinks little of.
 */
const atOnce: readonly Round[] = [
  { width: 60, seeds: [1, 2, 3, 4], moves: 7000 },
  { width: 100, seeds: [5, 6], moves: 7000 },
  { width: 180, seeds: [7], moves: 7000 },
  { width: Infinity, seeds: [8], moves: 7000 },
];
const afterwards: readonly Round[] = [
  { width: 60, seeds: [11, 12, 13, 14], moves: 24_000 },
  { width: 110, seeds: [15, 16], moves: 24_000 },
];
const unionNodes = 60;
/** Sessions half found in the exact search are made the most of by so many moves among so many offers. */
const [polishMoves, polishWidth] = [800, 120];

/** The best found so far and what no session can exceed. */
export interface Searched {
  best: Found;
  bound: number;
}

function annealed(problem: Problem, ranked: readonly number[], rounds: readonly Round[]): Found[] {
  return rounds.flatMap(({ width, seeds, moves }) =>
    seeds.flatMap((seed) => anneal(problem, { pool: ranked.slice(0, width), seed, moves }) ?? []),
  );
}

/** Lots among some offers that may still be in a session worth more than `worth`; what gains less than that leaves cannot be. */
function lotsLeft(problem: Problem, relaxation: Relaxation, worth: number, among?: ReadonlySet<number>): Lot[] {
  const over = -(relaxation.objective - worth) - 1e-9;
  const { gains, secondWorth } = relaxation;
  const singles = problem.offers.flatMap((_, i): Lot[] =>
    (gains[i] as number) > over ? [{ offers: [i], savedSeconds: 0 }] : [],
  );
  const lots = [...singles, ...lotsGaining(problem, gains, secondWorth, over)];
  return among ? lots.filter(({ offers }) => offers.every((i) => among.has(i))) : lots;
}

/**
 * A very good session at once: the linear bound says what is promising, annealing draws from that, and a short exact search looks through
 * everything that any of its sessions used. Undefined when nothing keeps all hard rules.
 */
export function firstSession(
  problem: Problem,
  solver: Solver,
  relaxation: Relaxation | undefined = relax(problem, solver),
): Searched | undefined {
  if (!relaxation) return undefined;
  const ranked = byPromise(relaxation);
  const sessions = annealed(problem, ranked, atOnce);
  const best = bestFound(sessions);
  const used = new Set(sessions.flatMap(({ chosen }) => chosen));
  for (const i of [...used]) for (const sibling of problem.siblings[i] as number[]) used.add(sibling);
  const lots = lotsLeft(problem, relaxation, best?.worth ?? Number.NEGATIVE_INFINITY, best ? used : undefined);
  const united = branch(problem, solver, relaxation, lots, best, { gap: 0.001, mostNodes: unionNodes });
  return united.best && { best: united.best, bound: Math.max(relaxation.objective, united.best.worth) };
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
  const best = bestFound([known, ...annealed(problem, ranked, afterwards)]) as Found;
  const lots = lotsLeft(problem, relaxation, best.worth);
  const pool = ranked.slice(0, polishWidth);
  let seed = 100;
  const polish = (from: readonly number[]) =>
    anneal(problem, { pool, seed: seed++, moves: polishMoves, from, gently: true });
  const { best: found = best, bound, nodes } = branch(problem, solver, relaxation, lots, best, { ...options, polish });
  return { best: found, bound: Math.max(found.worth, Math.min(bound, relaxation.objective)), nodes };
}
