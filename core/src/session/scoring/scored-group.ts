import { effortOf } from '../../capacity/capacity-of';
import type { Dose } from '../../dose/dose';
import { itemSeconds, setSeconds } from '../../dose/time';
import { zones } from '../../dose/zone';
import { contactsInSet } from '../../exercise/model/contacts';
import type { Variant } from '../../exercise/model/variant';
import type { Pattern, Region } from '../../exercise/model/vocabulary';
import { loadingOf } from '../../kit/loads';
import type { Context } from '../context/context';
import { leftOfEasy, stimulus } from '../context/demands';
import { type Choice, type Group, roundsOf } from '../draft/draft';
import { zoneOfItem } from '../prescription/item-zone';
import { decidedWorth } from '../prescription/progress-decision';
import { fillsOf } from './fills';
import { itemWorth, manySetsOf, usedSecond, workSecondsOf, worthwhileSets } from './item-worth';
import { varietyWorth } from './variety';

/** Everything the programme and the checks count about one group of items. */
export interface ScoredGroup {
  group: Group;
  variants: readonly Variant[];
  seconds: number;
  /** Seconds of work with the rest that each set wants on its own, however it is put together: what the frame of the type is measured in. */
  workSeconds: number;
  /** Worth that does not diminish: how well it goes with what was done of late. */
  worth: number;
  /** Effective sets given to each demand, in the order of the context's demands. */
  gives: readonly number[];
  /** The same given to each place of the session, in the order of the context's places. */
  fills: readonly number[];
  /** Highest share of the maximum that an item of it asks, where known; the hardest work comes first. */
  share: number;
  impactContacts: number;
  /** Sets in the zone of maximal strength. */
  heavySets: number;
}

/** Short change from one item of a pair to the other, seconds; common practice, no source. */
export const switchSeconds = 10;
/** A round never rests less than this, seconds; common practice, no source. */
export const shortestRoundRest = 15;
/** What doing things in turn has to save in a round to be worth the trouble, seconds; common practice, no source. */
export const minSaved = 8;

/** Landings of an item over all sets and both sides. */
export function contactsOf(variant: Variant, dose: Dose): number {
  return Math.round(contactsInSet(variant, dose) * dose.sets);
}

/** Seconds of an item with fetching what it needs. */
export const choiceSeconds = (choice: Choice): number => itemSeconds(choice.dose) + (choice.setUpSeconds ?? 0);

/** Seconds of a whole group with the rests between its rounds. */
export function groupSeconds(group: Group): number {
  return group.choices.reduce((sum, c) => sum + choiceSeconds(c), 0) + roundsOf(group) * group.roundRestSeconds;
}

/** What a set on the sound side alone counts beside one for both; common practice, no source. */
const oneSideCounts = 0.35;
/** What needs no change is chosen before what does, where both serve alike; common practice, no source. */
const changedCounts = 0.6;

/** What only the other arm may do is nothing for what the athlete does with this one. */
function missesSide({ brief, demands }: Context, { adapted }: Variant, demand: number): boolean {
  const asked = demands[demand];
  const { dominantSide } = brief.athlete;
  if (!adapted?.onlySide || !dominantSide || asked?.kind !== 'action' || asked.action.side !== 'dominant') return false;
  return adapted.onlySide !== dominantSide;
}

/** Counts a group of choices: time, what it gives, what it costs. */
export function scoredGroupOf(context: Context, group: Group): ScoredGroup {
  const variants = group.choices.map((choice) => {
    const variant = context.feasible.variant(choice.variant);
    if (!variant) throw new RangeError(`variant "${choice.variant}" is not in the library`);
    return variant;
  });
  const parts = group.choices.map((choice, i) => {
    const variant = variants[i] as Variant;
    const loading = loadingOf(choice.load, context.brief.kit);
    const effort = loading && effortOf(context.capacity, variant, loading);
    const fast = variant.speed === 'fast';
    const plain = group.block === 'strength' && !fast && !isSpecial(choice);
    const easy = plain ? leftOfEasy(variant, effort?.share, context.brief) : 1;
    const slow = isLight(effort?.share) && (choice.dose.tempo?.lowering ?? 0) >= slowFrom;
    const share = effort && (slow ? Math.min(effort.share + slowGain, zones.hypertrophy.share[0]) : effort.share);
    // One side that trains alone is half a set, and the restricted one gets nothing of it.
    const sided = variant.adapted?.onlySide ? oneSideCounts : 1;
    const changed = variant.adapted ? changedCounts : 1;
    const perSet = sided * changed * easy * stimulus(group.block, share, fast, context.brief.aim);
    const workSeconds = workSecondsOf(context, group.block, variant, choice, effort?.share);
    return {
      gives: context
        .gives(variant)
        .map((given, d) => (missesSide(context, variant, d) ? 0 : choice.dose.sets * perSet * given)),
      fills: fillsOf(context, group.block, variant, choice, effort?.share, sided * changed * easy),
      share: effort?.share ?? 0,
      workSeconds,
      worth:
        varietyWorth(context.brief, variant, group.block) +
        decidedWorth(context.brief, variant) +
        itemWorth(context, group.block, variant, choice, workSeconds),
      contacts: contactsOf(variant, choice.dose),
      heavySets: isHeavy(group, variant, choice, effort?.share) ? choice.dose.sets : 0,
    };
  });
  return {
    group,
    variants,
    seconds: groupSeconds(group),
    workSeconds: parts.reduce((s, p) => s + p.workSeconds, 0),
    worth: parts.reduce((s, p) => s + p.worth, 0),
    gives: context.demands.map((_, d) => parts.reduce((s, p) => s + (p.gives[d] as number), 0)),
    fills: context.places.map((_, k) => parts.reduce((s, p) => s + (p.fills[k] as number), 0)),
    share: parts.reduce((s, p) => Math.max(s, p.share), 0),
    impactContacts: parts.reduce((s, p) => s + p.contacts, 0),
    heavySets: parts.reduce((s, p) => s + p.heavySets, 0),
  };
}

