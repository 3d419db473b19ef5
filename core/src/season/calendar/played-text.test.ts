import { describe, expect, it } from 'vitest';
import { playedWords, readPlayed } from './played-text';

const players = [
  { id: 'a', name: 'Ada Lund' },
  { id: 'b', name: 'Bo Vik' },
  { id: 'c', name: 'Bodil Vik' },
];

describe('minutes played, typed in one line', () => {
  it.each([
    ['Ada 20, Bo out', { a: 20, b: 0 }],
    ['ada 20 min; bod 5', { a: 20, c: 5 }],
    ['Bo Vik 60, rest out', { a: 0, b: 60, c: 0 }],
    ['Lund all, rest 10', { a: 10, b: 10, c: 10 }],
    ['', {}],
  ])('"%s"', (text, playedBy) => expect(readPlayed(text, players)).toEqual({ playedBy }));

  it.each([
    ['Vik 20', 'Bo Vik or Bodil Vik'],
    ['Nora 20', 'is nobody of this squad'],
    ['Ada', 'should be a name and minutes'],
    ['Ada 400', '300 minutes or fewer'],
  ])('"%s" is refused, with the part that is wrong', (text, message) =>
    expect(readPlayed(text, players)).toMatchObject({ fault: { message: expect.stringContaining(message) } }),
  );

  it('reads what it writes', () => {
    const playedBy = { a: 20, b: 0 };
    expect(readPlayed(playedWords(playedBy, players), players)).toEqual({ playedBy });
  });
});
