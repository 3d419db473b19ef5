import { describe, expect, it } from 'vitest';
import { consentWording, isMinor } from './consent';

describe('consent', () => {
  it.each([
    ['2008-12-09', '2026-12-09', 18, false],
    ['2008-12-10', '2026-12-09', 18, true],
    ['2010-12-09', '2026-12-09', 16, false],
    ['2010-12-10', '2026-12-09', 16, true],
  ])('born %s, on %s with %d years: %s', (born, day, age, expected) => expect(isMinor(born, day, age)).toBe(expected));

  it('the wording names child and club, what is kept, who sees it and how it ends', () => {
    const text = consentWording({ athlete: 'Nora Fjell', club: 'Skarvøy HK' }).join(' ');
    for (const said of ['Nora Fjell', 'Skarvøy HK', 'restrictions', 'results', 'withdraw', 'deleted', 'adult'])
      expect(text).toContain(said);
  });
});
