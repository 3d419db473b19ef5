import type { OwnSeason, SquadSeasonPlan } from '@tropaeum/core/season/plan/season-plan';
import { useSyncExternalStore } from 'react';
import { ask } from '../api/client';
import { queryClient } from '../api/queries';
import { DebouncedSaver, type SaveState } from '../saving/debounced-saver';
import { saveErrorOf } from '../saving/save-error';
import { type StoredSeason, seasonKey } from './season-data';
import { pageOf, planOf } from './season-state';
import { useSeason } from './store';

/** Revisions that the server is known to have, by page. */
const revisions = new Map<string, number>();

interface Content {
  squadId: string;
  athleteId: string | undefined;
  season: OwnSeason;
}

/** The copy in the page says what has been saved, so that coming back finds it. */
function putInCopy(stored: StoredSeason | undefined, { athleteId, season }: Content, revision: number) {
  if (!stored) return stored;
  if (!athleteId) return { ...stored, season: season as SquadSeasonPlan, revision };
  const own = stored.own.filter((one) => one.athleteId !== athleteId);
  return { ...stored, own: [...own, { athleteId, season, revision }] };
}

async function write(page: string, content: Content): Promise<void> {
  const { athleteId, squadId, season } = content;
  const path = athleteId ? `/athletes/${athleteId}/season` : `/squads/${squadId}/season`;
  const { revision } = await ask<{ revision: number }>(path, 'PUT', { revision: revisions.get(page) ?? 0, season });
  revisions.set(page, revision);
  void queryClient.invalidateQueries({ queryKey: ['squads'] });
  void queryClient.invalidateQueries({ queryKey: ['athlete'] });
  queryClient.setQueryData<StoredSeason>(seasonKey(squadId), (stored) => putInCopy(stored, content, revision));
}

const saver = new DebouncedSaver<Content>({ write, troubleOf: saveErrorOf });

/** Told when a page is opened: the revision it was read at. */
export const openedAt = (page: string, revision: number): void => void revisions.set(page, revision);

useSeason.subscribe((now, before) => {
  const page = pageOf(now);
  if (now.changes === 0 || page !== pageOf(before)) {
    void saver.flush();
    return;
  }
  if (now.changes === before.changes || page === '') return;
  saver.changed(page, { squadId: now.squadId, athleteId: now.athlete?.id, season: planOf(now) });
});

/** How it stands with the season that is open. */
export function useSeasonSaveState(): SaveState {
  const page = useSeason(pageOf);
  return useSyncExternalStore(saver.subscribe, () => saver.stateOf(page));
}
