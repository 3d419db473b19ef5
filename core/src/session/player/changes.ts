import { type PlanItem, plannedAmount } from '../plan/plan-types';
import { isWork, type Step, type StepSide, setKey, slotOf, type WorkStep } from './steps';

/** Why something is left out or changed, as the athlete chooses it. */
export const changeReasons = [
  'no equipment',
  'no room',
  'no time',
  'too tired',
  'do not know how',
  'too easy',
  'too hard',
  'pain',
  'readiness',
] as const;
export type ChangeReason = (typeof changeReasons)[number];

/** What an athlete, or a rule, changes in the session of today. `slot` is the exercise as it was planned. */
export type SessionChange = { slot: string; why: ChangeReason } & (
  | { kind: 'swap'; to: PlanItem }
  | { kind: 'out' }
  /** No more than so many sets are still to come. */
  | { kind: 'fewer'; sets: number }
  | { kind: 'load'; kg: number }
);

/** The other ways of an exercise that were sent along, each dosed for this athlete. */
export interface OtherWays {
  easier?: PlanItem;
  harder?: PlanItem;
}

/** Share of the work that is left of a set where no easier exercise was sent along; common practice, no source. */
const lighterShare = 0.7;

/**
 * The same exercise with less of it: seven tenths of a set, no less than one. For where no easier one was sent along.
 *
 * @example lighter({ ...planItem, reps: 10 }).reps // 7
 */
export function lighter(item: PlanItem): PlanItem {
  const less = (amount: number) => Math.max(1, Math.floor(amount * lighterShare));
  return {
    ...item,
    ...(item.reps === undefined ? {} : { reps: less(item.reps) }),
    ...(item.holdSeconds === undefined ? {} : { holdSeconds: less(item.holdSeconds) }),
    ...(item.workSeconds === undefined ? {} : { workSeconds: less(item.workSeconds) }),
    ...(item.breaths === undefined ? {} : { breaths: less(item.breaths) }),
    ...(item.contacts === undefined ? {} : { contacts: less(item.contacts) }),
    ...(item.metres === undefined ? {} : { metres: less(item.metres) }),
  };
}

/** One set, side by side, of another exercise in the place of the one that was planned. */
function replaced(step: WorkStep, slot: string, to: PlanItem, first: 'left' | 'right'): WorkStep[] {
  const sides: StepSide[] = to.perSide ? [first, first === 'left' ? 'right' : 'left'] : [to.side ?? 'both'];
  const { insteadOf: _, ...rest } = step;
  return sides.map((side) => ({
    ...rest,
    ...{ item: to, side, key: setKey(slot, step.set, side) },
    ...(to.variant === slot ? {} : { insteadOf: slot }),
  }));
}

function withSwap(steps: readonly Step[], slot: string, to: PlanItem, begun: ReadonlySet<number>): Step[] {
  const seen = new Set<number>();
  return steps.flatMap((step): Step[] => {
    if (!isWork(step) || slotOf(step) !== slot || begun.has(step.set)) return [step];
    if (seen.has(step.set)) return [];
    seen.add(step.set);
    return replaced(step, slot, to, step.side === 'right' ? 'right' : 'left');
  });
}

/** Sets that are taken out take the rest after them along; no rest stands at the end, and no two in a row. */
function without(steps: readonly Step[], gone: (step: WorkStep) => boolean): Step[] {
  const kept: Step[] = [];
  let isAfterGone = false;
  for (const step of steps) {
    if (isWork(step)) {
      isAfterGone = gone(step);
      if (!isAfterGone) kept.push(step);
    } else if (!isAfterGone || (step.reason === 'round' && isWork(kept.at(-1)))) kept.push(step);
  }
  while (kept.at(-1)?.kind === 'rest') kept.pop();
  return kept;
}

function withChange(steps: readonly Step[], change: SessionChange, done: ReadonlySet<string>): Step[] {
  const own = steps.filter(isWork).filter((step) => slotOf(step) === change.slot);
  const begun = new Set(own.filter((step) => done.has(step.key)).map(({ set }) => set));
  const open = (step: WorkStep) => slotOf(step) === change.slot && !done.has(step.key);
  switch (change.kind) {
    case 'swap':
      return withSwap(steps, change.slot, change.to, begun);
    case 'out':
      return without(steps, open);
    case 'fewer': {
      const whole = [...new Set(own.map(({ set }) => set))].filter((set) => !begun.has(set));
      const kept = new Set(whole.slice(0, change.sets));
      return without(steps, (step) => open(step) && !begun.has(step.set) && !kept.has(step.set));
    }
    case 'load':
      return steps.map((step) =>
        isWork(step) && open(step)
          ? { ...step, item: { ...step.item, load: { with: step.item.load?.with ?? 'weight', kg: change.kg } } }
          : step,
      );
  }
}

/**
 * The steps of today after what was changed on the way. What is done stays as it was done; a set of which one side is done is finished as it was
 * begun; a set keeps its name, so that it counts once whatever is done in it.
 *
 * @example changedSteps(steps, []).length === steps.length // true
 */
export function changedSteps(
  steps: readonly Step[],
  changes: readonly { change: SessionChange; done: ReadonlySet<string> }[],
): Step[] {
  return changes.reduce<Step[]>((now, { change, done }) => withChange(now, change, done), [...steps]);
}

/** What may still be done of an exercise as it stands: for the words of a change. */
export const openSets = (steps: readonly Step[], slot: string, done: ReadonlySet<string>): number =>
  new Set(
    steps
      .filter((step) => isWork(step) && slotOf(step) === slot && !done.has(step.key))
      .map((step) => (step as WorkStep).set),
  ).size;

/** A change in the words the athlete reads. @example changeWords({ kind: 'out', slot: 'push-up', why: 'pain' }, 'Push-up') // 'Push-up: left out' */
export function changeWords(change: SessionChange, name: string): string {
  switch (change.kind) {
    case 'out':
      return `${name}: left out`;
    case 'fewer':
      return `${name}: up to ${change.sets} more ${change.sets === 1 ? 'set' : 'sets'}`;
    case 'load':
      return `${name}: with ${change.kg} kg`;
    case 'swap':
      return change.to.name === name
        ? `${name}: ${plannedAmount(change.to)} a set`
        : `${change.to.name} instead of ${name}`;
  }
}
