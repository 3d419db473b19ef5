import * as yup from 'yup';
import { isZone } from '../date/zone-time';
import { entryKinds, faultsOfEntry } from '../season/calendar/calendar';
import { faultsOfPhases } from '../season/periodisation/phases';
import { loadingSchemes, type OwnSeason, type SquadSeasonPlan } from '../season/plan/season-plan';
import { dayBeforeChoices, labelRuleFacts, numberRules } from '../season/scheduler/label-rules';
import { timings } from '../season/scheduler/timing';
import { phases } from '../session-type/aims-and-phases';
import { sessionTypes } from '../session-type/session-type';
import { day, time, yesNo } from './days';
import { anyOf, issuesOf, list, number, object, text, type ValidationIssue } from './validation';

const name = text(120).required('is required');

/** Minutes played, by the id of an athlete. */
const minutesById = yup
  .mixed((value): value is Record<string, number> => typeof value === 'object' && value !== null)
  .typeError('must be minutes by athlete')
  .test(
    'minutes',
    'must be 0 to 300 minutes for each athlete',
    (value) =>
      value === undefined ||
      Object.values(value).every((minutes) => typeof minutes === 'number' && minutes >= 0 && minutes <= 300),
  );

const entry = object({
  id: yup.string().required('is required').max(300, 'must be 300 characters or fewer'),
  kind: anyOf(entryKinds).required('is required'),
  name,
  on: day.required('is required'),
  until: day,
  start: time,
  minutes: number(-1440, 2880, 'minutes'),
  effort: number(0, 10, 'points of effort'),
  importance: number(1, 3, 'steps of importance').integer('must be a whole number'),
  end: time,
  despiteClosed: yesNo,
  replaced: yesNo,
  overnight: yesNo,
  playedBy: minutesById,
}).noUnknown();

const pin = object({
  on: day.required('is required'),
  type: anyOf([...sessionTypes, 'none']).required('is required'),
  minutes: number(5, 180, 'minutes'),
}).noUnknown();

const sets = number(0, 60, 'sets').required('is required');
const why = yup.string().required('is required').max(600, 'must be 600 characters or fewer');
const laid = object({
  on: day.required('is required'),
  type: anyOf(sessionTypes).required('is required'),
  minutes: number(1, 180, 'minutes').required('is required'),
  timing: anyOf(timings).required('is required'),
  start: time.required('is required'),
  heavyLower: sets,
  heavyUpper: sets,
  contacts: number(0, 400, 'jump contacts').required('is required'),
  eccentric: sets,
  label: yup.string().required('is required').max(12, 'must be 12 characters or fewer'),
  why,
  second: object({
    type: anyOf(sessionTypes).required('is required'),
    minutes: number(1, 60, 'minutes').required('is required'),
    start: time.required('is required'),
    why,
  }).default(undefined),
}).noUnknown();

/** What the labels of the days allow, as far as it is not the usual. */
export const labelRules = object({
  ...Object.fromEntries(
    numberRules.map((rule) => {
      const { least, most, unit } = labelRuleFacts[rule];
      return [rule, number(least, most, unit).integer('must be a whole number')];
    }),
  ),
  dayBefore: anyOf(dayBeforeChoices),
  practiceEndsBy: time,
});

const own = {
  entries: list(entry).max(800, 'must hold 800 or fewer').required('is required'),
  pins: list(pin).max(400, 'must hold 400 or fewer').required('is required'),
  laid: list(laid).max(400, 'must hold 400 or fewer').required('is required'),
};
const ownSchema = object(own).noUnknown();

const squadSchema = object({
  ...own,
  phases: list(
    object({
      phase: anyOf(phases).required('is required'),
      name,
      startsOn: day.required('is required'),
      endsOn: day.required('is required'),
      why: yup.string().max(300, 'must be 300 characters or fewer'),
    }),
  )
    .max(60, 'must hold 60 or fewer')
    .required('is required'),
  rules: object({
    least: number(0, 6, 'sessions').integer('must be a whole number').required('is required'),
    most: number(1, 6, 'sessions').integer('must be a whole number').required('is required'),
    restDays: number(0, 4, 'days').integer('must be a whole number').required('is required'),
    sessionAt: time.required('is required'),
    days: anyOf(['consolidate', 'spread']).required('is required'),
    labels: labelRules.noUnknown().default({}),
    seconds: yesNo,
  }).required('is required'),
  school: anyOf(loadingSchemes).required('is required'),
  minutes: number(10, 120, 'minutes').required('is required'),
  zone: yup
    .string()
    .required('is required')
    .test('zone', 'must be a time zone such as Europe/Oslo', (value) => value !== undefined && isZone(value)),
}).noUnknown();

/** Faults that only the whole season shows: entries that end before they start, phases of no days, fewer sessions at most than at least. */
function faultsOfWhole(season: OwnSeason & Partial<SquadSeasonPlan>): ValidationIssue[] {
  const { entries, phases: spans = [], rules } = season;
  return [
    ...entries.flatMap((e, i) =>
      faultsOfEntry(e).map(({ field, message }) => ({ path: `entries[${i}].${field}`, message })),
    ),
    ...faultsOfPhases(spans).map(({ at, field, message }) => ({ path: `phases[${at}].${field}`, message })),
    ...(rules && rules.most < rules.least
      ? [{ path: 'rules.most', message: `must be ${rules.least} or more, as many as there are at least` }]
      : []),
  ];
}

function read<T extends OwnSeason>(schema: yup.Schema, value: unknown): { season: T } | { faults: ValidationIssue[] } {
  try {
    const season = schema.validateSync(value ?? {}, { abortEarly: false, stripUnknown: true }) as T;
    const faults = faultsOfWhole(season);
    return faults.length ? { faults } : { season };
  } catch (error) {
    if (!(error instanceof yup.ValidationError)) throw error;
    return { faults: issuesOf(error) };
  }
}

/** Reads the season of a squad as an editor sends it: the season, or every fault with its path. @example readSeason({}) // { faults: [...] } */
export const readSeason = (value: unknown) => read<SquadSeasonPlan>(squadSchema, value);

/** Reads what is an athlete's own in the season. @example readOwnSeason({ entries: [], pins: [], laid: [] }) // { season: ... } */
export const readOwnSeason = (value: unknown) => read<OwnSeason>(ownSchema, value);
