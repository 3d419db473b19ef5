import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type BandCurve, bandForceN, bandLevels, setUp, typicalCurve } from '../body/band';
import { BandFitError, type BandReading, fitBand, forceBetween, parseReadings, ReadingsError } from './band-fit';
import { bandCurve, loadingOf } from './loads';

const along = (curve: BandCurve, restM: number, stretches: readonly number[]): BandReading[] =>
  stretches.map((s) => ({ lengthM: restM * s, forceN: bandForceN(curve, s) }));

describe('a band by its readings', () => {
  it('is found again from readings without error (property)', () => {
    const force = fc.double({ min: 3, max: 90, noNaN: true });
    fc.assert(
      fc.property(force, force, fc.double({ min: 0.3, max: 2, noNaN: true }), (growingN, earlyN, restM) => {
        const truth: BandCurve = { growingN, earlyN, off: 0 };
        const fitted = fitBand(along(truth, restM, [1.3, 1.7, 2.2, 2.8]), restM);
        for (const s of [1.2, 1.5, 2, 2.5, 3]) expect(bandForceN(fitted, s) / bandForceN(truth, s)).toBeCloseTo(1, 4);
      }),
    );
  });

  it('tells its error: readings that scatter more are believed less, and the true force lies within it', () => {
    const truth = typicalCurve('heavy');
    const scattered = (by: number) =>
      fitBand(
        along(truth, 1, [1.3, 1.6, 2, 2.4, 2.8]).map((r, i) => ({ ...r, forceN: r.forceN * (1 + (i % 2 ? by : -by)) })),
        1,
      );
    expect(scattered(0.1).off).toBeGreaterThan(scattered(0.02).off);
    const { low, high } = forceBetween(scattered(0.05), 1.8);
    expect(bandForceN(truth, 1.8)).toBeGreaterThan(low);
    expect(bandForceN(truth, 1.8)).toBeLessThan(high);
  });

  it('takes readings in any order, slack ones among them', () => {
    const readings = along(typicalCurve('medium'), 1, [2.4, 1.4, 1.9]);
    expect(fitBand([{ lengthM: 1, forceN: 0 }, ...readings], 1)).toEqual(fitBand([...readings].reverse(), 1));
  });

  it.each<[string, string, number, RegExp]>([
    ['two readings only', '120 cm 20 N; 160 cm 30 N', 1, /2 lengths beyond the slack band: a curve needs 3/],
    ['one length three times', '150 cm 20 N; 150 cm 21 N; 150 cm 20 N', 1, /1 length beyond/],
    ['none', '', 1, /No reading beyond the slack band/],
    [
      'force that falls with length',
      '120 cm 21 N; 160 cm 10 N; 190 cm 40 N',
      1,
      /At 160 cm it pulls 10 N, less than the 21 N at 120 cm/,
    ],
    ['a pull while slack', '80 cm 15 N; 120 cm 20 N; 150 cm 30 N', 1, /80 cm is shorter than the slack band/],
    ['drawn out too far', '120 cm 20 N; 150 cm 30 N; 900 cm 90 N', 1, /more than 4 times the slack band/],
    ['no curve of rubber', '110 cm 1 N; 120 cm 1 N; 130 cm 90 N; 200 cm 91 N', 1, /% off any curve/],
    ['a slack length of nothing', '120 cm 20 N', 0, /slack length must be between/],
  ])('refuses %s and says why', (_, typed, restM, why) => {
    expect(() => fitBand(parseReadings(typed), restM)).toThrow(BandFitError);
    expect(() => fitBand(parseReadings(typed), restM)).toThrow(why);
  });

  it('refuses no length or force below zero', () => {
    expect(() => fitBand([{ lengthM: -1, forceN: 3 }], 1)).toThrow(/Reading 1: length and force/);
  });
});

describe('readings as they are typed', () => {
  it.each<[string, BandReading[]]>([
    [
      '120 cm 2.1 kg, 160 cm 4 kg',
      [
        { lengthM: 1.2, forceN: 20.601 },
        { lengthM: 1.6, forceN: 39.24 },
      ],
    ],
    [
      '1,2 m 20 N\n1,6 m 31,5 N',
      [
        { lengthM: 1.2, forceN: 20 },
        { lengthM: 1.6, forceN: 31.5 },
      ],
    ],
    ['48 in: 5 lb', [{ lengthM: 1.219, forceN: 22.24 }]],
    ['1.2m=20N;', [{ lengthM: 1.2, forceN: 20 }]],
  ])('reads "%s"', (typed, readings) => {
    expect(parseReadings(typed)).toEqual(readings);
  });

  it.each([
    ['120 2 kg', '120 2 kg'],
    ['120 cm', '120 cm'],
    ['120 cm 2 kg, long hard', 'long hard'],
    ['-1 m 20 n', '-1 m 20 n'],
  ])('refuses "%s" and marks "%s"', (typed, word) => {
    try {
      parseReadings(typed);
      expect.unreachable();
    } catch (error) {
      expect(error).toBeInstanceOf(ReadingsError);
      expect((error as ReadingsError).word).toBe(word);
    }
  });
});

describe('ways of holding a band', () => {
  const curve: BandCurve = { growingN: 20, earlyN: 10, restM: 1.2, off: 0.05 };

  it('doubled it pulls twice as hard at the same stretch, and stretches twice as much by the same way', () => {
    const doubled = setUp(curve, { kind: 'doubled' });
    expect(bandForceN(doubled, 2)).toBeCloseTo(2 * bandForceN(curve, 2), 9);
    expect(doubled.restM).toBeCloseTo(0.6, 9);
  });

  it('laid round a post it is doubled less the way round, stood on it loses the width between the feet', () => {
    expect(setUp(curve, { kind: 'round', roundM: 0.2 }).restM).toBeCloseTo(0.5, 9);
    const narrow = setUp(curve, { kind: 'stood-on', widthM: 0.2 });
    const wide = setUp(curve, { kind: 'stood-on', widthM: 0.6 });
    expect(bandForceN(wide, 0.9 / (wide.restM ?? 1))).toBeGreaterThan(bandForceN(narrow, 0.9 / (narrow.restM ?? 1)));
    expect(setUp(curve, { kind: 'single' })).toBe(curve);
    expect(() => setUp(curve, { kind: 'stood-on', widthM: 1.3 })).toThrow(/no length left/);
  });
});

describe('bands of a kit', () => {
  it.each(bandLevels)('%s is typical of its name and marked as far off', (level) => {
    expect(bandCurve({ kind: 'band-long', level })).toEqual(typicalCurve(level));
    expect(typicalCurve(level).off).toBeGreaterThanOrEqual(0.3);
  });

  it('only a measured one counts as a force; a name, or nothing, does not', () => {
    const measured = { restM: 1, readings: parseReadings('150 cm 25 N, 200 cm 40 N, 250 cm 52 N') };
    const items = [
      { kind: 'band-long' as const, measured },
      { kind: 'band-loop' as const, level: 'light' as const },
    ];
    expect(loadingOf({ with: 'band long' }, { items })?.band).toEqual(fitBand(measured.readings, 1));
    expect(loadingOf({ with: 'band loop light' }, { items })).toBeUndefined();
    expect(loadingOf({ with: 'tights' }, { items: [{ kind: 'tights' }] })).toBeUndefined();
    expect(loadingOf(undefined, { items })).toEqual({});
    expect(bandCurve({ kind: 'tights' })).toBeUndefined();
  });
});
