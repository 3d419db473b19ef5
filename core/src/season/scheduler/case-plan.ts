import { daysBetween } from '../../date/days';
import { weightIn } from '../../session/type/derive';
import { type Cost, costAxes } from '../../session-type/cost';
import type { SessionType } from '../../session-type/session-type';
import { signatureFor } from '../../sport/signature/signature-of';
import { sportById } from '../../sport/sports';
import { minuteOfDay } from '../calendar/calendar';
import { type Arms, aHeavySet, beforeSets, mainTypes } from './allowed';
import type { CalendarCase } from './case';
import { type Day, labelOf } from './day';
import { ofLabel, whyOf } from './day-reason';
import { type ScheduledDay, scheduleCase } from './schedule-days';
import type { ScheduledSession } from './scheduled-session';
import { ahead, clock, startOf, timingOf, usualStart } from './session-start';
import type { Timing } from './timing';
import type { WeekMemory } from './week-programme';
import type { WeeklyTargets } from './weekly-targets';

/** One day of a plan with its session, as the document has it. */
export interface PlannedDay extends Cost {
  date: string;
  type: SessionType;
  minutes: number;
  timing: Timing;
  /** "19:15", where the clock matters. */
  start?: string;
  why: string;
}

/** What a plan does not give, at its day or the Monday of its week. */
export interface Gave {
  date: string;
  words: string;
}

export interface CasePlan {
  plan: readonly PlannedDay[];
  gave: readonly Gave[];
}

/** Minutes that sets and landings take: warm-up, two and a half minutes a heavy set, one a slow one. Common practice, no source. */
const [aSlowSet, landingsAMinute] = [1.2, 10];

function minutesOf(laid: ScheduledDay, most: number): number {
  if (laid.minutes !== undefined) return laid.minutes;
  const { heavyLower, heavyUpper, eccentric, contacts } = laid;
  const needed = beforeSets + aHeavySet * (heavyLower + heavyUpper) + aSlowSet * eccentric + contacts / landingsAMinute;
  return Math.min(most, Math.max(15, 5 * Math.round(needed / 5)));
}

/** Share of the strength rows from which the arms lead a sport; one that jumps and throws with the whole body is led by no part. Common practice, no source. */
const armShare = 0.6;

/** What the signature work of a sport says of the arm. */
function armsOf(sport: string, role: string | undefined): Arms {
  const profile = sportById(sport);
  if (!profile) return { armLed: false, careOfArm: false };
  const known = profile.roles.some((r) => r.id === role) ? role : profile.roles[0]?.id;
  const rows = signatureFor(profile, known as string);
  const weight = (type: SessionType) => weightIn(rows, type);
  const upper = weight('upper-body');
  return {
    armLed: upper > armShare * (upper + weight('lower-body')) && weight('power') < upper,
    careOfArm: rows.some((row) => row.types.includes('arm-care') && row.weight >= 2),
  };
}

/** A session with its clock and its label, beside what the document has of it. */
interface Row extends PlannedDay {
  /** When it starts, whether the clock matters or not. */
  at: string;
  label: string;
}

/** Minutes of a second session of a day, and how many a week has; common practice, no source. */
const [secondMinutes, secondsAWeek] = [10, 2];

/** Short second sessions before practice, on days whose session stands behind it: they cost nothing that is felt, so that the week stays as it is laid. */
function secondsOf(rows: readonly Row[], laid: readonly ScheduledDay[], arms: Arms, given: CalendarCase): Row[] {
  if (!given.houseRules.seconds) return [];
  const type: SessionType = arms.careOfArm ? 'arm-care' : 'flexibility';
  const weekOf = (date: string) => Math.floor(daysBetween(given.from, date) / 7);
  const inWeek = new Map<number, number>();
  return rows.flatMap((row, i): Row[] => {
    const { day, pinned } = laid[i] as ScheduledDay;
    const [practice] = day.practices;
    if (row.timing !== 'after' || pinned || !mainTypes.has(row.type) || !practice?.time || day.toFixture === 1)
      return [];
    const had = inWeek.get(weekOf(row.date)) ?? 0;
    const at = minuteOfDay(practice.time) - ahead - secondMinutes;
    if (had >= secondsAWeek || at < 0 || (day.window?.from && at < minuteOfDay(day.window.from))) return [];
    inWeek.set(weekOf(row.date), had + 1);
    const { label } = row;
    const what = arms.careOfArm ? 'ten minutes for the shoulder' : 'ten minutes of mobility';
    return [
      {
        ...{
          date: row.date,
          type,
          minutes: secondMinutes,
          timing: 'before' as const,
          start: clock(at),
          at: clock(at),
          label,
        },
        ...{ heavyLower: 0, heavyUpper: 0, contacts: 0, eccentric: 0 },
        why: `${ofLabel(label)}${what} before practice, the second session of the day.`,
      },
    ];
  });
}

