import { dayAfter } from '@tropaeum/core/date/days';
import { isMinor, usualConsentAge } from '@tropaeum/core/people/consent';
import { usualRetention } from '@tropaeum/core/people/retention';
import { eq, inArray, lt, sql } from 'drizzle-orm';
import type { Transaction } from '../database/database';
import { athletes, type ClubSettings, messages, sessions } from '../database/schema';
import { reduceToName, standingConsents } from './consents';

/** A day so many months before, the last of its month where there is no such day. */
function monthsBefore(day: string, months: number): string {
  const there = new Date(`${day.slice(0, 7)}-01T00:00:00Z`);
  there.setUTCMonth(there.getUTCMonth() - months);
  const month = there.toISOString().slice(0, 7);
  const last = new Date(Date.UTC(there.getUTCFullYear(), there.getUTCMonth() + 1, 0)).getUTCDate();
  return `${month}-${String(Math.min(last, Number(day.slice(8)))).padStart(2, '0')}`;
}

/** What a club keeps no longer goes; how many rows, and minors who are names again. */
export async function applyRetention(tx: Transaction, settings: ClubSettings, today: string): Promise<number> {
  const { resultsMonths, auditMonths, messageDays, consentDays } = { ...usualRetention, ...settings.retention };
  let gone = 0;
  if (resultsMonths !== undefined)
    gone += (
      await tx
        .delete(sessions)
        .where(lt(sessions.on, monthsBefore(today, resultsMonths)))
        .returning({ id: sessions.id })
    ).length;
  const stale = `${dayAfter(today, -messageDays)}T00:00:00Z`;
  gone += (await tx.delete(messages).where(lt(messages.createdAt, stale)).returning({ id: messages.id })).length;
  const { rows } = await tx.execute<{ gone: string }>(sql`select purge_audit(${auditMonths}::integer) as gone`);
  gone += Number(rows[0]?.gone ?? 0);
  return gone + (await reduceMinors(tx, settings.consentAge ?? usualConsentAge, consentDays, today));
}

/** Notes since when a minor is without consent, forgets it where that has come, and reduces to the name who has waited too long. */
async function reduceMinors(tx: Transaction, age: number, days: number, today: string): Promise<number> {
  const rows = await tx
    .select({
      ...{ id: athletes.id, organisationId: athletes.organisationId, squadId: athletes.squadId, name: athletes.name },
      ...{ born: athletes.born, since: athletes.consentMissingSince },
    })
    .from(athletes);
  const minors = rows.filter(({ born }) => isMinor(born, today, age));
  const agreed = new Set(
    (
      await standingConsents(
        tx,
        minors.map(({ id }) => id),
      )
    ).map(({ athleteId }) => athleteId),
  );
  const missing = new Set(minors.filter(({ id }) => !agreed.has(id)).map(({ id }) => id));
  const settled = rows.filter(({ id, since }) => since !== null && !missing.has(id)).map(({ id }) => id);
  if (settled.length > 0)
    await tx.update(athletes).set({ consentMissingSince: null }).where(inArray(athletes.id, settled));
  let reduced = 0;
  for (const row of rows.filter(({ id }) => missing.has(id))) {
    if (row.since === null)
      await tx.update(athletes).set({ consentMissingSince: today }).where(eq(athletes.id, row.id));
    else if (row.since <= dayAfter(today, -days)) {
      await reduceToName(tx, row);
      reduced += 1;
    }
  }
  return reduced;
}
