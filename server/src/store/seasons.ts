import { dayAfter } from '@tropaeum/core/date/days';
import type { ReadCalendar, ReadOptions } from '@tropaeum/core/formats/icalendar-read';
import {
  type Entry,
  type EntryKind,
  fixturesOf,
  type ListedFixture,
  withoutOverrides,
} from '@tropaeum/core/season/calendar/calendar';
import type { PhaseSpan } from '@tropaeum/core/season/calendar/season-on';
import { withReturns } from '@tropaeum/core/season/periodisation/phases';
import {
  emptyOwnSeason,
  emptySeason,
  type OwnSeason,
  type SquadSeasonPlan,
} from '@tropaeum/core/season/plan/season-plan';
import { and, asc, eq, getTableColumns, inArray, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { Transaction } from '../database/database';
import { athletes, feeds, ownSeasons, seasons } from '../database/schema';

export interface Revised<T> {
  content: T;
  /** 0 where nothing has been saved yet. */
  revision: number;
}
/** A feed without its copy, which may be long: what it says is kept beside it. */
export type FeedRow = Omit<typeof feeds.$inferSelect, 'copy'>;
const { copy: _, ...feedColumns } = getTableColumns(feeds);

export async function seasonOf(tx: Transaction, squadId: string): Promise<Revised<SquadSeasonPlan>> {
  const row = (await tx.select().from(seasons).where(eq(seasons.squadId, squadId)))[0];
  return row
    ? { content: { ...emptySeason, ...row.content }, revision: row.revision }
    : { content: emptySeason, revision: 0 };
}

/** Saves over the revision that the coach has seen; undefined when somebody saved in between. */
export async function saveSeason(
  tx: Transaction,
  organisationId: string,
  squadId: string,
  revision: number,
  content: SquadSeasonPlan,
): Promise<number | undefined> {
  if (revision === 0) {
    const begun = await tx
      .insert(seasons)
      .values({ squadId, organisationId, content })
      .onConflictDoNothing()
      .returning({ revision: seasons.revision });
    return begun[0]?.revision;
  }
  const rows = await tx
    .update(seasons)
    .set({ content, revision: revision + 1, updatedAt: sql`now()` })
    .where(and(eq(seasons.squadId, squadId), eq(seasons.revision, revision)))
    .returning({ revision: seasons.revision });
  return rows[0]?.revision;
}

export async function ownSeasonOf(tx: Transaction, athleteId: string): Promise<Revised<OwnSeason>> {
  const row = (await tx.select().from(ownSeasons).where(eq(ownSeasons.athleteId, athleteId)))[0];
  return row ? { content: row.content, revision: row.revision } : { content: emptyOwnSeason, revision: 0 };
}

/** Own seasons of everybody, by athlete. */
export async function allOwnSeasons(tx: Transaction): Promise<Map<string, OwnSeason>> {
  const rows = await tx.select({ athleteId: ownSeasons.athleteId, content: ownSeasons.content }).from(ownSeasons);
  return new Map(rows.map(({ athleteId, content }) => [athleteId, content]));
}

/** Own seasons of everybody in a squad, by athlete. */
export async function ownSeasonsOf(tx: Transaction, squadId: string): Promise<Map<string, Revised<OwnSeason>>> {
  const rows = await tx
    .select({ athleteId: ownSeasons.athleteId, content: ownSeasons.content, revision: ownSeasons.revision })
    .from(ownSeasons)
    .innerJoin(athletes, eq(athletes.id, ownSeasons.athleteId))
    .where(eq(athletes.squadId, squadId));
  return new Map(rows.map(({ athleteId, ...own }) => [athleteId, own]));
}

export async function saveOwnSeason(
  tx: Transaction,
  organisationId: string,
  athleteId: string,
  revision: number,
  content: OwnSeason,
): Promise<number | undefined> {
  if (revision === 0) {
    const begun = await tx
      .insert(ownSeasons)
      .values({ athleteId, organisationId, content })
      .onConflictDoNothing()
      .returning({ revision: ownSeasons.revision });
    return begun[0]?.revision;
  }
  const rows = await tx
    .update(ownSeasons)
    .set({ content, revision: revision + 1, updatedAt: sql`now()` })
    .where(and(eq(ownSeasons.athleteId, athleteId), eq(ownSeasons.revision, revision)))
    .returning({ revision: ownSeasons.revision });
  return rows[0]?.revision;
}

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

/** How far back and ahead a feed is read, days. */
const [feedBack, feedAhead] = [60, 400];

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

/** What the coach has changed of a feed's entry stands in its place; one dragged away is there under its own id. */
export const withFeeds = (own: readonly Entry[], fromFeeds: readonly Entry[]): Entry[] => [
  ...own,
  ...withoutOverrides(fromFeeds, own),
];

/** Where a squad stands in its season: what briefs and the ribbon need. */
export interface SquadSeason {
  phases: PhaseSpan[];
  fixtures: ListedFixture[];
  laid: SquadSeasonPlan['laid'];
}

function seasonFrom(content: SquadSeasonPlan, fromFeeds: readonly Entry[]): SquadSeason {
  return {
    phases: [...content.phases],
    fixtures: fixturesOf(withFeeds(content.entries, fromFeeds)),
    laid: content.laid,
  };
}

/** Seasons of several squads in two queries, in their order. */
export async function seasonsOfSquads(tx: Transaction, squadIds: readonly string[]): Promise<SquadSeason[]> {
  if (squadIds.length === 0) return [];
  const rows = await tx
    .select()
    .from(seasons)
    .where(inArray(seasons.squadId, [...squadIds]));
  const all = await feedsOf(tx, squadIds);
  return squadIds.map((squadId) => {
    const content = { ...emptySeason, ...rows.find((row) => row.squadId === squadId)?.content };
    const fromFeeds = all.filter((feed) => feed.squadId === squadId).flatMap((feed) => readFeed(feed).entries);
    return seasonFrom(content, fromFeeds);
  });
}

/** Where one athlete stands: the squad's season with the own returns, own fixtures, and what is laid for this one. */
export async function seasonOfAthlete(
  tx: Transaction,
  squadId: string,
  athleteId: string,
  today: string,
): Promise<SquadSeason> {
  const [squad] = (await seasonsOfSquads(tx, [squadId])) as [SquadSeason];
  const { content, revision } = await ownSeasonOf(tx, athleteId);
  return revision === 0 ? squad : withOwn(squad, content, today);
}

/** The season of a squad with what is one athlete's own in it. */
export function withOwn(squad: SquadSeason, content: OwnSeason, today: string): SquadSeason {
  return {
    phases: withReturns(squad.phases, content.entries, dayAfter(today, feedAhead)),
    fixtures: [...withoutOverrides(squad.fixtures, content.entries), ...fixturesOf(content.entries)].sort((a, b) =>
      a.on.localeCompare(b.on),
    ),
    laid: content.laid.length ? content.laid : squad.laid,
  };
}

export async function seasonOfSquad(tx: Transaction, squadId: string): Promise<SquadSeason> {
  return (await seasonsOfSquads(tx, [squadId]))[0] as SquadSeason;
}
