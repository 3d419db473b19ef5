import { type ContactPart, contactHalfLength } from './contact';
import { leastStep } from './linear';
import { type PlacedBody, type Touch, touchPoint } from './placing';
import { type LimbSide, limbSides } from './pose';
import { GRAVITY } from './segments';
import type { Point, Skeleton } from './skeleton';
import {
  armChain,
  type LoadedJoint,
  legChain,
  loadedJoints,
  type Owner,
  onPelvis,
  onUpperTrunk,
  owner,
  segmentWeights,
  type Weight,
  weightedCentre,
} from './weights';

/** Where an outside load sits on the body. */
export type LoadPlace = 'hands' | 'near-hand' | 'chest' | 'back' | 'hips' | 'ankles' | 'head';

export interface CarriedLoad {
  place: LoadPlace;
  massKg: number;
}

/** A band or a hand pulling on the body; force in newtons at the hands or ankles. */
export interface Pull {
  at: 'hands' | 'near-hand' | 'ankles' | 'knees';
  forceN: Point;
}

export interface Reaction {
  /** Name of the part: hands, feet, knees, back ... */
  contact: string;
  touch: Touch;
  at: Point;
  forceN: Point;
  /** Moment that the contact area itself takes up, N m. */
  momentNm: number;
}

export interface Statics {
  reactions: Reaction[];
  /** Share of body weight carried by each named contact, vertical part. */
  shares: { contact: string; share: number }[];
  /** Moment at each joint of the harder worked side, N m, as a size without sign. */
  momentsNm: Record<LoadedJoint, number>;
  /** Signed moments of both sides; positive resists a turn that would flex the joint's distal part forwards. */
  bySide: Record<LimbSide, Record<LoadedJoint, number>>;
  centreOfMass: Point;
  /** How far the centre of pressure leaves the contact areas, metres; 0 when the pose can be held still. */
  tipM: number;
  /** Largest unbalanced force (N) or moment (N m) divided by body weight (N). */
  residual: number;
}

/** Costs that decide who carries what in a statically indeterminate pose: normal force first, friction next, local moments last. */
const normalFreedom = 1;
const frictionFreedom = 0.25;
const momentFreedom = 1e-6;

function carried(skeleton: Skeleton, load: CarriedLoad): Weight[] {
  const hand = (side: LimbSide, massKg: number): Weight => ({
    at: skeleton[side].hand,
    massKg,
    owner: owner(side, ['trunk', ...armChain]),
  });
  const ankle = (side: LimbSide): Weight => ({
    at: skeleton[side].ankle,
    massKg: load.massKg / 2,
    owner: owner(side, ['hip', 'knee']),
  });
  switch (load.place) {
    case 'hands':
      return [hand('near', load.massKg / 2), hand('far', load.massKg / 2)];
    case 'near-hand':
      return [hand('near', load.massKg)];
    case 'ankles':
      return [ankle('near'), ankle('far')];
    case 'hips':
      return [{ at: skeleton.pelvis, massKg: load.massKg, owner: onPelvis }];
    case 'head':
      return [{ at: skeleton.head, massKg: load.massKg, owner: owner('middle', ['trunk', 'neck']) }];
    default:
      return [{ at: skeleton.chest, massKg: load.massKg, owner: onUpperTrunk }];
  }
}

interface OutsideForce {
  at: Point;
  forceN: Point;
  momentNm: number;
  owner: Owner;
}

function pulls(skeleton: Skeleton, pull: Pull): OutsideForce[] {
  const sides: readonly LimbSide[] = pull.at === 'near-hand' ? ['near'] : limbSides;
  const share = 1 / sides.length;
  return sides.map((side) => {
    const limb = skeleton[side];
    const [at, distalTo]: [Point, readonly LoadedJoint[]] =
      pull.at === 'ankles'
        ? [limb.ankle, ['hip', 'knee']]
        : pull.at === 'knees'
          ? [limb.knee, ['hip']]
          : [limb.hand, ['trunk', ...armChain]];
    return {
      at,
      forceN: { x: pull.forceN.x * share, y: pull.forceN.y * share },
      momentNm: 0,
      owner: owner(side, distalTo),
    };
  });
}

