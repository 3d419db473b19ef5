import type { ScheduledSession } from '@tropaeum/core/season/scheduler/scheduled-session';
import { sessionTypes } from '@tropaeum/core/session-type/session-type';

/** What a link from the season says of the session that is laid. */
export type ScheduledPage = Pick<ScheduledSession, 'on' | 'type' | 'minutes'> & Partial<ScheduledSession>;

/** The session that a link from the season brings along for a day, "laid=power&minutes=25"; nothing where it brings none. */
export function scheduledIn(search: URLSearchParams, day: string): ScheduledPage | undefined {
  const type = sessionTypes.find((t) => t === search.get('laid'));
  const minutes = Number(search.get('minutes'));
  const sets = Number(search.get('heavy') ?? 0);
  if (!type || !(minutes >= 5 && minutes <= 180)) return undefined;
  return { on: day, type, minutes, ...(sets > 0 ? { heavyLower: sets } : {}) };
}

/** The way from a laid session to the page where it is written. */
export const pageFor = (athleteId: string, { on, type, minutes, heavyLower, heavyUpper }: ScheduledSession): string =>
  `/athletes/${athleteId}?day=${on}&laid=${type}&minutes=${minutes}&heavy=${heavyLower + heavyUpper}`;
