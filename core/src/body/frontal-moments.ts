import type { OutsideForce } from './external-forces';
import type { PlacedBody } from './placing';
import type { LimbSide } from './pose';
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
  const standing = new Set<string>();
  for (const { owner } of supporting) if (owner.distalTo.includes('hip')) standing.add(owner.side);
  const depths: Depth[] = [];
  let tipping = 0;
  let moving = 0;
  const place = (force: OutsideForce, moves: number) => {
    const z = depthOf(body, force.owner);
    tipping += z * force.forceN.y;
    moving += moves * force.forceN.y;
    depths.push({ force, z, moves });
  };
  for (const force of acting) place(force, standing.has(force.owner.side) ? leanShare(force.owner) : 0);
  for (const force of supporting) place(force, 1);
  const shift = Math.abs(moving) > 0.05 * body.massKg * GRAVITY ? -tipping / moving : 0;

  let [aboutX, aboutY] = [0, 0];
  const hipSide = { near: 0, far: 0 };
  for (const { force, z, moves } of depths) {
    const { forceN, owner } = force;
    const now = z + moves * shift;
    if (owner.distalTo.includes('trunk')) {
      aboutX -= now * forceN.y;
      aboutY += now * forceN.x;
    } else if (owner.side !== 'middle' && owner.distalTo.includes('hip')) {
      hipSide[owner.side] += (now - sign[owner.side] * body.hipHalfWidthM) * forceN.y;
    }
  }
  const { waist, chest } = skeleton;
  const length = Math.hypot(chest.x - waist.x, chest.y - waist.y);
  const axis = { x: (chest.x - waist.x) / length, y: (chest.y - waist.y) / length };
  return {
    'trunk-side': Math.abs(aboutX * axis.y - aboutY * axis.x),
    'trunk-twist': Math.abs(aboutX * axis.x + aboutY * axis.y),
    'hip-side': Math.max(Math.abs(hipSide.near), Math.abs(hipSide.far)),
  };
}

/** A force with how far it acts out of the drawn plane, and how much it takes part when the supports move sideways. */
interface Depth {
  force: OutsideForce;
  z: number;
  moves: number;
}
