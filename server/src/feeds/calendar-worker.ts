import { type ReadCalendar, type ReadOptions, readCalendar } from '@tropaeum/core/formats/icalendar-read';

/** What a worker is given to read. */
export interface CalendarText {
  copy: string;
  how: ReadOptions;
}

/** Reads a calendar in a thread of its own: whatever stands in it, nobody else waits. */
export default function read({ copy, how }: CalendarText): ReadCalendar {
  return readCalendar(copy, how);
}
