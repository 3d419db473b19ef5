import { painLimits } from '../athlete/pain-limits';
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

const noHistory: Decision = {
  move: 'hold',
  how: 'the dose as planned',
  why: 'No session yet: nothing to decide on.',
  rule: 'no-history',
};

/** The first rule that speaks, as the club prefers it. */
function decidedOn(facts: Facts, rules: ProgressRules | undefined): Decision {
  for (const rule of order) {
    const decision = rule(facts);
    if (decision) return asPreferred(decision, facts, rules);
  }
  return { move: 'hold', how: 'same again', why: 'No rule speaks for more or less.', rule: 'effort-near-plan' };
}

/**
 * What a careful coach does next with one item: progress, hold, regress, stop or refer, with the change, the reason and the rule it rests on.
 *
 * @param given one item with its sessions, oldest first, and the whole session just reviewed
 * @param rules what the club has made of the rules; as usual when left out
 * @example decide(decisionCase()).rule // 'effort-near-plan'
 */
export function decide(given: DecisionCase, rules?: ProgressRules): Decision {
  return given.history.length === 0 ? noHistory : decidedOn(factsOf(given, rules), rules);
}

/** Ways of deciding that leave a dose. */
const goingOn = ['up', 'same', 'down'] as const satisfies readonly Move[];
/** The dose that each way of deciding comes to; none for what is stopped, or was never done. */
export type NextDoses = Partial<Record<Move, NextDose>>;

/**
 * What is decided on an item, with the dose that each way of deciding comes to: that of the rules where the coach does as they say, else one step
 * the way that was pressed. What a step leaves alone is as it was.
 *
 * @param given one item with its sessions, oldest first
 * @example decideWithDoses(decisionCase()).next.same // { kg: 16, sets: 3, amount: 10, counts: 'reps' }
 */
export function decideWithDoses(given: DecisionCase, rules?: ProgressRules): { decision: Decision; next: NextDoses } {
  if (given.history.length === 0) return { decision: noHistory, next: {} };
  const facts = factsOf(given, rules);
  const decision = decidedOn(facts, rules);
  const { load, dose } = given.item;
  const after = (move: Move): NextDose => {
    const step = (pressed[decision.move] === move ? decision.next : undefined) ?? stepTo(move, facts).next;
    return {
      // Another exercise has its own loads.
      ...(load.kg !== undefined && !step.variant ? { kg: load.kg } : {}),
      ...{ sets: dose.sets, amount: facts.planned, counts: countedIn(dose) },
      // A rest that was shortened stays short.
      ...(facts.value('restStep') > 0 && dose.workSeconds !== undefined ? { restSeconds: dose.restSeconds } : {}),
      ...step,
    };
  };
  return { decision, next: Object.fromEntries(goingOn.map((move) => [move, after(move)])) };
}
