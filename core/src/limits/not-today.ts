import { variantById } from '../exercise/library/library';
import { type MovementGroup, movementGroupIds, movementGroups } from './groups';
import type { Standing } from './restriction';
import { type Verdict, verdictOf } from './verdict';

/** A sort of movement is out when so many of the exercises that stand for it are, share. */
const outFrom = 0.75;

/** Out as it is usually done: forbidden, or only in part of its range. */
const isOut = ({ kind, changes }: Verdict) =>
  kind === 'not' || changes.some((c) => c.range !== undefined || c.onlySide !== undefined || c.instead !== undefined);

function verdictsOf(group: MovementGroup, standing: Standing): Verdict[] {
  const examples: readonly string[] = movementGroups[group].examples;
  return examples.flatMap((id) => {
    const variant = variantById(id);
    return variant ? [verdictOf(variant, standing)] : [];
  });
}

/**
 * Sorts of movement that a restriction leaves out, in plain words: what an athlete is told is not for today.
 *
 * @example notToday({ region: 'knee', side: 'left', severity: 'limit', cause: 'unstated' })[0] // 'jumps and landings'
 */
export function notToday(standing: Standing): string[] {
  return movementGroupIds.flatMap((group) => {
    const all = verdictsOf(group, standing);
    if (all.length === 0 || all.filter(isOut).length < outFrom * all.length) return [];
    const oneSided = group === 'one-leg' && standing.side !== 'both' && all.some((v) => v.kind === 'adapted');
    return [oneSided ? `standing free on the ${standing.side} leg` : movementGroups[group].words];
  });
}
