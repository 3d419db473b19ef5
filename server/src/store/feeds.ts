import { dayAfter } from '@tropaeum/core/date/days';
import type { ReadCalendar, ReadOptions } from '@tropaeum/core/formats/icalendar-read';
import type { EntryKind } from '@tropaeum/core/season/calendar/calendar';
import { asc, eq, getTableColumns, inArray } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { Transaction } from '../database/database';
import { feeds } from '../database/schema';

/** A feed without its copy, which may be long: what it says is kept beside it. */
export type FeedRow = Omit<typeof feeds.$inferSelect, 'copy'>;
const { copy: _, ...feedColumns } = getTableColumns(feeds);

export async function feedsOf(tx: Transaction, squadIds: readonly string[]): Promise<FeedRow[]> {
  if (squadIds.length === 0) return [];
  return tx
    .select(feedColumns)
    .from(feeds)
    .where(inArray(feeds.squadId, [...squadIds]))
    .orderBy(asc(feeds.createdAt));
}

export async function feedById(tx: Transaction, id: string): Promise<FeedRow | undefined> {
  return (await tx.select(feedColumns).from(feeds).where(eq(feeds.id, id)))[0];
}

/** The last good copy of a feed as it came. */
export async function copyOfFeed(tx: Transaction, id: string): Promise<string | null> {
  return (await tx.select({ copy: feeds.copy }).from(feeds).where(eq(feeds.id, id)))[0]?.copy ?? null;
}

/** A good copy of a feed and what it says, in a zone. */
export interface GoodCopy {
  copy: string;
  parsed: ReadCalendar & { zone: string };
}

/** Keeps a feed with its first good copy; undefined where the squad has it already. */
export async function addFeed(
  tx: Transaction,
  organisationId: string,
  squadId: string,
  feed: GoodCopy & { url: string; otherwise: EntryKind; readAt: string },
): Promise<string | undefined> {
  const rows = await tx
    .insert(feeds)
    .values({ id: v7(), organisationId, squadId, ...feed, triedAt: feed.readAt })
    .onConflictDoNothing()
    .returning({ id: feeds.id });
  return rows[0]?.id;
}

/** What a try brought: a new copy, or the problem; the last good copy stays. */
export async function feedTried(
  tx: Transaction,
  id: string,
  triedAt: string,
  brought: GoodCopy | { problem: string },
): Promise<void> {
  const set = 'copy' in brought ? { ...brought, readAt: triedAt, problem: null } : { problem: brought.problem };
  await tx
    .update(feeds)
    .set({ ...set, triedAt })
    .where(eq(feeds.id, id));
}

/** The copy read once more. */
export async function feedReread(tx: Transaction, id: string, parsed: GoodCopy['parsed']): Promise<void> {
  await tx.update(feeds).set({ parsed }).where(eq(feeds.id, id));
}

export async function forgetFeed(tx: Transaction, id: string): Promise<boolean> {
  return (await tx.delete(feeds).where(eq(feeds.id, id)).returning({ id: feeds.id })).length > 0;
}

/** How far back a feed is read, days. */
const feedBack = 60;
/** How far ahead, days. */
export const feedAhead = 400;

/** How the copies of a feed are read on a day. */
export const feedReading = (zone: string, today: string, otherwise: EntryKind): ReadOptions => ({
  ...{ zone, otherwise },
  from: dayAfter(today, -feedBack),
  to: dayAfter(today, feedAhead),
});

const nothing: ReadCalendar = { entries: [], cancelled: [], bad: [] };

/** What the last good copy of a feed says; ids tell it from what the coach has put down. */
export function readFeed({ id, parsed }: Pick<FeedRow, 'id' | 'parsed'>): ReadCalendar {
  if (!parsed) return nothing;
  return { ...parsed, entries: parsed.entries.map((entry) => ({ ...entry, id: `feed:${id}:${entry.id}` })) };
}
