import { daysBetween } from '../athlete/athlete';
import { effortOf } from '../capacity/effort';
import type { Variant } from '../exercise/variant';
import { type BlockKind, levels, mainBlocks } from '../exercise/vocabulary';
import type { BlockBounds } from './blocks';
import type { Brief } from './brief';
import { alone, type Column, columnOf, compatible, groupSeconds, paired, switchSeconds } from './column';
import type { Context } from './context';
import type { Group } from './draft';
import { isNewTo } from './familiar';
import { prescribe, stepFor, volumeCeiling } from './prescription';

const pairedBlocks = new Set<BlockKind>(['strength', 'prevention', 'power']);
/** Blocks that go round as one circuit when the coach works in circuits. */
export const circuitBlocks = new Set<BlockKind>(['strength', 'prevention']);

/** Rest after each round of a circuit, seconds; common practice, no source. */
export const circuitRestSeconds = 45;

/** How many sets the main work may have, by level, phase and minutes; common practice, no source. */
function setChoices(block: BlockKind, variant: Variant, brief: Brief): number[] {
  const typed = brief.lock.doses?.[variant.id];
  if (typed || !mainBlocks.has(block)) return [variant.dose.sets];
  if (brief.houseRules.format === 'circuits' && circuitBlocks.has(block)) return [circuitRounds(brief)];
  const { sets } = stepFor(brief);
  return isNewTo(variant, brief) ? sets.filter((s) => s <= newMovementSets) : [...sets];
}

/** A movement that is new to somebody is done in no more sets; common practice, no source. */
const newMovementSets = 2;

/** Rounds of a circuit: two in a short session, three otherwise. */
export function circuitRounds(brief: Brief): number {
  return brief.minutes < 20 ? 2 : 3;
}

const hoursBeforeFixture = (brief: Brief) =>
  brief.season.nextFixture ? daysBetween(brief.date, brief.season.nextFixture) * 24 : Infinity;

/** Work that lengthens a muscle hard leaves it sore for two to three days; common practice, no source. */
const soreHours = 72;

/** Why the season stands against a variant today, or nothing. */
export function seasonReason(variant: Variant, brief: Brief): string | undefined {
  const hours = hoursBeforeFixture(brief);
  const sores =
    variant.regions.some((r) => r.high) &&
    variant.jointActions.some((a) => a.regime === 'lengthening') &&
    variant.speed === 'slow';
  if (sores && hours >= 0 && hours < soreHours) return `Makes sore, and the next fixture is ${hours} hours away.`;
  if (brief.season.phase === 'return' && levels.indexOf(variant.level) > 1)
    return 'Too demanding for the first weeks back.';
  return undefined;
}

/** Below this share of the most a set trains little strength, and a higher rung within reach should be taken; common practice, no source. */
const easyBelow = 0.35;

/**
 * Whether strength work stands so far below this athlete that a higher rung of its ladder, which can be done here, should be taken. Not for
 * those who begin, come back or learn: they earn the load. Bands are not judged: their force is not known.
 */
export function tooEasy(variant: Variant, { brief, feasible, body }: Context): boolean {
  const { aim, athlete, season, date } = brief;
  if (athlete.level === 'new' || season.phase === 'return' || aim === 'return' || aim === 'learn') return false;
  if (variant.load?.required || variant.line) return false;
  const share = (v: Variant, kg: number) => effortOf(v, athlete, date, { loadKg: kg }, body).share;
  const own = share(variant, 0);
  if (own >= easyBelow) return false;
  for (let id = variant.harder; id; ) {
    const rung = feasible.get(id);
    if (!rung || rung.variant.pattern !== variant.pattern) return false;
    const masses = rung.variant.load?.required ? rung.loads.map((l) => l.kg) : [0];
    const reached = masses.some((kg) => share(rung.variant, kg) > own && share(rung.variant, kg) <= volumeCeiling);
    if (rung.reasons.length === 0 && !rung.variant.line && reached) return true;
    id = rung.variant.harder;
  }
  return false;
}

/** Every item on its own, dosed, in every block it may stand in; what the coach has excluded left out. */
export function singles(context: Context, bounds: Record<BlockKind, BlockBounds>): Column[] {
  const { brief, feasible, body } = context;
  const excluded = new Set(brief.lock.exclude);
  const columns: Column[] = [];
  for (const candidate of feasible.all()) {
    const { variant } = candidate;
    const pinned = brief.lock.include.includes(variant.id);
    if (candidate.reasons.length || excluded.has(variant.id)) continue;
    if (!pinned && seasonReason(variant, brief)) continue;
    for (const block of variant.blocks) {
      if (bounds[block].most === 0 && !pinned) continue;
      if (block === 'strength' && !pinned && tooEasy(variant, context)) continue;
      for (const sets of setChoices(block, variant, brief)) {
        const dosed = prescribe(candidate, block, sets, brief, body);
        if (dosed) columns.push(columnOf(context, asGroup(alone(block, dosed.choice), brief)));
      }
    }
  }
  return columns;
}

/** In a circuit the items only change places; the rest comes after the round. */
function asGroup(group: Group, brief: Brief): Group {
  if (brief.houseRules.format !== 'circuits' || !circuitBlocks.has(group.block)) return group;
  return { ...group, choices: group.choices.map((c) => ({ ...c, dose: { ...c.dose, restSeconds: switchSeconds } })) };
}

/** Two single columns that could be done in turn, and what that saves. */
export interface PossiblePair {
  /** Places of the two in the list of single columns. */
  first: number;
  second: number;
  group: Group;
  savedSeconds: number;
}

/** Pairs of single columns that save time when done in turn; only counted out to whole columns when they are wanted. */
export function possiblePairs(context: Context, single: readonly Column[]): PossiblePair[] {
  if (context.brief.houseRules.format !== 'pairs') return [];
  const found: PossiblePair[] = [];
  single.forEach((a, first) => {
    if (!pairedBlocks.has(a.group.block)) return;
    for (let second = first + 1; second < single.length; second++) {
      const b = single[second] as Column;
      if (b.group.block !== a.group.block || b.group.choices[0]?.dose.sets !== a.group.choices[0]?.dose.sets) continue;
      if (!compatible(a.variants[0] as Variant, b.variants[0] as Variant)) continue;
      const group = paired(a.group, b.group);
      if (group) found.push({ first, second, group, savedSeconds: a.seconds + b.seconds - groupSeconds(group) });
    }
  });
  return found;
}
