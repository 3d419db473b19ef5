import { eq } from 'drizzle-orm';
import type { Transaction } from '../database/database';
import { coaches, organisations, signIns } from '../database/schema';

export async function addSignIn(tx: Transaction, signIn: typeof signIns.$inferInsert): Promise<void> {
  await tx.insert(signIns).values(signIn);
}

export async function endSignIn(tx: Transaction, tokenHash: string): Promise<void> {
  await tx.delete(signIns).where(eq(signIns.tokenHash, tokenHash));
}

export async function coachById(tx: Transaction, id: string) {
  const rows = await tx
    .select({ id: coaches.id, name: coaches.name, email: coaches.email, organisation: organisations.name })
    .from(coaches)
    .innerJoin(organisations, eq(coaches.organisationId, organisations.id))
    .where(eq(coaches.id, id));
  return rows[0];
}
