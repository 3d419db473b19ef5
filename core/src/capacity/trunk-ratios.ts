import type { TestResult } from '../athlete/performance-record';
import { trendOf } from './test-trend';

/** Seconds that the trunk is held: by its front, its back, and each side. */
export interface TrunkHolds {
  front: number;
  back: number;
  left: number;
  right: number;
}

export interface TrunkRatio {
  id: 'front-back' | 'right-back' | 'left-back' | 'right-left';
  name: string;
  ratio: number;
  /** In words, what it should be. */
  wanted: string;
  fine: boolean;
}

/** McGill, *Low Back Disorders* (values from memory): front under the back, each side under three quarters of the back, sides within 0.05. */
const [frontMost, sideMost, sidesApart] = [1, 0.75, 0.05] as const;

/**
 * Endurance of the trunk's parts against each other. Throws a RangeError for a back that holds nothing.
 *
 * @example trunkRatios({ front: 120, back: 150, left: 90, right: 95 })[0].fine // true
 */
export function trunkRatios({ front, back, left, right }: TrunkHolds): TrunkRatio[] {
  if (!(back > 0 && left > 0)) throw new RangeError('the back and the left side must be held for more than no time');
  const under = (id: TrunkRatio['id'], name: string, ratio: number, most: number): TrunkRatio => ({
    id,
    name,
    ratio,
    wanted: `under ${most.toFixed(2)}`,
    fine: ratio < most,
  });
  return [
    under('front-back', 'Front to back', front / back, frontMost),
    under('right-back', 'Right side to back', right / back, sideMost),
    under('left-back', 'Left side to back', left / back, sideMost),
    {
      id: 'right-left',
      name: 'Right to left side',
      ratio: right / left,
      wanted: `${(1 - sidesApart).toFixed(2)} to ${(1 + sidesApart).toFixed(2)}`,
      fine: Math.abs(right / left - 1) <= sidesApart + 1e-9,
    },
  ];
}

/** The holds of the battery, latest of each; undefined until all four are there. */
export function trunkHolds(all: readonly TestResult[]): TrunkHolds | undefined {
  const front = trendOf('trunk-front-hold', all)?.latest.value;
  const back = trendOf('trunk-back-hold', all)?.latest.value;
  const [left, right] = [
    trendOf('side-plank', all, 'left')?.latest.value,
    trendOf('side-plank', all, 'right')?.latest.value,
  ];
  return front !== undefined && back && left && right !== undefined ? { front, back, left, right } : undefined;
}
