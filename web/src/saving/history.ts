/** What undo and redo go back and forth through: the latest last in `past`, the next first in `future`. */
export interface History<State> {
  past: State[];
  future: State[];
}

/** Steps that are kept. */
const maxSteps = 200;

/** Nothing to go back to: what a page begins with. */
export const noHistory = (): History<never> => ({ past: [], future: [] });

/** A change has been made: what was there before can be gone back to, what was undone is gone. */
export const remembered = <State>({ past }: History<State>, before: State): History<State> => ({
  past: [...past, before].slice(-maxSteps),
  future: [],
});

/** The state before the last change, with the history as it is once it has been gone back to; undefined where there is none. */
export function undone<State>(
  { past, future }: History<State>,
  now: State,
): (History<State> & { to: State }) | undefined {
  const to = past.at(-1);
  return to === undefined ? undefined : { to, past: past.slice(0, -1), future: [now, ...future] };
}

/** The state that was undone last, with the history as it is once it has been taken up again; undefined where there is none. */
export function redone<State>(
  { past, future }: History<State>,
  now: State,
): (History<State> & { to: State }) | undefined {
  const to = future[0];
  return to === undefined ? undefined : { to, past: [...past, now], future: future.slice(1) };
}
