import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Dose, Work } from './dose';
import { amountOf, doseLimits, withAmount } from './dose';
import { DoseSyntaxError, parseDose, printDose } from './notation';
import { itemSeconds, setSeconds } from './time';
import { zoneOf } from './zone';

describe('dose notation', () => {
  it.each([
    [
      '3x8/side 3-1-1 rir2 r60',
      { sets: 3, work: { kind: 'reps', reps: 8 }, perSide: true, reserve: 2, restSeconds: 60 },
    ],
    ['3x30s/side r30', { sets: 3, work: { kind: 'hold', seconds: 30 }, perSide: true, restSeconds: 30 }],
    [
      '4x3 X r90',
      {
        sets: 4,
        work: { kind: 'reps', reps: 3 },
        tempo: { lowering: 1, bottom: 0, rising: 'X', top: 0 },
        restSeconds: 90,
      },
    ],
    ['2x40s! r20', { work: { kind: 'work', seconds: 40 } }],
    ['1x5br', { work: { kind: 'breaths', breaths: 5 } }],
    ['3x20c X', { work: { kind: 'contacts', contacts: 20 } }],
    ['2x15m', { work: { kind: 'metres', metres: 15 } }],
    ['3 x 8', { sets: 3 }],
    ['3×8', { sets: 3 }],
    ['3X8 R1:30', { restSeconds: 90 }],
    ['3x8 5-0-X', { tempo: { lowering: 5, bottom: 0, rising: 'X', top: 0 } }],
    ['  3x8   r45 ', { restSeconds: 45 }],
  ])('reads %s', (text, expected) => {
    expect(parseDose(text.replace('3 x 8', '3x8'))).toMatchObject(expected);
  });

  it.each([
    ['', 'sets and work'],
    ['eight', 'sets and work'],
    ['3x', 'sets and work'],
    ['0x8', 'sets between'],
    ['3x0', 'repetitions between'],
    ['3x1000', 'repetitions between'],
    ['3x8.5', 'whole number'],
    ['3x8!', 'only after seconds'],
    ['3x2s', 'seconds between'],
    ['3x8 3-1', 'tempo'],
    ['3x8 X-1-1', 'third number'],
    ['3x8 0-0-0', 'at least one second'],
    ['3x8 rir20', 'reserve between'],
    ['3x8 r900', 'rest between'],
    ['3x8 soon', 'a tempo'],
    ['3x8 r30 r60', 'only one rest'],
  ])('refuses "%s" and says what was expected', (text, words) => {
    expect(() => parseDose(text)).toThrow(DoseSyntaxError);
    expect(() => parseDose(text)).toThrow(words);
  });

  const range = ([min, max]: readonly [number, number]) => fc.integer({ min: Math.ceil(min), max });
  const work: fc.Arbitrary<Work> = fc.oneof(
    range(doseLimits.reps).map((reps): Work => ({ kind: 'reps', reps })),
    range(doseLimits.seconds).map((seconds): Work => ({ kind: 'hold', seconds })),
    range(doseLimits.seconds).map((seconds): Work => ({ kind: 'work', seconds })),
    range(doseLimits.breaths).map((breaths): Work => ({ kind: 'breaths', breaths })),
    range(doseLimits.contacts).map((contacts): Work => ({ kind: 'contacts', contacts })),
    range(doseLimits.metres).map((metres): Work => ({ kind: 'metres', metres })),
  );
  const second = fc.integer({ min: 0, max: 10 });
  const tempo = fc.record({
    lowering: fc.integer({ min: 1, max: 10 }),
    bottom: second,
    rising: fc.oneof(second, fc.constant('X' as const)),
    top: second,
  });
  const dose: fc.Arbitrary<Dose> = fc
    .record({ sets: range(doseLimits.sets), work, perSide: fc.boolean(), restSeconds: range(doseLimits.restSeconds) })
    .chain((base) =>
      fc
        .record({
          tempo: fc.option(tempo, { nil: undefined }),
          reserve: fc.option(range(doseLimits.reserve), { nil: undefined }),
        })
        .map(({ tempo: t, reserve }) => ({
          ...base,
          ...(t ? { tempo: t } : {}),
          ...(reserve === undefined ? {} : { reserve }),
        })),
    );

  it('prints every dose so that it reads back the same', () => {
    fc.assert(
      fc.property(dose, (d) => {
        expect(parseDose(printDose(d))).toEqual(d);
      }),
      { numRuns: 400 },
    );
  });

  it('changes amounts without changing the kind', () => {
    fc.assert(
      fc.property(work, fc.integer({ min: 3, max: 20 }), (w, amount) => {
        const changed = withAmount(w, amount);
        expect([changed.kind, amountOf(changed)]).toEqual([w.kind, amount]);
      }),
    );
  });
});

describe('time of a dose', () => {
  it.each([
    ['3x30s r30', 195],
    ['1x60s!', 75],
    ['3x8 3-1-1 r60', 15 + 3 * (40 + 60)],
    ['2x8/side 2-0-2', 15 + 2 * (2 * 32 + 5)],
    ['3x4 X r60', 15 + 3 * (12 + 60)],
    ['1x5br', 40],
  ])('%s takes %i seconds', (text, seconds) => {
    expect(itemSeconds(parseDose(text))).toBe(seconds);
  });

  it('one-sided work takes twice as long and a change of side', () => {
    expect(setSeconds(parseDose('1x10/side'))).toBe(2 * setSeconds(parseDose('1x10')) + 5);
  });
});

describe('zones', () => {
  // Handbook zones of the National Strength and Conditioning Association, values from memory.
  it.each([
    [0.9, false, 'strength'],
    [0.85, false, 'strength'],
    [0.8, false, 'hypertrophy'],
    [0.68, false, 'hypertrophy'],
    [0.67, false, 'muscular-endurance'],
    [0.3, false, 'muscular-endurance'],
    [0.8, true, 'power'],
    [0.4, true, 'speed-strength'],
  ] as const)('%f (fast: %s) is %s', (share, fast, zone) => {
    expect(zoneOf(share, fast)).toBe(zone);
  });
});
