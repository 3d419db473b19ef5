import type { BandCurve } from '../body/band';

export const shownSides = ['left', 'right', 'both'] as const;
export type RecordedSide = (typeof shownSides)[number];

/** So many left means "many": nobody counts further. */
export const manyLeft = 5;

/** What one set came to. */
export interface RecordedSet {
  /** Repetitions, or seconds of a hold. */
  amount: number;
  /** How many more there could have been, as the athlete says; left out when nobody asked. */
  reserve?: number;
  /** Asked amount was not reached: near failure, though nobody counted what was left. */
  cutShort?: boolean;
}

/** What an athlete has shown in one exercise on one day: a test, or the sets of a session. */
export interface PerformanceRecord {
  /** ISO date. */
  on: string;
  variant: string;
  side: RecordedSide;
  loadKg?: number;
  band?: BandCurve;
  counts: 'repetitions' | 'seconds';
  sets: readonly RecordedSet[];
  /** A test goes on to failure; the sets of a session only show what was at least there, unless somebody says what was left. */
  from: 'test' | 'session';
}

/** What came of one of the tests done at home. */
export interface TestResult {
  /** Id of the test in the battery. */
  test: string;
  value: number;
  /** The side that did it, where each side does it. */
  side?: 'left' | 'right';
  /** ISO date. */
  on: string;
}
