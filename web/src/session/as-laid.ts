import type { LaidSession } from '@tropaeum/core/season/laying';
import { sessionKinds } from '@tropaeum/core/season/session-kind';

/** The session that a link from the season brings along for a day, "laid=power&level=0.76"; nothing where it brings none. */
export function laidIn(search: URLSearchParams, day: string): LaidSession | undefined {
  const kind = sessionKinds.find((k) => k === search.get('laid'));
  const level = Number(search.get('level') ?? 1);
  return kind && level > 0 && level <= 1.5 ? { on: day, kind, level } : undefined;
}

/** The way from a laid session to the page where it is written. */
export const pageFor = (athleteId: string, { on, kind, level }: LaidSession): string =>
  `/athletes/${athleteId}?day=${on}&laid=${kind}&level=${level}`;
