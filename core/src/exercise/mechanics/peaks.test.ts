import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { scaledBody } from '../../body/segments';
import { library, variantById } from '../library/library';
import type { Variant } from '../model/variant';
import { peakMoments } from './moments';
import { alongText } from './peak-points';
import { findPeaks, peakPoints, placedForPeaks } from './peaks';
import { placedAlong, placedVariant } from './placed';

const of = (id: string) => variantById(id) as Variant;
const body = scaledBody({ heightCm: 175, massKg: 70 });

describe('peaks between the keyframes', () => {
  it('are shipped as they are found', () => {
    for (const variant of library)
      expect(peakPoints(variant).map(alongText), `${variant.id}: npm run peaks`).toEqual(
        findPeaks(variant).map(alongText),
      );
  });

  it('raise the high step-up, where the rear foot has just left, and leave a hold as it is', () => {
    expect(placedForPeaks(of('high-step-up'), body).length).toBeGreaterThan(
      placedVariant(of('high-step-up'), body).length,
    );
    const knee = (id: string) => peakMoments(of(id), body).knee;
    expect(knee('high-step-up')).toBeGreaterThan(1.2 * knee('low-step-up'));
    expect(peakPoints(of('forearm-plank'))).toEqual([]);
  });

  it('are looked for anew in a pose that is not the shipped one', () => {
    const shipped = of('overhead-press');
    const own = { ...shipped, keyframes: [...shipped.keyframes] };
    expect(peakPoints(own).map(alongText)).toEqual(peakPoints(shipped).map(alongText));
    expect(peakPoints({ ...shipped, keyframes: shipped.keyframes.slice(0, 1) })).toEqual([]);
  });

  it('keep the keyframes in their order and every body on what it stands on', () => {
    fc.assert(
      fc.property(fc.constantFrom(...library), fc.integer({ min: 150, max: 198 }), (variant, heightCm) => {
        const size = scaledBody({ heightCm, massKg: 70 });
        const keys = placedVariant(variant, size);
        const all = placedForPeaks(variant, size);
        expect(all.filter((frame) => keys.includes(frame))).toEqual(keys);
        expect(all.length - keys.length).toBe(peakPoints(variant).length);
      }),
      { numRuns: 40 },
    );
  });

  it('a plank that becomes one on the hands is never stood up on its toes on the way', () => {
    for (const frame of placedAlong(of('up-down-plank'), body, 6)) expect(frame.skeleton.head.y).toBeLessThan(1);
  });
});
