import { dataRules, effortRules, sideRules } from './data-rules';
import type { Decision, DecisionCase } from './decision-case';
import { factsOf } from './facts';
import { formRules } from './form-rules';
import { painRules } from './pain-rules';
import { fullRules, shortRules } from './performance-rules';
import { type Rule, safetyRules } from './safety-rules';
import { stateRules } from './state-rules';

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

/**
 * What a careful coach does next with one item: progress, hold, regress, stop or refer, with the change, the reason and the rule it rests on.
 *
 * @param given one item with its sessions, oldest first, and the whole session just reviewed
 * @example decide(decisionCase()).rule // 'effort-near-plan'
 */
export function decide(given: DecisionCase): Decision {
  if (given.history.length === 0)
    return {
      move: 'hold',
      how: 'the dose as planned',
      why: 'No session yet: nothing to decide on.',
      rule: 'no-history',
    };
  const facts = factsOf(given);
  for (const rule of order) {
    const decision = rule(facts);
    if (decision) return decision;
  }
  return { move: 'hold', how: 'same again', why: 'No rule speaks for more or less.', rule: 'effort-near-plan' };
}
