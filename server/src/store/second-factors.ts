import { eq } from 'drizzle-orm';
import type { Transaction } from '../database/database';
import { secondFactors } from '../database/schema';

/** The second factor of an account, locked so that no code opens twice at one moment. */
export async function secondFactorOf(tx: Transaction, accountId: string) {
  const [row] = await tx.select().from(secondFactors).where(eq(secondFactors.accountId, accountId)).for('update');
  return row;
}

export async function beginSecondFactor(
  tx: Transaction,
  organisationId: string,
  accountId: string,
  secret: string,
): Promise<void> {
  await tx
    .insert(secondFactors)
    .values({ accountId, organisationId, secret })
    .onConflictDoUpdate({ target: secondFactors.accountId, set: { secret, recoveryHashes: [], lastStep: 0 } });
}

export async function changeSecondFactor(
  tx: Transaction,
  accountId: string,
  fields: Partial<Pick<typeof secondFactors.$inferInsert, 'confirmedAt' | 'recoveryHashes' | 'lastStep'>>,
): Promise<void> {
  await tx.update(secondFactors).set(fields).where(eq(secondFactors.accountId, accountId));
}

export async function endSecondFactor(tx: Transaction, accountId: string): Promise<void> {
  await tx.delete(secondFactors).where(eq(secondFactors.accountId, accountId));
}
