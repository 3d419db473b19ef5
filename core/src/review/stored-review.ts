import type { NextDoses } from '../progress/decide';
import type { ProgressRules } from '../progress/progress-rules';
import type { Proposal } from '../progress/proposal';
import type { Brief } from '../session/brief/brief';
import { review } from './review';
import type { ReviewedSession } from './reviewed-session';
import { isDecidable, reviewSummary } from './summary';

/** A proposal on one item, with the dose that each way of deciding comes to. */
export interface StoredProposal extends Proposal {
  variant: string;
  name: string;
  /** Sets of it were logged. */
  done: boolean;
  regions: readonly string[];
  next: NextDoses;
}

/** What the rules say of a session in short: what a desk shows of many. */
export interface StoredReview {
  summary: readonly string[];
  items: readonly StoredProposal[];
  /** Anything was logged or reported for the session. */
  sets: number;
}

/**
 * What the rules say of a session, short enough to be kept: only items on which something is to be decided.
 *
 * @param brief what the session was composed from, under the restrictions of now
 * @param earlier done sessions before this one, oldest first
 */
export function storedReview(
  session: ReviewedSession,
  brief: Brief,
  earlier: readonly ReviewedSession[],
  rules?: ProgressRules,
): StoredReview {
  const all = review(session, brief, earlier, rules);
  return {
    summary: reviewSummary(all, session.report?.pain),
    items: all.filter(isDecidable).map(({ item: { variant, name, regions }, done, proposal, next }) => ({
      ...{ variant, name, regions, ...proposal, next },
      done: done.length > 0,
    })),
    sets: session.logs.filter(({ skipped }) => !skipped).length,
  };
}
