import { blockBounds } from './blocks';
import type { Brief } from './brief';
import { circuitBlocks, circuitRests, type GroupRule, offersOf } from './candidates';
import type { Column } from './column';
import type { Context } from './context';
import { preparingBlocks } from './joint-load';
import { type Problem, problemOf, type Together } from './search/problem';
import { WarmUp } from './warm-up';

/** One way to lay out a session, made ready for the search. */
export interface Prepared {
  context: Context;
  rule: GroupRule;
  warmUp: WarmUp;
  problem: Problem;
}

const together: Record<GroupRule['format'], Together> = { straight: 1, pairs: 2, rounds: 3, circuits: 1, timed: 1 };

/** The ways that a house rule allows; circuits go round twice or three times. */
export function rulesOf({ houseRules: { format } }: Brief): GroupRule[] {
  const round = (kind: 'circuits' | 'timed'): GroupRule[] => [2, 3].map((rounds) => ({ format: kind, rounds }));
  if (format === 'circuits' || format === 'timed') return round(format);
  if (format === 'free') return [{ format: 'rounds' }, ...round('circuits')];
  return [{ format }];
}

/** Seconds that the rests between the rounds of circuits take. */
const roundRests = (rule: GroupRule): number =>
  'rounds' in rule ? circuitBlocks.size * rule.rounds * circuitRests[rule.format].round : 0;

const isWork = ({ group }: Column) => !preparingBlocks.has(group.block);

/** Seconds left for main work in so many minutes, by the joints that have to be made ready. */
export function budgetOf(rule: GroupRule, warmUp: WarmUp, minutes: number): (joints: number) => number {
  const seconds = minutes * 60 - roundRests(rule);
  const known = new Map<number, number>();
  return (joints) => {
    const left = known.get(joints) ?? seconds - warmUp.seconds(joints, minutes);
    known.set(joints, left);
    return left;
  };
}

/** Offers, warm-up and limits of a brief in one of its ways. */
export function prepare(context: Context, rule: GroupRule): Prepared {
  const { brief } = context;
  const bounds = blockBounds(brief);
  const offered = offersOf(context, bounds, rule);
  const warmUp = new WarmUp(context, offered);
  const budget = budgetOf(rule, warmUp, brief.minutes);
  const problem = problemOf(
    context,
    offered.filter((c) => isWork(c) && !warmUp.pinnedFamilies.has(c.variants[0]?.family as string)),
    {
      bounds,
      together: together[rule.format],
      joints: (column) => warmUp.wantedBy(column),
      budget,
    },
  );
  return { context, rule, warmUp, problem };
}
