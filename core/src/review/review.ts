import { capital } from '../common/text';
import { type Catalogue, catalogueOf } from '../exercise/catalogue/catalogue';
import { decide } from '../progress/decide';
import type { DecisionMove } from '../progress/decision-case';
import type { Move, Proposal } from '../progress/proposal';
import type { Brief } from '../session/brief/brief';
import { type PlanItem, plannedAmount } from '../session/plan/plan-types';
import { itemCase } from './item-case';
import type { ReviewedSession, ReviewedSet } from './reviewed-session';

export interface ReviewedItem {
  item: PlanItem;
  block: string;
  planned: number;
  done: readonly ReviewedSet[];
  proposal: Proposal;
}

/** What a coach presses for what the rules decide: a clinician's look begins with stopping. */
const pressed: Readonly<Record<DecisionMove, Move>> = {
  progress: 'up',
  hold: 'same',
  regress: 'down',
  stop: 'stop',
  refer: 'stop',
};

/**
 * Planned against done for every item, each with a proposal for next time by the rules of progression.
 *
 * @param brief what the session was composed from: level, age, kit, restrictions and season decide too
 * @param earlier done sessions before this one, oldest first
 * @param catalogue knows a club's own exercises
 */
export function review(
  session: ReviewedSession,
  brief: Brief,
  earlier: readonly ReviewedSession[] = [],
  catalogue: Pick<Catalogue, 'byId'> = catalogueOf(brief.own),
): ReviewedItem[] {
  return session.plan.blocks.flatMap((block) =>
    block.items.map((item) => {
      const variant = catalogue.byId(item.variant);
      const { move, how, why, rule } = decide(itemCase(item, block.kind, variant, brief, session, earlier));
      return {
        ...{ item, block: block.kind, planned: plannedAmount(item) },
        done: session.logs.filter((log) => log.variant === item.variant),
        proposal: {
          move: pressed[move],
          rule: `${capital(how)}. ${why}`,
          by: rule,
          ...(move === 'refer' ? { refer: true } : {}),
        },
      };
    }),
  );
}
