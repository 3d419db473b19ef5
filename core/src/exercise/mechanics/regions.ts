import type { MomentName } from '../../body/moment-names';
import { flattened } from '../../body/pose';
import { referenceBody } from '../../body/segments';
import type { RegionLoad, Variant } from '../model/variant';
import type { JointAction, Region } from '../model/vocabulary';
import { momentOf } from './moments';
import { placedVariant } from './placed';
import { fractionsOfMax, usualLoad } from './relative-moments';

/** Share of a trained adult's most from which a joint counts as loaded, and as highly loaded; common practice, no source. */
const loadedFrom = 0.33;
const highFrom = 0.6;
/** Joint angles from which range counts as deep, degrees; common practice, no source. */
const deepFrom = { hip: 118, knee: 118, shoulder: 165, shoulderBack: -45 };

const regionOfMoment: Record<MomentName, Region> = {
  neck: 'neck',
  shoulder: 'shoulder',
  'shoulder-turn': 'shoulder',
  elbow: 'elbow',
  wrist: 'wrist',
  grip: 'wrist',
  trunk: 'lower-back',
  'trunk-side': 'lower-back',
  'trunk-twist': 'lower-back',
  hip: 'hip',
  'hip-side': 'hip',
  knee: 'knee',
  ankle: 'ankle',
};

/** The region that an action works: its muscles rather than its joint where the two differ. */
function regionOfAction(action: JointAction): Region {
  if (action.joint === 'scapula') return 'upper-back';
  if (action.joint === 'hip' && action.action === 'adduction') return 'groin';
  if (action.joint === 'knee' && action.action === 'flexion') return 'hamstring';
  if (action.joint === 'ankle' && action.action === 'extension') return 'calf';
  return regionOfMoment[momentOf(action)];
}

/**
 * Regions that a variant loads, from its joint moments, angles and landings on a reference body: loaded from a third of a trained adult's
 * most, high from six tenths, deep near the end of range.
 *
 * @example computedRegions(nordicLowering).find((r) => r.region === 'hamstring')?.high // true
 */
export function computedRegions(variant: Variant): RegionLoad[] {
  const found = new Map<Region, RegionLoad>();
  const mark = (region: Region, marks: Partial<RegionLoad> = {}) => {
    const now = found.get(region) ?? { region, high: false, deep: false, landing: false };
    found.set(region, {
      region,
      high: now.high || (marks.high ?? false),
      deep: now.deep || (marks.deep ?? false),
      landing: now.landing || (marks.landing ?? false),
    });
  };
  const share = fractionsOfMax(variant, referenceBody, usualLoad(variant));

  for (const action of variant.jointActions)
    mark(regionOfAction(action), { high: share[momentOf(action)] >= highFrom });
  for (const name of Object.keys(regionOfMoment) as MomentName[])
    if (name !== 'shoulder-turn' && share[name] >= loadedFrom)
      mark(regionOfMoment[name], { high: share[name] >= highFrom });

  const frames = placedVariant(variant, referenceBody);
  if (variant.view === 'side') {
    const angles = frames.map((f) => flattened(f.pose));
    const largest = (i: number) => Math.max(...angles.flatMap((a) => [a[i] as number, a[i + 6] as number]));
    const smallest = (i: number) => Math.min(...angles.flatMap((a) => [a[i] as number, a[i + 6] as number]));
    if (largest(3) >= deepFrom.shoulder || smallest(3) <= deepFrom.shoulderBack) mark('shoulder', { deep: true });
    if (found.has('hip') && largest(6) >= deepFrom.hip) mark('hip', { deep: true });
    if (found.has('knee') && largest(7) >= deepFrom.knee) mark('knee', { deep: true });
  }
  if (frames.some((f) => f.touches.some((t) => t.contact.part === 'hands'))) mark('wrist');
  if (variant.impactContacts > 0) {
    mark('knee', { landing: true });
    mark('ankle', { landing: true });
  }
  return [...found.values()];
}
