import { type PlayerState, type RunningState, runningOf } from './player';
import { nextStep, type Step } from './steps';

/** Where somebody was, as it is kept beside the logged sets: the set by its name, since steps may change; what had passed, since clocks do. */
export interface KeptPlace {
  key: string;
  kind: RunningState['kind'];
  /** Milliseconds that had passed of it. */
  passed: number;
  paused: boolean;
}

/** What of a state is kept, so that a call, a locked screen or an empty battery loses nothing. */
export function placeOf(steps: readonly Step[], state: PlayerState, now: number): KeptPlace | undefined {
  if (state.kind === 'finished') return undefined;
  const running = runningOf(state);
  const key = steps[running.index]?.key;
  if (!key) return undefined;
  const at = state.kind === 'paused' ? state.at : now;
  return {
    ...{ key, kind: running.kind, paused: state.kind === 'paused' },
    passed: running.since === undefined ? 0 : Math.max(0, at - running.since),
  };
}

/**
 * Where to go on: a set that was paused goes on where it stood, one that ran on unseen is done again, a rest is over. What is kept gives way to
 * what is logged: a set that is done is not begun again.
 *
 * @example resumed(steps, undefined, new Set(), 0) // { kind: 'ready', index: 0 }
 */
export function resumed(
  steps: readonly Step[],
  kept: KeptPlace | undefined,
  done: ReadonlySet<string>,
  now: number,
): PlayerState {
  const index = steps.findIndex((step) => step.key === kept?.key);
  const step = steps[index];
  const next = nextStep(steps, done);
  if (kept && step?.kind === 'work' && !done.has(step.key)) {
    const stands = kept.paused && kept.kind === 'working';
    return stands
      ? { kind: 'paused', was: { kind: 'working', index, since: now - kept.passed }, at: now }
      : { kind: 'ready', index };
  }
  return next >= steps.length ? { kind: 'finished' } : { kind: 'ready', index: next };
}

/** The same place when the steps have changed under it: an exercise was swapped or taken out. What runs goes on; else the next set is waited for. */
export function onChanged(
  before: readonly Step[],
  after: readonly Step[],
  state: PlayerState,
  done: ReadonlySet<string>,
): PlayerState {
  if (state.kind === 'finished') return state;
  const running = runningOf(state);
  const old = before[running.index];
  const index = after.findIndex((step) => step.key === old?.key);
  const same = after[index];
  const isSame = same && (same.kind === 'rest' || (old?.kind === 'work' && old.item.variant === same.item.variant));
  if (isSame) {
    const was = { ...running, index };
    return state.kind === 'paused' ? { ...state, was } : was;
  }
  const last = running.kind === 'working' ? undefined : running.last;
  const next = nextStep(after, done);
  return next >= after.length ? { kind: 'finished' } : { kind: 'ready', index: next, ...(last ? { last } : {}) };
}
