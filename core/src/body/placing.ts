import { type Contact, contactHalfLength, restingThickness, sidesOf, touchingPoints } from './contact';
import { leastStep } from './linear';
import {
  flattened,
  humanRange,
  type LimbAngles,
  type LimbSide,
  limbAngles,
  type Pose,
  unflattened,
  type View,
} from './pose';
import type { ScaledBody } from './segments';
import { type Point, pointsOf, type Skeleton, skeletonOf } from './skeleton';
import { segmentWeights, weightedCentre } from './weights';

/** Joints an author may forbid the placing to move. */
export type Fixable = keyof LimbAngles | 'lean' | 'trunk';

/** What must touch where; `x` in metres, left out where the pose itself decides. */
export interface Touch {
  contact: Contact;
  side: LimbSide;
  x?: number;
}

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

const sideLimits: [number, number][] = [
  [-Infinity, Infinity],
  humanRange.trunk,
  humanRange.neck,
  ...[0, 1].flatMap(() => limbAngles.map((name) => humanRange[name])),
];
/** Seen from the front or from above, angles are projections and may take any value. */
const limitsOf: Record<View, [number, number][]> = { side: sideLimits, front: [], above: [] };

function residuals(request: PlacingRequest, skeleton: Skeleton): number[] {
  return [...contactResiduals(request, skeleton), ...balanceResidual(request, skeleton)];
}

/** Parts that the body can only stand on: the weight has to be above them unless the pose is a passing one. */
export const standingParts: ReadonlySet<string> = new Set(['feet', 'toes', 'heels']);

function balanceResidual({ body, touches, inPassing }: PlacingRequest, skeleton: Skeleton): number[] {
  if (inPassing || touches.length === 0) return [];
  if (touches.some((t) => t.contact.held || !standingParts.has(t.contact.part))) return [];
  const { x } = weightedCentre(segmentWeights(body, skeleton));
  const reach = touches.map((t) => ({
    x: touchPoint(skeleton, t).x,
    half: 0.8 * contactHalfLength[t.contact.part] * body.heightM,
  }));
  const low = Math.min(...reach.map((r) => r.x - r.half));
  const high = Math.max(...reach.map((r) => r.x + r.half));
  return [x < low ? x - low : x > high ? x - high : 0];
}

function contactResiduals(request: PlacingRequest, skeleton: Skeleton): number[] {
  const height = request.body.heightM;
  return request.touches.flatMap(({ contact, side, x }) => {
    const points = touchingPoints(skeleton, contact.part, side);
    const thickness = restingThickness[contact.part] * height;
    if (contact.surface === 'wall') {
      const wall = request.wallX ?? 0;
      return points.map((p) => p.x - (wall - Math.sign(wall) * thickness));
    }
    const vertical = points.map((p) => p.y - contact.heightM - thickness);
    return x === undefined ? vertical : [...vertical, middle(points).x - x];
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
    for (let i = 0; i < iterations; i++) {
      const now = residuals(request, skeletonAt(state));
      if (Math.max(...now.map(Math.abs)) < closeEnoughM) break;
      state = limited(
        addStep(state, now, freedom, (v) => residuals(request, skeletonAt(v))),
        limitsOf[view],
      );
    }
  }
  const skeleton = skeletonAt(state);
  const misses = view === 'above' ? [] : contactResiduals(request, skeleton).map(Math.abs);
  return {
    body,
    view,
    pose: unflattened(state.slice(2).map((a) => a / degree)),
    skeleton,
    touches,
    ...(wallX === undefined ? {} : { wallX }),
    airborne: touches.length === 0,
    inPassing: request.inPassing ?? false,
    missM: Math.max(0, ...misses),
  };
}

function addStep(
  state: readonly number[],
  now: readonly number[],
  freedom: readonly number[],
  evaluate: (v: readonly number[]) => number[],
): number[] {
  const nudge = 1e-6;
  const columns = state.map((_, k) => {
    if (freedom[k] === 0) return now.map(() => 0);
    const moved = evaluate(state.map((v, i) => (i === k ? v + nudge : v)));
    return moved.map((r, i) => (r - (now[i] as number)) / nudge);
  });
  const rows = now.map((_, i) => columns.map((column) => column[i] as number));
  const step = leastStep(
    rows,
    now.map((r) => -r),
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
