import fc from 'fast-check';
import { expect, it } from 'vitest';
import { type History, noHistory, redone, remembered, undone } from './history';

it('goes back to where it began and forward to where it was, whatever was done', () => {
  fc.assert(
    fc.property(fc.array(fc.integer(), { minLength: 1, maxLength: 50 }), (states) => {
      let history: History<number> = noHistory();
      states.slice(1).forEach((_, i) => {
        history = remembered(history, states[i] as number);
      });
      let now = states.at(-1) as number;
      const seen = [now];
      for (let step = undone(history, now); step; step = undone(history, now)) {
        [now, history] = [step.to, step];
        seen.unshift(now);
      }
      expect(seen).toEqual(states);
      for (let step = redone(history, now); step; step = redone(history, now)) [now, history] = [step.to, step];
      expect(now).toBe(states.at(-1));
    }),
  );
});

it('forgets what was undone when something else is done, and the oldest of very many steps', () => {
  const back = undone(remembered(noHistory(), 1), 2);
  expect(remembered(back as History<number>, 1).future).toEqual([]);
  let history: History<number> = noHistory();
  for (let i = 0; i < 300; i++) history = remembered(history, i);
  expect(history.past).toHaveLength(200);
  expect(history.past[0]).toBe(100);
});
