import { fixturesOf } from '@tropaeum/core/season/calendar/calendar';
import { entriesOf } from '@tropaeum/core/season/plan/season-case';
import { useMemo } from 'react';
import type { SquadSeason } from '../api/types';
import { requestOf, scheduledNow } from './season-state';
import { useSeasonFacts } from './store';

/** The season that is being changed, as the ribbon above it shows it before it is saved; nothing where none is open. */
export function useLiveSeason(): { squadId: string; athleteId: string | undefined; season: SquadSeason } | undefined {
  const facts = useSeasonFacts();
  return useMemo(() => {
    if (!facts.squadId || !facts.outlook) return undefined;
    return {
      squadId: facts.squadId,
      athleteId: facts.athlete?.id,
      season: {
        phases: [...facts.season.phases],
        fixtures: fixturesOf(entriesOf(requestOf(facts))),
        laid: [...scheduledNow(facts)],
      },
    };
  }, [facts]);
}
