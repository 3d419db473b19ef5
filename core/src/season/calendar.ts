import { dayAfter, daysBetween } from '../athlete/athlete';

export const entryKinds = ['fixture', 'practice', 'closed', 'travel', 'exams', 'free', 'away'] as const;
/**
 * What stands in a calendar: a fixture, a practice of the sport, hall or water closed (practices fall away, fixtures do not), travel, exams
 * (little time and sleep), days that are to stay free, days away from training (ill, hurt, gone).
 */
export type EntryKind = (typeof entryKinds)[number];

/** One entry of a squad's or an athlete's calendar, in the club's own time. */
export interface Entry {
  id: string;
  kind: EntryKind;
  name: string;
  /** First day, ISO date. */
  on: string;
  /** Last day of what lasts longer than one, ISO date. */
  until?: string;
  /** When it starts, "18:30"; left out where nobody knows. */
  start?: string;
  minutes?: number;
  /** Expected effort of a practice, 0 to 10. */
  effort?: number;
  /** Of a fixture: 1 ordinary, 2 important, 3 what the season is for. */
  importance?: number;
}

/** Minutes from midnight. @example minuteOfDay('18:30') // 1110 */
export function minuteOfDay(time: string): number {
  const [hours, minutes] = time.split(':').map(Number) as [number, number];
  return hours * 60 + minutes;
}

/** Days that an entry takes, first to last. @example daysOf({ on: '2026-12-31', until: '2027-01-01', ... }) // both */
export function daysOf({ on, until = on }: Pick<Entry, 'on' | 'until'>): string[] {
  return Array.from({ length: Math.max(0, daysBetween(on, until) + 1) }, (_, d) => dayAfter(on, d));
}

/** A fault of one entry, with what would be right. */
export interface EntryFault {
  id: string;
  field: keyof Entry;
  message: string;
}

const aDayOfMinutes = 24 * 60;

/** What cannot be meant in an entry by itself. */
export function faultsOfEntry(entry: Entry): EntryFault[] {
  const { id, on, until, start, minutes } = entry;
  const fault = (field: keyof Entry, message: string): EntryFault => ({ id, field, message });
  return [
    ...(until !== undefined && until < on
      ? [fault('until', `ends on ${until}, before it starts on ${on}; it must be ${on} or later`)]
      : []),
    ...(minutes !== undefined && minutes <= 0
      ? [fault('minutes', `lasts ${minutes} minutes: it ends before it starts; give its length, 1 or more`)]
      : []),
    ...(start !== undefined && minutes !== undefined && minuteOfDay(start) + minutes > 2 * aDayOfMinutes
      ? [fault('minutes', 'lasts past the end of the next day; give a last day instead')]
      : []),
  ];
}

/** Two entries that stand for one, or that cannot both be kept. */
export interface Clash {
  kind: 'twice' | 'overlap';
  /** The one that stays, then the other. */
  ids: readonly [string, string];
  words: string;
}

const plainName = (name: string) =>
  name
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

const happening = new Set<EntryKind>(['fixture', 'practice']);
const untimed = (entry: Entry) => entry.start === undefined || entry.minutes === undefined;

/** The same thing put down twice: kind, day and name are the same, and the time where both say one. */
function isTwice(a: Entry, b: Entry): boolean {
  if (a.kind !== b.kind || a.on !== b.on) return false;
  const timesAgree = a.start === undefined || b.start === undefined || a.start === b.start;
  return timesAgree && plainName(a.name) === plainName(b.name);
}

function overlap(a: Entry, b: Entry): boolean {
  if (!happening.has(a.kind) || !happening.has(b.kind) || a.on !== b.on) return false;
  if (a.kind === 'fixture' && b.kind === 'fixture' && (untimed(a) || untimed(b))) return true;
  if (untimed(a) || untimed(b)) return false;
  const [startA, startB] = [minuteOfDay(a.start as string), minuteOfDay(b.start as string)];
  return startA < startB + (b.minutes as number) && startB < startA + (a.minutes as number);
}

/**
 * Entries that were put down twice, and those that overlap. Of two that are the same, the one that says more stays.
 *
 * @example clashesOf([match, sameMatch])[0].kind // 'twice'
 */
export function clashesOf(entries: readonly Entry[]): Clash[] {
  const said = (entry: Entry) => Object.values(entry).filter((value) => value !== undefined).length;
  const byDay = new Map<string, Entry[]>();
  for (const entry of entries) byDay.set(entry.on, [...(byDay.get(entry.on) ?? []), entry]);
  return [...byDay.values()].flatMap((ofDay) =>
    ofDay.flatMap((first, i) =>
      ofDay.slice(i + 1).flatMap((second): Clash[] => {
        const [a, b] = said(second) > said(first) ? [second, first] : [first, second];
        if (isTwice(a, b)) return [{ kind: 'twice', ids: [a.id, b.id], words: `${a.name} on ${a.on} is there twice.` }];
        if (overlap(a, b))
          return [{ kind: 'overlap', ids: [a.id, b.id], words: `${a.name} and ${b.name} overlap on ${a.on}.` }];
        return [];
      }),
    ),
  );
}

/** Entries as they are counted: what is there twice once, and nothing that cannot be meant. */
export function counted(entries: readonly Entry[]): Entry[] {
  const second = new Set(clashesOf(entries).flatMap(({ kind, ids }) => (kind === 'twice' ? [ids[1]] : [])));
  return entries.filter((entry) => !second.has(entry.id) && faultsOfEntry(entry).length === 0);
}

/** Those for which no other of the same id stands instead, moved or changed. @example [...notReplaced(fromFeeds, own), ...own] */
export function notReplaced<T extends { id: string }>(entries: readonly T[], instead: readonly { id: string }[]): T[] {
  const taken = new Set(instead.map(({ id }) => id));
  return entries.filter(({ id }) => !taken.has(id));
}

/** A fixture as lists show it. */
export type ListedFixture = Required<Pick<Entry, 'id' | 'on' | 'name' | 'importance'>>;

/** Fixtures that count, by day. @example fixturesOf(entries)[0].on // '2026-12-12' */
export function fixturesOf(entries: readonly Entry[]): ListedFixture[] {
  return counted(entries)
    .filter(({ kind }) => kind === 'fixture')
    .map(({ id, on, name, importance = 1 }) => ({ id, on, name, importance }))
    .sort((a, b) => a.on.localeCompare(b.on));
}
