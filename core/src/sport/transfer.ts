import type { Variant } from '../exercise/variant';
import type { JointAction, Position, Regime, Speed } from '../exercise/vocabulary';
import type { RiskSite, SportAction } from './profile';

/** The terms of a transfer, each 0 to 1 and kept apart so that a reason can be written from them. */
export interface Transfer {
  /** Same joints, same way. */
  direction: number;
  /** How the muscles work: shortening, lengthening, holding, stretch-shortening. */
  regime: number;
  plane: number;
  /** On what the body stands, sits or hangs. */
  position: number;
  speed: number;
  /** All terms together, 0 to 1. */
  total: number;
}

/** Weights of the terms that modify direction; sum 1. Order after Verkhoshansky and Siff, values common practice, no source. */
export const transferWeights = { regime: 0.35, speed: 0.25, position: 0.2, plane: 0.2 } as const;

/** A transfer with the right joints but nothing else alike still keeps this share of its direction. */
const floor = 0.25;

const regimeLikeness: Record<Regime, Record<Regime, number>> = {
  shortening: { shortening: 1, lengthening: 0.4, holding: 0.3, 'stretch-shortening': 0.7 },
  lengthening: { shortening: 0.3, lengthening: 1, holding: 0.4, 'stretch-shortening': 0.6 },
  holding: { shortening: 0.3, lengthening: 0.4, holding: 1, 'stretch-shortening': 0.2 },
  'stretch-shortening': { shortening: 0.7, lengthening: 0.6, holding: 0.2, 'stretch-shortening': 1 },
};

const speedRank: Record<Speed, number> = { slow: 0, controlled: 1, fast: 2 };

const kinship: readonly (readonly Position[])[] = [
  ['one-foot', 'split'],
  ['both-feet', 'split'],
  ['sitting', 'kneeling'],
  ['lying', 'hands-and-feet'],
];

function positionLikeness(a: Position, b: Position): number {
  if (a === b) return 1;
  return kinship.some((pair) => pair.includes(a) && pair.includes(b)) ? 0.6 : 0.2;
}

const sameMotion = (a: JointAction, b: JointAction) => a.joint === b.joint && a.action === b.action;

/**
 * How far a variant serves an action of the sport. Without a common joint action the total is 0;
 * direction is the share of the action's joint actions that the variant trains, and scales the rest.
 *
 * Source: the criteria of dynamic correspondence, Verkhoshansky and Siff, *Supertraining*.
 */
export function transferOf(variant: Variant, action: SportAction): Transfer {
  const matches = action.jointActions.map((wanted) => {
    const alike = variant.jointActions.filter((own) => sameMotion(own, wanted));
    return alike.length ? Math.max(...alike.map((own) => regimeLikeness[wanted.regime][own.regime])) : undefined;
  });
  const found = matches.filter((m) => m !== undefined);
  const direction = found.length / action.jointActions.length;
  const regime = found.length ? found.reduce((s, m) => s + m, 0) / found.length : 0;
  const plane = action.planes.filter((p) => variant.planes.includes(p)).length / action.planes.length;
  const position = positionLikeness(variant.position, action.position);
  const speed = 1 - Math.abs(speedRank[variant.speed] - speedRank[action.speed]) * 0.4;
  const { regime: wr, speed: ws, position: wp, plane: wl } = transferWeights;
  const likeness = wr * regime + ws * speed + wp * position + wl * plane;
  return { direction, regime, plane, position, speed, total: direction * (floor + (1 - floor) * likeness) };
}

/** What a variant does against a risk, 0 to 1; kept apart from transfer to performance. */
export function preventionOf(variant: Variant, risk: RiskSite): number {
  return risk.answers.find((a) => a.pattern === variant.pattern)?.worth ?? 0;
}
