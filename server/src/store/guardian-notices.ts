import { guardianNotices as noticesFrom } from '@tropaeum/core/progress/guardian-notice';
import { and, eq, gte, inArray, isNull, sql } from 'drizzle-orm';
import type { Transaction } from '../database/database';
import { accounts, athletes, guardianNotices, sessions } from '../database/schema';
import { guardiansOf } from './care';
import { isMinorHere } from './consents';
import { readinessOf, reportsOf } from './results';

/** A notice that has not gone after so long is out of date, ms. */
const waitMs = 2 * 86_400_000;

/** Who is told of what an athlete reports: of minors, guardians with a sign-in. */
async function guardiansToTell(
  tx: Transaction,
  { id, born }: { id: string; born: string },
  today: string,
): Promise<string[]> {
  if (!(await isMinorHere(tx, born, today))) return [];
  return (await guardiansOf(tx, [id])).map(({ accountId }) => accountId);
}

/** Whether somebody at home is told of what an athlete reports. */
export const hasGuardianToTell = async (...asked: Parameters<typeof guardiansToTell>): Promise<boolean> =>
  (await guardiansToTell(...asked)).length > 0;

/** Notes what the guardians of a minor are to be told of a session, each once. */
export async function noticeGuardians(
  tx: Transaction,
  session: { id: string; athleteId: string; organisationId: string },
  { now, today }: { now: string; today: string },
): Promise<void> {
  const [report] = await reportsOf(tx, [session.id]);
  const [readiness] = await readinessOf(tx, [session.id]);
  const notices = noticesFrom({ report, readiness: readiness?.content });
  if (notices.length === 0) return;
  const ofSession = eq(athletes.id, session.athleteId);
  const [athlete] = await tx.select({ id: athletes.id, born: athletes.born }).from(athletes).where(ofSession);
  if (!athlete) return;
  const rows = (await guardiansToTell(tx, athlete, today)).flatMap((accountId) =>
    notices.map((notice) => ({
      ...{ ...notice, accountId, sessionId: session.id },
      ...{ organisationId: session.organisationId, noticedAt: now },
    })),
  );
  if (rows.length > 0) await tx.insert(guardianNotices).values(rows).onConflictDoNothing();
}

/** Notices whose mail has not gone, but those that are out of date. */
export const waitingNotices = (tx: Transaction, now: Date) =>
  tx
    .select({
      ...{ sessionId: guardianNotices.sessionId, accountId: guardianNotices.accountId, kind: guardianNotices.kind },
      ...{ text: guardianNotices.text, on: sessions.on, athlete: athletes.name },
      ...{ guardian: accounts.name, email: accounts.email },
    })
    .from(guardianNotices)
    .innerJoin(sessions, eq(sessions.id, guardianNotices.sessionId))
    .innerJoin(athletes, eq(athletes.id, sessions.athleteId))
    .innerJoin(accounts, eq(accounts.id, guardianNotices.accountId))
    .where(
      and(
        isNull(guardianNotices.sentAt),
        gte(guardianNotices.noticedAt, new Date(now.getTime() - waitMs).toISOString()),
      ),
    )
    .orderBy(guardianNotices.noticedAt);

type Notice = Pick<typeof guardianNotices.$inferSelect, 'sessionId' | 'accountId' | 'kind'>;

/** Holds a notice that waits, so that no other server sends it meanwhile; false where it is held or has gone. */
export async function holdNotice(tx: Transaction, one: Notice): Promise<boolean> {
  const held = await tx
    .select({ kind: guardianNotices.kind })
    .from(guardianNotices)
    .where(and(rowOf(one), isNull(guardianNotices.sentAt)))
    .for('update', { skipLocked: true });
  return held.length > 0;
}

/** Notes when the mail of a notice went. */
export const noticeSent = (tx: Transaction, one: Notice, sentAt: string) =>
  tx.update(guardianNotices).set({ sentAt }).where(rowOf(one));

const rowOf = ({ sessionId, accountId, kind }: Notice) =>
  and(
    eq(guardianNotices.sessionId, sessionId),
    eq(guardianNotices.accountId, accountId),
    eq(guardianNotices.kind, kind),
  );

/** Of which sessions guardians have been told all that there was, and of which something waits. */
export async function guardiansTold(
  tx: Transaction,
  sessionIds: readonly string[],
): Promise<Map<string, 'told' | 'waiting'>> {
  if (sessionIds.length === 0) return new Map();
  const rows = await tx
    .select({ id: guardianNotices.sessionId, told: sql<boolean>`bool_and(${guardianNotices.sentAt} is not null)` })
    .from(guardianNotices)
    .where(inArray(guardianNotices.sessionId, [...sessionIds]))
    .groupBy(guardianNotices.sessionId);
  return new Map(rows.map(({ id, told }) => [id, told ? 'told' : 'waiting']));
}
