import type { Region } from '@tropaeum/core/exercise/model/vocabulary';
import type { Role } from '@tropaeum/core/people/permissions';
import { and, asc, desc, eq, exists, gte, inArray, isNull, notExists, or, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { Transaction } from '../database/database';
import {
  accountAthletes,
  accountSquads,
  accounts,
  athletes,
  mailedLinks,
  releaseRequests,
  restrictions,
  sessionReports,
  sessions,
} from '../database/schema';

/** Gives an account the athletes it is there for, and no others. */
export async function giveAthletes(
  tx: Transaction,
  organisationId: string,
  accountId: string,
  athleteIds: readonly string[],
): Promise<void> {
  await tx.delete(accountAthletes).where(eq(accountAthletes.accountId, accountId));
  await addAthletesTo(tx, organisationId, accountId, athleteIds);
}

/** Gives an account athletes beside those it has. */
export async function addAthletesTo(
  tx: Transaction,
  organisationId: string,
  accountId: string,
  athleteIds: readonly string[],
): Promise<void> {
  if (athleteIds.length === 0) return;
  await tx
    .insert(accountAthletes)
    .values(athleteIds.map((athleteId) => ({ accountId, athleteId, organisationId })))
    .onConflictDoNothing();
}

/** Athletes that an account is there for. */
export async function athletesOf(tx: Transaction, accountId: string): Promise<string[]> {
  const rows = await tx
    .select({ id: accountAthletes.athleteId })
    .from(accountAthletes)
    .where(eq(accountAthletes.accountId, accountId));
  return rows.map(({ id }) => id);
}

/** Guardians and own sign-ins of some athletes. */
export async function familyOf(tx: Transaction, athleteIds: readonly string[]) {
  if (athleteIds.length === 0) return [];
  return tx
    .select({ athleteId: accountAthletes.athleteId, name: accounts.name, email: accounts.email, role: accounts.role })
    .from(accountAthletes)
    .innerJoin(accounts, eq(accounts.id, accountAthletes.accountId))
    .where(and(inArray(accountAthletes.athleteId, [...athleteIds]), inArray(accounts.role, ['guardian', 'athlete'])))
    .orderBy(asc(accounts.name));
}

/** Guardians who have a sign-in, of some athletes. */
export async function guardiansOf(tx: Transaction, athleteIds: readonly string[]) {
  if (athleteIds.length === 0) return [];
  return tx
    .select({ athleteId: accountAthletes.athleteId, accountId: accounts.id })
    .from(accountAthletes)
    .innerJoin(accounts, and(eq(accounts.id, accountAthletes.accountId), eq(accounts.role, 'guardian')))
    .where(inArray(accountAthletes.athleteId, [...athleteIds]));
}

/** Invitations of guardians and athletes that nobody has taken up. */
export async function askedFor(tx: Transaction): Promise<{ athleteId: string; email: string; role: Role | null }[]> {
  return tx
    .select({
      athleteId: sql<string>`unnest(${mailedLinks.athleteIds})`,
      email: mailedLinks.email,
      role: mailedLinks.role,
    })
    .from(mailedLinks)
    .where(
      and(
        eq(mailedLinks.kind, 'invitation'),
        isNull(mailedLinks.usedAt),
        gte(mailedLinks.expiresAt, sql`now()`),
        inArray(mailedLinks.role, ['guardian', 'athlete']),
      ),
    );
}

/** Takes an athlete out of the hands of everybody; guardians and sign-ins that were there for nobody else go with it. */
export async function takeFromEverybody(tx: Transaction, athleteId: string): Promise<void> {
  await tx.delete(mailedLinks).where(sql`${athleteId} = any(${mailedLinks.athleteIds})`);
  const gone = await tx
    .delete(accountAthletes)
    .where(eq(accountAthletes.athleteId, athleteId))
    .returning({ id: accountAthletes.accountId });
  if (gone.length === 0) return;
  await tx.delete(accounts).where(
    and(
      inArray(
        accounts.id,
        gone.map(({ id }) => id),
      ),
      inArray(accounts.role, ['guardian', 'athlete']),
      notExists(tx.select().from(accountAthletes).where(eq(accountAthletes.accountId, accounts.id))),
    ),
  );
}

/** Which restrictions of an athlete a physio has set who still treats the athlete, and who: nobody else eases them. */
export async function setByPhysios(tx: Transaction, athleteId: string) {
  return tx
    .select({ region: restrictions.region, side: restrictions.side, physio: accounts.name, email: accounts.email })
    .from(restrictions)
    .innerJoin(accounts, and(eq(accounts.id, restrictions.physioId), eq(accounts.role, 'physio')))
    .innerJoin(athletes, eq(athletes.id, restrictions.athleteId))
    .where(
      and(
        eq(restrictions.athleteId, athleteId),
        or(
          exists(
            tx
              .select()
              .from(accountAthletes)
              .where(and(eq(accountAthletes.accountId, accounts.id), eq(accountAthletes.athleteId, athleteId))),
          ),
          exists(
            tx
              .select()
              .from(accountSquads)
              .where(and(eq(accountSquads.accountId, accounts.id), eq(accountSquads.squadId, athletes.squadId))),
          ),
        ),
      ),
    );
}

export type ReleaseRequest = typeof releaseRequests.$inferSelect;

export async function addReleaseRequest(
  tx: Transaction,
  request: Omit<typeof releaseRequests.$inferInsert, 'id'>,
): Promise<void> {
  await tx.insert(releaseRequests).values({ ...request, id: v7() });
}

/** What coaches have asked of some athletes, the latest first; answered ones too. */
export async function releaseRequestsOf(tx: Transaction, athleteIds: readonly string[]): Promise<ReleaseRequest[]> {
  if (athleteIds.length === 0) return [];
  return tx
    .select()
    .from(releaseRequests)
    .where(inArray(releaseRequests.athleteId, [...athleteIds]))
    .orderBy(desc(releaseRequests.askedAt))
    .limit(200);
}

/** Answers what was asked of a part, or one request; how many. */
export async function answerRequests(
  tx: Transaction,
  which: { id: string } | { athleteId: string; region: Region },
  answer: string,
): Promise<number> {
  const meant =
    'id' in which
      ? eq(releaseRequests.id, which.id)
      : and(eq(releaseRequests.athleteId, which.athleteId), eq(releaseRequests.region, which.region));
  const answered = await tx
    .update(releaseRequests)
    .set({ answeredAt: sql`now()`, answer })
    .where(and(meant, isNull(releaseRequests.answeredAt)))
    .returning({ id: releaseRequests.id });
  return answered.length;
}

/** Reports of some athletes since a day, the latest first: when, how hard, and what hurt. */
export async function reportsSince(tx: Transaction, athleteIds: readonly string[], since: string) {
  if (athleteIds.length === 0) return [];
  return tx
    .select({
      athleteId: sessions.athleteId,
      on: sessions.on,
      effort: sessionReports.effort,
      minutes: sessionReports.minutes,
      pain: sessionReports.pain,
      note: sessionReports.note,
    })
    .from(sessionReports)
    .innerJoin(sessions, eq(sessions.id, sessionReports.sessionId))
    .where(and(inArray(sessions.athleteId, [...athleteIds]), gte(sessions.on, since)))
    .orderBy(desc(sessions.on));
}
