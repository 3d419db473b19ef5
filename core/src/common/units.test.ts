import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inUnits, lengthText, massText, metric, typedIn } from './units';

const imperial = { mass: 'lb', length: 'in' } as const;

describe('units', () => {
  it.each([
    ['2 dumbbells 7.5 kg', '2 dumbbells 16.5 lb'],
    ['kettlebell 16 kg', 'kettlebell 35 lb'],
    ['0.4 to 0.5 kg each: stays at or under 2.3 kg', '1 to 1 lb each: stays at or under 5 lb'],
    ['Step of 10 cm, knee at or under 45°', 'Step of 4 in, knee at or under 45°'],
    ['First a lighter set: 5 reps with 60 kg', 'First a lighter set: 5 reps with 132 lb'],
    ['10-15 kg', '22-33 lb'],
    ['8 kg/cm', '17.5 lb/cm'],
    ['3x8 r90, 30 s', '3x8 r90, 30 s'],
    ['0.05 kg', '0.1 lb'],
  ])('%s is %s', (text, expected) => {
    expect(inUnits(text, imperial)).toBe(expected);
    expect(inUnits(text, metric)).toBe(text);
  });

  it('each unit is its own', () => {
    expect(inUnits('box 50 cm, 16 kg', { mass: 'kg', length: 'in' })).toBe('box 19.5 in, 16 kg');
    expect(massText(72, imperial)).toBe('159 lb');
    expect(lengthText(178, imperial)).toBe('70 in');
    expect(lengthText(178, metric)).toBe('178 cm');
  });

  it('what is shown and typed again is the same to the half pound or inch', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 200, noNaN: true }), (kg) => {
        const [shown = ''] = massText(kg, imperial).split(' ');
        expect(Math.abs(typedIn(Number(shown), 'lb') - kg)).toBeLessThan(0.24);
        expect(massText(typedIn(Number(shown), 'lb'), imperial)).toBe(`${shown} lb`);
      }),
    );
  });
});
