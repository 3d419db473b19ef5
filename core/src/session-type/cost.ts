import { armPatterns, type BlockKind, type Pattern } from '../exercise/model/vocabulary';
import type { SessionType } from './session-type';

/** What a session, or a week of them, costs: sets near failure of lower and upper body, landings, sets of slow lowering. */
export interface Cost {
  heavyLower: number;
  heavyUpper: number;
  contacts: number;
  eccentric: number;
}

export const costAxes = [
  'heavyLower',
  'heavyUpper',
  'contacts',
  'eccentric',
] as const satisfies readonly (keyof Cost)[];

/** @example ofAxes(() => 0) // { heavyLower: 0, heavyUpper: 0, contacts: 0, eccentric: 0 } */
export const ofAxes = (of: (axis: keyof Cost) => number): Cost => ({
  heavyLower: of('heavyLower'),
  heavyUpper: of('heavyUpper'),
  contacts: of('contacts'),
  eccentric: of('eccentric'),
});

/** One number for how much work is: sets, and landings by the twenty. */
export const volumeOf = ({ heavyLower, heavyUpper, eccentric, contacts }: Cost): number =>
  heavyLower + heavyUpper + eccentric + contacts / 20;

const cost = (heavyLower: number, heavyUpper: number, contacts: number, eccentric: number): Cost => ({
  heavyLower,
  heavyUpper,
  contacts,
  eccentric,
});

/**
 * What a type that works hard costs, least and most: what its frame holds in sets and landings. The others are short and light and cost nothing that
 * the next day feels. Common practice, no source.
 */
export const costOfType: Partial<Record<SessionType, readonly [least: Cost, most: Cost]>> = {
  'whole-body': [cost(2, 3, 0, 0), cost(5, 5, 20, 4)],
  'lower-body': [cost(4, 0, 0, 0), cost(8, 0, 20, 4)],
  'upper-body': [cost(0, 3, 0, 0), cost(1, 7, 0, 1)],
  power: [cost(0, 0, 30, 0), cost(1, 2, 80, 0)],
  'injury-prevention': [cost(0, 0, 0, 1), cost(1, 1, 20, 3)],
  conditioning: [cost(0, 0, 10, 0), cost(1, 2, 40, 0)],
};

const lower: ReadonlySet<Pattern> = new Set<Pattern>([
  'knee-dominant',
  'hip-dominant',
  'knee-flexion',
  'hip-abduction',
  'hip-adduction',
  'calf',
]);
/** Patterns whose slow lowering makes sore. */
const lengthened: ReadonlySet<Pattern> = new Set<Pattern>(['knee-flexion', 'hip-adduction']);
/** Blocks whose sets count; what prepares or closes costs nothing. */
export const countedBlocks: ReadonlySet<BlockKind> = new Set<BlockKind>(['strength', 'prevention', 'power']);
/** Seconds of lowering from which on it is slow. */
const slowLowering = 3;

/**
 * On which axis the sets of an item count: slow ones beside the heavy ones, never twice. What is fast, or prepares, counts on none.
 *
 * @param lowering seconds, 0 where nobody has said any
 * @example axisOfSets('strength', 'knee-dominant', 2) // 'heavyLower'
 */
export function axisOfSets(block: BlockKind, pattern: Pattern, lowering: number): keyof Cost | undefined {
  if (!countedBlocks.has(block)) return undefined;
  if (lengthened.has(pattern) || lowering >= slowLowering) return 'eccentric';
  if (block !== 'strength') return undefined;
  return lower.has(pattern) ? 'heavyLower' : armPatterns.has(pattern) ? 'heavyUpper' : undefined;
}
