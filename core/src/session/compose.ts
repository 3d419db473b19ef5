import { dayAfter, painLimits } from '../athlete/athlete';
import type { BlockKind } from '../exercise/vocabulary';
import { type BlockBounds, blockBounds, blockOrder } from './blocks';
import type { Brief } from './brief';
import { circuitBlocks, circuitRestSeconds, type PossiblePair, possiblePairs, singles } from './candidates';
import { type Column, columnOf } from './column';
import { type Context, contextOf } from './context';
import type { Draft, Group } from './draft';
import { type Programme, programmeOf, worthOf } from './programme';
import type { Solver } from './solver';

/** How good a session is against the best there can be. */
export interface Proof {
  objective: number;
  /** No session for this brief is worth more. */
  bound: number;
  /** (bound - objective) / bound. */
  gap: number;
}

export interface Refusal {
  reason: string;
  /** A smallest set of things the coach could change. */
  relax: string[];
}

export type Composition = { draft: Draft; proof: Proof } | { refused: Refusal };

/** Columns kept for the exact search, and how hard it searches; measured on the shipped library, see the benchmark. */
const searchWidth = 60;
const nodes = 200;
const wantedGap = 0.02;

/** Rest rather than training: illness, or pain at rest above the limit (Thomee 1997). */
function restReason(brief: Brief): Refusal | undefined {
  const { readiness } = brief.athlete;
  const again = dayAfter(brief.date, 2);
  if (readiness?.ill)
    return {
      reason: `Ill today: rest. Look again on ${again}, and return gradually.`,
      relax: ['athlete.readiness.ill'],
    };
  const worst = [...(readiness?.pain ?? [])].sort((a, b) => b.score - a.score)[0];
  if (worst && worst.score > painLimits.stop) {
    return {
      reason: `Pain of ${worst.score} of 10 in the ${worst.region}: rest today, look again on ${again}; if it stays, see a clinician.`,
      relax: ['athlete.readiness.pain'],
    };
  }
  return undefined;
}

/** Pins that cannot be kept here and now, each with its reasons. */
function impossiblePins(context: Context, columns: readonly Column[]): Refusal | undefined {
  const bad = context.brief.lock.include.flatMap((id) => {
    const reasons = context.feasible.get(id)?.reasons ?? [];
    if (reasons.length) return [{ id, why: reasons.join(' ') }];
    const dosed = columns.some((c) => c.variants.some((v) => v.id === id));
    return dosed ? [] : [{ id, why: 'Too heavy or too hard for this athlete with what is there.' }];
  });
  if (bad.length === 0) return undefined;
  return {
    reason: bad.map(({ id, why }) => `${context.catalogue.byId(id)?.name ?? id} is pinned, but: ${why}`).join(' '),
    relax: bad.map(({ id }) => `lock.include: ${id}`),
  };
}

function tooTight(brief: Brief, columns: readonly Column[]): Refusal {
  if (columns.every((c) => c.group.block !== 'strength')) {
    return {
      reason: 'No main exercise fits this kit, room and these restrictions.',
      relax: ['kit', 'athlete.restrictions'],
    };
  }
  const pins = brief.lock.include.map((id) => `lock.include: ${id}`);
  return pins.length > 1
    ? { reason: `The pinned exercises do not fit together into ${brief.minutes} minutes.`, relax: ['minutes'] }
    : {
        reason: `${brief.minutes} minutes are too few for a warm-up and one main exercise.`,
        relax: ['minutes', ...pins].slice(0, 1),
      };
}

/**
 * The best session for a brief, with the proof of how close to the best possible it is; or a refusal that says what to change.
 * The same brief gives the same session.
 */
export function compose(brief: Brief, solver: Solver): Composition {
  const rest = restReason(brief);
  if (rest) return { refused: rest };
  const context = contextOf(brief);
  const bounds = blockBounds(context.brief);
  const single = singles(context, bounds);
  const refusedPins = impossiblePins(context, single);
  if (refusedPins) return { refused: refusedPins };
  if (single.length === 0) return { refused: tooTight(brief, single) };
  const chosen = search(context, bounds, single, solver);
  if (!chosen) return { refused: tooTight(brief, single) };
  const objective = worthOf(context, chosen.columns);
  const bound = Math.max(chosen.bound, objective);
  return {
    draft: { groups: arranged(chosen.columns, context.brief) },
    proof: { objective, bound, gap: bound > 0 ? (bound - objective) / bound : 0 },
  };
}

/** Pairs taken into the linear programme in one round, and rounds at the most. */
const pairsPerRound = 120;
const mostRounds = 8;
/** Pairs that the linear optimum leaves out narrowly still help the exact search. */
const narrowPairs = 60;
const negligible = 1e-7;

