import type { Region } from '../exercise/model/vocabulary';
import type { Cause, DoseCeiling } from './causes';
import type { MovementFacts } from './movement';

export type Severity = 'avoid' | 'limit';
export type VerdictKind = 'allowed' | 'adapted' | 'not';
const order: readonly VerdictKind[] = ['allowed', 'adapted', 'not'];

/** Whether one verdict is stricter than another. @example isStricter('not', 'adapted') // true */
export const isStricter = (one: VerdictKind, other: VerdictKind) => order.indexOf(one) > order.indexOf(other);

/** Joint angles that a change may hold back. */
export const rangeJoints = ['knee', 'hip', 'ankle', 'armRaised', 'trunkTurned', 'hipOut'] as const;
export type RangeJoint = (typeof rangeJoints)[number];

/** What is changed of an exercise so that it may be done after all. */
export interface Change {
  /** What the athlete is told. */
  say: string;
  /** Largest joint angles, degrees. */
  range?: Readonly<Partial<Record<RangeJoint, number>>>;
  /** So much of the way from the first pose to the last, 0 to 1. */
  rangeShare?: number;
  /** So much of the usual load, 0 to 1; 0 is the body alone. */
  load?: number;
  /** A hand holds on to something: nothing is carried in the hands. */
  handSupport?: true;
  /** Slow instead of fast; three seconds down where it already is. */
  slow?: true;
  /** Held still at mid range instead of moved. */
  hold?: { sets: number; seconds: number };
  /** Holds no longer than this, seconds. */
  holdAtMost?: number;
  /** Another exercise in its place: the next easier one, or one that is named. */
  instead?: string;
  /** Only on the side that is sound. */
  onlySide?: 'left' | 'right';
  /** Contacts in a session at the most. */
  contacts?: number;
}

export interface LimitRule {
  verdict: VerdictKind;
  /** For these causes; for any when left out. */
  causes?: readonly Cause[];
  /** But for these. */
  except?: readonly Cause[];
  /** In a coach's words. */
  why: string;
  change?: Change;
  /** It is about the restricted side alone: the sound side may still do it. */
  oneSided?: boolean;
  when: (m: MovementFacts) => boolean;
}

type More = Pick<LimitRule, 'causes' | 'except' | 'oneSided'>;
type When = LimitRule['when'];

export const out = (why: string, when: When, more: More = {}): LimitRule => ({ verdict: 'not', why, when, ...more });

export const fine = (why: string, when: When, more: More = {}): LimitRule => ({
  verdict: 'allowed',
  why,
  when,
  ...more,
});

export const changed = (why: string, change: Change | string, when: When, more: More = {}): LimitRule => ({
  verdict: 'adapted',
  why,
  change: typeof change === 'string' ? { say: change } : change,
  when,
  ...more,
});

/** What is said of a region: the rules for both severities, first match, and what goes with them. */
export interface RegionLimits {
  region: Region;
  /** What the ranges are under `limit`, in words. */
  ranges: string;
  dose: DoseCeiling & { say: string };
  /** What still goes under `avoid`, in words. */
  underAvoid: string;
  told: string;
  lift: string;
  sources: readonly string[];
  avoid: readonly LimitRule[];
  limit: readonly LimitRule[];
}

export const early: More = { causes: ['post-operative-early'] };
