import { describe, expect, it } from 'vitest';
import { scaledBody } from '../body/segments';
import { libraryFaults } from './check';
import { library, variantById } from './library';
import { blockKinds } from './vocabulary';

const body = scaledBody({ heightCm: 175, massKg: 70 });

describe('exercise library', () => {
  it('has at least 45 variants in at least 25 families', () => {
    expect(library.length).toBeGreaterThanOrEqual(45);
    expect(new Set(library.map((v) => v.family)).size).toBeGreaterThanOrEqual(25);
  });

  it.each(blockKinds)('has something for the block %s', (kind) => {
    expect(library.some((v) => v.blocks.includes(kind))).toBe(true);
  });

  it('is without fault', () => {
    expect(libraryFaults(library, body)).toEqual([]);
  });

  it('answers main patterns without any kit', () => {
    const free = library.filter((v) => v.needs.kit.length === 0 && v.needs.anchors.length === 0 && !v.needs.wall);
    for (const pattern of [
      'knee-dominant',
      'hip-dominant',
      'horizontal-push',
      'horizontal-pull',
      'calf',
      'anti-extension',
      'anti-rotation',
    ]) {
      expect(
        free.some((v) => v.pattern === pattern),
        pattern,
      ).toBe(true);
    }
  });

  it('says a caution wherever something is landed on or held overhead', () => {
    const landing = library.filter((v) => v.impactContacts > 0 && v.regions.some((r) => r.high));
    for (const variant of landing) expect(variant.cautions.length, variant.id).toBeGreaterThan(0);
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
      libraryFaults(variants, body)
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
    const fault = libraryFaults([floating], body).find((f) => f.message.includes('floats'));
    expect(fault).toMatchObject({ variant: 'push-up', keyframe: 'high' });
  });

  it('names a joint beyond human range', () => {
    const bent = {
      ...pushUp,
      keyframes: [{ name: 'bent', base: 'standing' as const, change: { elbow: 250 }, on: [], airborne: 0.1 }],
    };
    expect(libraryFaults([bent], body).some((f) => f.message.includes('elbow'))).toBe(true);
  });
});
