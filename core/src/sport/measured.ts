import type { MomentName } from '../body/moment-names';
import type { PlacedBody } from '../body/placing';
import type { LimbAngles } from '../body/pose';
import { referenceBody } from '../body/segments';
import type { Statics } from '../body/statics';
import { typicalMoment } from '../body/typical-strength';
import { momentOf, staticsOf } from '../exercise/mechanics/moments';
import { placedVariant } from '../exercise/mechanics/placed';
import { usualLoad } from '../exercise/mechanics/relative-moments';
import type { Variant } from '../exercise/model/variant';
import type { Joint, JointAction, Motion } from '../exercise/model/vocabulary';
import type { ForceAxis } from './profile';

/** What the body model says of one joint action of a variant. */
export interface MeasuredJoint {
  action: JointAction;
  /** Largest moment over the keyframes, share of a typical most; at least that of a well chosen weight or band where one is used. */
  load: number;
  /** The same against the hardest worked joint action of the variant, 0.3 to 1; 1 where there is too little to compare. */
  part: number;
  /** Where in the travel the moment is largest: 1 with the muscle long, 0 near the end; undefined where the drawing does not show it. */
  deepness: number | undefined;
  /** How much of the joint's travel is used, 0 to 1; undefined where the drawing does not show it. */
  travel: number | undefined;
}

export interface MeasuredVariant {
  joints: readonly MeasuredJoint[];
  /** How much of the outside force goes each way, seen from the body; the largest is 1. */
  force: Readonly<Record<ForceAxis, number>>;
}

/** A joint action that is named works, however little the drawn plane shows of it; more so in fast work, where masses answer that stand still here. */
const minPart = { slow: 0.3, controlled: 0.3, fast: 0.6 } as const;
/** Under this share of the most there is nothing to compare. */
const tooLittle = 0.1;
/** A hand weight or band is chosen so that the hardest joint action works about this hard, share of the most; common practice, no source. */
const chosenEffort = 0.55;

type Angle = keyof LimbAngles | 'trunk' | 'neck';

/** Angle at which the muscle is long and at which the movement ends, degrees; values from memory of goniometry tables. */
const sideTravel: Partial<Record<`${Joint} ${Motion}`, [angle: Angle, long: number, end: number]>> = {
  'neck flexion': ['neck', -40, 40],
  'neck extension': ['neck', 40, -40],
  'shoulder flexion': ['shoulder', -20, 170],
  'shoulder extension': ['shoulder', 170, 0],
  'elbow flexion': ['elbow', 0, 130],
  'elbow extension': ['elbow', 130, 0],
  'wrist flexion': ['wrist', 70, -50],
  'wrist extension': ['wrist', -50, 70],
  'trunk flexion': ['trunk', -20, 45],
  'trunk extension': ['trunk', 45, -20],
  'hip flexion': ['hip', -15, 110],
  'hip extension': ['hip', 110, -5],
  'knee flexion': ['knee', 0, 120],
  'knee extension': ['knee', 110, 0],
  'ankle flexion': ['ankle', -40, 20],
  'ankle extension': ['ankle', 22, -35],
};

/** The same where the body is seen from the front. */
const frontTravel: typeof sideTravel = {
  'hip abduction': ['hip', 0, 45],
  'hip adduction': ['hip', 50, -5],
  'shoulder abduction': ['shoulder', 0, 150],
  'shoulder adduction': ['shoulder', 150, 0],
  'trunk lateral-flexion': ['trunk', 25, -25],
};

function anglesOf({ pose }: PlacedBody, angle: Angle): { near: number; far: number } {
  return angle === 'trunk' || angle === 'neck'
    ? { near: pose[angle], far: pose[angle] }
    : { near: pose.near[angle], far: pose.far[angle] };
}

const clamped = (value: number) => Math.min(1, Math.max(0, value));

