import { ageOn, daysBetween } from '../date/days';
import type { Variant } from '../exercise/model/variant';
import type { BlockKind } from '../exercise/model/vocabulary';
import { weightLoads } from '../kit/feasible';
import { isSamePlace } from '../limits/release';
import type { CaseDose, CaseSession, CaseSet, DecisionCase } from '../progress/decision-case';
import type { Brief } from '../session/brief/brief';
import type { PlanItem } from '../session/plan/plan-types';
import { plannedEffort } from '../session-type/planned-effort';
import type { ReviewedSession, ReviewedSet } from './reviewed-session';

/** What was left out, or done with less than planned, is no set of it that was done: nobody goes on from that. */
const isAsPlanned = (item: PlanItem, { variant, skipped, loadKg }: ReviewedSet) =>
  variant === item.variant && !skipped && (loadKg ?? Number.POSITIVE_INFINITY) >= (item.load?.kg ?? 0);

/** Logged sets of an item with the place of each on its side. */
function caseSets(item: PlanItem, logs: readonly ReviewedSet[]): CaseSet[] {
  const count = { left: 0, right: 0, both: 0 };
  return logs
    .filter((log) => isAsPlanned(item, log))
    .map(({ side, amount, reserve }) => {
      count[side] += 1;
      return { side, set: count[side], done: amount, rir: reserve ?? null };
    });
}

/** Worst pain in a region that an item loads; null where nobody reported. */
function painOf({ regions }: PlanItem, report: ReviewedSession['report']): number | null {
  if (!report) return null;
  return Math.max(0, ...report.pain.filter(({ region }) => regions.includes(region)).map(({ score }) => score));
}

/** What was said of pain, each with what the next morning was like: a region that only hurt then is there with 0 during. */
function painReported(report: ReviewedSession['report']): DecisionCase['session']['pain'] {
  if (!report) return [];
  const { pain, morning } = report;
  if (!morning) return pain;
  const during = pain.map((one) => ({
    ...one,
    morningAfter: morning.find((other) => isSamePlace(one, other))?.score ?? 0,
  }));
  const onlyThen = morning.filter((one) => !pain.some((other) => isSamePlace(one, other)));
  return [...during, ...onlyThen.map((one) => ({ ...one, score: 0, morningAfter: one.score }))];
}

const doseOf = (item: PlanItem): CaseDose => ({
  ...{ sets: item.sets, perSide: item.perSide, restSeconds: item.restSeconds },
  ...(item.reps === undefined ? {} : { reps: item.reps }),
  ...(item.holdSeconds === undefined ? {} : { holdSeconds: item.holdSeconds }),
  ...(item.workSeconds === undefined ? {} : { workSeconds: item.workSeconds }),
  ...(item.breaths === undefined ? {} : { breaths: item.breaths }),
  ...(item.contacts === undefined ? {} : { contacts: item.contacts }),
  ...(item.metres === undefined ? {} : { metres: item.metres }),
  ...(item.tempo === undefined ? {} : { tempo: item.tempo }),
  ...(item.intensity?.reserve === undefined ? {} : { rir: item.intensity.reserve }),
});

/** The session of an item as rules go by it. */
function caseSession(item: PlanItem, session: ReviewedSession, daysAgo: number): CaseSession {
  const kg = item.load?.kg;
  const { reps, sets } = item;
  return {
    ...{ daysAgo, sets: caseSets(item, session.logs), painInRegion: painOf(item, session.report) },
    planned: { sets, ...(reps === undefined ? {} : { reps }), ...(kg === undefined ? {} : { kg }) },
  };
}

/**
 * One item of a session with the sessions before, as a case to decide on.
 *
 * @param brief what the session was composed from
 * @param earlier sessions before, oldest first
 */
export function itemCase(
  item: PlanItem,
  block: string,
  variant: Variant | undefined,
  brief: Brief,
  session: ReviewedSession,
  earlier: readonly ReviewedSession[],
): DecisionCase {
  const past = earlier.flatMap((one) => {
    const same = one.plan.blocks.flatMap((b) => b.items).find((other) => other.variant === item.variant);
    return same ? [caseSession(same, one, Math.max(1, daysBetween(one.on, session.on)))] : [];
  });
  const age = ageOn(brief.athlete.born, session.on);
  const kg = item.load?.kg;
  const loads = variant && kg !== undefined ? weightLoads(variant, brief.kit, age).map((load) => load.kg) : [];
  const heavier = loads.filter((one) => one > (kg ?? 0));
  const lighter = loads.filter((one) => one < (kg ?? 0));
  const restriction = brief.athlete.restrictions?.find(({ region }) => item.regions.includes(region));
  const { nextFixture, phase } = brief.season;
  const notes = session.logs.filter((log) => log.variant === item.variant).map(({ note }) => note);
  return {
    athlete: { level: brief.athlete.level, age },
    item: {
      variant: item.drawnAs ?? item.variant,
      block: block as BlockKind,
      dose: doseOf(item),
      load: {
        with: item.load?.with ?? 'body weight',
        ...(kg === undefined ? {} : { kg }),
        ...(heavier.length > 0 ? { nextKg: Math.min(...heavier) } : {}),
        ...(loads.length > 0 ? { lighterKg: lighter.length > 0 ? Math.max(...lighter) : null } : {}),
      },
    },
    history: [...past, caseSession(item, session, 0)],
    session: {
      rpe: { planned: plannedEffort(brief), actual: session.report?.effort ?? null },
      pain: painReported(session.report),
      note: [session.report?.note, ...notes].filter(Boolean).join('. '),
      ...(session.readiness ? { readiness: session.readiness } : {}),
    },
    phase,
    daysToFixture: nextFixture ? daysBetween(session.on, nextFixture) : null,
    ...(restriction ? { restriction } : {}),
  };
}
