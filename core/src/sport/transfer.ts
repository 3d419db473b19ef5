import type { Variant } from '../exercise/model/variant';
import { type MeasuredJoint, type MeasuredVariant, measured } from './measured';
import type { ActionSide, Answer, SportAction, SportJoint } from './profile';
import {
  type Criterion,
  criteria,
  judged,
  postureLikeness,
  transferWeights,
  type Values,
  type Weights,
  weighed,
} from './transfer-criteria';

export interface Transfer extends Readonly<Record<Criterion, number>> {
  /** All criteria together, 0 to 1. */
  total: number;
}

/** From this much on a variant is said to answer a movement of the sport. */
export const answersFrom = 1 / 3;

/**
 * What each joint action of a movement weighs, shares that sum to 1. A movement names the leading one first: the second weighs a half of it,
 * the third a third. Common practice, no source.
 *
 * @example leadingShares(2) // [2 / 3, 1 / 3]
 */
export function leadingShares(joints: number): readonly number[] {
  const known = sharesOf.get(joints) ?? harmonicShares(joints);
  sharesOf.set(joints, known);
  return known;
}

const sharesOf = new Map<number, readonly number[]>();

function harmonicShares(joints: number): number[] {
  const weights = Array.from({ length: joints }, (_, i) => 1 / (1 + i));
  const total = weights.reduce((s, w) => s + w, 0);
  return weights.map((w) => w / total);
}

/** One joint action of the sport's movement and what a variant does for it. */
export interface Match {
  wanted: SportJoint;
  /** What it weighs in the movement, shares that sum to 1. */
  share: number;
  own: MeasuredJoint | undefined;
  values: Values;
}

const none: Values = { direction: 0, region: 0, effort: 0, rate: 0, regime: 0 };

/** Joint action by joint action, what a variant does for a movement; what it does not train is all 0. */
export function matchesOf(
  variant: Variant,
  action: SportAction,
  weights: Weights = transferWeights.even,
  by: MeasuredVariant = measured(variant),
): Match[] {
  let posture: number | undefined;
  const shares = leadingShares(action.jointActions.length);
  return action.jointActions.map((wanted, place) => {
    const share = shares[place] as number;
    let match: Match = { wanted, share, own: undefined, values: none };
    for (const own of by.joints) {
      if (own.action.joint !== wanted.joint || own.action.action !== wanted.action) continue;
      posture ??= postureLikeness(variant, by, action);
      const values = judged(variant, posture, own, wanted, action);
      if (!match.own || weighed(values, weights) > weighed(match.values, weights))
        match = { wanted, share, own, values };
    }
    return match;
  });
}

/**
 * How far a variant serves a movement of the sport, by dynamic correspondence. Each criterion is the mean over the movement's joint actions,
 * the leading one weighing most; a joint action that the variant does not train counts 0 in all of them, so that without a common one the total is 0.
 * All values 0 to 1. Direction and region come from the moments of the body model.
 *
 * Source: Verkhoshansky and Siff, *Supertraining*; the weights are a house rule.
 *
 * @example transferOf(calfRaise, armBrake).total // 0
 */
export function transferOf(
  variant: Variant,
  action: SportAction,
  weights: Weights = transferWeights.even,
  by: MeasuredVariant = measured(variant),
): Transfer {
  const values: Values = { ...none };
  for (const match of matchesOf(variant, action, weights, by)) {
    if (!match.own) continue;
    for (const criterion of criteria)
      values[criterion] = Math.min(1, values[criterion] + match.share * match.values[criterion]);
  }
  return { ...values, total: Math.min(1, weighed(values, weights)) };
}

export type BodySide = 'left' | 'right';

/** Which sides of the body a movement uses, by the side that throws or kicks. */
export function sidesUsed(side: ActionSide, dominant: BodySide): readonly BodySide[] {
  const other = dominant === 'left' ? 'right' : 'left';
  return side === 'dominant' ? [dominant] : side === 'other' ? [other] : ['left', 'right'];
}

/**
 * The same transfer by the side of the body that has it in the sport: a throw belongs to the throwing arm. Who has no dominant side is taken as
 * right-sided.
 *
 * @example sidedTransfer(bandArmBrake, armBrake, 'left').right // 0
 */
export function sidedTransfer(
  variant: Variant,
  action: SportAction,
  dominant: BodySide = 'right',
): Record<BodySide, number> {
  const { total } = transferOf(variant, action);
  const used = sidesUsed(action.side, dominant);
  return { left: used.includes('left') ? total : 0, right: used.includes('right') ? total : 0 };
}

/** What work of the right pattern but another regime keeps of its worth; common practice, no source. */
const otherRegime = 0.6;

/** What a variant does against a risk, 0 to 1; kept apart from transfer to performance. */
export function preventionOf(variant: Variant, { answers }: { answers: readonly Answer[] }): number {
  const answer = answers.find((a) => a.pattern === variant.pattern);
  if (!answer) return 0;
  const fits = !answer.regime || variant.jointActions.some((a) => a.regime === answer.regime);
  return fits ? answer.worth : answer.worth * otherRegime;
}

/** A variant with how far it serves a movement. */
export interface Ranked {
  variant: Variant;
  total: number;
}

/**
 * The variants that answer a movement, best first.
 *
 * @example answering([pushUp, bandArmBrake], armBrake)[0].variant.id // 'band-arm-brake'
 */
export function answering(
  variants: readonly Variant[],
  action: SportAction,
  weights: Weights = transferWeights.even,
): Ranked[] {
  return variants
    .map((variant) => ({ variant, total: transferOf(variant, action, weights).total }))
    .filter(({ total }) => total >= answersFrom)
    .sort((a, b) => b.total - a.total || (a.variant.id < b.variant.id ? -1 : 1));
}
