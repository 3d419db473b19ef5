import { preparingBlocks } from '../../exercise/model/vocabulary';
import type { SessionType } from '../../session-type/session-type';
import { blockBounds } from '../context/block-bounds';
import type { Context } from '../context/context';
import type { ScoredGroup } from '../scoring/scored-group';
import { type Problem, problemOf, type Together } from '../search/problem';
import { type GroupRule, offersOf } from './candidates';
import { WarmUp } from './warm-up';

/** One way to lay out a session, made ready for the search. */
export interface ProblemSetup {
  context: Context;
  rule: GroupRule;
  warmUp: WarmUp;
  problem: Problem;
}

const together: Record<GroupRule['format'], Together> = { straight: 1, pairs: 2, rounds: 3, circuits: 1, timed: 1 };

const clocked: ReadonlySet<string> = new Set(['circuits', 'timed']);
/** Types whose work is done one thing at a time, whatever the house rule for main work says: by the clock it may be. */
const straightTypes: ReadonlySet<SessionType> = new Set(['flexibility', 'primer', 'warm-up', 'rounds']);

/** The ways that a house rule allows in a session of this type; circuits go round two to four times. */
export function rulesOf({ brief, type }: Pick<Context, 'brief' | 'type'>): GroupRule[] {
  const { houseRules } = brief;
  const round = (kind: 'circuits' | 'timed'): GroupRule[] =>
    (type.type === 'conditioning' ? [2, 3, 4] : [2, 3]).map((rounds) => ({ format: kind, rounds }));
  if (straightTypes.has(type.type)) return [{ format: 'straight' }];
  const format = type.type === 'conditioning' && !clocked.has(houseRules.format) ? 'circuits' : houseRules.format;
  if (format === 'circuits' || format === 'timed') return round(format);
  if (format === 'free') return [{ format: 'rounds' }, ...round('circuits')];
  return [{ format }];
}

const isWork = ({ group }: ScoredGroup) => !preparingBlocks.has(group.block);

/** Seconds left for main work in so many minutes, by the joints that have to be made ready. */
export function budgetOf(warmUp: WarmUp, minutes: number): (joints: number) => number {
  const seconds = minutes * 60;
  const known = new Map<number, number>();
  return (joints) => {
    const left = known.get(joints) ?? seconds - warmUp.seconds(joints, minutes);
    known.set(joints, left);
    return left;
  };
}

/** Offers, warm-up and limits of a brief in one of its ways. */
export function setUpProblem(context: Context, rule: GroupRule): ProblemSetup {
  const { brief } = context;
  const bounds = blockBounds(context.frame, brief);
  const offered = offersOf(context, bounds, rule);
  const warmUp = new WarmUp(context, offered);
  const budget = budgetOf(warmUp, brief.minutes);
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
