import * as yup from 'yup';
import { asksAnything, type SportProfile } from '../sport/profile';
import { importance, shape } from './sport-fields';
import { issuesOf, type ValidationIssue } from './validation';

export const sportFormat = 'tropaeum-sport/1';

export type SportReading = { profile: SportProfile } | { faults: ValidationIssue[] };

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
