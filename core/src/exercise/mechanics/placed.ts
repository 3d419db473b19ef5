import { bodyIn, type Keyframe, placedBetween, placedKeyframes, sameContacts } from '../../body/motion';
import type { PlacedBody } from '../../body/placing';
import type { ScaledBody } from '../../body/segments';
import type { Variant } from '../model/variant';

/** What tells one scaled body from another. */
export const bodyKey = (body: ScaledBody) => `${body.heightM}|${body.massKg}|${body.centre.trunk}`;

/** What tells one stature from another: two bodies of one stature stand alike, however heavy they are. */
export const statureKey = (body: ScaledBody) => `${body.heightM}|${body.centre.trunk}`;

/** The same stature weighing one kilogram; rounded, so that whoever is put down first, it comes out the same. */
function ofOneKilogram(body: ScaledBody): ScaledBody {
  const share = (massKg: number) => Math.round((massKg / body.massKg) * 1e9) / 1e9;
  const segmentMassKg = Object.fromEntries(
    Object.entries(body.segmentMassKg).map(([segment, massKg]) => [segment, share(massKg)]),
  ) as ScaledBody['segmentMassKg'];
  return { ...body, massKg: 1, segmentMassKg };
}

const placedByStature = new WeakMap<Variant, Map<string, PlacedBody[]>>();
const placedByBody = new WeakMap<Variant, Map<string, PlacedBody[]>>();

/** What is kept of a variant, or of whoever else owns it, under a key; worked out when it is first asked for. */
export function keptOf<K extends object, T>(
  kept: WeakMap<K, Map<string, T>>,
  owner: K,
  key: string,
  workOut: () => T,
): T {
  const known = kept.get(owner) ?? new Map<string, T>();
  kept.set(owner, known);
  const found = known.get(key) ?? workOut();
  known.set(key, found);
  return found;
}

/** Keyframes of a variant put down for a body; kept, since the same statures are asked for again and again. */
export function placedVariant(variant: Variant, body: ScaledBody): PlacedBody[] {
  return keptOf(placedByBody, variant, bodyKey(body), () => {
    const frames = keptOf(placedByStature, variant, statureKey(body), () =>
      placedKeyframes(variant, ofOneKilogram(body)),
    );
    return frames.map((frame, i) => ({ ...frame, body: bodyIn(variant, variant.keyframes[i] as Keyframe, body) }));
  });
}

/**
 * Bodies along a repetition: the keyframes, and `between` bodies from each of them to the next. A film `glides` where a foot or a hand comes or goes, out of
 * balance as it may be there.
 */
export function placedAlong(variant: Variant, body: ScaledBody, between: number, glides = false): PlacedBody[] {
  const keys = placedVariant(variant, body);
  return keys.flatMap((key, k) => {
    const next = keys[k + 1];
    if (!next) return [key];
    const eased = glides && !sameContacts(key, next);
    return Array.from({ length: between }, (_, i) => placedBetween(key, next, i / between, eased));
  });
}
