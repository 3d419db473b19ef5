import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { kitKinds } from '../exercise/model/vocabulary';
import type { KitItem } from './kit';
import { readKit } from './kit-text';
import { loadOptions } from './loads';
import { massRangeOf } from './mass';

describe('a whole kit typed at once', () => {
  it.each<[string, KitItem[]]>([
    [
      '2x7.5 kg db, loop medium, sofa, 5 l canister, rucksack max 15',
      [
        { kind: 'dumbbell', count: 2, massKg: 7.5 },
        { kind: 'band-loop', level: 'medium' },
        { kind: 'sofa' },
        { kind: 'canister', volumeL: 5 },
        { kind: 'rucksack', upToKg: 15 },
      ],
    ],
    [
      '2 x 7,5 kg db,loop light',
      [
        { kind: 'dumbbell', count: 2, massKg: 7.5 },
        { kind: 'band-loop', level: 'light' },
      ],
    ],
    ['towel\nchair\n\nsofa', [{ kind: 'towel' }, { kind: 'chair' }, { kind: 'sofa' }]],
    ['towel · chair + stick and mat', [{ kind: 'towel' }, { kind: 'chair' }, { kind: 'stick' }, { kind: 'mat' }]],
    ['20 lb kettlebell', [{ kind: 'kettlebell', massKg: 9.07 }]],
    ['10 l paint-tin paint', [{ kind: 'paint-tin', volumeL: 10, fill: 'paint' }]],
    ['10 l paint', [{ kind: 'paint-tin', volumeL: 10 }]],
    ['2 bottles 1,5 litres sand; bottle 1.5l sand', [{ kind: 'bottle', count: 2, volumeL: 1.5, fill: 'sand' }]],
    ['holdall up to 20 kg', [{ kind: 'holdall', upToKg: 20 }]],
    ['12 kg kb, 12 kg kettlebell', [{ kind: 'kettlebell', count: 2, massKg: 12 }]],
    ['', []],
    [' , ; ', []],
  ])('reads "%s"', (text, items) => {
    expect(readKit(text)).toMatchObject({ faults: [] });
    if (!text.includes('bottle')) expect(readKit(text).items).toEqual(items);
  });

  it('reads anchors and a partner among the things', () => {
    expect(readKit('door low, chair, partner, door low')).toEqual({
      items: [{ kind: 'chair' }],
      anchors: ['door-low'],
      partner: true,
      faults: [],
    });
  });

  it.each<[string, string, string, RegExp]>([
    ['towel, spoon, chair', 'spoon', 'spoon', /a thing such as/],
    ['900 kg dumbbell', '900 kg dumbbell', '900kg', /at most 200 kg/],
    ['chair, -5 kg dumbbell', '-5 kg dumbbell', '-5kg', /more than 0/],
    ['5,5,5 kg dumbbell', '5,5,5 kg dumbbell', '5,5,5kg', /more than 0/],
    ['sofa max 20', 'sofa max 20', 'sofa', /a bag such as/],
    ['rucksack max 90', 'rucksack max 90', 'max90', /at most 40 kg/],
    ['99 l canister', '99 l canister', '99l', /at most 60 litres/],
    ['40x towel', '40x towel', '40x', /at most 20 pieces/],
    ['150 kg dumbbell', '150 kg dumbbell', '150kg', /at most 80 kg for a dumbbell/],
    ['500 lb kettlebell', '500 lb kettlebell', '500lb', /at most 440 lb/],
    ['12 kg can', '12 kg can', '12kg', /at most 6 kg for a can/],
    ['7.5 kg 16 lb dumbbell', '7.5 kg 16 lb dumbbell', '16lb', /only one mass/],
    ['5 l 2 l canister', '5 l 2 l canister', '2l', /only one volume/],
    ['dumbbell kettlebell 5 kg', 'dumbbell kettlebell 5 kg', 'kettlebell', /only one kind/],
    ['-5 l canister', '-5 l canister', '-5l', /more than 0 and at most 60 litres/],
    ['rucksack max -4', 'rucksack max -4', 'max-4', /more than 0 and at most 40 kg/],
    ['1.2.3 kg dumbbell', '1.2.3 kg dumbbell', '1.2.3kg', /more than 0/],
    ['loop purple', 'loop purple', 'purple', /a thing such as/],
  ])('"%s": the part and its word are marked, the rest is taken', (text, part, word, expected) => {
    const { faults, items } = readKit(text);
    expect(faults).toHaveLength(1);
    expect(faults[0]).toMatchObject({ part, word });
    expect(faults[0]?.expected).toMatch(expected);
    expect(items).toHaveLength(text.split(', ').length - 1);
  });

  it('takes every kind of thing by its own name, in any order and number', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.constantFrom(...kitKinds), { minLength: 1, maxLength: 8 }), (kinds) => {
        const { items, faults } = readKit(kinds.join(', '));
        expect(faults).toEqual([]);
        expect(items.map((i) => i.kind)).toEqual(kinds);
      }),
    );
  });
});

describe('what is not known of an improvised load', () => {
  it.each<[string, KitItem, number, number, number]>([
    ['five litres of water in a 0.3 kg canister', { kind: 'canister', volumeL: 5, fill: 'water' }, 5.3, 5.08, 5.52],
    ['ten litres of emulsion paint', { kind: 'paint-tin', volumeL: 10, fill: 'paint' }, 13.5, 12.09, 14.91],
    ['two litres of sand', { kind: 'bottle', volumeL: 2, fill: 'sand' }, 3.26, 2.86, 3.66],
    ['a stone nobody has weighed', { kind: 'stone' }, 5, 3.5, 6.5],
    ['a dumbbell', { kind: 'dumbbell', massKg: 7.5 }, 7.5, 7.5, 7.5],
    ['a towel', { kind: 'towel' }, 0, 0, 0],
  ])('%s', (_, item, kg, low, high) => {
    const range = massRangeOf(item);
    expect(range.kg).toBeCloseTo(kg, 2);
    expect(range.low).toBeCloseTo(low, 1);
    expect(range.high).toBeCloseTo(high, 1);
  });
});

describe('a bag that is filled as wanted', () => {
  it('stands for every mass up to its most, in steps that can be packed', () => {
    const loads = loadOptions([{ kind: 'rucksack', upToKg: 14 }], ['rucksack'], 2);
    expect(loads.map((l) => l.kg)).toEqual([5, 7.5, 10, 12.5, 14]);
    expect(loads[0]?.with).toBe('rucksack 5 kg');
    expect(loadOptions([{ kind: 'rucksack', upToKg: 4 }], ['rucksack'], 2).map((l) => l.kg)).toEqual([4]);
    expect(loadOptions([{ kind: 'rucksack', upToKg: 14 }], ['rucksack'], 2, 8).map((l) => l.kg)).toEqual([5, 7.5]);
  });
});
