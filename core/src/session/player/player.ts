import { plannedAmount } from '../plan/plan-types';
import { countOf, isTimed } from './counting';
import { isNewItem, type Step, type WorkStep, workAt } from './steps';

/** What has to be kept of an event: an amount for a set. */
export interface PlayerLog {
  key: string;
  amount: number;
  reserve?: number;
}

interface Running {
  index: number;
  since: number;
}
/** The set before, whose amount can still be put right. */
interface Before {
  last?: PlayerLog;
}

/** Where the athlete is on the floor; times are milliseconds of one clock. */
export type RunningState =
  | ({ kind: 'ready'; index: number; since?: number } & Before)
  | ({ kind: 'leading'; seconds: number } & Running & Before)
  | ({ kind: 'working' } & Running)
  | ({ kind: 'resting'; seconds: number; planned: number } & Running & Before);
export type PlayerState = RunningState | { kind: 'paused'; was: RunningState; at: number } | { kind: 'finished' };

/** What runs, also under a pause. */
export function runningOf(state: Exclude<PlayerState, { kind: 'finished' }>): RunningState;
export function runningOf(state: PlayerState): Exclude<PlayerState, { kind: 'paused' }>;
export function runningOf(state: PlayerState): Exclude<PlayerState, { kind: 'paused' }> {
  return state.kind === 'paused' ? state.was : state;
}

export type PlayerEvent =
  | { kind: 'tap'; now: number }
  | { kind: 'tick'; now: number }
  | { kind: 'pause'; now: number }
  | { kind: 'back' }
  | { kind: 'skip' }
  /** A longer or shorter rest, seconds. */
  | { kind: 'rest'; by: number; now: number }
  | { kind: 'adjust'; by: number }
  /** How many more there could have been in the set before. */
  | { kind: 'left'; reserve: number };

export interface PlayerResult {
  state: PlayerState;
  log?: PlayerLog;
  /** The set that is left out. */
  skipped?: string;
}

/** How an athlete wants to be led. */
export interface PlayerManner {
  /** The next set starts by itself; only the first of a session waits for a tap. */
  auto: boolean;
  /** Time for a repetition, of what is planned: 1.2 is slower. Holds and rounds keep their seconds. */
  pace: number;
}
export const usualManner: PlayerManner = { auto: false, pace: 1 };
/** Paces that can be chosen. */
export const paces = [0.8, 0.9, 1, 1.1, 1.25, 1.5] as const;

/** Seconds from a tap to the start: time to get into the position; longer before the clock counts the work. Common practice, no source. */
const leadSeconds = { counted: 3, timed: 5 } as const;
/** Seconds in which the next set is got ready for where it starts by itself: another exercise, or only the other side. */
const setUpSeconds = { exercise: 15, side: 4 } as const;
/** By how much one tap changes a rest, seconds. */
export const restStep = 15;
const longestRest = 600;

function readyAt(steps: readonly Step[], from: number, last?: PlayerLog, since?: number): PlayerState {
  const index = workAt(steps, from);
  return index >= steps.length
    ? { kind: 'finished' }
    : { kind: 'ready', index, ...(since === undefined ? {} : { since }), ...(last ? { last } : {}) };
}

function lead({ item }: WorkStep, index: number, now: number, last?: PlayerLog): PlayerState {
  const seconds = isTimed(item) ? leadSeconds.timed : leadSeconds.counted;
  return { kind: 'leading', index, since: now, seconds, ...(last ? { last } : {}) };
}

function afterWork(steps: readonly Step[], index: number, log: PlayerLog, now: number): PlayerResult {
  const next = steps[index + 1];
  if (next?.kind !== 'rest') return { state: readyAt(steps, index + 1, log, now), log };
  const { seconds } = next;
  return { state: { kind: 'resting', index: index + 1, since: now, seconds, planned: seconds, last: log }, log };
}

/** Where a set would be that comes now: the running one, or the first after a rest. */
const upcomingAt = (steps: readonly Step[], state: RunningState) => workAt(steps, state.index);

function putRight(state: RunningState, change: (last: PlayerLog) => PlayerLog): PlayerResult {
  if (state.kind === 'working' || !state.last) return { state };
  const last = change(state.last);
  return { state: { ...state, last }, log: last };
}

/** A set that is left out: no rest follows what was not done. */
function leftOut(steps: readonly Step[], state: RunningState, now?: number): PlayerResult {
  const at = upcomingAt(steps, state);
  const step = steps[at];
  if (!step) return { state: { kind: 'finished' } };
  const last = state.kind === 'working' ? undefined : state.last;
  return { state: readyAt(steps, at + 1, last, now), skipped: step.key };
}

/** The set before: it is done once more, and counts once. */
function backFrom(steps: readonly Step[], state: RunningState): PlayerState {
  const here = upcomingAt(steps, state);
  if (state.kind === 'working') return { kind: 'ready', index: here };
  const before = steps.slice(0, here).findLastIndex((step) => step.kind === 'work');
  return { kind: 'ready', index: before < 0 ? here : before };
}

