import type { Athlete } from '../athlete/athlete';
import { type ScaledBody, scaledBody } from '../body/segments';
import { type Catalogue, catalogueOf } from '../exercise/catalogue/catalogue';
import type { Loading } from '../exercise/mechanics/loading';
import { bodyKey, keptOf } from '../exercise/mechanics/placed';
import type { Variant } from '../exercise/model/variant';
import type { Effort } from './action-capacity';
import { Capacity } from './capacity';
import { evidenceFrom } from './evidence';
import type { Interval } from './interval';

const kept = new WeakMap<Athlete, WeakMap<Catalogue, Map<string, Capacity>>>();

/**
 * What an athlete can do on a day, from all tests and logged sets up to it, a club's own exercises among them; kept, since composing asks again and again.
 *
 * @example capacityOf(athlete, '2026-12-09', catalogueOf(brief.own)).toFailure(pushUp).mid
 */
export function capacityOf(
  athlete: Athlete,
  day: string,
  catalogue: Catalogue = catalogueOf(),
  body: ScaledBody = scaledBody(athlete),
): Capacity {
  const ofAthlete = kept.get(athlete) ?? new WeakMap<Catalogue, Map<string, Capacity>>();
  kept.set(athlete, ofAthlete);
  return keptOf(ofAthlete, catalogue, `${day}|${bodyKey(body)}`, () => learnt(athlete, day, catalogue, body));
}

function learnt(athlete: Athlete, day: string, catalogue: Catalogue, body: ScaledBody): Capacity {
  const { showings, jumps } = evidenceFrom(athlete, day);
  return new Capacity(athlete, day, catalogue, showings, jumps, body);
}

/** Nothing loads what the model sees no load on. */
const none: Interval = { low: 0, mid: 0, high: 0 };

/** How hard a variant is with a load for who can do so much: its limiting joint action by moment against the largest that joint can hold. */
export function effortOf(capacity: Capacity, variant: Variant, loading: Loading = {}): Effort {
  const effort = capacity.effort(variant, loading);
  if (effort) return effort;
  const [action] = variant.jointActions;
  if (!action) throw new RangeError(`variant "${variant.id}" names no joint action`);
  return { action, moment: 'trunk', momentNm: 0, share: 0, between: none };
}
