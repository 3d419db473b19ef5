import type { PlanItem } from './plan-types';

type Amounts = Pick<
  PlanItem,
  'sets' | 'reps' | 'holdSeconds' | 'workSeconds' | 'breaths' | 'contacts' | 'metres' | 'perSide' | 'side'
>;

/**
 * How much of an exercise, for somebody who reads no notation: sets, what each asks for, and the side.
 *
 * @example amountWords({ sets: 3, reps: 8, perSide: true }) // '3 × 8 each side'
 */
export function amountWords({ sets, perSide, side, ...item }: Amounts): string {
  const seconds = item.holdSeconds ?? item.workSeconds;
  const amount =
    item.reps !== undefined
      ? `${item.reps}`
      : item.breaths !== undefined
        ? `${item.breaths} breaths`
        : item.contacts !== undefined
          ? `${item.contacts} contacts`
          : seconds !== undefined
            ? `${seconds} s`
            : `${item.metres ?? 0} m`;
  return `${sets} × ${amount}${perSide ? ' each side' : side ? ` ${side}` : ''}`;
}
