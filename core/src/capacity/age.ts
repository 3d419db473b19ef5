/**
 * Strength per kg by age against 18 to 40 years, straight between the points: children and adolescents (De Ste Croix 2003; boys gain most in the arms
 * after 14), older adults about 1 % a year from 50 (Neder 1999, Hebert-Losier 2017). Values from memory.
 */
const byAge: readonly (readonly [age: number, factor: number])[] = [
  [8, 0.62],
  [11, 0.74],
  [13, 0.84],
  [15, 0.92],
  [18, 1],
  [40, 1],
  [50, 0.93],
  [65, 0.78],
  [80, 0.6],
];

/** Straight between the points of a table, flat beyond its ends. @example interpolated([[0, 1], [10, 2]], 5) // 1.5 */
function interpolated(table: readonly (readonly [at: number, value: number])[], at: number): number {
  const above = table.findIndex(([x]) => x >= at);
  if (above === 0) return (table[0] as readonly [number, number])[1];
  if (above < 0) return (table.at(-1) as readonly [number, number])[1];
  const [x0, y0] = table[above - 1] as readonly [number, number];
  const [x1, y1] = table[above] as readonly [number, number];
  return y0 + ((y1 - y0) * (at - x0)) / (x1 - x0);
}

/** Strength per kg at an age against 18 to 40 years. @example ageFactor(25) // 1 */
export const ageFactor = (age: number): number => interpolated(byAge, age);
