import type { AthleteSize } from '../body/segments';
import type { Level, Region } from '../exercise/model/vocabulary';
import { type Restriction, type Standing, standingOf } from '../limits/restriction';
import { painLimits } from './pain-limits';
import type { PerformanceRecord, TestResult } from './performance-record';

export type { Restriction } from '../limits/restriction';

/** The side that went better in a session, or neither. */
export const betterSides = ['left', 'right', 'same'] as const;
export type BetterSide = (typeof betterSides)[number];

export interface PainReport {
  region: Region;
  side?: 'left' | 'right' | 'both';
  /** 0 to 10. */
  score: number;
}

export interface Readiness {
  ill?: boolean;
  sleepHours?: number;
  /** Feels tight: a longer warm-up. */
  tight?: boolean;
  pain?: readonly PainReport[];
}

export interface RepetitionTest {
  variant: string;
  maxReps: number;
  on?: string;
  /** The side that did it; both or either when left out. */
  side?: 'left' | 'right';
}

/** An injury that has healed: what was there once comes back more easily. */
export interface PastInjury {
  region: Region;
  side?: 'left' | 'right' | 'both';
  what?: string;
  /** When it happened, ISO date. */
  on?: string;
}

export interface Athlete extends AthleteSize {
  born: string;
  level: Level;
  dominantSide?: 'left' | 'right';
  restrictions?: readonly Restriction[];
  readiness?: Readiness;
  tests?: readonly RepetitionTest[];
  /** Results of the tests done at home. */
  battery?: readonly TestResult[];
  /** What was logged: the sets of past sessions, one entry an exercise, side and day. */
  shown?: readonly PerformanceRecord[];
  history?: readonly PastInjury[];
}

/** Restrictions that hold on a day: those that have begun and not run out, and pain between the limits, which counts as one for today. */
export function restrictionsOn(athlete: Athlete, day: string): Restriction[] {
  const standing = (athlete.restrictions ?? []).filter((r) => standingOf(r, day) !== undefined);
  const sore = (athlete.readiness?.pain ?? [])
    .filter((p) => p.score > painLimits.safe && p.score <= painLimits.stop)
    .map(
      (p): Restriction => ({
        region: p.region,
        ...(p.side ? { side: p.side } : {}),
        severity: 'limit',
        cause: 'nonspecific-pain',
        reason: `pain ${p.score} today`,
      }),
    );
  return [...standing, ...sore];
}

/** The same as the rules of the regions read them. */
export function standingsOn(athlete: Athlete, day: string): Standing[] {
  return restrictionsOn(athlete, day).flatMap((r) => standingOf(r, day) ?? []);
}
