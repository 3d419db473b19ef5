import { and, asc, eq, gt, isNull, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { Transaction } from '../database/database';
import { athleteLinks, athletes, calendarLinks, squads } from '../database/schema';

/** How long a link opens from when it is made, or renewed, days. */
export const linkDays = 60;

/** Ends the link of an athlete that is open; false where none was. */
export async function endLink(tx: Transaction, athleteId: string, endedBy: 'newer' | 'coach'): Promise<boolean> {
  const ended = await tx
    .update(athleteLinks)
    .set({ endedAt: sql`now()`, endedBy })
    .where(and(eq(athleteLinks.athleteId, athleteId), isNull(athleteLinks.endedAt)))
    .returning({ hash: athleteLinks.tokenHash });
  return ended.length > 0;
}

/** Opens a link to an athlete, which ends the one before. */
export async function openLink(
  tx: Transaction,
  organisationId: string,
  athleteId: string,
  tokenHash: string,
  expiresAt: string,
): Promise<void> {
  await endLink(tx, athleteId, 'newer');
  await tx.insert(athleteLinks).values({ tokenHash, organisationId, athleteId, expiresAt });
}

/** Until when a link opens; nothing for a sign-in, which is none. */
export async function untilOfLink(tx: Transaction, tokenHash: string): Promise<string | undefined> {
  const [link] = await tx
    .select({ expiresAt: athleteLinks.expiresAt })
    .from(athleteLinks)
    .where(eq(athleteLinks.tokenHash, tokenHash));
  return link?.expiresAt;
}

/** Keeps a link open for longer; false where it is no link, or one that was ended. */
export async function renewLink(tx: Transaction, tokenHash: string, expiresAt: string): Promise<boolean> {
  const open = and(eq(athleteLinks.tokenHash, tokenHash), isNull(athleteLinks.endedAt));
  const renewed = await tx
    .update(athleteLinks)
    .set({ expiresAt })
    .where(open)
    .returning({ hash: athleteLinks.tokenHash });
  return renewed.length > 0;
}

export async function addCalendarLink(
  tx: Transaction,
  organisationId: string,
  link: { tokenHash: string; squadId: string; athleteId: string | null; expiresAt: string },
) {
  const [row] = await tx
    .insert(calendarLinks)
    .values({ ...link, id: v7(), organisationId })
    .returning({ id: calendarLinks.id, expiresAt: calendarLinks.expiresAt });
  return row as { id: string; expiresAt: string };
}

/** Addresses at which a squad and its athletes are given out, the latest first; never the addresses themselves. */
export async function calendarLinksOf(tx: Transaction, squadId: string) {
  return tx
    .select({
      id: calendarLinks.id,
      athleteId: calendarLinks.athleteId,
      createdAt: calendarLinks.createdAt,
      expiresAt: calendarLinks.expiresAt,
      readAt: calendarLinks.readAt,
    })
    .from(calendarLinks)
    .where(and(eq(calendarLinks.squadId, squadId), sql`${calendarLinks.expiresAt} > now()`))
    .orderBy(sql`${calendarLinks.createdAt} desc`);
}

/** Ends one address; false where there was none. */
export async function endCalendarLink(tx: Transaction, id: string): Promise<boolean> {
  const ended = await tx.delete(calendarLinks).where(eq(calendarLinks.id, id)).returning({ id: calendarLinks.id });
  return ended.length > 0;
}

/** Ends every address at which a squad or its athletes are given out; how many there were. */
export async function endCalendarLinks(tx: Transaction, squadId: string): Promise<number> {
  const ended = await tx.delete(calendarLinks).where(eq(calendarLinks.squadId, squadId)).returning({
    id: calendarLinks.id,
  });
  return ended.length;
}

/** Notes that an address was read, once a day: who ends one wants to know which is in use. */
export async function calendarRead(tx: Transaction, tokenHash: string): Promise<void> {
  await tx
    .update(calendarLinks)
    .set({ readAt: sql`now()` })
    .where(
      and(
        eq(calendarLinks.tokenHash, tokenHash),
        sql`(${calendarLinks.readAt} is null or ${calendarLinks.readAt} < now() - interval '1 day')`,
      ),
    );
}

/** Links that are open, to athletes' pages and to calendars; never the links themselves. */
export async function allOpenLinks(tx: Transaction) {
  return {
    athletes: await tx
      .select({
        athleteId: athleteLinks.athleteId,
        athlete: athletes.name,
        createdAt: athleteLinks.createdAt,
        expiresAt: athleteLinks.expiresAt,
      })
      .from(athleteLinks)
      .innerJoin(athletes, eq(athletes.id, athleteLinks.athleteId))
      .where(and(isNull(athleteLinks.endedAt), gt(athleteLinks.expiresAt, sql`now()`)))
      .orderBy(asc(athletes.name)),
    calendars: await tx
      .select({
        id: calendarLinks.id,
        squad: squads.name,
        athlete: athletes.name,
        createdAt: calendarLinks.createdAt,
        expiresAt: calendarLinks.expiresAt,
        readAt: calendarLinks.readAt,
      })
      .from(calendarLinks)
      .innerJoin(squads, eq(squads.id, calendarLinks.squadId))
      .leftJoin(athletes, eq(athletes.id, calendarLinks.athleteId))
      .where(gt(calendarLinks.expiresAt, sql`now()`))
      .orderBy(asc(squads.name), asc(athletes.name)),
  };
}
