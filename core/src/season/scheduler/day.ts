import { dayAfter, daysBetween } from '../../date/days';
import { minuteOfDay } from '../calendar/calendar';
import type { CalendarCase, CaseEntry, Condition } from './case';

/** Who was on for less has not played; common practice, no source. */
const playedFrom = 30;
/** How far a label looks ahead and back, days. */
const [ahead, back] = [14, 7];
/** A practice of this effort, or of importance, is one to be fresh for; common practice, no source. */
const keyEffort = 7;
/** An important fixture with none so many days before it is a peak: the weeks before lead up to it. */
const peakAlone = 13;
/** Fixture days in seven from which a week is congested, and those in a row that are a tournament or a run. */
const [congestedFrom, runFrom] = [2, 3];

/** What a day is, as far as sessions are concerned. */
export interface Day {
  on: string;
  fixtures: readonly CaseEntry[];
  practices: readonly CaseEntry[];
  camp: boolean;
  /** Hall or water is closed. */
  closed: boolean;
  free: boolean;
  away: boolean;
  exam: boolean;
  travel?: CaseEntry;
  /** The day after a night or several days on the road. */
  arrived: boolean;
  pin?: CaseEntry;
  /** The coach wants no session here. */
  pinnedFree: boolean;
  /** Days to the next fixture and since the last one, where the labels look so far. */
  toFixture?: number;
  sinceFixture?: number;
  /** The last fixture was played, half an hour or more. */
  played: boolean;
  /** Days since the last fixture that was played. */
  sincePlayed: number;
  /** A key practice comes tomorrow. */
  keyTomorrow: boolean;
  /** Days to and since a peak. */
  toPeak: number;
  sincePeak: number;
  /** Days since the last day of a tournament or a run of performances. */
  sinceRun: number;
  /** Two fixture days or more within the seven days round this one. */
  congested: boolean;
  /** Part of a run of three fixture days and more. */
  inRun: boolean;
  /** Hours in which training is possible, where they are narrowed. */
  window?: { from?: string; until?: string };
}

/** Entries by every day that they cover. */
function entriesByDay(calendar: readonly CaseEntry[]): ReadonlyMap<string, readonly CaseEntry[]> {
  const byDay = new Map<string, CaseEntry[]>();
  for (const entry of calendar)
    for (let on = entry.date; on <= (entry.until ?? entry.date); on = dayAfter(on, 1))
      byDay.set(on, [...(byDay.get(on) ?? []), entry]);
  return byDay;
}

const wasPlayed = ({ played }: CaseEntry) => played === undefined || played >= playedFrom;
const isKey = ({ effort = 0, importance = 1 }: CaseEntry) => effort >= keyEffort || importance > 1;

/** When an entry ends, minutes from midnight of its day; a middling length where it says none. */
export const endOf = ({ time, minutes = 90 }: CaseEntry): number => (time ? minuteOfDay(time) : 19 * 60) + minutes;

/** Last day that a journey reaches into. */
function roadUntil(entry: CaseEntry): string {
  const last = entry.until ?? entry.date;
  const night = entry.overnight || (entry.time && endOf(entry) > 24 * 60);
  return night && last === entry.date ? dayAfter(entry.date, 1) : last;
}

const windowOf = ({ trainFrom, trainUntil }: Condition) => ({
  ...(trainFrom ? { from: trainFrom } : {}),
  ...(trainUntil ? { until: trainUntil } : {}),
});

