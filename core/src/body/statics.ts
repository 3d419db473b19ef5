import type { ContactPart } from './contact';
import { type CarriedLoad, carried, contactOwner, type OutsideForce, type Pull, pulled } from './external-forces';
import { acrossMoments, type SideOnMoment } from './frontal-moments';
import { type LoadedJoint, loadedJoints } from './loaded-joints';
import type { Moments } from './moment-names';
import type { PlacedBody } from './placing';
import { standingParts } from './placing-residuals';
import type { LimbSide, View } from './pose';
import { GRAVITY, type ScaledBody } from './segments';
import { jointPoint, type Point, type Skeleton } from './skeleton';
import { cross, type Reaction, sumOf, supportReactions } from './support';
import { segmentWeights, type Weight, weightedCentre } from './weights';

export interface Statics {
  reactions: Reaction[];
  /** Share of body weight carried by each named contact, vertical part. */
  shares: { contact: string; share: number }[];
  /** Moments of the harder worked side, N m, as sizes without sign. */
  momentsNm: Moments;
  /** Signed moments of both sides; positive resists a turn that would flex the joint's distal part forwards. */
  bySide: Record<LimbSide, Record<LoadedJoint, number>>;
  centreOfMass: Point;
  /** How far the centre of pressure leaves the contact areas, metres; 0 when the pose can be held still. */
  tipM: number;
  /** Largest unbalanced force (N) or moment (N m) divided by body weight (N). */
  residual: number;
}

/**
 * Support reactions and joint moments of a placed body held still (or moved slowly), with outside loads and pulls.
 *
 * Bending moments lie in the drawn plane. In the side view, moments across it come from how far shoulders and hips stand to the sides
 * (`across.ts`); seen from the front, bending of trunk and hip is side bending; seen from above, gravity does nothing and the trunk's moment is its turn.
 * How statically indeterminate supports share the load is said at `supportReactions`. A body in the air is weightless: all is zero.
 *
 * Forces are newtons, moments newton metres, points metres.
 *
 * @example statics(placedVariant(pushUp, body)[0]).shares // [{ contact: 'feet', share: 0.33 }, { contact: 'hands', share: 0.67 }]
 */
export function statics(
  placedBody: PlacedBody,
  loads: readonly CarriedLoad[] = [],
  pulls: readonly Pull[] = [],
): Statics {
  const { skeleton, body, view } = placedBody;
  const bodyWeightN = body.massKg * GRAVITY;
  const own = segmentWeights(body, skeleton);
  const weights = [...own, ...loads.flatMap((load) => carried(skeleton, load))];
  const centreOfMass = weightedCentre(own);
  const gravityN = view === 'above' ? 0 : GRAVITY;
  const gravity: OutsideForce[] = weights.map((w) => ({
    at: w.at,
    forceN: { x: 0, y: -w.massKg * gravityN },
    momentNm: 0,
    owner: w.owner,
  }));
  const still = placedBody.airborne ? [] : [...gravity, ...pulls.map((p) => pulled(skeleton, p))];
  const acting = placedBody.inPassing ? withInertia(placedBody, weights, still, centreOfMass) : still;
  const { reactions, tipM } = supportReactions(placedBody, acting, centreOfMass);
  const supporting: OutsideForce[] = reactions.map((r) => ({
    at: r.at,
    forceN: r.forceN,
    momentNm: r.momentNm,
    owner: contactOwner(r.touch),
  }));
  const all = [...acting, ...supporting];
  const bySide = momentsBySide(skeleton, all);
  const bending = noMoments();
  for (const joint of loadedJoints)
    bending[joint] = Math.max(Math.abs(bySide.near[joint]), Math.abs(bySide.far[joint]));
  if (body.elbowsOutM > 0)
    bending.shoulder = Math.hypot(bending.shoulder, armsAcross(body, [...still.slice(own.length), ...supporting]));
  const across = acrossMoments(placedBody, acting, supporting);
  return {
    reactions,
    shares: namedShares(reactions, bodyWeightN),
    momentsNm: named(bending, view, across, gripMoment(still.slice(own.length), reactions, body)),
    bySide,
    centreOfMass,
    tipM,
    residual: unbalanced(all, centreOfMass) / bodyWeightN,
  };
}

/**
 * A body that would tip over is speeding up instead: every mass answers with a sideways force of its own (d'Alembert), just large enough
 * that the ground need not hold it by a moment.
 */
function withInertia(
  placedBody: PlacedBody,
  weights: readonly Weight[],
  acting: readonly OutsideForce[],
  centre: Point,
): readonly OutsideForce[] {
  const { reactions, tipM } = supportReactions(placedBody, acting, centre);
  if (tipM === 0 || !reactions.every((r) => standingParts.has(r.touch.contact.part))) return acting;
  const held = reactions.reduce((sum, r) => sum + r.momentNm, 0);
  const groundY = Math.min(...reactions.map((r) => r.at.y));
  const lever = weights.reduce((sum, w) => sum + w.massKg * (w.at.y - groundY), 0);
  if (lever < 1e-6) return acting;
  const accelerationMs2 = -held / lever;
  return [
    ...acting,
    ...weights.map((w) => ({
      at: w.at,
      forceN: { x: w.massKg * accelerationMs2, y: 0 },
      momentNm: 0,
      owner: w.owner,
    })),
  ];
}

