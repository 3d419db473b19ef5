import { readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { scaledBody } from '../../body/segments';
import type { WorkKind } from '../../dose/dose';
import { libraryIssues } from '../check/library-check';
import { staticsOf } from '../mechanics/moments';
import type { Variant } from '../model/variant';
import { blockKinds, type Pattern, patterns } from '../model/vocabulary';
import { library, variantById } from './library';

const body = scaledBody({ heightCm: 175, massKg: 70 });
const mainBlocks = new Set(['power', 'strength', 'prevention', 'trunk']);
const isMain = (v: Variant) => v.blocks.some((b) => mainBlocks.has(b));
const isFree = ({ needs }: Variant) => needs.kit.length === 0 && needs.anchors.length === 0 && !needs.partner;

describe('exercise library', () => {
  it('has at least 240 variants in at least 75 families', () => {
    expect(library.length).toBeGreaterThanOrEqual(240);
    expect(new Set(library.map((v) => v.family)).size).toBeGreaterThanOrEqual(75);
  });

  it.each(blockKinds)('has at least three for the block %s', (kind) => {
    expect(library.filter((v) => v.blocks.includes(kind)).length).toBeGreaterThanOrEqual(3);
  });

  it.each(patterns)('has at least three for %s', (pattern) => {
    expect(library.filter((v) => v.pattern === pattern).length).toBeGreaterThanOrEqual(3);
  });

  // Throws, lifts of the whole body and balance as main work need something to throw, to lift or to sit on: that is honest.
  it('answers every pattern of main work with no kit at all that can be trained without', () => {
    const main = [...new Set(library.filter(isMain).map((v) => v.pattern))];
    const without = main.filter((p: Pattern) => !library.some((v) => v.pattern === p && isMain(v) && isFree(v)));
    expect(without.sort()).toEqual(['balance', 'throw', 'whole-body-lift']);
  });

  it.each<WorkKind>(['reps', 'hold', 'work', 'breaths', 'contacts', 'metres'])('uses the dose form %s', (kind) => {
    expect(library.some((v) => v.dose.work.kind === kind)).toBe(true);
  });

  it.each([150, 175, 198])('is without fault on a body of %d cm', (heightCm) => {
    expect(libraryIssues(library, scaledBody({ heightCm, massKg: 70 }))).toEqual([]);
  });

  it('keeps one family a file, named by it', () => {
    const files = readdirSync(new URL('.', import.meta.url))
      .filter((f) => !/^library\.|\.test\.ts$/.test(f))
      .map((f) => f.replace(/\.ts$/, ''));
    const families = new Set(library.map((v) => v.family));
    expect([...families].filter((f) => !files.includes(f))).toEqual([]);
    expect(files.filter((f) => !families.has(f)).sort()).toEqual(['family', 'frame', 'kit-groups']);
  });

  it('gives everything another name, and no name to two', () => {
    expect(library.filter((v) => v.otherNames.length === 0).map((v) => v.id)).toEqual([]);
    expect(new Set(library.map((v) => v.name)).size).toBe(library.length);
  });

  it('holds every keyframe in equilibrium to 1e-9 for small and large bodies, with loads and bands', () => {
    for (const heightCm of [140, 172, 205]) {
      for (const massKg of [35, 80, 130]) {
        const sized = scaledBody({ heightCm, massKg });
        for (const variant of library) {
          const worst = Math.max(...staticsOf(variant, sized, { loadKg: 12, band: 'heavy' }).map((f) => f.residual));
          expect(worst, `${variant.id} at ${heightCm} cm, ${massKg} kg`).toBeLessThan(1e-9);
        }
      }
    }
  });
});

describe('library checker', () => {
  const pushUp = variantById('push-up');
  if (!pushUp) throw new Error('no push-up');

  it.each([
    ['a doubled id', [pushUp, pushUp], 'used twice'],
    ['a missing neighbour', [{ ...pushUp, harder: 'nothing' }], 'does not exist'],
    ['one cue', [{ ...pushUp, cues: ['one'] }], 'two to four cues'],
    ['no fault to look for', [{ ...pushUp, faults: [] }], 'one to three faults'],
    ['a quiet landing', [{ ...pushUp, impactContacts: 2, quiet: true }], 'not quiet'],
  ])('names %s', (_, variants, words) => {
    expect(
      libraryIssues(variants, body)
        .map((f) => f.message)
        .join(),
    ).toContain(words);
  });

  it('names keyframe and distance of a contact that cannot be reached', () => {
    const floating = {
      ...pushUp,
      keyframes: [
        {
          name: 'high',
          base: 'standing' as const,
          on: ['feet', 'hands@bar'],
          fix: ['shoulder', 'elbow', 'wrist', 'lean', 'trunk', 'hip', 'knee', 'ankle'] as const,
        },
      ],
    };
    const fault = libraryIssues([floating], body).find((f) => f.message.includes('floats'));
    expect(fault).toMatchObject({ variant: 'push-up', keyframe: 'high' });
  });

  it('names a joint beyond human range', () => {
    const bent = {
      ...pushUp,
      keyframes: [{ name: 'bent', base: 'standing' as const, change: { elbow: 250 }, on: [], airborne: 0.1 }],
    };
    expect(libraryIssues([bent], body).some((f) => f.message.includes('elbow'))).toBe(true);
  });

  const broken = (changes: object) => ({ ...pushUp, ...changes }) as unknown as Variant;
  const frame = (changes: object) =>
    broken({ keyframes: [{ ...pushUp.keyframes[0], ...changes }, pushUp.keyframes[1]] });
  it.each([
    [
      'a joint that does not exist',
      frame({ change: { elbw: 30 } }),
      'top',
      '"elbw" is not known; expected one of shoulder',
    ],
    ['a side joint that does not exist', frame({ change: { near: { nee: 3 } } }), 'top', '"nee" is not known'],
    ['a base position that does not exist', frame({ base: 'hovering' }), 'top', 'base position "hovering"'],
    ['a part of the body that does not exist', frame({ on: ['ears'] }), 'top', 'expected one of feet'],
    ['an unknown surface', frame({ on: ['hands@moon'] }), 'top', 'unknown surface "moon"'],
    [
      'an unknown thing',
      broken({ needs: { ...pushUp.needs, kit: [['spoon']] } }),
      undefined,
      'kit "spoon" is not known',
    ],
    ['a missing neighbour', broken({ harder: 'nothing' }), undefined, 'name a variant of the library'],
    ['a name as long as a book', broken({ name: 'x'.repeat(1_000_000) }), undefined, 'at most 80 expected'],
    [
      'a fault without a word to say',
      broken({ faults: [{ see: 'Sag', say: ' ' }] }),
      undefined,
      'what to say to a fault is empty',
    ],
    [
      'a fault shown nowhere',
      broken({ faults: [{ see: 'Sag', say: 'Up', shown: { at: 'middle', change: {} } }] }),
      undefined,
      'expected one of top, bottom',
    ],
    [
      'a landing without a caution',
      broken({ pattern: 'jump', impactContacts: 1, quiet: false, cautions: [] }),
      undefined,
      'a caution about landing is missing',
    ],
    [
      'a body that falls over',
      frame({
        base: 'standing',
        change: { lean: 50 },
        on: ['feet'],
        fix: ['lean', 'hip', 'knee', 'ankle', 'trunk', 'shoulder'],
      }),
      'top',
      'outside what it stands on',
    ],
  ])('names %s with file, keyframe and what would be right', (_, variant, keyframe, words) => {
    const fault = libraryIssues([variant], body).find((f) => f.message.includes(words));
    expect(fault).toMatchObject({ file: 'library/push-up.ts', variant: 'push-up' });
    expect(fault?.keyframe).toBe(keyframe);
  });
});
