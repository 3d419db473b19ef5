import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { regions } from '../exercise/model/vocabulary';
import { causes } from '../limits/causes';
import { movementGroupIds } from '../limits/groups';
import { type Restriction, setters, stages, weightBearings } from '../limits/restriction';
import { completionsOf, readRestrictionText, writeRestrictionText } from './restriction-text';

const today = '2026-12-09';
const read = (text: string) => readRestrictionText(text, today);

describe('a restriction in a sentence', () => {
  it.each<[string, Restriction]>([
    [
      'left knee, limit, ACL late, no kneeling, until 15 Jan, physio',
      {
        region: 'knee',
        side: 'left',
        severity: 'limit',
        cause: 'post-operative-late',
        without: ['kneeling'],
        until: '2027-01-15',
        setBy: 'physiotherapist',
        reason: 'ACL late',
      },
    ],
    [
      'no load on left ankle, sprain, since 1 dec',
      {
        region: 'ankle',
        side: 'left',
        severity: 'avoid',
        cause: 'joint-instability',
        since: '2026-12-01',
        reason: 'sprain',
      },
    ],
    [
      'right shoulder avoid, dislocation, doctor',
      {
        region: 'shoulder',
        side: 'right',
        severity: 'avoid',
        cause: 'joint-instability',
        setBy: 'doctor',
        reason: 'dislocation',
      },
    ],
    ['lower back', { region: 'lower-back', severity: 'limit' }],
    [
      'left achilles tendinopathy',
      { region: 'calf', side: 'left', severity: 'limit', cause: 'tendon', reason: 'achilles tendinopathy' },
    ],
    [
      'left hamstring, strain, stage 1, 0 to 60°, coach',
      {
        region: 'hamstring',
        side: 'left',
        severity: 'limit',
        cause: 'muscle-strain',
        stage: 1,
        rangeDegrees: [0, 60],
        setBy: 'coach',
        reason: 'strain',
      },
    ],
    [
      'foot, stress fracture, no weight, surgeon',
      {
        region: 'foot',
        severity: 'limit',
        cause: 'bone-stress',
        weightBearing: 'none',
        setBy: 'doctor',
        reason: 'stress fracture',
      },
    ],
    ['concussion, avoid', { region: 'neck', severity: 'avoid', cause: 'concussion' }],
    ['left knee, since 3 march', { region: 'knee', side: 'left', severity: 'limit', since: '2026-03-03' }],
  ])('%s', (text, expected) => {
    const { restriction, faults } = read(text);
    expect(faults).toEqual([]);
    expect(restriction).toMatchObject(expected);
    expect(Object.keys(restriction ?? {}).sort()).toEqual(Object.keys(expected).sort());
  });

  it.each([
    ['banana', 'banana', 'part of the body'],
    ['left knee, until 32 jan', '32 jan', 'no day of that month'],
    ['left knee, until later 2', 'until later 2', 'needs a day'],
    ['left knee, stage 7', 'stage 7', 'from 1 to 5'],
    ['left knee, 60-20°', '60-20°', 'smaller to the larger'],
    ['left knee, no cooking', 'no cooking', 'not a known movement'],
    ['left knee, since 2026-12-01, until 2026-11-01', 'until 2026-11-01', 'must not be before'],
  ])('%s: says what is wrong with "%s"', (text, part, message) => {
    const { restriction, faults } = read(text);
    expect(restriction).toBeUndefined();
    expect(faults).toContainEqual(expect.objectContaining({ part }));
    expect(faults.map((f) => f.message).join()).toContain(message);
  });

  it('says what could still be said', () => {
    expect(read('left knee').open).toEqual(['severity', 'cause', 'setBy', 'until']);
    expect(read('left knee, limit, overuse, coach, until 1 jan').open).toEqual([]);
  });

  it('completes the part that is being typed', () => {
    expect(completionsOf('left k', 5)).toEqual(['left knee']);
    expect(completionsOf('left knee, li', 5)).toEqual(['left knee, limit']);
    expect(completionsOf('left knee, no k', 5)).toEqual(['left knee, no kneeling']);
    expect(completionsOf('left knee, ', 5)).toEqual([]);
  });

  it('reads again what it writes', () => {
    const optional = <T>(arb: fc.Arbitrary<T>) => fc.option(arb, { nil: undefined });
    const dates = fc
      .integer({ min: 0, max: 300 })
      .map((d) => new Date(Date.UTC(2026, 0, 1 + d)).toISOString().slice(0, 10));
    const restriction = fc
      .record({
        region: fc.constantFrom(...regions),
        side: optional(fc.constantFrom('left' as const, 'right' as const)),
        severity: fc.constantFrom('avoid' as const, 'limit' as const),
        cause: optional(fc.constantFrom(...causes.filter((c) => c !== 'unstated'))),
        without: optional(fc.uniqueArray(fc.constantFrom(...movementGroupIds), { minLength: 1, maxLength: 3 })),
        rangeDegrees: optional(fc.integer({ min: 0, max: 60 }).map((from) => [from, from + 30] as const)),
        weightBearing: optional(fc.constantFrom(...weightBearings)),
        stage: optional(fc.constantFrom(...stages)),
        since: optional(dates),
        setBy: optional(fc.constantFrom(...setters)),
      })
      .map((r) => Object.fromEntries(Object.entries(r).filter(([, v]) => v !== undefined)) as unknown as Restriction);
    fc.assert(
      fc.property(restriction, (r) => {
        const { restriction: again, faults } = read(writeRestrictionText(r));
        expect(faults).toEqual([]);
        expect(again).toEqual(r);
      }),
      { numRuns: 500 },
    );
  });
});
