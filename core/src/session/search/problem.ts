import { setSeconds } from '../../dose/time';
import { type BlockKind, blockKinds, patterns, planes, regions } from '../../exercise/model/vocabulary';
import type { MinimumRequirement } from '../brief/brief';
import type { BlockBounds } from '../context/block-bounds';
import type { Context } from '../context/context';
import { onceOf } from '../draft/once';
import {
  coversPlane,
  maxContacts,
  maxHighSets,
  opposites,
  patternSets,
  prices,
  type Wish,
  wantedHeavySets,
  wishesOf,
  worthShares,
} from '../scoring/rules';
import { highRegions, type ScoredGroup, trunkPatterns } from '../scoring/scored-group';

/** How many items may be done in turn at the most. */
export type Together = 1 | 2 | 3;

/** Something the coach insists on: at least so much over the offers that count for it. */
export interface MinimumConstraint {
  /** How much each offer counts, in the order of the offers. */
  counts: Float64Array;
  least: number;
}

/**
 * A brief in numbers: everything that can be chosen, one item with its sets an offer, and the limits of a session. The search works on these
 * arrays alone; an offer is named by its place.
 */
export interface Problem {
  offers: readonly ScoredGroup[];
  /** The exercise of each offer. */
  variants: readonly string[];
  needs: number;
  /** Weight of each need. */
  weights: Float64Array;
  /** Effective sets that an offer gives to each need, offer after offer. */
  gives: Float64Array;
  /** Worth of an offer that does not diminish. */
  worth: Float64Array;
  /** Seconds of one set, of the rest after it, of all of it alone. */
  work: Float64Array;
  rest: Float64Array;
  seconds: Float64Array;
  sets: Int32Array;
  family: Int32Array;
  families: number;
  /** Items of a family in a session at the most: one, unless the coach has pinned more. */
  mostOfFamily: Int32Array;
  block: Int32Array;
  /** The movement pattern of each offer, and how many there are. */
  pattern: Int32Array;
  patterns: number;
  /** Regions loaded high, a bit each. */
  regions: Int32Array;
  contacts: Float64Array;
  heavy: Int32Array;
  /** Sets on the one side less those on the other, for each pair of opposites. */
  balance: readonly Int32Array[];
  /** Planes covered, a bit each. */
  planes: Int32Array;
  /** Joints that need preparing, a bit each. */
  joints: Int32Array;
  /** For each two offers whether they may be done in turn. */
  inTurn: Uint8Array;
  /** Seconds that each two save in turn; negative until it is asked for. */
  pairs: Float32Array;
  /** For each offer the same variant in the same block with other sets. */
  siblings: readonly (readonly number[])[];
  together: Together;
  least: Float64Array;
  most: Float64Array;
  mostHighSets: number;
  mostContacts: number;
  wantedHeavy: number;
  /** Offers of each pinned variant; one of them must be chosen. */
  pins: readonly (readonly number[])[];
  /** Sums that should lie between two bounds, at a price. */
  wishes: readonly PricedWish[];
  /** What unbalanced opposites and a bare plane cost in this type of session. */
  prices: { opposite: number; plane: number };
  /** Floors of the coach, and that there is work at all. */
  insisted: readonly MinimumConstraint[];
  /** Seconds left for main work when these joints have to be prepared. */
  budget: (joints: number) => number;
  /** The most that is ever left. */
  budgetSeconds: number;
}

/** A wish with how much each offer counts for it, in the order of the offers. */
export interface PricedWish extends Omit<Wish, 'count'> {
  counts: Float64Array;
}

/** What the search is told beside the offers. */
export interface Limits {
  bounds: Record<BlockKind, BlockBounds>;
  together: Together;
  /** Joints that an offer loads so much that they need preparing, a bit each. */
  joints: (column: ScoredGroup) => number;
  budget: (joints: number) => number;
}

const blocksInTurn: ReadonlySet<BlockKind> = new Set(['strength', 'prevention', 'power', 'trunk']);

