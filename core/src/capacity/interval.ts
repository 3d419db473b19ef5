/** A value with the bounds it lies within four times in five. */
export interface Interval {
  low: number;
  mid: number;
  high: number;
}

/** Four in five of a normal distribution lie within so many standard deviations. */
const fourInFive = 1.2816;

/**
 * The bounds of a normal belief, turned into what it stands for by a rising or falling function.
 *
 * @example between(0, 0.04, Math.exp).mid // 1
 */
export function between(mean: number, variance: number, turn: (value: number) => number): Interval {
  const off = fourInFive * Math.sqrt(Math.max(0, variance));
  return { low: turn(mean - off), mid: turn(mean), high: turn(mean + off) };
}
