import { placedVariant } from '../../exercise/mechanics/placed';
import type { Variant } from '../../exercise/model/variant';
import { type Joint, joints, preparingBlocks } from '../../exercise/model/vocabulary';
import { loadingOf } from '../../kit/loads';
import type { Context } from '../context/context';
import type { Choice } from '../draft/draft';
import type { ScoredGroup } from './scored-group';

/** Joints that are made ready; the shoulder blade goes with the shoulder. */
export const preparedJoints = joints.filter((joint): joint is Exclude<Joint, 'scapula'> => joint !== 'scapula');
export type PreparedJoint = (typeof preparedJoints)[number];

export const readied = (joint: Joint): PreparedJoint => (joint === 'scapula' ? 'shoulder' : joint);

/** A joint asked for so much of its most has to be made ready before; common practice, no source. */
export const readyFrom = 0.3;

/** Small joints are warm with the large ones until they are asked for much; common practice, no source. */
const [smallJoints, smallFrom]: [ReadonlySet<Joint>, number] = [new Set(['elbow', 'wrist', 'neck']), 0.6];

/** Fraction of its maximum from which a joint has to be made ready. */
export const readyFromOf = (joint: Joint): number => (smallJoints.has(joint) ? smallFrom : readyFrom);

/** What each joint is asked for by an item, shares of its most: by the body model, and wholly where it is fast, lands, or pulls a band of unknown force. */
export function jointShares(context: Context, variant: Variant, load: Choice['load']): Map<PreparedJoint, number> {
  const { kit } = context.brief;
  const shares = new Map<PreparedJoint, number>();
  const atLeast = (joint: Joint, share: number) =>
    shares.set(readied(joint), Math.max(share, shares.get(readied(joint)) ?? 0));
  const loading = loadingOf(load, kit);
  if (loading) for (const { action, share } of context.capacity.shares(variant, loading)) atLeast(action.joint, share);
  if (!loading || variant.speed === 'fast' || variant.impactContacts > 0)
    for (const { joint } of variant.jointActions) atLeast(joint, readyFrom);
  return shares;
}

/** Joints that an item asks for so much that they have to be made ready. */
export function jointsToReady(context: Context, variant: Variant, load: Choice['load']): Set<PreparedJoint> {
  const asked = [...jointShares(context, variant, load)].filter(([joint, share]) => share >= readyFromOf(joint));
  return new Set(asked.map(([joint]) => joint));
}

/** What each joint is asked for at the most in a session, and by which item. */
export type SessionShares = ReadonlyMap<PreparedJoint, { share: number; by: string }>;

/** What each joint is asked for at the most by the work of a session; what only prepares or winds down is left aside. */
export function sessionShares(context: Context, columns: readonly ScoredGroup[]): SessionShares {
  const most = new Map<PreparedJoint, { share: number; by: string }>();
  for (const { group, variants } of columns) {
    if (preparingBlocks.has(group.block)) continue;
    group.choices.forEach((choice, i) => {
      const variant = variants[i] as Variant;
      for (const [joint, share] of jointShares(context, variant, choice.load))
        if (share > (most.get(joint)?.share ?? 0)) most.set(joint, { share, by: variant.name });
    });
  }
  return most;
}

/** A joint that turns so far in a movement is made ready by it, degrees; common practice, no source. */
const turnsFrom = 25;
const kept = new WeakMap<Variant, ReadonlySet<PreparedJoint>>();

/** Joints that a warm-up movement makes ready: those it is for, and those that turn through some range in it. */
export function readies(context: Context, variant: Variant): ReadonlySet<PreparedJoint> {
  const known = kept.get(variant);
  if (known) return known;
  const ready = new Set(variant.jointActions.map(({ joint }) => readied(joint)));
  const poses = placedVariant(variant, context.body).map((placed) => placed.pose);
  const turn = (of: (pose: (typeof poses)[number]) => number) =>
    Math.max(...poses.map(of)) - Math.min(...poses.map(of));
  if (turn((p) => p.trunk) >= turnsFrom) ready.add('trunk');
  if (turn((p) => p.neck) >= turnsFrom) ready.add('neck');
  for (const joint of ['shoulder', 'elbow', 'wrist', 'hip', 'knee', 'ankle'] as const)
    if (
      Math.max(
        turn((p) => p.near[joint]),
        turn((p) => p.far[joint]),
      ) >= turnsFrom
    )
      ready.add(joint);
  kept.set(variant, ready);
  return ready;
}
