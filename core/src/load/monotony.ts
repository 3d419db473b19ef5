const mean = (values: readonly number[]) => values.reduce((sum, v) => sum + v, 0) / values.length;

/** Deviation of a sample (n - 1), as spreadsheets give it. */
function deviation(values: readonly number[]): number {
  const middle = mean(values);
  return Math.sqrt(values.reduce((sum, v) => sum + (v - middle) ** 2, 0) / (values.length - 1));
}

/** A week by its daily loads. */
export interface WeekOfLoad {
  /** Sum of the days, arbitrary units. */
  load: number;
  /** Mean over deviation of the daily loads; left out where every day is the same. */
  monotony?: number;
  /** Load times monotony, arbitrary units. */
  strain?: number;
}

/**
 * Load, monotony and strain of a week. Foster 1998: monotony is the mean of the daily loads over their deviation, days off counting as nothing;
 * strain is the week's load times its monotony.
 *
 * @param daily loads of seven days, arbitrary units
 * @throws RangeError for other than seven days
 * @example weekOfLoad([300, 0, 300, 0, 300, 0, 0]).load // 900
 */
export function weekOfLoad(daily: readonly number[]): WeekOfLoad {
  if (daily.length !== 7) throw new RangeError(`a week has 7 days, not ${daily.length}`);
  const load = daily.reduce((sum, v) => sum + v, 0);
  const spread = deviation(daily);
  if (spread === 0) return { load };
  const monotony = mean(daily) / spread;
  return { load, monotony, strain: load * monotony };
}
