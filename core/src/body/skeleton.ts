import type { LoadedJoint } from './loaded-joints';
import type { LimbSide, Pose, View } from './pose';
import type { ScaledBody } from './segments';

export interface Point {
  x: number;
  y: number;
}

/** The point so far on the way from one to another, 0 to 1. */
export function lerp(a: Point, b: Point, t: number): Point {
  return { x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t };
}

export interface LimbPoints {
  shoulder: Point;
  elbow: Point;
  wrist: Point;
  hand: Point;
  fingertip: Point;
  hip: Point;
  knee: Point;
  ankle: Point;
  heel: Point;
  toe: Point;
}

export type LimbPointName = keyof LimbPoints;

export interface Skeleton {
  pelvis: Point;
  waist: Point;
  chest: Point;
  head: Point;
  near: LimbPoints;
  far: LimbPoints;
}

/** Share of the trunk's length, and of its mass, that lies below the waist. */
export const waistShare = 0.28;

/** In the front view a foot is seen from its end. */
const footForeshortening = 0.45;

const radians = (degrees: number) => (degrees * Math.PI) / 180;

/** Point `length` away from `from` in a direction counted clockwise from straight up, degrees. */
function along(from: Point, direction: number, length: number): Point {
  const angle = radians(direction);
  return { x: from.x + length * Math.sin(angle), y: from.y + length * Math.cos(angle) };
}

/**
 * Forward kinematics: where every joint of the body is, metres, with the pelvis at `root`.
 *
 * @example skeletonOf(scaledBody({ heightCm: 180, massKg: 80 }), poseOf('standing'), 'side', { x: 0, y: 1 }).head.y // 1.731
 */
export function skeletonOf(body: ScaledBody, pose: Pose, view: View, root: Point): Skeleton {
  if (view === 'above') return skeletonFromAbove(body, pose, root);
  const { lengthM } = body;
  const front = view === 'front';
  const waist = along(root, pose.lean, lengthM.trunk * waistShare);
  const thorax = pose.lean + pose.trunk;
  const chest = along(waist, thorax, lengthM.trunk * (1 - waistShare));
  const head = along(chest, thorax + pose.neck, lengthM.head);

  const limb = (side: LimbSide): LimbPoints => {
    const angles = pose[side];
    const turn = front && side === 'far' ? -1 : 1;
    const hipOut = front ? turn * body.hipHalfWidthM : 0;
    const shoulderOut = front ? turn * body.shoulderHalfWidthM : 0;
    const shoulder = along(chest, thorax + 90, shoulderOut);
    const upperArm = thorax + 180 - turn * angles.shoulder;
    const elbow = along(shoulder, upperArm, lengthM.upperArm);
    const forearm = upperArm - turn * angles.elbow;
    const wrist = along(elbow, forearm, lengthM.forearm);
    const handDirection = forearm - turn * angles.wrist;
    const hip = along(root, pose.lean + 90, hipOut);
    const thigh = pose.lean + 180 - turn * angles.hip;
    const knee = along(hip, thigh, lengthM.thigh);
    const shank = thigh + turn * angles.knee;
    const ankle = along(knee, shank, lengthM.shank);
    const foot = shank - turn * (90 + angles.ankle);
    const sole = along(ankle, foot + turn * 90, body.ankleHeightM);
    const footLength = lengthM.foot * (front ? footForeshortening : 1);
    return {
      shoulder,
      elbow,
      wrist,
      hand: along(wrist, handDirection, lengthM.hand * 0.5),
      fingertip: along(wrist, handDirection, lengthM.hand),
      hip,
      knee,
      ankle,
      heel: along(sole, foot, -0.25 * footLength),
      toe: along(sole, foot, 0.75 * footLength),
    };
  };
  return { pelvis: root, waist, chest, head, near: limb('near'), far: limb('far') };
}

const degreesSine = (degrees: number) => Math.sin(radians(degrees));

/** The body seen from above, facing along x; the trunk is seen from its end, arms and legs are as short as they look. */
function skeletonFromAbove(body: ScaledBody, pose: Pose, root: Point): Skeleton {
  const { lengthM } = body;
  const pelvisFaces = 90 - pose.lean;
  const ribsFace = pelvisFaces - pose.trunk;
  const limb = (side: LimbSide): LimbPoints => {
    const angles = pose[side];
    const turn = side === 'near' ? 1 : -1;
    const shoulder = along(root, ribsFace + 90 * turn, body.shoulderHalfWidthM);
    const raised = Math.abs(degreesSine(angles.wrist));
    const upperArm = ribsFace + turn * (90 - angles.shoulder);
    const elbow = along(shoulder, upperArm, lengthM.upperArm * raised);
    const forearm = upperArm - turn * angles.elbow;
    const level = Math.max(raised, Math.abs(degreesSine(angles.elbow)));
    const wrist = along(elbow, forearm, lengthM.forearm * level);
    const hip = along(root, pelvisFaces + 90 * turn, body.hipHalfWidthM);
    const leg = lengthM.thigh + lengthM.shank;
    const ankle = {
      x: root.x + degreesSine(angles.hip) * leg,
      y: root.y - turn * (body.hipHalfWidthM + degreesSine(angles.ankle) * leg),
    };
    const foot = 90 + (side === 'near' ? angles.knee : -angles.knee);
    return {
      shoulder,
      elbow,
      wrist,
      hand: along(wrist, forearm, lengthM.hand * 0.5 * level),
      fingertip: along(wrist, forearm, lengthM.hand * level),
      hip,
      knee: { x: (hip.x + ankle.x) / 2 + 0.03 * body.heightM, y: (hip.y + ankle.y) / 2 },
      ankle,
      heel: along(ankle, foot, -0.25 * lengthM.foot),
      toe: along(ankle, foot, 0.75 * lengthM.foot),
    };
  };
  const head = along(root, ribsFace - pose.neck, 0.015 * body.heightM);
  return { pelvis: root, waist: root, chest: root, head, near: limb('near'), far: limb('far') };
}

/** Every joint of the skeleton as one list. */
export function pointsOf(skeleton: Skeleton): Point[] {
  const { pelvis, waist, chest, head, near, far } = skeleton;
  return [pelvis, waist, chest, head, ...Object.values(near), ...Object.values(far)];
}

/** Where a joint of the skeleton is. */
export function jointPoint(skeleton: Skeleton, side: LimbSide, joint: LoadedJoint): Point {
  if (joint === 'neck') return skeleton.chest;
  if (joint === 'trunk') return skeleton.waist;
  return skeleton[side][joint];
}
