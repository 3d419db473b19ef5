import * as yup from 'yup';
import { blockKinds, levels, regions } from '../exercise/model/vocabulary';
import { causes } from '../limits/causes';
import type { DecisionCase } from '../progress/decision-case';
import { yesNo } from './days';
import { anyOf, issuesOf, list, number, object, type ValidationIssue } from './validation';

const sided = anyOf(['left', 'right', 'both']);
const score = number(0, 10, 'points');
const amount = number(0, 10_000, 'repetitions, seconds or metres');
const text = (most: number) => yup.string().max(most, `must be ${most} characters or fewer`);

const set = object({
  side: sided.required('is required'),
  set: number(1, 30, 'sets').integer('must be a whole number').required('is required'),
  done: amount.nullable().default(null),
  rir: number(0, 30, 'repetitions').nullable().default(null),
});

const session = object({
  daysAgo: number(0, 3660, 'days').integer('must be a whole number').required('is required'),
  sets: list(set.required('is required')).required('is required'),
  painInRegion: score.nullable().default(null),
  tempoKept: yesNo.nullable(),
  planned: object({ sets: number(1, 30, 'sets'), reps: amount, kg: number(0, 600, 'kg') }).default(undefined),
  rangeCm: number(0, 400, 'cm').nullable(),
  heightCm: list(number(0, 200, 'cm').required('is required')),
  band: text(80).nullable(),
});

const ends = list(number(0, 1000, 'repetitions or cm').required('is required')).test(
  'ends',
  'must be two numbers, the smaller first',
  (two) => two === undefined || (two.length === 2 && (two[0] as number) <= (two[1] as number)),
);

const dose = object({
  sets: number(1, 30, 'sets').integer('must be a whole number').required('is required'),
  reps: amount,
  repsRange: ends,
  holdSeconds: amount,
  workSeconds: amount,
  breaths: amount,
  contacts: amount,
  metres: amount,
  tempo: text(20),
  perSide: yesNo.default(false),
  rir: number(0, 10, 'repetitions'),
  restSeconds: number(0, 3600, 'seconds'),
  rangeCm: ends,
});

const load = object({
  kg: number(0, 600, 'kg').nullable(),
  with: text(120),
  nextKg: number(0, 600, 'kg').nullable(),
  lighterKg: number(0, 600, 'kg').nullable(),
  peakN: number(0, 5000, 'N').nullable(),
});

const schema = object({
  athlete: object({
    level: anyOf(levels).required('is required'),
    age: number(5, 110, 'years').required('is required'),
  }).required('is required'),
  item: object({
    variant: text(80).required('is required'),
    block: anyOf(blockKinds).required('is required'),
    dose: dose.required('is required'),
    load: load.default({}),
  }).required('is required'),
  history: list(session.required('is required')).required('is required'),
  session: object({
    rpe: object({ planned: score.nullable(), actual: score.nullable() }).default(undefined),
    pain: list(
      object({
        region: anyOf(regions).required('is required'),
        side: sided,
        score: score.required('is required'),
        morningAfter: score.nullable(),
      }),
    ).default([]),
    note: text(2000).default(''),
    readiness: object({ ill: yesNo, sleepHours: number(0, 24, 'hours').nullable() }).default(undefined),
  }).required('is required'),
  phase: text(40).default('general-preparation'),
  daysToFixture: number(0, 1000, 'days').nullable().default(null),
  restriction: object({
    region: anyOf(regions).required('is required'),
    side: sided,
    severity: anyOf(['avoid', 'limit']),
    cause: anyOf(causes),
    reason: text(200),
  }).default(undefined),
  deload: yesNo,
  returnStage: object({ plan: text(80), stage: number(1, 9, 'stages').required('is required') }).default(undefined),
});

/** What was said to be nothing is left out, but for what counts as not answered. */
const answered = new Set(['done', 'rir', 'painInRegion', 'morningAfter', 'daysToFixture']);
const withoutNothing = (value: unknown, key = ''): unknown => {
  if (Array.isArray(value)) return value.map((one) => withoutNothing(one));
  if (typeof value !== 'object' || value === null) return value === null && !answered.has(key) ? undefined : value;
  return Object.fromEntries(Object.entries(value).map(([name, inner]) => [name, withoutNothing(inner, name)]));
};

/**
 * Reads a case of one item that is to be decided on, as JSON has it; what is wrong is named with its path. Fields that nobody asked for are passed
 * over.
 *
 * @example 'faults' in readDecisionCase({ athlete: 3 }) // true
 */
export function readDecisionCase(document: unknown): { given: DecisionCase } | { faults: ValidationIssue[] } {
  try {
    const read = schema.validateSync(withoutNothing(document), { abortEarly: false });
    return { given: read as unknown as DecisionCase };
  } catch (error) {
    if (error instanceof yup.ValidationError) return { faults: issuesOf(error) };
    throw error;
  }
}
