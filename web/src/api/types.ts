import type { PainReport, Restriction } from '@tropaeum/core/athlete/athlete';
import type { Units } from '@tropaeum/core/common/units';
import type { Release } from '@tropaeum/core/limits/release';
import type { Role } from '@tropaeum/core/people/permissions';
import type { Move } from '@tropaeum/core/progress/proposal';
import type { ReviewedItem } from '@tropaeum/core/review/review';
import type { Fixture, PhaseSpan } from '@tropaeum/core/season/calendar/season-on';
import type { ScheduledSession } from '@tropaeum/core/season/scheduler/scheduled-session';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import type { Proof } from '@tropaeum/core/session/composer/compose';
import type { Draft } from '@tropaeum/core/session/draft/draft';
import type { Plan } from '@tropaeum/core/session/plan/plan-types';
import type { WorkByQuality } from '@tropaeum/core/session/plan/work-by-quality';

export interface Me {
  id: string;
  name: string;
  email: string;
  role: Role;
  organisation: string;
  settings: { units?: Units };
  hasSecondFactor: boolean;
  /** Sees some squads only. */
  limited: boolean;
  today: string;
}

export interface Person {
  id: string;
  name: string;
  email: string;
  role: Role;
  /** Squads that somebody is limited to; none means all. */
  squadIds: string[];
}

export interface Invitation {
  id: string;
  email: string;
  role: Role | null;
  squadIds: string[];
  expiresAt: string;
}

export interface SignInKept {
  id: string;
  createdAt: string;
  expiresAt: string;
  agent: string | null;
  address: string | null;
  /** The one that asks. */
  own: boolean;
}

export interface AuditEntry {
  id: string;
  at: string;
  who: string | null;
  action: string;
  subject: string;
  athleteId: string | null;
  athlete: string | null;
  fields: string[];
  address: string | null;
}

export interface SimulatedMail {
  to: string;
  subject: string;
  text: string;
  at: string;
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
  sessions: ListedSession[];
}

export interface Squads {
  squads: Squad[];
  athletes: ListedAthlete[];
}

export interface AthleteDetail {
  athlete: { id: string; name: string; squadId: string; role: string };
  season: SquadSeason;
  /** What came of the restrictions, the latest first. */
  restrictionChanges: RestrictionChange[];
  brief: Brief;
  sessions: ListedSession[];
}

export interface RestrictionChange {
  before: Restriction | null;
  after: Restriction | null;
  release: Release | null;
  changedAt: string;
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
  sessionId: string;
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
  report: (Report & { finishedAt: string }) | null;
  items: ReviewedItem[];
  decisions: { variant: string; proposed: Move; decided: Move; overruled: boolean }[];
}
