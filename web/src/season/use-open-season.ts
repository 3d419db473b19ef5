import { emptyOwnSeason, type PlannedSession } from '@tropaeum/core/season/plan/season-plan';
import { useEffect } from 'react';
import { queryClient } from '../api/queries';
import type { ListedAthlete } from '../api/types';
import { everythingSaved } from '../saving/registry';
import { openedAt } from './saving';
import { type StoredSeason, seasonKey, useStoredSeason } from './season-data';
import { type Opened, pageOf } from './season-state';
import { useSeason } from './store';

/** What is written for one athlete; a squad has no sessions of its own. */
export const writtenFor = ({ written }: StoredSeason, athleteId: string | undefined): PlannedSession[] =>
  athleteId
    ? written
        .filter((s) => s.athleteId === athleteId)
        .map(({ on, type, planned, dose }) => ({
          ...{ on, type, minutes: planned },
          heavyLower: dose?.heavyLower ?? 0,
          heavyUpper: dose?.heavyUpper ?? 0,
          contacts: dose?.contacts ?? 0,
          eccentric: dose?.eccentric ?? 0,
        }))
    : [];

export const athleteOf = ({
  id,
  level,
  born,
  minutes,
  role,
  restrictions,
}: ListedAthlete): NonNullable<Opened['athlete']> => ({
  id,
  level: level as NonNullable<Opened['athlete']>['level'],
  born,
  minutes,
  role,
  restrictions,
});

/** Opens a season as the server has it; what is being changed is not opened again under the coach's hands. */
export function useOpenSeason(squadId: string, sport: string, athlete: ListedAthlete | undefined, today: string) {
  const { data, error, dataUpdatedAt } = useStoredSeason(squadId);
  const page = athlete ? `athlete ${athlete.id}` : `squad ${squadId}`;
  const opened = useSeason((s) => pageOf(s) === page);
  const feeds = data?.feeds;
  // biome-ignore lint/correctness/useExhaustiveDependencies: opened once for each page and copy of it
  useEffect(() => {
    if (!squadId || dataUpdatedAt === 0) return;
    let left = false;
    // What was changed a moment ago is saved first, and is in the copy then.
    void everythingSaved().then(() => {
      const now = queryClient.getQueryData<StoredSeason>(seasonKey(squadId));
      const state = useSeason.getState();
      if (left || !now || (pageOf(state) === page && state.changes > 0)) return;
      const own = athlete && now.own.find(({ athleteId }) => athleteId === athlete.id);
      openedAt(page, athlete ? (own?.revision ?? 0) : now.revision);
      state.open({
        squadId,
        sport,
        athlete: athlete && athleteOf(athlete),
        season: now.season,
        own: own?.season ?? emptyOwnSeason,
        fromFeeds: now.feeds.flatMap(({ entries }) => entries),
        written: writtenFor(now, athlete?.id),
        today,
      });
    });
    return () => {
      left = true;
    };
  }, [page, dataUpdatedAt]);
  // A feed that was added or read anew lays the season anew, and nothing else of it changes.
  useEffect(() => {
    const state = useSeason.getState();
    if (!feeds || pageOf(state) !== page || state.changes === 0) return;
    const entries = feeds.flatMap((feed) => feed.entries);
    if (JSON.stringify(entries) !== JSON.stringify(state.fromFeeds)) state.feedsAre(entries);
  }, [feeds, page]);
  /** Lets go of what could not be saved and opens what the server has. */
  const again = async () => {
    useSeason.setState({ changes: 0 });
    await queryClient.invalidateQueries({ queryKey: seasonKey(squadId) });
  };
  return { opened, error, stored: data, again: () => void again() };
}
