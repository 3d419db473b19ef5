import type { CustomExercise } from '@tropaeum/core/exercise/model/custom-exercise';
import { asc, eq } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { Transaction } from '../database/database';
import { ownVariants } from '../database/schema';

export async function allOwnVariants(tx: Transaction): Promise<CustomExercise[]> {
  const rows = await tx.select({ words: ownVariants.words }).from(ownVariants).orderBy(asc(ownVariants.variantId));
  return rows.map((r) => r.words);
}

export async function addOwnVariant(tx: Transaction, organisationId: string, words: CustomExercise): Promise<void> {
  await tx.insert(ownVariants).values({ id: v7(), organisationId, variantId: words.id, words });
}

/** False when there is no such variant in the organisation. */
export async function changeOwnVariant(tx: Transaction, variantId: string, words: CustomExercise): Promise<boolean> {
  const changed = await tx
    .update(ownVariants)
    .set({ words, variantId: words.id })
    .where(eq(ownVariants.variantId, variantId))
    .returning({ id: ownVariants.id });
  return changed.length > 0;
}

export async function removeOwnVariant(tx: Transaction, variantId: string): Promise<boolean> {
  const removed = await tx
    .delete(ownVariants)
    .where(eq(ownVariants.variantId, variantId))
    .returning({ id: ownVariants.id });
  return removed.length > 0;
}
