import { dayAfter } from '../athlete/athlete';
import { sessionLoad } from '../load/session-load';
import type { DayFacts } from './day-facts';
import type { LaidSession } from './laying';
import { kindFacts } from './session-kind';

/** Effort of a practice nobody has said anything of, 0 to 10, and its minutes; common practice, no source. */
const [usualEffort, usualMinutes] = [5, 75];
/** A fixture, with its warm-up. */
const [fixtureEffort, fixtureMinutes] = [8, 75];

/** A session that came back. */
export interface DoneLoad {
  on: string;
  effort: number;
  minutes: number;
}

/** Load of one day, arbitrary units: what was done or is laid at home, and what the sport asks. */
export interface DayLoad {
  on: string;
  home: number;
  sport: number;
  /** It is still ahead: the load if the plan is followed. */
  ahead: boolean;
}

/** Load of a laid session, arbitrary units. @example loadOfLaid({ kind: 'strength', level: 1, on: '2026-12-09' }, 30) // 210 */
export const loadOfLaid = ({ kind, level }: LaidSession, minutes: number): number =>
  sessionLoad(kindFacts[kind].effort, minutes * kindFacts[kind].minutesShare * level);

const sportLoadOf = ({ fixture, practices }: DayFacts): number =>
  practices.reduce((sum, p) => sum + sessionLoad(p.effort ?? usualEffort, p.minutes ?? usualMinutes), 0) +
  (fixture ? sessionLoad(fixtureEffort, fixture.minutes ?? fixtureMinutes) : 0);

/**
 * Daily load: what came back for the days before today, what is laid from today on; practices and fixtures by what is expected of them.
 *
 * @param minutes of a usual session
 */
export function dailyLoads(
  days: readonly DayFacts[],
  done: readonly DoneLoad[],
  laid: readonly LaidSession[],
  minutes: number,
  today: string,
): DayLoad[] {
  return days.map((day): DayLoad => {
    const came = done.filter((d) => d.on === day.on).reduce((sum, d) => sum + sessionLoad(d.effort, d.minutes), 0);
    const ahead = day.on >= today && came === 0;
    const home = ahead ? laid.filter((s) => s.on === day.on).reduce((sum, s) => sum + loadOfLaid(s, minutes), 0) : came;
    return { on: day.on, home, sport: sportLoadOf(day), ahead };
  });
}

/** Days of a span, ISO. */
export const daysFrom = (from: string, days: number): string[] =>
  Array.from({ length: days }, (_, d) => dayAfter(from, d));
