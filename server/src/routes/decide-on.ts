import type { ProgressRules } from '@tropaeum/core/progress/progress-rules';
import type { Move } from '@tropaeum/core/progress/proposal';
import type { Transaction } from '../database/database';
import { HttpError, notFound, validationFailed } from '../middleware/http-error';
import type { SignedIn } from '../middleware/middleware';
import { clubSettings } from '../store/accounts';
import { type DecisionRow, decideAll, decisionsOf, undecide } from '../store/results';
import { reviewsForSessions } from '../store/reviews';

/** What a club has made of the rules of progression. */
export const progressRulesOf = async (tx: Transaction): Promise<ProgressRules> =>
  (await clubSettings(tx)).progressRules ?? {};

/** What is to be decided on one item; null takes a decision back. */
export interface Wanted {
  sessionId: string;
  variant: string;
  decided: Move | null;
  proposed?: Move | undefined;
  reason?: string | undefined;
}

/**
 * Decides on items of sessions, all or none. What was decided on them before is handed back, so that it can be had again. Where results came in
 * that the coach has not seen, and they change what is proposed, nothing is decided.
 */
export async function decideOn(tx: Transaction, person: SignedIn, wanted: readonly Wanted[]): Promise<Wanted[]> {
  const ids = [...new Set(wanted.map(({ sessionId }) => sessionId))];
  const rules = await progressRulesOf(tx);
  const reviews = await reviewsForSessions(tx, person.organisationId, ids, rules);
  const before = new Map((await decisionsOf(tx, ids)).map((row) => [`${row.sessionId} ${row.variant}`, row]));
  const kept = wanted.filter((w): w is Wanted & { decided: Move } => w.decided !== null);
  const rows = kept.map(({ sessionId, variant, decided, proposed, reason }) => {
    const review = reviews.get(sessionId);
    if (!review) throw notFound('session');
    const item = review.items.find((i) => i.variant === variant);
    if (!item) throw validationFailed([{ path: 'variant', message: `"${variant}" is not in this session` }]);
    if (proposed !== undefined && proposed !== item.move)
      throw new HttpError(409, `New results came in: for ${item.name} something else is proposed now. Look again.`);
    const next = item.next[decided];
    return {
      ...{ sessionId, organisationId: person.organisationId, variant, proposed: item.move, decided },
      ...{ overruled: decided !== item.move, rule: item.by, next: next ?? null, reason: reason || null },
    };
  });
  await decideAll(tx, rows);
  for (const id of ids) {
    if (!reviews.has(id)) throw notFound('session');
    await undecide(
      tx,
      id,
      wanted.filter((w) => w.sessionId === id && w.decided === null).map(({ variant }) => variant),
    );
  }
  return wanted.map(({ sessionId, variant }): Wanted => {
    const row: DecisionRow | undefined = before.get(`${sessionId} ${variant}`);
    return {
      ...{ sessionId, variant, decided: (row?.decided as Move | undefined) ?? null },
      ...(row?.reason ? { reason: row.reason } : {}),
    };
  });
}
