import type { LoadedJoint } from './loaded-joints';
import { type LimbSide, limbSides } from './pose';
import type { ScaledBody } from './segments';
import { lerp, type Point, type Skeleton, waistShare } from './skeleton';

/** A mass somewhere on the body. */
export interface Weight {
  at: Point;
  massKg: number;
  owner: Owner;
}

/** Where on the tree of segments something sits: the joints that have it on their far end. */
export interface Owner {
  side: LimbSide | 'middle';
  distalTo: readonly LoadedJoint[];
}

export const armChain = ['shoulder', 'elbow', 'wrist'] as const;
export const legChain = ['hip', 'knee', 'ankle'] as const;
export const owner = (side: Owner['side'], distalTo: readonly LoadedJoint[]): Owner => ({ side, distalTo });

/** Owners of the segments of one limb side; made once, since statics asks for them in every pose. */
const ownersOf = (side: LimbSide) => ({
  upperArm: owner(side, ['trunk', 'shoulder']),
  forearm: owner(side, ['trunk', 'shoulder', 'elbow']),
  hand: owner(side, ['trunk', ...armChain]),
  thigh: owner(side, ['hip']),
  shank: owner(side, ['hip', 'knee']),
  foot: owner(side, legChain),
});
const limbOwners = { near: ownersOf('near'), far: ownersOf('far') };
const headOwner: Owner = owner('middle', ['trunk', 'neck']);
export const onUpperTrunk = owner('middle', ['trunk']);
export const onPelvis = owner('middle', []);

/** The athlete's own segments as masses in place. */
export function segmentWeights(body: ScaledBody, skeleton: Skeleton): Weight[] {
  const { segmentMassKg: mass, centre } = body;
  const { pelvis, waist, chest, head } = skeleton;
  const upperCentre = (centre.trunk - waistShare * (waistShare / 2)) / (1 - waistShare);
  const middle: Weight[] = [
    { at: lerp(pelvis, waist, 0.5), massKg: mass.trunk * waistShare, owner: onPelvis },
    {
      at: lerp(waist, chest, (upperCentre - waistShare) / (1 - waistShare)),
      massKg: mass.trunk * (1 - waistShare),
      owner: onUpperTrunk,
    },
    { at: lerp(chest, head, centre.head), massKg: mass.head, owner: headOwner },
  ];
  return limbSides.reduce<Weight[]>((weights, side) => {
    const limb = skeleton[side];
    const of = (
      from: Point,
      to: Point,
      name: 'thigh' | 'shank' | 'foot' | 'upperArm' | 'forearm' | 'hand',
    ): Weight => ({
      at: lerp(from, to, centre[name]),
      massKg: mass[name],
      owner: limbOwners[side][name],
    });
    weights.push(
      of(limb.shoulder, limb.elbow, 'upperArm'),
      of(limb.elbow, limb.wrist, 'forearm'),
      of(limb.wrist, limb.fingertip, 'hand'),
      of(limb.hip, limb.knee, 'thigh'),
      of(limb.knee, limb.ankle, 'shank'),
      of(limb.heel, limb.toe, 'foot'),
    );
    return weights;
  }, middle);
}

/** Centre of a set of masses. */
export function weightedCentre(weights: readonly Weight[]): Point {
  const total = weights.reduce((s, w) => s + w.massKg, 0);
  return {
    x: weights.reduce((s, w) => s + w.at.x * w.massKg, 0) / total,
    y: weights.reduce((s, w) => s + w.at.y * w.massKg, 0) / total,
  };
}
