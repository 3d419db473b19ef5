import { type BlockKind, blockKinds } from '../../exercise/model/vocabulary';
import type { Brief } from '../brief/brief';
import type { HouseRules } from '../brief/house-rules';
import type { Frame } from '../type/frames';

export interface BlockBounds {
  least: number;
  most: number;
}

/** Main items that a session may hold at the most: as many as half an hour does, and a third of that more for each further half hour; never fewer with more minutes. */
export function maxItems({ items }: Frame, { minutes }: Pick<Brief, 'minutes'>): number {
  const halves = minutes / 30;
  return Math.max(2, Math.round(halves <= 1 ? items * (0.35 + 0.65 * halves) : items * (1 + (halves - 1) / 3)));
}

/**
 * How many items each block should hold at the least and may hold at the most, from the frame of the type. A longer session may have more, and never
 * has to have more.
 */
export function blockBounds(frame: Frame, brief: Pick<Brief, 'minutes'>): Record<BlockKind, BlockBounds> {
  const all = maxItems(frame, brief);
  const bounds = (kind: BlockKind): BlockBounds => {
    const share = frame.share[kind];
    if (!share) return { least: 0, most: 0 };
    return { least: share[0] > 0 ? 1 : 0, most: Math.max(1, Math.ceil(share[1] * all)) };
  };
  return Object.fromEntries(blockKinds.map((kind) => [kind, bounds(kind)])) as Record<BlockKind, BlockBounds>;
}

/** Blocks in the order they are done; closing power work moves to the end, before the cool-down. */
export function blockOrder(explosive: HouseRules['explosive']): BlockKind[] {
  if (explosive === 'first') return [...blockKinds];
  const rest = blockKinds.filter((kind) => kind !== 'power' && kind !== 'cool-down');
  return [...rest, 'power', 'cool-down'];
}
