import { minSaved, shortestRoundRest, switchSeconds } from '../scoring/scored-group';
import type { Problem } from './problem';

/** Rest after a round in which these are done in turn: as much as each still needs when the others have worked, seconds. */
export function roundRest({ work, rest }: Problem, group: readonly number[]): number {
  let working = 0;
  for (const i of group) working += work[i] as number;
  const changes = (group.length - 1) * switchSeconds;
  let wanted: number = shortestRoundRest;
  for (const i of group) wanted = Math.max(wanted, (rest[i] as number) - (working - (work[i] as number)) - changes);
  return wanted;
}

/** Seconds that doing these in turn saves against one after the other; 0 when it is not worth the trouble or not allowed. */
export function savedBy(problem: Problem, group: readonly number[]): number {
  const { rest, sets, inTurn, offers } = problem;
  const size = offers.length;
  let resting = 0;
  for (let a = 0; a < group.length; a++) {
    resting += rest[group[a] as number] as number;
    for (let b = a + 1; b < group.length; b++)
      if (!inTurn[(group[a] as number) * size + (group[b] as number)]) return 0;
  }
  const saved = resting - (group.length - 1) * switchSeconds - roundRest(problem, group);
  return saved >= minSaved ? saved * (sets[group[0] as number] as number) : 0;
}

/** What two save in turn, kept: it is asked for again and again. */
export function pairSaves(problem: Problem, i: number, j: number): number {
  const { pairs, offers } = problem;
  const at = i * offers.length + j;
  const known = pairs[at] as number;
  if (known >= 0) return known;
  const saved = savedBy(problem, [i, j]);
  pairs[at] = saved;
  return saved;
}

/**
 * The quickest way to do these offers: which of them in turn, and what that saves, seconds. Exact: the first one is tried alone, with every
 * other and with every two others.
 */
export function quickest(problem: Problem, chosen: readonly number[]): { groups: number[][]; saved: number } {
  const [first, ...others] = chosen;
  if (first === undefined) return { groups: [], saved: 0 };
  const alone = quickest(problem, others);
  let best = { groups: [[first], ...alone.groups], saved: alone.saved };
  const consider = (group: number[], saved: number, rest: readonly number[]) => {
    const left = quickest(problem, rest);
    if (saved + left.saved > best.saved + 1e-9) best = { groups: [group, ...left.groups], saved: saved + left.saved };
  };
  others.forEach((second, a) => {
    if (!problem.inTurn[first * problem.offers.length + second]) return;
    const saved = savedBy(problem, [first, second]);
    if (saved > 0)
      consider(
        [first, second],
        saved,
        others.filter((o) => o !== second),
      );
    if (problem.together < 3) return;
    for (const third of others.slice(a + 1)) {
      const three = savedBy(problem, [first, second, third]);
      if (three > 0)
        consider(
          [first, second, third],
          three,
          others.filter((o) => o !== second && o !== third),
        );
    }
  });
  return best;
}

/** Chosen offers by block and sets: only those of one lot may be done in turn. */
export function lots({ block, sets }: Problem, chosen: readonly number[]): number[][] {
  const found: number[][] = [];
  for (const i of chosen) {
    const lot = found.find(([first]) => block[first as number] === block[i] && sets[first as number] === sets[i]);
    if (lot) lot.push(i);
    else found.push([i]);
  }
  return found;
}
