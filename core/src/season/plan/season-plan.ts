import type { Level } from '../../exercise/model/vocabulary';
import type { Restriction } from '../../limits/restriction';
import type { SessionType } from '../../session-type/session-type';
import type { Entry } from '../calendar/calendar';
import type { PhaseSpan } from '../calendar/season-on';
import type { CaseRules, StandingSession } from '../scheduler/case';
import type { LabelRules } from '../scheduler/label-rules';
import type { ScheduledSession } from '../scheduler/scheduled-session';

/** What the coach has put on a day: a session of a type, or that there is none. */
export interface Pin {
  on: string;
  type: SessionType | 'none';
  minutes?: number;
}

/** What is laid for somebody, and what the coach has said of it. */
export interface OwnSeason {
  /** Entries of one athlete's own, beside those of the squad. */
  entries: readonly Entry[];
  pins: readonly Pin[];
  laid: readonly ScheduledSession[];
}

/** What holds when sessions are laid. */
export interface ScheduleRules {
  /** Sessions a week, at least and at most. */
  least: number;
  most: number;
  /** Days a week with no session, practice or fixture, as far as the calendar leaves them. */
  restDays: number;
  /** When sessions are done where the sport leaves the day free, "18:00". */
  sessionAt: string;
  /** Hard days hard, or spread over the week. */
  days: CaseRules['days'];
  /** What the labels of the days allow, where it is not the usual. */
  labels: Partial<LabelRules>;
  /** A short second session before practice, on days with a session behind it. */
  seconds?: boolean;
}

const defaultRules: ScheduleRules = {
  least: 2,
  most: 3,
  restDays: 1,
  sessionAt: '18:00',
  days: 'consolidate',
  labels: {},
};

export const loadingSchemes = ['steady', 'waved', 'undulating'] as const;
export type LoadingScheme = (typeof loadingSchemes)[number];

/** Why a school of loading is followed; shown beside the choice. */
export const loadingReasons: Record<LoadingScheme, string> = {
  steady: 'The same every week: simple at home, and enough for maintenance.',
  waved: 'Three weeks building, one deload week to recover.',
  undulating: 'Different days within the week: variety, and no muscle group is sore twice.',
};

/** Why hard days are kept together or apart; shown beside the choice. */
export const dayReasons: Record<CaseRules['days'], string> = {
  consolidate: 'Heavy work after hard practices: hard days hard, easy days easy.',
  spread: 'Heavy work away from hard practices: fresher legs for each, fewer easy days.',
};

/** The season of a squad. */
export interface SquadSeasonPlan extends OwnSeason {
  phases: readonly PhaseSpan[];
  rules: ScheduleRules;
  school: LoadingScheme;
  /** Minutes of a usual session. */
  minutes: number;
  /** The zone that its days and times are told in. */
  zone: string;
}

export const emptyOwnSeason: OwnSeason = { entries: [], pins: [], laid: [] };
export const emptySeason: SquadSeasonPlan = {
  ...emptyOwnSeason,
  phases: [],
  rules: defaultRules,
  school: 'steady',
  minutes: 30,
  zone: 'Europe/Oslo',
};

/** A session that is written, or was done. */
export interface PlannedSession extends StandingSession {
  on: string;
}

/** Everything that laying somebody's season follows from. */
export interface ScheduleRequest {
  season: SquadSeasonPlan;
  sport: string;
  /** One athlete's own, where it is laid for one; what the squad does is changed as little as can be. */
  own?: OwnSeason;
  /** Who it is laid for; a grown athlete of middle level where it is for a squad. */
  athlete?: {
    id: string;
    level: Level;
    born: string;
    minutes: number;
    role?: string;
    restrictions?: readonly Restriction[];
  };
  written: readonly PlannedSession[];
  today: string;
  weeks?: number;
}
