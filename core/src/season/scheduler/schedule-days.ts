import { type Cost, costAxes } from '../../session-type/cost';
import type { SessionType } from '../../session-type/session-type';
import type { Arms } from './allowed';
import type { CalendarCase } from './case';
import type { Day } from './day';
import { problemOfCase } from './problem';
import { unit } from './units';
import { programmeWeeks, type WeekMemory } from './week-programme';
import type { WeeklyTargets } from './weekly-targets';

/** A session laid on a day. */
export interface ScheduledDay extends Cost {
  day: Day;
  type: SessionType;
  /** Minutes, where the type says how many. */
  minutes?: number;
  pinned?: true;
}

/** Weeks laid out, and what they were asked to hold. */
export interface ScheduledCase {
  days: readonly Day[];
  weeks: readonly WeeklyTargets[];
  laid: readonly ScheduledDay[];
  /** Worth of all of it. */
  worth: number;
}

/**
 * Lays the weeks of a case: a type of session on each day with its sets, landings and slow lowering, so that each week comes as near as it can to what it
 * is asked to hold, in the places where it belongs. Exact; the same case gives the same plan.
 *
 * @param memory weeks that were laid out before, where many are laid
 * @example scheduleCase(calendarCase, { armLed: false, careOfArm: true }).laid[0].type // 'whole-body'
 */
export function scheduleCase(given: CalendarCase, arms: Arms, memory?: WeekMemory): ScheduledCase {
  const { problem, days, weeks } = problemOfCase(given, arms);
  const { worth, chosen } = programmeWeeks(problem, memory);
  const laid = chosen.map(({ day, choice, amounts }): ScheduledDay => {
    const held = Object.fromEntries(
      costAxes.map((axis, a) => [axis, unit[axis] * (amounts[a] as number)]),
    ) as unknown as Cost;
    const { type, minutes } = choice.offer;
    return {
      day: days[day] as Day,
      type,
      ...(minutes === undefined ? {} : { minutes }),
      ...(problem.days[day]?.pinned ? { pinned: true } : {}),
      ...held,
    };
  });
  return { days, weeks, laid, worth };
}
