import { ask } from './client';

/** Makes a link to an athlete's view, which takes the place of the one before; it is told this once. */
export const newAthleteLink = async (athleteId: string): Promise<string> =>
  (await ask<{ link: string }>(`/athletes/${athleteId}/link`, 'POST')).link;
