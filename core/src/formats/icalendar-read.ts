import { dayAfter } from '../date/days';
import { wallTimeAt } from '../date/zone-time';
import { type Entry, type EntryKind, entryKinds } from '../season/calendar/calendar';
import { Event, Steps, Unreadable, Zones } from './icalendar-event';
import { type BadLine, componentsOf } from './icalendar-lines';

/** A calendar as it was read: what is in it, what was called off, and the lines that could not be read. */
export interface ReadCalendar {
  entries: Entry[];
  /** Ids of entries that are there and called off. */
  cancelled: string[];
  bad: BadLine[];
}

export interface ReadOptions {
  /** The club's time zone: everything is told in its time. */
  zone: string;
  /** What comes again and again is told from this day to that one. */
  from: string;
  to: string;
  /** What an entry is where its words do not say. */
  otherwise: EntryKind;
}

/** Events of a calendar, and entries they come to, at the most: a club has some hundreds. */
const [maxEvents, maxEntries] = [5000, 3000];

/** Words by which an entry is known; common practice, no source. */
const kindWords: readonly [EntryKind, RegExp][] = [
  ['closed', /\b(closed|closure|shut)\b/i],
  ['camp', /\bcamp\b/i],
  ['practice', /\b(practice|training|session)\b/i],
  ['travel', /\b(travel|bus|ferry|flight|journey)\b/i],
  ['exam', /\b(exams?|finals week)\b/i],
  ['free', /\b(free|day off|rest day|holidays?)\b/i],
  ['fixture', /\b(match|game|fixture|cup|league|regatta|race|tournament|vs?\.?)\b/i],
];

/** What an entry is, by its categories, then by its words. */
function kindOf(categories: string, name: string, otherwise: EntryKind): EntryKind {
  const by = (words: string) => kindWords.find(([, known]) => known.test(words))?.[0];
  // What this program has written says its kind itself; "away" in words is a fixture elsewhere.
  const said = entryKinds.find((kind) => kind === categories.trim().toLowerCase());
  return said ?? by(categories) ?? by(name) ?? otherwise;
}

const importanceOf = (event: Event): { importance?: number } => {
  const given = Number(event.text('x-tropaeum-importance') || Number.NaN);
  return Number.isInteger(given) && given >= 1 && given <= 3 ? { importance: given } : {};
};
const effortOf = (event: Event): { effort?: number } => {
  const given = Number(event.text('x-tropaeum-effort') || Number.NaN);
  return given >= 0 && given <= 10 ? { effort: given } : {};
};

/**
 * Reads a calendar file (RFC 5545): folded lines, any line ends, time zones by name or by their own rules, what comes again, single times moved or
 * called off. Lines that cannot be read are told by number, and everything else is kept. A file that is none comes back empty with the reason.
 *
 * @example readCalendar('BEGIN:VCALENDAR\r\nEND:VCALENDAR', { zone: 'Europe/Oslo', from: '2026-12-01', to: '2027-03-01', otherwise: 'fixture' }).entries // []
 */
export function readCalendar(text: string, { zone, from, to, otherwise }: ReadOptions): ReadCalendar {
  const { roots, bad } = componentsOf(text);
  const calendars = roots.filter(({ name }) => name === 'VCALENDAR');
  if (calendars.length === 0) {
    const begins = text.trim().slice(0, 30).replace(/\s+/g, ' ');
    const message = begins ? `is no calendar: it begins with "${begins}", not with BEGIN:VCALENDAR` : 'is empty';
    return { entries: [], cancelled: [], bad: [{ line: 1, message }] };
  }
  const within = calendars.flatMap((calendar) => calendar.within);
  const zones = new Zones(
    within.filter(({ name }) => name === 'VTIMEZONE'),
    zone,
    bad,
  );
  const steps = new Steps();
  const events = within
    .filter(({ name }) => name === 'VEVENT')
    .slice(0, maxEvents)
    .map((component) => new Event(component, zones, zone, bad, steps));
  const told: { id: string; entry: Entry; at: number; uid: string; cancelled: boolean }[] = [];
  const cancelled = new Set<string>();
  /** Single times that are told anew, by what they stand for. */
  const replaced = new Set<string>();
  for (const event of events) {
    const again = safely(event, bad, () => event.moment('recurrence-id'));
    if (again) replaced.add(`${event.text('uid')} ${again.at}`);
  }
  for (const event of events)
    safely(event, bad, () => {
      const start = event.moment('dtstart');
      if (!start) throw new Unreadable(event.component.line, 'is an event without a start');
      const uid = event.text('uid') || `line ${event.component.line}`;
      const instead = event.moment('recurrence-id');
      const lasting = event.lasting(start);
      const isCancelled = event.text('status').toUpperCase() === 'CANCELLED';
      const repeats = event.first('rrule') !== undefined || event.first('rdate') !== undefined;
      const name = event.text('summary') || 'Without a name';
      for (const time of instead ? [start] : event.times(start, from, to)) {
        const key = `${uid} ${(instead ?? time).at}`;
        if (!instead && replaced.has(key)) continue;
        const here = time.allDay ? { on: time.on, time: undefined } : wallTimeAt(time.at, zone);
        const days = time.allDay && lasting !== undefined ? Math.round(lasting / 1440) : 1;
        const last = dayAfter(here.on, days - 1);
        if (last < from || here.on > to) continue;
        const id = repeats || instead ? `${uid}|${wallTimeAt((instead ?? time).at, 'UTC').on}` : uid;
        if (told.length >= maxEntries)
          throw new Unreadable(
            event.component.line,
            `and what follows is left out: no more than ${maxEntries} entries are read`,
          );
        told.push({
          id,
          uid,
          at: time.at,
          cancelled: isCancelled,
          entry: {
            id,
            kind: kindOf(event.text('categories'), name, otherwise),
            name,
            on: here.on,
            ...(days > 1 ? { until: last } : {}),
            ...(here.time ? { start: here.time } : {}),
            ...(here.time && lasting !== undefined ? { minutes: lasting } : {}),
            ...effortOf(event),
            ...importanceOf(event),
          },
        });
      }
    });
  for (const { id, cancelled: off } of told) if (off) cancelled.add(id);
  return {
    entries: told
      .filter(({ id }) => !cancelled.has(id))
      .sort((a, b) => a.at - b.at)
      .map(({ entry }) => entry),
    cancelled: [...cancelled],
    bad: bad.sort((a, b) => a.line - b.line),
  };
}

/** What cannot be read of an event leaves it out and is told by line. */
function safely<T>(event: Event, bad: BadLine[], read: () => T): T | undefined {
  try {
    return read();
  } catch (error) {
    const line = error instanceof Unreadable ? error.line : event.component.line;
    const message = error instanceof Error ? error.message : String(error);
    if (!bad.some((known) => known.line === line && known.message === message)) bad.push({ line, message });
    return undefined;
  }
}
