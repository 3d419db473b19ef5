import type { ContactPart } from '../body/contact';
import type { PlacedBody } from '../body/placing';
import { type LimbAngles, type LimbSide, limbSides } from '../body/pose';

/** Largest joint angles over the way of a movement, degrees. What a view does not show is left out. */
export interface MovementAngles {
  /** Of a leg that carries, and of either leg. */
  kneeLoaded: number;
  knee: number;
  hip?: number;
  /** How far a leg is led out to the side. */
  hipOut?: number;
  /** How far the arm is raised, forwards or sideways; only forwards and upwards for arms that a view from above does not show. */
  armRaised?: number;
  /** How far the upper arm is led behind the trunk. */
  armBehind?: number;
  /** Of a leg that carries: shin over foot. */
  ankle: number;
  /** Of a hand that carries: bent back. */
  wristLoaded: number;
  trunkBent?: number;
  trunkTurned?: number;
  /** Hip bent with a straight knee: how far the hamstrings are drawn out. */
  hamstring?: number;
}

export const handParts: ReadonlySet<ContactPart> = new Set(['hands', 'palms', 'fingertips']);
const legParts: ReadonlySet<ContactPart> = new Set(['feet', 'toes', 'heels', 'insteps', 'knees']);

interface LimbAt {
  angles: LimbAngles;
  /** The foot, shin or knee of this side rests on something. */
  carries: boolean;
  handCarries: boolean;
}

function limbsAt({ pose, touches }: PlacedBody): LimbAt[] {
  const on = (side: LimbSide, parts: ReadonlySet<ContactPart>) =>
    touches.some((touch) => touch.side === side && parts.has(touch.contact.part));
  return limbSides.map((side) => ({
    angles: pose[side],
    carries: on(side, legParts),
    handCarries: on(side, handParts),
  }));
}

const largest = (values: readonly number[]) => Math.max(0, ...values);

/** Angles of the carrying and of either limb over the way; see `MovementAngles`. */
export function anglesOf(frames: readonly PlacedBody[]): MovementAngles {
  const limbs = frames.flatMap(limbsAt);
  const carrying = limbs.filter((l) => l.carries);
  const view = frames[0]?.view;
  if (view === 'above') {
    const turned = largest(frames.map(({ pose }) => Math.abs(pose.trunk) + Math.abs(pose.lean) / 2));
    return { kneeLoaded: 0, knee: 0, ankle: 0, wristLoaded: 0, trunkTurned: turned };
  }
  const shared = {
    kneeLoaded: largest(carrying.map((l) => l.angles.knee)),
    knee: largest(limbs.map((l) => l.angles.knee)),
    ankle: largest(carrying.map((l) => l.angles.ankle)),
    armRaised: largest(limbs.map((l) => l.angles.shoulder)),
    wristLoaded: 0,
  };
  if (view === 'front') return { ...shared, hipOut: largest(limbs.map((l) => l.angles.hip)) };
  return {
    ...shared,
    hip: largest(limbs.map((l) => l.angles.hip)),
    armBehind: largest(limbs.map((l) => -l.angles.shoulder)),
    wristLoaded: largest(limbs.filter((l) => l.handCarries).map((l) => l.angles.wrist)),
    trunkBent: largest(frames.map((f) => f.pose.trunk)),
    hamstring: largest(limbs.map((l) => l.angles.hip - l.angles.knee)),
  };
}
