/** A quantity that is believed to lie round zero: how far it may be off, and how many days until half of what was learnt of it is forgotten. */
export interface Part {
  name: string;
  /** Standard deviation before anything is known. */
  sd: number;
  memoryDays: number;
}

/** What something measures: parts with their coefficients. */
export type LinearCombination = readonly (readonly [part: Part, coefficient: number])[];

export interface Estimate {
  mean: number;
  variance: number;
}

const density = (z: number) => Math.exp(-(z ** 2) / 2) / Math.sqrt(2 * Math.PI);

/** Share of a normal distribution above z (Abramowitz and Stegun 1964, 26.2.17; error under 1e-7). */
function shareAbove(z: number): number {
  if (z < 0) return 1 - shareAbove(-z);
  const t = 1 / (1 + 0.2316419 * z);
  const poly = t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return density(z) * poly;
}

/**
 * A joint normal belief in many parts that are learnt of only in mixtures (Kalman 1960). Parts are zero with their own spread until something is
 * seen of them, and drift back there as days pass.
 *
 * @example new KalmanState().estimate([[{ name: 'legs', sd: 0.2, memoryDays: 400 }, 1]]) // { mean: 0, variance: 0.04 }
 */
export class KalmanState {
  private readonly place = new Map<string, number>();
  private readonly parts: Part[] = [];
  private readonly mean: number[] = [];
  private readonly covariance: number[][] = [];

  private placeOf(part: Part): number {
    const known = this.place.get(part.name);
    if (known !== undefined) return known;
    const at = this.parts.length;
    this.place.set(part.name, at);
    this.parts.push(part);
    this.mean.push(0);
    for (const row of this.covariance) row.push(0);
    this.covariance.push([...new Array<number>(at).fill(0), part.sd ** 2]);
    return at;
  }

  /** What is believed of a mixture. */
  estimate(mix: LinearCombination): Estimate {
    let [mean, variance] = [0, 0];
    const known: [number, number][] = [];
    for (const [part, coefficient] of mix) {
      const at = this.place.get(part.name);
      if (at === undefined) variance += (coefficient * part.sd) ** 2;
      else known.push([at, coefficient]);
    }
    for (const [i, a] of known) {
      mean += a * (this.mean[i] as number);
      for (const [j, b] of known) variance += a * b * (this.covariance[i]?.[j] as number);
    }
    return { mean, variance };
  }

  /** How a mixture varies together with another. */
  together(one: LinearCombination, other: LinearCombination): number {
    let sum = 0;
    for (const [a, ca] of one)
      for (const [b, cb] of other) {
        const [i, j] = [this.place.get(a.name), this.place.get(b.name)];
        if (i !== undefined && j !== undefined) sum += ca * cb * (this.covariance[i]?.[j] as number);
        else if (a.name === b.name) sum += ca * cb * a.sd ** 2;
      }
    return sum;
  }

  /** Learns that a mixture was measured as a value with this variance. */
  observe(mix: LinearCombination, value: number, variance: number): void {
    const { gain, spread, expected } = this.gainOf(mix, variance);
    this.correct(gain, spread, (value - expected) / spread, 1);
  }

  /** Learns only that a mixture, measured with this variance, came out at a value or above: moments of the cut-off normal. */
  observeAtLeast(mix: LinearCombination, value: number, variance: number): void {
    const { gain, spread, expected } = this.gainOf(mix, variance);
    const sd = Math.sqrt(spread);
    const z = (value - expected) / sd;
    // Far above what was expected the ratio loses its digits; from there it is nearly a measurement.
    const hazard = z > 5 ? z + 1 / z : density(z) / shareAbove(z);
    this.correct(gain, spread, hazard / sd, Math.min(1, Math.max(0, hazard * (hazard - z))));
  }

  private gainOf(mix: LinearCombination, variance: number) {
    const entries = mix.map(([part, coefficient]) => [this.placeOf(part), coefficient] as const);
    const gain = this.parts.map((_, i) =>
      entries.reduce((sum, [j, coefficient]) => sum + (this.covariance[i]?.[j] as number) * coefficient, 0),
    );
    const spread = entries.reduce((sum, [j, coefficient]) => sum + (gain[j] as number) * coefficient, 0) + variance;
    const expected = entries.reduce((sum, [j, coefficient]) => sum + (this.mean[j] as number) * coefficient, 0);
    return { gain, spread, expected };
  }

  private correct(gain: readonly number[], spread: number, step: number, shrink: number): void {
    gain.forEach((g, i) => {
      if (g === 0) return;
      this.mean[i] = (this.mean[i] as number) + g * step;
      const row = this.covariance[i] as number[];
      gain.forEach((h, j) => {
        row[j] = (row[j] as number) - (shrink * g * h) / spread;
      });
    });
  }

  /** Days pass: what was learnt fades, and with it what was sure. */
  pass(days: number): void {
    if (days <= 0) return;
    const kept = this.parts.map((part) => 0.5 ** (days / part.memoryDays));
    this.covariance.forEach((row, i) => {
      const a = kept[i] as number;
      this.mean[i] = (this.mean[i] as number) * a;
      row.forEach((value, j) => {
        row[j] = value * a * (kept[j] as number);
      });
      row[i] = (row[i] as number) + (1 - a ** 2) * (this.parts[i] as Part).sd ** 2;
    });
  }

  /** A part moves by so much, and is that much less sure. */
  shift(part: Part, by: number, sd: number): void {
    const at = this.placeOf(part);
    this.mean[at] = (this.mean[at] as number) + by;
    const row = this.covariance[at] as number[];
    row[at] = (row[at] as number) + sd ** 2;
  }

  /** Forgets all of a part, such as the form of a day that is over. */
  renew(part: Part): void {
    const at = this.placeOf(part);
    this.mean[at] = 0;
    for (const row of this.covariance) row[at] = 0;
    this.covariance[at]?.fill(0);
    (this.covariance[at] as number[])[at] = part.sd ** 2;
  }
}
