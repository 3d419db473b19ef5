import type { WorkKind } from '../dose/dose';
import type { CaseDose } from './decision-case';
import type { Facts } from './facts';
import { nextStep, type Step, stepBack } from './next-step';
import type { Move } from './proposal';

/** What a dose is counted in. */
export function countedIn(dose: CaseDose): WorkKind {
  if (dose.holdSeconds !== undefined) return 'hold';
  if (dose.workSeconds !== undefined) return 'work';
  if (dose.breaths !== undefined) return 'breaths';
  if (dose.contacts !== undefined) return 'contacts';
  return dose.metres === undefined ? 'reps' : 'metres';
}

/** One step the way a coach has pressed, whichever way the rules would go. */
export function stepTo(move: Move, facts: Facts): Pick<Step, 'how' | 'next'> {
  if (move === 'up') return nextStep(facts, { small: (facts.pain ?? 0) > 0 });
  if (move === 'down') return stepBack(facts);
  return move === 'same' ? { how: 'same again', next: {} } : { how: 'stop it for now', next: {} };
}
