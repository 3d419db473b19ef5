import type { PainReport } from '@tropaeum/core/athlete/athlete';
import type { LoggedSet } from '@tropaeum/core/athlete/logged-set';
import { dayAfter } from '@tropaeum/core/date/days';
import { and, desc, eq, gte, inArray, lt, sql } from 'drizzle-orm';
import type { Transaction } from '../database/database';
import { decisions, sessionReadiness, sessionReports, sessions, setLogs } from '../database/schema';

export type LogRow = typeof setLogs.$inferSelect;
export type ReportRow = typeof sessionReports.$inferSelect;

/** Keeps logged sets. One that has come before stays one; an amount the athlete has put right since replaces the old one. */
export async function addLogs(
  tx: Transaction,
  organisationId: string,
  sessionId: string,
  logs: readonly LoggedSet[],
): Promise<void> {
  if (logs.length === 0) return;
  await tx
    .insert(setLogs)
    .values(logs.map((log) => ({ ...log, organisationId, sessionId })))
    .onConflictDoUpdate({
      target: [setLogs.sessionId, setLogs.id],
      set: { amount: sql`excluded.amount`, reserve: sql`excluded.reserve`, note: sql`excluded.note` },
    });
  await resultsCame(tx, sessionId);
}

/** Something of a session has arrived: what was worked out of it before is out of date. */
async function resultsCame(tx: Transaction, sessionId: string): Promise<void> {
  const resultsRevision = sql`${sessions.resultsRevision} + 1`;
  await tx.update(sessions).set({ resultsRevision, resultsAt: sql`now()` }).where(eq(sessions.id, sessionId));
}

export async function logsOf(tx: Transaction, sessionIds: readonly string[]): Promise<LogRow[]> {
  if (sessionIds.length === 0) return [];
  return tx
    .select()
    .from(setLogs)
    .where(inArray(setLogs.sessionId, [...sessionIds]))
    .orderBy(setLogs.doneAt, setLogs.id);
}

export async function reportsOf(tx: Transaction, sessionIds: readonly string[]): Promise<ReportRow[]> {
  if (sessionIds.length === 0) return [];
  return tx
    .select()
    .from(sessionReports)
    .where(inArray(sessionReports.sessionId, [...sessionIds]));
}

/** What an athlete says of a whole session; what was said of the next morning stays. */
export type NewReport = Omit<ReportRow, 'morning' | 'morningAt'>;

export async function addReport(tx: Transaction, report: NewReport): Promise<void> {
  const { sessionId, organisationId, ...words } = report;
  await tx.insert(sessionReports).values(report).onConflictDoUpdate({ target: sessionReports.sessionId, set: words });
  await tx.update(sessions).set({ status: 'done' }).where(eq(sessions.id, sessionId));
  await resultsCame(tx, sessionId);
}

type ReadinessRow = typeof sessionReadiness.$inferSelect;

/** How an athlete was before a session, as it was said last. */
export async function addReadiness(tx: Transaction, told: ReadinessRow): Promise<void> {
  const { content, toldAt } = told;
  const target = sessionReadiness.sessionId;
  await tx.insert(sessionReadiness).values(told).onConflictDoUpdate({ target, set: { content, toldAt } });
  await resultsCame(tx, told.sessionId);
}

export async function readinessOf(tx: Transaction, sessionIds: readonly string[]): Promise<ReadinessRow[]> {
  if (sessionIds.length === 0) return [];
  return tx
    .select()
    .from(sessionReadiness)
    .where(inArray(sessionReadiness.sessionId, [...sessionIds]));
}

/** How it was the morning after; false where the session has no report. */
export async function addMorning(
  tx: Transaction,
  sessionId: string,
  morning: PainReport[],
  at: string,
): Promise<boolean> {
  const rows = await tx
    .update(sessionReports)
    .set({ morning, morningAt: at })
    .where(eq(sessionReports.sessionId, sessionId))
    .returning({ id: sessionReports.sessionId });
  if (rows.length > 0) await resultsCame(tx, sessionId);
  return rows.length > 0;
}

export type DecisionRow = typeof decisions.$inferSelect;

/** What was decided on the items of some sessions. */
export async function decisionsOf(tx: Transaction, sessionIds: readonly string[]): Promise<DecisionRow[]> {
  if (sessionIds.length === 0) return [];
  return tx
    .select()
    .from(decisions)
    .where(inArray(decisions.sessionId, [...sessionIds]));
}

export type NewDecision = typeof decisions.$inferInsert;

/** Keeps decisions; one on the same item replaces the one before. */
export async function decideAll(tx: Transaction, all: readonly NewDecision[]): Promise<void> {
  if (all.length === 0) return;
  await tx
    .insert(decisions)
    .values([...all])
    .onConflictDoUpdate({
      target: [decisions.sessionId, decisions.variant],
      set: {
        ...{ proposed: sql`excluded.proposed`, decided: sql`excluded.decided`, overruled: sql`excluded.overruled` },
        ...{ rule: sql`excluded.rule`, next: sql`excluded.next`, reason: sql`excluded.reason`, decidedAt: sql`now()` },
      },
    });
}

/** Takes decisions back. */
export async function undecide(tx: Transaction, sessionId: string, variants: readonly string[]): Promise<void> {
  if (variants.length === 0) return;
  await tx.delete(decisions).where(and(eq(decisions.sessionId, sessionId), inArray(decisions.variant, [...variants])));
}

/** A morning further back than this is not remembered, days. */
const morningDays = 3;

/** The latest session whose next morning has come and has not been told of; nothing where it is long ago. */
export async function morningToAsk(tx: Transaction, athleteId: string, today: string) {
  const [latest] = await tx
    .select({ sessionId: sessions.id, on: sessions.on, pain: sessionReports.pain, morning: sessionReports.morning })
    .from(sessions)
    .innerJoin(sessionReports, eq(sessionReports.sessionId, sessions.id))
    .where(
      and(eq(sessions.athleteId, athleteId), lt(sessions.on, today), gte(sessions.on, dayAfter(today, -morningDays))),
    )
    .orderBy(desc(sessions.on))
    .limit(1);
  if (!latest || latest.morning !== null) return undefined;
  const { morning: _, ...asked } = latest;
  return asked;
}
