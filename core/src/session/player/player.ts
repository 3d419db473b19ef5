import { parseTempo } from '../../dose/notation';
import { paceSeconds } from '../../dose/time';
import { type PlanItem, plannedAmount } from '../plan/plan-types';
import type { Step } from './steps';

/** Where the athlete is on the floor; times are milliseconds of one clock. */
export type PlayerState =
  | { kind: 'ready'; index: number }
  | { kind: 'working'; index: number; since: number }
  | {
      kind: 'resting';
      index: number;
      since: number;
      seconds: number;
      lastKey: string;
      lastAmount: number;
      lastReserve?: number;
    }
  | { kind: 'finished' };

export type PlayerEvent =
  | { kind: 'tap'; now: number }
  | { kind: 'tick'; now: number }
  | { kind: 'adjust'; by: number }
  /** How many more there could have been in the set before this rest. */
  | { kind: 'left'; reserve: number };

/** What has to be kept of an event: an amount for a set. */
export interface PlayerLog {
  key: string;
  amount: number;
  reserve?: number;
}

export interface PlayerResult {
  state: PlayerState;
  log?: PlayerLog;
}

/** Parts of one repetition in the order they are done, seconds. */
export function beatOf(item: PlanItem): { name: string; seconds: number }[] {
  const tempo = item.tempo ? parseTempo(item.tempo) : undefined;
  if (!tempo) return [{ name: 'go', seconds: paceSeconds.untimedRep }];
  const rising = tempo.rising === 'X' ? 1 : tempo.rising;
  const reset =
    tempo.rising === 'X' ? Math.max(0, paceSeconds.explosiveRep - tempo.lowering - tempo.bottom - rising) : tempo.top;
  const parts = [
    { name: 'down', seconds: tempo.lowering },
    { name: 'hold', seconds: tempo.bottom },
    { name: tempo.rising === 'X' ? 'fast' : 'up', seconds: rising },
    { name: tempo.rising === 'X' ? 'set' : 'hold', seconds: reset },
  ];
  return parts.filter((part) => part.seconds > 0);
}

/** Whether the clock counts the work itself rather than repetitions. */
export function isTimed(item: PlanItem): boolean {
  return item.holdSeconds !== undefined || item.workSeconds !== undefined;
}

/** Seconds that one counted unit takes at the set tempo. */
export function unitSeconds(item: PlanItem): number {
  if (isTimed(item) || item.metres !== undefined) return 1;
  if (item.breaths !== undefined) return paceSeconds.breath;
  if (item.contacts !== undefined) return paceSeconds.contact;
  return beatOf(item).reduce((sum, part) => sum + part.seconds, 0);
}

/** Repetitions of these blocks are asked about: what was left tells how strong somebody is. */
const telling: ReadonlySet<string> = new Set(['strength', 'prevention', 'trunk']);

/** Whether the athlete is asked after a set how many more there could have been. */
export const asksWhatWasLeft = (block: string, item: PlanItem): boolean =>
  item.reps !== undefined && telling.has(block);

/** Units done so far in a running set, never more than asked. */
export function countOf(item: PlanItem, elapsedMs: number): number {
  return Math.min(plannedAmount(item), Math.floor(elapsedMs / 1000 / unitSeconds(item)));
}

function afterWork(steps: readonly Step[], index: number, key: string, amount: number, now: number): PlayerResult {
  const next = steps[index + 1];
  const log = { key, amount };
  if (!next) return { state: { kind: 'finished' }, log };
  if (next.kind === 'rest')
    return {
      state: { kind: 'resting', index: index + 1, since: now, seconds: next.seconds, lastKey: key, lastAmount: amount },
      log,
    };
  return { state: { kind: 'ready', index: index + 1 }, log };
}

function onward(steps: readonly Step[], index: number): PlayerState {
  return index + 1 < steps.length ? { kind: 'ready', index: index + 1 } : { kind: 'finished' };
}

/** What is known of the set before a rest. */
const lastLog = ({ lastKey, lastAmount, lastReserve }: Extract<PlayerState, { kind: 'resting' }>): PlayerLog => ({
  key: lastKey,
  amount: lastAmount,
  ...(lastReserve === undefined ? {} : { reserve: lastReserve }),
});

/**
 * The floor as a pure state machine. One tap does the next thing: starts a set, ends it with what is counted, cuts a rest short.
 * A set ends by itself when all is counted, a rest when its time is over; an amount can be put right while resting, and
 * told how many more there could have been.
 */
export function playerAfter(steps: readonly Step[], state: PlayerState, event: PlayerEvent): PlayerResult {
  if (state.kind === 'finished') return { state };
  const step = steps[state.index];
  if (!step) return { state: { kind: 'finished' } };
  if (event.kind === 'adjust') {
    if (state.kind !== 'resting') return { state };
    const amount = Math.max(0, state.lastAmount + event.by);
    return { state: { ...state, lastAmount: amount }, log: lastLog({ ...state, lastAmount: amount }) };
  }
  if (event.kind === 'left') {
    if (state.kind !== 'resting') return { state };
    const told = { ...state, lastReserve: event.reserve };
    return { state: told, log: lastLog(told) };
  }
  if (state.kind === 'ready') {
    return { state: event.kind === 'tap' ? { kind: 'working', index: state.index, since: event.now } : state };
  }
  if (state.kind === 'resting') {
    const over = event.kind === 'tap' || event.now - state.since >= state.seconds * 1000;
    return { state: over ? onward(steps, state.index) : state };
  }
  if (step.kind !== 'work') return { state };
  const count = countOf(step.item, event.now - state.since);
  const full = count >= plannedAmount(step.item);
  if (event.kind === 'tap' || full) return afterWork(steps, state.index, step.key, count, event.now);
  return { state };
}

/** Seconds from a step to the end at the planned pace. */
export function secondsLeft(steps: readonly Step[], index: number): number {
  return steps
    .slice(index)
    .reduce(
      (sum, step) =>
        sum +
        (step.kind === 'rest'
          ? step.seconds
          : plannedAmount(step.item) * unitSeconds(step.item) + paceSeconds.sideChange),
      0,
    );
}
