import { library } from '../exercise/library';
import { type MovementGroup, movementGroupIds, movementGroups } from './groups';
import { movementOf } from './movement';
import type { Standing } from './restriction';
import { verdictOf } from './verdict';

/** A sort of movement is out when so many of its exercises are, share. */
const outFrom = 0.8;

let members: Map<MovementGroup, readonly (typeof library)[number][]> | undefined;

function membersOf(group: MovementGroup) {
  members ??= new Map(
    movementGroupIds.map((id) => [id, library.filter((v) => movementGroups[id].holds(movementOf(v)))] as const),
  );
  return members.get(group) ?? [];
}

/**
 * Sorts of movement that the restrictions leave out, in plain words: what an athlete is told is not for today.
 *
 * @example notToday([{ region: 'knee', side: 'left', severity: 'limit', cause: 'unstated' }]) // ['jumps and landings', 'kneeling', 'lunges', ...]
 */
export function notToday(standings: readonly Standing[]): string[] {
  return movementGroupIds
    .filter((id) => {
      const all = membersOf(id);
      const out = all.filter((v) => standings.some((s) => verdictOf(v, s).kind === 'not'));
      return all.length > 0 && out.length >= outFrom * all.length;
    })
    .map((id) => movementGroups[id].words);
}
