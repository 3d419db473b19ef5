import { createHash } from 'node:crypto';
import { dayAfter } from '@tropaeum/core/date/days';
import type { ProgressRules } from '@tropaeum/core/progress/progress-rules';
import type { ReviewedSession } from '@tropaeum/core/review/reviewed-session';
import { type StoredReview, storedReview } from '@tropaeum/core/review/stored-review';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import { type ReadinessToday, sleepHoursOf } from '@tropaeum/core/session/player/readiness-today';
import { and, asc, eq, gte, inArray, lte, sql } from 'drizzle-orm';
import type { Transaction } from '../database/database';
import { sessionReadiness, sessionReports, sessionReviews, sessions } from '../database/schema';
import { type FullAthlete, restrictionOf, someAthletes } from './athletes';
import { grouped } from './grouped';
import { logsOf, readinessOf, reportsOf } from './results';
import { fullSessions, type SessionRow, sessionsBack } from './sessions';

/** How far back results are looked at; older than `decidable` they are not decided on any more, days. */
export const [lookBack, decidable] = [60, 14];
/** Sessions that are worked out at once; more wait, so that they do not all stand in memory. */
const atOnce = 40;
/** Of the rules as they are written: another one has everything worked out anew. */
const version = 2;

/** Sessions in a span of days with what was reported of them, without brief and plan, which are long. */
export const sessionLines = (tx: Transaction, from: string, to: string, athleteIds?: readonly string[]) =>
  tx
    .select({
      ...{ id: sessions.id, athleteId: sessions.athleteId, on: sessions.on, status: sessions.status },
      ...{ plannedEffort: sessions.plannedEffort, writtenFor: sessions.writtenFor },
      ...{ resultsRevision: sessions.resultsRevision, resultsAt: sessions.resultsAt },
      ...{ effort: sessionReports.effort, minutes: sessionReports.minutes, pain: sessionReports.pain },
      ...{ note: sessionReports.note, morning: sessionReports.morning, readiness: sessionReadiness.content },
    })
    .from(sessions)
    .leftJoin(sessionReports, eq(sessionReports.sessionId, sessions.id))
    .leftJoin(sessionReadiness, eq(sessionReadiness.sessionId, sessions.id))
    .where(
      and(
        gte(sessions.on, from),
        lte(sessions.on, to),
        athleteIds ? inArray(sessions.athleteId, [...athleteIds]) : undefined,
      ),
    )
    .orderBy(asc(sessions.on));
export type Line = Awaited<ReturnType<typeof sessionLines>>[number];

const digest = (value: unknown): string =>
  createHash('sha256').update(JSON.stringify(value)).digest('base64url').slice(0, 12);

/** What a review rests on: the session and those before as far as they have come, what holds for the athlete, and the rules. */
export const basisOf = (chain: readonly Line[], athlete: FullAthlete, rules: ProgressRules): string =>
  `${version} ${chain.map(({ id, resultsRevision }) => `${id.slice(-6)}.${resultsRevision}`).join(' ')} ${digest([athlete.restrictions.map(restrictionOf), rules])}`;

/** A session whose proposals are wanted. */
export interface Wanted {
  athlete: FullAthlete;
  /** The session, and before it those that its proposals look at; the session last. */
  chain: readonly Line[];
  basis: string;
}

/** How somebody was before, as far as the rules read it. */
const readinessFor = (told: ReadinessToday | undefined): Pick<ReviewedSession, 'readiness'> =>
  told
    ? {
        readiness: {
          ...(told.ill ? { ill: told.ill === 'ill' } : {}),
          ...(told.sleep ? { sleepHours: sleepHoursOf[told.sleep] } : {}),
        },
      }
    : {};

/** What came of some sessions, and each of them as it was done. */
export async function resultsOf(tx: Transaction, ids: readonly string[]) {
  const logs = grouped(await logsOf(tx, ids), (log) => log.sessionId);
  const reports = new Map((await reportsOf(tx, ids)).map((report) => [report.sessionId, report]));
  const told = new Map((await readinessOf(tx, ids)).map(({ sessionId, content }) => [sessionId, content]));
  const asDone = ({ id, on, plan }: SessionRow): ReviewedSession => ({
    ...{ on, plan, logs: logs.get(id) ?? [] },
    report: reports.get(id),
    ...readinessFor(told.get(id)),
  });
  return { asDone, reports, told };
}

/** What a session was composed from, under the restrictions of now. */
export const briefNow = ({ brief }: SessionRow, athlete: FullAthlete): Brief => ({
  ...brief,
  athlete: { ...brief.athlete, restrictions: athlete.restrictions.map(restrictionOf) },
});

