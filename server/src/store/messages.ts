import { desc, eq, sql } from 'drizzle-orm';
import { alias } from 'drizzle-orm/pg-core';
import { v7 } from 'uuid';
import type { Transaction } from '../database/database';
import { athleteLinks, athletes, messages } from '../database/schema';

export async function addMessage(tx: Transaction, message: Omit<typeof messages.$inferInsert, 'id'>): Promise<string> {
  const id = v7();
  await tx.insert(messages).values({ ...message, id });
  return id;
}

export async function markDelivered(tx: Transaction, id: string, at: string): Promise<void> {
  await tx.update(messages).set({ deliveredAt: at }).where(eq(messages.id, id));
}

/** The latest messages, what became of the link in each, and of the newest link of its athlete, which may have come in none. */
export async function outbox(tx: Transaction, most = 100) {
  const links = alias(athleteLinks, 'links');
  const newest = tx
    .select({
      until: sql<string>`${links.expiresAt}`.as('newest_until'),
      ended: sql<'newer' | 'coach' | null>`${links.endedBy}`.as('newest_ended'),
    })
    .from(links)
    .where(eq(links.athleteId, messages.athleteId))
    .orderBy(desc(links.createdAt))
    .limit(1)
    .as('newest');
  return tx
    .select({
      id: messages.id,
      athleteId: messages.athleteId,
      athlete: athletes.name,
      sessionId: messages.sessionId,
      body: messages.body,
      createdAt: messages.createdAt,
      deliveredAt: messages.deliveredAt,
      linkUntil: athleteLinks.expiresAt,
      linkEnded: athleteLinks.endedBy,
      newestUntil: newest.until,
      newestEnded: newest.ended,
    })
    .from(messages)
    .innerJoin(athletes, eq(messages.athleteId, athletes.id))
    .leftJoin(athleteLinks, eq(messages.linkHash, athleteLinks.tokenHash))
    .leftJoinLateral(newest, sql`true`)
    .orderBy(desc(messages.createdAt))
    .limit(most);
}
