import type { Interval } from '@tropaeum/core/capacity/interval';

/** An interval in whole parts of one, such as hundredths. */
export function roundedInterval({ low, mid, high }: Interval, parts: number): Interval {
  const rounded = (value: number) => Math.round(value * parts) / parts;
  return { low: rounded(low), mid: rounded(mid), high: rounded(high) };
}
