import { sessionLoad } from '../../load/session-load';
import type { SessionType } from '../../session-type/session-type';
import type { Day } from '../scheduler/day';
import type { ScheduledSession } from '../scheduler/scheduled-session';

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

/** Effort of a session of each type, 0 to 10; common practice, no source. */
const effortOfType: Readonly<Record<SessionType, number>> = {
  rounds: 8,
  'whole-body': 7,
  'lower-body': 7,
  conditioning: 7,
  'upper-body': 6,
  power: 6,
  'injury-prevention': 5,
  technique: 5,
  trunk: 4,
  return: 4,
  'arm-care': 3,
  primer: 3,
  flexibility: 2,
  'warm-up': 2,
};

/** Load of a laid session, arbitrary units. @example loadOfScheduled({ type: 'power', minutes: 30 }) // 180 */
export const loadOfScheduled = ({ type, minutes }: Pick<ScheduledSession, 'type' | 'minutes'>): number =>
  sessionLoad(effortOfType[type], minutes);

const sportLoadOf = ({ fixtures, practices }: Day): number =>
  practices.reduce((sum, p) => sum + sessionLoad(p.effort ?? usualEffort, p.minutes ?? usualMinutes), 0) +
  fixtures.slice(0, 1).reduce((sum, f) => sum + sessionLoad(fixtureEffort, f.played ?? f.minutes ?? fixtureMinutes), 0);

/**
 * Daily load: what came back for the days before today, what is laid from today on; practices and fixtures by what is expected of them.
 */
export function dailyLoads(
  days: readonly Day[],
  done: readonly DoneLoad[],
  laid: readonly ScheduledSession[],
  today: string,
): DayLoad[] {
  return days.map((day): DayLoad => {
    const came = done.filter((d) => d.on === day.on).reduce((sum, d) => sum + sessionLoad(d.effort, d.minutes), 0);
    const ahead = day.on >= today && came === 0;
    const home = ahead ? laid.filter((s) => s.on === day.on).reduce((sum, s) => sum + loadOfScheduled(s), 0) : came;
    return { on: day.on, home, sport: sportLoadOf(day), ahead };
  });
}
