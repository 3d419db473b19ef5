import { type BlockKind, blockKinds, preparingBlocks } from '../../exercise/model/vocabulary';
import type { Context } from '../context/context';
import type { ScoredGroup } from './scored-group';

/** A block's share of the main work: what the type asks for, and what the session gives. */
export interface FrameShare {
  block: BlockKind;
  /** Shares of the time of the main work, 0 to 1. */
  least: number;
  most: number;
  given: number;
  /** Minutes that the block takes. */
  minutes: number;
}

/** What a session misses of a share before it is worth saying. */
const noticed = 0.06;

/** Whether a block has noticeably less or more of the main work than the type asks for. */
export const missesFrame = ({ least, most, given }: FrameShare): boolean =>
  given < least - noticed || given > most + noticed;

const hundredth = (value: number) => Math.round(value * 100) / 100;

/** Blocks that the type asks for or the session holds, in the order they are done. */
export function frameShares({ frame }: Context, columns: readonly ScoredGroup[]): FrameShare[] {
  const main = columns.filter(({ group }) => !preparingBlocks.has(group.block));
  const all = main.reduce((sum, c) => sum + c.seconds, 0) || 1;
  return blockKinds.flatMap((block): FrameShare[] => {
    const seconds = main.filter((c) => c.group.block === block).reduce((sum, c) => sum + c.seconds, 0);
    const share = frame.share[block];
    if (!share && seconds === 0) return [];
    const [least, most] = share ?? [0, 0];
    return [{ block, least, most, given: hundredth(seconds / all), minutes: Math.round(seconds / 6) / 10 }];
  });
}
