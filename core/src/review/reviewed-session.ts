import type { PainReport } from '../athlete/athlete';
import type { LoggedSet } from '../athlete/logged-set';
import type { DecisionCase } from '../progress/decision-case';
import type { Plan } from '../session/plan/plan-types';

/** What a review needs of a logged set. */
export type ReviewedSet = Pick<
  LoggedSet,
  'variant' | 'side' | 'amount' | 'reserve' | 'note' | 'insteadOf' | 'loadKg' | 'skipped'
>;

/** What the athlete said of a whole session. */
interface Reported {
  effort: number;
  pain: readonly PainReport[];
  note?: string | null;
  /** Pain of the next morning; null or left out until it has been said. */
  morning?: readonly PainReport[] | null;
}

/** A session with what was logged and reported of it. */
export interface ReviewedSession {
  /** ISO date. */
  on: string;
  plan: Plan;
  logs: readonly ReviewedSet[];
  report: Reported | undefined;
  /** How the athlete was before, as far as the rules read it; left out where nobody said. */
  readiness?: DecisionCase['session']['readiness'];
}
