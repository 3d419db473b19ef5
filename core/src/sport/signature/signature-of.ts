import type { SportProfile } from '../profile';
import type { SignatureRow } from './row';
import { signatures } from './signature';

/** All rows of a sport: its own, else those of the shipped sport of its id. */
export const signatureRows = (sport: Pick<SportProfile, 'id' | 'signature'>): readonly SignatureRow[] =>
  sport.signature ?? signatures[sport.id] ?? [];

/**
 * The signature work of a sport for a role: rows of the role stand in for those of the same name that hold for everybody.
 *
 * @example signatureFor(football, 'keeper').find((row) => row.id === 'nordic')?.weight // 2
 */
export function signatureFor(sport: SportProfile, role: string): SignatureRow[] {
  const rows = signatureRows(sport);
  const own = rows.filter((row) => row.roles?.includes(role));
  const named = new Set(own.map((row) => row.id));
  return [...own, ...rows.filter((row) => !row.roles && !named.has(row.id))].map((row) => ({
    ...row,
    weight: row.roleWeights?.[role] ?? row.weight,
  }));
}

/** Exercises that a sport counts as its own, whatever their standing elsewhere. */
export function ownExercises(rows: readonly SignatureRow[]): ReadonlySet<string> {
  return new Set(rows.flatMap((row) => row.own ?? []));
}

/** Every exercise that some rows name. */
export const exercisesOf = (rows: readonly SignatureRow[]): ReadonlySet<string> =>
  new Set(rows.flatMap((row) => row.parts.flat()));
