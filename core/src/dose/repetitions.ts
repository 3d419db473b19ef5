/** Epley 1985: share of the most one can do once, from repetitions to failure. @example epleyShare(10) // 0.75 */
export function epleyShare(repetitions: number): number {
  return 1 / (1 + repetitions / 30);
}

/** Epley 1985 turned round: repetitions to failure at a share of the most. @example epleyRepetitions(0.75) // 10 */
export function epleyRepetitions(share: number): number {
  return share >= 1 ? 0 : 30 * (1 / share - 1);
}

/** Epley 1985: the most one can lift once, kg, from a mass lifted to failure. @example epleyMostKg(90, 10) // 120 */
export function epleyMostKg(massKg: number, repetitions: number): number {
  return massKg / epleyShare(repetitions);
}

/** Repetitions are counted no further than this: beyond it the number says nothing. */
export const maxCounted = 60;

/** Beyond this many repetitions the relation of Brzycki runs away. */
const brzyckiEnd = 37;

/**
 * Brzycki 1993: the most one can lift once, kg, from a mass lifted to failure, below 37 repetitions. Throws a RangeError beyond.
 *
 * @example brzyckiMostKg(90, 10) // 120
 */
export function brzyckiMostKg(massKg: number, repetitions: number): number {
  if (repetitions >= brzyckiEnd)
    throw new RangeError(`repetitions ${repetitions}: the relation ends below ${brzyckiEnd}`);
  return (36 * massKg) / (brzyckiEnd - repetitions);
}

/** Repetitions to failure by percent of the most: handbook table of the National Strength and Conditioning Association (values from memory). */
export const handbookRepetitions: readonly (readonly [percent: number, repetitions: number])[] = [
  [100, 1],
  [95, 2],
  [93, 3],
  [90, 4],
  [87, 5],
  [85, 6],
  [83, 7],
  [80, 8],
  [77, 9],
  [75, 10],
  [70, 11],
  [67, 12],
  [65, 15],
];

/** Repetitions left in reserve that a rating of perceived exertion stands for, 10 to 5: Zourdos 2016 (values from memory). @example reserveOfRating(8) // 2 */
export function reserveOfRating(rating: number): number {
  if (!(rating >= 5 && rating <= 10)) throw new RangeError(`rating ${rating}: 5 to 10 tell repetitions in reserve`);
  return 10 - rating;
}
