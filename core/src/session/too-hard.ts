import { effortOf } from '../capacity/effort';
import type { Variant } from '../exercise/variant';
import { loadingOf } from '../kit/loads';
import type { Context } from './context';
import type { Choice } from './draft';

/** More than all that somebody has cannot be planned: so much harder than the maximum an estimate may say before it counts. */
const allThereIs = 1;

/** What to say of a variant that is too hard today even with the least load, with its easier progression; nothing where it can be done. */
export function tooHardReason(context: Context, variant: Variant, load?: Choice['load']): string | undefined {
  const loading = loadingOf(load ?? lightestOf(context, variant), context.brief.kit);
  if (!loading || effortOf(context.capacity, variant, loading).share <= allThereIs) return undefined;
  const easier = variant.easier && context.catalogue.byId(variant.easier);
  return `${variant.name} is too hard today${easier ? `; easier: ${easier.name}` : ''}.`;
}

/** The lightest that a variant can be done with here; its own body where it needs nothing. */
function lightestOf(context: Context, variant: Variant): Choice['load'] {
  if (!variant.load?.required) return undefined;
  return context.feasible.get(variant.id)?.loads[0];
}
