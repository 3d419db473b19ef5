import type { Interval } from '@tropaeum/core/capacity/interval';
import { maxCounted } from '@tropaeum/core/dose/repetitions';
import type { Zone } from '@tropaeum/core/dose/zone';

export const zoneShort: Record<Zone, string> = {
  strength: 'strength',
  hypertrophy: 'muscle',
  'muscular-endurance': 'endurance',
  power: 'power',
  'speed-strength': 'speed',
};

const holdTo = 300;

/** Repetitions or seconds to failure with their bounds; beyond what is worth counting only that it is many. */
export function amountWords({ toFailure, counts }: { toFailure: Interval; counts: 'repetitions' | 'seconds' }): string {
  const [most, unit] = counts === 'seconds' ? [holdTo, ' s'] : [maxCounted, ''];
  const low = Math.round(toFailure.low);
  if (low >= most) return `over ${most}${unit}`;
  const high = Math.round(toFailure.high);
  return high > most ? `${low} to ${most}+${unit}` : `${low} to ${high}${unit}`;
}
