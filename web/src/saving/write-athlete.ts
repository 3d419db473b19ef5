import { ask } from '../api/client';
import { queryClient } from '../api/queries';

/** Keeps part of what is known of an athlete; lists and pages that show it are read anew. */
export async function writeAthlete(athleteId: string, part: object): Promise<void> {
  await ask(`/athletes/${athleteId}`, 'PATCH', part);
  void queryClient.invalidateQueries({ queryKey: ['squads'] });
  void queryClient.invalidateQueries({ queryKey: ['athlete', athleteId] });
}
