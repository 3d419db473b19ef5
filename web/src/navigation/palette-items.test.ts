import { describe, expect, it } from 'vitest';
import { athleteItems, folded, matching, type PaletteItem } from './palette-items';

const item = (name: string, about = ''): PaletteItem => ({ id: name, name, about });
const names = (items: PaletteItem[]) => items.map(({ name }) => name);

describe('finding by what is typed', () => {
  const items = [
    item('Split squat', 'exercise'),
    item('Squads', 'place'),
    item('Back squat', 'exercise'),
    item('Sunna Berg', 'Skarvøy HK'),
  ];

  it('begins words, in any order, and puts names that begin so first', () => {
    expect(names(matching(items, 'squ'))).toEqual(['Squads', 'Split squat', 'Back squat']);
    expect(names(matching(items, 'squat sp'))).toEqual(['Split squat']);
    expect(names(matching(items, 'quat'))).toEqual([]);
  });

  it('takes letters without their marks, and words of where it belongs', () => {
    expect(folded('Vestøy Ærfugl É')).toBe('vestoy aerfugl e');
    expect(names(matching(items, 'skarvoy'))).toEqual(['Sunna Berg']);
  });

  it('shows everything while nothing is typed', () => expect(matching(items, ' ')).toHaveLength(4));

  it('tells athletes of the same name apart by their squad', () => {
    const squads = { squads: [{ id: 's', name: 'Seniors' }], athletes: [{ id: 'a', name: 'Mira', squadId: 's' }] };
    expect(athleteItems(squads as never)).toEqual([
      { id: 'athlete-a', name: 'Mira', about: 'Seniors', to: '/athletes/a' },
    ]);
  });
});
