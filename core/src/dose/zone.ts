export type Zone = 'strength' | 'hypertrophy' | 'muscular-endurance' | 'power' | 'speed-strength';

/** What a set in a zone asks for. */
export interface ZoneRange {
  /** Share of the most. */
  share: readonly [low: number, high: number];
  repetitions: readonly [fewest: number, most: number];
  restSeconds: readonly [shortest: number, longest: number];
}

/**
 * Handbook zones of the National Strength and Conditioning Association (values from memory). Speed-strength lies below power and is common practice, no
 * source: light enough to be fast.
 */
export const zones: Record<Zone, ZoneRange> = {
  strength: { share: [0.85, 1], repetitions: [1, 6], restSeconds: [120, 300] },
  power: { share: [0.75, 0.9], repetitions: [1, 5], restSeconds: [120, 300] },
  hypertrophy: { share: [0.67, 0.85], repetitions: [6, 12], restSeconds: [30, 90] },
  'muscular-endurance': { share: [0, 0.67], repetitions: [12, 100], restSeconds: [0, 30] },
  'speed-strength': { share: [0, 0.75], repetitions: [1, 8], restSeconds: [30, 180] },
};

/** Heavier than this share of the most nothing is fast; common practice, no source. */
export const fastUpTo = 0.6;

/** Jump contacts in one session by level, the same handbook (values from memory). Somebody new does fewer; common practice, no source. */
export const contactRange = {
  new: [0, 40],
  beginner: [80, 100],
  intermediate: [100, 120],
  advanced: [120, 140],
} as const;

/**
 * The zone a share of the most falls in. Fast work counts as power from 75 %, below that as speed-strength.
 *
 * @example zoneOf(0.9, false) // 'strength'
 */
export function zoneOf(share: number, fast: boolean): Zone {
  if (fast) return share >= zones.power.share[0] ? 'power' : 'speed-strength';
  if (share >= zones.strength.share[0]) return 'strength';
  return share > zones.hypertrophy.share[0] ? 'hypertrophy' : 'muscular-endurance';
}
