/** A session as the search knows it: the offers chosen, and what they are worth. */
export interface Found {
  chosen: readonly number[];
  worth: number;
}

/** The one worth most; the first of those alike. */
export function bestFound(sessions: readonly Found[]): Found | undefined {
  return sessions.reduce<Found | undefined>((best, s) => (!best || s.worth > best.worth ? s : best), undefined);
}
