import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../test/briefs';
import { library, variantById } from '../exercise/library/library';
import { anchors, kitKinds } from '../exercise/model/vocabulary';
import { cautionOfLoad, replacements, replacementsFor, unreplaced } from './replacements';

const variant = (id: string) => variantById(id) as NonNullable<ReturnType<typeof variantById>>;

describe('household replacements', () => {
  it('name only things of the kit list, and every one is asked for by some exercise', () => {
    const known = new Set<string>([...kitKinds, ...anchors]);
    for (const { wanted, kinds } of replacements)
      for (const kind of [...wanted, ...kinds]) expect(known).toContain(kind);
    for (const replacement of replacements)
      expect(
        library.some((v) => replacementsFor(v).includes(replacement)),
        replacement.instead,
      ).toBe(true);
  });

  it('are known for every bought thing that an exercise cannot do without', () => {
    expect(unreplaced(library)).toEqual([]);
    const bare = { ...variant('squat'), needs: { ...variant('squat').needs, kit: [['barbell' as const]] } };
    expect(unreplaced([bare])).toEqual([]);
  });

  it('are offered for what is missing, not for what is there', () => {
    const { kit } = plainBrief();
    const withDumbbell = { ...kit, items: [{ kind: 'dumbbell' as const, massKg: 7.5, count: 2 }] };
    const empty = { ...kit, items: [], anchors: [] };
    const forWeights = (k: typeof kit) => replacementsFor(variant('bent-row'), k).map((r) => r.instead);
    expect(forWeights(empty)).toContain('paint tin');
    expect(forWeights(withDumbbell)).not.toContain('food can or small bottle');
    expect(replacementsFor(variant('squat'), empty)).toEqual([]);
  });

  it.each([
    ['2 bottles 1.5 kg', /lid taped/],
    ['canister 5.3 kg', /lid taped/],
    ['can 0.45 kg', /no swinging/],
    ['rucksack 8 kg', /Packed tight/],
    ['paint tin 13 kg', /never over the head/],
  ])('%s brings its caution', (withWords, caution) => {
    expect(cautionOfLoad(withWords)).toMatch(caution);
  });

  it('a bought weight brings none', () => {
    expect(cautionOfLoad('2 dumbbells 7.5 kg')).toBeUndefined();
  });
});
