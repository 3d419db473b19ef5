import type { BlockKind } from '../../exercise/model/vocabulary';
import { blockOrder } from '../context/block-bounds';
import type { Context } from '../context/context';
import type { Choice, Group } from '../draft/draft';
import { alone } from '../scoring/item-worth';
import { doneInTurn } from '../scoring/scored-group';
import type { Problem } from '../search/problem';
import { lots, quickest, roundRest } from '../search/superset-time';
import { circuitBlocks, circuitRests } from './candidates';
import type { ProblemSetup } from './problem-setup';

/** Offers done in turn as one group: each rests while the others work, the rest of what is needed comes after the round. */
function inTurn(problem: Problem, offers: readonly number[]): Group {
  const groups = offers.map((i) => (problem.offers[i] as Problem['offers'][number]).group);
  const [first] = groups as [Group];
  if (groups.length === 1) return first;
  return doneInTurn(
    first.block,
    groups.flatMap((group) => group.choices),
    roundRest(problem, offers),
    problem.together === 3 ? 'rounds' : 'pairs',
  );
}

/** Blocks whose order is not one of hardness. */
const fastOrder: ReadonlySet<BlockKind> = new Set([
  'raise',
  'mobilise',
  'activate',
  'flexibility',
  'cool-down',
  'power',
]);

/** Rounds of the sport are by the clock. */
function inRounds({ type }: Context, groups: readonly Group[]): Group[] {
  return groups.map((group) =>
    type.type === 'rounds' && group.block === 'technique' && group.format === 'straight'
      ? { ...group, format: 'timed' as const }
      : group,
  );
}

/** The chosen work as groups, done the quickest way, before it the warm-up and after it the cool-down that follow from it. */
export function assembled({ context, rule, warmUp, problem }: ProblemSetup, chosen: readonly number[]): Group[] {
  const order = blockOrder(context.brief.houseRules.explosive);
  const columns = chosen.map((i) => problem.offers[i] as Problem['offers'][number]);
  const work = lots(
    problem,
    [...chosen].sort((a, b) => a - b),
  ).flatMap((lot) => quickest(problem, lot).groups.map((offers) => inTurn(problem, offers)));
  const groups = inRounds(context, 'rounds' in rule ? circuits(work, rule.format) : work);
  const hardness = new Map(columns.map((c) => [(c.group.choices[0] as Choice).variant, c.share]));
  const hardestOf = (group: Group) => Math.max(...group.choices.map((c) => hardness.get(c.variant) ?? 0));
  const firsts = (group: Group) => (fastOrder.has(group.block) ? 0 : hardestOf(group));
  return [...warmUp.groups(columns), ...groups].sort(
    (a, b) => order.indexOf(a.block) - order.indexOf(b.block) || firsts(b) - firsts(a),
  );
}

/** Single items of a circuit block become one circuit. */
function circuits(groups: readonly Group[], format: 'circuits' | 'timed'): Group[] {
  const round = [...circuitBlocks[format]].flatMap((block): Group[] => {
    const choices = groups.filter((g) => g.block === block).flatMap((g) => g.choices);
    if (choices.length === 0) return [];
    if (choices.length === 1) return [alone(block, choices[0] as Choice)];
    return [{ block, format, roundRestSeconds: circuitRests[format].round, choices }];
  });
  return [...groups.filter((g) => !circuitBlocks[format].has(g.block)), ...round];
}
