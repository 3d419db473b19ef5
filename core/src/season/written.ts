import { armPatterns, type Pattern } from '../exercise/vocabulary';
import type { Plan } from '../session/plan';
import { type Dose, doseAxes, kindFacts, type SessionKind, sessionKinds } from './session-kind';
import { mapDose } from './week-ask';

const lower = new Set<Pattern>([
  'knee-dominant',
  'hip-dominant',
  'knee-flexion',
  'hip-abduction',
  'hip-adduction',
  'calf',
]);
/** Patterns whose slow lowering makes sore. */
const lengthened = new Set<Pattern>(['knee-flexion', 'hip-adduction']);
const hard = new Set(['strength', 'prevention', 'power']);
/** Seconds of lowering from which on it is slow. */
const slowLowering = 3;

const loweringSeconds = (tempo: string | undefined) => Number.parseInt(tempo ?? '', 10) || 0;

/** What a written session gives to the week, its sets by pattern with it. */
export interface PlanDose extends Dose {
  patterns: Partial<Record<Pattern, number>>;
}

/**
 * What a written session gives to the week: sets of its power, strength and prevention blocks by part of the body, landings, throws, and the sets
 * that lower slowly against load.
 *
 * @example doseOfPlan(plan).contacts // 48
 */
export function doseOfPlan(plan: Pick<Plan, 'blocks'>): PlanDose {
  const dose: PlanDose = { ...mapDose(() => 0), patterns: {} };
  for (const { kind, items } of plan.blocks)
    for (const item of items) {
      const pattern = item.pattern as Pattern;
      dose.contacts += item.impactContacts;
      if (pattern === 'throw') dose.throws += item.sets * (item.reps ?? 0);
      if (!hard.has(kind)) continue;
      dose.patterns[pattern] = (dose.patterns[pattern] ?? 0) + item.sets;
      if (lower.has(pattern)) dose.lowerSets += item.sets;
      if (armPatterns.has(pattern)) dose.upperSets += item.sets;
      if (lengthened.has(pattern) || loweringSeconds(item.tempo) >= slowLowering) dose.lengtheningSets += item.sets;
    }
  return dose;
}

/** Minutes under which a session is no more than a primer. */
const primerMinutes = 16;

/**
 * The kind that a written session comes nearest to: the one whose shares of the dose are most alike.
 *
 * @example kindOfDose({ lowerSets: 2, upperSets: 1, contacts: 60, lengtheningSets: 0, throws: 0 }, 28) // 'power'
 */
export function kindOfDose(dose: Dose, minutes: number): SessionKind {
  if (minutes <= primerMinutes) return 'primer';
  // Landings and throws are counted like sets.
  const weight: Dose = { lowerSets: 1, upperSets: 1, contacts: 1 / 10, lengtheningSets: 1, throws: 1 / 8 };
  const shares = (of: Dose) => {
    const sum = doseAxes.reduce((all, axis) => all + of[axis] * weight[axis], 0);
    return mapDose((axis) => (sum > 0 ? (of[axis] * weight[axis]) / sum : 0));
  };
  const mine = shares(dose);
  const unlike = (kind: SessionKind) => {
    const its = shares(kindFacts[kind].gives);
    return doseAxes.reduce((all, axis) => all + Math.abs(mine[axis] - its[axis]), 0);
  };
  return sessionKinds
    .filter((kind) => kind !== 'primer')
    .reduce((nearest, kind) => (unlike(kind) < unlike(nearest) ? kind : nearest));
}