/** With the elbows out the forearms lean back in: the hands are so much less far out; common practice, no source. */
const handsOut = 0.3;

/** What the force at a hand turns the shoulder by across the drawn plane where the elbows stand out, N m, the harder worked side. */
function armsAcross({ elbowsOutM }: ScaledBody, forces: readonly OutsideForce[]): number {
  const sum = { near: { x: 0, y: 0 }, far: { x: 0, y: 0 } };
  for (const { forceN, owner } of forces)
    if (owner.side !== 'middle' && owner.distalTo.includes('wrist')) {
      sum[owner.side].x += forceN.x;
      sum[owner.side].y += forceN.y;
    }
  return handsOut * elbowsOutM * Math.max(Math.hypot(sum.near.x, sum.near.y), Math.hypot(sum.far.x, sum.far.y));
}

/** What is held pulls at the middle of the fingers, this far from the knuckles, share of height; common practice, no source. */
const fingerLever = 0.026;
/** A bar that one hangs from lies nearer to the knuckles, hooked: this much of that lever; common practice, no source. */
const hookedLever = 0.85;
/** How much of that lever a contact loads: fingertips that are stood on bend the fingers as far from the knuckles as a grip does. */
const fingerWork: Partial<Record<ContactPart, number>> = { grip: hookedLever, fingertips: 1 };

/** The moment at the knuckles of the harder working hand: everything it carries, is pulled by, or hangs from. */
function gripMoment(loads: readonly OutsideForce[], reactions: readonly Reaction[], { heightM }: ScaledBody): number {
  const held = { near: 0, far: 0 };
  for (const { forceN, owner } of loads)
    if (owner.side !== 'middle' && owner.distalTo.includes('wrist')) held[owner.side] += Math.hypot(forceN.x, forceN.y);
  for (const { touch, forceN } of reactions)
    held[touch.side] += (fingerWork[touch.contact.part] ?? 0) * Math.hypot(forceN.x, forceN.y);
  return Math.max(held.near, held.far) * fingerLever * heightM;
}

/** What a bending moment of the drawn plane is called, by the view. A turning forearm turns the upper arm about its length. */
function named(
  bending: Record<LoadedJoint, number>,
  view: View,
  across: Record<SideOnMoment, number>,
  grip: number,
): Moments {
  const { neck, shoulder, elbow, wrist, trunk, hip, knee, ankle } = bending;
  const side = view === 'side';
  return {
    neck,
    shoulder,
    elbow,
    wrist,
    trunk: side ? trunk : 0,
    hip: side ? hip : 0,
    knee,
    ankle,
    'trunk-side': side ? across['trunk-side'] : view === 'front' ? trunk : 0,
    'trunk-twist': side ? across['trunk-twist'] : view === 'above' ? trunk : 0,
    'hip-side': side ? across['hip-side'] : view === 'front' ? hip : 0,
    'shoulder-turn': elbow,
    grip,
  };
}

function unbalanced(forces: readonly OutsideForce[], about: Point): number {
  const [x, y, m] = sumOf(forces, about);
  return Math.max(Math.abs(x), Math.abs(y), Math.abs(m));
}

const noMoments = (): Record<LoadedJoint, number> => ({
  neck: 0,
  shoulder: 0,
  elbow: 0,
  wrist: 0,
  trunk: 0,
  hip: 0,
  knee: 0,
  ankle: 0,
});

/** Every force turns the joints that have it on their far end; trunk and neck are one for both sides. */
function momentsBySide(skeleton: Skeleton, forces: readonly OutsideForce[]) {
  const bySide = { near: noMoments(), far: noMoments() };
  for (const { at, forceN, momentNm, owner } of forces) {
    const side = owner.side === 'far' ? 'far' : 'near';
    for (const joint of owner.distalTo) {
      const turn = cross(at, jointPoint(skeleton, side, joint), forceN) + momentNm;
      if (joint === 'trunk' || joint === 'neck') {
        bySide.near[joint] += turn;
        bySide.far[joint] += turn;
      } else if (owner.side !== 'middle') bySide[side][joint] += turn;
    }
  }
  return bySide;
}

/** Contacts of both sides in one place are one share. */
function namedShares(reactions: readonly Reaction[], bodyWeightN: number) {
  const shares = new Map<string, number>();
  for (const r of reactions) {
    shares.set(r.contact, (shares.get(r.contact) ?? 0) + r.forceN.y / bodyWeightN);
  }
  return [...shares].map(([contact, share]) => ({ contact, share }));
}
