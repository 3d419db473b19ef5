import type { Athlete } from '../athlete/athlete';
import { scaledBody } from '../body/segments';
import { type Catalogue, catalogueOf } from '../exercise/catalogue/catalogue';
import type { Loading } from '../exercise/mechanics/loading';
import type { Variant } from '../exercise/model/variant';
import type { Capacity } from './capacity';
import { capacityOf } from './capacity-of';
import type { Interval } from './interval';
import { jumpReached } from './jump';

/** What an athlete will do with an exercise today, each with the bounds it lies within four times in five. */
export interface Prediction {
  /** Fraction of the maximum of the joint action that limits it; above 1 it cannot be done. */
  fractionOfMax: Interval;
  /** Repetitions on one try until none is left; null where a required load was not told. */
  repetitionsToFailure: Interval | null;
  /** Seconds that its hardest position is held; null likewise. */
  holdSeconds: Interval | null;
  /** The load that can be lifted once, kg; null where it takes no weight. */
  oneRepMaxKg: Interval | null;
  /** The joint action that gives out first, such as "elbow extension". */
  limits: string;
  /** For jumps, how high the body rises, cm. */
  jumpHeightCm?: Interval;
}

const bounds = ['low', 'mid', 'high'] as const;
/** Nobody lifts more than this, kg; and how closely the load is found. */
const [heaviestKg, steps] = [600, 40];

/** The load at which a bound of the fraction of max reaches 1, kg; 0 where it does without any. */
function loadAtMaxKg(capacity: Capacity, variant: Variant, bound: (typeof bounds)[number]): number {
  let [low, high] = [0, heaviestKg];
  for (let i = 0; i < steps; i++) {
    const middle = (low + high) / 2;
    if ((capacity.effort(variant, { loadKg: middle })?.between[bound] ?? 0) < 1) low = middle;
    else high = middle;
  }
  return low;
}

/**
 * Predicts what an athlete does with a variant on a day, from sex, age, size and level, and from tests and logged sets where there are any. Undefined where
 * the body model sees no load on it.
 *
 * @example predicted(pushUp, { heightCm: 178, massKg: 75, sex: 'male', level: 'intermediate', born: '2001-01-01' }, '2026-12-09')?.limits // 'elbow extension'
 */
export function predicted(
  variant: Variant,
  athlete: Athlete,
  day: string,
  loading: Loading = {},
  catalogue: Catalogue = catalogueOf(),
): Prediction | undefined {
  const capacity = capacityOf(athlete, day, catalogue);
  const effort = capacity.effort(variant, loading);
  if (!effort) return undefined;
  const told = !variant.load?.required || loading.loadKg !== undefined || loading.band !== undefined;
  const amount = (counts: 'repetitions' | 'seconds') =>
    told ? ascending(capacity.toFailure(variant, loading, counts)) : null;
  const weight = variant.load?.source === 'weight';
  const jump = jumpReached(variant, capacity, scaledBody(athlete), catalogue);
  return {
    fractionOfMax: effort.between,
    repetitionsToFailure: amount('repetitions'),
    holdSeconds: amount('seconds'),
    oneRepMaxKg: weight
      ? {
          low: loadAtMaxKg(capacity, variant, 'high'),
          mid: loadAtMaxKg(capacity, variant, 'mid'),
          high: loadAtMaxKg(capacity, variant, 'low'),
        }
      : null,
    limits: `${effort.action.joint} ${effort.action.action}`,
    ...(jump ? { jumpHeightCm: jump } : {}),
  };
}

const ascending = (interval: Interval | undefined): Interval | null =>
  interval
    ? { ...interval, low: Math.min(interval.low, interval.high), high: Math.max(interval.low, interval.high) }
    : null;
