import { daysBetween } from '../../date/days';
import type { ComingBack } from './allowed';
import type { CalendarCase } from './case';

/** Days off from which it is a return of weeks, not of days. */
export const longOff = 14;

/** The time away that an athlete comes back from, if any: its last day, how long, and whether it was illness. */
export interface TimeOff {
  last: string;
  days: number;
  ill: boolean;
}

const illWords = /\b(ill|illness|sick|fever|flu|infection|krank|syk)\b/i;

/** Time away of five days and more that ends before a day or after the first one. */
export function timeOffOf({ calendar, from }: CalendarCase, on: string): TimeOff | undefined {
  const away = calendar
    .filter((e) => e.kind === 'away' && e.date <= on)
    .map((e): TimeOff => {
      const last = e.until ?? e.date;
      return { last, days: daysBetween(e.date, last) + 1, ill: illWords.test(`${e.name} ${e.reason ?? ''}`) };
    })
    .filter(({ days, last }) => days >= 5 && daysBetween(last, from) <= 21);
  return away.at(-1);
}

/** Easy days after illness: as many as it had, up to seven (Elliott 2020, graduated return; from memory). */
const maxEasyDays = 7;

/** What an athlete may do on a day who comes back from something. */
export function comingBackOn(given: CalendarCase, on: string): ComingBack {
  const off = timeOffOf(given, on);
  if (!off) return { stage: 'whole' };
  if (on <= off.last) return { stage: 'rest' };
  const clear = daysBetween(off.last, on);
  if (!off.ill)
    return { stage: off.days < longOff ? 'whole' : clear === 1 ? 'rest' : clear <= 7 ? 'building' : 'whole' };
  if (clear === 1) return { stage: 'rest' };
  if (clear <= Math.min(maxEasyDays, off.days)) return { stage: 'easy' };
  return { stage: clear <= 2 * maxEasyDays ? 'building' : 'whole' };
}
