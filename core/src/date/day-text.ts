import { dayAfter, mondayOf } from './days';

/** What could not be read of a line, and what would be right. */
export interface TextFault {
  /** The part of the line that is meant. */
  part: string;
  message: string;
}

export const isFault = (found: object): found is TextFault => 'message' in found;

const months = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
export const weekdays = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

export const two = (n: number) => String(n).padStart(2, '0');
const monthDays = (year: number, month: number) => new Date(Date.UTC(year, month, 0)).getUTCDate();

/** Days of a line: "12 dec", "2026-12-12", "sat"; the next one from today on, so that a season goes on over New Year. */
export function dayIn(text: string, today: string): { on: string; rest: string } | TextFault | undefined {
  const iso = /^(\d{4}-\d{2}-\d{2})\b/.exec(text);
  if (iso) {
    const [, on] = iso as unknown as [string, string];
    const [year, month, day] = on.split('-').map(Number) as [number, number, number];
    if (month < 1 || month > 12 || day < 1 || day > monthDays(year, month))
      return { part: on, message: 'is no day; 2026-12-12 would be' };
    return { on, rest: text.slice(iso[0].length) };
  }
  const named =
    /^(?:(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*\s+)?(\d{1,2})\.?\s*(jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\b/i.exec(
      text,
    );
  if (named) {
    const day = Number(named[1]);
    const month = months.indexOf((named[2] as string).toLowerCase()) + 1;
    const year = Number(today.slice(0, 4));
    const at = (y: number) => `${y}-${two(month)}-${two(day)}`;
    if (day < 1 || day > monthDays(year, month)) return { part: named[0], message: 'is no day of that month' };
    // What is more than two months past is meant for next year.
    return { on: at(year) < dayAfter(today, -60) ? at(year + 1) : at(year), rest: text.slice(named[0].length) };
  }
  const weekday = /^(mon|tue|wed|thu|fri|sat|sun)[a-z]*\b/i.exec(text);
  if (!weekday) return undefined;
  const d = weekdays.indexOf((weekday[1] as string).toLowerCase());
  const inWeek = dayAfter(mondayOf(today), d);
  return { on: inWeek < today ? dayAfter(inWeek, 7) : inWeek, rest: text.slice(weekday[0].length) };
}
