import { dayIn, isFault, type TextFault, two, weekdays } from '../../date/day-text';
import { dayAfter } from '../../date/days';
import { type Entry, type EntryKind, minuteOfDay } from './calendar';
import { mondayOf } from './season-on';

/** Entries as they were typed, without ids. */
export type TypedEntry = Omit<Entry, 'id'>;

const kinds: readonly [EntryKind, RegExp][] = [
  ['fixture', /^(match|game|fixture|race|regatta|cup)$/i],
  ['practice', /^(practice|training)$/i],
  ['closed', /^closed$/i],
  ['travel', /^travel$/i],
  ['camp', /^camp$/i],
  ['exam', /^exams?$/i],
  ['hours', /^(hours|fasting)$/i],
  ['free', /^(free|off)$/i],
  ['away', /^(away|ill|injured)$/i],
];
const names: Record<EntryKind, string> = {
  fixture: 'Match',
  practice: 'Practice',
  closed: 'Closed',
  travel: 'Travel',
  camp: 'Camp',
  exam: 'Exams',
  hours: 'Hours',
  free: 'Free',
  away: 'Away',
};

/** Words that are the name too, where no other is typed: an illness is come back from otherwise than a holiday. */
const sayingMore = /^(ill|injured|fasting)$/i;

/** Words that say more of a practice or a journey. */
const marked: readonly [RegExp, Partial<TypedEntry>][] = [
  [/^held$/i, { despiteClosed: true }],
  [/^(replaced|athome)$/i, { replaced: true }],
  [/^overnight$/i, { overnight: true }],
];

