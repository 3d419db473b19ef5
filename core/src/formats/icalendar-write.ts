import ical, { ICalCalendarMethod, type ICalEventData } from 'ical-generator';
import { dayAfter } from '../date/days';
import { momentOf } from '../date/zone-time';
import type { Entry } from '../season/calendar/calendar';

/** Something in a calendar that is given out. */
export interface OutgoingEvent extends Pick<Entry, 'id' | 'name' | 'on' | 'until' | 'start' | 'minutes'> {
  kind?: Entry['kind'];
  importance?: number;
  effort?: number;
  /** More about it, in plain words. */
  about?: string;
  url?: string;
}

interface CalendarHead {
  name: string;
  /** The zone that days and times are told in. */
  zone: string;
  /** When it was last worked out. */
  asOf: Date;
}

/**
 * Writes a calendar file (RFC 5545). Times are written in universal time, so that no clock has to be told about summer time; days without a time
 * are whole days.
 *
 * @example writeCalendar({ name: 'Seniors', zone: 'Europe/Oslo', asOf: new Date(0) }, []) // 'BEGIN:VCALENDAR\r\n...'
 */
export function writeCalendar({ name, zone, asOf }: CalendarHead, events: readonly OutgoingEvent[]): string {
  const calendar = ical({
    name,
    method: ICalCalendarMethod.PUBLISH,
    prodId: { company: 'Tropaeum', product: 'Season', language: 'EN' },
  });
  for (const event of events) calendar.createEvent(eventData(event, zone, asOf));
  return calendar.toString().replace(ofOneProgram, '');
}

/** Lines that only one program reads; a whole day is one by its dates. */
const ofOneProgram = /^X-MICROSOFT-[^\r\n]*\r\n/gm;

function eventData(event: OutgoingEvent, zone: string, asOf: Date): ICalEventData {
  const { id, name, on, until, start, minutes, kind, about, url, importance, effort } = event;
  const head: Pick<ICalEventData, 'id' | 'summary' | 'stamp' | 'description' | 'url' | 'categories' | 'x'> = {
    id,
    summary: name,
    stamp: asOf,
    ...(about ? { description: about } : {}),
    ...(url ? { url } : {}),
    ...(kind ? { categories: [{ name: kind }] } : {}),
    x: [
      ...(importance === undefined ? [] : [{ key: 'X-TROPAEUM-IMPORTANCE', value: String(importance) }]),
      ...(effort === undefined ? [] : [{ key: 'X-TROPAEUM-EFFORT', value: String(effort) }]),
    ],
  };
  if (start === undefined) {
    const day = (of: string) => new Date(`${of}T00:00:00Z`);
    return { ...head, allDay: true, timezone: 'UTC', start: day(on), end: day(dayAfter(until ?? on, 1)) };
  }
  const from = momentOf({ on, time: start }, zone);
  const to = minutes === undefined ? undefined : from + minutes * 60_000;
  return { ...head, start: new Date(from), ...(to === undefined ? {} : { end: new Date(to) }) };
}
