import { useEffect, useState } from 'react';
import { useAthlete } from '../../api/queries';
import { useCurrentSport } from './keep-sport';
import { readPage } from './opening';
import type { ScheduledPage } from './scheduled-page';
import { useSession } from './store';

/** Opens the stored session of the day, or an empty page for it. */
export function useOpenSession(athleteId: string, day: string, asLaid: ScheduledPage | undefined) {
  const detail = useAthlete(athleteId);
  const [problem, setProblem] = useState<unknown>();
  const opened = useSession((s) => s.athleteId === athleteId && s.brief.date === day);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a session that is laid is another one when it says something else
  useEffect(() => {
    if (opened) return;
    let left = false;
    setProblem(undefined);
    readPage(athleteId, day, asLaid)
      .then(({ brief, stored }) => {
        if (!left) useSession.getState().open(athleteId, brief, stored);
      })
      .catch(setProblem);
    return () => {
      left = true;
    };
  }, [athleteId, day, asLaid?.type, asLaid?.minutes, opened]);
  useCurrentSport(opened);
  return { detail, opened, problem: problem ?? detail.error };
}
