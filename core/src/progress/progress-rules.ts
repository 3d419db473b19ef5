import type { Move } from './proposal';
import { isGuarded, type RuleValue, ruleBook, ruleValues } from './rule-book';

/** What a club has made of the rules of progression; what it has not set is as usual. */
export interface ProgressRules {
  values?: Partial<Record<RuleValue, number>>;
  /** What is done instead where a rule, by its name, proposes something. */
  instead?: Readonly<Record<string, Instead>>;
}

/** A preference of the coach for what one rule proposes. */
export interface Instead {
  /** What the rule proposes. */
  proposed: Move;
  decided: Move;
}

/** A value of a rule as the club has set it, within its limits. @example ruleValue({ values: { over: 3 } }, 'over') // 3 */
export function ruleValue(rules: ProgressRules | undefined, which: RuleValue): number {
  const { usual, range } = ruleValues[which];
  return Math.min(range[1], Math.max(range[0], rules?.values?.[which] ?? usual));
}

const daring: Readonly<Record<Move, number>> = { stop: 0, down: 1, same: 2, up: 3 };

/** Whether one decision asks more of an athlete than another. @example asksMore('up', 'same') // true */
export const asksMore = (one: Move, other: Move): boolean => daring[one] > daring[other];

/**
 * Whether a preference may stand: of a rule that there is, another move than it proposes, and never more than a rule of safety, pain or form says.
 *
 * @example mayStand('pain-stop', { proposed: 'stop', decided: 'same' }) // false
 */
export function mayStand(rule: string, { proposed, decided }: Instead): boolean {
  if (!(rule in ruleBook) || rule === 'no-decision' || proposed === decided) return false;
  return !(isGuarded(rule) && asksMore(decided, proposed));
}

/** How often the same must be decided otherwise before it is offered as a house rule. */
const alike = 3;

/** A decision that was made on a proposal. */
export interface PastDecision extends Instead {
  rule: string | null;
}

/** A house rule that decisions of late suggest. */
export interface Offered extends Instead {
  rule: string;
  /** How often it was decided so, of how often the rule proposed it. */
  times: number;
  of: number;
}

/**
 * House rules that a coach's overrules suggest: the latest decisions on one rule all went the same other way, three at the least.
 *
 * @param past the latest first
 * @example offeredRules([...Array(3)].map(() => ({ rule: 'rir-high', proposed: 'up', decided: 'same' })), {}).length // 1
 */
export function offeredRules(past: readonly PastDecision[], rules: ProgressRules): Offered[] {
  const byRule = new Map<string, PastDecision[]>();
  for (const one of past) {
    if (one.rule === null) continue;
    const key = `${one.rule} ${one.proposed}`;
    byRule.set(key, [...(byRule.get(key) ?? []), one]);
  }
  return [...byRule.values()].flatMap((all) => {
    const [latest] = all as [PastDecision & { rule: string }];
    const other = all.findIndex(({ decided }) => decided !== latest.decided);
    const times = other === -1 ? all.length : other;
    const { rule, proposed, decided } = latest;
    if (times < alike || rules.instead?.[rule] || !mayStand(rule, latest)) return [];
    return [{ rule, proposed, decided, times, of: all.length }];
  });
}
