/** Segment masses, lengths and centres of mass scaled to one athlete. */

export type Sex = 'female' | 'male';

export type SegmentName = 'foot' | 'shank' | 'thigh' | 'trunk' | 'head' | 'upperArm' | 'forearm' | 'hand';

interface SegmentShare {
  /** Share of body mass of one segment (one side). */
  mass: number;
  /** Centre of mass from the proximal end as a share of the segment's length. */
  centre: number;
}

type SegmentTable = Record<SegmentName, SegmentShare>;

/**
 * Winter, *Biomechanics and Motor Control of Human Movement* (values from memory).
 * The trunk's centre is taken from the hip upwards, the head's from the shoulder upwards.
 */
const winter: SegmentTable = {
  foot: { mass: 0.0145, centre: 0.5 },
  shank: { mass: 0.0465, centre: 0.433 },
  thigh: { mass: 0.1, centre: 0.433 },
  trunk: { mass: 0.497, centre: 0.5 },
  head: { mass: 0.081, centre: 1 },
  upperArm: { mass: 0.028, centre: 0.436 },
  forearm: { mass: 0.016, centre: 0.43 },
  hand: { mass: 0.006, centre: 0.506 },
};

/** de Leva 1996, female (values from memory; trunk's centre turned to run from the hip). */
const deLevaFemale: SegmentTable = {
  foot: { mass: 0.0129, centre: 0.4014 },
  shank: { mass: 0.0481, centre: 0.4416 },
  thigh: { mass: 0.1478, centre: 0.3612 },
  trunk: { mass: 0.4257, centre: 0.622 },
  head: { mass: 0.0668, centre: 1 },
  upperArm: { mass: 0.0255, centre: 0.5754 },
  forearm: { mass: 0.0138, centre: 0.4559 },
  hand: { mass: 0.0056, centre: 0.7474 },
};

/** de Leva 1996, male (values from memory; trunk's centre turned to run from the hip). */
const deLevaMale: SegmentTable = {
  foot: { mass: 0.0137, centre: 0.4415 },
  shank: { mass: 0.0433, centre: 0.4459 },
  thigh: { mass: 0.1416, centre: 0.4095 },
  trunk: { mass: 0.4346, centre: 0.569 },
  head: { mass: 0.0694, centre: 1 },
  upperArm: { mass: 0.0271, centre: 0.5772 },
  forearm: { mass: 0.0162, centre: 0.4574 },
  hand: { mass: 0.0061, centre: 0.79 },
};

/** Segment lengths as shares of height: Drillis and Contini 1966 (values from memory). */
const lengthShares: Record<SegmentName, number> = {
  foot: 0.152,
  shank: 0.246,
  thigh: 0.245,
  trunk: 0.288,
  head: 0.118,
  upperArm: 0.186,
  forearm: 0.146,
  hand: 0.108,
};

export interface AthleteSize {
  heightCm: number;
  massKg: number;
  sex?: Sex;
}

export interface ScaledBody {
  heightM: number;
  massKg: number;
  lengthM: Record<SegmentName, number>;
  segmentMassKg: Record<SegmentName, number>;
  /** Centre of mass from the proximal end as a share of the segment's length. */
  centre: Record<SegmentName, number>;
  ankleHeightM: number;
  hipHalfWidthM: number;
  shoulderHalfWidthM: number;
  /** How far the elbows stand out of the drawn side view, metres. */
  elbowsOutM: number;
}

export const GRAVITY = 9.81;

const names = Object.keys(lengthShares) as SegmentName[];
const paired = new Set<SegmentName>(['foot', 'shank', 'thigh', 'upperArm', 'forearm', 'hand']);

function mapSegments(value: (name: SegmentName) => number): Record<SegmentName, number> {
  return Object.fromEntries(names.map((name) => [name, value(name)])) as Record<SegmentName, number>;
}

/**
 * Scales the body to one athlete. Heights 120-220 cm and masses 25-200 kg are accepted; anything else throws a RangeError.
 * Without a sex Winter's set is used, with one de Leva's; fractions are made to sum to the whole mass exactly.
 *
 * @example scaledBody({ heightCm: 180, massKg: 80 }).lengthM.thigh // 0.441
 */
export function scaledBody({ heightCm, massKg, sex }: AthleteSize): ScaledBody {
  if (!(heightCm >= 120 && heightCm <= 220)) {
    throw new RangeError(`heightCm must lie between 120 and 220, got ${heightCm}`);
  }
  if (!(massKg >= 25 && massKg <= 200)) {
    throw new RangeError(`massKg must lie between 25 and 200, got ${massKg}`);
  }
  const table = sex === 'female' ? deLevaFemale : sex === 'male' ? deLevaMale : winter;
  const whole = names.reduce((sum, n) => sum + table[n].mass * (paired.has(n) ? 2 : 1), 0);
  const heightM = heightCm / 100;
  return {
    heightM,
    massKg,
    lengthM: mapSegments((name) => lengthShares[name] * heightM),
    segmentMassKg: mapSegments((name) => (table[name].mass / whole) * massKg),
    centre: mapSegments((name) => table[name].centre),
    ankleHeightM: 0.039 * heightM,
    hipHalfWidthM: 0.05 * heightM,
    shoulderHalfWidthM: 0.115 * heightM,
    elbowsOutM: 0,
  };
}

/** The body on which is judged what hardly changes with size: angles, shares of strength, what a movement is for. */
export const referenceBody = scaledBody({ heightCm: 175, massKg: 70 });

/**
 * The body as its upper arms look and lever in the drawn side view when the elbows stand out to the sides, degrees from 0 (beside the body) to 80.
 *
 * @example withElbowsOut(body, 60).lengthM.upperArm / body.lengthM.upperArm // 0.5
 */
export function withElbowsOut(body: ScaledBody, degrees: number): ScaledBody {
  if (degrees === 0) return body;
  const out = (degrees * Math.PI) / 180;
  const upperArm = body.lengthM.upperArm * Math.cos(out);
  return { ...body, lengthM: { ...body.lengthM, upperArm }, elbowsOutM: body.lengthM.upperArm * Math.sin(out) };
}
