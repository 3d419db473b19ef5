import { parseTempo } from '../../dose/notation';
import { paceSeconds } from '../../dose/time';
import { type PlanItem, plannedAmount } from '../plan/plan-types';
import type { Step } from './steps';

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

/** What one set is counted in. @example countedIn({ breaths: 5 }) // 'breaths' */
export function countedIn(item: PlanItem): 'reps' | 'seconds' | 'breaths' | 'contacts' | 'metres' {
  if (isTimed(item)) return 'seconds';
  if (item.breaths !== undefined) return 'breaths';
  if (item.contacts !== undefined) return 'contacts';
  return item.metres === undefined ? 'reps' : 'metres';
}

/** Seconds that one counted unit takes at the set tempo; a pace of more than 1 is slower, and leaves what the clock counts. */
export function unitSeconds(item: PlanItem, pace = 1): number {
  if (isTimed(item) || item.metres !== undefined) return 1;
  if (item.breaths !== undefined) return paceSeconds.breath * pace;
  if (item.contacts !== undefined) return paceSeconds.contact;
  return beatOf(item).reduce((sum, part) => sum + part.seconds, 0) * pace;
}

/** Repetitions of these blocks are asked about: what was left tells how strong somebody is. */
const telling: ReadonlySet<string> = new Set(['strength', 'prevention', 'trunk']);

/** Whether the athlete is asked after a set how many more there could have been. */
export const asksWhatWasLeft = (block: string, item: PlanItem): boolean =>
  item.reps !== undefined && telling.has(block);

/** Units done so far in a running set, never more than asked. */
export function countOf(item: PlanItem, elapsedMs: number, pace = 1): number {
  return Math.min(plannedAmount(item), Math.floor(elapsedMs / 1000 / unitSeconds(item, pace)));
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
