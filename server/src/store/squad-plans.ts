import { firstName } from '@tropaeum/core/common/text';
import type { Plan } from '@tropaeum/core/session/plan/plan-types';
import { and, asc, eq } from 'drizzle-orm';
import type { Transaction } from '../database/database';
import { athletes, sessions, squads } from '../database/schema';

/** What everybody of a squad has for a day, sent or not, by first name; nothing where there is no such squad. */
export async function plansOfSquad(
  tx: Transaction,
  squadId: string,
  on: string,
): Promise<{ athlete: string; plan: Plan }[] | undefined> {
  const [squad] = await tx.select({ id: squads.id }).from(squads).where(eq(squads.id, squadId));
  if (!squad) return undefined;
  const rows = await tx
    .select({ name: athletes.name, plan: sessions.plan })
    .from(sessions)
    .innerJoin(athletes, eq(athletes.id, sessions.athleteId))
    .where(and(eq(athletes.squadId, squadId), eq(sessions.on, on)))
    .orderBy(asc(athletes.name));
  const isAlone = (name: string) => rows.filter((row) => firstName(row.name) === firstName(name)).length === 1;
  return rows.map(({ name, plan }) => ({ athlete: isAlone(name) ? firstName(name) : name, plan }));
}
