import type { Keyframe } from '../body/motion';
import { between } from '../body/pose';
import { referenceBody, type ScaledBody, scaledBody } from '../body/segments';
import type { Dose, Tempo } from '../dose/dose';
import { keptOf, placedVariant } from '../exercise/mechanics/placed';
import { contactsInSet } from '../exercise/model/contacts';
import type { Variant } from '../exercise/model/variant';
import type { BlockKind, JointAction } from '../exercise/model/vocabulary';
import { type CombinedChange, combined, type Limit } from './limit';
import { anglesOf, type MovementAngles } from './movement-angles';
import type { RangeJoint } from './rule';

/** Statures between which a range must hold: angles change little with size, and most at its ends. */
const statures: readonly ScaledBody[] = [
  referenceBody,
  scaledBody({ heightCm: 150, massKg: 48, sex: 'female' }),
  scaledBody({ heightCm: 200, massKg: 95, sex: 'male' }),
];
/** The range is aimed at so much inside what is allowed, degrees; what is left of the way must be at least this share to be worth doing. */
const [insideDegrees, minWay] = [2, 0.15];
/** Tries at a smaller way before an exercise is left out. */
const tries = 8;

/** How far a movement goes in a joint, degrees; of the leg that carries where one does. */
export function reachOf(angles: MovementAngles, joint: RangeJoint): number {
  if (joint === 'knee') return angles.kneeLoaded || angles.knee;
  return angles[joint] ?? 0;
}

const reachIn = (variant: Variant, frame: number, body: ScaledBody, joint: RangeJoint) =>
  reachOf(anglesOf(placedVariant(variant, body).slice(frame, frame + 1)), joint);

type Range = CombinedChange['range'];

/** By how many degrees a frame leaves the range, in the joint and on the body where it is worst; negative inside. */
function excess(variant: Variant, frame: number, range: Range, bodies = statures): number {
  const joints = Object.entries(range) as [RangeJoint, number][];
  return Math.max(...bodies.flatMap((body) => joints.map(([joint, to]) => reachIn(variant, frame, body, joint) - to)));
}

const samePlaces = (a: Keyframe, b: Keyframe) => a.on.join() === b.on.join();

/** A frame moved so far back towards another one of the same movement. */
function movedBack(variant: Variant, frame: number, towards: number, share: number): Variant {
  const placed = placedVariant(variant, referenceBody);
  const [from, to] = [placed[towards], placed[frame]];
  const [home, there] = [variant.keyframes[towards] as Keyframe, variant.keyframes[frame] as Keyframe];
  if (!from || !to) return variant;
  const shift = there.shift === undefined ? {} : { shift: there.shift * share };
  // It stands where the other one stands.
  const keyframe = { ...home, name: there.name, change: between(from.pose, to.pose, share), ...shift };
  return { ...variant, keyframes: variant.keyframes.with(frame, keyframe) };
}

/** The movement with every frame that leaves the range moved back into it, or nothing where it cannot. */
function withinRange(variant: Variant, range: Range): Variant | undefined {
  let now = variant;
  for (const frame of variant.keyframes.keys()) {
    if (excess(now, frame, range) <= 0) continue;
    const home = homeOf(now, frame, range);
    if (home === undefined) return undefined;
    const [there, back] = [excess(now, frame, range, [referenceBody]), excess(now, home, range, [referenceBody])];
    let share = (-back - insideDegrees) / Math.max(1, there - back);
    let tried: Variant | undefined;
    for (let i = 0; i < tries && share >= minWay && !tried; i += 1, share *= 0.85) {
      const trial = movedBack(now, frame, home, share);
      if (excess(trial, frame, range) <= 0) tried = trial;
    }
    if (!tried) return undefined;
    now = tried;
  }
  return now;
}

/** The nearest frame inside the range, in front of it first. */
function homeOf(variant: Variant, frame: number, range: Range): number | undefined {
  const others = [...variant.keyframes.keys()]
    .filter((i) => i !== frame && !variant.keyframes[i]?.airborne)
    .sort((a, b) => Math.abs(a - frame) - Math.abs(b - frame) || a - b);
  return others.find((i) => excess(variant, i, range) <= -insideDegrees);
}

/** So much of the way from the first frame on; nothing where feet or hands change place meanwhile. */
function partOfWay(variant: Variant, share: number): Variant | undefined {
  if (share >= 1 || variant.keyframes.length < 2) return variant;
  let now = variant;
  for (const frame of variant.keyframes.keys()) {
    const [first, there] = [variant.keyframes[0] as Keyframe, variant.keyframes[frame] as Keyframe];
    if (frame === 0 || there === first) continue;
    if (!samePlaces(first, there)) return undefined;
    now = movedBack(now, frame, 0, share);
  }
  return now;
}

/** Held still half-way. */
function heldAtMid(variant: Variant, hold: NonNullable<CombinedChange['hold']>): Variant | undefined {
  const { dose } = variant;
  if (dose.work.kind === 'hold') return { ...variant, dose: capped(dose, hold.seconds) };
  // Where hands or feet change place on the way, the last position is the one that is held.
  const half = partOfWay(variant, 0.5) ?? { ...variant, keyframes: variant.keyframes.slice(-1) };
  const { tempo: _, reserve: __, ...rest } = dose;
  return {
    ...half,
    speed: 'slow',
    jointActions: variant.jointActions.map((a): JointAction => ({ ...a, regime: 'holding' })),
    dose: { ...rest, sets: Math.min(hold.sets, 5), work: { kind: 'hold', seconds: hold.seconds } },
  };
}

