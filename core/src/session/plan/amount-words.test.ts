import { expect, it } from 'vitest';
import { metric } from '../../common/units';
import { amountWords, blockWords, leftWords, takenWords } from './amount-words';

it.each([
  [{ sets: 3, reps: 8, perSide: true }, '3 × 8 each side'],
  [{ sets: 1, holdSeconds: 40, perSide: false }, '1 × 40 s'],
  [{ sets: 2, workSeconds: 30, perSide: false, side: 'left' as const }, '2 × 30 s left'],
  [{ sets: 3, contacts: 10, perSide: false }, '3 × 10 contacts'],
  [{ sets: 1, breaths: 6, perSide: true }, '1 × 6 breaths each side'],
  [{ sets: 4, metres: 10, perSide: false }, '4 × 10 m'],
])('%j reads %s', (item, words) => expect(amountWords(item)).toBe(words));

it('what is taken, how far from failure, and which part it is', () => {
  expect(takenWords({ uses: ['2 dumbbells 7.5 kg', 'a chair'] }, metric)).toBe('2 dumbbells 7.5 kg, a chair');
  expect(takenWords({ uses: ['2 dumbbells 7.5 kg'] }, { mass: 'lb', length: 'in' })).toBe('2 dumbbells 16.5 lb');
  expect(takenWords({}, metric)).toBe('body');
  expect(leftWords({ reps: 8, intensity: { reserve: 2, basis: 'estimate' } as never })).toBe('Stop with 2 reps left');
  expect(leftWords({ reps: 8, intensity: { reserve: 0 } as never })).toBe('Last one you can do well');
  expect(leftWords({ intensity: { reserve: 2 } as never })).toBe('');
  expect([blockWords('raise'), blockWords('main')]).toEqual(['Warm-up: pulse', 'Main']);
});
