import { usualSize } from '../athlete/assumed';
import { painLimits } from '../athlete/pain-limits';
import { scaledBody } from '../body/segments';
import { variantById } from '../exercise/library/library';
import { momentOf, peakMoments } from '../exercise/mechanics/moments';
import type { Variant } from '../exercise/model/variant';
import type { Region } from '../exercise/model/vocabulary';
import { type Cause, causeInText, causes } from '../limits/causes';
import { ceilingOf } from '../limits/ceiling';
import type { CaseSession, CaseSet, DecisionCase } from './decision-case';
import { type ProgressRules, ruleValue } from './progress-rules';
import type { RuleValue } from './rule-book';

/** A session of the item in the figures that rules go by. */
export interface SessionFacts {
  daysAgo: number;
  pain: number | null;
  tempoKept: boolean;
  /** Every set that was logged with a figure. */
  sets: readonly (CaseSet & { done: number })[];
  /** Share of what was planned that was done, each set counted to what was planned, 0 to 1. */
  share: number;
  /** Everything planned was logged. */
  complete: boolean;
  /** Everything planned was done. */
  full: boolean;
  /** Fewest and mean repetitions in reserve; undefined where nobody said so of any set. */
  minRir: number | undefined;
  meanRir: number | undefined;
  /** How far the last set of the worse side went over what was planned. */
  over: number;
  raw: CaseSession;
}

/** A case in the figures and words that rules go by. */
export interface Facts {
  given: DecisionCase;
  variant: Variant | undefined;
  /** Sessions that can be compared, oldest first, one a day; the last is the one just reviewed. */
  sessions: readonly SessionFacts[];
  last: SessionFacts;
  before: SessionFacts | undefined;
  /** What one set asks for: of a range, its lower end. */
  planned: number;
  /** The upper end of a range; what one set asks for where there is none. */
  top: number;
  /** Reserve that was planned. */
  rir: number;
  /** Pain in the region: worst during the last session, and the next morning; null where nobody answered. */
  pain: number | null;
  morning: number | null | undefined;
  /** Why the region hurts, as the restriction of it says. */
  cause: Cause | undefined;
  /** The most that may hurt for that cause. */
  ceiling: number;
  minor: boolean;
  /** Lands, hops or jumps. */
  impact: boolean;
  fast: boolean;
  byTime: boolean;
  note: string;
  /** Regions with more pain than is safe, this item's or another's: nothing new loads them. */
  sore: readonly Region[];
  /** A day was logged twice. */
  doubled: boolean;
  /** A value of the rules as the club has set it. */
  value: (which: RuleValue) => number;
}

/** What one set asks for. */
function plannedOf({ item: { dose } }: DecisionCase): { planned: number; top: number } {
  const time = dose.holdSeconds ?? dose.workSeconds;
  const [low, high] = dose.repsRange ?? [undefined, undefined];
  const planned = low ?? time ?? dose.reps ?? dose.breaths ?? dose.contacts ?? dose.metres ?? 1;
  return { planned, top: high ?? planned };
}

function sessionFacts(session: CaseSession, given: DecisionCase, planned: number): SessionFacts {
  const { dose } = given.item;
  const asked = session.planned?.reps ?? planned;
  const sets = session.sets.filter((set): set is CaseSet & { done: number } => set.done !== null);
  const wanted = (session.planned?.sets ?? dose.sets) * (dose.perSide ? 2 : 1);
  const reserves = sets.flatMap(({ rir }) => (rir === null ? [] : [rir]));
  const lastOf = (side: CaseSet['side']) => sets.filter((set) => set.side === side).at(-1);
  const ends = [lastOf('both'), lastOf('left'), lastOf('right')].filter((set) => set !== undefined);
  // The last set is the most tired one: what was left is known where it was said of that.
  const said = reserves.length > 0 && ends.every(({ rir }) => rir !== null);
  return {
    daysAgo: session.daysAgo,
    pain: session.painInRegion,
    tempoKept: session.tempoKept !== false,
    sets,
    share: wanted === 0 ? 0 : sets.reduce((sum, { done }) => sum + Math.min(1, done / asked), 0) / wanted,
    complete: sets.length >= wanted,
    full: sets.length >= wanted && sets.every(({ done }) => done >= asked),
    minRir: said ? Math.min(...reserves) : undefined,
    meanRir: said ? reserves.reduce((a, b) => a + b, 0) / reserves.length : undefined,
    over: ends.length > 0 ? Math.min(...ends.map(({ done }) => done)) - asked : 0,
    raw: session,
  };
}