function travelled(action: JointAction, moment: MomentName, frames: readonly PlacedBody[], loads: readonly Statics[]) {
  const view = frames[0]?.view;
  const table = view === 'side' ? sideTravel : view === 'front' ? frontTravel : {};
  const found = table[`${action.joint} ${action.action}`];
  if (!found) return { deepness: undefined, travel: undefined };
  const [angle, long, end] = found;
  const angles = frames.map((frame) => anglesOf(frame, angle));
  const swing = (side: 'near' | 'far') => {
    const all = angles.map((a) => a[side]);
    return Math.max(...all) - Math.min(...all);
  };
  const hardest = loads.reduce(
    (best, l, i) => (l.momentsNm[moment] > (loads[best] as Statics).momentsNm[moment] ? i : best),
    0,
  );
  const at = angles[hardest] as { near: number; far: number };
  const { bySide } = loads[hardest] as Statics;
  const bending = moment in bySide.near ? (moment as keyof typeof bySide.near) : undefined;
  const side = bending && Math.abs(bySide.far[bending]) > Math.abs(bySide.near[bending]) * 1.02 ? 'far' : 'near';
  return {
    deepness: clamped((at[side] - end) / (long - end)),
    travel: clamped(Math.max(swing('near'), swing('far')) / Math.abs(long - end)),
  };
}

/** Where the supports push and the bands pull, turned into the body's own axes. */
function forcesOf(
  variant: Variant,
  frames: readonly PlacedBody[],
  loads: readonly Statics[],
): Record<ForceAxis, number> {
  const view = frames[0]?.view;
  const across = variant.planes.includes('transverse');
  const sideways = variant.planes.includes('frontal');
  if (view === 'above') return { along: 0, 'front-back': 0.4, sideways: 0.3, turning: 1 };
  let along = 0;
  let through = 0;
  frames.forEach((frame, i) => {
    for (const { forceN } of (loads[i] as Statics).reactions) {
      const lean = (frame.pose.lean * Math.PI) / 180;
      along += Math.abs(forceN.y * Math.cos(lean) + forceN.x * Math.sin(lean));
      through += Math.abs(forceN.x * Math.cos(lean) - forceN.y * Math.sin(lean));
    }
  });
  const largest = Math.max(along, through, 1e-9);
  const onePlane = variant.planes.length === 1;
  return {
    along: along / largest,
    'front-back': view === 'front' ? 0 : through / largest,
    sideways: view === 'front' ? Math.max(through / largest, sideways ? 0.6 : 0) : sideways ? (onePlane ? 1 : 0.7) : 0,
    turning: across ? (onePlane ? 1 : 0.7) : 0,
  };
}

function measure(variant: Variant): MeasuredVariant {
  const frames = placedVariant(variant, referenceBody);
  // Everybody is measured as one body with one hand weight, so that what a variant is for does not change with who does it.
  const loads = staticsOf(variant, referenceBody, usualLoad(variant));
  const joints = variant.jointActions.map((action) => {
    const moment = momentOf(action);
    const most = typicalMoment[moment] * referenceBody.massKg;
    const load = Math.max(...loads.map((l) => l.momentsNm[moment])) / most;
    return { action, load, ...travelled(action, moment, frames, loads) };
  });
  const hardest = Math.max(...joints.map((j) => j.load));
  const chosen = variant.load?.required || variant.line ? chosenEffort : 0;
  return {
    joints: joints.map((j) => {
      const part = hardest < tooLittle ? 1 : Math.max(minPart[variant.speed], j.load / hardest);
      return { ...j, part, load: Math.max(j.load, chosen * part) };
    }),
    force: forcesOf(variant, frames, loads),
  };
}

const kept = new WeakMap<Variant, MeasuredVariant>();

/**
 * A variant measured by the body model: how hard each of its joint actions works, where in the travel, over how much of it, and which way the
 * outside force goes. Measured once on a body of 175 cm and 70 kg, with 10 kg where a load is needed.
 *
 * @example measured(squat).joints[0].deepness // about 1: the knee works hardest at the bottom
 */
export function measured(variant: Variant): MeasuredVariant {
  const known = kept.get(variant) ?? measure(variant);
  kept.set(variant, known);
  return known;
}
