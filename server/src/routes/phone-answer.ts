import type { Restriction } from '@tropaeum/core/athlete/athlete';
import { ageOn, dayAfter } from '@tropaeum/core/date/days';
import { catalogueOf } from '@tropaeum/core/exercise/catalogue/catalogue';
import { replacementsFor } from '@tropaeum/core/kit/replacements';
import { painUnder } from '@tropaeum/core/limits/ceiling';
import { changesOf } from '@tropaeum/core/limits/release';
import { standingOf } from '@tropaeum/core/limits/restriction';
import { labelAmong } from '@tropaeum/core/season/scheduler/day';
import { contextOf } from '@tropaeum/core/session/context/context';
import { otherWays } from '@tropaeum/core/session/player/other-ways';
import type { Transaction } from '../database/database';
import { HttpError } from '../middleware/http-error';
import { unitsOf } from '../store/accounts';
import { athleteById, type FullAthlete, restrictionOf } from '../store/athletes';
import { lacksConsent } from '../store/consents';
import { hasGuardianToTell } from '../store/guardian-notices';
import { keepWays } from '../store/other-ways';
import { type LogRow, logsOf, morningToAsk, readinessOf, reportsOf } from '../store/results';
import { type SquadSeason, seasonOfAthlete } from '../store/seasons';
import { bringUpToDate, type SessionRow, sentAhead, sessionsOfAthlete, sessionToDo } from '../store/sessions';
import { weekFrom } from './athlete-week';
import { underRestrictions } from './session-fields';

/** Sessions further ahead are not kept on a phone, days. */
const aheadDays = 7;
/** Sessions that an athlete can look back on. */
const pastSessions = 20;
const growingBelow = 18;

/**
 * A session that went out, under the restrictions of now: what a physio or coach has set since changes it at once. Where it holds what is not
 * allowed any more, it is withheld until another one comes.
 */
async function asItStands(
  tx: Transaction,
  session: SessionRow | undefined,
  restrictions: readonly Restriction[],
): Promise<{ session: SessionRow | undefined; withheld?: true }> {
  const stood = session?.brief.athlete.restrictions ?? [];
  const same = changesOf(stood, restrictions).length === 0;
  if (session?.status !== 'sent' || same) return { session };
  try {
    const content = underRestrictions(session, restrictions);
    await bringUpToDate(tx, session.id, content);
    return { session: { ...session, ...content } };
  } catch (error) {
    if (!(error instanceof HttpError)) throw error;
    return { session: undefined, withheld: true };
  }
}

/** The next easier and harder exercises of a session: worked out once, when a phone first asks. */
async function waysOf(tx: Transaction, session: SessionRow) {
  if (session.otherWays) return session.otherWays;
  const ways = otherWays(contextOf(session.brief), session.draft);
  await keepWays(tx, session.id, ways);
  return ways;
}

/** What at home can stand in for the things of a session, each with what it is for. */
function replacementsOf({ brief, plan }: SessionRow) {
  const catalogue = catalogueOf(brief.own);
  const items = plan.blocks.flatMap((block) => block.items);
  const all = items.flatMap(({ variant, name }) => {
    const known = catalogue.byId(variant);
    return (known ? replacementsFor(known) : []).map(({ instead, condition, caution }) => ({
      ...{ instead, condition, caution, forWhat: name },
    }));
  });
  return [...new Map(all.map((one) => [one.instead, one])).values()];
}

/** Pain up to which each restricted part may go on today. */
const ceilingsOf = (restrictions: readonly Restriction[], today: string) =>
  restrictions.flatMap((one) => {
    const standing = standingOf(one, today);
    return standing ? [{ region: standing.region, painAtMost: painUnder(standing) }] : [];
  });