/** Works out what the rules say of some sessions, and keeps it. */
async function workOut(
  tx: Transaction,
  organisationId: string,
  wanted: readonly Wanted[],
  rules: ProgressRules,
): Promise<Map<string, StoredReview>> {
  const found = new Map<string, StoredReview>();
  for (let from = 0; from < wanted.length; from += atOnce) {
    const some = wanted.slice(from, from + atOnce);
    const ids = [...new Set(some.flatMap(({ chain }) => chain.map(({ id }) => id)))];
    const full = new Map((await fullSessions(tx, ids)).map((session) => [session.id, session]));
    const { asDone } = await resultsOf(tx, ids);
    const rows = some.flatMap(({ athlete, chain, basis }) => {
      const all = chain.flatMap(({ id }) => full.get(id) ?? []);
      const session = all.at(-1);
      if (!session || session.id !== chain.at(-1)?.id) return [];
      const content = storedReview(asDone(session), briefNow(session, athlete), all.slice(0, -1).map(asDone), rules);
      found.set(session.id, content);
      return [{ sessionId: session.id, organisationId, athleteId: athlete.id, basis, content }];
    });
    if (rows.length > 0)
      await tx
        .insert(sessionReviews)
        .values(rows)
        .onConflictDoUpdate({
          target: sessionReviews.sessionId,
          set: { basis: sql`excluded.basis`, content: sql`excluded.content` },
        });
  }
  return found;
}

/** Sessions whose proposals the desk shows: the latest done one of each, and those decided on that something has come of since. */
export function chainsOf(own: readonly Line[], today: string, decidedAt: ReadonlyMap<string, string>): Line[][] {
  const done = own.filter(({ status }) => status === 'done');
  const late = (line: Line) => {
    const at = decidedAt.get(line.id);
    return at !== undefined && line.resultsAt !== null && line.resultsAt > at;
  };
  return done.flatMap((line, i) =>
    line.on > dayAfter(today, -decidable) && (i === done.length - 1 || late(line))
      ? [done.slice(Math.max(0, i - sessionsBack), i + 1)]
      : [],
  );
}

/** What the rules say of sessions, from what is kept as far as it still rests on the same. */
export async function reviewsOf(
  tx: Transaction,
  organisationId: string,
  wanted: readonly Wanted[],
  rules: ProgressRules,
): Promise<Map<string, StoredReview>> {
  const ids = wanted.map(({ chain }) => (chain.at(-1) as Line).id);
  if (ids.length === 0) return new Map();
  const kept = new Map(
    (await tx.select().from(sessionReviews).where(inArray(sessionReviews.sessionId, ids))).map((row) => [
      row.sessionId,
      row,
    ]),
  );
  const fresh = ids.flatMap((id, i) => {
    const row = kept.get(id);
    return row && row.basis === wanted[i]?.basis ? [[id, row.content] as const] : [];
  });
  const have = new Map(fresh);
  const missing = wanted.filter(({ chain }) => !have.has((chain.at(-1) as Line).id));
  return new Map([...have, ...(await workOut(tx, organisationId, missing, rules))]);
}

/** What the rules say of some sessions now; those that nobody sees here are left out. */
export async function reviewsForSessions(
  tx: Transaction,
  organisationId: string,
  ids: readonly string[],
  rules: ProgressRules,
): Promise<Map<string, StoredReview>> {
  const asked = await tx
    .select({ id: sessions.id, athleteId: sessions.athleteId, on: sessions.on })
    .from(sessions)
    .where(inArray(sessions.id, [...ids]));
  if (asked.length === 0) return new Map();
  const days = asked.map(({ on }) => on).sort();
  const people = [...new Set(asked.map(({ athleteId }) => athleteId))];
  const athletes = new Map((await someAthletes(tx, people)).map((athlete) => [athlete.id, athlete]));
  const from = dayAfter(days[0] as string, -lookBack);
  const all = grouped(await sessionLines(tx, from, days.at(-1) as string, people), ({ athleteId }) => athleteId);
  const wanted = asked.flatMap(({ id, athleteId }): Wanted[] => {
    const athlete = athletes.get(athleteId);
    const own = (all.get(athleteId) ?? []).filter((line) => line.id === id || line.status === 'done');
    const at = own.findIndex((line) => line.id === id);
    const chain = own.slice(Math.max(0, at - sessionsBack), at + 1);
    return athlete && at >= 0 ? [{ athlete, chain, basis: basisOf(chain, athlete, rules) }] : [];
  });
  return reviewsOf(tx, organisationId, wanted, rules);
}
