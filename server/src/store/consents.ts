import { isMinor, usualConsentAge } from '@tropaeum/core/people/consent';
import { and, asc, desc, eq, inArray, isNull, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { Transaction } from '../database/database';
import { consents, pendingAthletes } from '../database/schema';
import { clubSettings } from './accounts';
import { deleteAthlete } from './athletes';

/** Somebody of whom nothing but the name is kept. */
export type PendingAthlete = typeof pendingAthletes.$inferSelect;

/** The age from which an athlete decides alone, in this club. */
export async function consentAgeOf(tx: Transaction): Promise<number> {
  return (await clubSettings(tx)).consentAge ?? usualConsentAge;
}

/** Consents that stand, of some athletes. */
export async function standingConsents(tx: Transaction, athleteIds: readonly string[]) {
  if (athleteIds.length === 0) return [];
  return tx
    .select({
      athleteId: consents.athleteId,
      version: consents.version,
      wording: consents.wording,
      givenAt: consents.givenAt,
      givenName: consents.givenName,
    })
    .from(consents)
    .where(and(inArray(consents.athleteId, [...athleteIds]), isNull(consents.withdrawnAt)));
}

/** Every consent that was given for an athlete, the latest first, with what became of it. */
export async function consentsOf(tx: Transaction, athleteId: string) {
  return tx.select().from(consents).where(eq(consents.athleteId, athleteId)).orderBy(desc(consents.givenAt));
}

/** Whether a guardian decides for somebody born on a day, in this club. */
export const isMinorHere = async (tx: Transaction, born: string, today: string): Promise<boolean> =>
  isMinor(born, today, await consentAgeOf(tx));

/** Whether a minor is without the consent of a guardian on a day. */
export async function lacksConsent(
  tx: Transaction,
  { id, born }: { id: string; born: string },
  today: string,
): Promise<boolean> {
  if (!(await isMinorHere(tx, born, today))) return false;
  return (await standingConsents(tx, [id])).length === 0;
}

/** Keeps a consent; where one stands already it stays the one that counts. */
export async function giveConsent(tx: Transaction, consent: Omit<typeof consents.$inferInsert, 'id'>): Promise<void> {
  await tx
    .insert(consents)
    .values({ ...consent, id: v7() })
    .onConflictDoNothing();
}

/** Ends the consent that stands; false where none did. What was agreed to and when stays. */
export async function withdrawConsent(tx: Transaction, athleteId: string, name: string): Promise<boolean> {
  const ended = await tx
    .update(consents)
    .set({ withdrawnAt: sql`now()`, withdrawnName: name })
    .where(and(eq(consents.athleteId, athleteId), isNull(consents.withdrawnAt)))
    .returning({ id: consents.id });
  return ended.length > 0;
}

export async function addPending(
  tx: Transaction,
  person: { organisationId: string; squadId: string; name: string; id?: string },
): Promise<string> {
  const id = person.id ?? v7();
  await tx.insert(pendingAthletes).values({ ...person, id });
  return id;
}

export async function allPending(tx: Transaction): Promise<PendingAthlete[]> {
  return tx.select().from(pendingAthletes).orderBy(asc(pendingAthletes.name));
}

export async function pendingById(tx: Transaction, id: string): Promise<PendingAthlete | undefined> {
  return (await tx.select().from(pendingAthletes).where(eq(pendingAthletes.id, id)))[0];
}

export async function removePending(tx: Transaction, id: string): Promise<boolean> {
  const gone = await tx.delete(pendingAthletes).where(eq(pendingAthletes.id, id)).returning({ id: pendingAthletes.id });
  return gone.length > 0;
}

/** Deletes everything of an athlete but the name: who was an athlete waits for consent again. */
export async function reduceToName(
  tx: Transaction,
  { id, organisationId, squadId, name }: { id: string; organisationId: string; squadId: string; name: string },
): Promise<void> {
  await deleteAthlete(tx, id);
  await addPending(tx, { id, organisationId, squadId, name });
}
