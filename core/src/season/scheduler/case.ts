import type { Level } from '../../exercise/model/vocabulary';
import type { Phase } from '../../session-type/aims-and-phases';
import type { Cost } from '../../session-type/cost';
import type { SessionType } from '../../session-type/session-type';
import type { LabelRules } from './label-rules';

export const caseKinds = [
  'fixture',
  'practice',
  'travel',
  'closed',
  'free',
  'exam',
  'away',
  'camp',
  'pinned-session',
] as const;

/** One entry of a calendar, in local time. */
export interface CaseEntry {
  kind: (typeof caseKinds)[number];
  name: string;
  date: string;
  /** Last day. */
  until?: string;
  /** "18:30" */
  time?: string;
  minutes?: number;
  /** 1 to 10. */
  effort?: number;
  /** Of a fixture or practice: 1 ordinary, 2 important, 3 what the season is for. */
  importance?: number;
  /** Minutes the athlete played of a fixture: 0 not at all, left out all of it. */
  played?: number;
  /** A practice that is held although hall or water is closed. */
  despiteClosed?: boolean;
  /** A practice in place of which a session is done at home. */
  replaced?: boolean;
  /** Travel that takes the night. */
  overnight?: boolean;
  /** Of a pinned session. */
  type?: SessionType;
  by?: string;
  reason?: string;
}

/** What holds between two days beside the entries: hours in which training is possible. */
export interface Condition {
  kind: string;
  from: string;
  until: string;
  trainFrom?: string;
  trainUntil?: string;
}

/** Home work of one of the weeks before, and the load of the sport in it (minutes times effort). */
export interface WeekBefore extends Cost {
  weeksAgo: number;
  sessions: number;
  minutes: number;
  sportLoad?: number;
}

export interface CaseRules {
  /** Hard days hard, or spread over the week. */
  days: 'consolidate' | 'spread';
  loading: 'steady' | 'waved' | 'undulating';
  sessionsPerWeek: { min: number; max: number };
  /** When sessions are done where the sport leaves the day free, "18:00". */
  sessionAt: string;
  /** A short second session before practice, on days with a session behind it. */
  seconds?: boolean;
  /** Days off a week, where it is said. */
  restDays?: number;
  /** What the labels of the days allow, where it is not the usual. */
  labels?: Partial<LabelRules>;
}

/** What is known of an athlete beside the document, where weeks are laid within a season. */
export interface Around {
  /** Phase of each week with its name, and which week of it that is, from 1. */
  phases?: readonly { phase: Phase; name: string; week: number }[];
  /** Sessions that stand as they were written or done, by day; a day without one that is over has none. */
  standing?: ReadonlyMap<string, StandingSession | undefined>;
  /** Minutes of a session at the most. */
  minutes?: number;
  /** Landings of a session at the most. */
  landings?: number;
  /** How much more than usual what was laid before is held to: one of a squad does what the squad does. */
  held?: number;
  /** Load of the sport in a usual week, minutes times effort. */
  sportLoad?: number;
}

/** A session that is written or done. */
export interface StandingSession extends Cost {
  type: SessionType;
  minutes: number;
}

/** A calendar to be laid, `tropaeum-calendar/1`. */
export interface CalendarCase {
  athlete: { level: Level; age: number; sport: string; role?: string };
  phase: Phase;
  /** A Monday. */
  from: string;
  weeks: number;
  calendar: readonly CaseEntry[];
  conditions?: readonly Condition[];
  athleteHistory?: readonly WeekBefore[];
  houseRules: CaseRules;
  /** What was laid before: it changes as little as it can. */
  before?: { plan: readonly { date: string; type: SessionType | 'none' }[] };
  around?: Around;
}

/** A case as it stands in one of its weeks: its phase is that week's. @example inWeek(calendarCase, 3).phase // 'in-season' */
export const inWeek = (given: CalendarCase, w: number): CalendarCase => {
  const phase = given.around?.phases?.[w]?.phase;
  return phase === undefined || phase === given.phase ? given : { ...given, phase };
};
