import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { scaledBody } from '../body/segments';
import { library, variantById } from '../exercise/library/library';
import { placedVariant } from '../exercise/mechanics/placed';
import { traits, traitTable } from '../exercise/model/traits';
import type { Variant } from '../exercise/model/variant';
import { type Region, regions } from '../exercise/model/vocabulary';
import { adaptedTo, reachOf } from './adapt';
import { type Cause, causes } from './causes';
import { contactCeilingOf, shareCeilingOf } from './ceiling';
import { combined, limitOf } from './limit';
import { anglesOf } from './movement-angles';
import type { Standing } from './restriction';
import { isStricter, type RangeJoint, type Severity, type VerdictKind } from './rule';
import { verdictOf } from './verdict';

const one = (id: string) => {
  const variant = variantById(id);
  if (!variant) throw new Error(`${id} is not in the library`);
  return variant;
};
const midline: ReadonlySet<Region> = new Set(['neck', 'upper-back', 'lower-back']);
const standing = (region: Region, more: Partial<Standing> = {}): Standing => ({
  region,
  side: midline.has(region) ? 'both' : 'left',
  severity: 'limit',
  cause: 'unstated',
  ...more,
});
const kindOf = (id: string, s: Standing) => verdictOf(one(id), s).kind;
const strictness = (kind: VerdictKind) => ['allowed', 'adapted', 'not'].indexOf(kind);

const aVariant = fc.constantFrom(...library);
const aStanding: fc.Arbitrary<Standing> = fc.record({
  region: fc.constantFrom(...regions),
  side: fc.constantFrom('left', 'right', 'both'),
  severity: fc.constantFrom<Severity>('avoid', 'limit'),
  cause: fc.constantFrom(...causes),
});

describe('verdicts of a careful physiotherapist', () => {
  const rows = readFileSync(new URL('limit-cases.csv', import.meta.url), 'utf8')
    .trim()
    .split('\n')
    .slice(1);

  it.each(rows)('%s', (row) => {
    const [region, side, severity, cause, id, verdict] = row.split(',') as [
      Region,
      string,
      Severity,
      Cause,
      string,
      VerdictKind,
    ];
    expect(kindOf(id, { region, side: (side || 'both') as Standing['side'], severity, cause })).toBe(verdict);
  });
});

describe('every region', () => {
  it.each(regions.flatMap((region) => (['limit', 'avoid'] as const).map((severity) => [region, severity] as const)))(
    '%s, %s: leaves something to do and forbids something',
    (region, severity) => {
      const kinds = library.map((variant) => verdictOf(variant, standing(region, { severity })).kind);
      expect(kinds.filter((k) => k === 'allowed').length).toBeGreaterThanOrEqual(8);
      expect(kinds.filter((k) => k === 'not').length).toBeGreaterThanOrEqual(8);
    },
  );

  it.each(regions)('%s: what is adapted is carried out for most', (region) => {
    const adapted = library
      .map((v) => [v, limitOf(v, [standing(region)])] as const)
      .filter(([, l]) => l.verdict === 'adapted');
    const done = adapted.filter(([v, l]) => adaptedTo(v, l));
    expect(done.length).toBeGreaterThan(0.35 * adapted.length);
  });
});

