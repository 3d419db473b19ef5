import { type MomentName, momentNames } from '../../body/moment-names';
import type { ScaledBody } from '../../body/segments';
import { typicalMoment } from '../../body/typical-strength';
import type { Variant } from '../model/variant';
import type { Loading } from './loading';
import { peakMoments } from './moments';

/** A movement that is about a weight is judged at this mass, kg; common practice, no source. */
const usualLoadKg = 10;

/**
 * The load with which a movement is judged whoever does it: a usual weight where one is part of it, the body alone otherwise.
 *
 * @example usualLoad(gobletSquat) // { loadKg: 10 }
 */
export function usualLoad({ load }: Variant): { loadKg: number } {
  return { loadKg: load?.required ? Math.min(load.maxKg ?? usualLoadKg, usualLoadKg) : 0 };
}

/**
 * Largest moments of a repetition as shares of a trained adult's typical most, 0 to 1 and over: so a wrist counts as much as a hip.
 *
 * @example fractionsOfMax(pushUp, referenceBody).elbow
 */
export function fractionsOfMax(variant: Variant, body: ScaledBody, loading: Loading = {}): Record<MomentName, number> {
  const moments = peakMoments(variant, body, loading);
  return Object.fromEntries(
    momentNames.map((name) => [name, moments[name] / (typicalMoment[name] * body.massKg)]),
  ) as Record<MomentName, number>;
}