const slowTempo = { lowering: 3, bottom: 0, rising: 3, top: 0 } as const;
const slowBlocks: Partial<Record<BlockKind, BlockKind>> = { power: 'strength', finisher: 'strength' };

function slowed(tempo: Tempo | undefined): Tempo {
  if (!tempo) return slowTempo;
  return {
    ...tempo,
    lowering: Math.max(3, tempo.lowering),
    rising: tempo.rising === 'X' ? 3 : Math.max(2, tempo.rising),
  };
}

/** Slow instead of fast; what only exists fast is left out. */
function slowly(variant: Variant): Variant | undefined {
  const { dose } = variant;
  if (variant.impactContacts > 0 || dose.work.kind === 'contacts') return undefined;
  if (variant.keyframes.some((k) => k.airborne || k.inPassing)) return undefined;
  const counted = dose.work.kind === 'reps' ? { tempo: slowed(dose.tempo) } : {};
  return {
    ...variant,
    speed: 'slow',
    blocks: [...new Set(variant.blocks.map((block) => slowBlocks[block] ?? block))],
    jointActions: variant.jointActions.map(
      (a): JointAction => (a.regime === 'stretch-shortening' ? { ...a, regime: 'shortening' } : a),
    ),
    dose: { ...dose, ...counted },
  };
}

function capped(dose: Dose, holdAtMost: number | undefined): Dose {
  if (holdAtMost === undefined || dose.work.kind !== 'hold') return dose;
  return { ...dose, work: { kind: 'hold', seconds: Math.min(dose.work.seconds, holdAtMost) } };
}

/** Weights that take both hands. */
const bothHands: ReadonlySet<string> = new Set(['hands', 'chest', 'head']);

function carriedOut(variant: Variant, change: CombinedChange): Variant | undefined {
  if (change.instead) return undefined;
  const weight = variant.load?.source === 'weight' ? variant.load.place : undefined;
  const emptyHands = change.handSupport && weight !== undefined && bothHands.has(weight);
  if ((change.load === 0 || emptyHands) && variant.load?.required) return undefined;
  if (change.contacts !== undefined && contactsInSet(variant, variant.dose) > change.contacts) return undefined;
  let now: Variant | undefined = variant;
  if (change.slow) now = slowly(now);
  if (now && change.rangeShare < 1 && now.dose.work.kind !== 'hold') now = partOfWay(now, change.rangeShare);
  if (now && Object.keys(change.range).length > 0) now = withinRange(now, change.range);
  if (now && change.hold) now = heldAtMid(now, change.hold);
  if (!now) return undefined;
  const { load, ...bare } = now;
  const dose = capped(now.dose, change.holdAtMost);
  return {
    ...(change.load === 0 || emptyHands ? bare : now),
    dose: change.onlySide ? { ...dose, perSide: false } : dose,
    adapted: {
      say: change.say,
      load: change.load,
      ...(change.onlySide ? { onlySide: change.onlySide } : {}),
      ...(change.slow && variant.speed === 'fast' ? { slowed: true } : {}),
    },
  };
}

const kept = new WeakMap<Variant, Map<string, { variant: Variant | undefined }>>();
const unweighted = new WeakMap<Variant, Variant>();

/** Weights at hips and ankles hang from nothing above. */
const below: ReadonlySet<string> = new Set(['hips', 'ankles']);

/** The same with the body alone, where a weight was only a way to make it harder. */
function withoutOptionalWeight(variant: Variant): Variant {
  const { load, ...bare } = variant;
  if (load?.source !== 'weight' || load.required || below.has(load.place)) return variant;
  const known = unweighted.get(variant) ?? bare;
  unweighted.set(variant, known);
  return known;
}

/**
 * An exercise as it is done under a limit: range, load, speed, dose and side changed, with what the athlete is told. Nothing where the change cannot be
 * carried out; the exercise itself where nothing is changed. The same limit gives the same object.
 *
 * @example adaptedTo(gobletSquat, limitOf(gobletSquat, [leftKnee]))?.adapted?.say // ['To 60°, two legs, slow and light.']
 */
export function adaptedTo(variant: Variant, limit: Limit): Variant | undefined {
  if (limit.verdict === 'not') return undefined;
  if (limit.verdict === 'allowed' && !limit.unweighted) return variant;
  return keptOf(asLimited, limit, variant.id, () => ({ variant: adapted(variant, limit) })).variant;
}

/** By limit first, which is the same object for the same restrictions; by change then, which several limits may share. */
const asLimited = new WeakMap<Limit, Map<string, { variant: Variant | undefined }>>();

function adapted(variant: Variant, limit: Limit): Variant | undefined {
  const given = limit.unweighted ? withoutOptionalWeight(variant) : variant;
  if (limit.verdict === 'allowed') return given;
  const change = combined(limit.changes);
  return keptOf(kept, given, JSON.stringify(change), () => ({ variant: carriedOut(given, change) })).variant;
}
