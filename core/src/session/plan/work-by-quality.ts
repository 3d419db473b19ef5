import { type BlockKind, type Quality, qualities, qualityOfBlock } from '../../exercise/model/vocabulary';
import type { Plan } from './plan-types';

/** Minutes of a session by what they train. */
export type WorkByQuality = Record<Quality, number>;

/**
 * Minutes that a plan spends on each quality, rests between rounds with the block they belong to; together they are the planned minutes.
 */
export function workByQuality(plan: Plan): WorkByQuality {
  const work = Object.fromEntries(qualities.map((quality) => [quality, 0])) as WorkByQuality;
  for (const block of plan.blocks) {
    const seconds = block.items.reduce((s, item) => s + item.seconds, 0) + block.rounds * block.restSeconds;
    work[qualityOfBlock[block.kind as BlockKind]] += seconds / 60;
  }
  return work;
}
