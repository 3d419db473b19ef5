import type { AssumedField } from '@tropaeum/core/athlete/assumed';
import type { BetterSide, PainReport, Restriction } from '@tropaeum/core/athlete/athlete';
import type { Units } from '@tropaeum/core/common/units';
import type { Release } from '@tropaeum/core/limits/release';
import type { Role } from '@tropaeum/core/people/permissions';
import type { NextDose } from '@tropaeum/core/progress/decision-case';
import type { ProgressRules } from '@tropaeum/core/progress/progress-rules';
import type { Move } from '@tropaeum/core/progress/proposal';
import type { ReviewedItem } from '@tropaeum/core/review/review';
import type { Fixture, PhaseSpan } from '@tropaeum/core/season/calendar/season-on';
import type { ScheduledSession } from '@tropaeum/core/season/scheduler/scheduled-session';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import type { HouseRules } from '@tropaeum/core/session/brief/house-rules';
import type { Proof } from '@tropaeum/core/session/composer/compose';
import type { Draft } from '@tropaeum/core/session/draft/draft';
import type { Plan } from '@tropaeum/core/session/plan/plan-types';
import type { WorkByQuality } from '@tropaeum/core/session/plan/work-by-quality';
import type { ReadinessToday } from '@tropaeum/core/session/player/readiness-today';
import type { Consent, ReleaseRequest } from './people-types';

/** What a club has set; what it has not is as usual. */
export interface ClubSettings {
  units?: Units;
  dates?: string | null;
  consentAge?: number;
  retention?: { resultsMonths?: number; auditMonths?: number; messageDays?: number; consentDays?: number };
  houseRules?: Partial<HouseRules>;
  progressRules?: ProgressRules;
}

export interface Me {
  id: string;
  name: string;
  email: string;
  role: Role;
  organisation: string;
  settings: ClubSettings;
  hasSecondFactor: boolean;
  /** Sees some squads only. */
  limited: boolean;
  today: string;
}

export interface Report {
  effort: number;
  minutes: number;
  pain: PainReport[];
  note: string | null;
}

export interface ListedSession {
  id: string;
  on: string;
  status: 'draft' | 'sent' | 'done';
  planned: number;
  /** Minutes by quality. */
  work: WorkByQuality;
  report: Report | null;
}

export interface SquadSeason {
  phases: PhaseSpan[];
  fixtures: (Fixture & { id: string })[];
  laid: ScheduledSession[];
}

export interface Squad {
  id: string;
  name: string;
  sportId: string;
  season: SquadSeason;
}

export interface ListedAthlete {
  id: string;
  squadId: string;
  name: string;
  role: string;
  born: string;
  level: string;
  minutes: number;
  restrictions: Restriction[];
  /** What nobody has said of them yet. */
  assumed?: AssumedField[];
  /** Of minors: where the consent of a guardian stands. */
  consent?: ConsentState;
  sessions: ListedSession[];
}

/** Nobody was asked, somebody was, a guardian is here and has not decided, it was given. */
export type ConsentState = 'open' | 'asked' | 'undecided' | 'given';

/** A minor of whom nothing but the name is kept. */
export interface WaitingAthlete {
  id: string;
  squadId: string;
  name: string;
  consent: ConsentState;
}

export interface Squads {
  squads: Squad[];
  athletes: ListedAthlete[];
  waiting: WaitingAthlete[];
}

export interface AthleteDetail {
  athlete: { id: string; name: string; squadId: string; role: string };
  season: SquadSeason;
  /** What came of the restrictions, the latest first. */
  restrictionChanges: RestrictionChange[];
  /** Restrictions that a physio of the club has set, by part. */
  physios: SetByPhysio[];
  releaseRequests: ReleaseRequest[];
  /** Guardians, and the athlete's own sign-in. */
  family: { name: string; email: string; role: Role }[];
  consents: Consent[];
  brief: Brief;
  sessions: ListedSession[];
}

export interface SetByPhysio {
  region: Restriction['region'];
  side: Restriction['side'] | null;
  physio: string;
}

export interface RestrictionChange {
  before: Restriction | null;
  after: Restriction | null;
  release: Release | null;
  changedAt: string;
  by: string | null;
}

export interface StoredSession {
  id: string;
  athleteId: string;
  on: string;
  status: 'draft' | 'sent' | 'done';
  revision: number;
  brief: Brief;
  draft: Draft;
  plan: Plan;
}

export interface SessionBody {
  brief: Brief;
  draft: Draft;
  proof?: Proof;
}

export interface OutboxMessage {
  id: string;
  athleteId: string;
  athlete: string;
  sessionId: string | null;
  body: string;
  createdAt: string;
  deliveredAt: string | null;
  /** Until when its link opens, or what ended it; null where the link is long gone. */
  linkUntil: string | null;
  linkEnded: 'newer' | 'coach' | null;
  /** The same of the athlete's newest link, which may have come in no message. */
  newestUntil: string | null;
  newestEnded: 'newer' | 'coach' | null;
}

/** An address at which a calendar is given out; the address itself is shown once, when it is made. */
export interface CalendarLink {
  id: string;
  athleteId: string | null;
  createdAt: string;
  expiresAt: string;
  readAt: string | null;
}

export interface Returned {
  session: { id: string; athleteId: string; on: string; status: string; planned: number };
  athlete: string;
  report: (Report & { finishedAt: string; morning: PainReport[] | null; betterSide: BetterSide | null }) | null;
  readiness: ReadinessToday | null;
  /** What tests came to on the day of the session, each in a line. */
  measured: string[];
  items: ReviewedItem[];
  decisions: { variant: string; proposed: Move; decided: Move; overruled: boolean; next?: NextDose; reason?: string }[];
}
