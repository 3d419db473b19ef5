import { mainBlocks, type Plane, planes } from '../../exercise/model/vocabulary';
import { type BodySide, sidesUsed } from '../../sport/transfer';
import type { Context } from '../context/context';
import type { Draft } from '../draft/draft';
import { opposites, patternSets } from './rules';
import { scoredGroupOf } from './scored-group';

/** What stands beside the weave: whether opposites, sides and planes are in balance. */
export interface SessionBalance {
  opposites: {
    id: string;
    name: string;
    words: readonly [string, string];
    sets: readonly [number, number];
    fine: boolean;
  }[];
  /** Shares of left and right, each summing to 1: as the sport has them, and as this session trains them. */
  sides: { sport: Record<BodySide, number>; session: Record<BodySide, number> };
  /** Sets of main work in each plane. */
  planes: Record<Plane, number>;
}

/** How the sport uses the two sides of this athlete; who has no dominant side is taken as right-sided. */
function sidesOfSport({ needs, brief }: Context): Record<BodySide, number> {
  const dominant = brief.athlete.dominantSide ?? 'right';
  const sum = { left: 0, right: 0 };
  for (const { action, ofSport } of needs.performance) {
    const used = sidesUsed(action.side, dominant);
    for (const side of used) sum[side] += ofSport / used.length;
  }
  return sum;
}

/**
 * Opposites, sides and planes of a draft. A single-sided item that is not dosed for each side counts for the dominant one.
 *
 * @example balanceOf(context, draft).opposites[0].sets.length // 2
 */
export function balanceOf(context: Context, draft: Draft): SessionBalance {
  const columns = draft.groups.map((group) => scoredGroupOf(context, group));
  const dominant = context.brief.athlete.dominantSide ?? 'right';
  const sets = { left: 0, right: 0 };
  const inPlane = Object.fromEntries(planes.map((p) => [p, 0])) as Record<Plane, number>;
  for (const column of columns) {
    if (!mainBlocks.has(column.group.block)) continue;
    column.group.choices.forEach(({ dose }, i) => {
      const variant = column.variants[i];
      const oneSided = variant?.side === 'single' && !dose.perSide;
      if (oneSided) sets[variant.adapted?.onlySide ?? dominant] += dose.sets;
      else {
        sets.left += dose.sets;
        sets.right += dose.sets;
      }
      for (const plane of variant?.planes ?? []) inPlane[plane] += dose.sets;
    });
  }
  const all = sets.left + sets.right || 1;
  return {
    opposites: opposites.map(({ id, name, one, other, words, tolerance }) => {
      const count = (patterns: typeof one) => columns.reduce((sum, c) => sum + patternSets(c, patterns), 0);
      const pair = [count(one), count(other)] as const;
      return { id, name, words, sets: pair, fine: Math.abs(pair[0] - pair[1]) <= tolerance };
    }),
    sides: { sport: sidesOfSport(context), session: { left: sets.left / all, right: sets.right / all } },
    planes: inPlane,
  };
}
