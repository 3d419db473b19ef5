import * as yup from 'yup';
import { variantById } from '../exercise/library/library';
import { muscleMotions } from '../exercise/mechanics/muscles';
import { patterns, planes, positions, regimes, regions, speeds } from '../exercise/model/vocabulary';
import { phases } from '../session-type/aims-and-phases';
import { sessionTypes } from '../session-type/session-type';
import { actionSides, amplitudes, energies, forceAxes, forceRegions, maxImportance } from '../sport/profile';
import { anyOf, list, number, object } from './validation';

/** Most of each list that a profile may hold. */
export const sportLimits = {
  roles: 12,
  actions: 24,
  joints: 6,
  risks: 16,
  answers: 12,
  overuse: 8,
  lines: 8,
  rows: 40,
  ladders: 8,
  rungs: 24,
  perWeek: 7,
} as const;

const text = (longest: number) =>
  yup
    .string()
    .typeError('must be a text')
    .defined('is required')
    .nonNullable('is required')
    .test('written', 'must not be empty', (value) => value === undefined || value.trim().length > 0)
    .max(longest, `must be ${longest} characters or fewer`);

const id = text(40).matches(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'must be small letters, digits and hyphens, such as jump-shot');

const filled = <T extends yup.ISchema<unknown>>(of: T, most: number, what: string) =>
  list(of).required('is required').min(1, `must name at least one ${what}`).max(most, `must hold ${most} or fewer`);

const joint = object({
  joint: yup.string().required('is required'),
  action: yup.string().required('is required'),
  regime: anyOf(regimes).required('is required'),
  at: anyOf(forceRegions).required('is required'),
}).test('motion', '', function (value) {
  const { joint: name, action } = value as { joint?: string; action?: string };
  if (typeof name !== 'string' || typeof action !== 'string') return true;
  const known = muscleMotions[name];
  if (!known)
    return this.createError({
      path: `${this.path}.joint`,
      message: `must be one of ${Object.keys(muscleMotions).join(', ')}`,
    });
  if (known.includes(action)) return true;
  return this.createError({
    path: `${this.path}.action`,
    message: `must be one of ${known.join(', ')} for the ${name}`,
  });
});

export const importance = object({
  often: number(0, maxImportance, 'points').required('is required'),
  decisive: number(0, maxImportance, 'points').required('is required'),
});

const action = object({
  id,
  name: text(60),
  short: text(16),
  phase: text(80),
  jointActions: filled(joint, sportLimits.joints, 'joint action'),
  speed: anyOf(speeds).required('is required'),
  amplitude: anyOf(amplitudes).required('is required'),
  planes: filled(anyOf(planes), planes.length, 'plane'),
  force: filled(anyOf(forceAxes), forceAxes.length, 'way of the force'),
  position: anyOf(positions).required('is required'),
  side: anyOf(actionSides).required('is required'),
  energy: anyOf(energies).required('is required'),
  asked: yup.object().typeError('must be an object of roles').required('is required').default(undefined),
});

const risk = object({
  region: anyOf(regions).required('is required'),
  why: text(120),
  answers: filled(
    object({
      pattern: anyOf(patterns).required('is required'),
      worth: number(0, 1, 'of the whole').required('is required'),
      regime: anyOf(regimes),
    }),
    sportLimits.answers,
    'answer',
  ),
  weight: number(1, 5, 'points').required('is required'),
  source: text(240),
});

const exercise = text(60).test(
  'known',
  'must be the id of an exercise of the library',
  (value) => value === undefined || variantById(value) !== undefined,
);

/** Fewest and most, such as [2, 3]. */
const span = (most: number, unit: string) =>
  list(number(0, most, unit).required('is required')).test(
    'span',
    'must be two numbers, the smaller first',
    (value) => value === undefined || (value.length === 2 && (value[0] as number) <= (value[1] as number)),
  );

const weights = [1, 2, 3] as const;

/** A row of the signature work; roles are checked with the profile. */
const row = object({
  id,
  name: text(80),
  reason: text(240),
  kind: anyOf(['drills', 'range'] as const),
  weight: number(1, 3, 'points')
    .oneOf([...weights], 'must be 1, 2 or 3')
    .required('is required'),
  roles: list(id),
  roleWeights: yup
    .object()
    .typeError('must be an object of weights by role')
    .test('weights', 'must hold 1, 2 or 3 by role', (value) =>
      Object.values(value ?? {}).every((w) => weights.some((known) => known === w)),
    )
    .default(undefined),
  types: filled(anyOf(sessionTypes), sessionTypes.length, 'session type'),
  parts: filled(
    list(exercise)
      .required('is required')
      .min(1, 'must name at least one exercise')
      .max(sportLimits.rungs, `must hold ${sportLimits.rungs} or fewer`),
    sportLimits.ladders,
    'ladder',
  ),
  phases: list(anyOf(phases)),
  sets: span(10, 'sets'),
  reps: span(100, 'repetitions'),
  seconds: span(600, 'seconds'),
  contacts: span(200, 'contacts'),
  perWeek: list(number(0, sportLimits.perWeek, 'times').required('is required'))
    .required('is required')
    .length(2, 'must be two numbers: out of season and in season'),
  own: list(exercise),
  source: yup.string().typeError('must be a text').max(240, 'must be 240 characters or fewer'),
});

export const shape = object({
  format: yup.string(),
  id,
  name: text(60),
  roles: filled(object({ id, name: text(40) }), sportLimits.roles, 'role'),
  actions: filled(action, sportLimits.actions, 'action'),
  riskSites: list(risk).required('is required').max(sportLimits.risks, `must hold ${sportLimits.risks} or fewer`),
  overuse: list(
    object({
      tooMuch: text(100),
      opposite: text(100),
      patterns: filled(anyOf(patterns), sportLimits.answers, 'pattern'),
    }),
  )
    .required('is required')
    .max(sportLimits.overuse, `must hold ${sportLimits.overuse} or fewer`),
  signature: list(row).max(sportLimits.rows, `must hold ${sportLimits.rows} or fewer`),
  sides: text(160),
  habits: list(text(160)).required('is required').max(sportLimits.lines, `must hold ${sportLimits.lines} or fewer`),
  sources: list(text(240)).required('is required').max(sportLimits.lines, `must hold ${sportLimits.lines} or fewer`),
});
