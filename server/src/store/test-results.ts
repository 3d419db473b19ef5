import type { TestResult } from '@tropaeum/core/athlete/performance-record';
import { eq } from 'drizzle-orm';
import type { Transaction } from '../database/database';
import { athletes } from '../database/schema';

/** Keeps what a test at home came to; one of the same day and side once more replaces it. False where there is no such athlete. */
export async function addTestResult(tx: Transaction, athleteId: string, result: TestResult): Promise<boolean> {
  const [row] = await tx
    .select({ battery: athletes.battery })
    .from(athletes)
    .where(eq(athletes.id, athleteId))
    .for('update');
  if (!row) return false;
  const isSame = (one: TestResult) => one.test === result.test && one.on === result.on && one.side === result.side;
  const battery = [...row.battery.filter((one) => !isSame(one)), result];
  await tx.update(athletes).set({ battery }).where(eq(athletes.id, athleteId));
  return true;
}
