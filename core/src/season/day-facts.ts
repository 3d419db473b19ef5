import { dayAfter, daysBetween } from '../athlete/athlete';
import { counted, daysOf, type Entry, minuteOfDay } from './calendar';

/** Everything about a day that laying sessions has to know. */
export interface DayFacts {
  on: string;
  fixture?: Entry;
  practices: readonly Entry[];
  /** The practice that matters most that day, where one does. */
  keyPractice?: Entry;
  /** Nothing is to be done. */
  free: boolean;
  travel: boolean;
  dayAfterTravel: boolean;
  exams: boolean;
  /** A fixture comes the day after. */
  beforeFixture: boolean;
  /** A key practice comes the day after. */
  beforeKeyPractice: boolean;
  /** Hours from the usual time of a session that day to the next fixture. */
  hoursToFixture: number;
}

/** From this effort on a practice is one to be fresh for; common practice, no source. */
const keyEffort = 7;

const isKey = (practice: Entry) => (practice.importance ?? 1) > 1 || (practice.effort ?? 0) >= keyEffort;

/** How far ahead a fixture is looked for, days. */
const lookAhead = 14;

/**
 * What a calendar says about every day from the first to the last. Where hall or water is closed, practices fall away.
 *
 * @param sessionAt when this athlete trains at home, "18:00"
 * @example dayFacts(entries, '2026-12-07', '2026-12-13', '18:00')[2].beforeFixture // true where the match is on Thursday
 */
export function dayFacts(entries: readonly Entry[], from: string, to: string, sessionAt: string): DayFacts[] {
  const on = new Map<string, Entry[]>();
  for (const entry of counted(entries)) for (const day of daysOf(entry)) on.set(day, [...(on.get(day) ?? []), entry]);
  const of = (day: string, kind: Entry['kind']) => (on.get(day) ?? []).filter((entry) => entry.kind === kind);
  const fixtureOn = (day: string) => most(of(day, 'fixture'), (f) => f.importance ?? 1);
  const practicesOn = (day: string) => (of(day, 'closed').length ? [] : of(day, 'practice'));
  const keyOn = (day: string) => most(practicesOn(day).filter(isKey), (p) => p.effort ?? 0);
  const hours = (day: string, later: string, start: string | undefined) =>
    daysBetween(day, later) * 24 + (start === undefined ? 0 : (minuteOfDay(start) - minuteOfDay(sessionAt)) / 60);
  return daysOf({ on: from, until: to }).map((day): DayFacts => {
    const ahead = Array.from({ length: lookAhead + 1 }, (_, d) => dayAfter(day, d)).find((d) => fixtureOn(d));
    const fixture = fixtureOn(day);
    const keyPractice = keyOn(day);
    return {
      on: day,
      ...(fixture ? { fixture } : {}),
      practices: practicesOn(day),
      ...(keyPractice ? { keyPractice } : {}),
      free: of(day, 'free').length > 0 || of(day, 'away').length > 0,
      travel: of(day, 'travel').length > 0,
      dayAfterTravel: of(dayAfter(day, -1), 'travel').length > 0 && of(day, 'travel').length === 0,
      exams: of(day, 'exams').length > 0,
      beforeFixture: fixtureOn(dayAfter(day, 1)) !== undefined,
      beforeKeyPractice: keyOn(dayAfter(day, 1)) !== undefined,
      hoursToFixture: ahead ? hours(day, ahead, fixtureOn(ahead)?.start) : Number.POSITIVE_INFINITY,
    };
  });
}

const most = (entries: readonly Entry[], worth: (entry: Entry) => number): Entry | undefined =>
  entries.reduce<Entry | undefined>((best, entry) => (best && worth(best) >= worth(entry) ? best : entry), undefined);
