import { daysBetween } from '../../date/days';
import type { Dose } from '../../dose/dose';
import { setSeconds } from '../../dose/time';
import type { Variant } from '../../exercise/model/variant';
import { type BlockKind, legRegions, levels, type Pattern, preparingBlocks } from '../../exercise/model/vocabulary';
import type { Brief } from '../brief/brief';
import type { BlockBounds } from '../context/block-bounds';
import type { Context } from '../context/context';
import type { Group } from '../draft/draft';
import { isNewTo } from '../prescription/novelty';
import { prescriptions, stepFor } from '../prescription/prescription';
import { decidedAgainst, decidedDoseOf } from '../prescription/progress-decision';
import { byTime } from '../prescription/timed-dose';
import { alone } from '../scoring/item-worth';
import { jointsToReady, type PreparedJoint } from '../scoring/joint-load';
import { ofSets, type ScoredGroup, scoredGroupOf, switchSeconds } from '../scoring/scored-group';

/** Blocks that go round as one circuit when the coach works in circuits; by the clock also what has no load to count. */
export const circuitBlocks: Readonly<Record<'circuits' | 'timed', ReadonlySet<BlockKind>>> = {
  circuits: new Set(['strength', 'prevention', 'trunk']),
  timed: new Set(['technique', 'strength', 'prevention', 'trunk', 'finisher']),
};

interface CircuitRule {
  format: 'circuits' | 'timed';
  rounds: number;
}

/** How items are put together: each alone, in turn, or round and round. */
export type GroupRule = { format: 'straight' | 'pairs' | 'rounds' } | CircuitRule;

/** Whether a block goes round as a circuit under a rule. */
const goesRound = (rule: GroupRule, block: BlockKind): rule is CircuitRule =>
  'rounds' in rule && circuitBlocks[rule.format].has(block);

/** Rest between the items of a circuit and after each of its rounds, by the clock and without; seconds, common practice, no source. */
export const circuitRests = {
  circuits: { between: switchSeconds, round: 30 },
  timed: { between: 20, round: 30 },
} as const;

/** Blocks that may have all the sets of the frame; what stands beside them has no more than so many. Common practice, no source. */
const fullBlocks: ReadonlySet<BlockKind> = new Set(['power', 'strength', 'technique']);
const accessorySets = 3;

/** How many sets the main work may have, by type, level, phase and minutes; common practice, no source. */
function setChoices(block: BlockKind, variant: Variant, { brief, frame, type }: Context, rule: GroupRule): number[] {
  if (preparingBlocks.has(block)) return [variant.dose.sets];
  if (goesRound(rule, block)) return [rule.rounds];
  const step = stepFor(brief).sets;
  const [fewest, most] = frame.sets;
  // A drill is learnt by doing it often; the step of the week is for what loads.
  const stepMost = block === 'technique' ? most : Math.max(...step);
  const allowed = isNewTo(variant, brief) ? Math.min(newMovementSets, stepMost) : stepMost;
  // Power is many sets of few, and a step that allows two allows three of them.
  const more = block === 'power' && type.type === 'power' ? 1 : 0;
  const mostSets = Math.min(most, allowed + more, fullBlocks.has(block) ? most : accessorySets);
  const decided = decidedDoseOf(brief, variant);
  const upTo = Math.min(mostSets, decided?.sets ?? mostSets);
  // What was decided on itself is done in the sets that it was decided for, as far as the week allows.
  const from = decided?.sameExercise ? upTo : Math.min(upTo, block === 'power' ? fewest : Math.min(fewest, 2));
  return Array.from({ length: upTo - from + 1 }, (_, k) => from + k);
}

/** A movement that is new to somebody is done in no more sets; common practice, no source. */
const newMovementSets = 2;

const hoursBeforeFixture = (brief: Brief) =>
  brief.season.nextFixture ? daysBetween(brief.date, brief.season.nextFixture) * 24 : Infinity;

/** Work that lengthens a muscle hard leaves it sore for two to three days; common practice, no source. */
const soreHours = 72;