describe('stricter is never looser', () => {
  it('avoid against limit', () => {
    fc.assert(
      fc.property(aVariant, aStanding, (variant, s) => {
        const [limit, avoid] = (['limit', 'avoid'] as const).map(
          (severity) => verdictOf(variant, { ...s, severity }).kind,
        );
        expect(strictness(avoid as VerdictKind)).toBeGreaterThanOrEqual(strictness(limit as VerdictKind));
      }),
      { numRuns: 3000 },
    );
  });

  it('an earlier stage against a later one', () => {
    fc.assert(
      fc.property(aVariant, aStanding, fc.constantFrom(1, 2, 3, 4), (variant, s, stage) => {
        const earlier = verdictOf(variant, { ...s, stage: stage as Standing['stage'] & number }).kind;
        const later = verdictOf(variant, { ...s, stage: (stage + 1) as Standing['stage'] & number }).kind;
        expect(strictness(earlier)).toBeGreaterThanOrEqual(strictness(later));
      }),
      { numRuns: 3000 },
    );
  });

  it('a second restriction, a range or a leg that may not carry', () => {
    fc.assert(
      fc.property(aVariant, aStanding, aStanding, fc.integer({ min: 10, max: 120 }), (variant, a, b, to) => {
        const alone = limitOf(variant, [a]).verdict;
        const with2 = [
          limitOf(variant, [a, b]),
          limitOf(variant, [{ ...a, rangeDegrees: [0, to] }]),
          limitOf(variant, [{ ...a, weightBearing: 'partial' }]),
        ];
        for (const { verdict } of with2) expect(isStricter(alone, verdict)).toBe(false);
        const [none, partial] = (['none', 'partial'] as const).map(
          (weightBearing) => limitOf(variant, [{ ...a, weightBearing }]).verdict,
        );
        expect(isStricter(partial as VerdictKind, none as VerdictKind)).toBe(false);
        expect(shareCeilingOf(variant, [a, b])).toBeLessThanOrEqual(shareCeilingOf(variant, [a]));
        expect(contactCeilingOf([a, b])).toBeLessThanOrEqual(contactCeilingOf([a]));
      }),
      { numRuns: 2000 },
    );
  });
});

/** A side that is named with a part of the body: not every "right" is one. */
const sideOfPart = new RegExp(`\\b(left|right)\\b(?= (${regions.join('|').replaceAll('-', ' ')}|side|leg))`, 'g');

describe('sides', () => {
  it('mirrored restriction, mirrored answer', () => {
    fc.assert(
      fc.property(aVariant, aStanding, (variant, s) => {
        const [left, right] = (['left', 'right'] as const).map((side) => limitOf(variant, [{ ...s, side }]));
        expect(left?.verdict).toBe(right?.verdict);
        const mirrored = (text: string) =>
          text.toLowerCase().replace(sideOfPart, (word) => (word === 'left' ? 'right' : 'left'));
        expect(left?.why.map(mirrored)).toEqual(right?.why.map((w) => w.toLowerCase()));
        expect(left?.changes.map((c) => mirrored(c.say))).toEqual(right?.changes.map((c) => c.say.toLowerCase()));
        if (left?.verdict === 'adapted')
          expect(left.changes.map((c) => c.onlySide && { left: 'right', right: 'left' }[c.onlySide])).toEqual(
            right?.changes.map((c) => c.onlySide),
          );
      }),
      { numRuns: 2000 },
    );
  });

  it('only the sound side trains where one side is left', () => {
    const hinge = one('single-leg-hinge');
    const right = adaptedTo(hinge, limitOf(hinge, [standing('knee', { side: 'left' })]));
    expect(right?.adapted?.onlySide).toBe('right');
    expect(right?.dose.perSide).toBe(false);
    const both = [standing('knee', { side: 'left' }), standing('ankle', { side: 'right' })];
    expect(limitOf(hinge, both).verdict).toBe('not');
  });
});

/** Bodies at random, taller and shorter than those that the changes were tried on. */
const aBody = fc
  .record({ heightCm: fc.integer({ min: 150, max: 200 }), sex: fc.constantFrom('female' as const, 'male' as const) })
  .map(({ heightCm, sex }) => scaledBody({ heightCm, massKg: heightCm - 105, sex }));

