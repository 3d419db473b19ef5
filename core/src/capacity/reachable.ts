import { type Zone, zoneOf } from '../dose/zone';
import type { Variant } from '../exercise/variant';
import type { Feasibility } from '../kit/feasible';
import type { LoadOption } from '../kit/loads';
import type { Capacity, Interval } from './capacity';

/** One load with what it comes to for this athlete. */
export interface Reached {
  load?: LoadOption;
  /** A measured band. */
  band?: string;
  share: number;
  between: Interval;
  /** None for holds: zones are of lifts that are counted. */
  zone?: Zone;
  /** Repetitions, or seconds of a hold, to failure. */
  toFailure: Interval;
  counts: 'repetitions' | 'seconds';
}

/** What a variant comes to at every load there is, lightest first. Empty where the force is not known: unmeasured bands, no load the model sees. */
export function reachOf({ variant, loads, bands }: Feasibility, capacity: Capacity): Reached[] {
  const counts = variant.dose.work.kind === 'hold' ? 'seconds' : 'repetitions';
  const reached = (loading: Parameters<Capacity['effort']>[1], what: Pick<Reached, 'load' | 'band'>): Reached[] => {
    const effort = capacity.effort(variant, loading);
    const toFailure = capacity.toFailure(variant, loading, counts);
    if (!effort || !toFailure) return [];
    const { share, between } = effort;
    const zone = counts === 'repetitions' ? { zone: zoneOf(share, variant.speed === 'fast') } : {};
    return [{ ...what, share, between, ...zone, toFailure, counts }];
  };
  if (variant.load?.source === 'band')
    return bands.flatMap(({ with: band, measured }) => (measured ? reached({ band: measured }, { band }) : []));
  const bare = variant.load?.required ? [] : reached({}, {});
  return [...bare, ...loads.flatMap((load) => reached({ loadKg: load.kg }, { load }))];
}

/** A load that cannot be lifted so often, or held so many seconds, is not trained with alone at home. */
const [fewestLifted, shortestHeld] = [3, 5];

const trainable = ({ toFailure, counts }: Reached) =>
  toFailure.mid >= (counts === 'seconds' ? shortestHeld : fewestLifted);

/** The hardest that can still be trained with; undefined where nothing is known or all is too heavy. */
export function hardestOf(reached: readonly Reached[]): Reached | undefined {
  return reached
    .filter(trainable)
    .reduce<Reached | undefined>((best, r) => (best && best.share >= r.share ? best : r), undefined);
}

const zoneOrder: readonly Zone[] = ['muscular-endurance', 'hypertrophy', 'strength'];

/** Whether a zone is reached, or one that asks for more. Fast zones are reached by moving fast what is light enough. */
export function reaches(found: Reached | undefined, wanted: Zone): boolean {
  if (!found?.zone) return false;
  if (wanted === 'speed-strength' || wanted === 'power') return found.zone === wanted;
  return zoneOrder.indexOf(found.zone) >= zoneOrder.indexOf(wanted);
}

/** Best a pattern comes to in this place. */
export interface PatternReach {
  variant: Variant;
  reached: Reached;
}

/** For each pattern the variants with what they come to at their hardest, hardest first. */
export function reachByPattern(
  candidates: readonly Feasibility[],
  capacity: Capacity,
): Map<Variant['pattern'], PatternReach[]> {
  const found = new Map<Variant['pattern'], PatternReach[]>();
  for (const candidate of candidates) {
    if (candidate.reasons.length) continue;
    const reached = hardestOf(reachOf(candidate, capacity));
    if (!reached) continue;
    const { variant } = candidate;
    found.set(variant.pattern, [...(found.get(variant.pattern) ?? []), { variant, reached }]);
  }
  for (const list of found.values()) list.sort((a, b) => b.reached.share - a.reached.share);
  return found;
}
