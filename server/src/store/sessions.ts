import { doseOfPlan } from '@tropaeum/core/season/written';
import type { Brief } from '@tropaeum/core/session/brief';
import type { Draft } from '@tropaeum/core/session/draft';
import type { Plan } from '@tropaeum/core/session/plan';
import { workByQuality } from '@tropaeum/core/session/work';
import type { SessionType } from '@tropaeum/core/session-type/session-type';
import { and, desc, eq, gte, inArray, lte, ne, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { Transaction } from '../database/database';
import { athletes, decisions, sessionReports, sessions, setLogs } from '../database/schema';

export type SessionRow = typeof sessions.$inferSelect;
export type LogRow = typeof setLogs.$inferSelect;
export type ReportRow = typeof sessionReports.$inferSelect;

export interface SessionContent {
  brief: Brief;
  draft: Draft;
  plan: Plan;
}

/** What is stored of a session's content; work and dose are always the plan's own. */
const stored = (content: SessionContent) => ({
  ...content,
  work: workByQuality(content.plan),
  dose: doseOfPlan(content.plan),
});

/** Sessions of everybody in a span of days, without their plans: what lists and the ribbon need. */
export async function sessionsBetween(tx: Transaction, from: string, to: string) {
  return tx
    .select({
      id: sessions.id,
      athleteId: sessions.athleteId,
      on: sessions.on,
      status: sessions.status,
      work: sessions.work,
      planned: sql<number>`(${sessions.plan}->'minutes'->>'planned')::float`,
    })
    .from(sessions)
    .where(and(gte(sessions.on, from), lte(sessions.on, to)))
    .orderBy(sessions.on);
}

/** Sessions of one squad in a span of days, likewise. */
export async function sessionsOfSquad(tx: Transaction, squadId: string, from: string, to: string) {
  return tx
    .select({
      id: sessions.id,
      athleteId: sessions.athleteId,
      on: sessions.on,
      status: sessions.status,
      dose: sessions.dose,
      type: sql<SessionType | null>`${sessions.brief}->>'sessionType'`,
      planned: sql<number>`(${sessions.plan}->'minutes'->>'planned')::float`,
    })
    .from(sessions)
    .innerJoin(athletes, eq(athletes.id, sessions.athleteId))
    .where(and(eq(athletes.squadId, squadId), gte(sessions.on, from), lte(sessions.on, to)))
    .orderBy(sessions.on);
}

export async function sessionsOfAthlete(tx: Transaction, athleteId: string, most = 60): Promise<SessionRow[]> {
  return tx.select().from(sessions).where(eq(sessions.athleteId, athleteId)).orderBy(desc(sessions.on)).limit(most);
}

export async function sessionById(tx: Transaction, id: string): Promise<SessionRow | undefined> {
  return (await tx.select().from(sessions).where(eq(sessions.id, id)))[0];
}

export async function sessionOn(tx: Transaction, athleteId: string, on: string): Promise<SessionRow | undefined> {
  return (
    await tx
      .select()
      .from(sessions)
      .where(and(eq(sessions.athleteId, athleteId), eq(sessions.on, on)))
  )[0];
}

/** The sent session an athlete should do: the latest up to today that is not done, else today's. */
export async function sessionToDo(tx: Transaction, athleteId: string, today: string): Promise<SessionRow | undefined> {
  const rows = await tx
    .select()
    .from(sessions)
    .where(and(eq(sessions.athleteId, athleteId), lte(sessions.on, today), ne(sessions.status, 'draft')))
    .orderBy(desc(sessions.on))
    .limit(1);
  return rows[0];
}

export async function addSession(
  tx: Transaction,
  organisationId: string,
  athleteId: string,
  on: string,
  content: SessionContent,
): Promise<SessionRow> {
  const rows = await tx
    .insert(sessions)
    .values({ id: v7(), organisationId, athleteId, on, ...stored(content) })
    .returning();
  return rows[0] as SessionRow;
}

/** Saves over the revision that the coach has seen; undefined when somebody saved in between. */
export async function saveSession(
  tx: Transaction,
  id: string,
  revision: number,
  content: SessionContent,
): Promise<SessionRow | undefined> {
  const rows = await tx
    .update(sessions)
    .set({ ...stored(content), revision: revision + 1, updatedAt: sql`now()` })
    .where(and(eq(sessions.id, id), eq(sessions.revision, revision)))
    .returning();
  return rows[0];
}

/** What a session holds worked out anew, without counting as a save: nobody has written in it. */
export async function bringUpToDate(tx: Transaction, id: string, content: SessionContent): Promise<void> {
  await tx.update(sessions).set(stored(content)).where(eq(sessions.id, id));
}

export async function markSent(tx: Transaction, id: string, at: string): Promise<void> {
  await tx
    .update(sessions)
    .set({ status: 'sent', sentAt: at })
    .where(and(eq(sessions.id, id), eq(sessions.status, 'draft')));
}

export type IncomingLog = Pick<LogRow, 'id' | 'variant' | 'setNumber' | 'side' | 'amount' | 'doneAt'> & {
  note?: string | undefined;
  reserve?: number | null | undefined;
};

/** Keeps logged sets. One that has come before stays one; an amount the athlete has put right since replaces the old one. */
export async function addLogs(
  tx: Transaction,
  organisationId: string,
  sessionId: string,
  logs: readonly IncomingLog[],
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
