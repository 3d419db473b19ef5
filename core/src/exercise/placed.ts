import { placedBetween, placedKeyframes } from '../body/motion';
import type { PlacedBody } from '../body/placing';
import type { ScaledBody } from '../body/segments';
import type { Variant } from './variant';

/** What tells one scaled body from another. */
export const bodyKey = (body: ScaledBody) => `${body.heightM}|${body.massKg}|${body.centre.trunk}`;

const kept = new WeakMap<Variant, Map<string, PlacedBody[]>>();

/** Keyframes of a variant put down for a body; kept, since the same bodies are asked for again and again. */
export function placedVariant(variant: Variant, body: ScaledBody): PlacedBody[] {
  const known = kept.get(variant) ?? new Map<string, PlacedBody[]>();
  kept.set(variant, known);
  const key = bodyKey(body);
  const frames = known.get(key) ?? placedKeyframes(variant, body);
  known.set(key, frames);
  return frames;
}

/** Bodies along a repetition: the keyframes, and `between` bodies from each of them to the next. */
export function placedAlong(variant: Variant, body: ScaledBody, between: number): PlacedBody[] {
  const keys = placedVariant(variant, body);
  return keys.flatMap((key, k) => {
    const next = keys[k + 1];
    return next ? Array.from({ length: between }, (_, i) => placedBetween(key, next, i / between)) : [key];
  });
}
