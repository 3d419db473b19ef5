import { takenWords } from '@tropaeum/core/session/plan/amount-words';
import type { PlanItem } from '@tropaeum/core/session/plan/plan-types';
import { useUnits } from './units';

export { capital, partWords, percent, words } from '@tropaeum/core/common/text';
export { blockWords, leftWords } from '@tropaeum/core/session/plan/amount-words';

/** @example clock(1750) // '29:10' */
export function clock(seconds: number): string {
  const whole = Math.round(seconds);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** What an item takes, in the units of whoever reads. */
export const takes = (item: PlanItem): string => takenWords(item, useUnits.getState());