/** Weekdays of "every tue, thu". */
function weekdaysIn(text: string): { days: number[]; rest: string } | undefined {
  const every = /^every\s+((?:(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*(?:\s*(?:,|and|\s)\s*)?)+)/i.exec(text);
  if (!every) return undefined;
  const days = [...(every[1] as string).matchAll(/mon|tue|wed|thu|fri|sat|sun/gi)].map((m) =>
    weekdays.indexOf(m[0].toLowerCase()),
  );
  return { days: [...new Set(days)], rest: text.slice(every[0].length) };
}

/** Weeks that "every" goes on for where no end is typed. */
const usualWeeks = 12;

/**
 * Reads entries of a calendar as a coach types them: a day, "28 dec - 3 jan" or "every tue, thu until 1 mar"; then in any order a time, what it is,
 * minutes, effort ("e7"), importance ("!" or "!!"), "held" of a practice although the hall is closed, "replaced" by a session at home, "overnight" of
 * travel; "20:00-23:00" is a beginning and an end. The rest is the name.
 *
 * @param today days without a year are the next ones from here
 * @example readEntryText('sat 12 dec 15:00 match Vestøy !', '2026-12-09').entries[0].importance // 2
 */
export function readEntryText(text: string, today: string): { entries: TypedEntry[] } | { fault: TextFault } {
  const line = text.trim().replace(/[–—]/g, '-');
  const every = weekdaysIn(line);
  let days: string[] = [];
  let rest: string;
  let until: string | undefined;
  if (every) {
    rest = every.rest.trim();
    const end = /\buntil\s+/i.exec(rest);
    let last = dayAfter(mondayOf(today), 7 * usualWeeks - 1);
    if (end) {
      const to = dayIn(rest.slice(end.index + end[0].length), today);
      if (!to) return { fault: { part: rest.slice(end.index), message: 'needs a day after "until", such as 1 mar' } };
      if (isFault(to)) return { fault: to };
      last = to.on;
      rest = `${rest.slice(0, end.index)} ${to.rest}`.trim();
    }
    for (let on = today; on <= last; on = dayAfter(on, 1))
      if (every.days.some((d) => on === dayAfter(mondayOf(on), d))) days.push(on);
    if (days.length === 0)
      return { fault: { part: `until ${last}`, message: 'is over before the first of these days' } };
  } else {
    const first = dayIn(line, today);
    if (!first)
      return {
        fault: { part: line.split(/\s+/)[0] ?? '', message: 'should be a day: 12 dec, sat, 2026-12-12 or every tue' },
      };
    if (isFault(first)) return { fault: first };
    days = [first.on];
    rest = first.rest.trim();
    const range = /^(?:-|to\b|until\b)\s*/i.exec(rest);
    if (range) {
      const to = dayIn(rest.slice(range[0].length), first.on);
      if (!to) return { fault: { part: rest.split(/\s+/)[1] ?? rest, message: 'should be a last day, such as 3 jan' } };
      if (isFault(to)) return { fault: to };
      if (to.on < first.on)
        return { fault: { part: rest.slice(0, rest.length - to.rest.length), message: `ends before ${first.on}` } };
      until = to.on;
      rest = to.rest.trim();
    }
  }
  const read = restOf(rest);
  if ('fault' in read) return read;
  if (until !== undefined && read.entry.start !== undefined && read.entry.kind !== 'hours')
    return { fault: { part: read.entry.start, message: 'a time goes with one day; leave it out for several' } };
  return {
    entries: days.map((on) => ({ ...read.entry, on, ...(until === undefined || until === on ? {} : { until }) })),
  };
}

/** Everything of a line but its days. */
function restOf(text: string): { entry: Omit<TypedEntry, 'on'> } | { fault: TextFault } {
  const entry: Partial<TypedEntry> = {};
  const name: string[] = [];
  let span: { from: string; to: string } | undefined;
  for (const word of text
    .replace(/(\d+)\s*(?:min(?:utes)?|')(?=\s|$)/gi, '$1min')
    .split(/\s+/)
    .filter(Boolean)) {
    const time = /^(\d{1,2})[:.](\d{2})$/.exec(word);
    const fromTo = /^(\d{1,2})[:.](\d{2})-(\d{1,2})[:.](\d{2})$/.exec(word);
    const minutes = /^(\d+)min$/.exec(word);
    const effort = /^e(\d+)$/i.exec(word);
    const marks = /^!{1,2}$/.exec(word);
    const kind = kinds.find(([, words]) => words.test(word))?.[0];
    const more = marked.find(([words]) => words.test(word))?.[1];
    if (time) {
      if (Number(time[1]) > 23 || Number(time[2]) > 59)
        return { fault: { part: word, message: 'is no time of day; 18:30 would be' } };
      entry.start = `${two(Number(time[1]))}:${time[2]}`;
    } else if (fromTo) {
      const [h1, m1, h2, m2] = fromTo.slice(1).map(Number) as [number, number, number, number];
      if (Math.max(h1, h2) > 23 || Math.max(m1, m2) > 59)
        return { fault: { part: word, message: 'are no times of day; 18:30-20:00 would be' } };
      span = { from: `${two(h1)}:${two(m1)}`, to: `${two(h2)}:${two(m2)}` };
    } else if (minutes) {
      if (Number(minutes[1]) < 1 || Number(minutes[1]) > 1440)
        return { fault: { part: word, message: 'must be 1 to 1440 minutes' } };
      entry.minutes = Number(minutes[1]);
    } else if (effort) {
      if (Number(effort[1]) > 10) return { fault: { part: word, message: 'effort goes from e0 to e10' } };
      entry.effort = Number(effort[1]);
    } else if (marks) entry.importance = 1 + word.length;
    else if (kind && !entry.kind) {
      entry.kind = kind;
      if (sayingMore.test(word)) entry.name = `${word.charAt(0).toUpperCase()}${word.slice(1).toLowerCase()}`;
    } else if (more) Object.assign(entry, more);
    else name.push(word);
  }
  const kind = entry.kind;
  if (!kind)
    return {
      fault: {
        part: text,
        message: 'should say what it is: match, practice, camp, closed, travel, exams, hours, free or away',
      },
    };
  if (span && kind === 'hours') Object.assign(entry, { start: span.from, end: span.to });
  else if (span)
    // What ends before it begins ends on the next day.
    Object.assign(entry, {
      start: span.from,
      minutes: (minuteOfDay(span.to) - minuteOfDay(span.from) + 1440) % 1440 || 1440,
    });
  if (kind === 'hours' && !entry.start)
    return { fault: { part: text, message: 'should say in which hours there is training, such as 20:00-23:00' } };
  return { entry: { ...entry, kind, name: name.join(' ') || entry.name || names[kind] } };
}
