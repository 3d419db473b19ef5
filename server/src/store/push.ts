import type { ReminderWishes } from '@tropaeum/core/session/player/reminders';
import { and, desc, eq, gt, lte, ne, type SQL, sql } from 'drizzle-orm';
import type { Database, Transaction } from '../database/database';
import { athletes, pushKeys, pushSubscriptions, reminders, sessions } from '../database/schema';
import type { PushKeys, PushTarget } from '../push/push-service';

export type PushSubscriptionRow = typeof pushSubscriptions.$inferSelect;

/** No club: what is read belongs to the server. */
const nobody = '00000000-0000-0000-0000-000000000000';

/** Phones that one athlete may have; the oldest goes. */
const mostPhones = 5;

/** Keeps where a phone is reached and when; the same phone once more replaces what it wished before, whoever it was. */
export async function subscribe(
  tx: Transaction,
  row: { id: string; organisationId: string; athleteId: string; wishes: ReminderWishes } & PushTarget,
): Promise<void> {
  const { athleteId, keys, wishes } = row;
  await tx
    .insert(pushSubscriptions)
    .values(row)
    .onConflictDoUpdate({ target: pushSubscriptions.endpoint, set: { athleteId, keys, wishes } });
  await tx.execute(sql`delete from push_subscriptions where athlete_id = ${athleteId} and id not in (
    select id from push_subscriptions where athlete_id = ${athleteId} order by created_at desc, id desc limit ${mostPhones})`);
}

/** Other wishes of a phone that is known; false where it is not. */
export async function changeWishes(
  tx: Transaction,
  athleteId: string,
  endpoint: string,
  wishes: ReminderWishes,
): Promise<boolean> {
  const own = and(eq(pushSubscriptions.athleteId, athleteId), eq(pushSubscriptions.endpoint, endpoint));
  const changed = await tx.update(pushSubscriptions).set({ wishes }).where(own).returning({ id: pushSubscriptions.id });
  return changed.length > 0;
}

export async function unsubscribe(tx: Transaction, athleteId: string, endpoint: string): Promise<void> {
  await tx
    .delete(pushSubscriptions)
    .where(and(eq(pushSubscriptions.athleteId, athleteId), eq(pushSubscriptions.endpoint, endpoint)));
}

export const removeSubscription = (tx: Transaction, id: string) =>
  tx.delete(pushSubscriptions).where(eq(pushSubscriptions.id, id));

export const allSubscriptions = (tx: Transaction): Promise<PushSubscriptionRow[]> =>
  tx.select().from(pushSubscriptions).orderBy(pushSubscriptions.athleteId);

/** Where the phones of a club are reached, with whose they are. */
export const namedSubscriptions = (tx: Transaction): Promise<{ name: string; endpoint: string }[]> =>
  tx
    .select({ name: athletes.name, endpoint: pushSubscriptions.endpoint })
    .from(pushSubscriptions)
    .innerJoin(athletes, eq(athletes.id, pushSubscriptions.athleteId));

export const subscriptionsOf = (tx: Transaction, athleteId: string): Promise<PushSubscriptionRow[]> =>
  tx.select().from(pushSubscriptions).where(eq(pushSubscriptions.athleteId, athleteId));

/** The session that an athlete may be reminded of: the latest up to today where it is still to be done, else the next one sent. Its plan, which is long, stays. */
export async function sessionToRemindOf(tx: Transaction, athleteId: string, today: string, to: string) {
  const line = { id: sessions.id, on: sessions.on, status: sessions.status, planned: sessions.planned };
  const ofAthlete = (...more: SQL[]) =>
    tx
      .select(line)
      .from(sessions)
      .where(and(eq(sessions.athleteId, athleteId), ...more));
  const [toDo] = await ofAthlete(lte(sessions.on, today), ne(sessions.status, 'draft'))
    .orderBy(desc(sessions.on))
    .limit(1);
  if (toDo?.status === 'sent') return toDo;
  const ahead = ofAthlete(gt(sessions.on, today), lte(sessions.on, to), eq(sessions.status, 'sent'));
  return (await ahead.orderBy(sessions.on).limit(1))[0];
}

/** What a phone was reminded of. */
export async function remindedOf(tx: Transaction, subscriptionId: string): Promise<Set<string>> {
  const rows = await tx
    .select({ key: reminders.key })
    .from(reminders)
    .where(eq(reminders.subscriptionId, subscriptionId));
  return new Set(rows.map(({ key }) => key));
}

/** Takes a reminder to be sent, so that no other server sends it too; false where it is taken. */
export async function claim(tx: Transaction, row: typeof reminders.$inferInsert): Promise<boolean> {
  return (await tx.insert(reminders).values(row).onConflictDoNothing().returning({ key: reminders.key })).length > 0;
}

/** What came of a reminder; one that is to be tried again is let go. */
export async function settle(
  tx: Transaction,
  subscriptionId: string,
  key: string,
  came: 'refused' | 'later',
): Promise<void> {
  const which = and(eq(reminders.subscriptionId, subscriptionId), eq(reminders.key, key));
  if (came === 'later') await tx.delete(reminders).where(which);
  else await tx.update(reminders).set({ came }).where(which);
}

/** The keys of this server, read once. */
export function pushKeysOf(database: Database): () => Promise<PushKeys> {
  let kept: PushKeys | undefined;
  return async () => {
    kept ??= await database.asOrganisation(nobody, async (tx) => (await tx.select().from(pushKeys))[0]);
    if (!kept) throw new Error('the server has no keys for push services; it was not prepared');
    return kept;
  };
}
