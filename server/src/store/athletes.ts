import type { Athlete } from '@tropaeum/core/athlete/athlete';
import { seasonOn } from '@tropaeum/core/season/season';
import { type Brief, defaultHouseRules } from '@tropaeum/core/session/brief';
import { asc, eq, inArray } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { Transaction } from '../database/database';
import { athletes, restrictions, squads } from '../database/schema';
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
export type RestrictionFields = Pick<RestrictionRow, 'region' | 'severity'> &
  Partial<Pick<RestrictionRow, 'side' | 'reason' | 'until'>>;

export async function addAthlete(
  tx: Transaction,
  organisationId: string,
  fields: AthleteFields,
  standing: readonly RestrictionFields[],
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
  standing?: readonly RestrictionFields[],
): Promise<boolean> {
  if (Object.keys(fields).length) {
    const changed = await tx.update(athletes).set(fields).where(eq(athletes.id, id)).returning({ id: athletes.id });
    if (changed.length === 0) return false;
  }
  if (standing) await replaceRestrictions(tx, organisationId, id, standing);
  return true;
}

async function replaceRestrictions(
  tx: Transaction,
  organisationId: string,
  athleteId: string,
  standing: readonly RestrictionFields[],
): Promise<void> {
  await tx.delete(restrictions).where(eq(restrictions.athleteId, athleteId));
  if (standing.length)
    await tx.insert(restrictions).values(standing.map((r) => ({ ...r, id: v7(), organisationId, athleteId })));
}

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
    restrictions: row.restrictions.map(({ region, severity, side, reason, until }) => ({
      region,
      severity,
      ...(side ? { side } : {}),
      ...(reason ? { reason } : {}),
      ...(until ? { until } : {}),
    })),
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
