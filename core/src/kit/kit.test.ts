import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../test/briefs';
import { library, variantById } from '../exercise/library/library';
import { kitKinds } from '../exercise/model/vocabulary';
import { feasibility } from './feasible';
import type { Kit, KitItem } from './kit';
import { KitLineError, parseKitLine } from './kit-line';

const brief = plainBrief();
const circumstances = (kit: Partial<Kit> = {}, athlete = brief.athlete) => ({
  athlete,
  kit: { ...brief.kit, ...kit },
  date: brief.date,
});

function reasons(id: string, kit: Partial<Kit> = {}, athlete = brief.athlete): string {
  const variant = variantById(id);
  if (!variant) throw new Error(`${id} is not in the library`);
  return feasibility(variant, circumstances(kit, athlete)).reasons.join(' ');
}

describe('kit lines', () => {
  it.each<[string, KitItem]>([
    ['2x7.5 kg dumbbell', { kind: 'dumbbell', count: 2, massKg: 7.5 }],
    ['2 x 7,5kg db', { kind: 'dumbbell', count: 2, massKg: 7.5 }],
    ['loop medium', { kind: 'band-loop', level: 'medium' }],
    ['5 l canister water', { kind: 'canister', volumeL: 5, fill: 'water' }],
    ['sofa', { kind: 'sofa' }],
    ['band extra-light', { kind: 'band-long', level: 'extra-light' }],
    ['24 kg kettlebell', { kind: 'kettlebell', massKg: 24 }],
    ['chairs', { kind: 'chair' }],
  ])('reads "%s"', (line, item) => {
    expect(parseKitLine(line)).toEqual(item);
  });

  it.each([
    ['spoon', 'spoon'],
    ['900 kg dumbbell', '900kg'],
    ['0 kg dumbbell', '0kg'],
    ['5 l', '5 l'],
    ['', 'nothing'],
    ['99x dumbbell', '99x'],
  ])('refuses "%s" and marks %s', (line, word) => {
    try {
      parseKitLine(line);
      expect.unreachable();
    } catch (error) {
      expect(error).toBeInstanceOf(KitLineError);
      expect((error as KitLineError).word).toBe(word);
    }
  });
});