function contactOwner({ contact, side }: Touch): Owner {
  switch (contact.part) {
    case 'feet':
    case 'toes':
    case 'heels':
      return owner(side, legChain);
    case 'insteps':
      return owner(side, ['hip', 'knee']);
    case 'knees':
      return owner(side, ['hip']);
    case 'hands':
    case 'grip':
      return owner(side, ['trunk', ...armChain]);
    case 'forearms':
      return owner(side, ['trunk', 'shoulder', 'elbow']);
    case 'elbows':
      return owner(side, ['trunk', 'shoulder']);
    case 'seat':
    case 'hip-side':
      return onPelvis;
    case 'head':
      return owner('middle', ['trunk', 'neck']);
    default:
      return onUpperTrunk;
  }
}

const cross = (at: Point, about: Point, f: Point) => (at.x - about.x) * f.y - (at.y - about.y) * f.x;

function jointPoint(skeleton: Skeleton, side: LimbSide, joint: LoadedJoint): Point {
  if (joint === 'neck') return skeleton.chest;
  if (joint === 'trunk') return skeleton.waist;
  return skeleton[side][joint];
}

/**
 * Support reactions and joint moments of a placed body held still (or moved slowly), with outside loads and pulls.
 *
 * Floors push up, walls push sideways, held contacts pull too, all of them with friction. Where more supports
 * than equations act, the smallest set of forces in the sense of squares is taken, pressure staying in the middle of each
 * contact: equal contacts then share equally. A body in the air is weightless: its reactions and moments are zero.
 *
 * Forces are newtons, moments newton metres, points metres.
 */
export function statics(
  placedBody: PlacedBody,
  loads: readonly CarriedLoad[] = [],
  pullList: readonly Pull[] = [],
): Statics {
  const { skeleton, body } = placedBody;
  const bodyWeightN = body.massKg * GRAVITY;
  const own = segmentWeights(body, skeleton);
  const weights = [...own, ...loads.flatMap((load) => carried(skeleton, load))];
  const centreOfMass = weightedCentre(own);
  const gravity: OutsideForce[] = weights.map((w) => ({
    at: w.at,
    forceN: { x: 0, y: -w.massKg * GRAVITY },
    momentNm: 0,
    owner: w.owner,
  }));
  const acting = placedBody.airborne ? [] : [...gravity, ...pullList.flatMap((p) => pulls(skeleton, p))];
  const { reactions, tipM } = supportReactions(placedBody, acting);
  const all: OutsideForce[] = [
    ...acting,
    ...reactions.map((r) => ({ at: r.at, forceN: r.forceN, momentNm: r.momentNm, owner: contactOwner(r.touch) })),
  ];
  const bySide = { near: sideMoments(skeleton, 'near', all), far: sideMoments(skeleton, 'far', all) };
  const momentsNm = Object.fromEntries(
    loadedJoints.map((j) => [j, Math.max(Math.abs(bySide.near[j]), Math.abs(bySide.far[j]))]),
  ) as Record<LoadedJoint, number>;
  return {
    reactions,
    shares: namedShares(reactions, bodyWeightN),
    momentsNm,
    bySide,
    centreOfMass,
    tipM,
    residual: unbalanced(all, centreOfMass) / bodyWeightN,
  };
}

function unbalanced(forces: readonly OutsideForce[], about: Point): number {
  const x = forces.reduce((s, f) => s + f.forceN.x, 0);
  const y = forces.reduce((s, f) => s + f.forceN.y, 0);
  const m = forces.reduce((s, f) => s + cross(f.at, about, f.forceN) + f.momentNm, 0);
  return Math.max(Math.abs(x), Math.abs(y), Math.abs(m));
}

function sideMoments(skeleton: Skeleton, side: LimbSide, forces: readonly OutsideForce[]) {
  const moment = (joint: LoadedJoint) => {
    const about = jointPoint(skeleton, side, joint);
    const shared = joint === 'trunk' || joint === 'neck';
    return forces.reduce((sum, f) => {
      const counts = f.owner.distalTo.includes(joint) && (shared || f.owner.side === side);
      return counts ? sum + cross(f.at, about, f.forceN) + f.momentNm : sum;
    }, 0);
  };
  return Object.fromEntries(loadedJoints.map((j) => [j, moment(j)])) as Record<LoadedJoint, number>;
}

/** Contacts of both sides in one place are one name; apart they are told by "front" and "rear". */
function namedShares(reactions: readonly Reaction[], bodyWeightN: number) {
  const shares = new Map<string, number>();
  for (const r of reactions) {
    shares.set(r.contact, (shares.get(r.contact) ?? 0) + r.forceN.y / bodyWeightN);
  }
  return [...shares].map(([contact, share]) => ({ contact, share }));
}

