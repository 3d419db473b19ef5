import type { LoadedJoint } from './loaded-joints';
import { type LimbSide, limbAngles, type View } from './pose';
import { jointPoint, type Point, type Skeleton } from './skeleton';

/** Coordinates of a body in the plane: pelvis x and y, lean, trunk, neck, six angles a limb. */
export const coordinates = 17;
const [xAt, yAt, leanAt, trunkAt, neckAt] = [0, 1, 2, 3, 4] as const;

function coordinateOf(joint: LoadedJoint, side: LimbSide): number {
  if (joint === 'trunk') return trunkAt;
  if (joint === 'neck') return neckAt;
  return 5 + (side === 'near' ? 0 : limbAngles.length) + limbAngles.indexOf(joint);
}

/** Whether a larger angle turns what lies beyond the joint clockwise (1) or against it (-1); mirrored on the far side of the front view. */
function turnOf(joint: LoadedJoint, side: LimbSide, view: View): number {
  if (joint === 'trunk' || joint === 'neck') return 1;
  const mirrored = view === 'front' && side === 'far' ? -1 : 1;
  return joint === 'knee' ? mirrored : -mirrored;
}

/**
 * Adds to `gradient` how a point of the body moves along an axis with every coordinate, times `share`. A joint turns what lies beyond it
 * about itself, so each entry is the distance across.
 */
export function addGradient(
  gradient: number[],
  skeleton: Skeleton,
  view: View,
  point: Point,
  side: LimbSide | 'middle',
  chain: readonly LoadedJoint[],
  axis: 'x' | 'y',
  share: number,
): void {
  const turned = (pivot: Point) => (axis === 'x' ? point.y - pivot.y : pivot.x - point.x);
  const add = (at: number, value: number) => {
    gradient[at] = (gradient[at] as number) + value * share;
  };
  add(axis === 'x' ? xAt : yAt, 1);
  add(leanAt, turned(skeleton.pelvis));
  const limb = side === 'middle' ? 'near' : side;
  for (const joint of chain) {
    add(coordinateOf(joint, limb), turnOf(joint, limb, view) * turned(jointPoint(skeleton, limb, joint)));
  }
}
