import type { DayFacts } from './day-facts';
import { brokenBetween, type LayingRules } from './laying-rules';
import { type Dose, doseAxes, kindFacts, type SessionKind, sessionKinds } from './session-kind';
import { mapDose, volumeOf, type WeekAsk, type WeekFor } from './week-ask';

/** What stands on a day, as a number: 0 is nothing, then the kinds in their order. */
export type Code = number;
export const nothing: Code = 0;
export const codes = sessionKinds.length + 1;
export const codeOf = (kind: SessionKind | undefined): Code => (kind ? sessionKinds.indexOf(kind) + 1 : nothing);
export const kindOf = (code: Code): SessionKind | undefined => sessionKinds[code - 1];

/** One week to be laid out. */
export interface WeekProblem {
  /** Monday to Sunday. */
  days: readonly DayFacts[];
  ask: WeekAsk;
  /** What cannot be changed, by day of the week: what is past, and what is written already. */
  fixed: readonly (Code | undefined)[];
  /** What the coach has put down, by day of the week. */
  pins: readonly (Code | undefined)[];
  /** What was laid before, by day of the week: it changes as little as it can. */
  before: readonly (Code | undefined)[];
  /** Rules that the coach lets give way in this week, as bits. */
  relaxed: number;
  /** Shares of the usual volume that a week may take. */
  levels: readonly number[];
}

export const pairCode = (one: Code, two: Code): number => one * codes + two;

/** Keeping the week small where more gives nothing, a set; and a kind that comes twice where the week is to be varied. Common practice, no source. */
export const [costOfASet, costOfTheSame] = [0.004, 0.25];

/**
 * Dose of sessions at a level of volume; landings of each no more than the one who does them may have.
 *
 * @example doseOf([codeOf('power')], { minutes: 30, mostContacts: 120 }, 1).contacts // 60
 */
export function doseOf(week: Iterable<Code | undefined>, { minutes, mostContacts }: WeekFor, level: number): Dose {
  const dose = mapDose(() => 0);
  for (const code of week) {
    const kind = code === undefined ? undefined : kindOf(code);
    if (!kind) continue;
    for (const axis of doseAxes) {
      const given = kindFacts[kind].gives[axis] * (minutes / 30) * level;
      dose[axis] += axis === 'contacts' ? Math.min(given, mostContacts) : given;
    }
  }
  return dose;
}

/** Sets that a session of the upper body comes to: the most that one without slow lowering takes. */
const setsOfASession = volumeOf(kindFacts.upper.gives);

/** Volume that a week may always take, whatever came before: what is done, what the coach has put down, and the least sessions at the lowest level. */
export function floorVolume(problem: WeekProblem): number {
  const { fixed, pins, ask, levels } = problem;
  const lowest = Math.min(...levels);
  const pinned = pins.filter((code, d) => fixed[d] === undefined && code !== undefined && code !== nothing);
  const setDown = fixed.filter((code) => code).length + pinned.length;
  const open = Math.max(0, leastIn(problem) - setDown) * setsOfASession * (ask.minutes / 30) * lowest;
  return volumeOf(doseOf(fixed, ask, 1)) + volumeOf(doseOf(pinned, ask, lowest)) + open;
}

/** Sessions that a week is to have at least, fewer where part of it is over. */
export function leastIn({ ask, fixed }: WeekProblem): number {
  const open = fixed.filter((code) => code === undefined).length;
  const done = fixed.filter((code) => code !== undefined && code !== nothing).length;
  return open === 7 ? ask.least : Math.min(ask.least, done + Math.floor((ask.least * open) / 7));
}

/** Whether the sport takes a day. */
export const occupied = (day: DayFacts) => day.practices.length > 0 || day.fixture !== undefined;

/** Rules that two kinds break by standing one or two days apart, worked out once for all weeks: at `first * codes + second`, by days less one. */
export type Between = readonly [Int32Array, Int32Array];

export function betweenTable(rules: LayingRules): Between {
  const apart = (days: number) =>
    Int32Array.from({ length: codes * codes }, (_, at) => {
      const [a, b] = [kindOf(Math.floor(at / codes)), kindOf(at % codes)];
      return a && b ? brokenBetween(a, b, days, rules) : 0;
    });
  return [apart(1), apart(2)];
}
