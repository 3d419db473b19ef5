import { useSyncExternalStore } from 'react';
import { ask } from '../api/client';
import { queryClient } from '../api/queries';
import { LateSaver, type SaveState } from '../saving/late-saver';
import { troubleOf } from '../saving/trouble';
import { seasonKey } from './season-data';
import { pageOf, planOf, useSeason } from './store';

/** Revisions that the server is known to have, by page. */
const revisions = new Map<string, number>();

interface Content {
  squadId: string;
  path: string;
  season: object;
}

async function write(page: string, { path, season, squadId }: Content): Promise<void> {
  const { revision } = await ask<{ revision: number }>(path, 'PUT', { revision: revisions.get(page) ?? 0, season });
  revisions.set(page, revision);
  void queryClient.invalidateQueries({ queryKey: ['squads'] });
  void queryClient.invalidateQueries({ queryKey: ['athlete'] });
  void queryClient.invalidateQueries({ queryKey: seasonKey(squadId), refetchType: 'none' });
}

const saver = new LateSaver<Content>({ write, troubleOf });

/** Told when a page is opened: the revision it was read at. */
export const openedAt = (page: string, revision: number): void => void revisions.set(page, revision);

useSeason.subscribe((now, before) => {
  const page = pageOf(now);
  if (now.changes === 0 || page !== pageOf(before)) {
    void saver.flush();
    return;
  }
  if (now.changes === before.changes || page === '') return;
  const path = now.athlete ? `/athletes/${now.athlete.id}/season` : `/squads/${now.squadId}/season`;
  saver.changed(page, { squadId: now.squadId, path, season: planOf(now) });
});

/** Resolves when every season that was changed has been saved or could not be. */
export const seasonsSaved = (): Promise<void> => saver.flush();
globalThis.addEventListener?.('pagehide', () => void saver.flush());

/** How it stands with the season that is open. */
export function useSeasonSaveState(): SaveState {
  const page = useSeason(pageOf);
  return useSyncExternalStore(saver.subscribe, () => saver.stateOf(page));
}
