import type { Plan, PlanBlock, PlanItem } from '../plan/plan-types';

export type StepSide = 'left' | 'right' | 'both';

/** One thing to do on the floor: a set on one side, or a rest before the next. */
export type Step = WorkStep | { kind: 'rest'; key: string; seconds: number; reason: 'set' | 'switch' | 'round' };
export interface WorkStep {
  kind: 'work';
  key: string;
  block: string;
  item: PlanItem;
  set: number;
  side: StepSide;
  /** The exercise that was planned here, where the athlete does another. */
  insteadOf?: string;
}
export const isWork = (step: Step | undefined): step is WorkStep => step?.kind === 'work';

/** Name under which a set is logged; the same set always has the same. */
export function setKey(variant: string, set: number, side: StepSide): string {
  return `${variant}#${set}#${side}`;
}

function workSteps(block: PlanBlock, item: PlanItem, set: number, firstSide: 'left' | 'right'): Step[] {
  const both: StepSide[] = firstSide === 'left' ? ['left', 'right'] : ['right', 'left'];
  const sides: StepSide[] = item.perSide ? both : [item.side ?? 'both'];
  return sides.map(
    (side): Step => ({ kind: 'work', key: setKey(item.variant, set, side), block: block.kind, item, set, side }),
  );
}

function rest(seconds: number, reason: 'set' | 'switch' | 'round', key: string): Step[] {
  return seconds > 0 ? [{ kind: 'rest', key: `rest ${key}`, seconds, reason }] : [];
}

/** A rest after an exercise and one after the round are one rest. */
function withRestsJoined(steps: Step[], step: Step): Step[] {
  const before = steps.at(-1);
  if (step.kind !== 'rest' || before?.kind !== 'rest') return [...steps, step];
  return [...steps.slice(0, -1), { ...step, seconds: before.seconds + step.seconds }];
}

/**
 * Everything the athlete does, in order. Straight items finish all their sets; pairs and circuits go round.
 * The last rest of a session is left out.
 */
export function stepsOf(plan: Plan, firstSide: 'left' | 'right' = 'left'): Step[] {
  const steps = plan.blocks.flatMap((block, b): Step[] => {
    if (block.format === 'straight') {
      return block.items.flatMap((item) =>
        Array.from({ length: item.sets }, (_, k) => k + 1).flatMap((set) => [
          ...workSteps(block, item, set, firstSide),
          ...rest(item.restSeconds, 'set', `${b} ${item.variant} ${set}`),
        ]),
      );
    }
    return Array.from({ length: block.rounds }, (_, k) => k + 1).flatMap((round) => [
      ...block.items
        .filter((item) => round <= item.sets)
        .flatMap((item) => [
          ...workSteps(block, item, round, firstSide),
          ...rest(item.restSeconds, 'switch', `${b} ${item.variant} ${round}`),
        ]),
      ...rest(block.restSeconds, 'round', `${b} round ${round}`),
    ]);
  });
  const joined = steps.reduce<Step[]>(withRestsJoined, []);
  return joined.at(-1)?.kind === 'rest' ? joined.slice(0, -1) : joined;
}

/** Index of the first set that has not been logged; the number of steps when all are done. Rests before it are skipped. */
export function nextStep(steps: readonly Step[], logged: ReadonlySet<string>): number {
  const index = steps.findIndex((step) => step.kind === 'work' && !logged.has(step.key));
  return index < 0 ? steps.length : index;
}

/** The exercise that was planned where a set stands, whatever is done in it. */
export const slotOf = ({ insteadOf, item }: WorkStep): string => insteadOf ?? item.variant;

/** Index of the first set from a step on; the number of steps where none comes. */
export function workAt(steps: readonly Step[], from: number): number {
  const found = steps.findIndex((step, i) => i >= from && isWork(step));
  return found < 0 ? steps.length : found;
}

/** The set before a step, rests left out. */
export const workBefore = (steps: readonly Step[], index: number): WorkStep | undefined =>
  steps.slice(0, index).findLast(isWork);

/** Whether a set is of another exercise than the one before it. */
export function isNewItem(steps: readonly Step[], index: number): boolean {
  const here = steps[index];
  return isWork(here) && workBefore(steps, index)?.item.variant !== here.item.variant;
}
