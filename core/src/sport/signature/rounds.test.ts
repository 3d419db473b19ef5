import { describe, expect, it } from 'vitest';
import { sportById, sports } from '../sports';
import { insideRound, partAt } from './rounds';

describe('inside a round', () => {
  it('goes round and round', () => {
    const inside = insideRound('weapon-combat') ?? [];
    const said = [0, 14, 15, 19, 20, 35, 40].map((s) => partAt(inside, s).say);
    const [steps, attack] = inside.map((part) => part.say);
    expect(said).toEqual([steps, steps, attack, attack, steps, attack, steps]);
  });

  it('is there for known sports only, and rests as well as works', () => {
    const with_ = sports.filter(({ id }) => insideRound(id));
    expect(with_.length).toBeGreaterThan(10);
    for (const { id } of with_) {
      const inside = insideRound(id) ?? [];
      expect(inside.length).toBeGreaterThanOrEqual(2);
      for (const { seconds, say } of inside) {
        expect(seconds).toBeGreaterThan(0);
        expect(say).toMatch(/^[A-Z]/);
      }
    }
    expect(insideRound('distance-running')).toBeUndefined();
    expect(sportById('weapon-combat')).toBeDefined();
  });
});
