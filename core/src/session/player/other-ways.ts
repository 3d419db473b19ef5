import type { Feasibility } from '../../kit/feasible';
import type { Context } from '../context/context';
import { choicesOf, type Draft } from '../draft/draft';
import { choiceAt, swap } from '../editing/edit';
import { planOf } from '../plan/plan';
import { prescribe } from '../prescription/prescription';
import type { OtherWays } from './changes';

/** Rungs that are looked at: further away it is another exercise. */
const furthest = 4;

/** The next rung of a ladder, easier or harder, that an athlete can do here and has not in the session already. */
function nextRung(
  context: Context,
  from: string,
  way: 'easier' | 'harder',
  used: ReadonlySet<string>,
): Feasibility | undefined {
  let id: string | undefined = from;
  for (let rung = 0; rung < furthest; rung++) {
    id = context.feasible.get(id)?.variant[way];
    if (id === undefined) return undefined;
    const other = context.feasible.get(id);
    if (other?.possible && !used.has(id)) return other;
  }
  return undefined;
}

/** A draft with each of its exercises a rung down or up its ladder. */
function rungAway(
  context: Context,
  draft: Draft,
  way: 'easier' | 'harder',
): { draft: Draft; slots: Map<string, string> } {
  const slots = new Map<string, string>();
  const used = new Set(choicesOf(draft).map(({ variant }) => variant));
  const moved = draft.groups.reduce(
    (whole, group, g) =>
      group.choices.reduce((now, choice, c) => {
        const other = nextRung(context, choice.variant, way, used);
        if (!other || !choiceAt(now, { group: g, choice: c })) return now;
        const dosed = prescribe(other, group.block, choice.dose.sets, context.brief, context.capacity)?.choice;
        if (!dosed) return now;
        slots.set(choice.variant, other.variant.id);
        used.add(other.variant.id);
        const { sets, restSeconds } = choice.dose;
        return swap(now, { group: g, choice: c }, { ...dosed, dose: { ...dosed.dose, sets, restSeconds } });
      }, whole),
    draft,
  );
  return { draft: moved, slots };
}

/**
 * For each exercise of a session the next easier and harder one of its ladder, dosed for this athlete with this kit: what a phone offers without a
 * network. An exercise that has none is left out.
 *
 * @example Object.keys(otherWays(context, playedDraft)).includes('push-up') // true
 */
export function otherWays(context: Context, draft: Draft): Record<string, OtherWays> {
  const ways: Record<string, OtherWays> = {};
  for (const way of ['easier', 'harder'] as const) {
    const { draft: moved, slots } = rungAway(context, draft, way);
    if (slots.size === 0) continue;
    const items = new Map(planOf(context, moved).blocks.flatMap(({ items: some }) => some.map((i) => [i.variant, i])));
    for (const [slot, id] of slots) {
      const item = items.get(id);
      if (item) ways[slot] = { ...ways[slot], [way]: item };
    }
  }
  return ways;
}
