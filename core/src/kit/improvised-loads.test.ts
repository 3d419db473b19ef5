import { describe, expect, it } from 'vitest';
import type { KitItem } from './kit';
import { describeItem } from './kit-words';
import { loadOptions } from './loads';
import { massOf } from './mass';

describe('improvised loads', () => {
  it.each<[KitItem, number]>([
    [{ kind: 'canister', volumeL: 5, fill: 'water' }, 5.3],
    [{ kind: 'bottle', volumeL: 1.5, fill: 'water' }, 1.55],
    [{ kind: 'paint-tin', volumeL: 10, fill: 'paint' }, 13.5],
    [{ kind: 'bottle', volumeL: 2, fill: 'sand' }, 3.26],
    [{ kind: 'dumbbell', massKg: 7.5 }, 7.5],
    [{ kind: 'can' }, 0.45],
    [{ kind: 'towel' }, 0],
  ])('%o weighs %f kg', (item, mass) => {
    expect(massOf(item)).toBeCloseTo(mass, 2);
  });

  it('offers one thing or an equal pair, lightest first, under a ceiling', () => {
    const items: KitItem[] = [
      { kind: 'dumbbell', massKg: 7.5, count: 2 },
      { kind: 'kettlebell', massKg: 12 },
    ];
    expect(loadOptions(items, ['dumbbell', 'kettlebell'], 2).map((o) => o.kg)).toEqual([7.5, 12, 15]);
    expect(loadOptions(items, ['dumbbell', 'kettlebell'], 1).map((o) => o.kg)).toEqual([7.5, 12]);
    expect(loadOptions(items, ['dumbbell', 'kettlebell'], 2, 10).map((o) => o.kg)).toEqual([7.5]);
  });

  it.each<[string, KitItem[], 1 | 2, [number, string][]]>([
    [
      'a bar with plates, the same on both ends',
      [
        { kind: 'barbell', massKg: 20 },
        { kind: 'plate', massKg: 10, count: 4 },
        { kind: 'plate', massKg: 2.5 },
      ],
      2,
      [
        [20, 'barbell 20 kg'],
        [40, 'barbell 20 kg with 2 plates 10 kg'],
        [60, 'barbell 20 kg with 4 plates 10 kg'],
      ],
    ],
    [
      'a bar told with all its plates with fewer of them',
      [{ kind: 'barbell', massKg: 45 }],
      2,
      [
        [20, 'barbell 20 kg'],
        [30, 'barbell 30 kg'],
        [40, 'barbell 40 kg'],
        [45, 'barbell 45 kg'],
      ],
    ],
    [
      'weights in a bag, up to what it holds',
      [
        { kind: 'rucksack', upToKg: 10 },
        { kind: 'bottle', massKg: 4, count: 3 },
      ],
      1,
      [
        [4.6, 'rucksack with bottle 4 kg'],
        [5, 'rucksack 5 kg'],
        [7.5, 'rucksack 7.5 kg'],
        [8.6, 'rucksack with 2 bottles 4 kg'],
        [10, 'rucksack 10 kg'],
      ],
    ],
    [
      'two unlike things in two hands, when they are nearly alike',
      [
        { kind: 'dumbbell', massKg: 5 },
        { kind: 'bottle', massKg: 5.2 },
        { kind: 'stone', massKg: 9 },
      ],
      2,
      [
        [5, 'dumbbell 5 kg'],
        [5.2, 'bottle 5.2 kg'],
        [9, 'stone 9 kg'],
        [10.2, 'dumbbell 5 kg and bottle 5.2 kg'],
      ],
    ],
  ])('combines %s', (_, items, hands, expected) => {
    const kinds = items.map((i) => i.kind).filter((k) => k !== 'plate' && !(k === 'bottle' && hands === 1));
    expect(loadOptions(items, kinds, hands).map((o) => [o.kg, o.with])).toEqual(expected);
  });

  it('is called by what it is', () => {
    expect(describeItem({ kind: 'band-loop', level: 'medium' })).toBe('band loop medium');
    expect(describeItem({ kind: 'dumbbell', massKg: 7.5 })).toBe('dumbbell 7.5 kg');
  });
});
