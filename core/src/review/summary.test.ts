import { expect, it } from 'vitest';
import type { ReviewedItem } from './review';
import { reviewSummary } from './summary';

const item = (
  name: string,
  move: ReviewedItem['proposal']['move'],
  by = 'two-for-two',
  refer = false,
  done = 1,
): ReviewedItem =>
  ({
    ...{ item: { name }, block: 'strength', planned: 8 },
    done: Array.from({ length: done }, () => ({ amount: 8 })),
    proposal: { move, by, rule: `${name} is looked at.`, ...(refer ? { refer } : {}) },
  }) as unknown as ReviewedItem;

it.each<[string, ReviewedItem[], Parameters<typeof reviewSummary>[1], string[]]>([
  ['all held', [item('Push-up', 'same'), item('Row', 'same')], [], ['Hold everything.']],
  [
    'more, less and the same',
    [item('Push-up', 'up'), item('Row', 'down'), item('Squat', 'same')],
    [],
    ['Regress Row; progress Push-up; hold 1.'],
  ],
  ['many of one kind', ['A', 'B', 'C', 'D'].map((n) => item(n, 'up')), [], ['Progress A, B and 2 more.']],
  [
    'pain',
    [item('Fly', 'down')],
    [{ region: 'shoulder', side: 'right', score: 4 }],
    ['Right shoulder 4 of 10: ask how the next morning was.', 'Regress Fly.'],
  ],
  ['a stop', [item('Fly', 'stop')], [{ region: 'shoulder', score: 7 }], ['Stop Fly: shoulder 7 of 10.']],
  ['a clinician first', [item('Fly', 'stop', 'red-flag', true)], [], ['A clinician looks first: Fly is looked at.']],
  [
    'something left out',
    [item('Fly', 'same', 'not-done', false, 0)],
    [],
    ['Hold everything.', 'Not done: Fly. Ask why.'],
  ],
  ['a warm-up says nothing', [item('Arm circles', 'same', 'no-decision')], [], []],
])('%s', (_, items, pain, words) => expect(reviewSummary(items, pain)).toEqual(words));
