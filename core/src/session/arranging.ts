import { blockOrder } from './blocks';
import { circuitBlocks, circuitRests } from './candidates';
import { alone, doneInTurn } from './column';
import type { Choice, Group } from './draft';
import type { Prepared } from './preparing';
import { lots, quickest, roundRest } from './search/in-turn';
import type { Problem } from './search/problem';

/** Offers done in turn as one group: each rests while the others work, the rest of what is needed comes after the round. */
function inTurn(problem: Problem, offers: readonly number[]): Group {
  const groups = offers.map((i) => (problem.offers[i] as Problem['offers'][number]).group);
  const [first] = groups as [Group];
  if (groups.length === 1) return first;
  return doneInTurn(
    first.block,
    groups.flatMap((group) => group.choices),
    roundRest(problem, offers),
  );
}

/** The chosen work as groups, done the quickest way, before it the warm-up and after it the cool-down that follow from it. */
export function arranged({ context, rule, warmUp, problem }: Prepared, chosen: readonly number[]): Group[] {
  const order = blockOrder(context.brief.houseRules.explosive);
  const columns = chosen.map((i) => problem.offers[i] as Problem['offers'][number]);
  const work = lots(
    problem,
    [...chosen].sort((a, b) => a - b),
  ).flatMap((lot) => quickest(problem, lot).groups.map((offers) => inTurn(problem, offers)));
  const groups = 'rounds' in rule ? circuits(work, rule.format) : work;
  return [...warmUp.groups(columns), ...groups].sort((a, b) => order.indexOf(a.block) - order.indexOf(b.block));
}

/** Single items of a circuit block become one circuit. */
function circuits(groups: readonly Group[], format: 'circuits' | 'timed'): Group[] {
  const round = [...circuitBlocks].flatMap((block): Group[] => {
    const choices = groups.filter((g) => g.block === block).flatMap((g) => g.choices);
    if (choices.length === 0) return [];
    if (choices.length === 1) return [alone(block, choices[0] as Choice)];
    return [{ block, format, roundRestSeconds: circuitRests[format].round, choices }];
  });
  return [...groups.filter((g) => !circuitBlocks.has(g.block)), ...round];
}
