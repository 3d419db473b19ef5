import type { Athlete, Restriction } from '@tropaeum/core/athlete/athlete';
import { changesOf, type Release, releaseFor } from '@tropaeum/core/limits/release';
import { seasonOn } from '@tropaeum/core/season/season';
import { type Brief, defaultHouseRules } from '@tropaeum/core/session/brief';
import { asc, desc, eq, inArray } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { Transaction } from '../database/database';
import { athletes, restrictionChanges, restrictions, squads } from '../database/schema';
import type { SquadSeason } from './seasons';

export type AthleteRow = typeof athletes.$inferSelect;
export type RestrictionRow = typeof restrictions.$inferSelect;

export interface FullAthlete extends AthleteRow {
  restrictions: RestrictionRow[];
}

export async function allSquads(tx: Transaction) {
  return tx.select().from(squads).orderBy(asc(squads.name));
}

export async function allAthletes(tx: Transaction): Promise<FullAthlete[]> {
  const rows = await tx.select().from(athletes).orderBy(asc(athletes.name));
  return withRestrictions(tx, rows);
}

async function withRestrictions(tx: Transaction, rows: AthleteRow[]): Promise<FullAthlete[]> {
  if (rows.length === 0) return [];
  const standing = await tx
    .select()
    .from(restrictions)
    .where(
      inArray(
        restrictions.athleteId,
        rows.map((r) => r.id),
      ),
    )
    .orderBy(asc(restrictions.id));
  return rows.map((row) => ({ ...row, restrictions: standing.filter((r) => r.athleteId === row.id) }));
}

export async function athleteById(tx: Transaction, id: string): Promise<FullAthlete | undefined> {
  const rows = await tx.select().from(athletes).where(eq(athletes.id, id));
  return (await withRestrictions(tx, rows))[0];
}

export async function squadById(tx: Transaction, id: string) {
  return (await tx.select().from(squads).where(eq(squads.id, id)))[0];
}

export async function addSquad(
  tx: Transaction,
  organisationId: string,
  name: string,
  sportId: string,
): Promise<string> {
  const id = v7();
  await tx.insert(squads).values({ id, organisationId, name, sportId });
  return id;
}

export type AthleteFields = Omit<AthleteRow, 'id' | 'organisationId' | 'createdAt'>;

/** A stored restriction in the words of the documents. */
export function restrictionOf(row: RestrictionRow): Restriction {
  const { id, organisationId, athleteId, ...fields } = row;
  return Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== null)) as unknown as Restriction;
}

export async function addAthlete(
  tx: Transaction,
  organisationId: string,
  fields: AthleteFields,
  standing: readonly Restriction[],
  id: string = v7(),
): Promise<string> {
  await tx.insert(athletes).values({ ...fields, id, organisationId });
  await replaceRestrictions(tx, organisationId, id, standing);
  return id;
}

export async function changeAthlete(
  tx: Transaction,
  organisationId: string,
  id: string,
  fields: Partial<AthleteFields>,
  standing?: readonly Restriction[],
  releases?: readonly Release[],
): Promise<boolean> {
  if (Object.keys(fields).length) {
    const changed = await tx.update(athletes).set(fields).where(eq(athletes.id, id)).returning({ id: athletes.id });
    if (changed.length === 0) return false;
  }
  if (standing) await replaceRestrictions(tx, organisationId, id, standing, releases);
  return true;
}

/** The list as it is now; every difference from before is written down with who released it. */
async function replaceRestrictions(
  tx: Transaction,
  organisationId: string,
  athleteId: string,
  standing: readonly Restriction[],
  releases: readonly Release[] = [],
): Promise<void> {
  const before = await tx.delete(restrictions).where(eq(restrictions.athleteId, athleteId)).returning();
  if (standing.length)
    await tx.insert(restrictions).values(standing.map((r) => ({ ...r, id: v7(), organisationId, athleteId })));
  const changes = changesOf(before.map(restrictionOf), standing);
  if (changes.length === 0) return;
  await tx.insert(restrictionChanges).values(
    changes.map((change) => {
      const release = releaseFor(change, releases);
      return { ...change, ...(release ? { release } : {}), id: v7(), organisationId, athleteId };
    }),
  );
}

/** Changes of an athlete's restrictions, the latest first. */
export async function changesOfAthlete(tx: Transaction, athleteId: string) {
  return tx
    .select({
      before: restrictionChanges.before,
      after: restrictionChanges.after,
      release: restrictionChanges.release,
      changedAt: restrictionChanges.changedAt,
    })
    .from(restrictionChanges)
    .where(eq(restrictionChanges.athleteId, athleteId))
    .orderBy(desc(restrictionChanges.changedAt))
    .limit(mostChanges);
}

const mostChanges = 50;

/** The sport of a squad, in full where the club has its own way of it. */
export type PlayedSport = Pick<Brief['sport'], 'id' | 'profile'>;

/** The brief a coach starts from: what is known of the athlete, the squad's sport and where the day stands in the season. */
export function briefOf(
  row: FullAthlete,
  sport: PlayedSport,
  season: Pick<SquadSeason, 'phases' | 'fixtures'>,
  date: string,
): Brief {
  const athlete: Athlete = {
    heightCm: row.heightCm,
    massKg: row.massKg,
    born: row.born,
    level: row.level as Athlete['level'],
    ...(row.sex ? { sex: row.sex } : {}),
    ...(row.dominantSide ? { dominantSide: row.dominantSide } : {}),
    restrictions: row.restrictions.map(restrictionOf),
    ...(row.history.length ? { history: row.history } : {}),
    ...(row.tests.length ? { tests: row.tests } : {}),
    ...(row.battery.length ? { battery: row.battery } : {}),
  };
  return {
    date,
    minutes: row.minutes,
    aim: row.aim as Brief['aim'],
    athlete,
    sport: { ...sport, role: row.role, ...(Object.keys(row.moved).length ? { moved: row.moved } : {}) },
    kit: row.kit,
    season: seasonOn(date, season.phases, season.fixtures),
    houseRules: { ...defaultHouseRules, ...row.houseRules },
    lock: { include: [], exclude: [] },
  };
}
