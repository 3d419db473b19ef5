import type { Brief, RecentSession } from './brief';

/** The sessions on record before the day of a brief, the latest first. */
export const sessionsBefore = ({ season, date }: Pick<Brief, 'season' | 'date'>): RecentSession[] =>
  (season.recent ?? []).filter((s) => s.date < date).sort((a, b) => b.date.localeCompare(a.date));
