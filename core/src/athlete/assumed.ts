import { ageOn } from '../date/days';

/** What can be left open of somebody new: it holds what is usual until it is said. */
export const assumedFields = ['role', 'heightCm', 'massKg'] as const;
export type AssumedField = (typeof assumedFields)[number];

/**
 * Height and mass in the middle of an age, both sexes together, cm and kg; from the age on. From memory of the WHO growth reference (to 19 years;
 * mass of the older ones after its body mass index), rounded: meant to be replaced by a tape and a scale.
 */
const usual: readonly (readonly [age: number, heightCm: number, massKg: number])[] = [
  [0, 130, 28],
  [10, 138, 32],
  [11, 144, 36],
  [12, 150, 41],
  [13, 156, 46],
  [14, 161, 51],
  [15, 165, 55],
  [16, 168, 58],
  [17, 169, 61],
  [18, 170, 64],
  [20, 172, 70],
];

/**
 * The height and mass that somebody is taken to have until they are measured.
 *
 * @param born ISO date
 * @param day ISO date on which it is asked
 * @example usualSize('2011-12-01', '2026-12-09') // { heightCm: 165, massKg: 55 }
 */
export function usualSize(born: string, day: string): { heightCm: number; massKg: number } {
  const age = ageOn(born, day);
  const [, heightCm, massKg] = usual.findLast(([from]) => from <= age) ?? (usual[0] as (typeof usual)[number]);
  return { heightCm, massKg };
}

/** What of an athlete is still to be asked, in words. @example assumedWords(['heightCm', 'massKg']) // 'height and mass' */
export function assumedWords(assumed: readonly AssumedField[]): string {
  const words: Record<AssumedField, string> = { role: 'role', heightCm: 'height', massKg: 'mass' };
  const said = assumedFields.filter((field) => assumed.includes(field)).map((field) => words[field]);
  return said.length < 2 ? (said[0] ?? '') : `${said.slice(0, -1).join(', ')} and ${said.at(-1)}`;
}
