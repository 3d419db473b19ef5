import type { Dose } from '../../dose/dose';
import { type Zone, zoneOf, zones } from '../../dose/zone';
import type { Variant } from '../../exercise/model/variant';

/** Bodyweight lowering that the hands catch may ask for more than the athlete can hold: that is its point. */
export const isEccentricOnly = (variant: Variant) =>
  !variant.load && variant.speed === 'slow' && variant.jointActions[0]?.regime === 'lengthening';

/**
 * The zone of an item as it is dosed: by its share of the most, as fast work where it is moved fast. None for what is only lowered: zones are of lifts
 * that are raised again, and lowering bears more than any lift.
 *
 * @example zoneOfItem(squat, parseDose('3x8'), 0.3) // 'muscular-endurance'
 */
export function zoneOfItem(variant: Variant, { tempo }: Pick<Dose, 'tempo'>, share: number): Zone | undefined {
  if (isEccentricOnly(variant)) return undefined;
  return zoneOf(share, variant.speed === 'fast' || (tempo?.rising === 'X' && share < zones.hypertrophy.share[0]));
}
