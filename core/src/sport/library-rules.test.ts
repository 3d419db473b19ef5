import { describe, expect, it } from 'vitest';
import { ruleIssues, staples } from '../exercise/check/library-rules';
import { library } from '../exercise/library/library';
import type { Variant } from '../exercise/model/variant';
import { sports } from './sports';

const sportIds = new Set(sports.map((s) => s.id));
const changed = (id: string, changes: Partial<Variant>): Variant[] =>
  library.map((v) => (v.id === id ? { ...v, regions: [], ...changes } : v));
const messages = (variants: readonly Variant[]) =>
  ruleIssues(variants, sportIds).map((f) => `${f.variant} ${f.message}`);

describe('the library as a whole', () => {
  it('keeps its rules', () => {
    expect(ruleIssues(library, sportIds)).toEqual([]);
  });

  it.each<[string, Variant[], RegExp]>([
    ['a staple that is gone', library.filter((v) => v.id !== 'face-pull'), /face-pull is missing.*face pull/],
    ['a name used twice', changed('squat', { name: 'Push-up' }), /shares the name "push-up"/],
    ['a retired name', changed('cat-camel', { name: 'Round and hollow the back' }), /no coach says/],
    [
      'cues used twice',
      changed('squat', { cues: library.find((v) => v.id === 'push-up')?.cues ?? [] }),
      /shares the cues/,
    ],
    ['a drill without a sport', changed('sprawl', { sports: [] }), /name the sports/],
    ['a sport that does not exist', changed('sprawl', { sports: ['chess'] }), /"chess", which is no sport/],
    ['a hop as balance', changed('side-line-hop', { blocks: ['balance'] }), /not for the block balance/],
    ['a wall throw called quiet', changed('side-wall-throw', { quiet: true }), /not quiet/],
    [
      'a bar on the back without a rack',
      changed('back-squat', { needs: { ...(library[0] as Variant).needs, kit: [['barbell']] } }),
      /back-squat puts a bar on the back, which needs a rack/,
    ],
    [
      'a throw of any weight at hand',
      changed('scoop-throw', { load: { place: 'hands', source: 'weight', required: false, hands: 1 } }),
      /scoop-throw throws what must not be thrown/,
    ],
    ['a library cut short', library.slice(0, 200), /at least 430 expected/],
  ])('names %s', (_, variants, expected) => {
    expect(messages(variants).some((m) => expected.test(m))).toBe(true);
  });

  it('has every staple of more than seventy', () => {
    expect(staples.length).toBeGreaterThan(70);
  });
});
