import { effortOf } from '../capacity/effort';
import type { Variant } from '../exercise/variant';
import { loadingOf } from '../kit/loads';
import type { Context } from './context';
import type { Choice } from './draft';
import { isLowering } from './item-zone';

/**
 * More than all that somebody has cannot be planned. A lowering that the hands catch is done as far as it is held, so that its full range may ask for more,
 * as it does of most people in the Nordic curl; common practice, no source.
 */
const [allThereIs, caught] = [1, 1.3];

/** Largest fraction of the maximum that a variant can be planned at. @example hardestPlanned(pushUp) // 1 */
export const hardestPlanned = (variant: Variant): number => (isLowering(variant) ? caught : allThereIs);

/** What to say of a variant that is too hard today even with the least load, with its easier progression; nothing where it can be done. */
export function tooHardReason(context: Context, variant: Variant, load?: Choice['load']): string | undefined {
  const loading = loadingOf(load ?? lightestOf(context, variant), context.brief.kit);
  if (!loading || effortOf(context.capacity, variant, loading).share <= hardestPlanned(variant)) return undefined;
  const easier = variant.easier && context.catalogue.byId(variant.easier);
  return `${variant.name} is too hard today${easier ? `; easier: ${easier.name}` : ''}.`;
}

/** The lightest that a variant can be done with here; its own body where it needs nothing. */
function lightestOf(context: Context, variant: Variant): Choice['load'] {
  if (!variant.load?.required) return undefined;
  return context.feasible.get(variant.id)?.loads[0];
}
