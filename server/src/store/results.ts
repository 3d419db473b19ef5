import type { LoggedSet } from '@tropaeum/core/athlete/logged-set';
import { eq, inArray, sql } from 'drizzle-orm';
import type { Transaction } from '../database/database';
import { decisions, sessionReports, sessions, setLogs } from '../database/schema';

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

export async function addReport(tx: Transaction, report: ReportRow): Promise<void> {
  const { sessionId, organisationId, ...words } = report;
  await tx.insert(sessionReports).values(report).onConflictDoUpdate({ target: sessionReports.sessionId, set: words });
  await tx.update(sessions).set({ status: 'done' }).where(eq(sessions.id, sessionId));
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

export async function decide(tx: Transaction, decision: typeof decisions.$inferInsert): Promise<void> {
  const { proposed, decided, overruled } = decision;
  await tx
    .insert(decisions)
    .values(decision)
    .onConflictDoUpdate({
      target: [decisions.sessionId, decisions.variant],
      set: { proposed, decided, overruled, decidedAt: sql`now()` },
    });
}
