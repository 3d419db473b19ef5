import type { TestResult } from '../athlete/performance-record';
import { battery, type HomeTest, homeTest, sidesOf, unitWords } from './battery';

/** What a test has come to over time, on one side. */
export interface Trend {
  /** The best of each day, oldest first. */
  results: readonly TestResult[];
  latest: TestResult;
  /** Latest less the one before it and less the first one; undefined where there is none. */
  sinceLast?: Change;
  sinceFirst?: Change;
}

export interface Change {
  by: number;
  /** Smaller changes happen though nothing has changed, in the unit of the test. */
  leastReal: number;
  is: 'more' | 'less' | 'noise';
}

/** Two tries differ by chance by no more than this many typical errors, 19 times in 20: 1.96 times the root of two (Hopkins 2000; value from memory). */
const realChange = 1.96 * Math.SQRT2;

/** The least change of a result that is more than chance, in the unit of the test. @example minRealChange(tests.countermovementJump, 30) // 3.6 */
export function minRealChange({ typicalError: [absolute, share] }: HomeTest, value: number): number {
  return realChange * Math.max(absolute, share * value);
}

function change(test: HomeTest, from: TestResult, to: TestResult): Change {
  const by = to.value - from.value;
  const leastReal = minRealChange(test, (from.value + to.value) / 2);
  return { by, leastReal, is: Math.abs(by) < leastReal ? 'noise' : by > 0 ? 'more' : 'less' };
}

/** The best result of each day, oldest first, in whatever order they were typed. */
function bestOfDays(results: readonly TestResult[]): TestResult[] {
  const byDay = new Map<string, TestResult>();
  for (const result of results) {
    const known = byDay.get(result.on);
    if (!known || result.value > known.value) byDay.set(result.on, result);
  }
  return [...byDay.values()].sort((a, b) => a.on.localeCompare(b.on));
}

/**
 * How a test has gone on one side, or on both together. Undefined where it was never done.
 *
 * @example trendOf('push-up', [{ test: 'push-up', value: 22, on: '2026-12-01' }]).latest.value // 22
 */
export function trendOf(id: string, all: readonly TestResult[], side?: 'left' | 'right'): Trend | undefined {
  const test = homeTest(id);
  const results = bestOfDays(all.filter((r) => r.test === id && r.side === side));
  const latest = results.at(-1);
  if (!test || !latest) return undefined;
  const [first, before] = [results[0] as TestResult, results.at(-2)];
  return {
    results,
    latest,
    ...(before ? { sinceLast: change(test, before, latest) } : {}),
    ...(before && before !== first ? { sinceFirst: change(test, first, latest) } : {}),
  };
}

/** From this share of the other side on, sides count as even; common threshold before an unrestricted return. */
export const evenFrom = 0.9;

/** Left against right, each at its latest. */
export interface SideIndex {
  left: number;
  right: number;
  weaker: 'left' | 'right' | 'neither';
  /** Weaker over stronger, 0 to 1. */
  index: number;
  even: boolean;
  /** Whether the difference is more than two tries differ by chance. */
  real: boolean;
}

/**
 * The weaker side as a share of the stronger. Undefined where one side was not tested, or neither did anything.
 *
 * @example sideIndex('side-plank', [{ test: 'side-plank', value: 44, side: 'left', on: '2026-12-01' }, { test: 'side-plank', value: 50, side: 'right', on: '2026-12-01' }]).index // 0.88
 */
export function sideIndex(id: string, all: readonly TestResult[]): SideIndex | undefined {
  const test = homeTest(id);
  const [left, right] = [trendOf(id, all, 'left')?.latest.value, trendOf(id, all, 'right')?.latest.value];
  if (!test || left === undefined || right === undefined || Math.max(left, right) === 0) return undefined;
  const index = Math.min(left, right) / Math.max(left, right);
  return {
    left,
    right,
    weaker: left === right ? 'neither' : left < right ? 'left' : 'right',
    index,
    even: index >= evenFrom,
    real: Math.abs(left - right) >= minRealChange(test, (left + right) / 2),
  };
}

/** What a change comes to beside the error of its test. */
export const changeWords = { more: 'a real gain', less: 'a real loss', noise: 'within measurement error' } as const;

/**
 * What was measured on one day, each test and side in a line, beside the time before.
 *
 * @example measuredOn('2026-12-01', [{ test: 'knee-to-wall', value: 9, side: 'left', on: '2026-12-01' }]) // ['Knee to the wall, left: 9 cm']
 */
export function measuredOn(on: string, results: readonly TestResult[]): string[] {
  const upTo = results.filter((one) => one.on <= on);
  return battery.flatMap((test) =>
    sidesOf(test).flatMap((side) => {
      const trend = trendOf(test.id, upTo, side);
      if (trend?.latest.on !== on) return [];
      const since = trend.sinceLast;
      const before = since && Math.round((trend.latest.value - since.by) * 10) / 10;
      return [
        `${test.name}${side ? `, ${side}` : ''}: ${trend.latest.value} ${unitWords[test.unit]}${since ? ` after ${before}, ${changeWords[since.is]}` : ''}`,
      ];
    }),
  );
}
