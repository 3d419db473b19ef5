import { format, parseISO } from 'date-fns';

/** @example dayName('2026-12-09') // 'Wed 9 Dec' */
export const dayName = (day: string) => format(parseISO(day), 'EEE d MMM');

/** In how many days something is, in words. */
export function inDays(days: number): string {
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days === -1) return 'yesterday';
  return days > 0 ? `in ${days} days` : `${-days} days ago`;
}
