import { two } from '../../date/day-text';
import { minuteOfDay } from '../calendar/calendar';
import type { CalendarCase, CaseEntry } from './case';
import { endOf, isOpen } from './day';
import type { ScheduledDay } from './schedule-days';
import type { Timing } from './timing';

/** Minutes from a session to the practice behind it. */
export const ahead = 15;
/** Minutes from a practice to the session behind it. */
const behind = 15;
/** An early practice leaves the day: the session comes at its usual hour. */
const earlyPractice = 15 * 60;

export const clock = (minute: number) => `${two(Math.floor(minute / 60))}:${two(minute % 60)}`;

/** Short and light work wakes up before the sport; what is heavy or slow comes behind it. */
export function timingOf(laid: ScheduledDay, easyBack: boolean): Timing {
  const { day } = laid;
  if (isOpen(day)) return 'only';
  if (day.fixtures.length) return 'before';
  if (day.practices.length > 1) return 'between';
  if (easyBack || (laid.type === 'primer' && day.practices.some((p) => (p.time ?? '') >= '12:00'))) return 'before';
  return ['arm-care', 'trunk', 'return', 'warm-up'].includes(laid.type) ? 'before' : 'after';
}

export function startOf(
  laid: ScheduledDay,
  timing: Timing,
  minutes: number,
  { houseRules }: CalendarCase,
): string | undefined {
  const { day } = laid;
  if (day.pin?.time && laid.pinned) return day.pin.time;
  if (day.travel?.time && day.travel.date === day.on) return clock(Math.max(8 * 60, minuteOfDay(day.travel.time) - 90));
  if (timing === 'after') {
    const end = Math.max(...day.practices.map(endOf));
    if (end < earlyPractice && minuteOfDay(houseRules.sessionAt) > end + behind) return houseRules.sessionAt;
    return undefined;
  }
  if (timing === 'between') {
    const [, second] = day.practices;
    return second?.time ? clock(minuteOfDay(second.time) - ahead - minutes) : undefined;
  }
  if (timing === 'before' && day.fixtures[0]?.time) return clock(minuteOfDay(day.fixtures[0].time) - 90 - minutes);
  const { from, until } = day.window ?? {};
  if (timing === 'only' && from && houseRules.sessionAt < from) return from;
  if (timing === 'only' && until && minuteOfDay(houseRules.sessionAt) + minutes > minuteOfDay(until))
    return clock(Math.max(0, minuteOfDay(until) - minutes));
  return undefined;
}

/** When a session starts where nothing says so: behind what the sport does, before it, or at the usual hour. */
export function usualStart(
  { day }: ScheduledDay,
  timing: Timing,
  minutes: number,
  { houseRules }: CalendarCase,
): string {
  const sport = [...day.practices, ...day.fixtures].filter((e) => e.time !== undefined);
  const [first] = sport.map((e) => minuteOfDay(e.time as string)).sort((a, b) => a - b);
  if (timing === 'only' || first === undefined) return houseRules.sessionAt;
  if (timing === 'before') return clock(Math.max(0, first - ahead - minutes));
  if (timing === 'between') return clock(endOf(sport[0] as CaseEntry) + 2 * 60);
  // What ends past midnight leaves no session behind it; the clock of the day is kept.
  return clock(Math.min(24 * 60 - 5, Math.max(...sport.map(endOf)) + behind));
}
