import type { PainReport, Restriction } from '@tropaeum/core/athlete/athlete';
import type { Role } from '@tropaeum/core/people/permissions';

export interface Person {
  id: string;
  name: string;
  email: string;
  role: Role;
  /** Squads that somebody is limited to; none means all, to a physio nobody. */
  squadIds: string[];
  /** Athletes that somebody is there for. */
  athleteIds: string[];
}

export interface Invitation {
  id: string;
  email: string;
  role: Role | null;
  squadIds: string[];
  athleteIds: string[];
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

/** A reminder that went to the stand-in of the push service. */
export interface SimulatedReminder {
  to: string;
  text: string;
  at: string;
}

export interface SimulatedMail {
  to: string;
  subject: string;
  text: string;
  at: string;
}

/** A consent as it was given, and when it was withdrawn. */
export interface Consent {
  givenAt: string;
  givenName: string;
  withdrawnAt: string | null;
}

/** What a coach asked of a physio. */
export interface ReleaseRequest {
  id: string;
  athleteId: string;
  region: Restriction['region'];
  side: Restriction['side'] | null;
  words: string;
  askedBy: string;
  askedAt: string;
  answeredAt: string | null;
  answer: string | null;
}

/** A session as it reads: what is done, in which dose. */
export interface ReadPlan {
  id: string;
  on: string;
  status: 'draft' | 'sent' | 'done';
  minutes: number;
  blocks: {
    kind: string;
    items: {
      name: string;
      /** In notation, and in words. */
      dose: string;
      amount: string;
      load?: { kg?: number; with: string };
      side?: 'left' | 'right';
      adapt?: string[];
      cautions?: string[];
      for?: string;
    }[];
  }[];
}

/** What came back from a session. */
export interface DatedReport {
  on: string;
  effort: number;
  minutes: number;
  pain: PainReport[];
  note: string | null;
}

/** An athlete as a guardian, or the athlete, sees it; of whom nothing but the name is kept, there is nothing to see. */
export interface FamilyAthlete {
  id: string;
  name: string;
  minor: boolean;
  consent: { givenAt: string; givenName: string } | null;
  wording: string[];
  version: string;
  kept: {
    restrictions: Restriction[];
    week: { on: string; label: string; name: string; minutes?: number; start?: string }[];
    plans: ReadPlan[];
    reports: DatedReport[];
  } | null;
}