/** The same moment of a set or rest, when the clock goes on at another time. */
const shifted = <S extends RunningState>(state: S, by: number): S =>
  state.since === undefined ? state : { ...state, since: state.since + by };

function ticked(steps: readonly Step[], state: RunningState, now: number, { auto, pace }: PlayerManner): PlayerResult {
  if (state.kind === 'ready') {
    if (!auto || state.index === workAt(steps, 0)) return { state };
    if (state.since === undefined) return { state: { ...state, since: now } };
    const step = steps[state.index] as WorkStep;
    const wait = isNewItem(steps, state.index) ? setUpSeconds.exercise : setUpSeconds.side;
    return { state: now - state.since >= wait * 1000 ? lead(step, state.index, now, state.last) : state };
  }
  const passed = (now - state.since) / 1000;
  if (state.kind === 'leading')
    return { state: passed >= state.seconds ? { kind: 'working', index: state.index, since: now } : state };
  if (state.kind === 'resting') {
    if (passed < state.seconds) return { state };
    const at = workAt(steps, state.index);
    // The end of the rest was counted down already.
    return {
      state: auto && at < steps.length ? { kind: 'working', index: at, since: now } : readyAt(steps, at, state.last),
    };
  }
  const { item, key } = steps[state.index] as WorkStep;
  const count = countOf(item, now - state.since, pace);
  return count >= plannedAmount(item) ? afterWork(steps, state.index, { key, amount: count }, now) : { state };
}

function tapped(steps: readonly Step[], state: RunningState, now: number, { pace }: PlayerManner): PlayerResult {
  if (state.kind === 'ready') return { state: lead(steps[state.index] as WorkStep, state.index, now, state.last) };
  if (state.kind === 'leading') return { state: { kind: 'working', index: state.index, since: now } };
  if (state.kind === 'resting') return { state: readyAt(steps, state.index, state.last, now) };
  const { item, key } = steps[state.index] as WorkStep;
  return afterWork(steps, state.index, { key, amount: countOf(item, now - state.since, pace) }, now);
}

function runningAfter(
  steps: readonly Step[],
  state: RunningState,
  event: PlayerEvent,
  manner: PlayerManner,
): PlayerResult {
  switch (event.kind) {
    case 'tick':
      return ticked(steps, state, event.now, manner);
    case 'tap':
      return tapped(steps, state, event.now, manner);
    case 'pause':
      return { state: { kind: 'paused', was: state, at: event.now } };
    case 'back':
      return { state: backFrom(steps, state) };
    case 'skip':
      return leftOut(steps, state);
    case 'rest': {
      if (state.kind !== 'resting') return { state };
      const passed = (event.now - state.since) / 1000;
      const seconds = Math.min(longestRest, Math.max(Math.ceil(passed), state.seconds + event.by));
      return { state: { ...state, seconds } };
    }
    case 'adjust':
      return putRight(state, (last) => ({ ...last, amount: Math.max(0, last.amount + event.by) }));
    case 'left':
      return putRight(state, (last) => ({ ...last, reserve: event.reserve }));
  }
}

/**
 * The floor as a pure state machine. One tap does the next thing: counts a set in, starts it at once, ends it with what is counted, cuts a rest
 * short, goes on after a pause. A set ends by itself when all is counted, a rest when its time is over. The set before can be put right until the
 * next one runs; going back does a set once more, and leaving one out says which. Asked for a step that is not there, it has finished.
 *
 * @example playerAfter(steps, { kind: 'ready', index: 0 }, { kind: 'tap', now: 0 }).state.kind // 'leading'
 */
export function playerAfter(
  steps: readonly Step[],
  state: PlayerState,
  event: PlayerEvent,
  manner: PlayerManner = usualManner,
): PlayerResult {
  if (state.kind === 'finished') return { state };
  const running = runningOf(state);
  if (workAt(steps, running.index) >= steps.length) return { state: { kind: 'finished' } };
  if (state.kind !== 'paused') return runningAfter(steps, running, event, manner);
  if (event.kind === 'tap' || event.kind === 'pause') return { state: shifted(running, event.now - state.at) };
  if (event.kind === 'tick' || event.kind === 'rest') return { state };
  const result = runningAfter(steps, running, event, manner);
  const stays = event.kind === 'adjust' || event.kind === 'left';
  return stays ? { ...result, state: { ...state, was: result.state as RunningState } } : result;
}

/** Seconds by which a rest is longer than planned; 0 where it is not. @example restOver({ seconds: 75, planned: 60 }) // 15 */
export const restOver = ({ seconds, planned }: { seconds: number; planned: number }): number =>
  Math.max(0, seconds - planned);

/** Seconds that have passed of what runs. */
export function passedSeconds(state: PlayerState, now: number): number {
  if (state.kind === 'finished') return 0;
  if (state.kind === 'paused') return passedSeconds(state.was, state.at);
  return state.since === undefined ? 0 : Math.max(0, now - state.since) / 1000;
}
