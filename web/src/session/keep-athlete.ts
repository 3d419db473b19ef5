import type { Brief } from '@tropaeum/core/session/brief';
import { useEffect, useRef } from 'react';
import { ask } from '../api/client';
import { queryClient } from '../api/queries';
import { useSession } from './store';

const quietMs = 800;

/** What a coach learns of an athlete while writing and wants to find again: kit, room, restrictions, house rules. */
export function lastingPart({ kit, houseRules, athlete }: Brief) {
  return { kit, houseRules, athlete: { restrictions: athlete.restrictions ?? [] } };
}

/** Keeps with the athlete what was changed in the brief, a little after every change. */
export function useKeepAthlete(): void {
  const { athleteId, brief, changes } = useSession();
  const kept = useRef<{ athleteId: string; text: string }>(undefined);
  useEffect(() => {
    if (!athleteId || !brief.kit) return;
    const text = JSON.stringify(lastingPart(brief));
    if (kept.current?.athleteId !== athleteId || changes === 0) {
      kept.current = { athleteId, text };
      return;
    }
    if (kept.current.text === text) return;
    const timer = window.setTimeout(() => {
      ask(`/athletes/${athleteId}`, 'PATCH', lastingPart(brief))
        .then(() => {
          kept.current = { athleteId, text };
          void queryClient.invalidateQueries({ queryKey: ['squads'] });
          void queryClient.invalidateQueries({ queryKey: ['athlete', athleteId] });
        })
        .catch(() => undefined);
    }, quietMs);
    return () => window.clearTimeout(timer);
  }, [athleteId, brief, changes]);
}
