import { extentOf, figureOf } from '../body/figure';
import { spaceNeeded } from '../body/footprint';
import { placedKeyframes } from '../body/motion';
import { type AthleteSize, scaledBody } from '../body/segments';
import { statics } from '../body/statics';
import type { Variant } from '../exercise/model/variant';

const thousandth = (value: number) => Math.round(value * 1000) / 1000;

/** What the `body` command tells of a variant: reactions as shares of body weight, joint moments (N m, one limb), height and footprint (m). */
export function bodyReport(variant: Variant, size: AthleteSize, loadKg: number) {
  const body = scaledBody(size);
  const frames = placedKeyframes(variant, body);
  const loads = loadKg > 0 ? [{ place: variant.load?.place ?? ('hands' as const), massKg: loadKg }] : [];
  const space = spaceNeeded(body, frames);
  return {
    variant: variant.id,
    keyframes: frames.map((frame, i) => {
      const { shares, momentsNm } = statics(frame, loads);
      return {
        name: variant.keyframes[i]?.name ?? String(i),
        reactions: shares.map(({ contact, share }) => ({ contact, share: thousandth(share) })),
        momentsNm: Object.fromEntries(Object.entries(momentsNm).map(([joint, value]) => [joint, thousandth(value)])),
        heightM: thousandth(extentOf(figureOf(frame)).maxY),
      };
    }),
    footprintM: { lengthM: thousandth(space.lengthM), widthM: thousandth(space.widthM) },
  };
}
