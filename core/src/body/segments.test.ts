import { describe, expect, it } from 'vitest';
import { placedKeyframes } from './motion';
import { type AthleteSize, scaledBody } from './segments';
import { statics } from './statics';

const sizes: AthleteSize[] = [
  { heightCm: 160, massKg: 52, sex: 'female' },
  { heightCm: 175, massKg: 70, sex: 'female' },
  { heightCm: 182, massKg: 80, sex: 'male' },
  { heightCm: 200, massKg: 110, sex: 'male' },
];

describe('scaled body', () => {
  it.each(sizes)('segments of $sex $heightCm cm add up to the whole mass', (size) => {
    const { segmentMassKg: m } = scaledBody(size);
    const sides = m.foot + m.shank + m.thigh + m.upperArm + m.forearm + m.hand;
    expect(2 * sides + m.trunk + m.head).toBeCloseTo(size.massKg, 9);
  });

  // Winter and handbooks: 0.55 (female) to 0.57 (male) of height, values from memory; 0.012 for shared segment lengths.
  it.each(sizes)('centre of mass of $sex $heightCm cm stands at 0.55 to 0.57 of height', (size) => {
    const [frame] = placedKeyframes(
      { view: 'side', keyframes: [{ name: 'stand', base: 'standing', on: ['feet'] }] },
      scaledBody(size),
    );
    if (!frame) throw new Error('no frame');
    const share = statics(frame).centreOfMass.y / (size.heightCm / 100);
    expect(share).toBeGreaterThan(0.55);
    expect(share).toBeLessThan(0.582);
  });

  it.each([
    [{ heightCm: 90, massKg: 60 }, 'heightCm'],
    [{ heightCm: 180, massKg: 5 }, 'massKg'],
    [{ heightCm: Number.NaN, massKg: 60 }, 'heightCm'],
  ])('refuses %o and names the field', (size, field) => {
    expect(() => scaledBody(size)).toThrow(field);
  });
});