interface LinearBound {
  columns: Column[];
  programme: Programme;
  objective: number;
  /** Gain of each column at the linear optimum, never positive for one left out. */
  gains: readonly number[];
  /** The most that any pair not among the columns could gain. */
  mostLeft: number;
}

/**
 * The linear bound over all single columns and all pairs, pairs taken in only as they pay (column generation). A pair gains at most what
 * its two items gain and what the seconds it saves are worth.
 */
function linearBound(
  context: Context,
  bounds: Record<BlockKind, BlockBounds>,
  single: readonly Column[],
  possible: readonly PossiblePair[],
  solver: Solver,
): LinearBound | undefined {
  const columns = [...single];
  const taken = new Set<PossiblePair>();
  for (let round = 0; ; round++) {
    const programme = programmeOf(context, columns, bounds);
    const linear = solver.solve(programme, { relaxed: true });
    if (linear.status === 'infeasible') {
      if (taken.size === possible.length) return undefined;
      for (const pair of possible) take(pair);
      continue;
    }
    const gains = linear.reducedCosts;
    const secondWorth = -(gains[programme.second as number] as number);
    const gainOf = ({ first, second, savedSeconds }: PossiblePair) =>
      (gains[first] as number) + (gains[second] as number) + secondWorth * savedSeconds;
    const open = possible
      .filter((pair) => !taken.has(pair))
      .map((pair) => ({ pair, gain: gainOf(pair) }))
      .sort((a, b) => b.gain - a.gain || a.pair.first - b.pair.first || a.pair.second - b.pair.second);
    const paying = open.filter((o) => o.gain > negligible).length;
    if (paying > 0 && round < mostRounds) {
      for (const { pair } of open.slice(0, Math.min(paying, pairsPerRound))) take(pair);
      continue;
    }
    const narrow = open.slice(0, narrowPairs);
    for (const { pair } of narrow) take(pair);
    return {
      columns,
      programme: programmeOf(context, columns, bounds),
      objective: linear.objective,
      gains: [...gains.slice(0, columns.length - narrow.length), ...narrow.map((o) => o.gain)],
      mostLeft: open[narrow.length]?.gain ?? -Infinity,
    };
  }

  function take(pair: PossiblePair) {
    if (taken.has(pair)) return;
    taken.add(pair);
    columns.push(columnOf(context, pair.group));
  }
}

/**
 * Linear bound over all columns, then an exact search over the most promising ones. The bound stays valid for all:
 * a session with a left-out column is worth at most the linear bound less what that column costs.
 */
function search(
  context: Context,
  bounds: Record<BlockKind, BlockBounds>,
  single: readonly Column[],
  solver: Solver,
): { columns: Column[]; bound: number } | undefined {
  const linear = linearBound(context, bounds, single, possiblePairs(context, single), solver);
  if (!linear) return undefined;
  const { columns, programme, gains } = linear;
  const ranked = columns.map((_, c) => c).sort((a, b) => (gains[b] as number) - (gains[a] as number) || a - b);
  for (const width of [searchWidth, columns.length]) {
    const left = ranked.slice(width);
    const core = restricted(programme, new Set(left));
    const solved = solver.solve(core, { gap: wantedGap, mostNodes: nodes });
    if (solved.status === 'infeasible') continue;
    const mostLeft = Math.max(linear.mostLeft, ...left.map((c) => gains[c] as number));
    const bestLeft = linear.objective + mostLeft;
    return {
      columns: columns.filter((_, c) => (solved.values[c] as number) > 0.5),
      bound: Math.min(linear.objective + Math.max(0, linear.mostLeft), Math.max(solved.bound, bestLeft)),
    };
  }
  return undefined;
}

/** The programme with some columns forbidden. */
function restricted(programme: Programme, without: ReadonlySet<number>): Programme {
  return { ...programme, upper: programme.upper.map((u, v) => (without.has(v) ? 0 : u)) };
}

/** Chosen columns as groups in the order of the session; single items of a circuit block become one circuit. */
function arranged(chosen: readonly Column[], brief: Brief): Group[] {
  const order = blockOrder(brief.houseRules.explosive);
  return order.flatMap((block: BlockKind) => {
    const groups = chosen.filter((c) => c.group.block === block).map((c) => c.group);
    const circuit = brief.houseRules.format === 'circuits' && circuitBlocks.has(block) && groups.length > 1;
    if (!circuit) return groups;
    return [
      {
        block,
        format: 'circuits' as const,
        roundRestSeconds: circuitRestSeconds,
        choices: groups.flatMap((g) => g.choices),
      },
    ];
  });
}
