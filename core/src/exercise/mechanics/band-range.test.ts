import { describe, expect, it } from 'vitest';
import { scaledBody } from '../../body/segments';
import { library, variantById } from '../library/library';
import type { Variant } from '../model/variant';
import { bandOverRange } from './band-range';

const body = scaledBody({ heightCm: 175, massKg: 70 });
/** Seen from the side a band between the two hands has no length. */
const banded = library.filter(
  (v) => v.line && v.line.resist === undefined && !(v.view === 'side' && v.line.to === 'other'),
);

describe('the pull of a band along a repetition', () => {
  it('pulls more where it is longer, for every exercise with one', () => {
    expect(banded.length).toBeGreaterThan(15);
    for (const variant of banded) {
      const pulls = bandOverRange(variant, body, 'medium');
      expect(pulls[0]?.share).toBe(0);
      expect(pulls.at(-1)?.share).toBe(1);
      expect(Math.max(...pulls.map((p) => p.stretch))).toBeGreaterThan(1);
      const byStretch = [...pulls].sort((a, b) => a.stretch - b.stretch).map((p) => p.forceN);
      expect([...byStretch].sort((a, b) => a - b)).toEqual(byStretch);
    }
  });

  it('rises more steeply in a shorter band of the same rubber, and in a stronger one', () => {
    const row = variantById('band-row') as Variant;
    const rise = (restM: number, growingN: number) => {
      const forces = bandOverRange(row, body, { growingN, earlyN: 0, restM, off: 0.05 }).map((p) => p.forceN);
      return Math.max(...forces) - Math.min(...forces);
    };
    expect(rise(0.6, 30)).toBeGreaterThan(1.2 * rise(1.5, 30));
    expect(rise(0.6, 60)).toBeCloseTo(2 * rise(0.6, 30), 6);
  });

  it('is nothing for what is done without a band', () => {
    expect(bandOverRange(variantById('push-up') as Variant, body, 'heavy')).toEqual([]);
  });
});
