import { useEffect, useRef, useState } from 'react';
import { ApiError, ask } from '../api/client';
import { queryClient } from '../api/queries';
import type { SessionBody, StoredSession } from '../api/types';
import { useSession } from './store';

export type SaveState =
  | { kind: 'saved' }
  | { kind: 'saving' }
  | { kind: 'waiting' }
  | { kind: 'trouble'; words: string };

const quietMs = 600;
const retryMs = 4000;

async function save(body: SessionBody): Promise<void> {
  const { athleteId, stored, saved } = useSession.getState();
  const row = stored
    ? await ask<StoredSession>(`/sessions/${stored.id}`, 'PUT', { ...body, revision: stored.revision })
    : await ask<StoredSession>(`/athletes/${athleteId}/sessions`, 'POST', body);
  if (useSession.getState().athleteId === athleteId) saved({ id: row.id, revision: row.revision, status: row.status });
  void queryClient.invalidateQueries({ queryKey: ['squads'] });
}

/** Saves a little after every change; keeps trying while the server cannot be reached. */
export function useAutosave(): SaveState {
  const changes = useSession((s) => s.changes);
  const [state, setState] = useState<SaveState>({ kind: 'saved' });
  const busy = useRef(false);
  const again = useRef(false);
  useEffect(() => {
    if (changes === 0) return;
    let timer = 0;
    const run = async () => {
      if (busy.current) {
        again.current = true;
        return;
      }
      const { brief, draft } = useSession.getState();
      if (!draft) return;
      busy.current = true;
      setState({ kind: 'saving' });
      try {
        await save({ brief, draft });
        setState({ kind: 'saved' });
      } catch (error) {
        const offline = error instanceof ApiError && error.status === 0;
        setState({ kind: 'trouble', words: error instanceof ApiError ? error.message : 'Saving did not work.' });
        if (offline) timer = window.setTimeout(() => void run(), retryMs);
      } finally {
        busy.current = false;
        if (again.current) {
          again.current = false;
          void run();
        }
      }
    };
    setState({ kind: 'waiting' });
    timer = window.setTimeout(() => void run(), quietMs);
    return () => window.clearTimeout(timer);
  }, [changes]);
  return state;
}
