import { hashKey, useQuery } from '@tanstack/react-query';
import { writeSport } from '@tropaeum/core/formats/sport';
import type { SportProfile } from '@tropaeum/core/sport/profile';
import { sportById, sports } from '@tropaeum/core/sport/sports';
import { useSyncExternalStore } from 'react';
import { ask } from '../api/client';
import { queryClient } from '../api/queries';
import { DebouncedSaver, type SaveState } from '../saving/debounced-saver';
import { saveErrorOf } from '../saving/save-error';

/** A sport as the club has it: a shipped one that it has changed, or one of its own. */
export interface ClubSport {
  profile: SportProfile;
  revision: number;
  /** Taken off the list; those who play it keep it. */
  removed: boolean;
}

const queryKey = ['sports'];
/** Whether two profiles say the same; the database keeps fields in an order of its own. */
export const sameSport = (a: SportProfile | undefined, b: SportProfile | undefined): boolean =>
  a === b || hashKey([a]) === hashKey([b]);

/** Whether a profile says what the shipped one of its id says. */
export const isShipped = (profile: SportProfile): boolean => sameSport(profile, sportById(profile.id));

/** The revision of each sport that the server is known to have; 0 where it has none. */
const revisions = new Map<string, number>();

async function write(sportId: string, profile: SportProfile): Promise<void> {
  const seen = revisions.get(sportId) ?? 0;
  if (isShipped(profile)) {
    if (seen > 0) await ask(`/sports/${sportId}`, 'DELETE');
    revisions.delete(sportId);
  } else {
    const { revision } = await ask<{ revision: number }>(`/sports/${sportId}`, 'PUT', {
      profile: writeSport(profile),
      revision: seen,
    });
    revisions.set(sportId, revision);
  }
  void queryClient.invalidateQueries({ queryKey: ['athlete'] });
}

const saver = new DebouncedSaver<SportProfile>({
  write,
  troubleOf(error) {
    const trouble = saveErrorOf(error);
    // What was refused is not shown as if it were kept.
    if (!trouble.again) void queryClient.invalidateQueries({ queryKey });
    return trouble;
  },
});

async function read(): Promise<ClubSport[]> {
  await saver.flush();
  const { sports: list } = await ask<{ sports: ClubSport[] }>('/sports');
  revisions.clear();
  for (const { profile, revision } of list) revisions.set(profile.id, revision);
  return list;
}

const query = { queryKey, queryFn: read };

/** What the club has changed or made itself. */
export const useClubSports = () => useQuery(query);

/** The same outside a component. */
export const clubSports = (): Promise<ClubSport[]> => queryClient.ensureQueryData(query);

/** What the page knows at this moment, without asking. */
export const clubSportsNow = (): ClubSport[] => queryClient.getQueryData<ClubSport[]>(queryKey) ?? [];

/** The profile that holds for the club; undefined for an id nobody knows. */
export function sportIn(club: readonly ClubSport[], id: string): SportProfile | undefined {
  return club.find((c) => c.profile.id === id)?.profile ?? sportById(id);
}

/** Every sport there is to choose from: shipped ones as the club has them, and its own. */
export function sportsIn(club: readonly ClubSport[]): SportProfile[] {
  const own = club.filter((c) => !c.removed && !sportById(c.profile.id)).map((c) => c.profile);
  return [...own, ...sports.map((s) => sportIn(club, s.id) as SportProfile)].sort((a, b) =>
    a.name.localeCompare(b.name),
  );
}

/** The club has a sport this way from now on: known to the page at once, saved a little later. */
export function changeSport(profile: SportProfile): void {
  const others = clubSportsNow().filter((c) => c.profile.id !== profile.id);
  const changed = isShipped(profile) ? [] : [{ profile, revision: 0, removed: false }];
  queryClient.setQueryData<ClubSport[]>(queryKey, [...others, ...changed]);
  saver.changed(profile.id, profile);
}

/** Resets a shipped sport, takes one of the club's own off the list. */
export async function dropSport(sportId: string): Promise<void> {
  await saver.flush(sportId);
  await ask(`/sports/${sportId}`, 'DELETE');
  await queryClient.invalidateQueries({ queryKey });
  void queryClient.invalidateQueries({ queryKey: ['athlete'] });
}

/** How it stands with what was changed in a sport. */
export function useSportSaving(sportId: string): SaveState {
  return useSyncExternalStore(saver.subscribe, () => saver.stateOf(sportId));
}
