import * as yup from 'yup';
import { mondayOf } from '../date/days';
import { levels } from '../exercise/model/vocabulary';
import { type CalendarCase, caseKinds } from '../season/scheduler/case';
import { phases } from '../session-type/aims-and-phases';
import { sessionTypes } from '../session-type/session-type';
import { sports } from '../sport/sports';
import { day, isDay, time, yesNo } from './days';
import { labelRules } from './season';
import { anyOf, issuesOf, list, number, object, text, type ValidationIssue } from './validation';

const name = text(120).required('is required');
const whole = (low: number, high: number, unit: string) => number(low, high, unit).integer('must be a whole number');
const sets = number(0, 200, 'sets').required('is required');

const entry = object({
  kind: anyOf(caseKinds).required('is required'),
  name,
  date: day.required('is required'),
  until: day.test('until', 'must be the first day or later', function (until) {
    return until === undefined || until >= this.parent.date;
  }),
  time,
  minutes: number(1, 2880, 'minutes'),
  effort: number(1, 10, 'points of effort'),
  importance: whole(1, 3, 'steps of importance'),
  played: number(0, 600, 'minutes'),
  despiteClosed: yesNo,
  replaced: yesNo,
  overnight: yesNo,
  type: anyOf(sessionTypes).when('kind', {
    is: 'pinned-session',
    // biome-ignore lint/suspicious/noThenProperty: the word of the rules library
    then: (schema) => schema.required('is required: a pinned session has a type'),
  }),
  by: yup.string().max(80, 'must be 80 characters or fewer'),
  reason: yup.string().max(300, 'must be 300 characters or fewer'),
});

const schema = object({
  format: yup.string().oneOf(['tropaeum-calendar/1'], 'must be "tropaeum-calendar/1"').required('is required'),
  athlete: object({
    level: anyOf(levels).required('is required'),
    age: whole(8, 90, 'years').required('is required'),
    sport: anyOf(sports.map(({ id }) => id)).required('is required'),
    role: yup.string(),
  }).required('is required'),
  phase: anyOf(phases).required('is required'),
  from: day
    .required('is required')
    .test('monday', 'must be a Monday', (on) => !on || !isDay(on) || mondayOf(on) === on),
  weeks: whole(1, 4, 'weeks').required('is required'),
  calendar: list(entry).max(400, 'must hold 400 or fewer').required('is required'),
  conditions: list(
    object({
      kind: yup.string().required('is required'),
      from: day.required('is required'),
      until: day.required('is required'),
      trainFrom: time,
      trainUntil: time,
    }),
  ),
  athleteHistory: list(
    object({
      weeksAgo: whole(1, 4, 'weeks').required('is required'),
      sessions: sets,
      minutes: number(0, 2000, 'minutes').required('is required'),
      heavyLower: sets,
      heavyUpper: sets,
      contacts: number(0, 2000, 'jump contacts').required('is required'),
      eccentric: sets,
      sportLoad: number(0, 20000, 'of minutes times effort'),
    }),
  ),
  houseRules: object({
    days: anyOf(['consolidate', 'spread'] as const).required('is required'),
    loading: anyOf(['steady', 'waved', 'undulating'] as const).required('is required'),
    sessionsPerWeek: object({
      min: whole(0, 7, 'sessions').required('is required'),
      max: whole(0, 7, 'sessions')
        .required('is required')
        .test('max', 'must be min or more', function (max) {
          return max === undefined || max >= this.parent.min;
        }),
    }).required('is required'),
    sessionAt: time.required('is required'),
    labels: labelRules.default(undefined),
    seconds: yesNo,
  }).required('is required'),
  before: object({
    plan: list(object({ date: day.required('is required'), type: yup.string().required('is required') })),
  }).default(undefined),
});

/**
 * Reads a calendar to be laid; every fault is named with its field and what would be right.
 *
 * @example 'faults' in readCalendar({ format: 'tropaeum-calendar/1' }) // true
 */
export function readCalendar(document: unknown): { calendar: CalendarCase } | { faults: ValidationIssue[] } {
  try {
    const read = schema.validateSync(document, { abortEarly: false, strict: true });
    return { calendar: read as unknown as CalendarCase };
  } catch (error) {
    if (error instanceof yup.ValidationError) return { faults: issuesOf(error) };
    throw error;
  }
}