/** Names that a coach would use: whatever part of the foot it is, it is the feet. */
const spokenNames: Partial<Record<ContactPart, string>> = {
  toes: 'feet',
  heels: 'feet',
  insteps: 'feet',
  grip: 'hands',
  elbows: 'forearms',
};

function contactNames(touches: readonly Touch[], at: readonly Point[], apartM: number): string[] {
  return touches.map((touch, i) => {
    const twin = touches.findIndex((t) => t.contact.part === touch.contact.part && t.side !== touch.side);
    const name = spokenNames[touch.contact.part] ?? touch.contact.part;
    if (twin < 0) return name;
    const distance = (at[i] as Point).x - (at[twin] as Point).x;
    if (Math.abs(distance) < apartM) return name;
    return `${distance > 0 ? 'front' : 'rear'} ${name}`;
  });
}

function supportReactions(
  placedBody: PlacedBody,
  acting: readonly OutsideForce[],
): { reactions: Reaction[]; tipM: number } {
  const { skeleton, touches, body, view } = placedBody;
  if (touches.length === 0) return { reactions: [], tipM: 0 };
  const points = touches.map((t) => touchPoint(skeleton, t));
  const about = points[0] as Point;
  const target = [
    -acting.reduce((s, f) => s + f.forceN.x, 0),
    -acting.reduce((s, f) => s + f.forceN.y, 0),
    -acting.reduce((s, f) => s + cross(f.at, about, f.forceN) + f.momentNm, 0),
  ];
  const onWall = touches.map((t) => t.contact.surface === 'wall');
  let active = touches.map((_, i) => i);
  let forces: number[] = [];
  for (;;) {
    const rows = equilibriumRows(
      active.map((i) => points[i] as Point),
      about,
    );
    const freedom = active.flatMap((i) =>
      onWall[i] ? [normalFreedom, frictionFreedom, momentFreedom] : [frictionFreedom, normalFreedom, momentFreedom],
    );
    forces = refined(rows, target, freedom);
    const lifting = active
      .map((i, k) => ({
        i,
        push: pushOf(touches[i] as Touch, placedBody, forces[3 * k] as number, forces[3 * k + 1] as number),
      }))
      .filter(({ i, push }) => !(touches[i] as Touch).contact.held && push < -1e-9)
      .sort((a, b) => a.push - b.push)[0];
    if (!lifting || active.length === 1) break;
    active = active.filter((i) => i !== lifting.i);
  }
  const names = contactNames(touches, points, 0.1 * body.heightM);
  const lengthShare = view === 'front' ? 0.6 : 1;
  let tipM = 0;
  const reactions = active.map((i, k) => {
    const touch = touches[i] as Touch;
    const forceN = { x: forces[3 * k] as number, y: forces[3 * k + 1] as number };
    const momentNm = forces[3 * k + 2] as number;
    const half = contactHalfLength[touch.contact.part] * body.heightM * lengthShare;
    const size = Math.hypot(forceN.x, forceN.y);
    if (!touch.contact.held && size > 1) tipM = Math.max(tipM, Math.abs(momentNm) / size - half);
    return { contact: names[i] as string, touch, at: points[i] as Point, forceN, momentNm };
  });
  return { reactions, tipM: Math.max(0, tipM) };
}

function pushOf(touch: Touch, { wallX }: PlacedBody, x: number, y: number): number {
  return touch.contact.surface === 'wall' ? -Math.sign(wallX ?? 1) * x : y;
}

function equilibriumRows(points: readonly Point[], about: Point): number[][] {
  const rows: number[][] = [[], [], []];
  for (const p of points) {
    rows[0]?.push(1, 0, 0);
    rows[1]?.push(0, 1, 0);
    rows[2]?.push(-(p.y - about.y), p.x - about.x, 1);
  }
  return rows;
}

/** One step of iterative refinement brings the equilibrium residual down to rounding error. */
function refined(rows: readonly number[][], target: readonly number[], freedom: readonly number[]): number[] {
  const first = leastStep(rows, target, freedom, 0);
  const left = target.map((t, i) => t - (rows[i] as number[]).reduce((s, a, k) => s + a * (first[k] as number), 0));
  const correction = leastStep(rows, left, freedom, 0);
  return first.map((f, k) => f + (correction[k] as number));
}
