import type { Variant } from '../exercise/model/variant';
import { armRegions, legRegions, type Region } from '../exercise/model/vocabulary';
import { type Cause, causeCeilings, type DoseCeiling } from './causes';
import { regionLimits } from './regions';
import { type Standing, stageContacts } from './restriction';

/** Regions for whose sake jumping itself is limited whatever the cause; a sore arm does not forbid jumping. */
const jumpedOn: ReadonlySet<Region> = new Set<Region>(['lower-back', ...legRegions]);

/**
 * What a restricted part may be asked for: the cause says it, the region where the cause is not known.
 *
 * @example ceilingOf({ region: 'knee', cause: 'tendon' }).share // 0.85
 */
export function ceilingOf({ cause, region }: Pick<Standing, 'cause' | 'region'>): DoseCeiling {
  return cause === 'unstated' ? regionLimits[region].dose : causeCeilings[cause];
}

/** Pain during the session up to which it may go on, 0 to 10. */
export const painUnder = (standing: Standing): number => (standing.severity === 'avoid' ? 0 : ceilingOf(standing).pain);

/**
 * Share of the maximum that an exercise may come to under the restrictions whose region it loads; 1 where it loads none of them.
 *
 * @example shareCeilingOf(gobletSquat, [{ region: 'knee', side: 'left', severity: 'limit', cause: 'unstated' }]) // 0.6
 */
export function shareCeilingOf(variant: Variant, standings: readonly Standing[]): number {
  return Math.min(1, ...standings.filter((s) => touches(variant, s)).map((s) => ceilingOf(s).share));
}

/** What only the sound side does leaves the restricted one alone. */
const sparedBy = ({ adapted }: Variant, { side }: Standing) =>
  adapted?.onlySide !== undefined && side !== 'both' && side !== adapted.onlySide;

const touches = (variant: Variant, standing: Standing) =>
  standing.cause === 'concussion' ||
  (!sparedBy(variant, standing) && variant.regions.some((r) => r.region === standing.region));

/** Parts that are loaded together: what is sore in one is not moved fast through the others. */
const chains: readonly ReadonlySet<Region>[] = [jumpedOn, new Set<Region>(['neck', 'upper-back', ...armRegions])];

/** Causes for whose sake everything is slow: a fall or a jerk would do harm wherever it began. */
const slowAltogether: ReadonlySet<Cause> = new Set(['post-operative-early', 'concussion']);

/** Whether an exercise loads a part that is restricted, or one of the same chain of joints: then it is slow and light. */
export const loadsRestricted = (variant: Variant, standings: readonly Standing[]): boolean =>
  standings.some(
    (s) =>
      slowAltogether.has(s.cause) ||
      touches(variant, s) ||
      (!sparedBy(variant, s) &&
        chains.some((chain) => chain.has(s.region) && variant.regions.some((r) => chain.has(r.region)))),
  );

/**
 * Contacts of jumps and hops that the restrictions leave in a session.
 *
 * @example contactCeilingOf([{ region: 'shoulder', side: 'right', severity: 'limit', cause: 'overuse' }]) // 60
 */
export function contactCeilingOf(standings: readonly Standing[]): number {
  return Math.min(Infinity, ...standings.map(contactsUnder));
}

function contactsUnder({ region, severity, cause, stage }: Standing): number {
  const none = cause === 'post-operative-early' || cause === 'bone-stress' || cause === 'concussion';
  if ((stage === 4 || stage === 5) && severity === 'limit') return stageContacts[stage];
  if (none) return 0;
  const ofRegion = severity === 'avoid' && jumpedOn.has(region) ? 0 : regionLimits[region].dose.contacts;
  return jumpedOn.has(region) ? Math.min(ofRegion, causeCeilings[cause].contacts) : ofRegion;
}
