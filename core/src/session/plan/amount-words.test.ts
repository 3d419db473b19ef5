import { expect, it } from 'vitest';
import { amountWords } from './amount-words';

it.each([
  [{ sets: 3, reps: 8, perSide: true }, '3 × 8 each side'],
  [{ sets: 1, holdSeconds: 40, perSide: false }, '1 × 40 s'],
  [{ sets: 2, workSeconds: 30, perSide: false, side: 'left' as const }, '2 × 30 s left'],
  [{ sets: 3, contacts: 10, perSide: false }, '3 × 10 contacts'],
  [{ sets: 1, breaths: 6, perSide: true }, '1 × 6 breaths each side'],
  [{ sets: 4, metres: 10, perSide: false }, '4 × 10 m'],
])('%j reads %s', (item, words) => expect(amountWords(item)).toBe(words));
