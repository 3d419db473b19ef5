import type { SportProfile } from '@tropaeum/core/sport/profile';
import { and, asc, eq, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { Transaction } from '../database/database';
import { athletes, sportProfiles, squads } from '../database/schema';

/** A sport as the club has it. */
export interface ClubSport {
  profile: SportProfile;
  revision: number;
  /** Taken off the list; squads that play it keep it. */
  removed: boolean;
}

const columns = { profile: sportProfiles.profile, revision: sportProfiles.revision, removed: sportProfiles.removed };

export async function clubSports(tx: Transaction): Promise<ClubSport[]> {
  return tx.select(columns).from(sportProfiles).orderBy(asc(sportProfiles.sportId));
}

export async function clubSport(tx: Transaction, sportId: string): Promise<ClubSport | undefined> {
  return (await tx.select(columns).from(sportProfiles).where(eq(sportProfiles.sportId, sportId)))[0];
}

/** Who plays a sport, with the role of each. */
export async function playersOf(tx: Transaction, sportId: string): Promise<{ name: string; role: string }[]> {
  return tx
    .select({ name: athletes.name, role: athletes.role })
    .from(athletes)
    .innerJoin(squads, eq(athletes.squadId, squads.id))
    .where(eq(squads.sportId, sportId))
    .orderBy(asc(athletes.name));
}

/** Writes a profile that nobody has changed since `seen`, 0 for one that is not there; the new revision, or undefined. */
export async function saveSport(
  tx: Transaction,
  organisationId: string,
  profile: SportProfile,
  seen: number,
): Promise<number | undefined> {
  if (seen === 0) {
    const added = await tx
      .insert(sportProfiles)
      .values({ id: v7(), organisationId, sportId: profile.id, profile })
      .onConflictDoNothing()
      .returning({ revision: sportProfiles.revision });
    return added[0]?.revision;
  }
  const saved = await tx
    .update(sportProfiles)
    .set({ profile, removed: false, revision: sql`${sportProfiles.revision} + 1`, updatedAt: sql`now()` })
    .where(and(eq(sportProfiles.sportId, profile.id), eq(sportProfiles.revision, seen)))
    .returning({ revision: sportProfiles.revision });
  return saved[0]?.revision;
}

/** Forgets what the club has changed; false when there was nothing. */
export async function forgetSport(tx: Transaction, sportId: string): Promise<boolean> {
  const gone = await tx
    .delete(sportProfiles)
    .where(eq(sportProfiles.sportId, sportId))
    .returning({ id: sportProfiles.id });
  return gone.length > 0;
}

export async function takeOffList(tx: Transaction, sportId: string): Promise<void> {
  await tx.update(sportProfiles).set({ removed: true }).where(eq(sportProfiles.sportId, sportId));
}
