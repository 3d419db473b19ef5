import { library, variantById } from '../library/library';
import { type CustomExercise, customVariant } from '../model/custom-exercise';
import type { Variant } from '../model/variant';

/** The shipped library with a club's own exercises beside it. */
export interface Catalogue {
  all: readonly Variant[];
  byId: (id: string) => Variant | undefined;
  /** The shipped variant that is drawn for an id: an own one is drawn as what it was copied from. */
  drawnAs: (id: string) => string;
}

const shipped: Catalogue = { all: library, byId: variantById, drawnAs: (id) => id };

let last: { key: string; catalogue: Catalogue } | undefined;

/**
 * Own exercises that name no shipped one are left out. The latest list is kept: what has been measured of its exercises stays known.
 *
 * @example catalogueOf([]).byId('push-up')?.name // 'Push-up'
 */
export function catalogueOf(own: readonly CustomExercise[] = []): Catalogue {
  if (own.length === 0) return shipped;
  const key = JSON.stringify(own);
  if (last?.key === key) return last.catalogue;
  const bases = new Map<string, string>();
  const byId = new Map<string, Variant>();
  for (const words of own) {
    const base = variantById(words.copyOf);
    if (!base) continue;
    byId.set(words.id, customVariant(words, base));
    bases.set(words.id, base.id);
  }
  const catalogue = {
    all: [...library, ...byId.values()],
    byId: (id: string) => byId.get(id) ?? variantById(id),
    drawnAs: (id: string) => bases.get(id) ?? id,
  };
  last = { key, catalogue };
  return catalogue;
}
