import type { BlockKind, Pattern } from '../../exercise/model/vocabulary';
import { preparingBlocks } from '../../exercise/model/vocabulary';
import type { Plan } from '../../session/plan/plan-types';
import { axisOfSets, type Cost, countedBlocks } from '../../session-type/cost';
import type { SessionType } from '../../session-type/session-type';

const loweringSeconds = (tempo: string | undefined) => Number.parseInt(tempo ?? '', 10) || 0;

/** What a written session costs, its sets by pattern and its throws with it. */
export interface PlanDose extends Cost {
  throws: number;
  patterns: Partial<Record<Pattern, number>>;
}

/**
 * What a written session costs a week: sets of its power, strength and prevention blocks by part of the body, landings, throws, and the sets that
 * lower slowly against load; these are counted beside the heavy ones, never twice.
 *
 * @example doseOfPlan(plan).contacts // 30
 */
export function doseOfPlan(plan: Pick<Plan, 'blocks'>): PlanDose {
  const dose: PlanDose = { heavyLower: 0, heavyUpper: 0, contacts: 0, eccentric: 0, throws: 0, patterns: {} };
  for (const { kind, items } of plan.blocks) {
    const block = kind as BlockKind;
    for (const item of items) {
      const pattern = item.pattern as Pattern;
      // Hops of a warm-up are no landings: they come from no height.
      if (!preparingBlocks.has(block)) dose.contacts += item.impactContacts;
      if (pattern === 'throw') dose.throws += item.sets * (item.reps ?? 0);
      if (!countedBlocks.has(block)) continue;
      dose.patterns[pattern] = (dose.patterns[pattern] ?? 0) + item.sets;
      const axis = axisOfSets(block, pattern, loweringSeconds(item.tempo));
      if (axis) dose[axis] += item.sets;
    }
  }
  return dose;
}

/** Minutes under which a session is no more than a primer. */
const primerMinutes = 16;
/** Landings that make a session one of speed, and the share of heavy sets that one part takes to give it its name. */
const [jumpsFrom, ofOnePart] = [30, 0.75];

/**
 * The type that a written session comes nearest to by what it costs, where nobody has said one.
 *
 * @example typeOfDose({ heavyLower: 1, heavyUpper: 0, contacts: 60, eccentric: 0 }, 28) // 'power'
 */
export function typeOfDose({ heavyLower, heavyUpper, contacts, eccentric }: Cost, minutes: number): SessionType {
  const heavy = heavyLower + heavyUpper;
  if (minutes <= primerMinutes && heavy + eccentric < 3) return 'primer';
  if (contacts >= jumpsFrom && heavy < 4) return 'power';
  if (heavy === 0) return eccentric > 0 ? 'injury-prevention' : contacts > 0 ? 'conditioning' : 'flexibility';
  if (heavyLower >= ofOnePart * heavy) return 'lower-body';
  if (heavyUpper >= ofOnePart * heavy) return 'upper-body';
  return 'whole-body';
}
