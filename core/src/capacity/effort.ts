import type { Athlete } from '../athlete/athlete';
import { type ScaledBody, scaledBody } from '../body/segments';
import { variantById } from '../exercise/library';
import type { Variant } from '../exercise/variant';
import { type RelativeLoad, relativeLoads } from './relative-load';
import { epleyShare } from './strength';

/** The joint action that gives out first and the share of its most that it is asked for. */
export type Effort = RelativeLoad;

function hardest(variant: Variant, athlete: Athlete, day: string, loadKg: number, body: ScaledBody): Effort {
  const [first] = relativeLoads(variant, athlete, day, { loadKg }, body);
  if (!first) throw new RangeError(`variant "${variant.id}" names no joint action`);
  return first;
}

/**
 * How hard a variant is for this athlete with a load: its limiting joint by moment against the most that joint can do.
 * A repetition test of a variant that is limited by the same joint replaces the guess by what it showed (Epley 1985).
 */
export function effortOf(
  variant: Variant,
  athlete: Athlete,
  day: string,
  loadKg: number,
  body = scaledBody(athlete),
): Effort {
  const effort = hardest(variant, athlete, day, loadKg, body);
  for (const test of athlete.tests ?? []) {
    const tested = variantById(test.variant);
    if (!tested) continue;
    const guess = hardest(tested, athlete, day, 0, body);
    if (guess.moment === effort.moment)
      return { ...effort, share: (effort.share * epleyShare(test.maxReps)) / guess.share };
  }
  return effort;
}
