import type { CaseSet } from './decision-case';
import type { Facts } from './facts';
import { setWords, stepBack } from './next-step';
import { says, signs } from './note-signs';
import type { Rule } from './safety-rules';

/** Repetitions over this many times what was asked are a slip of the key. */
const beyondBelief = 2;

/** Blocks that prepare or wind down: nothing is decided there, unless a load is moved. */
const unprogressed: ReadonlySet<string> = new Set(['raise', 'mobilise', 'flexibility', 'cool-down']);

const noDecision: Rule = ({ given: { item } }) =>
  unprogressed.has(item.block) ||
  (item.block === 'activate' && item.load.kg === undefined && !/band/.test(item.load.with ?? ''))
    ? {
        move: 'hold',
        how: 'it stays as it is',
        why: 'Warm-up, mobility and cool-down are not progressed.',
        rule: 'no-decision',
      }
    : undefined;

const notDone: Rule = ({ last }) =>
  last.sets.length === 0
    ? {
        move: 'hold',
        how: 'same dose; ask why it was left out',
        why: 'Not done: nothing to decide on.',
        rule: 'not-done',
      }
    : undefined;

const doneOn = (sets: readonly (CaseSet & { done: number })[], side: CaseSet['side']) =>
  sets.filter((set) => set.side === side).length;

const incomplete: Rule = ({ last, given }) => {
  if (last.complete) return undefined;
  const { perSide } = given.item.dose;
  const [left, right] = [doneOn(last.sets, 'left'), doneOn(last.sets, 'right')];
  const oneSide = perSide && (left === 0) !== (right === 0);
  return {
    move: 'hold',
    how: oneSide
      ? `same; log the ${left === 0 ? 'left' : 'right'} side; ask why only one was done`
      : 'same again; ask for the sets that are missing',
    why: oneSide
      ? 'One side is missing: no decision from half a session.'
      : `${last.sets.length} sets are logged of those planned: half a session says little.`,
    rule: 'incomplete',
  };
};

const otherMeans: Rule = ({ last, before, note }) => {
  const otherBand = last.raw.band !== undefined && before?.raw.band !== undefined && last.raw.band !== before.raw.band;
  if (!otherBand && !says(note, signs.otherBand) && !says(note, signs.otherLoad)) return undefined;
  return {
    move: 'hold',
    how: 'the one of before at the same dose, or fewer with the new one until there are two sessions of it',
    why: 'It was done with something else: the figures cannot be compared.',
    rule: 'data-not-comparable',
  };
};

const outlier: Rule = ({ last, top, byTime }) => {
  const worst = Math.max(...last.sets.map(({ done }) => done));
  return worst > beyondBelief * top
    ? {
        move: 'hold',
        how: `same; ask: ${worst} ${byTime ? 'seconds' : 'repetitions'} are not like you`,
        why: `More than ${beyondBelief} times what was asked: a slip of the key, or something else was counted.`,
        rule: 'outlier',
      }
    : undefined;
};

/** What was logged cannot carry a decision. */
export const dataRules: readonly Rule[] = [noDecision, notDone, incomplete, otherMeans, outlier];

/** Below so many hours a night explains a bad day. */
const shortNight = 6;

const readiness: Rule = ({ last, note, given }) => {
  const sleep = given.session.readiness?.sleepHours;
  const bad =
    (sleep !== undefined && sleep !== null && sleep < shortNight) ||
    says(note, signs.badSleep) ||
    says(note, signs.tired);
  const { planned, actual } = given.session.rpe ?? {};
  const hard = planned != null && actual != null && actual >= planned + 2;
  if (!bad || (last.full && !hard)) return undefined;
  return {
    move: 'hold',
    how: 'same load and sets; sleep first',
    why: `One bad day${sleep != null && sleep < shortNight ? ` after ${sleep} h of sleep` : ''}: the plan is not wrong because of it.`,
    rule: 'readiness-low',
  };
};

