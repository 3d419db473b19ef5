import { effortOf } from '../../capacity/capacity-of';
import type { Variant } from '../../exercise/model/variant';
import { loadingOf } from '../../kit/loads';
import type { Context } from '../context/context';
import type { Choice } from '../draft/draft';
import { isEccentricOnly } from './item-zone';

/**
 * More than all that somebody has cannot be planned. A lowering that the hands catch is done as far as it is held, so that its full range may ask for more,
 * as it does of most people in the Nordic curl; common practice, no source.
 */
const [allThereIs, caught] = [1, 1.3];

/** Largest fraction of the maximum that a variant can be planned at. @example hardestPlanned(pushUp) // 1 */
export const hardestPlanned = (variant: Variant): number => (isEccentricOnly(variant) ? caught : allThereIs);

/** What to say of a variant that is too hard today even with the least load, with its easier progression; nothing where it can be done. */
export function tooHardReason(context: Context, variant: Variant, load?: Choice['load']): string | undefined {
  const loading = loadingOf(load ?? lightestOf(context, variant), context.brief.kit);
  if (!loading || effortOf(context.capacity, variant, loading).share <= hardestPlanned(variant)) return undefined;
  return `${variant.name} is too hard today${easierOf(context, variant)}.`;
}

/** From this fraction of the maximum on there is no set of several repetitions in it; common practice, no source. */
const singlesOnly = 0.9;

/** Why a variant that can be done is still not written as sets: it takes nearly all there is. Nothing where there is room, or where the hands catch a lowering. */
export function nearMaximumReason(context: Context, variant: Variant): string | undefined {
  const loading = loadingOf(lightestOf(context, variant), context.brief.kit);
  const share = loading && effortOf(context.capacity, variant, loading).share;
  if (share === undefined || share < singlesOnly || hardestPlanned(variant) > allThereIs) return undefined;
  return `${variant.name} is ${Math.round(100 * share)} % of max today: one repetition, not sets${easierOf(context, variant)}.`;
}

function easierOf(context: Context, { easier }: Variant): string {
  const found = easier && context.catalogue.byId(easier);
  return found ? `; easier: ${found.name}` : '';
}

/** The lightest that a variant can be done with here; its own body where it needs nothing. */
function lightestOf(context: Context, variant: Variant): Choice['load'] {
  if (!variant.load?.required) return undefined;
  return context.feasible.get(variant.id)?.loads[0];
}
