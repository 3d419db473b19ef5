import type { BlockKind } from '../exercise/vocabulary';
import { planes, regions } from '../exercise/vocabulary';
import type { BlockBounds } from './blocks';
import { circuitRestSeconds, circuitRounds } from './candidates';
import type { Column } from './column';
import type { Context } from './context';
import { coverage, coverageBreaks, coverageSlopes } from './demands';
import {
  coversPlane,
  fullFrom,
  highSets,
  mostContacts,
  mostHighSets,
  opposites,
  patternSets,
  prices,
  wantedHeavySets,
} from './rules';

/** A row of the programme: lower <= sum of coefficient times variable <= upper. */
export interface Row {
  name: string;
  lower: number;
  upper: number;
  entries: [variable: number, coefficient: number][];
}

/** A mixed-integer programme to be maximised. */
export interface Programme {
  /** A variable that stands for one more second of work and may not be used: its reduced cost is what a second costs. */
  second?: number;
  cost: number[];
  lower: number[];
  upper: number[];
  integer: boolean[];
  rows: Row[];
}

/** Seconds that are left for items: all minutes, less the rests between rounds of circuits. */
export function itemBudget({ brief }: Context): number {
  const rounds = brief.houseRules.format === 'circuits' ? 2 * circuitRounds(brief) : 0;
  return brief.minutes * 60 - rounds * circuitRestSeconds;
}

/**
 * The session as a mixed-integer programme: one yes-or-no variable a column first, then the coverage pieces of each demand, then the prices
 * of broken wishes. Least numbers of items a block are lowered to what is there to choose from.
 */
export function programmeOf(
  context: Context,
  columns: readonly Column[],
  bounds: Record<BlockKind, BlockBounds>,
): Programme {
  const programme: Programme = { cost: [], lower: [], upper: [], integer: [], rows: [] };
  const variable = (cost: number, upper: number, integer: boolean) => {
    programme.cost.push(cost);
    programme.lower.push(0);
    programme.upper.push(upper);
    programme.integer.push(integer);
    return programme.cost.length - 1;
  };
  const row = (name: string, lower: number, upper: number, entries: [number, number][]) => {
    const filled = entries.filter(([, coefficient]) => coefficient !== 0);
    if (filled.length) programme.rows.push({ name, lower, upper, entries: filled });
  };
  const over = (count: (column: Column) => number): [number, number][] =>
    columns.map((column, c) => [c, count(column)]);

  for (const column of columns) variable(column.worth, 1, true);
  const budget = itemBudget(context);
  const second = variable(0, 0, false);
  programme.second = second;
  row('time', -Infinity, budget, [...over((c) => c.seconds), [second, 1]]);
  const idle = variable(-prices.idleMinute / 60, Infinity, false);
  row('fill', fullFrom * budget, Infinity, [...over((c) => c.seconds), [idle, 1], [second, 1]]);

  const families = [...new Set(columns.flatMap((c) => c.variants.map((v) => v.family)))];
  for (const family of families)
    row(
      `family ${family}`,
      -Infinity,
      1,
      over((c) => c.variants.filter((v) => v.family === family).length),
    );
  for (const [block, { least, most }] of Object.entries(bounds) as [BlockKind, BlockBounds][]) {
    const inBlock = over((c) => (c.group.block === block ? c.variants.length : 0));
    const there = new Set(
      columns.filter((c) => c.group.block === block).flatMap((c) => c.variants.map((v) => v.family)),
    ).size;
    row(`block ${block}`, Math.min(least, there), Math.max(most, pinnedIn(context, columns, block)), inBlock);
  }
  for (const region of regions)
    row(
      `region ${region}`,
      -Infinity,
      mostHighSets,
      over((c) => highSets(c, region)),
    );
  row(
    'contacts',
    -Infinity,
    mostContacts(context.brief),
    over((c) => c.impactContacts),
  );
  for (const { id, one, other, tolerance } of opposites) {
    const slack = variable(-prices.opposite, Infinity, false);
    const difference = over((c) => patternSets(c, one) - patternSets(c, other));
    row(`${id} more`, -Infinity, tolerance, [...difference, [slack, -1]]);
    row(`${id} less`, -tolerance, Infinity, [...difference, [slack, 1]]);
  }
  for (const plane of planes) {
    const missing = variable(-prices.plane, 1, false);
    row(`plane ${plane}`, 1, Infinity, [...over((c) => (coversPlane(c, plane) ? 1 : 0)), [missing, 1]]);
  }
  const heavy = wantedHeavySets(context.brief);
  if (heavy > 0) {
    const short = variable(-prices.heavySet, heavy, false);
    row('heavy sets', heavy, Infinity, [...over((c) => c.heavySets), [short, 1]]);
  }
  context.demands.forEach((demand, d) => {
    const pieces = coverageBreaks.map((end, k) =>
      variable(demand.weight * (coverageSlopes[k] as number), end - (coverageBreaks[k - 1] ?? 0), false),
    );
    row(`demand ${demand.id}`, -Infinity, 0, [
      ...pieces.map((p): [number, number] => [p, 1]),
      ...over((c) => -(c.gives[d] as number)),
    ]);
  });
  for (const id of context.brief.lock.include)
    row(
      `pin ${id}`,
      1,
      Infinity,
      over((c) => c.variants.filter((v) => v.id === id).length),
    );
  return programme;
}

function pinnedIn(context: Context, columns: readonly Column[], block: BlockKind): number {
  const pins = new Set(context.brief.lock.include);
  return new Set(
    columns
      .filter((c) => c.group.block === block)
      .flatMap((c) => c.variants.filter((v) => pins.has(v.id)).map((v) => v.id)),
  ).size;
}

/**
 * Worth of a set of columns by the same measure that the programme maximises: coverage of all demands, warm-up worth,
 * less the price of broken wishes.
 */
export function worthOf(context: Context, chosen: readonly Column[]): number {
  const sum = (count: (column: Column) => number) => chosen.reduce((s, c) => s + count(c), 0);
  const covered = context.demands.reduce(
    (s, demand, d) => s + demand.weight * coverage(sum((c) => c.gives[d] as number)),
    0,
  );
  const idleSeconds = Math.max(0, fullFrom * itemBudget(context) - sum((c) => c.seconds));
  const unbalanced = opposites.reduce(
    (s, { one, other, tolerance }) =>
      s + Math.max(0, Math.abs(sum((c) => patternSets(c, one) - patternSets(c, other))) - tolerance),
    0,
  );
  const missing = planes.filter((plane) => !chosen.some((c) => coversPlane(c, plane))).length;
  return (
    covered +
    sum((c) => c.worth) -
    (prices.idleMinute / 60) * idleSeconds -
    prices.opposite * unbalanced -
    prices.plane * missing -
    prices.heavySet * Math.max(0, wantedHeavySets(context.brief) - sum((c) => c.heavySets))
  );
}
