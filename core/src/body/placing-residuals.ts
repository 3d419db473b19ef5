import { contactHalfLength, restingThickness, type Touch, touchingChains, touchingPoints } from './contact';
import { carried, type LoadPlace } from './external-forces';
import { addGradient, coordinates } from './gradient';
import type { LimbAngles, Pose, View } from './pose';
import type { ScaledBody } from './segments';
import type { Point, Skeleton } from './skeleton';
import { legChain, segmentWeights, weightedCentre } from './weights';

/** Joints an author may forbid the placing to move. */
export type Fixable = keyof LimbAngles | 'lean' | 'trunk';

export interface PlacingRequest {
  body: ScaledBody;
  pose: Pose;
  view: View;
  touches: readonly Touch[];
  fixed?: readonly Fixable[];
  /** Where a wall stands, metres. */
  wallX?: number;
  /** Clear height under the body when nothing touches, metres. */
  airborneM?: number;
  rootX?: number;
  /** The weight may lie outside the support: a moment of a fast movement. */
  inPassing?: boolean;
  /** A load that the body leans against: where it sits, and its mass as a share of body mass. */
  counterbalanced?: Counterbalanced;
}

export interface Counterbalanced {
  place: LoadPlace;
  share: number;
}

/** How far one wish of the placing is from being met, metres, and how that changes with each coordinate of the body. */
export interface Residual {
  value: number;
  gradient: readonly number[];
}

/** Parts that the body can only stand on: the weight has to be above them unless the pose is a passing one. */
export const standingParts: ReadonlySet<string> = new Set(['feet', 'toes', 'heels']);

/** The weight may lie so far from the middle of what it stands on, share of its half length; with a load it is kept over the middle of the foot. */
const [withinBare, withinLoaded] = [0.8, 0.3];

export function balanceResidual(
  { body, view, touches, inPassing, counterbalanced }: PlacingRequest,
  skeleton: Skeleton,
): Residual[] {
  if (inPassing || touches.length === 0) return [];
  const hanging = touches.every((t) => t.contact.part === 'grip');
  if (!hanging && touches.some((t) => t.contact.held || !standingParts.has(t.contact.part))) return [];
  const own = segmentWeights(body, skeleton);
  const weights = counterbalanced
    ? [...own, ...carried(skeleton, { place: counterbalanced.place, massKg: counterbalanced.share * body.massKg })]
    : own;
  const wholeKg = body.massKg * (1 + (counterbalanced?.share ?? 0));
  const { x } = weightedCentre(weights);
  const within = counterbalanced ? withinLoaded : withinBare;
  const reach = touches.map((t) => ({
    touch: t,
    x: pressurePoint(skeleton, t).x,
    // A bar gives no moment: who hangs has the weight right under it.
    half: hanging ? 0 : within * contactHalfLength[t.contact.part] * body.heightM,
  }));
  const low = Math.min(...reach.map((r) => r.x - r.half));
  const high = Math.max(...reach.map((r) => r.x + r.half));
  if (x >= low && x <= high) return [{ value: 0, gradient: new Array<number>(coordinates).fill(0) }];
  // Feet side by side share the edge alike, so that both sides stay the same.
  const edges = reach.filter((r) => (x < low ? r.x - r.half - low : high - r.x - r.half) < 1e-4);
  const gradient = new Array<number>(coordinates).fill(0);
  for (const { at, massKg, owner } of weights)
    addGradient(gradient, skeleton, view, at, owner.side, owner.distalTo, 'x', massKg / wholeKg);
  for (const { touch } of edges) addPressureGradient(gradient, skeleton, view, touch, -1 / edges.length);
  return [{ value: x < low ? x - low : x - high, gradient }];
}

export function contactResiduals({ body, view, touches, wallX }: PlacingRequest, skeleton: Skeleton): Residual[] {
  return touches.flatMap((touch) => {
    const { contact, side, x } = touch;
    const points = touchingPoints(skeleton, contact.part, side);
    const chains = touchingChains(contact.part);
    const thickness = restingThickness[contact.part] * body.heightM;
    const along = (axis: 'x' | 'y', value: (p: Point) => number): Residual[] =>
      points.map((p, i) => {
        const gradient = new Array<number>(coordinates).fill(0);
        addGradient(gradient, skeleton, view, p, side, chains[i] ?? [], axis, 1);
        return { value: value(p), gradient };
      });
    if (contact.surface === 'wall') {
      const wall = wallX ?? 0;
      return along('x', (p) => p.x - (wall - Math.sign(wall) * thickness));
    }
    const vertical = along('y', (p) => p.y - contact.heightM - thickness);
    if (x === undefined) return vertical;
    const gradient = new Array<number>(coordinates).fill(0);
    addTouchGradient(gradient, skeleton, view, touch, 'x', 1);
    return [...vertical, { value: middle(points).x - x, gradient }];
  });
}

function addTouchGradient(
  gradient: number[],
  skeleton: Skeleton,
  view: View,
  { contact, side }: Touch,
  axis: 'x' | 'y',
  share: number,
): void {
  const points = touchingPoints(skeleton, contact.part, side);
  const chains = touchingChains(contact.part);
  points.forEach((p, i) => {
    addGradient(gradient, skeleton, view, p, side, chains[i] ?? [], axis, share / points.length);
  });
}

function middle(points: readonly Point[]): Point {
  return {
    x: points.reduce((s, p) => s + p.x, 0) / points.length,
    y: points.reduce((s, p) => s + p.y, 0) / points.length,
  };
}

/** Middle of the points of one touch, metres. */
export function touchPoint(skeleton: Skeleton, { contact, side }: Touch): Point {
  return middle(touchingPoints(skeleton, contact.part, side));
}

/** Who stands on the toes stands on the ball of the foot, so far between heel and toe; the toes lie flat before it; common practice, no source. */
const ballOfFoot = [
  ['heel', 0.3],
  ['toe', 0.7],
] as const;

/** Where a touch presses when nothing moves its pressure, metres. */
export function pressurePoint(skeleton: Skeleton, touch: Touch): Point {
  const { contact, side } = touch;
  if (contact.part !== 'toes') return touchPoint(skeleton, touch);
  const limb = skeleton[side];
  return { x: ballOfFoot.reduce((sum, [name, share]) => sum + share * limb[name].x, 0), y: limb.toe.y };
}

function addPressureGradient(gradient: number[], skeleton: Skeleton, view: View, touch: Touch, share: number): void {
  if (touch.contact.part !== 'toes') {
    addTouchGradient(gradient, skeleton, view, touch, 'x', share);
    return;
  }
  for (const [name, part] of ballOfFoot)
    addGradient(gradient, skeleton, view, skeleton[touch.side][name], touch.side, legChain, 'x', share * part);
}
