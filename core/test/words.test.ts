import { describe, expect, it } from 'vitest';
import { struckIn, struckWords, textsIn } from './user-facing-words';

describe('what people read', () => {
  const struck = struckWords();
  const texts = textsIn(['web/src', 'core/src', 'server/src', 'cli/src']);

  it('goes by a list of struck words and by thousands of texts', () => {
    expect(struck.length).toBeGreaterThanOrEqual(60);
    expect(new Set(struck).size).toBe(struck.length);
    expect(texts.length).toBeGreaterThan(5000);
  });

  it('holds none of the words that the glossary strikes', () => {
    const found = texts.flatMap(({ where, text }) =>
      struckIn(text, struck).map((word) => `${where}: "${word}" in "${text}"`),
    );
    expect(found).toEqual([]);
  });

  it.each([
    ['8 % of the most today', 'of the most'],
    ['Nothing written for today.', 'nothing written'],
    ['Read it no more', 'read it no more'],
  ])('finds a struck word in "%s"', (text, word) => {
    expect(struckIn(text, struck)).toContain(word);
  });

  it('does not take a part of a word for one', () => {
    expect(struckIn('the rungs of a ladder, strung together', ['rung'])).toEqual([]);
  });
});
