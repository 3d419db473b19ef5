import type { KeyboardEvent } from 'react';

/** Enter takes what was typed, also while the list on the screen is still that of a letter before: nobody gets what they did not ask for. */
export const enterTyped =
  <T>(isBehind: boolean, first: () => T | undefined, choose: (one: T) => void) =>
  (event: KeyboardEvent): void => {
    if (event.key !== 'Enter' || !isBehind) return;
    event.preventDefault();
    const one = first();
    if (one !== undefined) choose(one);
  };
