import { manyLeft, type RecordedSet } from '../athlete/performance-record';
import type { MomentName } from '../body/moment-names';
import type { Sex } from '../body/segments';

/** How an amount to failure and the share of the most hang together: the logarithm says how far under the most one works. */
export interface ToFailure {
  /** Minus the logarithm of the share at which this amount is all there is. */
  under: (amount: number) => number;
  /** The amount to failure so far under the most. */
  amount: (under: number) => number;
  /** Standard deviation of the logarithm from one try to the next. */
  scatter: (amount: number) => number;
}

/** Repetitions, Epley 1985. Scatter from set to set about half a repetition and a twentieth; common practice, no source. */
export const repetitionsToFailure: ToFailure = {
  under: (repetitions) => Math.log(1 + repetitions / 30),
  amount: (under) => Math.max(0, 30 * (Math.exp(under) - 1)),
  scatter: (repetitions) => (0.5 + 0.055 * repetitions) / (30 + repetitions),
};

/**
 * How long a fraction of max is held, `a (fraction^-b - 1) + 5`: a and b of Frey-Law and Avin 2010, meta-analysis by joint (values from memory), brought
 * down to the 5 s that a maximal contraction lasts, where their power law still says 15 to 35 s. The trunk's values stand for the hip, which has none. The neck is set by
 * the deep neck flexor endurance test (Domenech 2011, value from memory).
 */
const holding: Partial<Record<MomentName, readonly [a: number, b: number]>> = {
  ankle: [34.71, 2.06],
  knee: [19.38, 1.88],
  hip: [22.69, 2.27],
  trunk: [22.69, 2.27],
  'trunk-side': [22.69, 2.27],
  'trunk-twist': [22.69, 2.27],
  neck: [6, 2],
  elbow: [17.98, 2.21],
  shoulder: [14.86, 1.83],
  'shoulder-turn': [14.86, 1.83],
  grip: [33.55, 1.61],
  wrist: [33.55, 1.61],
};
/** All joints together, the same source. */
const anyJoint = [20.56, 1.99] as const;
/** A maximal contraction is kept up about so long, s; common practice, no source. */
const maximalSeconds = 5;
/** Shorter than this nothing is called a hold, s. */
const shortestSeconds = 0.5;
/** Times to failure scatter by about a fifth; common practice, no source. */
const holdScatter = 0.2;

/** Women hold the same fraction of max longer than men (Hunter 2014, review; value from memory). */
const womenHold = 1.35;

/** Seconds of a hold limited by a joint, and back. @example secondsToFailure('trunk', 'male').amount(0) // 5 */
export function secondsToFailure(moment: MomentName, sex?: Sex): ToFailure {
  const [joint, b] = holding[moment] ?? anyJoint;
  const a = joint * (sex === 'female' ? womenHold : 1);
  const under = (seconds: number) => Math.log(1 + (Math.max(shortestSeconds, seconds) - maximalSeconds) / a) / b;
  return {
    under,
    amount: (u) => Math.max(0, a * (Math.exp(u * b) - 1) + maximalSeconds),
    // A fifth of the seconds, by how steep the relation is there.
    scatter: (seconds) => {
      const held = Math.max(shortestSeconds, seconds);
      return (holdScatter * held) / (b * (a + held - maximalSeconds));
    },
  };
}

/** What the sets of one exercise on one day come to. */
export type Reading = { under: number; variance: number; exact: boolean };

/** Each further set has this much less in it; common practice, no source. */
const tiredBy = 0.06;
/** People have more left than they say, this much of what they say; near Halperin 2022, one repetition under (value from memory). */
const modest = 0.2;
/** What is said to be left is off by this much of itself, and a set that was cut short by some repetitions; common practice, no source. */
const [saidOff, cutShortOff] = [0.4, 2];
/** Sets of one day share what the day was like; they never tell more than this together. */
const minSd = 0.015;

/**
 * Reads sets as one measurement: the mean of what they say of the fresh athlete, each as sure as it is. Where nothing was said of what was left, only
 * that at least so much was there.
 */
export function readingOf(sets: readonly RecordedSet[], toEnd: boolean, relation: ToFailure): Reading {
  const told = sets.flatMap((set, k) => {
    const { amount, reserve, cutShort } = set;
    if (reserve === undefined && !cutShort && !toEnd) return [];
    if (reserve !== undefined && reserve >= manyLeft) return [];
    const left = (reserve ?? 0) * (1 + modest);
    const all = Math.max(0.5, amount + left) * (1 + tiredBy * k);
    const off = (reserve ?? 0) * saidOff + (cutShort ? cutShortOff : 0);
    const slope = (relation.under(all * 1.01) - relation.under(all * 0.99)) / (0.02 * all);
    return [{ under: relation.under(all), variance: relation.scatter(all) ** 2 + (slope * off) ** 2 }];
  });
  if (told.length === 0) {
    const most = Math.max(...sets.map((s) => s.amount + (s.reserve ?? 0)));
    return { under: relation.under(most), variance: relation.scatter(most) ** 2, exact: false };
  }
  const weight = told.reduce((sum, { variance }) => sum + 1 / variance, 0);
  const under = told.reduce((sum, r) => sum + r.under / r.variance, 0) / weight;
  return { under, variance: 1 / weight + minSd ** 2, exact: true };
}