const effortFarOver: Rule = ({ last, given, rir, value }) => {
  const { planned, actual } = given.session.rpe ?? {};
  if (planned == null || actual == null || actual < planned + value('effortOver') || !last.full) return undefined;
  if (last.minRir !== undefined && last.minRir <= rir - 2)
    return {
      move: 'regress',
      how: `${setWords(Math.max(1, given.item.dose.sets - 1))} instead of ${given.item.dose.sets} at the same load`,
      why: `All done, but with ${last.minRir} in reserve and RPE ${actual} where ${planned} was planned.`,
      rule: 'effort-far-over',
    };
  return {
    move: 'hold',
    how: 'same dose; ask what made it so hard',
    why: `All done, but RPE ${actual} where ${planned} was planned.`,
    rule: 'effort-far-over',
  };
};

/** Effort and how the day was. */
export const effortRules: readonly Rule[] = [readiness, effortFarOver];

interface Sides {
  weaker: 'left' | 'right';
  /** What the weaker side did of what the stronger did, 0 to 1. */
  ratio: number;
  /** Difference of the least reserve, stronger minus weaker. */
  reserve: number;
}

function sidesOf(sets: readonly (CaseSet & { done: number })[]): Sides | undefined {
  const of = (side: 'left' | 'right') => sets.filter((set) => set.side === side);
  const sum = (side: 'left' | 'right') => of(side).reduce((total, { done }) => total + done, 0);
  const [left, right] = [sum('left'), sum('right')];
  if (of('left').length === 0 || of('right').length === 0 || Math.max(left, right) === 0) return undefined;
  const leastRir = (side: 'left' | 'right') => Math.min(...of(side).map(({ rir }) => rir ?? Number.POSITIVE_INFINITY));
  const [l, r] = [leastRir('left'), leastRir('right')];
  const known = Number.isFinite(l) && Number.isFinite(r);
  const weaker = left === right ? (known && l < r ? 'left' : 'right') : left < right ? 'left' : 'right';
  return {
    weaker,
    ratio: Math.min(left, right) / Math.max(left, right),
    reserve: known ? (weaker === 'left' ? r - l : l - r) : 0,
  };
}

/** A side that does so little of the other is no question of dose. */
const alarming = 0.5;
/** Repetitions in reserve that part the sides; both can go up where they differ by less. */
const reserveApart = 2;

const asymmetry: Rule = (facts: Facts) => {
  const now = sidesOf(facts.last.sets);
  if (!now || !facts.given.item.dose.perSide) return undefined;
  const behind = facts.value('sideBehind') / 100;
  const was = facts.before && sidesOf(facts.before.sets);
  const twice = (limit: number) =>
    now.ratio < limit && was !== undefined && was.ratio < limit && was.weaker === now.weaker;
  if (twice(alarming))
    return {
      move: 'refer',
      how: `nothing on one leg or arm on the ${now.weaker} until a physio or doctor has looked; both sides together and the other go on`,
      why: `The ${now.weaker} side does ${Math.round(now.ratio * 100)} % of the other, twice: nerve and joint are looked at first.`,
      rule: 'asymmetry-large',
    };
  if (twice(behind))
    return {
      move: 'regress',
      how: `${stepBack(facts).how} on both sides, ${now.weaker} first, and one slow set more there`,
      why: `The ${now.weaker} side does ${Math.round(now.ratio * 100)} % of the other, twice: the weaker side sets the dose.`,
      rule: 'asymmetry',
    };
  if (
    now.ratio < behind ||
    (facts.last.full && now.reserve >= reserveApart && (facts.last.minRir ?? facts.rir) <= facts.rir)
  )
    return {
      move: 'hold',
      how: `same on both sides, ${now.weaker} first; more once the ${now.weaker} has as much left`,
      why: 'One side could go up, the other could not: sides stay equal.',
      rule: 'asymmetry',
    };
  return undefined;
};

/** The weaker side directs. */
export const sideRules: readonly Rule[] = [asymmetry];
