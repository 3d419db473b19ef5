import { dayAfter } from '@tropaeum/core/date/days';
import type { DeskMark } from '@tropaeum/core/desk/desk';
import type { DeskAthlete, DeskSession } from '@tropaeum/core/desk/desk-athlete';
import { isMinor, usualConsentAge } from '@tropaeum/core/people/consent';
import type { ProgressRules } from '@tropaeum/core/progress/progress-rules';
import type { Move } from '@tropaeum/core/progress/proposal';
import type { StoredReview } from '@tropaeum/core/review/stored-review';
import { and, desc, eq, inArray, isNotNull, isNull, or, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { Transaction } from '../database/database';
import { athleteLinks, decisions, deskMarks, releaseRequests } from '../database/schema';
import { allAthletes, restrictionOf } from './athletes';
import { grouped } from './grouped';
import { guardiansTold } from './guardian-notices';
import { basisOf, chainsOf, decidable, type Line, lookBack, reviewsOf, sessionLines, type Wanted } from './reviews';
import { seasonsOfAthletes } from './seasons';

/** How far ahead the desk looks, days. */
const lookAhead = 21;

function deskSession(
  line: Line,
  known: { review: StoredReview | undefined; guardian: DeskSession['guardian']; decided: DeskSession['decided'] },
): DeskSession {
  const { review, guardian, decided } = known;
  const { id, on, status, plannedEffort, writtenFor, effort, minutes, pain, note, morning, readiness, resultsAt } =
    line;
  const cameAt = resultsAt ?? `${on}T00:00:00Z`;
  return {
    ...{ id, on, status, plannedEffort: plannedEffort ?? 6, decided },
    ...(effort !== null && minutes !== null && pain !== null
      ? { report: { effort, minutes, pain, note, morning, cameAt } }
      : {}),
    ...(status === 'done' ? {} : { writtenFor }),
    ...(readiness ? { readiness } : {}),
    ...(guardian ? { guardian } : {}),
    ...(review ? { review } : {}),
  };
}

/** Everybody as the desk knows them, with what the rules say of their latest sessions. */
export async function deskAthletes(
  tx: Transaction,
  organisationId: string,
  today: string,
  settings: { rules: ProgressRules; consentAge?: number },
): Promise<DeskAthlete[]> {
  const { rules, consentAge = usualConsentAge } = settings;
  const athletes = await allAthletes(tx);
  const all = grouped(
    await sessionLines(tx, dayAfter(today, -lookBack), dayAfter(today, lookAhead)),
    ({ athleteId }) => athleteId,
  );
  const recent = [...all.values()].flat().filter(({ on }) => on > dayAfter(today, -decidable));
  const decided = grouped(
    recent.length === 0
      ? []
      : await tx
          .select({
            ...{ sessionId: decisions.sessionId, variant: decisions.variant, decided: decisions.decided },
            proposed: decisions.proposed,
            at: decisions.decidedAt,
          })
          .from(decisions)
          .where(
            inArray(
              decisions.sessionId,
              recent.map(({ id }) => id),
            ),
          ),
    ({ sessionId }) => sessionId,
  );
  const decidedAt = new Map([...decided].map(([id, rows]) => [id, rows.map(({ at }) => at).sort()[0] as string]));
  const wanted = athletes.flatMap((athlete) =>
    chainsOf(all.get(athlete.id) ?? [], today, decidedAt).map(
      (chain): Wanted => ({ athlete, chain, basis: basisOf(chain, athlete, rules) }),
    ),
  );
  const reviews = await reviewsOf(tx, organisationId, wanted, rules);
  const told = await guardiansTold(
    tx,
    recent.map(({ id }) => id),
  );
  const seasons = await seasonsOfAthletes(tx, athletes, today);
  const asked = grouped(
    await tx
      .select({ athleteId: releaseRequests.athleteId, region: releaseRequests.region, side: releaseRequests.side })
      .from(releaseRequests)
      .where(isNull(releaseRequests.answeredAt)),
    ({ athleteId }) => athleteId,
  );
  const links = new Map(
    (
      await tx
        .select({ athleteId: athleteLinks.athleteId, expiresAt: athleteLinks.expiresAt })
        .from(athleteLinks)
        .where(isNull(athleteLinks.endedAt))
    ).map(({ athleteId, expiresAt }) => [athleteId, expiresAt.slice(0, 10)]),
  );
  return athletes.map((athlete): DeskAthlete => {
    const { id, name, born, battery } = athlete;
    const lastTest = battery
      .map(({ on }) => on)
      .sort()
      .at(-1);
    const linkUntil = links.get(id);
    return {
      ...{ id, name, minor: isMinor(born, today, consentAge) },
      sessions: (all.get(id) ?? []).map((line) =>
        deskSession(line, {
          ...{ review: reviews.get(line.id), guardian: told.get(line.id) },
          decided: (decided.get(line.id) ?? []).map(({ variant, at, ...row }) => ({
            ...{ variant, at, proposed: row.proposed as Move, decided: row.decided as Move },
          })),
        }),
      ),
      restrictions: athlete.restrictions.map(restrictionOf),
      byPhysio: athlete.restrictions.filter(({ physioId }) => physioId !== null).map(restrictionOf),
      asked: (asked.get(id) ?? []).map(({ region, side }) => ({ region, ...(side ? { side } : {}) })),
      fixtures: (seasons.get(id)?.fixtures ?? []).map(({ on }) => on),
      ...(lastTest ? { lastTest } : {}),
      ...(linkUntil ? { linkUntil } : {}),
    };
  });
}

/** What was put away, also what has come back since. */
export async function marksOf(tx: Transaction): Promise<DeskMark[]> {
  return tx.select({ athlete: deskMarks.athleteId, key: deskMarks.key, until: deskMarks.until }).from(deskMarks);
}

/** Puts entries away until a day, or for good until something new comes of them. */
export async function putAway(tx: Transaction, organisationId: string, entries: readonly DeskMark[]): Promise<void> {
  if (entries.length === 0) return;
  await tx
    .insert(deskMarks)
    .values(entries.map(({ athlete, key, until }) => ({ id: v7(), organisationId, athleteId: athlete, key, until })))
    .onConflictDoUpdate({
      target: [deskMarks.athleteId, deskMarks.key],
      set: { until: sql`excluded.until`, createdAt: sql`now()` },
    });
}

export async function takeBack(tx: Transaction, entries: readonly Pick<DeskMark, 'athlete' | 'key'>[]): Promise<void> {
  const these = entries.map(({ athlete, key }) => and(eq(deskMarks.athleteId, athlete), eq(deskMarks.key, key)));
  if (these.length > 0) await tx.delete(deskMarks).where(or(...these));
}

/** Decisions of late on what rules proposed, the latest first: what a coach keeps overruling shows in them. */
export async function pastDecisions(tx: Transaction, most = 400) {
  return tx
    .select({ rule: decisions.rule, proposed: decisions.proposed, decided: decisions.decided })
    .from(decisions)
    .where(isNotNull(decisions.rule))
    .orderBy(desc(decisions.decidedAt))
    .limit(most);
}
