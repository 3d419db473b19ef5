import { describe, expect, it } from 'vitest';
import { scaledBody } from '../../body/segments';
import { parseTempo } from '../../dose/notation';
import { library, variantById } from '../library/library';
import { keyframeAt, paceOf } from './pacing';
import { placedVariant } from './placed';

const body = scaledBody({ heightCm: 175, massKg: 70 });
function pace(id: string, tempo?: string) {
  const variant = variantById(id);
  if (!variant) throw new Error(id);
  return paceOf(variant, placedVariant(variant, body), tempo ? parseTempo(tempo) : undefined);
}

describe('a figure moves as the dose says', () => {
  it('takes three seconds down, pauses one, and comes up in one', () => {
    const squat = pace('squat', '3-1-1');
    expect(squat.seconds).toBe(5);
    expect(keyframeAt(squat, 0)).toBe(0);
    expect(keyframeAt(squat, 3)).toBe(1);
    expect(keyframeAt(squat, 3.9)).toBe(1);
    expect(keyframeAt(squat, 4.99)).toBeLessThan(0.01);
  });

  it('starts with the rise where the work is a rise, and holds the top pause there', () => {
    const raise = pace('calf-raise', '2-0-1-2');
    expect(raise.seconds).toBe(5);
    expect(keyframeAt(raise, 1)).toBe(1);
    expect(keyframeAt(raise, 2.9)).toBe(1);
    expect(keyframeAt(raise, 4)).toBeGreaterThan(0.4);
  });

  it('goes as fast as possible for X', () => {
    expect(pace('push-up-fast', '2-0-X').seconds).toBeLessThan(2.6);
  });

  it('runs a jump through and begins again instead of jumping backwards', () => {
    const jump = pace('countermovement-jump');
    const course = Array.from({ length: 60 }, (_, i) => keyframeAt(jump, (i / 60) * jump.seconds));
    expect([...course].sort((a, b) => a - b)).toEqual(course);
  });

  it('stays between the keyframes for every variant at every moment', () => {
    for (const variant of library) {
      const { seconds } = pace(variant.id);
      expect(seconds).toBeGreaterThan(0);
      for (let i = 0; i <= 20; i++) {
        const at = keyframeAt(pace(variant.id), (i / 10) * seconds);
        expect(at).toBeGreaterThanOrEqual(0);
        expect(at).toBeLessThanOrEqual(variant.keyframes.length - 1);
      }
    }
  });
});
