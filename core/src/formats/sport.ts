import * as yup from 'yup';
import { variantById } from '../exercise/library/library';
import { muscleMotions } from '../exercise/mechanics/muscles';
import { patterns, planes, positions, regimes, regions, speeds } from '../exercise/model/vocabulary';
import { phases } from '../session-type/aims-and-phases';
import { sessionTypes } from '../session-type/session-type';
import {
  actionSides,
  amplitudes,
  asksAnything,
  energies,
  forceAxes,
  forceRegions,
  maxImportance,
  type SportProfile,
} from '../sport/profile';
import { anyOf, issuesOf, list, number, object, type ValidationIssue } from './validation';

export const sportFormat = 'tropaeum-sport/1';

export type SportReading = { profile: SportProfile } | { faults: ValidationIssue[] };

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

const importance = object({
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

const shape = object({
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

/** What the rules themselves say of a place: its fields, or what its list holds. */
interface Place {
  fields?: Readonly<Record<string, unknown>>;
  innerType?: unknown;
}

/** Fields that the rules do not know. A misspelt one is named, not passed over. */
function strangeFields(value: unknown, place: Place, path = ''): ValidationIssue[] {
  if (Array.isArray(value))
    return value.flatMap((v, i) => strangeFields(v, (place.innerType ?? {}) as Place, `${path}[${i}]`));
  const known = Object.keys(place.fields ?? {});
  if (typeof value !== 'object' || value === null || known.length === 0) return [];
  return Object.entries(value).flatMap(([key, inner]) => {
    const at = path ? `${path}.${key}` : key;
    if (!known.includes(key)) return [{ path: at, message: `is not a field here; known are ${known.join(', ')}` }];
    return strangeFields(inner, place.fields?.[key] as Place, at);
  });
}

function repeated(values: readonly { id: string }[], path: string): ValidationIssue[] {
  return values.flatMap(({ id: own }, i) =>
    values.findIndex((v) => v.id === own) < i ? [{ path: `${path}[${i}].id`, message: `"${own}" is there twice` }] : [],
  );
}

/** What only the whole profile shows: ids twice, roles that are not there, a role that is asked for nothing. */
function crossFaults({ roles, actions, signature = [] }: SportProfile): ValidationIssue[] {
  const known = new Set(roles.map((r) => r.id));
  const names = [...known].join(', ');
  const asked = actions.flatMap((a, i) =>
    Object.entries(a.asked).flatMap(([role, given]): ValidationIssue[] => {
      const path = `actions[${i}].asked.${role}`;
      if (!known.has(role)) return [{ path, message: `names a role that is not there; roles are ${names}` }];
      try {
        importance.validateSync(given, { abortEarly: false, strict: true });
        return [];
      } catch (error) {
        if (!(error instanceof yup.ValidationError)) throw error;
        return issuesOf(error).map((f) => ({ path: f.path ? `${path}.${f.path}` : path, message: f.message }));
      }
    }),
  );
  const idle = roles.flatMap((role, i): ValidationIssue[] =>
    asksAnything(actions, role.id)
      ? []
      : [{ path: `roles[${i}]`, message: `has no action that asks anything of ${role.name}` }],
  );
  const rowRoles = signature.flatMap((one, i) =>
    [...(one.roles ?? []), ...Object.keys(one.roleWeights ?? {})]
      .filter((role) => !known.has(role))
      .map((role) => ({
        path: `signature[${i}]`,
        message: `names the role "${role}", which is not there; roles are ${names}`,
      })),
  );
  return [...repeated(roles, 'roles'), ...repeated(actions, 'actions'), ...asked, ...idle, ...rowRoles];
}

function formatFault(format: unknown): string | undefined {
  if (format === sportFormat) return undefined;
  if (format === undefined) return `is required: "${sportFormat}"`;
  const older = /^tropaeum-sport\/(\d+)$/.exec(String(format));
  if (older) return `"${format}" is another version; this program reads ${sportFormat}`;
  return `"${format}" is not a sport profile; must be "${sportFormat}"`;
}

/** Reads a sport profile that is an object already: the profile, or every fault with its path. */
export function readSport(document: unknown): SportReading {
  if (typeof document !== 'object' || document === null || Array.isArray(document))
    return { faults: [{ path: '', message: `must be an object in the format ${sportFormat}` }] };
  const format = formatFault((document as { format?: unknown }).format);
  if (format) return { faults: [{ path: 'format', message: format }] };
  const strange = strangeFields(document, shape as Place);
  try {
    const read = shape.validateSync(document, { abortEarly: false, strict: true });
    const { format: _, ...profile } = read as unknown as SportProfile & { format: string };
    const faults = [...strange, ...crossFaults(profile)];
    return faults.length ? { faults } : { profile };
  } catch (error) {
    if (!(error instanceof yup.ValidationError)) throw error;
    return { faults: [...strange, ...issuesOf(error)] };
  }
}

/**
 * Reads the text of a profile file.
 *
 * @example readSportText('{ "format": "tropaeum-brief/1" }')
 * // { faults: [{ path: 'format', message: '"tropaeum-brief/1" is not a sport profile; must be "tropaeum-sport/1"' }] }
 */
export function readSportText(file: string): SportReading {
  if (file.trim() === '') return { faults: [{ path: '', message: 'is empty; a sport profile was expected' }] };
  try {
    return readSport(JSON.parse(file));
  } catch (error) {
    if (!(error instanceof SyntaxError)) throw error;
    const whole = /[}\]]\s*$/.test(file);
    return {
      faults: [
        {
          path: '',
          message: whole ? `is not JSON: ${error.message}` : 'ends in the middle: the file was cut; export it again',
        },
      ],
    };
  }
}

/** A profile as the open document that `readSport` reads. */
export function writeSport(profile: SportProfile): { format: typeof sportFormat } & SportProfile {
  return { format: sportFormat, ...profile };
}
