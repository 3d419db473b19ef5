/** Session load in arbitrary units: effort (0-10) times minutes. Foster 1998. @example sessionLoad(6, 30) // 180 */
export function sessionLoad(effort: number, minutes: number): number {
  return effort * minutes;
}

/** Mean of daily loads over their standard deviation (population); undefined when all days are alike. Foster 1998. */
export function monotony(dailyLoads: readonly number[]): number | undefined {
  const mean = dailyLoads.reduce((s, l) => s + l, 0) / dailyLoads.length;
  const deviation = Math.sqrt(dailyLoads.reduce((s, l) => s + (l - mean) ** 2, 0) / dailyLoads.length);
  return deviation === 0 ? undefined : mean / deviation;
}
