import { and, desc, eq, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { Transaction } from '../database/database';
import { accounts, athletes, auditEntries } from '../database/schema';

type Entry = Omit<typeof auditEntries.$inferInsert, 'id' | 'at'> & { ofSession?: string };

/** Puts down what somebody has done; of a session it is found whose it is. */
export async function addAudit(tx: Transaction, { ofSession, ...entry }: Entry): Promise<void> {
  await tx.insert(auditEntries).values({
    ...entry,
    id: v7(),
    ...(ofSession ? { athleteId: sql`(select athlete_id from sessions where id = ${ofSession})` } : {}),
  });
}

/** The trail, the latest first, so many at most; people and athletes who are gone have no name. */
export async function auditOf(
  tx: Transaction,
  { before, athleteId }: { before?: { at: string; id: string }; athleteId?: string },
  most: number,
) {
  return tx
    .select({
      id: auditEntries.id,
      at: sql<string>`to_char(${auditEntries.at} at time zone 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.US"Z"')`,
      who: accounts.name,
      action: auditEntries.action,
      subject: auditEntries.subject,
      athleteId: auditEntries.athleteId,
      athlete: athletes.name,
      fields: auditEntries.fields,
      address: auditEntries.address,
    })
    .from(auditEntries)
    .leftJoin(accounts, eq(accounts.id, auditEntries.accountId))
    .leftJoin(athletes, eq(athletes.id, auditEntries.athleteId))
    .where(
      and(
        // Entries of one transaction stand at one moment: the id tells them apart.
        before
          ? sql`(${auditEntries.at}, ${auditEntries.id}) < (${before.at}::timestamptz, ${before.id}::uuid)`
          : undefined,
        athleteId ? eq(auditEntries.athleteId, athleteId) : undefined,
      ),
    )
    .orderBy(desc(auditEntries.at), desc(auditEntries.id))
    .limit(most);
}
