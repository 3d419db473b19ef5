import type { AthleteSize } from '../body/segments';
import type { Level, Region } from '../exercise/vocabulary';
import { type Restriction, type Standing, standingOf } from '../limits/restriction';
import type { Showing, TestResult } from './showing';

export type { Restriction } from '../limits/restriction';

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
  shown?: readonly Showing[];
  history?: readonly PastInjury[];
}

/**
 * Age in whole years on a day, both ISO dates.
 *
 * @example ageOn('2004-05-01', '2026-04-30') // 21
 */
export function ageOn(born: string, day: string): number {
  const years = Number(day.slice(0, 4)) - Number(born.slice(0, 4));
  return day.slice(5) < born.slice(5) ? years - 1 : years;
}

/** Whole days from one ISO date to another. @example daysBetween('2026-12-09', '2026-12-12') // 3 */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / 86_400_000);
}

/** The ISO date so many days later. @example dayAfter('2026-12-31', 1) // '2027-01-01' */
export function dayAfter(day: string, days: number): string {
  return new Date(Date.parse(`${day}T00:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);
}

/** Monday of the week a day lies in. @example mondayOf('2026-12-09') // '2026-12-07' */
export function mondayOf(day: string): string {
  const weekday = (new Date(`${day}T00:00:00Z`).getUTCDay() + 6) % 7;
  return dayAfter(day, -weekday);
}

/** Pain scores after Thomee 1997 (value from memory): up to 2 safe, 3 to 5 acceptable if settled next morning, above 5 stop. */
export const painLimits = { safe: 2, stop: 5 } as const;

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
