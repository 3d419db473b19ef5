import { scaledBody } from '@tropaeum/core/body/segments';
import { catalogueOf } from '@tropaeum/core/exercise/catalogue';
import type { Loading } from '@tropaeum/core/exercise/moments';
import { type Feasibility, feasibility } from '@tropaeum/core/kit/feasible';
import type { LoadOption } from '@tropaeum/core/kit/loads';
import { sameStimulus } from '@tropaeum/core/kit/same-stimulus';
import type { Brief } from '@tropaeum/core/session/brief';
import { expose } from 'comlink';

/** Another way to the same stimulus, as it crosses to the page. */
export interface OfferedLikeness {
  variant: string;
  likeness: number;
  load?: LoadOption;
}

function allOf(brief: Brief): Feasibility[] {
  const body = scaledBody(brief.athlete);
  return catalogueOf(brief.own).all.map((variant) =>
    feasibility(variant, { athlete: brief.athlete, kit: brief.kit, date: brief.date }, body),
  );
}

const measurer = {
  /** What stands against each variant; an empty list means it can be done. */
  feasible(brief: Brief): Map<string, string[]> {
    return new Map(allOf(brief).map((f) => [f.variant.id, f.reasons]));
  },

  /** What else of this athlete's kit loads the joints alike. */
  alike(brief: Brief, variantId: string, loading: Loading): OfferedLikeness[] {
    const variant = catalogueOf(brief.own).byId(variantId);
    if (!variant) return [];
    return sameStimulus(variant, loading, allOf(brief), scaledBody(brief.athlete)).map((l) => ({
      variant: l.variant.id,
      likeness: l.likeness,
      ...(l.load ? { load: l.load } : {}),
    }));
  },
};

export type Measurer = typeof measurer;
expose(measurer);
