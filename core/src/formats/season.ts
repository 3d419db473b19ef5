import * as yup from 'yup';
import { entryKinds, faultsOfEntry } from '../season/calendar';
import { hardRules } from '../season/laying-rules';
import { faultsOfPhases } from '../season/phases';
import type { OwnSeason, SquadSeasonPlan } from '../season/season-plan';
import { sessionKinds } from '../season/session-kind';
import { loadingSchools } from '../season/week-ask';
import { phases } from '../session/brief';
import { day, time } from './days';
import { anyOf, type DocumentFault, faultsOf, list, number, object } from './faults';
import { isZone } from './zone-time';

const name = yup.string().trim().required('is required').max(120, 'must be 120 characters or fewer');

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
}).noUnknown();

const pin = object({
  on: day.required('is required'),
  kind: anyOf([...sessionKinds, 'nothing']).required('is required'),
}).noUnknown();

const giving = object({
  week: day.required('is required'),
  rule: anyOf(hardRules).required('is required'),
}).noUnknown();

const laid = object({
  on: day.required('is required'),
  kind: anyOf(sessionKinds).required('is required'),
  level: number(0.1, 1.5, 'of the usual volume').required('is required'),
}).noUnknown();

const own = {
  entries: list(entry).max(800, 'must hold 800 or fewer').required('is required'),
  pins: list(pin).max(400, 'must hold 400 or fewer').required('is required'),
  relaxed: list(giving).max(400, 'must hold 400 or fewer').required('is required'),
  laid: list(laid).max(400, 'must hold 400 or fewer').required('is required'),
};
const ownSchema = object(own).noUnknown();

const hours = number(24, 168, 'hours').required('is required');
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
    heavyApartHours: hours,
    jumpsApartHours: hours,
    lengtheningBeforeHours: hours,
    sessionAt: time.required('is required'),
  }).required('is required'),
  school: anyOf(loadingSchools).required('is required'),
  minutes: number(10, 120, 'minutes').required('is required'),
  zone: yup
    .string()
    .required('is required')
    .test('zone', 'must be a time zone such as Europe/Oslo', (value) => value !== undefined && isZone(value)),
}).noUnknown();

/** Faults that only the whole season shows: entries that end before they start, phases of no days, fewer sessions at most than at least. */
function faultsOfWhole(season: OwnSeason & Partial<SquadSeasonPlan>): DocumentFault[] {
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

function read<T extends OwnSeason>(schema: yup.Schema, value: unknown): { season: T } | { faults: DocumentFault[] } {
  try {
    const season = schema.validateSync(value ?? {}, { abortEarly: false, stripUnknown: true }) as T;
    const faults = faultsOfWhole(season);
    return faults.length ? { faults } : { season };
  } catch (error) {
    if (!(error instanceof yup.ValidationError)) throw error;
    return { faults: faultsOf(error) };
  }
}

/** Reads the season of a squad as an editor sends it: the season, or every fault with its path. @example readSeason({}) // { faults: [...] } */
export const readSeason = (value: unknown) => read<SquadSeasonPlan>(squadSchema, value);

/** Reads what is an athlete's own in the season. @example readOwnSeason({ entries: [], pins: [], relaxed: [], laid: [] }) // { season: ... } */
export const readOwnSeason = (value: unknown) => read<OwnSeason>(ownSchema, value);
