import { type BlockKind, blockKinds, mainBlocks } from '../exercise/vocabulary';
import type { Aim, Brief, HouseRules } from './brief';

export interface BlockBounds {
  least: number;
  most: number;
}

/** Items a block should and may hold; warm-up and cool-down follow from the rest. Common practice, no source. */
const usual: Record<BlockKind, BlockBounds> = {
  raise: { least: 0, most: 0 },
  mobilise: { least: 0, most: 0 },
  activate: { least: 0, most: 0 },
  balance: { least: 0, most: 1 },
  technique: { least: 0, most: 1 },
  power: { least: 0, most: 2 },
  strength: { least: 2, most: 5 },
  prevention: { least: 1, most: 3 },
  trunk: { least: 1, most: 2 },
  flexibility: { least: 0, most: 0 },
  finisher: { least: 0, most: 0 },
  'cool-down': { least: 0, most: 0 },
};

const byAim: Partial<Record<Aim, Partial<Record<BlockKind, BlockBounds>>>> = {
  strength: { strength: { least: 4, most: 6 }, power: { least: 0, most: 1 } },
  power: { power: { least: 1, most: 3 } },
  endurance: { finisher: { least: 1, most: 2 } },
  prevention: { prevention: { least: 2, most: 5 }, balance: { least: 1, most: 2 }, strength: { least: 1, most: 4 } },
  flexibility: { flexibility: { least: 1, most: 3 } },
  return: { power: { least: 0, most: 0 }, balance: { least: 1, most: 2 }, prevention: { least: 1, most: 4 } },
  learn: { technique: { least: 1, most: 2 } },
};

const longSession = 45;

/** How many items each block should hold at the least and may hold at the most. A longer session may have more main work, and never has to have less. */
export function blockBounds(brief: Brief): Record<BlockKind, BlockBounds> {
  const bounds = (kind: BlockKind): BlockBounds => {
    const { least, most } = byAim[brief.aim]?.[kind] ?? usual[kind];
    return { least, most: brief.minutes >= longSession && most > 1 && mainBlocks.has(kind) ? most + 2 : most };
  };
  return Object.fromEntries(blockKinds.map((kind) => [kind, bounds(kind)])) as Record<BlockKind, BlockBounds>;
}

/** Blocks in the order they are done; closing power work moves to the end, before the cool-down. */
export function blockOrder(explosive: HouseRules['explosive']): BlockKind[] {
  if (explosive === 'first') return [...blockKinds];
  const rest = blockKinds.filter((kind) => kind !== 'power' && kind !== 'cool-down');
  return [...rest, 'power', 'cool-down'];
}