/** A logged set as a phone knows it; what was not said is left out. */
const phoneLog = ({ id, variant, setNumber, side, amount, reserve, insteadOf, loadKg, skipped }: LogRow) => ({
  ...{ id, variant, setNumber, side, amount },
  ...(reserve === null ? {} : { reserve }),
  ...(insteadOf === null ? {} : { insteadOf }),
  ...(loadKg === null ? {} : { loadKg }),
  ...(skipped === null ? {} : { skipped }),
});

interface Around {
  athlete: FullAthlete;
  season: SquadSeason | undefined;
  restrictions: readonly Restriction[];
}

/** A session as it goes to the phone: all that it takes to be led through without a network. */
async function phoneSession(tx: Transaction, session: SessionRow, { athlete, season, restrictions }: Around) {
  const fixtures = (season?.fixtures ?? []).map(({ on }) => on);
  return {
    ...{ id: session.id, on: session.on, status: session.status, plan: session.plan },
    label: labelAmong(session.on, fixtures),
    secondSide: session.brief.houseRules.secondSide,
    dominantSide: athlete.dominantSide,
    ways: await waysOf(tx, session),
    replacements: replacementsOf(session),
    isMinor: ageOn(athlete.born, session.on) < growingBelow,
    ceilings: ceilingsOf(restrictions, session.on),
  };
}

/** Whoever a link is of, and today's session as it stands; none without consent. */
export async function todayOf(tx: Transaction, athleteId: string, today: string) {
  const athlete = await athleteById(tx, athleteId);
  const consents = athlete !== undefined && !(await lacksConsent(tx, athlete, today));
  const restrictions = athlete?.restrictions.map(restrictionOf) ?? [];
  const toDo = consents ? await sessionToDo(tx, athleteId, today) : undefined;
  return { athlete, consents, restrictions, ...(await asItStands(tx, toDo, restrictions)) };
}

/** What an athlete's link opens: who it is, the session of today with what was logged, what was sent for the days after, what is past. */
export async function phoneAnswer(tx: Transaction, athleteId: string, today: string, linkUntil?: string) {
  const { athlete, consents, restrictions, session, withheld } = await todayOf(tx, athleteId, today);
  const ids = session ? [session.id] : [];
  const [logs, reports, told] = [await logsOf(tx, ids), await reportsOf(tx, ids), await readinessOf(tx, ids)];
  const season = athlete && (await seasonOfAthlete(tx, athlete.squadId, athleteId, today));
  const around = athlete && { athlete, season, restrictions };
  const later = consents ? await sentAhead(tx, athleteId, today, dayAfter(today, aheadDays)) : [];
  const ahead = [];
  for (const one of later.filter(({ id }) => id !== session?.id)) {
    const { session: stands } = await asItStands(tx, one, restrictions);
    if (stands && around) ahead.push(await phoneSession(tx, stands, around));
  }
  const past = consents ? await sessionsOfAthlete(tx, athleteId, pastSessions) : [];
  const { name, heightCm, massKg, sex } = athlete ?? {};
  return {
    athlete: { id: athleteId, name, heightCm, massKg, sex },
    tests: athlete?.battery ?? [],
    linkUntil: linkUntil ?? null,
    guardianTold: athlete !== undefined && (await hasGuardianToTell(tx, athlete, today)),
    today,
    ...(await unitsOf(tx)),
    ...(withheld ? { withheld } : {}),
    week: season ? weekFrom(season, today, session?.on) : [],
    session: session && around ? await phoneSession(tx, session, around) : null,
    ahead,
    past: past
      .filter(({ on, status }) => on <= today && status === 'done')
      .map(({ id, on, planned, report }) => ({
        ...{ id, on, planned },
        ...(report ? { minutes: report.minutes, effort: report.effort, pain: report.pain } : {}),
      })),
    logs: logs.map(phoneLog),
    readiness: told[0]?.content ?? null,
    reported: reports.length > 0,
    morning: consents ? ((await morningToAsk(tx, athleteId, today)) ?? null) : null,
  };
}
