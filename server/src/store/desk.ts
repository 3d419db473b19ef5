import { createHash } from 'node:crypto';
import { dayAfter } from '@tropaeum/core/date/days';
import type { DeskMark } from '@tropaeum/core/desk/desk';
import type { DeskAthlete, DeskSession } from '@tropaeum/core/desk/desk-athlete';
import { isMinor, usualConsentAge } from '@tropaeum/core/people/consent';
import type { ProgressRules } from '@tropaeum/core/progress/progress-rules';
import { type StoredReview, storedReview } from '@tropaeum/core/review/stored-review';
import { and, asc, desc, eq, gte, inArray, isNotNull, isNull, lte, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { Transaction } from '../database/database';
import {
  athleteLinks,
  decisions,
  deskMarks,
  releaseRequests,
  sessionReports,
  sessionReviews,
  sessions,
} from '../database/schema';
import { allAthletes, type FullAthlete, restrictionOf, someAthletes } from './athletes';
import { grouped } from './grouped';
import { logsOf, reportsOf } from './results';
import { allOwnSeasons, seasonsOfSquads, withOwn } from './seasons';
import { fullSessions, sessionsBack } from './sessions';

/** How far the desk looks back and ahead; results older than `decidable` are not decided on any more, days. */
const [lookBack, lookAhead, decidable] = [60, 21, 14];
/** Sessions that are worked out at once; more wait, so that they do not all stand in memory. */
const atOnce = 40;
/** Of the rules as they are written: another one has everything worked out anew. */
const version = 1;

const lines = (tx: Transaction, from: string, to: string, athleteIds?: readonly string[]) =>
  tx
    .select({
      ...{ id: sessions.id, athleteId: sessions.athleteId, on: sessions.on, status: sessions.status },
      ...{ plannedEffort: sessions.plannedEffort, writtenFor: sessions.writtenFor },
      ...{ resultsRevision: sessions.resultsRevision, resultsAt: sessions.resultsAt },
      ...{ effort: sessionReports.effort, minutes: sessionReports.minutes, pain: sessionReports.pain },
      ...{ note: sessionReports.note, morning: sessionReports.morning },
    })
    .from(sessions)
    .leftJoin(sessionReports, eq(sessionReports.sessionId, sessions.id))
    .where(
      and(
        gte(sessions.on, from),
        lte(sessions.on, to),
        athleteIds ? inArray(sessions.athleteId, [...athleteIds]) : undefined,
      ),
    )
    .orderBy(asc(sessions.on));
type Line = Awaited<ReturnType<typeof lines>>[number];

const digest = (value: unknown): string =>
  createHash('sha256').update(JSON.stringify(value)).digest('base64url').slice(0, 12);

/** What a review rests on: the session and those before as far as they have come, what holds for the athlete, and the rules. */
const basisOf = (chain: readonly Line[], athlete: FullAthlete, rules: ProgressRules): string =>
  `${version} ${chain.map(({ id, resultsRevision }) => `${id.slice(-6)}.${resultsRevision}`).join(' ')} ${digest([athlete.restrictions.map(restrictionOf), rules])}`;

interface Wanted {
  athlete: FullAthlete;
  /** The session, and before it those that its proposals look at; the session last. */
  chain: readonly Line[];
  basis: string;
}

/** Works out what the rules say of some sessions, and keeps it. */
async function workOut(
  tx: Transaction,
  organisationId: string,
  wanted: readonly Wanted[],
  rules: ProgressRules,
): Promise<Map<string, StoredReview>> {
  const found = new Map<string, StoredReview>();
  for (let from = 0; from < wanted.length; from += atOnce) {
    const some = wanted.slice(from, from + atOnce);
    const ids = [...new Set(some.flatMap(({ chain }) => chain.map(({ id }) => id)))];
    const full = new Map((await fullSessions(tx, ids)).map((session) => [session.id, session]));
    const logs = grouped(await logsOf(tx, ids), (log) => log.sessionId);
    const reports = new Map((await reportsOf(tx, ids)).map((report) => [report.sessionId, report]));
    const rows = some.flatMap(({ athlete, chain, basis }) => {
      const all = chain.flatMap(({ id }) => full.get(id) ?? []);
      const session = all.at(-1);
      if (!session || session.id !== chain.at(-1)?.id) return [];
      const asDone = ({ id, on, plan }: typeof session) => ({
        ...{ on, plan, logs: logs.get(id) ?? [] },
        report: reports.get(id),
      });
      const brief = {
        ...session.brief,
        athlete: { ...session.brief.athlete, restrictions: athlete.restrictions.map(restrictionOf) },
      };
      const content = storedReview(asDone(session), brief, all.slice(0, -1).map(asDone), rules);
      found.set(session.id, content);
      return [{ sessionId: session.id, organisationId, athleteId: athlete.id, basis, content }];
    });
    if (rows.length > 0)
      await tx
        .insert(sessionReviews)
        .values(rows)
        .onConflictDoUpdate({
          target: sessionReviews.sessionId,
          set: { basis: sql`excluded.basis`, content: sql`excluded.content` },
        });
  }
  return found;
}

/** Sessions whose proposals the desk shows: the latest done one of each, and those decided on that something has come of since. */
function chainsOf(own: readonly Line[], today: string, decidedAt: ReadonlyMap<string, string>): Line[][] {
  const done = own.filter(({ status }) => status === 'done');
  const late = (line: Line) => {
    const at = decidedAt.get(line.id);
    return at !== undefined && line.resultsAt !== null && line.resultsAt > at;
  };
  return done.flatMap((line, i) =>
    line.on > dayAfter(today, -decidable) && (i === done.length - 1 || late(line))
      ? [done.slice(Math.max(0, i - sessionsBack), i + 1)]
      : [],
  );
}

/** What the rules say of sessions, from what is kept as far as it still rests on the same. */
async function reviewsOf(
  tx: Transaction,
  organisationId: string,
  wanted: readonly Wanted[],
  rules: ProgressRules,
): Promise<Map<string, StoredReview>> {
  const ids = wanted.map(({ chain }) => (chain.at(-1) as Line).id);
  if (ids.length === 0) return new Map();
  const kept = new Map(
    (await tx.select().from(sessionReviews).where(inArray(sessionReviews.sessionId, ids))).map((row) => [
      row.sessionId,
      row,
    ]),
  );
  const fresh = ids.flatMap((id, i) => {
    const row = kept.get(id);
    return row && row.basis === wanted[i]?.basis ? [[id, row.content] as const] : [];
  });
  const have = new Map(fresh);
  const missing = wanted.filter(({ chain }) => !have.has((chain.at(-1) as Line).id));
  return new Map([...have, ...(await workOut(tx, organisationId, missing, rules))]);
}

function deskSession(line: Line, review: StoredReview | undefined, decided: DeskSession['decided']): DeskSession {
  const { id, on, status, plannedEffort, writtenFor, effort, minutes, pain, note, morning, resultsAt } = line;
  const cameAt = resultsAt ?? `${on}T00:00:00Z`;
  return {
    ...{ id, on, status, plannedEffort: plannedEffort ?? 6, decided },
    ...(effort !== null && minutes !== null && pain !== null
      ? { report: { effort, minutes, pain, note, morning, cameAt } }
      : {}),
    ...(status === 'done' ? {} : { writtenFor }),
    ...(review ? { review } : {}),
  };
}

/** Everybody as the desk knows them, with what the rules say of their latest sessions. */
export async function deskAthletes(
  tx: Transaction,
  organisationId: string,
  today: string,
  settings: { rules: ProgressRules; consentAge?: number },
): Promise<DeskAthlete[]> {
  const { rules, consentAge = usualConsentAge } = settings;
  const athletes = await allAthletes(tx);
  const all = grouped(
    await lines(tx, dayAfter(today, -lookBack), dayAfter(today, lookAhead)),
    ({ athleteId }) => athleteId,
  );
  const recent = [...all.values()].flat().filter(({ on }) => on > dayAfter(today, -decidable));
  const decided = grouped(
    recent.length === 0
      ? []
      : await tx
          .select({
            ...{ sessionId: decisions.sessionId, variant: decisions.variant, decided: decisions.decided },
            at: decisions.decidedAt,
          })
          .from(decisions)
          .where(
            inArray(
              decisions.sessionId,
              recent.map(({ id }) => id),
            ),
          ),
    ({ sessionId }) => sessionId,
  );
  const decidedAt = new Map([...decided].map(([id, rows]) => [id, rows.map(({ at }) => at).sort()[0] as string]));
  const wanted = athletes.flatMap((athlete) =>
    chainsOf(all.get(athlete.id) ?? [], today, decidedAt).map(
      (chain): Wanted => ({ athlete, chain, basis: basisOf(chain, athlete, rules) }),
    ),
  );
  const reviews = await reviewsOf(tx, organisationId, wanted, rules);
  const squadIds = [...new Set(athletes.map(({ squadId }) => squadId))];
  const squads = new Map((await seasonsOfSquads(tx, squadIds)).map((season, i) => [squadIds[i], season]));
  const own = await allOwnSeasons(tx);
  const asked = grouped(
    await tx
      .select({ athleteId: releaseRequests.athleteId, region: releaseRequests.region, side: releaseRequests.side })
      .from(releaseRequests)
      .where(isNull(releaseRequests.answeredAt)),
    ({ athleteId }) => athleteId,
  );
  const links = new Map(
    (
      await tx
        .select({ athleteId: athleteLinks.athleteId, expiresAt: athleteLinks.expiresAt })
        .from(athleteLinks)
        .where(isNull(athleteLinks.endedAt))
    ).map(({ athleteId, expiresAt }) => [athleteId, expiresAt.slice(0, 10)]),
  );
  return athletes.map((athlete): DeskAthlete => {
    const { id, name, born, battery, squadId } = athlete;
    const squad = squads.get(squadId);
    const mine = own.get(id);
    const season = squad && mine ? withOwn(squad, mine, today) : squad;
    const lastTest = battery
      .map(({ on }) => on)
      .sort()
      .at(-1);
    const linkUntil = links.get(id);
    return {
      ...{ id, name, minor: isMinor(born, today, consentAge) },
      sessions: (all.get(id) ?? []).map((line) =>
        deskSession(
          line,
          reviews.get(line.id),
          (decided.get(line.id) ?? []).map((row) => ({ ...row, decided: row.decided as never })),
        ),
      ),
      restrictions: athlete.restrictions.map(restrictionOf),
      asked: (asked.get(id) ?? []).map(({ region, side }) => ({ region, ...(side ? { side } : {}) })),
      fixtures: (season?.fixtures ?? []).map(({ on }) => on),
      ...(lastTest ? { lastTest } : {}),
      ...(linkUntil ? { linkUntil } : {}),
    };
  });
}

export async function marksOf(tx: Transaction, today: string): Promise<DeskMark[]> {
  const rows = await tx
    .select({ athlete: deskMarks.athleteId, key: deskMarks.key, until: deskMarks.until })
    .from(deskMarks);
  return rows.filter(({ until }) => until === null || until > today);
}

/** Puts entries away until a day, or for good until something new comes of them. */
export async function putAway(tx: Transaction, organisationId: string, entries: readonly DeskMark[]): Promise<void> {
  if (entries.length === 0) return;
  await tx
    .insert(deskMarks)
    .values(entries.map(({ athlete, key, until }) => ({ id: v7(), organisationId, athleteId: athlete, key, until })))
    .onConflictDoUpdate({
      target: [deskMarks.athleteId, deskMarks.key],
      set: { until: sql`excluded.until`, createdAt: sql`now()` },
    });
}

export async function takeBack(tx: Transaction, entries: readonly Pick<DeskMark, 'athlete' | 'key'>[]): Promise<void> {
  for (const { athlete, key } of entries)
    await tx.delete(deskMarks).where(and(eq(deskMarks.athleteId, athlete), eq(deskMarks.key, key)));
}

/** What the rules say of some sessions now; those that nobody sees here are left out. */
export async function reviewsForSessions(
  tx: Transaction,
  organisationId: string,
  ids: readonly string[],
  rules: ProgressRules,
): Promise<Map<string, StoredReview>> {
  const asked = await tx
    .select({ id: sessions.id, athleteId: sessions.athleteId, on: sessions.on })
    .from(sessions)
    .where(inArray(sessions.id, [...ids]));
  if (asked.length === 0) return new Map();
  const days = asked.map(({ on }) => on).sort();
  const people = [...new Set(asked.map(({ athleteId }) => athleteId))];
  const athletes = new Map((await someAthletes(tx, people)).map((athlete) => [athlete.id, athlete]));
  const from = dayAfter(days[0] as string, -lookBack);
  const all = grouped(await lines(tx, from, days.at(-1) as string, people), ({ athleteId }) => athleteId);
  const wanted = asked.flatMap(({ id, athleteId }): Wanted[] => {
    const athlete = athletes.get(athleteId);
    const own = (all.get(athleteId) ?? []).filter((line) => line.id === id || line.status === 'done');
    const at = own.findIndex((line) => line.id === id);
    const chain = own.slice(Math.max(0, at - sessionsBack), at + 1);
    return athlete && at >= 0 ? [{ athlete, chain, basis: basisOf(chain, athlete, rules) }] : [];
  });
  return reviewsOf(tx, organisationId, wanted, rules);
}

/** Decisions of late on what rules proposed, the latest first: what a coach keeps overruling shows in them. */
export async function pastDecisions(tx: Transaction, most = 400) {
  return tx
    .select({ rule: decisions.rule, proposed: decisions.proposed, decided: decisions.decided })
    .from(decisions)
    .where(isNotNull(decisions.rule))
    .orderBy(desc(decisions.decidedAt))
    .limit(most);
}
