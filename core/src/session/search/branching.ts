import TinyQueue from 'tinyqueue';
import type { Found } from './found';
import { type Decision, type NodeOptimum, NodeProgramme } from './node-programme';
import type { Problem } from './problem';
import type { Relaxation } from './relaxation';
import { sessionOf } from './running-total';
import type { Lot } from './session-programme';
import type { Solver } from './solver';

interface Node {
  bound: number;
  depth: number;
  decision?: Decision;
  parent?: Node;
}

export interface BranchOptions {
  /** Stop when proven to be this close to the best, share. */
  gap: number;
  mostNodes: number;
  /** Told after every node; true ends the search. */
  watch?: (best: Found | undefined, bound: number, nodes: number) => boolean;
  /** Makes the most of a session half found. */
  polish?: (offers: readonly number[]) => Found | undefined;
}

export interface Branched {
  best: Found | undefined;
  /** No session of the lots looked at is worth more. */
  bound: number;
  nodes: number;
}

const fraction = 1e-6;
/** A session half found is polished at every so many nodes. */
const polishEvery = 4;

/**
 * Branch and bound on the linear programme: items a block first, then families, then single offers, then what is done in turn. Best bound first,
 * and from there down at once.
 */
export function branch(
  problem: Problem,
  solver: Solver,
  relaxation: Relaxation,
  lots: readonly Lot[],
  known: Found | undefined,
  { gap, mostNodes, watch, polish }: BranchOptions,
): Branched {
  const programme = new NodeProgramme(problem, relaxation, lots, solver);
  const open = new TinyQueue<Node>(
    [{ bound: relaxation.objective, depth: 0 }],
    (a, b) => b.bound - a.bound || b.depth - a.depth,
  );
  let best = known;
  let nodes = 0;
  let below: Node | undefined;
  const enough = (bound: number) => best !== undefined && bound <= best.worth + Math.max(gap * bound, 1e-9);
  const consider = (found: Found | undefined) => {
    if (found && (!best || found.worth > best.worth + 1e-12)) best = found;
  };
  try {
    for (;;) {
      const bound = Math.max(best?.worth ?? -Infinity, open.peek()?.bound ?? -Infinity, below?.bound ?? -Infinity);
      if (enough(bound) || nodes >= mostNodes || (nodes > 0 && watch?.(best, bound, nodes)))
        return { best, bound, nodes };
      const node = below ?? open.pop();
      if (!node) return { best, bound, nodes };
      if (below && enough(below.bound)) {
        open.push(below);
        below = undefined;
        continue;
      }
      below = undefined;
      nodes++;
      const decisions = decisionsOf(node);
      programme.move(decisions);
      const optimum = programme.solve();
      if (!optimum) continue;
      const here = Math.min(node.bound, optimum.objective);
      if (best && here <= best.worth + 1e-9) continue;
      const used = useOf(lots, optimum);
      const likely = [...used].filter(([, share]) => share > 0.5).map(([offer]) => offer);
      if (polish && nodes % polishEvery === 1) consider(polish(likely));
      const session = sessionOf(problem, [...used.keys()]);
      const split = splitOf(problem, optimum, used) ?? (session ? undefined : undecided(decisions, used));
      if (!split) {
        consider(session);
        continue;
      }
      const [first, second] = split.map(
        (decision): Node => ({ bound: here, depth: node.depth + 1, decision, parent: node }),
      );
      // Down the likelier side at once, from where the programme stands.
      below = first;
      open.push(second as Node);
    }
  } finally {
    programme.close();
  }
}

function decisionsOf(node: Node): Decision[] {
  const decisions: Decision[] = [];
  for (let at: Node | undefined = node; at; at = at.parent) if (at.decision) decisions.push(at.decision);
  return decisions.reverse();
}

/** How much of each offer is used. */
function useOf(lots: readonly Lot[], { taken }: NodeOptimum): Map<number, number> {
  const used = new Map<number, number>();
  for (const { lot, share } of taken)
    for (const i of (lots[lot] as Lot).offers) used.set(i, (used.get(i) ?? 0) + share);
  return used;
}

/** How far a number is from whole. */
const broken = (value: number) => Math.abs(value - Math.round(value));

/** The key with the value furthest from whole, or nothing where all are whole. */
function maxBroken(values: ReadonlyMap<number, number>): number | undefined {
  let [most, found]: [number, number | undefined] = [fraction, undefined];
  for (const [key, value] of values)
    if (broken(value) > most + 1e-9) {
      most = broken(value);
      found = key;
    }
  return found;
}

function summed(used: ReadonlyMap<number, number>, keys: Int32Array): Map<number, number> {
  const sums = new Map<number, number>();
  for (const [offer, share] of used) {
    const key = keys[offer] as number;
    sums.set(key, (sums.get(key) ?? 0) + share);
  }
  return sums;
}

/** What to decide next, the likelier side first; nothing where the optimum is a session. */
function splitOf(
  problem: Problem,
  { taken }: NodeOptimum,
  used: ReadonlyMap<number, number>,
): [Decision, Decision] | undefined {
  const inBlock = summed(used, problem.block);
  const block = maxBroken(inBlock);
  if (block !== undefined && broken(inBlock.get(block) as number) > 0.15) {
    const items = inBlock.get(block) as number;
    const fewer: Decision = { kind: 'block', block, least: 0, most: Math.floor(items) };
    const more: Decision = { kind: 'block', block, least: Math.ceil(items), most: problem.most[block] as number };
    return items - Math.floor(items) > 0.5 ? [more, fewer] : [fewer, more];
  }
  const inPattern = summed(used, problem.pattern);
  const pattern = maxBroken(inPattern);
  if (pattern !== undefined && broken(inPattern.get(pattern) as number) > 0.2) {
    const items = inPattern.get(pattern) as number;
    const fewer: Decision = { kind: 'pattern', pattern, least: 0, most: Math.floor(items) };
    const more: Decision = { kind: 'pattern', pattern, least: Math.ceil(items), most: Infinity };
    return items - Math.floor(items) > 0.5 ? [more, fewer] : [fewer, more];
  }
  const inFamily = summed(used, problem.family);
  const family = maxBroken(inFamily);
  if (family !== undefined)
    return bothWays((used) => ({ kind: 'family', family, used }), inFamily.get(family) as number);
  const offer = maxBroken(used);
  if (offer !== undefined) return bothWays((is) => ({ kind: 'offer', offer, used: is }), used.get(offer) as number);
  const lot = maxBroken(new Map(taken.map(({ lot: l, share }) => [l, share])));
  if (lot !== undefined) return bothWays((is) => ({ kind: 'lot', lot, used: is }), 1);
  return undefined;
}

/**
 * Whole, and yet no session, since its joints ask for a longer warm-up than the programme knows of: something that is used and not decided yet. When
 * all of it is decided, whatever holds it takes longer still.
 */
function undecided(
  decisions: readonly Decision[],
  used: ReadonlyMap<number, number>,
): [Decision, Decision] | undefined {
  const decided = new Set(decisions.flatMap((d) => (d.kind === 'offer' && d.used ? [d.offer] : [])));
  const offer = [...used.keys()].find((i) => !decided.has(i));
  return offer === undefined ? undefined : bothWays((is) => ({ kind: 'offer', offer, used: is }), 1);
}

function bothWays(decision: (used: boolean) => Decision, share: number): [Decision, Decision] {
  const likelier = share >= 0.5;
  return [decision(likelier), decision(!likelier)];
}