/** Lays a brief's offers out in numbers. */
export function problemOf(context: Context, offers: readonly ScoredGroup[], limits: Limits): Problem {
  const { brief, demands, places, frame } = context;
  const size = offers.length;
  const needs = demands.length + places.length;
  const numbers = (of: (column: ScoredGroup) => number) => Float64Array.from(offers, of);
  const whole = (of: (column: ScoredGroup) => number) => Int32Array.from(offers, of);
  const variantOf = (column: ScoredGroup) => column.variants[0] as ScoredGroup['variants'][number];
  const doseOf = (column: ScoredGroup) => (column.group.choices[0] as ScoredGroup['group']['choices'][number]).dose;
  const familyOf = (column: ScoredGroup) => onceOf(variantOf(column));
  const familyNames = [...new Set(offers.map(familyOf))];
  const familyIndex = new Map(familyNames.map((name, f) => [name, f]));
  const gives = new Float64Array(size * needs);
  for (const [i, o] of offers.entries()) gives.set([...o.gives, ...o.fills], i * needs);
  const variants = offers.map((o) => variantOf(o).id);
  const pins = brief.lock.include.map((id) => placesOf({ variants }, id)).filter((places) => places.length > 0);
  const pinned = new Set(pins.map(([first]) => first as number));
  const pinnedIn = (block: BlockKind) =>
    [...pinned].filter((i) => (offers[i] as ScoredGroup).group.block === block).length;
  // What the coach insists on has room, whatever the type would hold.
  const flooredIn = (block: BlockKind) =>
    Math.max(
      0,
      ...(brief.lock.floors ?? []).map((floor) => ('block' in floor && floor.block === block ? floor.least : 0)),
    );
  const sets = whole((o) => doseOf(o).sets);
  const problem: Problem = {
    offers,
    variants,
    needs,
    weights: Float64Array.from([
      ...demands.map((d) => worthShares.demands * d.weight),
      ...places.map((p) => worthShares.places * p.weight),
    ]),
    gives,
    worth: numbers((o) => o.worth),
    work: numbers((o) => setSeconds(doseOf(o))),
    rest: numbers((o) => doseOf(o).restSeconds),
    seconds: numbers((o) => o.seconds),
    sets,
    family: whole((o) => familyIndex.get(familyOf(o)) as number),
    families: familyNames.length,
    mostOfFamily: Int32Array.from(familyNames, (name) =>
      Math.max(1, [...pinned].filter((i) => familyOf(offers[i] as ScoredGroup) === name).length),
    ),
    block: whole((o) => blockKinds.indexOf(o.group.block)),
    pattern: whole((o) => patterns.indexOf(variantOf(o).pattern)),
    patterns: patterns.length,
    regions: whole((o) => highRegions(variantOf(o)).reduce((mask, r) => mask | (1 << regions.indexOf(r)), 0)),
    contacts: numbers((o) => o.impactContacts),
    heavy: whole((o) => o.heavySets),
    balance: opposites.map(({ one, other }) => whole((o) => patternSets(o, one) - patternSets(o, other))),
    planes: whole((o) => planes.reduce((mask, plane, p) => mask | (coversPlane(o, plane) ? 1 << p : 0), 0)),
    joints: whole(limits.joints),
    inTurn: new Uint8Array(size * size),
    pairs: new Float32Array(limits.together > 1 ? size * size : 0).fill(-1),
    siblings: siblingsOf(offers, variants),
    together: limits.together,
    least: Float64Array.from(blockKinds, (block) => limits.bounds[block].least),
    most: Float64Array.from(blockKinds, (block) =>
      Math.max(limits.bounds[block].most, pinnedIn(block), flooredIn(block)),
    ),
    mostHighSets: maxHighSets,
    mostContacts: maxContacts(brief),
    wantedHeavy: wantedHeavySets(brief),
    pins,
    wishes: wishesOf(context).map(({ count, ...wish }) => ({ ...wish, counts: numbers(count) })),
    prices: frame.balanced ? prices : { opposite: 0, plane: 0 },
    insisted: [
      // Some work at least.
      { counts: numbers(() => 1), least: 1 },
      ...(brief.lock.floors ?? []).map((floor) => insistedOn(context, offers, floor)),
    ],
    budget: limits.budget,
    budgetSeconds: limits.budget(0),
  };
  if (limits.together > 1) markInTurn(problem);
  return problem;
}

/** Places of the offers of one exercise. */
export function placesOf({ variants }: Pick<Problem, 'variants'>, variant: string): number[] {
  return variants.flatMap((id, i) => (id === variant ? [i] : []));
}

/** What a floor of the coach counts. */
function insistedOn(context: Context, offers: readonly ScoredGroup[], floor: MinimumRequirement): MinimumConstraint {
  const count = (of: (column: ScoredGroup) => number) => Float64Array.from(offers, of);
  if ('block' in floor) return { counts: count((o) => (o.group.block === floor.block ? 1 : 0)), least: floor.least };
  const d = context.demands.findIndex((demand) => demand.id === floor.need);
  return { counts: count((o) => (d < 0 ? 0 : (o.gives[d] as number))), least: floor.least };
}

/** Which two may be done in turn: same block and sets, other family and pattern, no region loaded high by both, no pair of two for the trunk. */
function markInTurn(problem: Problem): void {
  const { offers, block, sets, family, pattern, regions: high, inTurn, together } = problem;
  const size = offers.length;
  const trunk = offers.map((o) => trunkPatterns.has(o.variants[0]?.pattern as never));
  const turning = offers.map((o) => blocksInTurn.has(o.group.block));
  for (let i = 0; i < size; i++) {
    if (!turning[i]) continue;
    for (let j = i + 1; j < size; j++) {
      const may =
        block[i] === block[j] &&
        sets[i] === sets[j] &&
        family[i] !== family[j] &&
        pattern[i] !== pattern[j] &&
        // Rounds of the trunk go from one side of it to another; in a pair one part rests.
        (together === 3 || !(trunk[i] && trunk[j])) &&
        ((high[i] as number) & (high[j] as number)) === 0;
      if (may) {
        inTurn[i * size + j] = 1;
        inTurn[j * size + i] = 1;
      }
    }
  }
}

function siblingsOf(offers: readonly ScoredGroup[], variants: readonly string[]): number[][] {
  const byKey = new Map<string, number[]>();
  const keys = offers.map((o, i) => `${variants[i]}|${o.group.block}`);
  keys.forEach((key, i) => {
    byKey.set(key, [...(byKey.get(key) ?? []), i]);
  });
  return keys.map((key, i) => (byKey.get(key) as number[]).filter((j) => j !== i));
}
