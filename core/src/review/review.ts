import type { PainReport } from '../athlete/athlete';
import type { LoggedSet } from '../athlete/logged-set';
import { type Catalogue, catalogueOf } from '../exercise/catalogue/catalogue';
import { met, type Outcome, type Proposal, propose } from '../progress/proposal';
import { type Plan, type PlanItem, plannedAmount } from '../session/plan/plan-types';

/** What a review needs of a logged set. */
export type ReviewedSet = Pick<LoggedSet, 'variant' | 'side' | 'amount' | 'reserve' | 'note'>;

export interface Reported {
  effort: number;
  pain: readonly PainReport[];
}

export interface ReviewedItem {
  item: PlanItem;
  block: string;
  planned: number;
  done: readonly ReviewedSet[];
  proposal: Proposal;
}

function setsOf(item: PlanItem, logs: readonly ReviewedSet[]) {
  const done = logs.filter((log) => log.variant === item.variant);
  return {
    planned: plannedAmount(item),
    plannedSets: item.sets,
    perSide: item.perSide,
    done: done.map((log) => log.amount),
  };
}

/** Fewest left in any set of an item, where it was said of every one. */
function minLeft(item: PlanItem, logs: readonly ReviewedSet[]): { leastLeft?: number } {
  const left = logs.filter((log) => log.variant === item.variant).map((log) => log.reserve);
  const said = left.filter((reserve) => typeof reserve === 'number');
  return said.length > 0 && said.length === left.length ? { leastLeft: Math.min(...said) } : {};
}

function painIn(item: PlanItem, pain: readonly PainReport[]): number {
  return Math.max(0, ...pain.filter((p) => item.regions.includes(p.region)).map((p) => p.score));
}

/** Planned against done for every item, each with a proposal for next time; `before` is the session before this one, `catalogue` knows a club's own exercises. */
export function review(
  plan: Plan,
  logs: readonly ReviewedSet[],
  report: Reported | undefined,
  before?: { plan: Plan; logs: readonly ReviewedSet[] },
  catalogue: Pick<Catalogue, 'byId'> = catalogueOf(),
): ReviewedItem[] {
  return plan.blocks.flatMap((block) =>
    block.items.map((item) => {
      const sets = setsOf(item, logs);
      const earlier = before?.plan.blocks.flatMap((b) => b.items).find((other) => other.variant === item.variant);
      const outcome: Outcome = {
        ...sets,
        pain: painIn(item, report?.pain ?? []),
        ...(report ? { effort: report.effort } : {}),
        ...minLeft(item, logs),
        metBefore:
          earlier !== undefined &&
          before !== undefined &&
          plannedAmount(earlier) >= sets.planned &&
          met(setsOf(earlier, before.logs)),
        ...named('easier', item.easier, catalogue),
        ...named('harder', item.harder, catalogue),
      };
      return {
        item,
        block: block.kind,
        planned: sets.planned,
        done: logs.filter((log) => log.variant === item.variant),
        proposal: propose(outcome),
      };
    }),
  );
}

function named<K extends 'easier' | 'harder'>(
  key: K,
  id: string | undefined,
  catalogue: Pick<Catalogue, 'byId'>,
): { [P in K]?: string } {
  const name = id ? catalogue.byId(id)?.name : undefined;
  return (name ? { [key]: name } : {}) as { [P in K]?: string };
}
