import { dayAfter, painLimits } from '../athlete/athlete';
import { variantById } from '../exercise/library';
import type { BlockKind } from '../exercise/vocabulary';
import { blockBounds, blockOrder } from './blocks';
import type { Brief } from './brief';
import { circuitBlocks, circuitRestSeconds, pairs, singles } from './candidates';
import type { Column } from './column';
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
const searchWidth = 120;
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
    reason: bad.map(({ id, why }) => `${variantById(id)?.name ?? id} is pinned, but: ${why}`).join(' '),
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
  const columns = [...single, ...pairs(context, single)];
  const found = search(programmeOf(context, columns, bounds), columns.length, solver);
  if (!found) return { refused: tooTight(brief, single) };
  const chosen = columns.filter((_, c) => (found.values[c] as number) > 0.5);
  const objective = worthOf(context, chosen);
  const bound = Math.max(found.bound, objective);
  return {
    draft: { groups: arranged(chosen, context.brief) },
    proof: { objective, bound, gap: bound > 0 ? (bound - objective) / bound : 0 },
  };
}

/**
 * Linear bound over all columns, then an exact search over the most promising ones. The bound stays valid for all:
 * a session with a left-out column is worth at most the linear bound less what that column costs.
 */
function search(
  programme: Programme,
  columnCount: number,
  solver: Solver,
): { values: number[]; bound: number } | undefined {
  const linear = solver.solve(programme, { relaxed: true });
  if (linear.status === 'infeasible') return undefined;
  const ranked = Array.from({ length: columnCount }, (_, c) => c).sort(
    (a, b) => (linear.reducedCosts[b] as number) - (linear.reducedCosts[a] as number) || a - b,
  );
  for (const width of [searchWidth, columnCount]) {
    const left = ranked.slice(width);
    const core = restricted(programme, new Set(left));
    const solved = solver.solve(core, { gap: wantedGap, mostNodes: nodes });
    if (solved.status === 'infeasible') continue;
    const bestLeft = left.length
      ? linear.objective + Math.max(...left.map((c) => linear.reducedCosts[c] as number))
      : -Infinity;
    return { values: [...solved.values], bound: Math.min(linear.objective, Math.max(solved.bound, bestLeft)) };
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
