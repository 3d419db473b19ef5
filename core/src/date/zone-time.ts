import { Temporal } from 'temporal-polyfill';

/** A day and a time on the clocks of some place. */
export interface WallTime {
  on: string;
  /** "18:30" */
  time: string;
}

/** Whether a name is one of the time zone database. @example isZone('Europe/Oslo') // true */
export function isZone(name: string): boolean {
  try {
    Temporal.Instant.fromEpochMilliseconds(0).toZonedDateTimeISO(name);
    return true;
  } catch {
    return false;
  }
}

/**
 * The moment at which clocks of a zone show a time, ms since 1970. In the hour that summer time leaves out, the later one; in the one that comes
 * twice, the first.
 *
 * @throws RangeError for an unknown zone or a time that is none
 * @example momentOf({ on: '2026-12-09', time: '18:00' }, 'Europe/Oslo') // 17:00 in universal time
 */
export function momentOf({ on, time }: WallTime, zone: string): number {
  return Temporal.PlainDateTime.from(`${on}T${time}`).toZonedDateTime(zone).epochMilliseconds;
}

/** What clocks of a zone show at a moment, ms since 1970. @example wallTimeAt(0, 'UTC') // { on: '1970-01-01', time: '00:00' } */
export function wallTimeAt(moment: number, zone: string): WallTime {
  const local = Temporal.Instant.fromEpochMilliseconds(moment).toZonedDateTimeISO(zone);
  return { on: local.toPlainDate().toString(), time: local.toPlainTime().toString({ smallestUnit: 'minute' }) };
}
