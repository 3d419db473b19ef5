import { desc, eq } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { Transaction } from '../database/database';
import { athleteLinks, athletes, messages } from '../database/schema';

export async function addLink(
  tx: Transaction,
  organisationId: string,
  athleteId: string,
  tokenHash: string,
  expiresAt: string,
): Promise<void> {
  await tx.insert(athleteLinks).values({ tokenHash, organisationId, athleteId, expiresAt });
}

export async function addMessage(tx: Transaction, message: Omit<typeof messages.$inferInsert, 'id'>): Promise<string> {
  const id = v7();
  await tx.insert(messages).values({ ...message, id });
  return id;
}

export async function markDelivered(tx: Transaction, id: string, at: string): Promise<void> {
  await tx.update(messages).set({ deliveredAt: at }).where(eq(messages.id, id));
}

export async function outbox(tx: Transaction, most = 100) {
  return tx
    .select({
      id: messages.id,
      athleteId: messages.athleteId,
      athlete: athletes.name,
      sessionId: messages.sessionId,
      body: messages.body,
      link: messages.link,
      createdAt: messages.createdAt,
      deliveredAt: messages.deliveredAt,
    })
    .from(messages)
    .innerJoin(athletes, eq(messages.athleteId, athletes.id))
    .orderBy(desc(messages.createdAt))
    .limit(most);
}
