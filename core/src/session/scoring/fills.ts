import type { Variant } from '../../exercise/model/variant';
import { preparingBlocks } from '../../exercise/model/vocabulary';
import type { SessionType } from '../../session-type/session-type';
import type { Context } from '../context/context';
import type { Choice, Group } from '../draft/draft';

/** A place is well filled by so many effective sets of what serves it best. */
const filledBy = 2.5;

/** Types in which light is right. */
const gentle: ReadonlySet<SessionType> = new Set(['arm-care', 'return', 'primer', 'warm-up', 'flexibility']);

/** How much of a set counts for a place, by how hard it is: a light one does not build strength, and hardly matters in care of a joint. Common practice, no source. */
function setCounts(context: Context, block: Group['block'], share: number | undefined): number {
  if (share === undefined) return block === 'strength' && context.brief.aim === 'strength' ? 0.6 : 0.95;
  if (block === 'strength') {
    if (context.brief.aim === 'strength') return Math.min(1.2, 0.2 + 1.35 * share ** 1.5);
    return Math.min(1.1, 0.4 + 0.9 * share);
  }
  const easy = context.brief.athlete.level === 'new' || gentle.has(context.type.type);
  return Math.min(1.05, easy ? 0.7 + 0.5 * share : 0.5 + 0.75 * share);
}

/** Between choices that serve a place alike, the one that carries over to the sport counts more; common practice, no source. */
const [minLift, moreLift, wholeLift] = [0.88, 0.24, 0.16];

function transferLift({ demands, gives }: Context, variant: Variant): number {
  const given = gives(variant);
  const carried = demands.reduce((sum, demand, d) => sum + demand.weight * (given[d] as number), 0);
  return minLift + moreLift * Math.min(1, carried / wholeLift);
}

export function fillsOf(
  context: Context,
  block: Group['block'],
  variant: Variant,
  { dose }: Choice,
  share: number | undefined,
  whole: number,
): number[] {
  if (preparingBlocks.has(block)) return context.places.map(() => 0);
  const counts =
    dose.sets *
    whole *
    setCounts(context, block, variant.speed === 'fast' ? undefined : share) *
    transferLift(context, variant);
  return context.places.map((place) => (counts * place.serves(variant, block) * filledBy) / place.sets);
}
