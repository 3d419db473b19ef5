import type { Variant } from '../../exercise/model/variant';
import type { Pattern } from '../../exercise/model/vocabulary';

/** A jab and a hook are two drills, a calf and a groin two stretches, though one family holds them. */
const standAlone: ReadonlySet<Pattern> = new Set<Pattern>(['skill', 'stretch', 'mobility']);

/**
 * What a session holds once: the family of a variant and what it is done for; a drill or a stretch stands for itself. A hang for the grip and a pull-up
 * are two.
 *
 * @example onceOf(variantById('push-up')) // 'push-up horizontal-push'
 */
export const onceOf = ({ id, family, pattern }: Variant): string =>
  standAlone.has(pattern) ? id : `${family} ${pattern}`;
