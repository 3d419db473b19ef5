import { seeded } from '../../common/seeded-random';
import type { Found } from './found';
import type { Problem } from './problem';
import { none, totalOf } from './running-total';

export interface Annealing {
  /** Offers to draw from. */
  pool: readonly number[];
  seed: number;
  moves: number;
  /** A session to begin with. */
  from?: readonly number[];
  /** Stays near where it begins. */
  gently?: boolean;
}

/** How much worse a step may be at first and at the end, shares of everything asked. */
const [hot, warm, cold] = [0.012, 0.003, 0.0008];

/**
 * Simulated annealing over sets of offers: one is added, taken out, replaced or given another number of sets; steps down are taken ever more
 * rarely. The same seed gives the same session. Undefined when nothing that keeps all hard rules was met.
 */
export function anneal(
  problem: Problem,
  { pool, seed, moves, from = [], gently = false }: Annealing,
): Found | undefined {
  if (pool.length === 0) return undefined;
  const random = seeded(seed);
  const pick = (list: readonly number[]) => list[Math.floor(random() * list.length)] as number;
  const total = totalOf(problem, startOf(problem, from));
  let price = total.priceNow();
  let best: Found | undefined;
  const keep = () => {
    if (best && price <= best.worth + 1e-12) return;
    if (total.isSession()) best = { chosen: [...total.chosen], worth: total.worthNow() };
  };
  keep();
  let heat = gently ? warm : hot;
  const cooling = (cold / heat) ** (1 / Math.max(1, moves));
  for (let move = 0; move < moves; move++, heat *= cooling) {
    const { chosen } = total;
    const kind = random();
    let at = none;
    let added = none;
    if (kind < 0.25 || chosen.length === 0) added = pick(pool);
    else {
      at = Math.floor(random() * chosen.length);
      const here = chosen[at] as number;
      if (kind < 0.37) {
        if (total.isPinned(here)) continue;
      } else if (kind < 0.52 || total.isPinned(here)) {
        const others = problem.siblings[here] as readonly number[];
        if (others.length === 0) continue;
        added = pick(others);
      } else {
        // Replaced, half of the time by something of the same block.
        added = pick(pool);
        if (random() < 0.5)
          for (let tries = 0; tries < 4 && problem.block[added] !== problem.block[here]; tries++) added = pick(pool);
      }
    }
    const gone = at < 0 ? none : (chosen[at] as number);
    if (added >= 0) {
      const family = problem.family[added] as number;
      const leaves = gone >= 0 && problem.family[gone] === family ? 1 : 0;
      if ((total.ofFamily[family] as number) > leaves) continue;
    }
    // A look first: most steps are too far down whatever rules they break, and are not taken.
    const least = price + heat * Math.log(random());
    if (total.worthWith(added, gone) < least) continue;
    if (at >= 0) total.removeAt(at);
    if (added >= 0) total.add(added);
    const next = total.priceNow(least);
    if (next >= least) {
      price = next;
      keep();
    } else {
      if (added >= 0) total.removeAt(chosen.length - 1);
      if (gone >= 0) total.add(gone);
    }
  }
  return best;
}

/** Pins first, what was given after, as far as families allow. */
function startOf({ pins, family }: Problem, from: readonly number[]): number[] {
  const start: number[] = [];
  for (const pin of pins) start.push(from.find((i) => pin.includes(i)) ?? (pin[0] as number));
  for (const i of from) if (!start.some((s) => family[s] === family[i])) start.push(i);
  return start;
}