function rowsOf(given: CalendarCase, memory: WeekMemory | undefined) {
  const arms = armsOf(given.athlete.sport, given.athlete.role);
  const { laid, weeks, days } = scheduleCase(given, arms, memory);
  const weekOf = (day: Day) => Math.floor(days.indexOf(day) / 7);
  const isFirst = (one: ScheduledDay) =>
    laid.find((l) => mainTypes.has(l.type) && weekOf(l.day) === weekOf(one.day)) === one;
  const rows = laid.map((one): Row => {
    const week = weeks[weekOf(one.day)] as WeeklyTargets;
    const easyBack = given.phase === 'return' && weekOf(one.day) < 1;
    const minutes = minutesOf(one, one.pinned ? 120 : Math.min(given.around?.minutes ?? week.minutes, week.minutes));
    const timing = timingOf(one, easyBack);
    const start = startOf(one, timing, minutes, given);
    const { heavyLower, heavyUpper, contacts, eccentric } = one;
    return {
      ...{ date: one.day.on, type: one.type, minutes, timing },
      ...(start ? { start } : {}),
      ...{ heavyLower, heavyUpper, contacts, eccentric },
      why: whyOf(one, timing, week, isFirst(one)),
      at: start ?? usualStart(one, timing, minutes, given),
      label: labelOf(one.day),
    };
  });
  return { rows, seconds: secondsOf(rows, laid, arms, given), weeks, days };
}

/**
 * Lays a calendar and says why: a row for each session, and what the weeks do not get.
 *
 * @example planOfCase(calendarCase).plan[0] // { date: '2027-01-12', type: 'whole-body', minutes: 35, timing: 'after', ... }
 */
export function planOfCase(given: CalendarCase, memory?: WeekMemory): CasePlan {
  const { rows, seconds, weeks, days } = rowsOf(given, memory);
  const all = [...seconds, ...rows].sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0));
  return { plan: all.map(({ at: _, label: __, ...row }) => row), gave: gaveOf(rows, weeks, days) };
}

/** A calendar laid as a season shows it. */
export interface SessionsOfCase {
  sessions: readonly ScheduledSession[];
  weeks: readonly WeeklyTargets[];
  /** The label of every day that bears one. */
  labels: Readonly<Record<string, string>>;
  gave: readonly Gave[];
}

/** Lays a calendar with the clock and the label of every session. @example sessionsOfCase(calendarCase).sessions[0].label // 'MD-4' */
export function sessionsOfCase(given: CalendarCase, memory?: WeekMemory): SessionsOfCase {
  const { rows, seconds, weeks, days } = rowsOf(given, memory);
  return {
    sessions: rows.map(({ date, at, start: _, ...row }) => {
      const second = seconds.find((s) => s.date === date);
      return {
        ...{ ...row, on: date, start: at },
        ...(second
          ? { second: { type: second.type, minutes: second.minutes, start: second.at, why: second.why } }
          : {}),
      };
    }),
    weeks,
    labels: Object.fromEntries(days.map((day) => [day.on, labelOf(day)]).filter(([, label]) => label !== '-')),
    gave: gaveOf(rows, weeks, days),
  };
}

export const axisWords: Readonly<Record<keyof Cost, string>> = {
  heavyLower: 'heavy leg sets',
  heavyUpper: 'heavy upper-body sets',
  contacts: 'jump contacts',
  eccentric: 'slow eccentric sets',
};

/** What the weeks were asked for and do not get, and what a pin costs. */
function gaveOf(plan: readonly PlannedDay[], weeks: readonly WeeklyTargets[], days: readonly Day[]): Gave[] {
  return weeks.flatMap((week, w): Gave[] => {
    const ofWeek = days.slice(7 * w, 7 * w + 7);
    const monday = (ofWeek[0] as Day).on;
    const rows = plan.filter((p) => ofWeek.some((d) => d.on === p.date));
    const main = rows.filter((p) => mainTypes.has(p.type)).length;
    const short = costAxes.flatMap((axis) => {
      const given = rows.reduce((sum, p) => sum + p[axis], 0);
      return given < 0.75 * week.aim[axis] - 1e-9
        ? [`${given} of ${Math.round(week.aim[axis])} ${axisWords[axis]}`]
        : [];
    });
    return [
      ...(main < week.sessions.min
        ? [{ date: monday, words: `${main} of ${week.sessions.min} sessions: no room for more in this week.` }]
        : []),
      ...(short.length ? [{ date: monday, words: `Below target: ${short.join(', ')}.` }] : []),
      ...ofWeek.flatMap((d): Gave[] =>
        d.pin && d.toFixture !== undefined && d.toFixture <= 2
          ? [
              {
                date: d.on,
                words: `${d.pin.name} stays where you pinned it, ${d.toFixture} day${d.toFixture === 1 ? '' : 's'} before a fixture: a lighter session, and the legs rest on the days before it.`,
              },
            ]
          : [],
      ),
    ];
  });
}
