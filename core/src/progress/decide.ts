import { painLimits } from '../athlete/athlete';
import { dataRules, effortRules, sideRules } from './data-rules';
import type { Decision, DecisionCase, NextDose } from './decision-case';
import { type Facts, factsOf } from './facts';
import { formRules } from './form-rules';
import { painRules } from './pain-rules';
import { fullRules, shortRules } from './performance-rules';
import { mayStand, type ProgressRules } from './progress-rules';
import { type Move, moveOf, pressed } from './proposal';
import { ruleBook } from './rule-book';
import { type Rule, safetyRules } from './safety-rules';
import { stateRules } from './state-rules';
import { countedIn, stepTo } from './step-to';

/** Rules in their order: the first that speaks decides. What can hurt comes before what is missing, and both before what could be more. */
const order: readonly Rule[] = [
  ...safetyRules,
  ...painRules,
  ...stateRules,
  ...dataRules,
  ...effortRules,
  ...sideRules,
  ...formRules,
  ...shortRules,
  ...fullRules,
];

/** As the rules say, unless the club does otherwise where they say so. */
function asPreferred(decision: Decision, facts: Facts, rules: ProgressRules | undefined): Decision {
  const preferred = rules?.instead?.[decision.rule];
  if (!preferred || preferred.proposed !== pressed[decision.move] || !mayStand(decision.rule, preferred))
    return decision;
  // More is never asked where it hurts, whichever rule speaks.
  if (preferred.decided === 'up' && (facts.pain === null || facts.pain > painLimits.safe)) return decision;
  const { how, next } = stepTo(preferred.decided, facts);
  return {
    move: moveOf[preferred.decided],
    ...{ how, next },
    why: `House rule for "${ruleBook[decision.rule]?.title}". ${decision.why}`,
    rule: decision.rule,
  };
}

/**
 * What a careful coach does next with one item: progress, hold, regress, stop or refer, with the change, the reason and the rule it rests on.
 *
 * @param given one item with its sessions, oldest first, and the whole session just reviewed
 * @param rules what the club has made of the rules; as usual when left out
 * @example decide(decisionCase()).rule // 'effort-near-plan'
 */
export function decide(given: DecisionCase, rules?: ProgressRules): Decision {
  if (given.history.length === 0)
    return {
      move: 'hold',
      how: 'the dose as planned',
      why: 'No session yet: nothing to decide on.',
      rule: 'no-history',
    };
  const facts = factsOf(given, rules);
  for (const rule of order) {
    const decision = rule(facts);
    if (decision) return asPreferred(decision, facts, rules);
  }
  return { move: 'hold', how: 'same again', why: 'No rule speaks for more or less.', rule: 'effort-near-plan' };
}

/**
 * The dose that a decision of the coach comes to: that of the rules where the coach does as they say, else one step the way that was pressed. What
 * a step leaves alone is as it was. Undefined for what is stopped, or was never done.
 *
 * @param given one item with its sessions, oldest first
 * @example nextDose(decisionCase(), 'same') // { kg: 16, sets: 3, amount: 10, counts: 'reps' }
 */
export function nextDose(given: DecisionCase, move: Move, rules?: ProgressRules): NextDose | undefined {
  if (move === 'stop' || given.history.length === 0) return undefined;
  const facts = factsOf(given, rules);
  const decision = decide(given, rules);
  const step = (pressed[decision.move] === move ? decision.next : undefined) ?? stepTo(move, facts).next;
  const { load, dose } = given.item;
  return {
    // Another exercise has its own loads.
    ...(load.kg !== undefined && !step.variant ? { kg: load.kg } : {}),
    ...{ sets: dose.sets, amount: facts.planned, counts: countedIn(dose) },
    ...step,
  };
}
