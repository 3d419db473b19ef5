import { effortOf } from '../../capacity/capacity-of';
import type { Zone } from '../../dose/zone';
import type { Variant } from '../../exercise/model/variant';
import type { BlockKind } from '../../exercise/model/vocabulary';
import { preparingBlocks } from '../../exercise/model/vocabulary';
import { loadingOf } from '../../kit/loads';
import type { Context } from '../context/context';
import type { Choice, Draft } from '../draft/draft';
import { zoneOfItem } from '../prescription/item-zone';
import { jointShares, type PreparedJoint } from '../scoring/joint-load';
import type { ScoredGroup } from '../scoring/scored-group';

/** What one item of a session is there for, whoever does it: its pattern, how hard, and which joints it asks how much of. */
export interface Slot {
  block: BlockKind;
  variant: string;
  name: string;
  pattern: string;
  sets: number;
  fast: boolean;
  zone?: Zone;
  joints: Readonly<Partial<Record<PreparedJoint, number>>>;
}

interface Meaning {
  zone?: Zone;
  fast: boolean;
  joints: Partial<Record<PreparedJoint, number>>;
}

export function meaningOf(context: Context, variant: Variant, { dose, load }: Choice): Meaning {
  const loading = loadingOf(load, context.brief.kit);
  const effort = loading && effortOf(context.capacity, variant, loading);
  const zone = effort && zoneOfItem(variant, dose, effort.share);
  return {
    ...(zone ? { zone } : {}),
    fast: variant.speed === 'fast' || dose.tempo?.rising === 'X',
    joints: Object.fromEntries(jointShares(context, variant, load)),
  };
}

/**
 * The skeleton of a session: what each item of its work is there for. Warm-up and cool-down follow from the work of whoever does it.
 *
 * @example slotsOf(context, draft)[0].pattern // 'hop'
 */
export function slotsOf(context: Context, draft: Draft): Slot[] {
  return draft.groups
    .filter((group) => !preparingBlocks.has(group.block))
    .flatMap((group) =>
      group.choices.flatMap((choice): Slot[] => {
        const variant = context.feasible.variant(choice.variant);
        if (!variant) return [];
        return [
          {
            block: group.block,
            variant: variant.id,
            name: variant.name,
            pattern: variant.pattern,
            sets: choice.dose.sets,
            ...meaningOf(context, variant, choice),
          },
        ];
      }),
    );
}

/** What keeping the stimulus is made of: the pattern, the joints and how much is asked of them, how hard or fast, shares of the whole; common practice, no source. */
const [ofPattern, ofJoints, ofZone] = [0.4, 0.35, 0.25];

/** How alike two sets of joint shares are: the cosine of the angle between them, less what the whole is lighter. */
function alike(asked: Slot['joints'], given: Meaning['joints']): number {
  let [dot, a, b] = [0, 0, 0];
  for (const joint of new Set([...Object.keys(asked), ...Object.keys(given)]) as Set<PreparedJoint>) {
    const [x, y] = [asked[joint] ?? 0, given[joint] ?? 0];
    dot += x * y;
    a += x * x;
    b += y * y;
  }
  if (a === 0 && b === 0) return 1;
  if (a === 0 || b === 0) return 0;
  return (dot / Math.sqrt(a * b)) * Math.min(1, Math.sqrt(b / a));
}

export function keptBy(context: Context, slot: Slot, column: ScoredGroup): number {
  const variant = column.variants[0] as Variant;
  const choice = column.group.choices[0] as Choice;
  if (variant.id === slot.variant) return 1;
  const meaning = meaningOf(context, variant, choice);
  const zone = slot.fast || meaning.fast ? Number(slot.fast === meaning.fast) : Number(slot.zone === meaning.zone);
  const pattern = Number(variant.pattern === slot.pattern);
  // Nothing keeps as much as the very exercise.
  return Math.min(nearlyAll, ofPattern * pattern + ofJoints * alike(slot.joints, meaning.joints) + ofZone * zone);
}

/** What another exercise keeps at the most. */
const nearlyAll = 0.99;
