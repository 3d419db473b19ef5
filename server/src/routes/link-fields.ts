import { betterSides } from '@tropaeum/core/athlete/athlete';
import { homeTest, testIds } from '@tropaeum/core/capacity/battery';
import { regions } from '@tropaeum/core/exercise/model/vocabulary';
import { changeReasons } from '@tropaeum/core/session/player/changes';
import * as yup from 'yup';
import { moment, oneOf, uuid } from '../middleware/validated';

const log = yup.object({
  id: uuid.required('is required'),
  variant: yup.string().required('is required').max(80, 'must be 80 characters or fewer'),
  setNumber: yup
    .number()
    .integer('must be a whole number')
    .min(1, 'must be 1 or more')
    .max(30, 'must be 30 or less')
    .required('is required'),
  side: yup
    .string()
    .oneOf(['left', 'right', 'both'] as const, 'must be left, right or both')
    .required('is required'),
  amount: yup.number().min(0, 'must be 0 or more').max(1000, 'must be 1000 or less').required('is required'),
  reserve: yup
    .number()
    .integer('must be a whole number')
    .min(0, 'must be 0 or more')
    .max(10, 'must be 10 or less')
    .nullable(),
  note: yup.string().max(500, 'must be 500 characters or fewer'),
  doneAt: moment.required('is required'),
  insteadOf: yup.string().max(80, 'must be 80 characters or fewer'),
  loadKg: yup.number().min(0, 'must be 0 or more').max(500, 'must be 500 or less'),
  skipped: oneOf(changeReasons),
});
export const logBatch = yup.object({
  sessionId: uuid.required('is required'),
  logs: yup.array().of(log).min(1, 'must hold at least one').max(200, 'must hold 200 or fewer').required('is required'),
});

const pain = yup
  .array()
  .of(
    yup.object({
      region: oneOf(regions).required('is required'),
      side: yup.string().oneOf(['left', 'right', 'both'] as const, 'must be left, right or both'),
      score: yup.number().min(0, 'must be 0 or more').max(10, 'must be 10 or less').required('is required'),
    }),
  )
  .max(13, 'must hold 13 or fewer');
export const morning = yup.object({ sessionId: uuid.required('is required'), pain: pain.required('is required') });

export const report = yup.object({
  sessionId: uuid.required('is required'),
  effort: yup
    .number()
    .integer('must be a whole number')
    .min(0, 'must be 0 or more')
    .max(10, 'must be 10 or less')
    .required('is required'),
  minutes: yup
    .number()
    .integer('must be a whole number')
    .min(0, 'must be 0 or more')
    .max(600, 'must be 600 or less')
    .required('is required'),
  pain: pain.required('is required'),
  note: yup.string().max(1000, 'must be 1000 characters or fewer'),
  betterSide: oneOf(betterSides),
  finishedAt: moment.required('is required'),
});

export const readiness = yup.object({
  sessionId: uuid.required('is required'),
  sleep: oneOf(['long', 'usual', 'short']),
  sore: oneOf(['no', 'some', 'very']),
  stress: oneOf(['low', 'usual', 'high']),
  ill: oneOf(['no', 'cold', 'ill']),
  pain,
  meanwhile: pain,
  toldAt: moment.required('is required'),
});

export const testResult = yup.object({
  test: oneOf(testIds).required('is required'),
  value: yup.number().required('is required'),
  side: oneOf(['left', 'right']),
  on: yup
    .string()
    .matches(/^\d{4}-\d{2}-\d{2}$/, 'must be a day such as 2026-12-09')
    .required('is required'),
});

/** What is wrong with a result beside its form: a value that nobody reaches, a side too many or missing. */
export function resultFaults({ test, value, side }: { test: string; value: number; side?: string | undefined }) {
  const known = homeTest(test);
  const [least, most] = known?.range ?? [0, 0];
  return [
    ...(value < least || value > most ? [{ path: 'value', message: `must be from ${least} to ${most}` }] : []),
    ...(known?.sides === 'single' && !side ? [{ path: 'side', message: 'must be left or right' }] : []),
    ...(known?.sides === 'both' && side ? [{ path: 'side', message: 'is not asked for: both sides do it' }] : []),
  ];
}
