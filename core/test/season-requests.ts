import type { Entry } from '../src/season/calendar/calendar';
import { emptySeason, type PlannedSession, type ScheduleRequest } from '../src/season/plan/season-plan';
import type { ScheduledSession } from '../src/season/scheduler/scheduled-session';

export const today = '2026-12-09';
export const match = (on: string, changes: Partial<Entry> = {}): Entry => ({
  id: on,
  kind: 'fixture',
  name: `Match ${on}`,
  on,
  start: '15:00',
  ...changes,
});
export const league = ['2026-12-12', '2026-12-19', '2026-12-26', '2027-01-02'].map((on) => match(on));
export const ask = (changes: Partial<ScheduleRequest> = {}): ScheduleRequest => ({
  season: { ...emptySeason, entries: league },
  sport: 'handball',
  written: [],
  today,
  weeks: 4,
  ...changes,
});
export const laidOn = (
  on: string,
  type: ScheduledSession['type'],
  more: Partial<ScheduledSession> = {},
): ScheduledSession => ({
  ...{ on, type, minutes: 30, timing: 'only', start: '18:00', label: '-', why: 'For a reason.' },
  ...{ heavyLower: 0, heavyUpper: 0, contacts: 0, eccentric: 0 },
  ...more,
});
export const written = (on: string): PlannedSession => ({
  ...{ on, type: 'whole-body', minutes: 35 },
  ...{ heavyLower: 5, heavyUpper: 4, contacts: 10, eccentric: 2 },
});
export const athlete = { id: 'a', level: 'intermediate', born: '2001-03-04', minutes: 30 } as const;
