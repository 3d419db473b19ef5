import { type Contact, sidesOf, type Touch } from './contact';
import { minStep } from './linear';
import {
  balanceResidual,
  type Counterbalanced,
  contactResiduals,
  type Fixable,
  type PlacingRequest,
  type Residual,
} from './placing-residuals';
import { flattened, humanRange, limbAngles, type Pose, unflattened, type View } from './pose';
import type { ScaledBody } from './segments';
import { pointsOf, type Skeleton, skeletonOf } from './skeleton';

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
