import { capital } from '../common/text';
import { catalogueOf } from '../exercise/catalogue/catalogue';
import { decideWithDoses, type NextDoses } from '../progress/decide';
import type { ProgressRules } from '../progress/progress-rules';
import { type Proposal, pressed } from '../progress/proposal';
import type { Brief } from '../session/brief/brief';
import { type PlanItem, plannedAmount } from '../session/plan/plan-types';
import { itemCase } from './item-case';
import type { ReviewedSession, ReviewedSet } from './reviewed-session';

export interface ReviewedItem {
  item: PlanItem;
  block: string;
  planned: number;
  done: readonly ReviewedSet[];
  /** What was done otherwise than planned, or left out, in words. */
  otherwise: string[];
  proposal: Proposal;
  /** The dose that each way of deciding comes to. */
  next: NextDoses;
}

/** What was done otherwise than planned: another exercise, another load, sets left out and why. */
function otherwiseDone(item: PlanItem, logs: readonly ReviewedSet[], nameOf: (id: string) => string): string[] {
  const said = logs.flatMap(({ variant, insteadOf, skipped, loadKg }) => {
    if (insteadOf === item.variant) return [`${nameOf(variant)} instead`];
    if (variant !== item.variant) return [];
    if (skipped) return [`left out: ${skipped}`];
    return typeof loadKg === 'number' ? [`with ${loadKg} kg`] : [];
  });
  const times = (words: string) => said.filter((one) => one === words).length;
  return [...new Set(said)].map((words) => (times(words) > 1 ? `${words} (${times(words)} sets)` : words));
}

/**
 * Planned against done for every item, each with a proposal for next time by the rules of progression.
 *
 * @param brief what the session was composed from: level, age, kit, restrictions and season decide too
 * @param earlier done sessions before this one, oldest first
 * @param rules what the club has made of the rules
 */
export function review(
  session: ReviewedSession,
  brief: Brief,
  earlier: readonly ReviewedSession[] = [],
  rules?: ProgressRules,
): ReviewedItem[] {
  const catalogue = catalogueOf(brief.own);
  return session.plan.blocks.flatMap((block) =>
    block.items.map((item) => {
      const variant = catalogue.byId(item.variant);
      const { decision, next } = decideWithDoses(itemCase(item, block.kind, variant, brief, session, earlier), rules);
      const { move, how, why, rule } = decision;
      return {
        ...{ item, block: block.kind, planned: plannedAmount(item) },
        done: session.logs.filter((log) => log.variant === item.variant && !log.skipped),
        otherwise: otherwiseDone(item, session.logs, (id) => catalogue.byId(id)?.name ?? id),
        proposal: {
          ...{ move: pressed[move], how },
          rule: `${capital(how)}. ${why}`,
          by: rule,
          ...(move === 'refer' ? { refer: true } : {}),
        },
        next,
      };
    }),
  );
}
