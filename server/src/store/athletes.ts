import type { Athlete, Restriction } from '@tropaeum/core/athlete/athlete';
import { changesOf, isSamePlace, isSameRestriction, type Release, releaseFor } from '@tropaeum/core/limits/release';
import { seasonOn } from '@tropaeum/core/season/calendar/season-on';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import { defaultHouseRules } from '@tropaeum/core/session/brief/house-rules';
import { asc, desc, eq, inArray } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { Transaction } from '../database/database';
import { accounts, athletes, pendingAthletes, restrictionChanges, restrictions, squads } from '../database/schema';
import { grouped } from './grouped';
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

/** Some athletes, in no order. */
export async function someAthletes(tx: Transaction, ids: readonly string[]): Promise<FullAthlete[]> {
  return withRestrictions(
    tx,
    await tx
      .select()
      .from(athletes)
      .where(inArray(athletes.id, [...ids])),
  );
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
  const byAthlete = grouped(standing, (r) => r.athleteId);
  return rows.map((row) => ({ ...row, restrictions: byAthlete.get(row.id) ?? [] }));
}

export async function athleteById(tx: Transaction, id: string): Promise<FullAthlete | undefined> {
  const rows = await tx.select().from(athletes).where(eq(athletes.id, id));
  return (await withRestrictions(tx, rows))[0];
}

/** The same, held until the transaction ends: nobody else changes it meanwhile. */
export async function athleteToChange(tx: Transaction, id: string): Promise<FullAthlete | undefined> {
  const rows = await tx.select().from(athletes).where(eq(athletes.id, id)).for('update');
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

export async function renameSquad(tx: Transaction, id: string, name: string): Promise<boolean> {
  return (await tx.update(squads).set({ name }).where(eq(squads.id, id)).returning({ id: squads.id })).length > 0;
}

/** Takes a squad away with its season and feeds, where nobody is in it, not by name either. */
export async function deleteSquad(tx: Transaction, id: string): Promise<'gone' | 'none' | 'full'> {
  const [there] = await tx.select({ id: squads.id }).from(squads).where(eq(squads.id, id)).for('update');
  if (!there) return 'none';
  for (const table of [athletes, pendingAthletes])
    if ((await tx.select({ id: table.id }).from(table).where(eq(table.squadId, id)).limit(1)).length > 0) return 'full';
  await tx.delete(squads).where(eq(squads.id, id));
  return 'gone';
}

export type AthleteFields = Omit<AthleteRow, 'id' | 'organisationId' | 'createdAt' | 'assumed' | 'consentMissingSince'>;
/** The same with what nobody has said yet. */
type NewAthleteFields = AthleteFields & Partial<Pick<AthleteRow, 'assumed'>>;

/** A stored restriction in the words of the documents. */
export function restrictionOf(row: RestrictionRow): Restriction {
  const { id, organisationId, athleteId, physioId, ...fields } = row;
  return Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== null)) as unknown as Restriction;
}

export async function addAthlete(
  tx: Transaction,
  organisationId: string,
  fields: NewAthleteFields,
  standing: readonly Restriction[],
  id: string = v7(),
): Promise<string> {
  await tx.insert(athletes).values({ ...fields, id, organisationId });
  await putRestrictions(tx, organisationId, { id, restrictions: [] }, standing);
  return id;
}

/** Takes an athlete away with all that hangs on it; false where there is none. */
export async function deleteAthlete(tx: Transaction, athleteId: string): Promise<boolean> {
  return (await tx.delete(athletes).where(eq(athletes.id, athleteId)).returning({ id: athletes.id })).length > 0;
}

export async function changeAthlete(tx: Transaction, id: string, fields: Partial<NewAthleteFields>): Promise<void> {
  if (Object.keys(fields).length) await tx.update(athletes).set(fields).where(eq(athletes.id, id));
}

/** Who changes restrictions, and on whose word. */
interface PutBy {
  releases?: readonly Release[];
  /** The account that changes them; nobody's where the athlete is new. */
  by?: string;
  /** What is set belongs to this physio from now on. */
  asPhysio?: boolean;
}

/** The list as it is now: rows that say the same stay, and every difference from before is written down with who released it. */
export async function putRestrictions(
  tx: Transaction,
  organisationId: string,
  { id: athleteId, restrictions: rows }: Pick<FullAthlete, 'id' | 'restrictions'>,
  wanted: readonly Restriction[],
  { releases = [], by, asPhysio = false }: PutBy = {},
): Promise<void> {
  const before = rows.map((row) => ({ id: row.id, words: restrictionOf(row) }));
  const changes = changesOf(
    before.map(({ words }) => words),
    wanted,
  );
  if (changes.length === 0 && before.length === wanted.length) return;
  const left = [...before];
  for (const words of wanted) {
    const same = left.findIndex((row) => isSameRestriction(row.words, words));
    const at = same >= 0 ? same : left.findIndex((row) => isSamePlace(row.words, words));
    const row = at >= 0 ? left.splice(at, 1)[0] : undefined;
    if (same >= 0) continue;
    // A coach who makes a physio's restriction stricter does not take it over.
    const standing = rows.find(({ id }) => id === row?.id)?.physioId ?? null;
    const physioId = asPhysio ? (by ?? null) : standing;
    const values = { ...emptyRestriction, ...words, id: row?.id ?? v7(), organisationId, athleteId, physioId };
    await tx.insert(restrictions).values(values).onConflictDoUpdate({ target: restrictions.id, set: values });
  }
  const gone = left.map(({ id }) => id);
  if (gone.length) await tx.delete(restrictions).where(inArray(restrictions.id, gone));
  if (changes.length === 0) return;
  await tx.insert(restrictionChanges).values(
    changes.map((change) => {
      const release = releaseFor(change, releases);
      return {
        ...{ ...change, ...(release ? { release } : {}) },
        ...{ id: v7(), organisationId, athleteId, changedBy: by ?? null },
      };
    }),
  );
}

/** What is not said of a restriction any more is taken away. */
const emptyRestriction = {
  ...{ side: null, cause: null, reason: null, since: null, until: null, setBy: null },
  ...{ rangeDegrees: null, weightBearing: null, stage: null, without: null, criteria: null },
};

/** Changes of an athlete's restrictions, the latest first. */
export async function changesOfAthlete(tx: Transaction, athleteId: string, most = maxChanges) {
  return tx
    .select({
      before: restrictionChanges.before,
      after: restrictionChanges.after,
      release: restrictionChanges.release,
      changedAt: restrictionChanges.changedAt,
      by: accounts.name,
      byId: restrictionChanges.changedBy,
    })
    .from(restrictionChanges)
    .leftJoin(accounts, eq(accounts.id, restrictionChanges.changedBy))
    .where(eq(restrictionChanges.athleteId, athleteId))
    .orderBy(desc(restrictionChanges.changedAt))
    .limit(most);
}

const maxChanges = 50;

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
