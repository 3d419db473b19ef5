import { type PreparedJoint, preparedJoints } from '../scoring/joint-load';
import type { ScoredGroup } from '../scoring/scored-group';

export const pulseBit = preparedJoints.length;
export const fastBit = pulseBit + 1;
const masks = 1 << (fastBit + 1);

export interface Readying {
  column: ScoredGroup;
  mask: number;
  /** Its seconds, more where a coach would rather take something else. */
  cost: number;
}

export const bitsOf = (joints: Iterable<PreparedJoint>): number =>
  [...joints].reduce((mask, joint) => mask | (1 << preparedJoints.indexOf(joint)), 0);

/** How a set of joints is made ready in the fewest seconds: the last item, and what it came on top of. */
interface Way {
  seconds: number;
  last?: number;
  before?: number;
}

export function bitCount(mask: number): number {
  let count = 0;
  for (let left = mask; left; left &= left - 1) count++;
  return count;
}

/** Items of the quickest way to these joints or more. */
export function quickest(ways: readonly Way[], wanted: number, readying: readonly Readying[]): ScoredGroup[] {
  let at = -1;
  ways.forEach((way, mask) => {
    if ((mask & wanted) === wanted && way.seconds < (ways[at]?.seconds ?? Infinity)) at = mask;
  });
  const items: ScoredGroup[] = [];
  for (let way = ways[at]; way?.last !== undefined; way = ways[way.before as number])
    items.push((readying[way.last] as Readying).column);
  return items;
}

/** Fewest seconds to every set of joints, item by item; sets only grow, so that one pass in rising order settles each. */
export function waysFrom(
  start: number,
  readying: readonly Readying[],
  price: (one: Readying) => number = ({ column }) => column.seconds,
): Way[] {
  const ways: Way[] = Array.from({ length: masks }, () => ({ seconds: Infinity }));
  ways[start] = { seconds: 0 };
  ways.forEach((_, mask) => {
    const here = ways[mask] as Way;
    if (here.seconds === Infinity) return;
    readying.forEach((one, last) => {
      const grown = mask | one.mask;
      const seconds = here.seconds + price(one);
      if (grown !== mask && seconds < (ways[grown] as Way).seconds) ways[grown] = { seconds, last, before: mask };
    });
  });
  return ways;
}

/** For every set of joints the fewest seconds that make it or more ready. */
export function minOver(ways: readonly Way[]): Float64Array {
  const fewest = Float64Array.from(ways, (w) => w.seconds);
  for (let bit = 1; bit < masks; bit <<= 1)
    for (let mask = 0; mask < masks; mask++)
      if (!(mask & bit)) fewest[mask] = Math.min(fewest[mask] as number, fewest[mask | bit] as number);
  return fewest;
}
