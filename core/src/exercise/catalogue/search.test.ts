import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { library } from '../library/library';
import { LibrarySearch } from './search';

const search = new LibrarySearch(library);

describe('finding an exercise', () => {
  it.each([
    ['push-up', 'push-up'],
    ['press up', 'push-up'],
    ['nordik hamstring', 'nordic-lowering'],
    ['glute bridge', 'bridge'],
    ['copenhagen', 'adductor-side-raise'],
    ['pistol', 'single-leg-squat'],
    ['farmers walk', 'farmer-walk'],
    ['russian twist', 'sitting-turn'],
    ['monster walk', 'loop-band-squat-walk'],
    ["child's pose", 'folded-kneeling-rest'],
    ['bulgarain', 'rear-foot-raised-split-squat'],
    ['zzzz', undefined],
  ])('"%s" finds %s', (typed, id) => {
    const found = search.find(typed);
    if (id) expect(found.slice(0, 4)).toContain(id);
    else expect(found).toEqual([]);
  });

  it.each([
    ['RDL', 'hinge-lift'],
    ['Copenhagen', 'adductor-side-raise'],
    ['cat cow', 'cat-camel'],
    ['monster walk', 'loop-band-squat-walk'],
    ['Pallof', 'band-press-out'],
    ['prone Y', 'prone-arm-letters'],
    ['face pull', 'face-pull'],
    ['back squat', 'back-squat'],
    ['shrimp', 'shrimp'],
    ['split', 'front-split'],
    ['plank', 'forearm-plank'],
    ['row', 'band-row'],
  ])('"%s" finds %s first', (typed, id) => expect(search.find(typed)[0]).toBe(id));

  it('finds every exercise first by its own name, or among the first few', () => {
    for (const { id, name } of library) expect(search.find(name).slice(0, 5), name).toContain(id);
  });

  it('bears one wrong letter in a long word', () => {
    fc.assert(
      fc.property(fc.constantFrom(...library), fc.nat(), (variant, seed) => {
        const word = variant.name.split(/[^A-Za-z]+/).find((w) => w.length >= 7);
        if (!word) return;
        const at = 1 + (seed % (word.length - 2));
        const typed = `${word.slice(0, at)}q${word.slice(at + 1)}`;
        expect(search.find(typed), typed).toContain(variant.id);
      }),
      { numRuns: 60 },
    );
  });
});
