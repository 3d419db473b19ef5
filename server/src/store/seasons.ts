import { dayAfter } from '@tropaeum/core/date/days';
import { type Entry, fixturesOf, type ListedFixture, withoutOverrides } from '@tropaeum/core/season/calendar/calendar';
import type { PhaseSpan } from '@tropaeum/core/season/calendar/season-on';
import { withReturns } from '@tropaeum/core/season/periodisation/phases';
import {
  emptyOwnSeason,
  emptySeason,
  type OwnSeason,
  type SquadSeasonPlan,
} from '@tropaeum/core/season/plan/season-plan';
import { and, eq, inArray, sql } from 'drizzle-orm';
import type { Transaction } from '../database/database';
import { athletes, ownSeasons, seasons } from '../database/schema';
import { feedAhead, feedsOf, readFeed } from './feeds';

export interface Revised<T> {
  content: T;
  /** 0 where nothing has been saved yet. */
  revision: number;
}
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
  id: string,
  today: string,
): Promise<SquadSeason> {
  return (await seasonsOfAthletes(tx, [{ id, squadId }], today)).get(id) as SquadSeason;
}

/** The season of a squad with what is one athlete's own in it. */
function withOwn(squad: SquadSeason, content: OwnSeason, today: string): SquadSeason {
  return {
    phases: withReturns(squad.phases, content.entries, dayAfter(today, feedAhead)),
    fixtures: [...withoutOverrides(squad.fixtures, content.entries), ...fixturesOf(content.entries)].sort((a, b) =>
      a.on.localeCompare(b.on),
    ),
    laid: content.laid.length ? content.laid : squad.laid,
  };
}

/** Where each of some athletes stands, in two queries whoever they are. */
export async function seasonsOfAthletes(
  tx: Transaction,
  of: readonly { id: string; squadId: string }[],
  today: string,
): Promise<Map<string, SquadSeason>> {
  const squadIds = [...new Set(of.map(({ squadId }) => squadId))];
  const squads = new Map((await seasonsOfSquads(tx, squadIds)).map((season, i) => [squadIds[i], season]));
  const rows = await tx
    .select({ athleteId: ownSeasons.athleteId, content: ownSeasons.content })
    .from(ownSeasons)
    .where(
      inArray(
        ownSeasons.athleteId,
        of.map(({ id }) => id),
      ),
    );
  const own = new Map(rows.map(({ athleteId, content }) => [athleteId, content]));
  return new Map(
    of.map(({ id, squadId }) => {
      const [squad, mine] = [squads.get(squadId) as SquadSeason, own.get(id)];
      return [id, mine ? withOwn(squad, mine, today) : squad];
    }),
  );
}

export async function seasonOfSquad(tx: Transaction, squadId: string): Promise<SquadSeason> {
  return (await seasonsOfSquads(tx, [squadId]))[0] as SquadSeason;
}
