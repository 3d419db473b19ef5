/** Days that acute and chronic load look back over. */
const [acuteDays, chronicDays] = [7, 28] as const;

/** Acute load, chronic load and their ratio on one day; the ratio is left out where there is no chronic load. */
export interface AcuteChronic {
  acute: number;
  chronic: number;
  ratio?: number;
}

const ratioOf = (acute: number, chronic: number): AcuteChronic => ({
  acute,
  chronic,
  ...(chronic > 0 ? { ratio: acute / chronic } : {}),
});

/**
 * Rolling means of daily load over the last 7 and 28 days, for each day; days before the first count as nothing.
 *
 * @param daily loads day by day, arbitrary units
 * @example rolling(Array(28).fill(100)).at(-1) // { acute: 100, chronic: 100, ratio: 1 }
 */
export function rolling(daily: readonly number[]): AcuteChronic[] {
  const over = (day: number, days: number) =>
    daily.slice(Math.max(0, day - days + 1), day + 1).reduce((sum, v) => sum + v, 0) / days;
  return daily.map((_, day) => ratioOf(over(day, acuteDays), over(day, chronicDays)));
}

/**
 * Exponentially weighted means of daily load, for each day: today's load times lambda and yesterday's mean times the rest, lambda = 2 / (N + 1)
 * (Williams 2017). The first day begins both.
 *
 * @param daily loads day by day, arbitrary units
 * @example exponential([100, 100]).at(-1)?.acute // 100
 */
export function exponential(daily: readonly number[]): AcuteChronic[] {
  const weighted = (days: number) => {
    const lambda = 2 / (days + 1);
    let so = daily[0] ?? 0;
    return daily.map((load) => {
      so = load * lambda + so * (1 - lambda);
      return so;
    });
  };
  const [acute, chronic] = [weighted(acuteDays), weighted(chronicDays)];
  return daily.map((_, day) => ratioOf(acute[day] as number, chronic[day] as number));
}

/** Shown wherever the ratio is. */
export const ratioCriticism =
  'The acute:chronic ratio does not predict injury: acute load is part of chronic load and no causal link is established (Impellizzeri 2020). Read it as "how much more than usual".';
