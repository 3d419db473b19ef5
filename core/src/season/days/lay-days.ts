import { type Cost, costAxes } from '../../session-type/cost';
import type { SessionType } from '../../session-type/session-type';
import type { Arms } from './allowed';
import type { WeekAsked } from './asked';
import type { CalendarCase } from './case';
import { chainWeeks, type WeekMemory } from './chain-weeks';
import type { Day } from './day';
import { problemOfCase, unit } from './problem';

/** A session laid on a day. */
export interface LaidDay extends Cost {
  day: Day;
  type: SessionType;
  /** Minutes, where the type says how many. */
  minutes?: number;
  pinned?: true;
}

/** Weeks laid out, and what they were asked to hold. */
export interface LaidCase {
  days: readonly Day[];
  weeks: readonly WeekAsked[];
  laid: readonly LaidDay[];
  /** Worth of all of it. */
  worth: number;
}

/**
 * Lays the weeks of a case: a type of session on each day with its sets, landings and slow lowering, so that each week comes as near as it can to what it
 * is asked to hold, in the places where it belongs. Exact; the same case gives the same plan.
 *
 * @param memory weeks that were laid out before, where many are laid
 * @example layCase(calendarCase, { armLed: false, careOfArm: true }).laid[0].type // 'whole-body'
 */
export function layCase(given: CalendarCase, arms: Arms, memory?: WeekMemory): LaidCase {
  const { problem, days, weeks } = problemOfCase(given, arms);
  const { worth, chosen } = chainWeeks(problem, memory);
  const laid = chosen.map(({ day, choice, amounts }): LaidDay => {
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
