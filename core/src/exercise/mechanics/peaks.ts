import { type MomentName, momentNames } from '../../body/moment-names';
import { placedBetween, shareSupport } from '../../body/motion';
import type { PlacedBody } from '../../body/placing';
import { GRAVITY, referenceBody, type ScaledBody } from '../../body/segments';
import type { Statics } from '../../body/statics';
import type { Variant } from '../model/variant';
import { loadedStatics } from './loading';
import { type Along, shippedPeaks } from './peak-points';
import { bodyKey, keptOf, placedVariant, statureKey } from './placed';

/** A required load is tried at this mass as well as without, kg: a heavy one moves the peak. */
const referenceLoadKg = 30;
/** So many points are looked at between two keyframes. */
const looked = 5;
/** A foot or a hand that leaves does so at once: right beside a keyframe it is looked, too. */
const justOff = 0.02;
/** A peak counts where it rises so far over every keyframe, and where the joint bears so much of body weight times height at all. */
const [rises, counts] = [1.03, 0.012];

/** Finds the points where some moment is larger than in every keyframe; none in the air, where the body is weightless, nor where hands give way to forearms. */
export function findPeaks(variant: Variant): Along[] {
  const keys = placedVariant(variant, referenceBody);
  const points = keys.slice(0, -1).flatMap((key, after): (Along & { frame: PlacedBody })[] => {
    const next = keys[after + 1] as PlacedBody;
    if (key.airborne || next.airborne || !shareSupport(key, next)) return [];
    const shares = Array.from({ length: looked }, (_, i) => (i + 1) / (looked + 1));
    return [justOff, ...shares, 1 - justOff].map((share) => ({
      after,
      share,
      frame: placedBetween(key, next, share),
    }));
  });
  const peaks = new Map<string, Along>();
  const loads = variant.load?.source === 'weight' ? [0, Math.min(referenceLoadKg, variant.load.maxKg ?? 1e9)] : [0];
  for (const loadKg of variant.load?.required ? loads.slice(-1) : loads) {
    const all = loadedStatics(variant, [...keys, ...points.map((p) => p.frame)], { loadKg });
    const [atKeys, between] = [all.slice(0, keys.length), all.slice(keys.length)];
    const floor = counts * referenceBody.massKg * GRAVITY * referenceBody.heightM;
    for (const name of momentNames) {
      const top = Math.max(...atKeys.map((s) => s.momentsNm[name]));
      const best = largestAt(between, name);
      const peak = between[best]?.momentsNm[name] ?? 0;
      if (peak <= Math.max(rises * top, floor)) continue;
      const { after, share } = points[best] as Along;
      peaks.set(`${after} ${share}`, { after, share });
    }
  }
  return [...peaks.values()].sort((a, b) => a.after - b.after || a.share - b.share);
}

function largestAt(all: readonly Statics[], name: MomentName): number {
  return all.reduce((best, s, i) => (s.momentsNm[name] > (all[best] as Statics).momentsNm[name] ? i : best), 0);
}

const found = new WeakMap<Variant['keyframes'], readonly Along[]>();

/**
 * Where between its keyframes a variant works a joint harder than in any of them: as shipped, or found when first asked for.
 *
 * @example peakPoints(overheadPress) // [{ after: 0, share: 0.5 }, ...]
 */
export function peakPoints(variant: Variant): readonly Along[] {
  const { keyframes } = variant;
  const known = shippedPeaks(keyframes) ?? found.get(keyframes) ?? findPeaks(variant);
  found.set(keyframes, known);
  return known;
}

const betweenByStature = new WeakMap<Variant, Map<string, PlacedBody[]>>();
const byBody = new WeakMap<Variant, Map<string, PlacedBody[]>>();

/** The keyframes of a variant put down for a body, and in their order the bodies between them where a joint works harder. */
export function placedForPeaks(variant: Variant, body: ScaledBody): PlacedBody[] {
  const points = peakPoints(variant);
  const keys = placedVariant(variant, body);
  if (points.length === 0) return keys;
  return keptOf(byBody, variant, bodyKey(body), () => {
    const between = keptOf(betweenByStature, variant, statureKey(body), () =>
      points.map(({ after, share }) => placedBetween(keys[after] as PlacedBody, keys[after + 1] as PlacedBody, share)),
    );
    const weighed = between.map((frame) => ({
      ...frame,
      body: {
        ...body,
        lengthM: { ...body.lengthM, upperArm: frame.body.lengthM.upperArm },
        elbowsOutM: frame.body.elbowsOutM,
      },
    }));
    return keys.flatMap((key, k) => [key, ...weighed.filter((_, i) => points[i]?.after === k)]);
  });
}
