import { typedIn, type Units } from '../common/units';
import type { TextFault } from '../date/day-text';
import { type AssumedField, usualSize } from './assumed';

/** What a line of a squad's list says of an athlete. */
export interface ListedAthlete {
  name: string;
  born: string;
  role: string;
  heightCm: number;
  massKg: number;
  /** What the line left out: it holds what is usual at that age. */
  assumed?: AssumedField[];
}

/** One line as it was read, or what is wrong with it. */
export type ReadLine = { line: number; athlete: ListedAthlete } | { line: number; fault: TextFault };

/** People measured here stand between these heights and masses, cm and kg: the same bounds as in a brief. */
const [heights, masses] = [
  [120, 220],
  [25, 200],
] as const;

const isFaulty = (value: unknown): value is TextFault => typeof value === 'object' && value !== null;

function dayOf(part: string, today: string): string | TextFault {
  const read = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(part) ?? /^(\d{1,2})[./](\d{1,2})[./](\d{4})$/.exec(part);
  const example = 'is no day of birth; 2004-05-01 or 1.5.2004 would be';
  if (!read) return { part, message: example };
  const [year, month, day] = part.includes('-') ? read.slice(1) : read.slice(1).reverse();
  const on = `${year}-${month?.padStart(2, '0')}-${day?.padStart(2, '0')}`;
  const there = new Date(`${on}T00:00:00Z`);
  if (Number.isNaN(there.getTime()) || there.toISOString().slice(0, 10) !== on) return { part, message: example };
  return on < today && on > '1920' ? on : { part, message: 'must be a day in the past' };
}

/** A length or mass, in the unit it is typed with or in the one of the club. */
function measureOf(
  part: string,
  what: string,
  usual: Units['mass'] | Units['length'],
  [least, most]: readonly [number, number],
): number | TextFault {
  const read = /^(\d+(?:[.,]\d+)?)\s*(cm|m|in|kg|lbs?)?$/i.exec(part);
  const unit = usual === 'kg' || usual === 'lb' ? 'kg' : 'cm';
  const wanted = `must be a ${what} such as ${what === 'height' ? '178' : '74'} ${unit}`;
  if (!read) return { part, message: wanted };
  const typed = (read[2]?.toLowerCase().replace('lbs', 'lb') ?? usual) as 'cm' | 'm' | 'in' | 'kg' | 'lb';
  if ((typed === 'kg' || typed === 'lb') !== (unit === 'kg')) return { part, message: wanted };
  const number = Number((read[1] as string).replace(',', '.'));
  const value = typed === 'm' ? Math.round(number * 1000) / 10 : typedIn(number, typed);
  return value >= least && value <= most
    ? value
    : { part, message: `must be a ${what} from ${least} to ${most} ${unit}` };
}

/**
 * Reads a squad as it is typed or pasted, a line an athlete: name, day of birth, role, height, mass; by commas, semicolons or tabs. The role may be
 * any part of its name; empty lines and a line of titles are passed over. Heights and masses without a unit are in `units`. Role, height and mass may
 * be left out: the first role and the size usual at that age stand in, and `assumed` says so.
 *
 * @example readAthleteList('Ines Vold, 2004-05-01, back, 178, 74', [{ id: 'back', name: 'Back' }], { mass: 'kg', length: 'cm' }, '2026-12-09') // one athlete, a back of 178 cm and 74 kg
 */
export function readAthleteList(
  text: string,
  roles: readonly { id: string; name: string }[],
  units: Units,
  today: string,
): ReadLine[] {
  const read: ReadLine[] = [];
  const names = new Set<string>();
  for (const [index, raw] of text.split(/\r?\n/).entries()) {
    if (!raw.trim() || /^\s*name\s*[,;\t]/i.test(raw)) continue;
    const line = index + 1;
    const parts = raw.split(/[;\t]|,(?!\d{1,2}(?:\D|$))|,(?=\s)/).map((part) => part.trim());
    const outcome = athleteFrom(parts, roles, units, today);
    if ('message' in outcome) read.push({ line, fault: outcome });
    else if (names.has(outcome.name.toLowerCase()))
      read.push({ line, fault: { part: outcome.name, message: 'stands twice in the list' } });
    else read.push({ line, athlete: outcome });
    if (!('message' in outcome)) names.add(outcome.name.toLowerCase());
  }
  return read;
}

function athleteFrom(
  parts: readonly string[],
  roles: readonly { id: string; name: string }[],
  units: Units,
  today: string,
): ListedAthlete | TextFault {
  const [name = '', bornText = '', roleText = '', heightText = '', massText = ''] = parts;
  if (parts.length < 2 || parts.length > 5)
    return { part: name, message: 'needs a name and a day of birth; role, height and mass can follow' };
  if (!name || name.length > 80) return { part: name, message: 'must be a name of 80 characters or fewer' };
  const born = dayOf(bornText, today);
  if (isFaulty(born)) return born;
  const role = roleOf(roleText, roles);
  if (isFaulty(role)) return role;
  const usual = usualSize(born, today);
  const heightCm = heightText ? measureOf(heightText, 'height', units.length, heights) : usual.heightCm;
  if (isFaulty(heightCm)) return heightCm;
  const massKg = massText ? measureOf(massText, 'mass', units.mass, masses) : usual.massKg;
  if (isFaulty(massKg)) return massKg;
  const assumed: AssumedField[] = [
    ...(roleText ? [] : (['role'] as const)),
    ...(heightText ? [] : (['heightCm'] as const)),
    ...(massText ? [] : (['massKg'] as const)),
  ];
  return { name, born, role, heightCm, massKg, ...(assumed.length > 0 ? { assumed } : {}) };
}

/** The role that is named by its id or any part of its name; the first where nothing is said. */
function roleOf(text: string, roles: readonly { id: string; name: string }[]): string | TextFault {
  const wanted = text.toLowerCase();
  const found = wanted
    ? (roles.find((r) => r.id === wanted || r.name.toLowerCase() === wanted) ??
      roles.find((r) => r.name.toLowerCase().includes(wanted)))
    : roles[0];
  return found?.id ?? { part: text, message: `is no role of this sport; ${roles.map((r) => r.name).join(', ')} are` };
}
