import { type BandCurve, bandForceN } from '../body/band';
import { ParseError } from '../dose/parse-error';

/** One reading with a hanging scale: length from end to end, m, and force, N. */
export interface BandReading {
  lengthM: number;
  forceN: number;
}

/** Readings that no curve can be laid through: which of them, and why. */
export class BandFitError extends RangeError {
  constructor(
    message: string,
    /** Place of the reading in the list as given; none when it is about all of them. */
    readonly reading?: number,
  ) {
    super(message);
    this.name = 'BandFitError';
  }
}

const fewest = 3;
/** A hanging scale and a tape measure are off by so much; common practice, no source. */
const [scaleN, scaleShare] = [1, 0.02];
/** Rubber is not drawn out further than this, length over resting length; beyond it tears. */
const maxStretch = 4;
/** A curve that misses its readings by more than this share is none. */
const worstFit = 0.25;

const cm = (m: number) => `${Math.round(m * 100)} cm`;
const newtons = (n: number) => `${Math.round(n)} N`;

function checked(readings: readonly BandReading[], restM: number): BandReading[] {
  readings.forEach(({ lengthM, forceN }, i) => {
    if (!(lengthM > 0 && forceN >= 0))
      throw new BandFitError(`Reading ${i + 1}: length and force must be above zero.`, i);
    if (lengthM < restM * 0.999 && forceN > scaleN)
      throw new BandFitError(
        `${cm(lengthM)} is shorter than the slack band (${cm(restM)}): a slack band does not pull.`,
        i,
      );
    if (lengthM > restM * maxStretch)
      throw new BandFitError(
        `${cm(lengthM)} is more than ${maxStretch} times the slack band: measure less far, it may tear.`,
        i,
      );
  });
  const pulling = [...readings].filter((r) => r.lengthM > restM * 1.001).sort((a, b) => a.lengthM - b.lengthM);
  const lengths = new Set(pulling.map((r) => Math.round(r.lengthM * 100)));
  if (lengths.size < fewest)
    throw new BandFitError(
      `${lengths.size === 0 ? 'No reading' : `${lengths.size} length${lengths.size === 1 ? '' : 's'}`} beyond the slack band: a curve needs ${fewest}, well apart. Two make a straight line, and rubber is not straight.`,
    );
  pulling.forEach((reading, i) => {
    const before = pulling[i - 1];
    if (before && reading.forceN < before.forceN - scaleN - scaleShare * before.forceN)
      throw new BandFitError(
        `At ${cm(reading.lengthM)} it pulls ${newtons(reading.forceN)}, less than the ${newtons(before.forceN)} at ${cm(before.lengthM)}: a band pulls more the longer it is. Measure both again.`,
        readings.indexOf(reading),
      );
  });
  return pulling;
}

/**
 * Lays the two-constant curve of rubber through readings by least squares, both constants not below zero. `off` is how far it may be off at a
 * stretch in use: what it misses its own readings by, and what scale and tape may be off. Throws a BandFitError that says which reading is wrong and why.
 *
 * @example fitBand([{ lengthM: 1.5, forceN: 20 }, { lengthM: 2, forceN: 34 }, { lengthM: 2.5, forceN: 47 }], 1).off // 0.05
 */
export function fitBand(readings: readonly BandReading[], restM: number): BandCurve {
  if (!(restM > 0.05 && restM < 10)) throw new BandFitError('The slack length must be between 5 cm and 10 m.');
  const points = checked(readings, restM).map(({ lengthM, forceN }) => {
    const s = lengthM / restM;
    return { growing: s - 1 / s ** 2, early: 1 - 1 / s ** 3, forceN };
  });
  const sum = (f: (p: (typeof points)[number]) => number) => points.reduce((total, p) => total + f(p), 0);
  const [rr, rs, ss] = [sum((p) => p.growing ** 2), sum((p) => p.growing * p.early), sum((p) => p.early ** 2)];
  const [rf, sf] = [sum((p) => p.growing * p.forceN), sum((p) => p.early * p.forceN)];
  const determinant = rr * ss - rs ** 2;
  const both = { growingN: (rf * ss - sf * rs) / determinant, earlyN: (sf * rr - rf * rs) / determinant };
  const misses = ({ growingN, earlyN }: typeof both) =>
    sum((p) => (growingN * p.growing + earlyN * p.early - p.forceN) ** 2);
  const onEdge = [
    { growingN: rf / rr, earlyN: 0 },
    { growingN: 0, earlyN: sf / ss },
  ].sort((a, b) => misses(a) - misses(b))[0] as typeof both;
  const found = both.growingN >= 0 && both.earlyN >= 0 && Number.isFinite(both.growingN) ? both : onEdge;
  const meanN = sum((p) => p.forceN) / points.length;
  const missed = Math.sqrt(misses(found) / Math.max(1, points.length - 2)) / meanN;
  if (!(missed <= worstFit))
    throw new BandFitError(
      `The readings lie ${Math.round(missed * 100)} % off any curve that rubber follows: check the slack length and the units.`,
    );
  const off = Math.hypot(missed, scaleShare, scaleN / meanN);
  return { ...found, restM, off: Math.round(off * 1000) / 1000 };
}

/** Force with its bounds at a length, N. */
export function forceBetween(curve: BandCurve, lengthM: number): { forceN: number; low: number; high: number } {
  const forceN = bandForceN(curve, lengthM / (curve.restM ?? lengthM));
  return { forceN, low: forceN * (1 - curve.off), high: forceN * (1 + curve.off) };
}

const units = { m: 1, cm: 0.01, in: 0.0254 } as const;
const forces = { n: 1, kg: 9.81, lb: 4.448 } as const;
const pairOf = /^([\d.]+)\s*(m|cm|in)\s*[:=]?\s*([\d.]+)\s*(n|kg|lb)$/;

/** A word of typed readings that cannot be read. */
export class ReadingsError extends ParseError {}

/**
 * Reads measurements as they are typed, `120 cm 2.1 kg, 160 cm 4 kg`; m, cm or in, N, kg or lb, decimal commas too. Throws a ReadingsError that marks the words.
 *
 * @example parseReadings('1,2 m 20 N')[0] // { lengthM: 1.2, forceN: 20 }
 */
export function parseReadings(text: string): BandReading[] {
  return text
    .toLowerCase()
    .replace(/(\d),(\d)/g, '$1.$2')
    .split(/[\n;,]/)
    .map((part) => part.trim())
    .filter(Boolean)
    .map((part) => {
      const match = pairOf.exec(part);
      if (!match) throw new ReadingsError(part, 'a length and a force such as 120 cm 2.1 kg');
      const [, length, unit, force, of] = match as unknown as [
        string,
        string,
        keyof typeof units,
        string,
        keyof typeof forces,
      ];
      return { lengthM: round(Number(length) * units[unit]), forceN: round(Number(force) * forces[of]) };
    });
}

const round = (value: number) => Math.round(value * 1000) / 1000;
