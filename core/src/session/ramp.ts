import type { Variant } from '../exercise/variant';
import { alone } from './column';
import type { Choice, Group } from './draft';

/** From this load on a lift has a lighter set before it, kg; and a pull-up from this fraction of the maximum. Common practice, no source. */
const [rampFromKg, pullUpFrom] = [60, 0.7];
/** Share of the load and repetitions of the lighter set; common practice, no source. */
const [rampShare, rampReps] = [0.6, 5];
/** Loads come in steps, kg. */
const step = 2.5;

/** Whether a lift wants a lighter set before its first. */
export function wantsRamp({ pattern }: Variant, { load, dose }: Choice, share: number): boolean {
  if (dose.work.kind !== 'reps') return false;
  return (
    (load?.kg ?? 0) >= rampFromKg || (pattern === 'vertical-pull' && load?.kg !== undefined && share >= pullUpFrom)
  );
}

/** The lighter set: more than half of the load, or none beside the body, for few easy repetitions. */
export function rampOf(choice: Choice): Group {
  const { reserve: _, ...dose } = choice.dose;
  const kg =
    (choice.load?.kg ?? 0) >= rampFromKg ? Math.round(((choice.load?.kg ?? 0) * rampShare) / step) * step : undefined;
  const { load, setUpSeconds: __, note: ___, ...rest } = choice;
  return alone('activate', {
    ...rest,
    pinned: false,
    ...(load && kg !== undefined ? { load: { ...load, kg } } : {}),
    dose: {
      ...dose,
      sets: 1,
      work: { kind: 'reps', reps: Math.min(rampReps, dose.work.kind === 'reps' ? dose.work.reps : rampReps) },
      restSeconds: 60,
    },
  });
}
