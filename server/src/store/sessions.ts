import { printDose } from '@tropaeum/core/dose/notation';
import { doseOfPlan } from '@tropaeum/core/season/plan/planned-session';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import type { Draft } from '@tropaeum/core/session/draft/draft';
import { amountWords } from '@tropaeum/core/session/plan/amount-words';
import type { Plan } from '@tropaeum/core/session/plan/plan-types';
import { workByQuality } from '@tropaeum/core/session/plan/work-by-quality';
import { plannedEffort } from '@tropaeum/core/session-type/planned-effort';
import { and, desc, eq, gt, gte, inArray, lt, lte, ne, type SQL, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { Transaction } from '../database/database';
import { athletes, sessionReports, sessions } from '../database/schema';
import type { ReportRow } from './results';

/** Sessions before one that its proposals look at: a trend needs three. */
export const sessionsBack = 3;

export type SessionRow = typeof sessions.$inferSelect;

export interface SessionContent {
  brief: Brief;
  draft: Draft;
  plan: Plan;
}

/** What is stored of a session's content; work, dose, minutes and type are always the plan's own. */
export const stored = (content: SessionContent) => ({
  ...content,
  work: workByQuality(content.plan),
  dose: doseOfPlan(content.plan),
  planned: content.plan.minutes.planned,
  type: content.brief.sessionType ?? null,
  plannedEffort: plannedEffort(content.brief),
  writtenFor: content.brief.season.nextFixture ?? null,
  otherWays: null,
});

/** Every variant of a plan once. */
export const variantsIn = (plan: Plan): string[] => [
  ...new Set(plan.blocks.flatMap((block) => block.items.map(({ variant }) => variant))),
];

/** What was sent stays known when the session is changed after it went out: a phone may have logged it. */
const sentToo = (plan: Plan) =>
  sql`array(select distinct unnest(${sessions.sentVariants} || ${sql.param(variantsIn(plan))}::text[]))`;

/** What lists show of a session: never its plan, which is long. */
const listed = {
  id: sessions.id,
  athleteId: sessions.athleteId,
  on: sessions.on,
  status: sessions.status,
  work: sessions.work,
  planned: sessions.planned,
  effort: sessionReports.effort,
  minutes: sessionReports.minutes,
  pain: sessionReports.pain,
  note: sessionReports.note,
};

/** A session as lists show it, with the report that came back. */
export interface ListedSession extends Pick<SessionRow, 'id' | 'athleteId' | 'on' | 'status' | 'work' | 'planned'> {
  report: Pick<ReportRow, 'effort' | 'minutes' | 'pain' | 'note'> | null;
}

const listedOf = ({ effort, minutes, pain, note, ...session }: ListedRow): ListedSession => ({
  ...session,
  report: effort === null || minutes === null || pain === null ? null : { effort, minutes, pain, note },
});
type ListedRow = Omit<ListedSession, 'report'> & { [K in 'effort' | 'minutes' | 'pain' | 'note']: ReportRow[K] | null };

/** Sessions with their reports, as lists show them. */
const listedSessions = (tx: Transaction) =>
  tx.select(listed).from(sessions).leftJoin(sessionReports, eq(sessionReports.sessionId, sessions.id));

/** Sessions of everybody in a span of days: what lists and the ribbon need. */
export async function sessionsBetween(tx: Transaction, from: string, to: string): Promise<ListedSession[]> {
  const inSpan = and(gte(sessions.on, from), lte(sessions.on, to));
  return (await listedSessions(tx).where(inSpan).orderBy(sessions.on)).map(listedOf);
}

/** Sessions of one squad in a span of days, likewise. */
export async function sessionsOfSquad(tx: Transaction, squadId: string, from: string, to: string) {
  return tx
    .select({
      id: sessions.id,
      athleteId: sessions.athleteId,
      on: sessions.on,
      status: sessions.status,
      dose: sessions.dose,
      type: sessions.type,
      planned: sessions.planned,
      effort: sessionReports.effort,
      minutes: sessionReports.minutes,
    })
    .from(sessions)
    .innerJoin(athletes, eq(athletes.id, sessions.athleteId))
    .leftJoin(sessionReports, eq(sessionReports.sessionId, sessions.id))
    .where(and(eq(athletes.squadId, squadId), gte(sessions.on, from), lte(sessions.on, to)))
    .orderBy(sessions.on);
}

/** The latest sessions of an athlete as lists show them, the latest first. */
export async function sessionsOfAthlete(tx: Transaction, athleteId: string, most = 60): Promise<ListedSession[]> {
  const ofAthlete = eq(sessions.athleteId, athleteId);
  return (await listedSessions(tx).where(ofAthlete).orderBy(desc(sessions.on)).limit(most)).map(listedOf);
}

/** Some sessions in full, the latest first. */
export async function fullSessions(tx: Transaction, ids: readonly string[]): Promise<SessionRow[]> {
  if (ids.length === 0) return [];
  return tx
    .select()
    .from(sessions)
    .where(inArray(sessions.id, [...ids]))
    .orderBy(desc(sessions.on));
}

/** Sessions of an athlete since a day as they read: what is done in which dose. Those that never went out only where drafts are wanted too. */
export async function plansOf(tx: Transaction, athleteId: string, since: string, sentOnly = false) {
  const rows = await tx
    .select({ id: sessions.id, on: sessions.on, status: sessions.status, plan: sessions.plan, draft: sessions.draft })
    .from(sessions)
    .where(
      and(
        eq(sessions.athleteId, athleteId),
        gte(sessions.on, since),
        sentOnly ? ne(sessions.status, 'draft') : undefined,
      ),
    )
    .orderBy(desc(sessions.on));
  return rows.map(({ id, on, status, plan, draft }) => ({
    ...{ id, on, status, minutes: plan.minutes.planned },
    blocks: plan.blocks.map(({ kind, items }, b) => ({
      kind,
      items: items.map((item, i) => {
        const { name, side, adapt, load, cautions, for: what } = item;
        const choice = draft.groups[b]?.choices[i];
        return {
          ...{ name, dose: choice ? printDose(choice.dose) : '', amount: amountWords(item) },
          ...(load ? { load } : {}),
          ...(side ? { side } : {}),
          ...(adapt ? { adapt } : {}),
          ...(cautions.length > 0 ? { cautions } : {}),
          ...(what ? { for: what } : {}),
        };
      }),
    })),
  }));
}

/** The latest session of an athlete of which something holds. */
async function latest(tx: Transaction, athleteId: string, holds: SQL | undefined): Promise<SessionRow | undefined> {
  const ofAthlete = tx
    .select()
    .from(sessions)
    .where(and(eq(sessions.athleteId, athleteId), holds));
  return (await ofAthlete.orderBy(desc(sessions.on)).limit(1))[0];
}

const hasGoneOut = ne(sessions.status, 'draft');

/** So many sessions of an athlete that were done before a day, the latest first. */
export async function doneBefore(tx: Transaction, athleteId: string, on: string, most: number): Promise<SessionRow[]> {
  return tx
    .select()
    .from(sessions)
    .where(and(eq(sessions.athleteId, athleteId), lt(sessions.on, on), eq(sessions.status, 'done')))
    .orderBy(desc(sessions.on))
    .limit(most);
}

/** The latest session of an athlete that has gone out. */
export const latestSent = (tx: Transaction, athleteId: string): Promise<SessionRow | undefined> =>
  latest(tx, athleteId, hasGoneOut);

/** The sent session an athlete should do: the latest up to today that is not done, else today's. */
export const sessionToDo = (tx: Transaction, athleteId: string, today: string): Promise<SessionRow | undefined> =>
  latest(tx, athleteId, and(lte(sessions.on, today), hasGoneOut));

export const sessionOn = (tx: Transaction, athleteId: string, on: string): Promise<SessionRow | undefined> =>
  latest(tx, athleteId, eq(sessions.on, on));

export async function sessionById(tx: Transaction, id: string): Promise<SessionRow | undefined> {
  return (await tx.select().from(sessions).where(eq(sessions.id, id)))[0];
}

export async function addSession(
  tx: Transaction,
  organisationId: string,
  athleteId: string,
  on: string,
  content: SessionContent,
): Promise<SessionRow> {
  const rows = await tx
    .insert(sessions)
    .values({ id: v7(), organisationId, athleteId, on, ...stored(content) })
    .returning();
  return rows[0] as SessionRow;
}

/** Saves over the revision that the coach has seen; undefined when somebody saved in between. */
export async function saveSession(
  tx: Transaction,
  id: string,
  revision: number,
  content: SessionContent,
): Promise<SessionRow | undefined> {
  const rows = await tx
    .update(sessions)
    .set({
      ...stored(content),
      on: content.brief.date,
      revision: revision + 1,
      updatedAt: sql`now()`,
      sentVariants: sql`case when ${sessions.status} = 'draft' then ${sessions.sentVariants} else ${sentToo(content.plan)} end`,
    })
    .where(and(eq(sessions.id, id), eq(sessions.revision, revision)))
    .returning();
  return rows[0];
}

/** What a session holds worked out anew, without counting as a save: nobody has written in it. */
export async function bringUpToDate(tx: Transaction, id: string, content: SessionContent): Promise<void> {
  await tx.update(sessions).set(stored(content)).where(eq(sessions.id, id));
}

/** Sessions that were sent for days to come, the next first. */
export const sentAhead = (tx: Transaction, athleteId: string, after: string, to: string): Promise<SessionRow[]> =>
  tx
    .select()
    .from(sessions)
    .where(
      and(eq(sessions.athleteId, athleteId), gt(sessions.on, after), lte(sessions.on, to), eq(sessions.status, 'sent')),
    )
    .orderBy(sessions.on);

export async function markSent(tx: Transaction, id: string, plan: Plan, at: string): Promise<void> {
  await tx
    .update(sessions)
    .set({ status: 'sent', sentAt: sql`coalesce(${sessions.sentAt}, ${at})`, sentVariants: sentToo(plan) })
    .where(and(eq(sessions.id, id), ne(sessions.status, 'done')));
}
