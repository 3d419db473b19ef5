import type { Variant } from '../exercise/model/variant';
import type { Position, Regime, Speed } from '../exercise/model/vocabulary';
import type { MeasuredJoint, MeasuredVariant } from './measured';
import type { Amplitude, Energy, ForceRegion, SportAction, SportJoint } from './profile';

/** The criteria of dynamic correspondence, in the order they are read: Verkhoshansky and Siff, *Supertraining*. */
export const criteria = ['direction', 'region', 'effort', 'rate', 'regime'] as const;
export type Criterion = (typeof criteria)[number];
export type Weights = Readonly<Record<Criterion, number>>;

/** What the criteria weigh, by school; each sums to 1. The criteria are published, the weights common practice, no source. */
export const transferWeights = {
  even: { direction: 0.33, region: 0.12, effort: 0.12, rate: 0.18, regime: 0.25 },
  movement: { direction: 0.45, region: 0.15, effort: 0.05, rate: 0.2, regime: 0.15 },
  force: { direction: 0.25, region: 0.15, effort: 0.35, rate: 0.05, regime: 0.2 },
} as const satisfies Record<string, Weights>;

/** How far work under one regime serves another; rows are what is asked. Order after handbooks of training, values common practice, no source. */
const regimeLikeness: Record<Regime, Record<Regime, number>> = {
  shortening: { shortening: 1, lengthening: 0.35, holding: 0.3, 'stretch-shortening': 0.7 },
  lengthening: { shortening: 0.3, lengthening: 1, holding: 0.35, 'stretch-shortening': 0.55 },
  holding: { shortening: 0.3, lengthening: 0.35, holding: 1, 'stretch-shortening': 0.1 },
  'stretch-shortening': { shortening: 0.6, lengthening: 0.5, holding: 0.1, 'stretch-shortening': 1 },
};

const speedRank: Record<Speed, number> = { slow: 0, controlled: 1, fast: 2 };
/** What each step of speed apart takes away; common practice, no source. */
const perSpeedStep = 0.45;

/** Positions that are partly alike; all others only a little. Common practice, no source. */
const kinship: readonly (readonly [Position, Position, number])[] = [
  ['one-foot', 'split', 0.7],
  ['both-feet', 'split', 0.6],
  ['both-feet', 'one-foot', 0.5],
  ['sitting', 'kneeling', 0.6],
  ['both-feet', 'kneeling', 0.5],
  ['split', 'kneeling', 0.5],
  ['both-feet', 'sitting', 0.35],
  ['lying', 'hands-and-feet', 0.5],
  ['in-water', 'lying', 0.8],
  ['in-water', 'hanging', 0.6],
  ['in-water', 'hands-and-feet', 0.5],
  ['in-water', 'both-feet', 0.35],
  ['in-water', 'split', 0.35],
];
const strangers = 0.15;

function positionLikeness(a: Position, b: Position): number {
  if (a === b) return 1;
  return kinship.find(([x, y]) => (x === a && y === b) || (x === b && y === a))?.[2] ?? strangers;
}

/** Where the force of a sport's movement lies in the joint's travel, on the scale of `deepness`. */
const deepnessOf: Record<ForceRegion, number> = { deep: 0.8, middle: 0.45, end: 0.12 };
const amplitudeOf: Record<Amplitude, number> = { short: 0.2, half: 0.5, full: 0.85 };
/** Share of a typical most that a movement asks at the least; common practice, no source. */
const effortWanted: Record<Energy, number> = { burst: 0.8, repeated: 0.6, sustained: 0.4 };
/** Share of a typical most that a movement of the sport asks at the least. */
export const effortAsked = ({ energy }: SportAction): number => effortWanted[energy];

/**
 * Who moves as fast as possible works hard, however little it weighs: this share of the most for a limb that carries nothing, more with the load
 * that slow work would show, up to all of it.
 */
const [effortOfSpeed, speedGain, speedFullLoad] = [0.4, 0.4, 0.4];
/** For what the drawn plane does not show: neither for nor against. */
const unseen = 0.5;

function regionLikeness(own: MeasuredJoint, wanted: SportJoint): number {
  return own.deepness === undefined ? unseen : 1 - 0.9 * Math.abs(own.deepness - deepnessOf[wanted.at]);
}

/** Too little travel counts against a variant, too much hardly. */
function amplitudeLikeness(own: MeasuredJoint, wanted: SportJoint, amplitude: Amplitude): number {
  if (wanted.regime === 'holding') return 1;
  if (own.travel === undefined) return unseen;
  const missing = amplitudeOf[amplitude] - own.travel;
  return missing > 0 ? 1 - missing : 1 + 0.2 * missing;
}

function effortOf(variant: Variant, { load }: MeasuredJoint): number {
  return variant.speed === 'fast'
    ? Math.max(load, effortOfSpeed + speedGain * Math.min(1, load / speedFullLoad))
    : load;
}

/** A long dip takes longer than a short contact, however fast both are. */
const longerTravel = 0.6;

function rateLikeness(variant: Variant, { travel }: MeasuredJoint, wanted: SportJoint, action: SportAction): number {
  const steps = Math.abs(speedRank[variant.speed] - speedRank[action.speed]);
  const tooLong =
    wanted.regime === 'stretch-shortening' && travel !== undefined
      ? Math.max(0, travel - amplitudeOf[action.amplitude])
      : 0;
  return Math.max(0, 1 - perSpeedStep * steps - longerTravel * tooLong);
}

/** A variant with the right joints in another posture keeps this share of its direction. */
const directionFloor = 0.2;

/** What all joint actions of a pairing share: posture, planes and the way of the force. */
export function postureLikeness(variant: Variant, { force }: MeasuredVariant, action: SportAction): number {
  const plane = action.planes.filter((p) => variant.planes.includes(p)).length / action.planes.length;
  const axis = Math.max(...action.force.map((a) => force[a]));
  return 0.5 * positionLikeness(variant.position, action.position) + 0.25 * plane + 0.25 * axis;
}

export type Values = Record<Criterion, number>;

/** The criteria for one joint action that both name. */
export function judged(
  variant: Variant,
  posture: number,
  own: MeasuredJoint,
  wanted: SportJoint,
  action: SportAction,
): Values {
  const likeness = 0.8 * posture + 0.2 * amplitudeLikeness(own, wanted, action.amplitude);
  const stretched = variant.pattern === 'stretch';
  return {
    direction: Math.sqrt(own.part) * (directionFloor + (1 - directionFloor) * likeness),
    region: regionLikeness(own, wanted),
    // A muscle that is stretched does not work.
    effort: stretched ? 0 : Math.min(1, effortOf(variant, own) / effortAsked(action)),
    rate: stretched ? 0 : rateLikeness(variant, own, wanted, action),
    regime: stretched ? 0 : regimeLikeness[wanted.regime][own.action.regime],
  };
}

export const weighed = (values: Values, weights: Weights) =>
  criteria.reduce((sum, c) => sum + weights[c] * values[c], 0);
