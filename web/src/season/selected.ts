import type { Entry } from '@tropaeum/core/season/calendar/calendar';

/** What is chosen: a day with its session, or an entry on it. */
export interface Selected {
  day: string;
  entry?: Entry;
}
