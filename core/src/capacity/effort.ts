import type { Athlete } from '../athlete/athlete';
import { type ScaledBody, scaledBody } from '../body/segments';
import type { Loading } from '../exercise/moments';
import { bodyKey } from '../exercise/placed';
import type { Variant } from '../exercise/variant';
import { Capacity, type Effort } from './capacity';
import { shownBy } from './evidence';
import type { Interval } from './interval';

const kept = new WeakMap<Athlete, Map<string, Capacity>>();

/**
 * What an athlete can do on a day, from all tests and logged sets up to it; kept, since composing asks again and again.
 *
 * @example capacityOf(athlete, '2026-12-09').toFailure(pushUp).mid
 */
export function capacityOf(athlete: Athlete, day: string, body: ScaledBody = scaledBody(athlete)): Capacity {
  const known = kept.get(athlete) ?? new Map<string, Capacity>();
  kept.set(athlete, known);
  const key = `${day}|${bodyKey(body)}`;
  const capacity = known.get(key) ?? learnt(athlete, day, body);
  known.set(key, capacity);
  return capacity;
}

function learnt(athlete: Athlete, day: string, body: ScaledBody): Capacity {
  const { showings, jumps } = shownBy(athlete, day);
  return new Capacity(athlete, day, showings, jumps, body);
}

/** Nothing loads what the model sees no load on. */
const none: Interval = { low: 0, mid: 0, high: 0 };

/** How hard a variant is for this athlete with a load: its limiting joint action by moment against the most that joint can do. */
export function effortOf(
  variant: Variant,
  athlete: Athlete,
  day: string,
  loading: Loading = {},
  body: ScaledBody = scaledBody(athlete),
): Effort {
  const effort = capacityOf(athlete, day, body).effort(variant, loading);
  if (effort) return effort;
  const [action] = variant.jointActions;
  if (!action) throw new RangeError(`variant "${variant.id}" names no joint action`);
  return { action, moment: 'trunk', momentNm: 0, share: 0, between: none };
}
