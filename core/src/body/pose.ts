/**
 * A pose is a set of joint angles in one plane. Angles are degrees.
 *
 * Side view, athlete facing right: `lean` turns the pelvis from upright (0) to face-down (90), lying on the back is -90.
 * Hip, knee, elbow, shoulder and trunk angles are flexion; ankle is dorsiflexion; wrist is extension; neck is flexion.
 * Front view: hip and shoulder angles are abduction, `lean` and `trunk` are side bends towards the near side.
 * From above, athlete facing right: `lean` and `trunk` turn pelvis and ribs to the far side, the shoulder swings the arm forwards (0 is straight
 * out to the side), `wrist` is how far the upper arm is raised (0 hangs, 90 is level), hip is how far the foot stands forwards, ankle how far out.
 */
export interface LimbAngles {
  shoulder: number;
  elbow: number;
  wrist: number;
  hip: number;
  knee: number;
  ankle: number;
}

export const limbAngles = [
  'shoulder',
  'elbow',
  'wrist',
  'hip',
  'knee',
  'ankle',
] as const satisfies readonly (keyof LimbAngles)[];

export type LimbSide = 'near' | 'far';
export const limbSides: readonly LimbSide[] = ['near', 'far'];

export interface Pose {
  lean: number;
  trunk: number;
  neck: number;
  near: LimbAngles;
  far: LimbAngles;
}

export type View = 'side' | 'front' | 'above';

/** What a keyframe writes down: angles for both limbs, and what differs on one side. */
export interface PoseChanges extends Partial<LimbAngles> {
  lean?: number;
  trunk?: number;
  neck?: number;
  near?: Partial<LimbAngles>;
  far?: Partial<LimbAngles>;
}

const straight: LimbAngles = { shoulder: 0, elbow: 0, wrist: 0, hip: 0, knee: 0, ankle: 0 };

/** Named starting positions; a keyframe names one and writes only what differs. */
export const basePositions = {
  standing: {},
  'athletic stance': { lean: 30, hip: 55, knee: 50, ankle: 22, shoulder: 35, elbow: 70 },
  plank: { lean: 74, shoulder: 74, wrist: 85, ankle: -10 },
  'forearm plank': { lean: 82, shoulder: 82, elbow: 85, wrist: 0, ankle: -10 },
  'all fours': { lean: 86, hip: 86, knee: 90, shoulder: 86, wrist: 88, ankle: -86 },
  'hook lying': { lean: -90, hip: 55, knee: 110, ankle: -20, shoulder: 10 },
  supine: { lean: -90, ankle: -10 },
  prone: { lean: 90, ankle: -70, neck: -10 },
  'tall kneeling': { knee: 90, ankle: -86 },
  'half kneeling': { near: { hip: 90, knee: 90 }, far: { hip: -5, knee: 88, ankle: 20 } },
  'long sitting': { lean: -8, hip: 82, ankle: 0 },
  'side lying': { lean: 84, ankle: -70 },
} as const satisfies Record<string, PoseChanges>;

export type BasePosition = keyof typeof basePositions;

/**
 * Full pose from a base position and the changes written on top of it; changes of one side win over changes of both.
 *
 * @example poseOf('standing', { knee: 90, far: { knee: 10 } }).far.knee // 10
 */
export function poseOf(base: BasePosition, changes: PoseChanges = {}): Pose {
  const layers: PoseChanges[] = [basePositions[base], changes];
  const limb = (side: LimbSide): LimbAngles => {
    const angles = { ...straight };
    for (const { near, far, lean, trunk, neck, ...both } of layers)
      Object.assign(angles, both, side === 'near' ? near : far);
    return angles;
  };
  const axis = (name: 'lean' | 'trunk' | 'neck') => layers.reduce((value, layer) => layer[name] ?? value, 0);
  return {
    lean: axis('lean'),
    trunk: axis('trunk'),
    neck: axis('neck'),
    near: limb('near'),
    far: limb('far'),
  };
}

/** Range a joint may be posed in, degrees; wide enough for trained athletes, values from memory of goniometry tables. */
export const humanRange: Record<keyof LimbAngles | 'trunk' | 'neck', [number, number]> = {
  shoulder: [-70, 195],
  elbow: [-8, 155],
  wrist: [-90, 100],
  hip: [-40, 140],
  knee: [-8, 160],
  ankle: [-90, 50],
  trunk: [-50, 90],
  neck: [-70, 80],
};

/** Pose as one flat list of numbers, the order used by interpolation and placing. */
export function flattened(pose: Pose): number[] {
  const limb = (l: LimbAngles) => [l.shoulder, l.elbow, l.wrist, l.hip, l.knee, l.ankle];
  return [pose.lean, pose.trunk, pose.neck, ...limb(pose.near), ...limb(pose.far)];
}

/** The inverse of `flattened`. */
export function unflattened(v: readonly number[]): Pose {
  const at = (i: number) => v[i] as number;
  const limb = (o: number): LimbAngles => ({
    shoulder: at(o),
    elbow: at(o + 1),
    wrist: at(o + 2),
    hip: at(o + 3),
    knee: at(o + 4),
    ankle: at(o + 5),
  });
  return { lean: at(0), trunk: at(1), neck: at(2), near: limb(3), far: limb(9) };
}

/** Pose between two poses, `t` from 0 to 1. */
export function between(a: Pose, b: Pose, t: number): Pose {
  const to = flattened(b);
  return unflattened(flattened(a).map((value, i) => value + ((to[i] as number) - value) * t));
}
