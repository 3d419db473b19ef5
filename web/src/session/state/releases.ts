import type { Release } from '@tropaeum/core/limits/release';

const noted = new Map<string, readonly Release[]>();

/** A release goes along with the change that it allows, when that is saved: of this athlete, and of nobody else. */
export function noteRelease(athleteId: string, release: Release): void {
  noted.set(athleteId, [...notedReleases(athleteId), release]);
}

/** Releases of an athlete noted since the page was opened; what they allow no more is ignored where they arrive. */
export const notedReleases = (athleteId: string): readonly Release[] => noted.get(athleteId) ?? [];
