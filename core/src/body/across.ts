import type { OutsideForce } from './outside';
import type { PlacedBody } from './placing';
import { type LimbSide, limbSides } from './pose';
import { GRAVITY, type ScaledBody } from './segments';
import type { Owner } from './weights';

export type SideOnMoment = 'trunk-side' | 'trunk-twist' | 'hip-side';

const none: Record<SideOnMoment, number> = { 'trunk-side': 0, 'trunk-twist': 0, 'hip-side': 0 };
const sign: Record<LimbSide | 'middle', number> = { near: 1, far: -1, middle: 0 };

/** How far a force acts out of the drawn side view, metres: arms at the width of the shoulders, legs at that of the hips. */
function depthOf(body: ScaledBody, { side, distalTo }: Owner): number {
  const arm = distalTo.includes('shoulder');
  return sign[side] * (arm ? body.shoulderHalfWidthM : distalTo.includes('hip') ? body.hipHalfWidthM : 0);
}

/** How much of a leg's sideways lean each part of it shares, hip 0 to foot 1. */
function leanShare({ distalTo }: Owner): number {
  if (!distalTo.includes('hip')) return 0;
  return distalTo.includes('ankle') ? 1 : distalTo.includes('knee') ? 0.72 : 0.22;
}

/**
 * Moments across the drawn side view, N m, the harder side, without sign: side bend and turn of the trunk at the waist, and
 * what keeps the pelvis level at the hip of the loaded leg.
 *
 * Assumptions: limbs hang or stand straight below their joint, then all supports move sideways together until nothing tips the body
 * over (a single foot comes under the centre of mass); legs that stand lean with them. Forces have no sideways part.
 */
export function acrossMoments(
  { skeleton, body, view, airborne }: PlacedBody,
  acting: readonly OutsideForce[],
  supporting: readonly OutsideForce[],
): Record<SideOnMoment, number> {
  if (view !== 'side' || airborne) return none;
  const standing = new Set(supporting.filter((f) => f.owner.distalTo.includes('hip')).map((f) => f.owner.side));
  const leaning = (f: OutsideForce) => (standing.has(f.owner.side) ? leanShare(f.owner) : 0);
  const forces = [
    ...acting.map((f) => ({ ...f, z: depthOf(body, f.owner), moves: leaning(f) })),
    ...supporting.map((f) => ({ ...f, z: depthOf(body, f.owner), moves: 1 })),
  ];
  const tipping = forces.reduce((sum, f) => sum + f.z * f.forceN.y, 0);
  const moving = forces.reduce((sum, f) => sum + f.moves * f.forceN.y, 0);
  const shift = Math.abs(moving) > 0.05 * body.massKg * GRAVITY ? -tipping / moving : 0;
  const placed = forces.map((f) => ({ ...f, z: f.z + f.moves * shift }));

  const length = Math.hypot(skeleton.chest.x - skeleton.waist.x, skeleton.chest.y - skeleton.waist.y);
  const axis = { x: (skeleton.chest.x - skeleton.waist.x) / length, y: (skeleton.chest.y - skeleton.waist.y) / length };
  const upper = placed.filter((f) => f.owner.distalTo.includes('trunk'));
  const aboutX = upper.reduce((sum, f) => sum - f.z * f.forceN.y, 0);
  const aboutY = upper.reduce((sum, f) => sum + f.z * f.forceN.x, 0);

  const hipSide = (side: LimbSide) =>
    placed
      .filter((f) => f.owner.side === side && f.owner.distalTo.includes('hip'))
      .reduce((sum, f) => sum + (f.z - sign[side] * body.hipHalfWidthM) * f.forceN.y, 0);
  return {
    'trunk-side': Math.abs(aboutX * axis.y - aboutY * axis.x),
    'trunk-twist': Math.abs(aboutX * axis.x + aboutY * axis.y),
    'hip-side': Math.max(...limbSides.map((side) => Math.abs(hipSide(side)))),
  };
}