/** Everything that sessions have to know about the days of a calendar, first to last. */
export function daysOfCase(given: CalendarCase): Day[] {
  const { calendar, conditions = [], from, weeks } = given;
  const byDay = entriesByDay(calendar);
  const of = (kind: CaseEntry['kind'], on: string) => (byDay.get(on) ?? []).filter((e) => e.kind === kind);
  const fixturesOn = (on: string) => of('fixture', on);
  const practicesOn = (on: string) =>
    of('away', on).length
      ? []
      : of('practice', on)
          .filter((p) => !p.replaced && (p.despiteClosed || of('closed', on).length === 0))
          .sort((a, b) => (a.time ?? '').localeCompare(b.time ?? ''));
  const journeys = calendar.filter((e) => e.kind === 'travel');
  const longRoad = (e: CaseEntry) => roadUntil(e) > e.date;
  const count = (on: string, first: number, last: number, what: (day: string) => boolean) => {
    let found = 0;
    for (let d = first; d <= last; d++) if (what(dayAfter(on, d))) found++;
    return found;
  };
  const isFixture = (on: string) => fixturesOn(on).length > 0;
  const runOf = (on: string) => {
    if (!isFixture(on)) return 0;
    let [start, end] = [0, 0];
    while (isFixture(dayAfter(on, start - 1))) start--;
    while (isFixture(dayAfter(on, end + 1))) end++;
    return end - start + 1;
  };
  const isPeak = (on: string) =>
    fixturesOn(on).some((f) => (f.importance ?? 1) > 1 && count(f.date, -peakAlone, -1, isFixture) === 0);
  const nearest = (on: string, step: 1 | -1, far: number, what: (day: string) => boolean) => {
    for (let d = 1; d <= far; d++) if (what(dayAfter(on, step * d))) return d;
    return undefined;
  };
  const infinite = Number.POSITIVE_INFINITY;
  return Array.from({ length: 7 * weeks }, (_, d): Day => {
    const on = dayAfter(from, d);
    const since = nearest(on, -1, back, isFixture);
    const to = nearest(on, 1, ahead, isFixture);
    const pins = of('pinned-session', on);
    const pin = pins.find((p) => p.type !== undefined);
    const road = journeys.find((e) => e.date <= on && on <= roadUntil(e));
    const condition = conditions.find((c) => c.from <= on && on <= c.until && (c.trainFrom ?? c.trainUntil));
    return {
      on,
      fixtures: fixturesOn(on),
      practices: practicesOn(on),
      camp: of('camp', on).length > 0,
      closed: of('closed', on).length > 0,
      free: of('free', on).length > 0,
      away: of('away', on).length > 0,
      exam: of('exam', on).length > 0,
      ...(road ? { travel: road } : {}),
      arrived: !road && journeys.some((e) => longRoad(e) && daysBetween(roadUntil(e), on) === 1),
      ...(pin ? { pin } : {}),
      pinnedFree: pins.length > 0 && !pin,
      ...(to === undefined ? {} : { toFixture: to }),
      ...(since === undefined ? {} : { sinceFixture: since }),
      played: since === undefined || fixturesOn(dayAfter(on, -since)).some(wasPlayed),
      sincePlayed: nearest(on, -1, back, (day) => fixturesOn(day).some(wasPlayed)) ?? infinite,
      keyTomorrow: practicesOn(dayAfter(on, 1)).some(isKey),
      toPeak: isPeak(on) ? 0 : (nearest(on, 1, ahead, isPeak) ?? infinite),
      sincePeak: nearest(on, -1, back, isPeak) ?? infinite,
      sinceRun: nearest(on, -1, back, (day) => runOf(day) >= runFrom) ?? infinite,
      congested: count(on, -3, 3, isFixture) >= congestedFrom,
      inRun: runOf(on) >= runFrom,
      ...(condition ? { window: windowOf(condition) } : {}),
    };
  });
}

/** Nothing of the sport stands on a day. */
export const isOpen = ({ fixtures, practices, camp }: Day): boolean =>
  fixtures.length === 0 && practices.length === 0 && !camp;

/**
 * The label of a day as coaches say it, counted from the fixtures round it: MD, MD-1, MD+1, DNP+1 where the athlete did not play.
 */
export function labelOf({
  fixtures,
  toFixture: to,
  sinceFixture: since,
  played,
}: Pick<Day, 'toFixture' | 'sinceFixture' | 'played'> & { fixtures: readonly unknown[] }): string {
  if (fixtures.length) return 'MD';
  const after = played ? 'MD' : 'DNP';
  if (to === 1) return 'MD-1';
  if (since === 1) return `${after}+1`;
  if (to === 2) return 'MD-2';
  if (since === 2) return `${after}+2`;
  if (to !== undefined && to <= 10) return `MD-${to}`;
  return since === 3 ? `${after}+3` : '-';
}

/**
 * The label of a day among fixtures of which no more is known than their days.
 *
 * @example labelAmong('2026-12-08', ['2026-12-05', '2026-12-12']) // 'MD-4'
 */
export function labelAmong(on: string, fixtures: readonly string[]): string {
  const ahead = fixtures.map((f) => daysBetween(on, f)).filter((days) => days > 0);
  const behind = fixtures.map((f) => daysBetween(f, on)).filter((days) => days > 0 && days <= back);
  const [to, since] = [Math.min(...ahead), Math.min(...behind)];
  return labelOf({
    fixtures: fixtures.filter((f) => f === on),
    ...(Number.isFinite(to) ? { toFixture: to } : {}),
    ...(Number.isFinite(since) ? { sinceFixture: since } : {}),
    played: true,
  });
}
