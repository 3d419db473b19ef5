import type { Units } from '@tropaeum/core/common/units';
import type { Role } from '@tropaeum/core/people/permissions';
import { and, asc, desc, eq, gt, inArray, ne, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { Transaction } from '../database/database';
import {
  accountAthletes,
  accountSquads,
  accounts,
  athletes,
  type ClubSettings,
  organisations,
  pendingAthletes,
  signIns,
  squads,
} from '../database/schema';
import { addAthletesTo } from './care';
import { grouped } from './grouped';

export async function addSignIn(tx: Transaction, signIn: typeof signIns.$inferInsert): Promise<void> {
  await tx.insert(signIns).values(signIn);
}

export async function endSignIn(tx: Transaction, tokenHash: string): Promise<void> {
  await tx.delete(signIns).where(eq(signIns.tokenHash, tokenHash));
}

/** Sign-ins of an account that still open, the latest first, and which of them asks. */
export async function signInsOf(tx: Transaction, accountId: string, ownHash: string) {
  return tx
    .select({
      id: signIns.id,
      createdAt: signIns.createdAt,
      expiresAt: signIns.expiresAt,
      agent: signIns.agent,
      address: signIns.address,
      own: sql<boolean>`${signIns.tokenHash} = ${ownHash}`,
    })
    .from(signIns)
    .where(and(eq(signIns.accountId, accountId), gt(signIns.expiresAt, sql`now()`)))
    .orderBy(desc(signIns.createdAt));
}

/** Ends one sign-in of an account, or all but one; how many. */
export async function endSignInsOf(
  tx: Transaction,
  accountId: string,
  which: { id?: string; exceptHash?: string },
): Promise<number> {
  const ended = await tx
    .delete(signIns)
    .where(
      and(
        eq(signIns.accountId, accountId),
        which.id ? eq(signIns.id, which.id) : undefined,
        which.exceptHash ? ne(signIns.tokenHash, which.exceptHash) : undefined,
      ),
    )
    .returning({ id: signIns.id });
  return ended.length;
}

/** Who is asking, with the club. */
export async function accountById(tx: Transaction, id: string) {
  const [row] = await tx
    .select({
      id: accounts.id,
      name: accounts.name,
      email: accounts.email,
      role: accounts.role,
      organisation: organisations.name,
      settings: organisations.settings,
      hasSecondFactor: sql<boolean>`exists (select 1 from second_factors f where f.account_id = ${accounts.id} and f.confirmed_at is not null)`,
    })
    .from(accounts)
    .innerJoin(organisations, eq(accounts.organisationId, organisations.id))
    .where(eq(accounts.id, id));
  return row;
}

/** Everybody of the club, with the squads they are limited to. */
export async function peopleOf(tx: Transaction) {
  const rows = await tx
    .select({ id: accounts.id, name: accounts.name, email: accounts.email, role: accounts.role })
    .from(accounts)
    .orderBy(asc(accounts.createdAt), asc(accounts.id));
  const squadsBy = grouped(await tx.select().from(accountSquads), (one) => one.accountId);
  const athletesBy = grouped(await tx.select().from(accountAthletes), (one) => one.accountId);
  return rows.map((row) => ({
    ...row,
    squadIds: (squadsBy.get(row.id) ?? []).map((one) => one.squadId),
    athleteIds: (athletesBy.get(row.id) ?? []).map((one) => one.athleteId),
  }));
}

export async function addAccount(
  tx: Transaction,
  account: {
    organisationId: string;
    email: string;
    name: string;
    role: Role;
    passwordHash: string;
    squadIds: readonly string[];
    athleteIds?: readonly string[];
  },
): Promise<string> {
  const { squadIds, athleteIds = [], ...row } = account;
  const id = v7();
  await tx.insert(accounts).values({ ...row, id });
  await limitTo(tx, account.organisationId, id, squadIds);
  await addAthletesTo(tx, account.organisationId, id, athleteIds);
  return id;
}

/** Limits an account to squads; to none means that it sees all. */
export async function limitTo(
  tx: Transaction,
  organisationId: string,
  accountId: string,
  squadIds: readonly string[],
): Promise<void> {
  await tx.delete(accountSquads).where(eq(accountSquads.accountId, accountId));
  if (squadIds.length > 0)
    await tx.insert(accountSquads).values(squadIds.map((squadId) => ({ accountId, squadId, organisationId })));
}

/** Which of some squads are of the club. */
export async function squadsAmong(tx: Transaction, ids: readonly string[]): Promise<string[]> {
  if (ids.length === 0) return [];
  return (
    await tx
      .select({ id: squads.id })
      .from(squads)
      .where(inArray(squads.id, [...ids]))
  ).map(({ id }) => id);
}

/** Which of some athletes are of the club, names that wait for consent too. */
export async function athletesAmong(tx: Transaction, ids: readonly string[]): Promise<string[]> {
  if (ids.length === 0) return [];
  const there = await Promise.all(
    [athletes, pendingAthletes].map((table) =>
      tx
        .select({ id: table.id })
        .from(table)
        .where(inArray(table.id, [...ids])),
    ),
  );
  return there.flat().map(({ id }) => id);
}

export async function changeAccount(
  tx: Transaction,
  id: string,
  fields: { name?: string; role?: Role; passwordHash?: string },
): Promise<boolean> {
  const changed = await tx.update(accounts).set(fields).where(eq(accounts.id, id)).returning({ id: accounts.id });
  return changed.length > 0;
}

export async function removeAccount(tx: Transaction, id: string): Promise<boolean> {
  return (await tx.delete(accounts).where(eq(accounts.id, id)).returning({ id: accounts.id })).length > 0;
}

/** Owners beside somebody, locked until the transaction ends: two who leave at once would leave none. */
export async function otherOwners(tx: Transaction, id: string): Promise<number> {
  await tx.execute(sql`select id from accounts where role = 'owner' for no key update`);
  return (
    await tx
      .select({ id: accounts.id })
      .from(accounts)
      .where(and(eq(accounts.role, 'owner'), ne(accounts.id, id)))
  ).length;
}

export async function changeClub(
  tx: Transaction,
  id: string,
  { name, settings }: { name?: string; settings?: ClubSettings },
): Promise<void> {
  if (!name && !settings) return;
  await tx
    .update(organisations)
    .set({
      ...(name ? { name } : {}),
      ...(settings ? { settings: sql`settings || ${JSON.stringify(settings)}::jsonb` } : {}),
    })
    .where(eq(organisations.id, id));
}

/** What the club has set. */
export async function clubSettings(tx: Transaction): Promise<ClubSettings> {
  return (await tx.select({ settings: organisations.settings }).from(organisations))[0]?.settings ?? {};
}

/** The units of the club, where it has set any. */
export async function unitsOf(tx: Transaction): Promise<{ units?: Units }> {
  const { units } = await clubSettings(tx);
  return units ? { units } : {};
}
