export type Zone = 'strength' | 'hypertrophy' | 'muscular-endurance' | 'power' | 'speed-strength';

/**
 * The zone a share of the most falls in: handbook zones of the National Strength and Conditioning Association (values from memory).
 * Fast work counts as power from 75 %, below that as speed-strength.
 *
 * @example zoneOf(0.9, false) // 'strength'
 */
export function zoneOf(share: number, fast: boolean): Zone {
  if (fast) return share >= 0.75 ? 'power' : 'speed-strength';
  if (share >= 0.85) return 'strength';
  return share > 0.67 ? 'hypertrophy' : 'muscular-endurance';
}
