import { paceSeconds } from '../../dose/time';
import type { Variant } from '../../exercise/model/variant';
import type { Choice, Ramp } from '../draft/draft';

/** From this load on a lift has a lighter set before it, kg; and a loaded pull-up from this fraction of the maximum. Common practice, no source. */
const [rampFromKg, pullUpFrom] = [60, 0.7];
/** Share of the load and repetitions of the lighter set, and the rest after it, seconds; common practice, no source. */
const [rampShare, rampReps, rampRest] = [0.6, 5, 60];
/** Loads come in steps, kg. */
const step = 2.5;

/** The lighter set that a heavy lift wants before its first; nothing where it wants none. @example rampFor(backSquat, { load: { kg: 100 }, dose: parseDose('3x5 r150') }, 0.8) // { reps: 5, kg: 60 } */
export function rampFor({ pattern }: Variant, { load, dose }: Choice, share: number | undefined): Ramp | undefined {
  if (dose.work.kind !== 'reps' || load?.kg === undefined) return undefined;
  const reps = Math.min(rampReps, dose.work.reps);
  if (load.kg >= rampFromKg) return { reps, kg: Math.round((load.kg * rampShare) / step) * step };
  return pattern === 'vertical-pull' && (share ?? 0) >= pullUpFrom ? { reps } : undefined;
}

/** Seconds that a lighter set takes with the rest after it. */
export const rampSeconds = ({ reps }: Ramp): number => reps * paceSeconds.untimedRep + rampRest;

/** The same as the athlete reads it. @example rampWords({ reps: 5, kg: 60 }) // 'First a lighter set: 5 reps with 60 kg' */
export const rampWords = ({ reps, kg }: Ramp): string =>
  `First a lighter set: ${reps} reps ${kg === undefined ? 'without the load' : `with ${kg} kg`}`;
