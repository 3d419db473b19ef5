/** How dates are written: the way of a language, the weekday first. Days of a calendar have no zone: they are shown as they are, wherever the reader is. */
const forms = {
  weekday: { weekday: 'short', timeZone: 'UTC' },
  dayOfMonth: { day: 'numeric', month: 'short', timeZone: 'UTC' },
  momentWeekday: { weekday: 'short' },
  momentDay: { day: 'numeric', month: 'short' },
  momentDate: { day: 'numeric', month: 'short', year: 'numeric' },
  momentTime: { hour: '2-digit', minute: '2-digit' },
} as const satisfies Record<string, Intl.DateTimeFormatOptions>;

/** Each is made when it is first written with: on a phone they cost more than all else before the first words. */
function writersFor(language: string) {
  const made = new Map<keyof typeof forms, Intl.DateTimeFormat>();
  return (form: keyof typeof forms, moment: Date): string => {
    const writer = made.get(form) ?? new Intl.DateTimeFormat(language, forms[form]);
    made.set(form, writer);
    return writer.format(moment);
  };
}

const ownLanguage = globalThis.navigator?.language ?? 'en-GB';
let language = ownLanguage;
let write = writersFor(language);

/** Writes dates in the way of a language from now on; left out, in that of the reader. */
export function setDateLanguage(chosen: string | null | undefined): void {
  const wanted = chosen ?? ownLanguage;
  if (wanted === language) return;
  // What is no language throws here, and the one before stays.
  Intl.getCanonicalLocales(wanted);
  language = wanted;
  write = writersFor(wanted);
}

const dateOf = (day: string) => new Date(`${day.slice(0, 10)}T00:00:00Z`);

/** A day with its weekday. @example dayName('2026-12-09') // 'Wed 9 Dec' where English is written as in Britain */
export const dayName = (day: string): string => `${write('weekday', dateOf(day))} ${dayMonth(day)}`;

/** A day without its weekday. @example dayMonth('2026-12-09') // '9 Dec' */
export const dayMonth = (day: string): string => write('dayOfMonth', dateOf(day));

/** The days of a week, Monday first. */
export const weekdays = (): readonly string[] =>
  Array.from({ length: 7 }, (_, d) => write('weekday', new Date(Date.UTC(2024, 0, 1 + d))));

/** A moment as a day, on the reader's clock. */
export const dayOfMoment = (moment: string): string =>
  `${write('momentWeekday', new Date(moment))} ${write('momentDay', new Date(moment))}`;

/** The same with its year and without its weekday. */
export const dateOfMoment = (moment: string): string => write('momentDate', new Date(moment));

/** A moment as a day and a time, on the reader's clock. */
export const dayAndTime = (moment: string): string => `${dayOfMoment(moment)} ${write('momentTime', new Date(moment))}`;

const spans = [
  ['day', 86_400],
  ['hour', 3600],
  ['minute', 60],
] as const;

/** How long ago a moment was, in the largest unit that fits. @example ageOf(anHourAgo) // '1 hour ago' */
export function ageOf(moment: string): string {
  const seconds = (Date.now() - Date.parse(moment)) / 1000;
  const [unit, length] = spans.find(([, span]) => seconds >= span) ?? (['second', 1] as const);
  return new Intl.RelativeTimeFormat(language, { numeric: 'auto' }).format(-Math.round(seconds / length), unit);
}

/** In how many days something is, in words. */
export function inDays(days: number): string {
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days === -1) return 'yesterday';
  return days > 0 ? `in ${days} days` : `${-days} days ago`;
}
