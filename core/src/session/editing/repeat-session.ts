import type { Catalogue } from '../../exercise/catalogue/catalogue';
import type { Move } from '../../progress/proposal';
import type { Slot } from '../squad/slots';

/**
 * The slots of a session that is done again, moved on by what was decided about each item: a rung up or down its ladder, or left out. What has no
 * such rung stays; doses are worked out anew for the day, from what has been shown since.
 *
 * @example progressed([{ variant: 'push-up', name: 'Push-up' }], new Map([['push-up', 'down']]), catalogue)[0].variant // 'push-up-hands-raised'
 */
export function progressed(slots: readonly Slot[], moves: ReadonlyMap<string, Move>, catalogue: Catalogue): Slot[] {
  return slots.flatMap((slot): Slot[] => {
    const move = moves.get(slot.variant) ?? 'same';
    if (move === 'stop') return [];
    const here = catalogue.byId(slot.variant);
    const rung = move === 'up' ? here?.harder : move === 'down' ? here?.easier : undefined;
    const next = rung === undefined ? undefined : catalogue.byId(rung);
    return [next ? { ...slot, variant: next.id, name: next.name, pattern: next.pattern } : slot];
  });
}
