import { useSyncExternalStore } from 'react';
import { ask } from '../../api/client';
import { queryClient } from '../../api/queries';
import type { SessionBody, StoredSession } from '../../api/types';
import { DebouncedSaver, type SaveState } from '../../saving/debounced-saver';
import { saveErrorOf } from '../../saving/save-error';
import { pageOf, type Stored } from './session-state';
import { useSession } from './store';

interface SavedPage extends SessionBody {
  athleteId: string;
}

/** What the server knows of each page that was opened: the row to write to and its latest revision. */
const rows = new Map<string, Stored>();

async function write(page: string, { athleteId, ...body }: SavedPage): Promise<void> {
  const known = rows.get(page);
  const { id, revision, status } = known
    ? await ask<StoredSession>(`/sessions/${known.id}`, 'PUT', { ...body, revision: known.revision })
    : await ask<StoredSession>(`/athletes/${athleteId}/sessions`, 'POST', body);
  rows.set(page, { id, revision, status });
  const session = useSession.getState();
  if (pageOf(session) === page) session.saved({ id, revision, status });
  void queryClient.invalidateQueries({ queryKey: ['squads'] });
  void queryClient.invalidateQueries({ queryKey: ['athlete', athleteId] });
}

const saver = new DebouncedSaver<SavedPage>({ write, troubleOf: saveErrorOf });

useSession.subscribe((now, before) => {
  const page = pageOf(now);
  // Opening a page: what was left behind is saved now, and the row of the new one is known from the server.
  if (now.changes === 0 || page !== pageOf(before)) {
    void saver.flush();
    if (now.stored) rows.set(page, now.stored);
    else if (now.changes === 0) rows.delete(page);
    return;
  }
  if (now.stored && now.stored !== before.stored) rows.set(page, now.stored);
  const { brief, draft, athleteId, changes } = now;
  if (changes !== before.changes && draft) saver.changed(page, { brief, draft, athleteId });
});

/** How it stands with the page that is open. */
export function useSaveState(): SaveState {
  const page = useSession(pageOf);
  return useSyncExternalStore(saver.subscribe, () => saver.stateOf(page));
}
