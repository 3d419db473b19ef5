import { describe, expect, it } from 'vitest';
import { GRAVITY, scaledBody } from '../../body/segments';
import { variantById } from '../library/library';
import { peakMoments, staticsOf } from './moments';

const body = scaledBody({ heightCm: 175, massKg: 70 });

function variant(id: string) {
  const found = variantById(id);
  if (!found) throw new Error(`${id} is not in the library`);
  return found;
}

describe('grip', () => {
  it('of a bar hang is half the body weight for each hand, hooked near the knuckles, and the wrists hang in line', () => {
    const { grip, wrist } = peakMoments(variant('bar-hang'), body);
    const hookedLeverM = 0.85 * 0.026 * 1.75;
    expect(grip).toBeCloseTo((70 * GRAVITY * hookedLeverM) / 2, 0);
    expect(wrist).toBeLessThan(2.1);
  });

  it('grows with the bag by what each hand carries of it', () => {
    const at = (loadKg: number) => peakMoments(variant('bag-hold'), body, { loadKg }).grip;
    expect(at(0)).toBe(0);
    expect(at(20) / at(10)).toBeCloseTo(2, 9);
  });
});

describe('a towel from hands to foot', () => {
  const stretch = variant('lying-hamstring-stretch');
  const { line: _, ...rest } = stretch;
  const without = { ...rest, regions: stretch.regions };

  it('pulls inside the body: what the floor carries stays as it is', () => {
    const shares = (v: typeof stretch) => staticsOf(v, body).map((f) => f.shares.map((s) => s.share));
    const [with_, plain] = [shares(stretch), shares(without)];
    with_.forEach((frame, i) => {
      frame.forEach((share, k) => {
        expect(share).toBeCloseTo((plain[i] as number[])[k] as number, 6);
      });
    });
  });

  it('loads the hands that hold it', () => {
    expect(peakMoments(stretch, body).grip).toBeGreaterThan(0);
    expect(peakMoments(without, body).grip).toBe(0);
  });
});
