import * as yup from 'yup';
import { homeTest, testIds } from '../capacity/battery';
import { levels, regions } from '../exercise/model/vocabulary';
import { causes } from '../limits/causes';
import { movementGroupIds } from '../limits/groups';
import { setters, stages, weightBearings } from '../limits/restriction';
import { knownIn, type ReadingContext } from './custom-exercise';
import { day, isDay, yesNo } from './days';
import { anyOf, list, number, object } from './validation';

export const variantId = yup
  .string()
  .typeError('must be the id of a variant')
  .test(
    'variant',
    ({ value }) => `"${value}" is not a variant of the library`,
    (value, test) => value === undefined || knownIn(test)(value),
  );

const sided = anyOf(['left', 'right', 'both']);

/** Ends of a range in degrees: from the smaller to the larger. */
const degrees = list(number(-60, 180, 'degrees').required('is required')).test('range', '', (ends, test) => {
  if (!ends) return true;
  const [from, to] = ends;
  if (ends.length !== 2 || typeof from !== 'number' || typeof to !== 'number')
    return test.createError({ message: 'must be two numbers of degrees, from and to, such as [0, 60]' });
  return from < to || test.createError({ message: `must go from the smaller to the larger, such as [${to}, ${from}]` });
});

/** Days of a restriction follow each other, and none lies before the athlete was born. */
const restriction = object({
  region: anyOf(regions).required('is required'),
  side: sided,
  severity: anyOf(['avoid', 'limit']).required('is required'),
  cause: anyOf(causes),
  reason: yup.string().max(200, 'must be 200 characters or fewer'),
  since: day,
  until: day,
  rangeDegrees: degrees,
  weightBearing: anyOf(weightBearings),
  stage: yup.number().typeError('must be a stage from 1 to 5').oneOf(stages, 'must be a stage from 1 to 5'),
  without: list(anyOf(movementGroupIds).required('is required')),
  criteria: yup.string().max(400, 'must be 400 characters or fewer'),
  setBy: anyOf(setters),
}).test('days', '', function (value) {
  const above = (this.from ?? []).map((one) => one.value as { born?: unknown } | undefined);
  const born = above.find((one) => one?.born !== undefined)?.born;
  const fault = (field: string, message: string) => this.createError({ path: `${this.path}.${field}`, message });
  for (const field of ['since', 'until'] as const) {
    const on = value?.[field];
    if (typeof born === 'string' && isDay(born) && on && on < born)
      return fault(field, `must not be before the birth on ${born}`);
  }
  if (value?.since && value.until && value.until < value.since)
    return fault('until', `must not be before since, ${value.since}`);
  return true;
});

const pastInjury = object({
  region: anyOf(regions).required('is required'),
  side: sided,
  what: yup.string().max(120, 'must be 120 characters or fewer'),
  on: day,
});

const homeTestIds: readonly string[] = testIds;

/** A result of the battery: within the range of its test, with a side where each side does it. */
const testResult = object({
  test: anyOf(homeTestIds).required('is required'),
  value: yup.number().typeError('must be a number').required('is required'),
  side: anyOf(['left', 'right']),
  on: day.required('is required'),
}).test('result', '', function (result) {
  const test = homeTest(result?.test ?? '');
  if (!test || typeof result?.value !== 'number') return true;
  const fault = (field: string, message: string) => this.createError({ path: `${this.path}.${field}`, message });
  const [least, most] = test.range;
  if (result.value < least || result.value > most)
    return fault('value', `must be ${least} to ${most} ${test.unit} for "${test.id}"`);
  if (test.sides === 'single' && !result.side) return fault('side', `must be left or right for "${test.id}"`);
  if (test.sides === 'both' && result.side) return fault('side', `must be left out for "${test.id}"`);
  return true;
});

const bandCurve = object({
  growingN: number(0, 1000, 'N').required('is required'),
  earlyN: number(0, 1000, 'N').required('is required'),
  restM: number(0.05, 10, 'm'),
  off: number(0, 1, 'of the force').required('is required'),
}).default(undefined);

const showing = object({
  on: day.required('is required'),
  variant: yup.string().typeError('must be the id of a variant').required('is required'),
  side: sided.required('is required'),
  loadKg: number(0, 300, 'kg'),
  band: bandCurve,
  counts: anyOf(['repetitions', 'seconds']).required('is required'),
  from: anyOf(['test', 'session']).required('is required'),
  sets: list(
    object({
      amount: number(0, 1000, 'repetitions or seconds').required('is required'),
      reserve: number(0, 10, 'repetitions'),
      cutShort: yesNo,
    }),
  ).required('is required'),
});

/** What a brief says of the athlete. */
export const athlete = object({
  heightCm: number(120, 220, 'cm').required('is required'),
  massKg: number(25, 200, 'kg').required('is required'),
  born: day.required('is required').test('past', 'must not be after the date of the session', function (value) {
    const date = (this.options.context as ReadingContext | undefined)?.date;
    return typeof date !== 'string' || !isDay(date) || !value || value <= date;
  }),
  sex: anyOf(['female', 'male']),
  level: anyOf(levels),
  dominantSide: anyOf(['left', 'right']),
  restrictions: list(restriction),
  readiness: object({
    ill: yesNo,
    sleepHours: number(0, 24, 'hours'),
    tight: yesNo,
    pain: list(
      object({
        region: anyOf(regions).required('is required'),
        side: sided,
        score: number(0, 10, 'points').required('is required'),
      }),
    ),
  }).default(undefined),
  tests: list(
    object({
      variant: variantId.required('is required'),
      maxReps: number(0, 300, 'repetitions').integer('must be a whole number').required('is required'),
      on: day,
      side: anyOf(['left', 'right']),
    }),
  ),
  history: list(pastInjury),
  battery: list(testResult),
  shown: list(showing),
});
