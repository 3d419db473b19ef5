import { dayAfter } from '../../date/days';
import { type Cost, ofAxes, volumeOf } from '../../session-type/cost';
import { mondayOf } from '../calendar/season-on';
import { type Gave, sessionsOfCase } from '../scheduler/case-plan';
import { type Move, movesBetween, type ScheduledSession } from '../scheduler/scheduled-session';
import type { WeekMemory } from '../scheduler/week-programme';
import { caseOf } from './season-case';
import type { ScheduleRequest } from './season-plan';

/** One week of a laid season as it is shown. */
export interface ScheduledWeek {
  from: string;
  phase: string;
  /** Of the phase, from 1. */
  week: number;
  /** Why it is more or less than usual. */
  because?: string;
  /** What it holds, done and laid, and what it is asked to hold. */
  dose: Cost;
  wanted: Cost;
  /** Minutes at home that are laid. */
  minutes: number;
  /** The same as one number, sets. */
  volume: number;
  wantedVolume: number;
}

/** A season laid, with everything said of it. */
export interface ScheduleResult {
  laid: readonly ScheduledSession[];
  weeks: readonly ScheduledWeek[];
  /** The label of every day that bears one. */
  labels: Readonly<Record<string, string>>;
  gaveWay: readonly { on: string; words: string }[];
  moves: readonly Move[];
}

/** How long laid days that are over are kept, days. */
const keptDays = 70;

/**
 * Lays a season and says what came of it: the sessions, the weeks, what had to give way, and what moved against what was laid before.
 *
 * @example schedule({ season, sport: 'handball', written: [], today: '2026-12-09' })
 */
export function schedule(ask: ScheduleRequest, memory?: WeekMemory): ScheduleResult {
  const { season, own, today } = ask;
  const given = caseOf(ask);
  const { sessions, weeks, labels, gave } = sessionsOfCase(given, memory);
  const before = own?.laid.length ? own.laid : season.laid;
  // Sessions that are written are no longer merely laid.
  const standing = given.around?.standing;
  const laid = sessions.filter(({ on }) => !standing?.has(on));
  // What was laid for days that are over stays: it is what is compared with what was done.
  const over = before.filter(({ on }) => on < today && on >= dayAfter(today, -keptDays));
  return {
    laid: [...over, ...laid],
    labels,
    gaveWay: gave.map(({ date, words }: Gave) => ({ on: date, words })),
    moves: before.length
      ? movesBetween(
          before.filter(({ on }) => !standing?.has(on)),
          laid,
          today,
        )
      : [],
    weeks: weeks.map(({ aim, because }, w): ScheduledWeek => {
      const from = dayAfter(given.from, 7 * w);
      const { name, phase, week } = given.around?.phases?.[w] ?? { name: '', phase: given.phase, week: 1 };
      const own = sessions.filter(({ on }) => mondayOf(on) === from);
      const dose = ofAxes((axis) => own.reduce((sum, session) => sum + session[axis], 0));
      return {
        ...{ from, phase: name || phase, week, dose, wanted: aim },
        ...(because ? { because } : {}),
        minutes: laid.filter(({ on }) => mondayOf(on) === from).reduce((sum, session) => sum + session.minutes, 0),
        volume: volumeOf(dose),
        wantedVolume: volumeOf(aim),
      };
    }),
  };
}
