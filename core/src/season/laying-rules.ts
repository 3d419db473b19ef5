import { minuteOfDay } from './calendar';
import type { DayFacts } from './day-facts';
import { heavyParts, isJumping, kindFacts, type SessionKind } from './session-kind';

export const hardRules = [
  'least',
  'most',
  'rest',
  'heavy-apart',
  'jumps-apart',
  'lengthening-before-fixture',
  'fixture-day',
  'day-before-fixture',
  'practice-first',
  'free-day',
  'pin',
] as const;
/** A rule that is never broken unless the coach lets it give way in a week. */
export type HardRule = (typeof hardRules)[number];

/** What holds when sessions are laid for somebody. */
export interface LayingRules {
  /** Sessions a week, at least and at most. */
  least: number;
  most: number;
  /** Days a week with no session, practice or fixture, as far as the calendar leaves them. */
  restDays: number;
  /** Hours between heavy work of one part of the body. */
  heavyApartHours: number;
  jumpsApartHours: number;
  /** No slow lowering against load so many hours before a fixture. */
  lengtheningBeforeHours: number;
  /** When sessions are done, "18:00". */
  sessionAt: string;
}

/**
 * Two or three sessions a week, two days between heavy work of one part and between jumps, no slow lowering in the last three days before a fixture:
 * common practice, no source; landings of one part 48 to 72 h apart (handbook of the National Strength and Conditioning Association; value from memory).
 */
export const usualRules: LayingRules = {
  least: 2,
  most: 3,
  restDays: 1,
  heavyApartHours: 48,
  jumpsApartHours: 48,
  lengtheningBeforeHours: 72,
  sessionAt: '18:00',
};

/** Rules as bits of a number, so that what a week breaks is one number. */
export const bitOf = (rule: HardRule): number => 1 << hardRules.indexOf(rule);

export const rulesIn = (broken: number): HardRule[] => hardRules.filter((rule) => (broken & bitOf(rule)) !== 0);

/** Rules that a session of a kind breaks by itself on a day. */
export function brokenOn(day: DayFacts, kind: SessionKind, rules: LayingRules): number {
  const { heavy, lengthening } = kindFacts[kind];
  const key = day.keyPractice?.start;
  let broken = 0;
  if (day.free) broken |= bitOf('free-day');
  if (day.fixture) broken |= bitOf('fixture-day');
  if (day.beforeFixture && kind !== 'primer') broken |= bitOf('day-before-fixture');
  if (lengthening && day.hoursToFixture < rules.lengtheningBeforeHours) broken |= bitOf('lengthening-before-fixture');
  if (heavy.length && key !== undefined && minuteOfDay(key) >= minuteOfDay(rules.sessionAt))
    broken |= bitOf('practice-first');
  return broken;
}

/** Rules that two sessions break by standing so many days apart, 1 or more. */
export function brokenBetween(first: SessionKind, second: SessionKind, days: number, rules: LayingRules): number {
  const hours = days * 24;
  const shared = heavyParts.some((p) => kindFacts[first].heavy.includes(p) && kindFacts[second].heavy.includes(p));
  return (
    (shared && hours < rules.heavyApartHours ? bitOf('heavy-apart') : 0) |
    (isJumping(first) && isJumping(second) && hours < rules.jumpsApartHours ? bitOf('jumps-apart') : 0)
  );
}

/** What speaks against a day without forbidding it, with what it costs; common practice, no source. */
export interface Drawback {
  why: string;
  cost: number;
}

const drawbackCosts = { travel: 0.9, afterTravel: 0.6, exams: 0.4, heavyBeforeKey: 0.5, fixtureJustPlayed: 0.4 };

/** Everything that speaks against a session of a kind on a day that it is allowed on. */
export function drawbacksOf(day: DayFacts, kind: SessionKind, dayAfterFixture: boolean): Drawback[] {
  const heavy = kindFacts[kind].heavy.length > 0;
  const tiring = heavy || isJumping(kind);
  return [
    ...(day.travel ? [{ why: 'on a day of travel', cost: drawbackCosts.travel }] : []),
    ...(day.dayAfterTravel ? [{ why: 'on the day after travel', cost: drawbackCosts.afterTravel }] : []),
    ...(day.exams ? [{ why: 'in the days of exams', cost: drawbackCosts.exams }] : []),
    ...(heavy && day.beforeKeyPractice
      ? [{ why: 'heavy on the day before the key practice', cost: drawbackCosts.heavyBeforeKey }]
      : []),
    ...(tiring && dayAfterFixture
      ? [{ why: 'on the day after a fixture', cost: drawbackCosts.fixtureJustPlayed }]
      : []),
  ];
}

/** Two sessions on days that follow each other, where a day between would do. */
export const consecutiveCost = 0.2;