describe('what is adapted', () => {
  const ranged = regions.flatMap((region) =>
    (['unstated', 'tendon'] as const).flatMap((cause) =>
      library.flatMap((variant): { region: Region; variant: Variant; range: [RangeJoint, number][] }[] => {
        const limit = limitOf(variant, [standing(region, { cause })]);
        const changed = adaptedTo(variant, limit);
        const range = Object.entries(combined(limit.changes).range) as [RangeJoint, number][];
        return limit.verdict === 'adapted' && changed && range.length ? [{ region, variant: changed, range }] : [];
      }),
    ),
  );

  it('is there for many exercises', () => expect(ranged.length).toBeGreaterThan(60));

  it('never leaves its range, on any of its poses and for any stature', () => {
    fc.assert(
      fc.property(fc.constantFrom(...ranged), aBody, ({ variant, range }, body) => {
        const angles = anglesOf(placedVariant(variant, body));
        for (const [joint, to] of range)
          expect(reachOf(angles, joint), `${variant.id} ${joint}`).toBeLessThanOrEqual(to + 1);
      }),
      { numRuns: 400 },
    );
  });

  it('keeps a range in degrees that a clinician gave', () => {
    const s = standing('knee', { cause: 'post-operative-late', rangeDegrees: [0, 40] });
    const squat = adaptedTo(one('squat'), limitOf(one('squat'), [s]));
    expect(
      squat && reachOf(anglesOf(placedVariant(squat, scaledBody({ heightCm: 181, massKg: 78 }))), 'knee'),
    ).toBeLessThanOrEqual(41);
  });

  it('is slow where it was fast, held where it was moved, light where it was heavy', () => {
    const fast = one('fast-chair-stand');
    const knee = limitOf(one('band-pull-apart-fast'), [standing('neck', { cause: 'concussion' })]);
    expect(limitOf(fast, [standing('knee')]).verdict).toBe('not');
    expect(knee.verdict).toBe('not');
    const curl = adaptedTo(one('wrist-curl'), limitOf(one('wrist-curl'), [standing('wrist')]));
    expect(curl?.dose.work).toEqual({ kind: 'hold', seconds: 30 });
    expect(curl?.jointActions.every((a) => a.regime === 'holding')).toBe(true);
    const goblet = adaptedTo(one('goblet-squat'), limitOf(one('goblet-squat'), [standing('knee')]));
    expect(goblet?.adapted?.load).toBe(0.5);
    expect(goblet?.dose.tempo?.lowering).toBeGreaterThanOrEqual(3);
  });

  it('carries nothing in the hand that holds on: told so, the weight is gone', () => {
    const supported = regions.flatMap((region) =>
      (['unstated', 'tendon', 'joint-instability', 'post-operative-late'] as const).flatMap((cause) =>
        library.flatMap((variant) => {
          const limit = limitOf(variant, [standing(region, { cause })]);
          const changed = adaptedTo(variant, limit);
          return limit.changes.some(({ say }) => /hand on a support|hand support/i.test(say)) && changed
            ? [{ of: `${variant.id}, ${region}`, change: combined(limit.changes), changed, variant }]
            : [];
        }),
      ),
    );
    expect(supported.length).toBeGreaterThan(10);
    expect(supported.some(({ variant }) => variant.load?.place === 'hands')).toBe(true);
    for (const { of, change, changed } of supported) {
      expect(change.handSupport, of).toBe(true);
      const { source, place } = changed.load ?? {};
      expect(source === 'weight' && ['hands', 'chest', 'head'].includes(place ?? ''), of).toBe(false);
    }
  });

  it('is the same object for the same limit, and the library stays as it was', () => {
    const squat = one('squat');
    expect(adaptedTo(squat, limitOf(squat, [standing('knee')]))).toBe(
      adaptedTo(squat, limitOf(squat, [standing('knee')])),
    );
    expect(squat.adapted).toBeUndefined();
    expect(library.every((v) => v.adapted === undefined)).toBe(true);
  });
});

describe('the table of traits', () => {
  const ids = new Set(library.map((v) => v.id));
  const families = new Set(library.map((v) => v.family));
  it.each(traits)('%s names exercises that there are', (trait) => {
    for (const name of traitTable[trait] as readonly string[])
      expect(name.startsWith('family:') ? families.has(name.slice(7)) : ids.has(name), name).toBe(true);
  });
});
