import {
  type Contact,
  contactHalfLength,
  restingThickness,
  sidesOf,
  type Touch,
  touchingChains,
  touchingPoints,
} from './contact';
import { carried, type LoadPlace } from './external-forces';
import { addGradient, coordinates } from './gradient';
import { minStep } from './linear';
import { flattened, humanRange, type LimbAngles, limbAngles, type Pose, unflattened, type View } from './pose';
import type { ScaledBody } from './segments';
import { type Point, pointsOf, type Skeleton, skeletonOf } from './skeleton';
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

export interface PlacedBody {
  body: ScaledBody;
  view: View;
  pose: Pose;
  skeleton: Skeleton;
  touches: readonly Touch[];
  wallX?: number;
  airborne: boolean;
  /** A moment of a fast movement: what would tip over is falling or speeding up. */
  inPassing: boolean;
  counterbalanced?: Counterbalanced;
  /** Largest distance between a contact and what it should touch, metres. */
  missM: number;
}

/**
 * How readily each joint gives way when a contact has to be reached: wrists and ankles first, knees and elbows last.
 * Order as in `flattened`, after the two coordinates of the pelvis.
 */
const limbFreedom = { shoulder: 0.6, elbow: 0.12, wrist: 2, hip: 0.4, knee: 0.12, ankle: 2 };

function freedoms(fixed: readonly Fixable[]): number[] {
  const free = (name: Fixable, value: number) => (fixed.includes(name) ? 0 : value);
  const limb = limbAngles.map((name) => free(name, limbFreedom[name]));
  return [100, 100, free('lean', 1), free('trunk', 0.02), 0, ...limb, ...limb];
}

const degree = Math.PI / 180;
const iterations = 40;
const closeEnoughM = 1e-6;
/** What cannot be reached is given up after so many steps that bring nothing. */
const idleIterations = 8;

const sideLimits: [number, number][] = [
  [-Infinity, Infinity],
  humanRange.trunk,
  humanRange.neck,
  ...[0, 1].flatMap(() => limbAngles.map((name) => humanRange[name])),
];
/** Seen from the front or from above, angles are projections and may take any value. */
const limitsOf: Record<View, [number, number][]> = { side: sideLimits, front: [], above: [] };

/** How far one wish of the placing is from being met, metres, and how that changes with each coordinate of the body. */
interface Residual {
  value: number;
  gradient: readonly number[];
}

/** Parts that the body can only stand on: the weight has to be above them unless the pose is a passing one. */
export const standingParts: ReadonlySet<string> = new Set(['feet', 'toes', 'heels']);

/** The weight may lie so far from the middle of what it stands on, share of its half length; with a load it is kept over the middle of the foot. */
const [withinBare, withinLoaded] = [0.8, 0.3];

function balanceResidual(
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

function contactResiduals({ body, view, touches, wallX }: PlacingRequest, skeleton: Skeleton): Residual[] {
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

/** A contact written once for both sides as one touch a side. */
export function touchesOf(contacts: readonly Contact[]): Touch[] {
  return contacts.flatMap((contact) => sidesOf(contact).map((side) => ({ contact, side })));
}

/**
 * Puts a body down so that what must touch, touches: damped Gauss-Newton with the least change of the written joint angles.
 * Without contacts the body hangs in the air with `airborneM` under its lowest point.
 * Seen from above nothing is moved: the feet stand where they are written.
 * `missM` tells how far the worst contact stays away (0 to working precision when it can be reached).
 */
export function placed(request: PlacingRequest): PlacedBody {
  const { body, view, touches, wallX } = request;
  const freedom = freedoms(request.fixed ?? []);
  let state = [request.rootX ?? 0, body.heightM * 0.5, ...flattened(request.pose).map((a) => a * degree)];
  const skeletonAt = (v: readonly number[]) =>
    skeletonOf(body, unflattened(v.slice(2).map((a) => a / degree)), view, { x: v[0] as number, y: v[1] as number });

  if (view === 'above') {
    state[1] = 0;
  } else if (touches.length === 0) {
    const lowest = Math.min(...pointsOf(skeletonAt(state)).map((p) => p.y));
    state[1] = (state[1] as number) - lowest + (request.airborneM ?? 0);
  } else {
    let [least, idle] = [Infinity, 0];
    for (let i = 0; i < iterations && idle < idleIterations; i++) {
      const skeleton = skeletonAt(state);
      const now = [...contactResiduals(request, skeleton), ...balanceResidual(request, skeleton)];
      const worst = now.reduce((most, r) => Math.max(most, Math.abs(r.value)), 0);
      if (worst < closeEnoughM) break;
      idle = worst < 0.99 * least ? 0 : idle + 1;
      least = Math.min(least, worst);
      state = limited(addStep(state, now, freedom), limitsOf[view]);
    }
  }
  const skeleton = skeletonAt(state);
  const misses = view === 'above' ? [] : contactResiduals(request, skeleton).map((r) => Math.abs(r.value));
  return {
    body,
    view,
    pose: unflattened(state.slice(2).map((a) => a / degree)),
    skeleton,
    touches,
    ...(wallX === undefined ? {} : { wallX }),
    airborne: touches.length === 0,
    inPassing: request.inPassing ?? false,
    ...(request.counterbalanced ? { counterbalanced: request.counterbalanced } : {}),
    missM: Math.max(0, ...misses),
  };
}

function addStep(state: readonly number[], residuals: readonly Residual[], freedom: readonly number[]): number[] {
  const step = minStep(
    residuals.map((r) => r.gradient),
    residuals.map((r) => -r.value),
    freedom,
    1e-9,
  );
  const longest = Math.max(...step.slice(2).map(Math.abs), 1e-12);
  const scale = Math.min(1, 0.5 / longest);
  return state.map((v, k) => v + scale * (step[k] as number));
}

/** Keeps joints inside human range while the placing bends them. */
function limited(state: number[], limits: readonly [number, number][]): number[] {
  return state.map((v, k) => {
    const limit = limits[k - 2];
    return limit ? Math.min(Math.max(v, limit[0] * degree), limit[1] * degree) : v;
  });
}