/** What more sets than the one of a column are worth in themselves. */
function worthOfSets({ group, workSeconds }: ScoredGroup, sets: number, { frame, brief }: Context): number {
  if (!frame.share[group.block]) return 0;
  return usedSecond * (sets - 1) * workSeconds + (sets >= worthwhileSets ? manySetsOf(brief) : 0);
}

/** A column of one item with one set, done for so many. */
export function ofSets(context: Context, column: ScoredGroup, sets: number): ScoredGroup {
  const choice = column.group.choices[0] as Choice;
  const group: Group = { ...column.group, choices: [{ ...choice, dose: { ...choice.dose, sets } }] };
  return {
    ...column,
    group,
    seconds: groupSeconds(group),
    workSeconds: sets * column.workSeconds,
    gives: column.gives.map((given) => sets * given),
    fills: column.fills.map((filled) => sets * filled),
    worth: column.worth + worthOfSets(column, sets, context),
    impactContacts: contactsOf(column.variants[0] as Variant, { ...choice.dose, sets }),
    heavySets: sets * column.heavySets,
  };
}

/** A light weight moved slowly or with intent, as the house rule makes the most of it. */
const isSpecial = ({ load, dose: { tempo } }: Choice) =>
  load?.kg !== undefined && tempo !== undefined && (tempo.rising === 'X' || tempo.lowering >= slowFrom);

/** Lowered so slowly, in seconds, a light set asks of a muscle what one so much heavier would, up to the lightest that is not light; common practice, no source. */
const [slowFrom, slowGain] = [4, 0.25];
const isLight = (share: number | undefined) => share !== undefined && share < zones.hypertrophy.share[0];

/** Whether a set is one of maximal strength; holds are not counted. */
const isHeavy = ({ block }: Group, variant: Variant, { dose }: Choice, share: number | undefined) =>
  block === 'strength' &&
  share !== undefined &&
  dose.work.kind === 'reps' &&
  zoneOfItem(variant, dose, share) === 'strength';

/** Two items in turn: rest of each runs while the other works. Undefined when that saves nothing worth the trouble. */
export function paired(a: Group, b: Group): Group | undefined {
  const [first, second] = [a.choices[0] as Choice, b.choices[0] as Choice];
  const [workA, workB] = [setSeconds(first.dose), setSeconds(second.dose)];
  const [restA, restB] = [first.dose.restSeconds, second.dose.restSeconds];
  const roundRest = Math.max(shortestRoundRest, restA - workB - switchSeconds, restB - workA - switchSeconds);
  if (restA + restB - switchSeconds - roundRest < minSaved) return undefined;
  return doneInTurn(a.block, [first, second], roundRest);
}

/** Items of one group in turn: between them only a short change, the rest after the round. */
export function doneInTurn(
  block: Group['block'],
  choices: readonly Choice[],
  roundRestSeconds: number,
  format: 'pairs' | 'rounds' = choices.length === 2 ? 'pairs' : 'rounds',
): Group {
  return {
    block,
    format,
    roundRestSeconds,
    choices: choices.map((choice, k) => ({
      ...choice,
      dose: { ...choice.dose, restSeconds: k === choices.length - 1 ? 0 : switchSeconds },
    })),
  };
}

/** Regions that a variant loads high. */
export function highRegions(variant: Variant): Region[] {
  return variant.regions.filter((r) => r.high).map((r) => r.region);
}

export const trunkPatterns = new Set<Pattern>([
  'trunk-flexion',
  'trunk-extension',
  'anti-extension',
  'anti-rotation',
  'anti-lateral-flexion',
  'rotation',
]);