/** Sessions of one day are one: the fuller log of it counts. */
function oneADay(sessions: readonly SessionFacts[]): SessionFacts[] {
  const days = new Map<number, SessionFacts>();
  for (const session of sessions) {
    const there = days.get(session.daysAgo);
    if (!there || session.sets.length >= there.sets.length) days.set(session.daysAgo, session);
  }
  return [...days.values()].sort((a, b) => b.daysAgo - a.daysAgo);
}

/** Whether a region is one that the item loads; where the exercise is unknown, the pain that was reported for it says so. */
const loads = (variant: Variant | undefined, region: Region): boolean =>
  variant === undefined || variant.regions.some((load) => load.region === region);

/**
 * Works out what rules go by. The case must hold at least one session.
 *
 * @param rules what the club has set; as usual when left out
 */
export function factsOf(given: DecisionCase, rules?: ProgressRules): Facts {
  const { item, athlete, session, restriction } = given;
  const variant = variantById(item.variant);
  const { planned, top } = plannedOf(given);
  const sessions = oneADay(given.history.map((one) => sessionFacts(one, given, planned)));
  const last = sessions.at(-1) as SessionFacts;
  // The answer that belongs to the pain of this item: of a region it loads, the worst.
  const answers = session.pain.filter(({ region, score }) => loads(variant, region) || (last.pain ?? 0) === score);
  const own = last.pain === 0 ? answers.filter(({ score }) => score === 0) : answers;
  const worst = [...own].sort((a, b) => b.score - a.score)[0];
  const named = causes.find((one) => one === restriction?.reason);
  const cause = restriction ? (restriction.cause ?? named ?? causeInText(restriction.reason ?? '')) : undefined;
  return {
    given,
    variant,
    sessions,
    last,
    before: sessions.at(-2),
    ...{ planned, top, rir: item.dose.rir ?? 2 },
    pain: last.pain,
    morning: worst?.morningAfter,
    cause,
    ceiling: restriction && cause ? ceilingOf({ cause, region: restriction.region }).pain : 2,
    minor: athlete.age < 18,
    impact: item.dose.contacts !== undefined || (variant?.impactContacts ?? 0) > 0,
    fast: item.block === 'power' || variant?.speed === 'fast',
    byTime: item.dose.holdSeconds !== undefined || item.dose.workSeconds !== undefined,
    note: session.note ?? '',
    sore: session.pain.filter(({ score }) => score > painLimits.safe).map(({ region }) => region),
    doubled: sessions.length < given.history.length,
    value: (which) => ruleValue(rules, which),
  };
}

/**
 * How much more the hardest-working joint of an exercise does with the next load, as a share of what it does now: the body is lifted too. Undefined
 * where the exercise is unknown or no load comes next.
 *
 * @example stepOf(factsOf(decisionCase())) // 0.03
 */
export function stepOf({ variant, given }: Facts): number | undefined {
  const { kg, nextKg } = given.item.load;
  if (!variant || kg === undefined || nextKg === undefined) return undefined;
  const body = scaledBody(usualSize('2000-01-01', `${2000 + given.athlete.age}-06-01`));
  const [now, next] = [peakMoments(variant, body, { loadKg: kg }), peakMoments(variant, body, { loadKg: nextKg })];
  // The joints that work hardest carry the step: a load in the hands is much to the elbows and little to the legs.
  const joints = [...new Set(variant.jointActions.map(momentOf))];
  const hardest = Math.max(...joints.map((joint) => now[joint]));
  const main = joints.filter((joint) => now[joint] >= hardest / 2 && now[joint] > 0);
  const sum = (moments: typeof now) => main.reduce((total, joint) => total + moments[joint], 0);
  return main.length > 0 ? sum(next) / sum(now) - 1 : nextKg / kg - 1;
}
