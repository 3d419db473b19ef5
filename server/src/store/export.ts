import { asc, eq, inArray } from 'drizzle-orm';
import type { Transaction } from '../database/database';
import {
  athleteLinks,
  athletes,
  consents,
  decisions,
  guardianNotices,
  messages,
  ownSeasons,
  pushSubscriptions,
  restrictionChanges,
  restrictions,
  sessionReadiness,
  sessionReports,
  sessions,
  setLogs,
} from '../database/schema';
import { deleteAthlete } from './athletes';
import { familyOf, releaseRequestsOf, takeFromEverybody } from './care';
import { consentsOf, removePending } from './consents';

/** Version of the document that an export is. */
const exportFormat = 'tropaeum-athlete/1';

/** Everything that is kept of an athlete, table by table; of links only that they were there. Nothing where there is no such athlete. */
export async function everythingOf(tx: Transaction, athleteId: string) {
  const [athlete] = await tx.select().from(athletes).where(eq(athletes.id, athleteId));
  if (!athlete) return undefined;
  const all = await tx.select().from(sessions).where(eq(sessions.athleteId, athleteId)).orderBy(asc(sessions.on));
  const ids = all.map((s) => s.id);
  return {
    format: exportFormat,
    athlete,
    restrictions: await tx.select().from(restrictions).where(eq(restrictions.athleteId, athleteId)),
    restrictionChanges: await tx
      .select()
      .from(restrictionChanges)
      .where(eq(restrictionChanges.athleteId, athleteId))
      .orderBy(asc(restrictionChanges.changedAt)),
    ownSeason: (await tx.select().from(ownSeasons).where(eq(ownSeasons.athleteId, athleteId)))[0] ?? null,
    sessions: all,
    sets: await tx.select().from(setLogs).where(inArray(setLogs.sessionId, ids)).orderBy(asc(setLogs.doneAt)),
    reports: await tx.select().from(sessionReports).where(inArray(sessionReports.sessionId, ids)),
    readiness: await tx.select().from(sessionReadiness).where(inArray(sessionReadiness.sessionId, ids)),
    guardianNotices: await tx.select().from(guardianNotices).where(inArray(guardianNotices.sessionId, ids)),
    decisions: await tx.select().from(decisions).where(inArray(decisions.sessionId, ids)),
    messages: await tx
      .select({ body: messages.body, createdAt: messages.createdAt, deliveredAt: messages.deliveredAt })
      .from(messages)
      .where(eq(messages.athleteId, athleteId)),
    links: await tx
      .select({
        createdAt: athleteLinks.createdAt,
        expiresAt: athleteLinks.expiresAt,
        endedAt: athleteLinks.endedAt,
      })
      .from(athleteLinks)
      .where(eq(athleteLinks.athleteId, athleteId)),
    reminders: await tx
      .select({ wishes: pushSubscriptions.wishes, createdAt: pushSubscriptions.createdAt })
      .from(pushSubscriptions)
      .where(eq(pushSubscriptions.athleteId, athleteId)),
    consents: await consentsOf(tx, athleteId),
    family: await familyOf(tx, [athleteId]),
    releaseRequests: await releaseRequestsOf(tx, [athleteId]),
  };
}

/** Takes an athlete away with all that hangs on it, also one of whom only the name is kept; false where there is none. */
export async function eraseAthlete(tx: Transaction, athleteId: string): Promise<boolean> {
  const wasAthlete = await deleteAthlete(tx, athleteId);
  if (!wasAthlete && !(await removePending(tx, athleteId))) return false;
  await tx.delete(consents).where(eq(consents.athleteId, athleteId));
  await takeFromEverybody(tx, athleteId);
  return true;
}
