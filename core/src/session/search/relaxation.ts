import type { Problem } from './problem';
import { type Lot, SessionProgramme } from './session-programme';
import type { Programme, Solver } from './solver';
import { pairSaves, savedBy } from './superset-time';

/** A lot with what it would gain at the linear optimum. */
export interface PricedLot extends Lot {
  gain: number;
}

/** The linear optimum over all offers and all ways to do them in turn: nothing can be worth more. */
export interface Relaxation {
  session: SessionProgramme;
  objective: number;
  /** What one more of each offer gains, on its own; never positive for one left out, and at most its worth there. */
  gains: Float64Array;
  /** What the seconds are worth that doing things in turn saves. */
  secondWorth: number;
  /** The best that an offer gains, alone or in turn with others. */
  promise: Float64Array;
}

/** Lots taken in at once, rounds at the most, and what counts as a gain. */
const [lotsPerRound, maxRounds, negligible] = [200, 60, 1e-7];

/**
 * The linear bound, lots taken in only as they pay (column generation): a lot gains what its offers gain and what the seconds it saves are
 * worth. Undefined when no session keeps all hard rules, whole or in parts.
 */
export function relax(problem: Problem, solver: Solver): Relaxation | undefined {
  const session = new SessionProgramme(problem);
  const programme: Programme = {
    rows: session.programme.rows,
    columns: [...session.programme.columns, session.overTime, ...session.alone],
  };
  const model = solver.open(programme);
  try {
    const taken = new Set<string>();
    for (let round = 0; ; round++) {
      const linear = model.solve();
      if (!linear) return undefined;
      const gains = session.gains(linear.rowDuals);
      const secondWorth = Math.max(0, linear.rowDuals[session.rows.time] as number);
      const paying = lotsGaining(problem, gains, secondWorth, negligible).filter(isNew);
      if (paying.length === 0 || round === maxRounds) {
        if (paying.length === 0 && !session.keepsTime(linear.values)) return undefined;
        // A session holds few lots: each that is still left out could add at most its gain.
        const left = paying.reduce((most, lot) => Math.max(most, lot.gain), 0) * maxLots;
        return {
          session,
          objective: linear.objective + left,
          gains,
          secondWorth,
          promise: promiseOf(problem, gains, secondWorth),
        };
      }
      take(paying.sort(byGain).slice(0, lotsPerRound));
    }

    function isNew({ offers }: Lot): boolean {
      return !taken.has(offers.join());
    }
    function take(lots: readonly Lot[]): void {
      for (const { offers } of lots) taken.add(offers.join());
      model.add(lots.map((lot) => session.columnOf(lot)));
    }
  } finally {
    model.close();
  }
}

/** No session holds more lots. */
const maxLots = 12;

const byGain = (a: PricedLot, b: PricedLot) => b.gain - a.gain || a.offers.join().localeCompare(b.offers.join());

/** Offers that may be done in turn with one another, by block and sets. */
function classes({ offers, block, sets }: Problem): number[][] {
  const size = offers.length;
  const byKey = new Map<number, number[]>();
  for (let i = 0; i < size; i++) {
    const key = (block[i] as number) * 16 + (sets[i] as number);
    const known = byKey.get(key);
    if (known) known.push(i);
    else byKey.set(key, [i]);
  }
  return [...byKey.values()];
}

/** Every two and three in turn that gain more than a threshold. */
export function lotsGaining(problem: Problem, gains: Float64Array, secondWorth: number, over: number): PricedLot[] {
  const { offers, inTurn, rest, sets, together } = problem;
  if (together === 1) return [];
  const size = offers.length;
  const found: PricedLot[] = [];
  /** Gain with all rest saved: more than any lot gives. */
  const ceiling = gains.map((g, i) => g + secondWorth * (sets[i] as number) * (rest[i] as number));
  for (const members of classes(problem)) {
    const ranked = members.sort((a, b) => (ceiling[b] as number) - (ceiling[a] as number) || a - b);
    for (let a = 0; a < ranked.length; a++) {
      const i = ranked[a] as number;
      if (together === 2 && 2 * (ceiling[i] as number) <= over) break;
      if (together === 3 && 3 * (ceiling[i] as number) <= over && 2 * (ceiling[i] as number) <= over) break;
      for (let b = a + 1; b < ranked.length; b++) {
        const j = ranked[b] as number;
        const two = (ceiling[i] as number) + (ceiling[j] as number);
        if (two <= over && (together === 2 || two + (ceiling[j] as number) <= over)) break;
        if (!inTurn[i * size + j]) continue;
        const saved = pairSaves(problem, i, j);
        const pair = (gains[i] as number) + (gains[j] as number) + secondWorth * saved;
        if (saved > 0 && pair > over) found.push(lotOf([i, j], saved, pair));
        if (together < 3) continue;
        for (let c = b + 1; c < ranked.length; c++) {
          const k = ranked[c] as number;
          if (two + (ceiling[k] as number) <= over) break;
          if (!inTurn[i * size + k] || !inTurn[j * size + k]) continue;
          const three = savedBy(problem, [i, j, k]);
          const gain = (gains[i] as number) + (gains[j] as number) + (gains[k] as number) + secondWorth * three;
          if (three > 0 && gain > over) found.push(lotOf([i, j, k], three, gain));
        }
      }
    }
  }
  return found;
}

const lotOf = (offers: number[], savedSeconds: number, gain: number): PricedLot => ({
  offers: offers.sort((a, b) => a - b),
  savedSeconds,
  gain,
});

/** The best each offer gains, alone or with one other: what the search should look at first. */
function promiseOf(problem: Problem, gains: Float64Array, secondWorth: number): Float64Array {
  const promise = Float64Array.from(gains);
  const { offers, inTurn, together } = problem;
  if (together === 1) return promise;
  const size = offers.length;
  for (let i = 0; i < size; i++)
    for (let j = i + 1; j < size; j++) {
      if (!inTurn[i * size + j]) continue;
      const pair = (gains[i] as number) + (gains[j] as number) + secondWorth * pairSaves(problem, i, j);
      if (pair > (promise[i] as number)) promise[i] = pair;
      if (pair > (promise[j] as number)) promise[j] = pair;
    }
  return promise;
}

/** Offers worth looking at first. */
export function byPromise({ promise }: Relaxation): number[] {
  return Array.from(promise, (_, i) => i).sort((a, b) => (promise[b] as number) - (promise[a] as number) || a - b);
}