describe('what is feasible', () => {
  const bare: Partial<Kit> = { items: [], anchors: [] };
  const room = brief.kit.room;

  it.each([
    ['hinge-lift', bare, 'Needs dumbbell'],
    ['band-row', { items: [{ kind: 'band-long' as const }], anchors: [] }, 'anchor'],
    ['leg-swing', { room: { ...room, wall: false } }, 'wall'],
    ['sliding-leg-curl', { room: { ...room, slidingFloor: false } }, 'floor that slides'],
    ['countermovement-jump', { room: { ...room, quiet: true } }, 'neighbours'],
    ['overhead-press', { room: { ...room, ceilingM: 1.9 } }, 'ceiling'],
    ['push-up', { room: { ...room, lengthM: 1.2, widthM: 1 } }, 'room has'],
  ])('says why not %s', (id, kit, words) => {
    expect(reasons(id, kit)).toContain(words);
  });

  it('keeps arm care at or under 2.3 kg whatever is owned', () => {
    const variant = variantById('side-lying-arm-rotation');
    if (!variant) throw new Error('no arm rotation');
    const heavy = feasibility(variant, circumstances({ items: [{ kind: 'dumbbell', massKg: 10, count: 2 }] }));
    expect(heavy.reasons.join()).toContain('2.3 kg');
    const both = feasibility(
      variant,
      circumstances({
        items: [
          { kind: 'dumbbell', massKg: 10 },
          { kind: 'bottle', volumeL: 1 },
        ],
      }),
    );
    expect(both.reasons).toEqual([]);
    expect(Math.max(...both.loads.map((l) => l.kg))).toBeLessThanOrEqual(2.3);
  });

  it('keeps every loaded arm-care exercise at or under 2.3 kg, whatever is owned (property)', () => {
    const armCare = library.filter((v) => v.pattern === 'shoulder-external-rotation' && v.load?.source === 'weight');
    expect(armCare.length).toBeGreaterThan(1);
    const kit = fc.array(
      fc.record({
        kind: fc.constantFrom(...kitKinds),
        massKg: fc.integer({ min: 1, max: 60 }).map((kg) => kg / 2),
        count: fc.integer({ min: 1, max: 4 }),
      }),
      { maxLength: 6 },
    );
    fc.assert(
      fc.property(kit, (items) => {
        for (const variant of armCare)
          for (const { kg } of feasibility(variant, circumstances({ items })).loads)
            expect(kg).toBeLessThanOrEqual(2.3);
      }),
      { numRuns: 40 },
    );
  });

  it('tells every refusal in one plain sentence', () => {
    const poor = circumstances(
      {
        items: [],
        anchors: [],
        partner: false,
        room: { ...room, lengthM: 1.2, widthM: 0.9, ceilingM: 2, wall: false, slidingFloor: false, quiet: true },
      },
      { ...brief.athlete, level: 'new', restrictions: [{ region: 'shoulder', severity: 'avoid', reason: 'operated' }] },
    );
    const refusals = library.flatMap((v) => feasibility(v, poor).reasons);
    expect(refusals.length).toBeGreaterThan(300);
    for (const sentence of refusals) {
      expect(sentence).toMatch(/^[A-Z][^!?]+\.$/);
      // Figures have dots of their own; a second sentence would begin with a capital.
      expect(sentence).not.toMatch(/\. [A-Z]/);
      expect(sentence.length).toBeLessThan(160);
    }
  });

  it('keeps a limited knee from high load, depth and landings, and an avoided one from everything', () => {
    const limited = {
      ...brief.athlete,
      restrictions: [{ region: 'knee' as const, severity: 'limit' as const, side: 'left' as const }],
    };
    expect(reasons('countermovement-jump', {}, limited)).toContain('Left knee, limit');
    expect(reasons('pogo-jump', {}, limited)).toContain('Left knee, limit');
    // No feet leave the floor, and still it is a landing.
    expect(reasons('snap-down', {}, limited)).toContain('Landing');
    expect(reasons('fast-chair-stand', {}, limited)).toContain('Landing');
    // A squat is done to 60 degrees instead, a lunge not at all.
    expect(reasons('squat', {}, limited)).toBe('');
    expect(reasons('split-squat', {}, limited)).toContain('Left knee, limit');
    const avoided = { ...brief.athlete, restrictions: [{ region: 'knee' as const, severity: 'avoid' as const }] };
    expect(reasons('squat', {}, avoided)).toContain('Knee, avoid');
  });

  it('keeps harder levels from a new athlete and heavy things from the young', () => {
    expect(reasons('pull-up', { items: [{ kind: 'pull-up-bar' }] }, { ...brief.athlete, level: 'new' })).toContain(
      'level',
    );
    const young = { ...brief.athlete, born: '2012-06-01' };
    const hinge = variantById('hinge-lift');
    if (!hinge) throw new Error('no hinge');
    const loads = feasibility(
      hinge,
      circumstances({ items: [{ kind: 'dumbbell', massKg: 10, count: 2 }] }, young),
    ).loads;
    expect(Math.max(...loads.map((l) => l.kg))).toBeLessThanOrEqual(12);
  });

  it('adding a thing never makes anything infeasible', () => {
    const item = fc.record({
      kind: fc.constantFrom(...kitKinds),
      massKg: fc.integer({ min: 1, max: 40 }),
      count: fc.integer({ min: 1, max: 2 }),
    });
    const open = (items: KitItem[]) =>
      new Set(library.filter((v) => feasibility(v, circumstances({ items })).reasons.length === 0).map((v) => v.id));
    fc.assert(
      fc.property(fc.array(item, { maxLength: 4 }), item, (items, more) => {
        const before = open(items);
        const after = open([...items, more]);
        expect([...before].filter((id) => !after.has(id))).toEqual([]);
      }),
      { numRuns: 12 },
    );
  });
});
