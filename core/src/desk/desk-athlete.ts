import type { PainReport } from '../athlete/athlete';
import type { Restriction } from '../limits/restriction';
import type { Move } from '../progress/proposal';
import type { StoredReview } from '../review/stored-review';
import type { ReadinessToday } from '../session/player/readiness-today';

/** A session as the desk knows it. */
export interface DeskSession {
  id: string;
  /** ISO date. */
  on: string;
  status: 'draft' | 'sent' | 'done';
  /** Session RPE that was planned for. */
  plannedEffort: number;
  /** What was reported; left out until it is. */
  report?: {
    effort: number;
    minutes: number;
    pain: readonly PainReport[];
    morning?: readonly PainReport[] | null;
    note?: string | null;
    /** When the report, or anything else of the session, last arrived; ISO. */
    cameAt: string;
  };
  /** The fixture that it was written for, ISO date; null where there was none ahead. */
  writtenFor?: string | null;
  /** How it was told to be before; left out where nobody said. */
  readiness?: ReadinessToday;
  /** Whether the mail that tells a minor's guardian has gone; left out where there is none. */
  guardian?: 'told' | 'waiting';
  review?: StoredReview;
  decided: readonly { variant: string; proposed: Move; decided: Move; at: string }[];
}

/** An athlete as the desk knows him or her. */
export interface DeskAthlete {
  id: string;
  name: string;
  minor: boolean;
  /** Oldest first. */
  sessions: readonly DeskSession[];
  restrictions: readonly Restriction[];
  /** Restrictions that a physio of the club has set, who can be asked for a release. */
  byPhysio: readonly Pick<Restriction, 'region' | 'side'>[];
  /** Restrictions whose release has been asked for. */
  asked: readonly Pick<Restriction, 'region' | 'side'>[];
  /** Days of the fixtures ahead, ISO dates. */
  fixtures: readonly string[];
  /** Day of the last test done at home. */
  lastTest?: string;
  /** Last day on which the athlete's link opens. */
  linkUntil?: string;
}
