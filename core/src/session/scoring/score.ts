import { blockKinds, planes } from '../../exercise/model/vocabulary';
import { blockBounds } from '../context/block-bounds';
import type { Context } from '../context/context';
import { coverage } from '../context/demands';
import type { Draft } from '../draft/draft';
import { coversPlane, missed, opposites, patternSets, prices, wantedHeavySets, wishesOf, worthShares } from './rules';
import { type ScoredGroup, scoredGroupOf } from './scored-group';

/**
 * What a session is worth, by the same measure that the composer maximises: needs covered with diminishing returns, less the price of every wish
 * it breaks. About 0 to 1.
 */
function scoreOf(context: Context, chosen: readonly ScoredGroup[]): number {
  const sum = (count: (column: ScoredGroup) => number) => chosen.reduce((s, c) => s + count(c), 0);
  const covered = context.demands.reduce(
    (s, demand, d) => s + worthShares.demands * demand.weight * coverage(sum((c) => c.gives[d] as number)),
    0,
  );
  const filled = context.places.reduce(
    (s, place, p) => s + worthShares.places * place.weight * coverage(sum((c) => c.fills[p] as number)),
    0,
  );
  const wishes = wishesOf(context).reduce((s, wish) => s + wish.price * missed(wish, sum(wish.count)), 0);
  const { balanced } = context.frame;
  const bounds = blockBounds(context.frame, context.brief);
  const missing = blockKinds.reduce(
    (s, kind) =>
      s + Math.max(0, bounds[kind].least - sum((c) => (c.group.block === kind ? c.group.choices.length : 0))),
    0,
  );
  const unbalanced = opposites.reduce(
    (s, { one, other, tolerance }) =>
      s + Math.max(0, Math.abs(sum((c) => patternSets(c, one) - patternSets(c, other))) - tolerance),
    0,
  );
  const bare = planes.filter((plane) => !chosen.some((c) => coversPlane(c, plane))).length;
  return (
    covered +
    filled +
    sum((c) => c.worth) -
    wishes -
    prices.blockItem * missing -
    (balanced ? prices.opposite * unbalanced + prices.plane * bare : 0) -
    prices.heavySet * Math.max(0, wantedHeavySets(context.brief) - sum((c) => c.heavySets))
  );
}

/** The same of a draft. */
export function scoreOfDraft(context: Context, draft: Draft): number {
  return scoreOf(
    context,
    draft.groups.map((group) => scoredGroupOf(context, group)),
  );
}