/** Why the season stands against a variant today, or nothing. */
export function seasonReason(variant: Variant, brief: Brief): string | undefined {
  if (brief.season.spare === 'lower' && variant.regions.some((r) => r.high && legRegions.has(r.region)))
    return 'The legs are to stay fresh today.';
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

/** One joint of the arm alone. */
const armPatternsAlone: ReadonlySet<Pattern> = new Set(['elbow-flexion', 'elbow-extension']);

/** Why a variant is nothing that a coach would choose for this sport, or nothing: it is left to who names it. */
export function choiceReason(variant: Variant, { brief, own }: Pick<Context, 'brief' | 'own'>): string | undefined {
  const { sports, standing, adapted, id } = variant;
  const { sport } = brief;
  if (adapted?.slowed) return 'Made for speed, and speed is out today; add it by name if you want it slow.';
  if (brief.houseRules.armWork === 'leave-out' && armPatternsAlone.has(variant.pattern))
    return 'House rule: no single-joint arm work.';
  if (own.has(id)) return undefined;
  if (sports.length > 0 && !sports.includes(sport.id)) return 'A drill of another sport.';
  if (sports.length === 0 && standing === 0) return 'Rarely the best choice; add it by name if you want it.';
  return undefined;
}

/** Every item on its own, dosed, in every block it may stand in; what the coach has excluded left out. */
export function offersOf(context: Context, bounds: Record<BlockKind, BlockBounds>, rule: GroupRule): ScoredGroup[] {
  const { brief, feasible, capacity } = context;
  const excluded = new Set(brief.lock.exclude);
  const floored = new Set((brief.lock.floors ?? []).flatMap((floor) => ('block' in floor ? [floor.block] : [])));
  const columns: ScoredGroup[] = [];
  for (const candidate of feasible.all()) {
    const { variant } = candidate;
    const pinned = brief.lock.include.includes(variant.id);
    if (!candidate.possible || excluded.has(variant.id)) continue;
    if (!pinned && (seasonReason(variant, brief) ?? decidedAgainst(brief, variant) ?? choiceReason(variant, context)))
      continue;
    for (const block of variant.blocks) {
      const wanted = bounds[block].most > 0 || pinned || floored.has(block) || preparingBlocks.has(block);
      if (!wanted) continue;
      if (!pinned && !floored.has(block) && !preparingBlocks.has(block) && !hasPlace(context, variant, block)) continue;
      const dosed = [...prescriptions(candidate, block, 1, brief, capacity)].map(({ choice }) =>
        scoredGroupOf(context, inRounds(alone(block, choice), rule)),
      );
      const offered = worthOffering(context, dosed);
      if (brief.lock.doses?.[variant.id]) columns.push(...offered.map((column) => withItsOwn(column, rule)));
      else
        for (const sets of setChoices(block, variant, context, rule))
          columns.push(...offered.map((column) => withItsOwn(ofSets(context, column, sets), rule)));
    }
  }
  return columns;
}

/** Seconds that an item brings with it in a circuit, which has two items at the least: half of the round rests. */
function withItsOwn(column: ScoredGroup, rule: GroupRule): ScoredGroup {
  if (!goesRound(rule, column.group.block)) return column;
  return { ...column, seconds: column.seconds + (circuitRests[rule.format].round * rule.rounds) / 2 };
}

/** Whether a session of this type has a place for a variant in a block. */
function hasPlace({ places }: Pick<Context, 'places'>, variant: Variant, block: BlockKind): boolean {
  return places.some((place) => place.serves(variant, block) > 0);
}

/** What an item asks of a session, beside what it gives. */
interface Asked {
  gives: number;
  fills: number;
  heavySets: number;
  /** Seconds of a set, of the rest after it, and of fetching what it needs. */
  seconds: readonly number[];
  joints: ReadonlySet<PreparedJoint>;
}

function askedBy(context: Context, { gives, fills, heavySets, group, variants }: ScoredGroup): Asked {
  const { dose, load, setUpSeconds = 0 } = group.choices[0] as Group['choices'][number];
  return {
    gives: gives.reduce((sum, given) => sum + given, 0),
    fills: fills.reduce((sum, filled) => sum + filled, 0),
    heavySets,
    seconds: [setSeconds(dose), dose.restSeconds, setUpSeconds],
    joints: jointsToReady(context, variants[0] as Variant, load),
  };
}

const noWorse = (one: Asked, other: Asked) =>
  one.gives >= other.gives - 1e-12 &&
  one.fills >= other.fills - 1e-12 &&
  one.heavySets >= other.heavySets &&
  one.seconds.every((seconds, k) => seconds <= (other.seconds[k] as number)) &&
  [...one.joints].every((joint) => other.joints.has(joint));

/**
 * Of one exercise with one load or another, heaviest first: the heaviest, and those lighter that are done in less time, rest less, or need fewer
 * joints made ready. The others can only make a session worse.
 */
function worthOffering(context: Context, columns: readonly ScoredGroup[]): readonly ScoredGroup[] {
  if (columns.length < 2) return columns;
  const kept: { column: ScoredGroup; asked: Asked }[] = [];
  for (const column of columns) {
    const asked = askedBy(context, column);
    if (!kept.some((other) => noWorse(other.asked, asked))) kept.push({ column, asked });
  }
  return kept.map(({ column }) => column);
}

/** In a circuit the items only change places, the rest comes after the round; by the clock all work the same time. */
function inRounds(group: Group, rule: GroupRule): Group {
  if (!goesRound(rule, group.block)) return group;
  const { between } = circuitRests[rule.format];
  const dose = (d: Dose): Dose => ({ ...(rule.format === 'timed' ? byTime(d) : d), restSeconds: between });
  return { ...group, choices: group.choices.map((c) => ({ ...c, dose: dose(c.dose) })) };
}
