import { dayAfter, daysBetween } from '../../date/days';

export const entryKinds = ['fixture', 'practice', 'camp', 'closed', 'travel', 'exam', 'hours', 'free', 'away'] as const;
/**
 * What stands in a calendar: a fixture, a practice of the sport, a camp (the sport all day), hall or water closed (practices
 * fall away, fixtures do not), travel, exams (little time and sleep), hours in which alone there is training (fasting, school), days that are to stay
 * free, days away from training (ill, hurt, gone).
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
  /** When the hours end in which there is training, "23:00". */
  end?: string;
  /** A practice that is held although hall or water is closed. */
  despiteClosed?: boolean;
  /** A practice in place of which a session is done at home. */
  replaced?: boolean;
  /** Travel that takes the night. */
  overnight?: boolean;
  /** Minutes that athletes played of a fixture, by their id; who is not named played all of it. */
  playedBy?: Readonly<Record<string, number>>;
}

/** Minutes from midnight. @example minuteOfDay('18:30') // 1110 */
export function minuteOfDay(time: string): number {
  const [hours, minutes] = time.split(':').map(Number) as [number, number];
  return hours * 60 + minutes;
}

/** Days that an entry takes, first to last. @example daysOf({ on: '2026-12-31', until: '2027-01-01' }) // ['2026-12-31', '2027-01-01'] */
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
  const { id, kind, on, until, start, end, minutes } = entry;
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
    ...(kind === 'hours' && start === undefined && end === undefined
      ? [fault('start', 'says no hours; give when training may begin or has to end, such as 20:00')]
      : []),
    ...(start !== undefined && end !== undefined && end <= start
      ? [fault('end', `ends at ${end}, before it begins at ${start}; it must be later`)]
      : []),
  ];
}

/** Two entries that stand for one, or that cannot both be kept. */
export interface Clash {
  kind: 'twice' | 'overlap' | 'contradiction' | 'no-time';
  /** The one that stays, then the other; one alone where it lacks something. */
  ids: readonly [string, ...string[]];
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
function isTwice(a: Entry, b: Entry, nameOf: (entry: Entry) => string): boolean {
  if (a.kind !== b.kind || a.on !== b.on) return false;
  const timesAgree = a.start === undefined || b.start === undefined || a.start === b.start;
  return timesAgree && nameOf(a) === nameOf(b);
}

function overlap(a: Entry, b: Entry): boolean {
  if (!happening.has(a.kind) || !happening.has(b.kind) || a.on !== b.on) return false;
  if (a.kind === 'fixture' && b.kind === 'fixture' && (untimed(a) || untimed(b))) return true;
  if (untimed(a) || untimed(b)) return false;
  const [startA, startB] = [minuteOfDay(a.start as string), minuteOfDay(b.start as string)];
  return startA < startB + (b.minutes as number) && startB < startA + (a.minutes as number);
}

/** What goes first where two entries cannot both be meant, and in which words. */
function contradictionOf(a: Entry, b: Entry): string | undefined {
  if (a.kind !== 'fixture' && a.kind !== 'practice') return undefined;
  if (a.on < b.on || a.on > (b.until ?? b.on)) return undefined;
  const both = `${a.name} is on ${a.on}, and ${b.name} says`;
  if (b.kind === 'away') return `${both} absent: it counts as not attended.`;
  if (b.kind === 'free') return `${both} the day is free: no session is scheduled, ${a.name} stays.`;
  if (b.kind === 'camp' && a.kind === 'practice') return `${both} there is a camp: the camp counts.`;
  if (b.kind === 'closed' && a.kind === 'fixture') return `${both} it is closed: the fixture is still played.`;
  return undefined;
}

/**
 * Entries that were put down twice, those that overlap or contradict each other, and fixtures of which nobody has said when they begin. Of two that
 * are the same, the one that says more stays.
 *
 * @example clashesOf([{ id: 'a', kind: 'fixture', name: 'Cup', on: '2026-12-12', start: '15:00' }, { id: 'b', kind: 'fixture', name: 'Cup', on: '2026-12-12', start: '15:00' }])[0].kind // 'twice'
 */
export function clashesOf(entries: readonly Entry[]): Clash[] {
  const lasting = entries.filter(({ kind }) => kind !== 'fixture' && kind !== 'practice');
  const contradictions = entries.flatMap((a) =>
    lasting.flatMap((b): Clash[] => {
      const words = contradictionOf(a, b);
      return words ? [{ kind: 'contradiction', ids: [a.id, b.id], words }] : [];
    }),
  );
  const untold = entries
    .filter(({ kind, start, until }) => kind === 'fixture' && start === undefined && until === undefined)
    .map(
      ({ id, name, on }): Clash => ({
        ...{ kind: 'no-time', ids: [id] },
        words: `${name} on ${on} has no time: the whole day is kept free for it.`,
      }),
    );
  return [...pairsOf(entries), ...contradictions, ...untold];
}

/** Entries of one day that are the same, or overlap. */
function pairsOf(entries: readonly Entry[]): Clash[] {
  const said = (entry: Entry) => Object.values(entry).filter((value) => value !== undefined).length;
  const names = new Map(entries.map((entry) => [entry, plainName(entry.name)]));
  const nameOf = (entry: Entry) => names.get(entry) as string;
  const byDay = new Map<string, Entry[]>();
  for (const entry of entries) {
    const ofDay = byDay.get(entry.on);
    if (ofDay) ofDay.push(entry);
    else byDay.set(entry.on, [entry]);
  }
  return [...byDay.values()].flatMap((ofDay) =>
    ofDay.flatMap((first, i) =>
      ofDay.slice(i + 1).flatMap((second): Clash[] => {
        const [a, b] = said(second) > said(first) ? [second, first] : [first, second];
        if (isTwice(a, b, nameOf))
          return [{ kind: 'twice', ids: [a.id, b.id], words: `${a.name} on ${a.on} is there twice.` }];
        if (overlap(a, b))
          return [{ kind: 'overlap', ids: [a.id, b.id], words: `${a.name} and ${b.name} overlap on ${a.on}.` }];
        return [];
      }),
    ),
  );
}

/** Entries as they are counted: what is there twice once, and nothing that cannot be meant. */
export function validEntries(entries: readonly Entry[]): Entry[] {
  const second = new Set(pairsOf(entries).flatMap(({ kind, ids }) => (kind === 'twice' ? [ids[1]] : [])));
  return entries.filter((entry) => !second.has(entry.id) && faultsOfEntry(entry).length === 0);
}

/** Those for which no other of the same id stands instead, moved or changed. @example withoutOverrides([{ id: 'a' }, { id: 'b' }], [{ id: 'b' }]) // [{ id: 'a' }] */
export function withoutOverrides<T extends { id: string }>(
  entries: readonly T[],
  instead: readonly { id: string }[],
): T[] {
  const taken = new Set(instead.map(({ id }) => id));
  return entries.filter(({ id }) => !taken.has(id));
}

/** A fixture as lists show it. */
export type ListedFixture = Required<Pick<Entry, 'id' | 'on' | 'name' | 'importance'>>;

/** Fixtures that count, by day. @example fixturesOf([{ id: 'a', kind: 'fixture', name: 'Cup', on: '2026-12-12' }])[0].on // '2026-12-12' */
export function fixturesOf(entries: readonly Entry[]): ListedFixture[] {
  return validEntries(entries)
    .filter(({ kind }) => kind === 'fixture')
    .map(({ id, on, name, importance = 1 }) => ({ id, on, name, importance }))
    .sort((a, b) => a.on.localeCompare(b.on));
}
