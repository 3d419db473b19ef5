import type { Variant } from '../../exercise/model/variant';
import { type BlockKind, mainBlocks } from '../../exercise/model/vocabulary';
import { choiceReason, seasonReason } from '../composer/candidates';
import type { Context } from '../context/context';
import { likeness } from '../context/demands';
import { type Choice, choicesOf, type Draft } from '../draft/draft';
import { onceOf } from '../draft/once';
import { prescribe } from '../prescription/prescription';
import { tooHardReason } from '../prescription/too-hard';
import { scoreOfDraft } from '../scoring/score';
import { groupSeconds } from '../scoring/scored-group';
import { add, choiceAt, type ItemPlace, swap } from './edit';

/** What could stand in a place, and what the session is worth with it against now. */
export interface Alternative {
  variant: Variant;
  choice: Choice;
  /** Change of the session's worth, share of now; negative costs. */
  difference: number;
  /** Seconds by which the session would run over its minutes with it; 0 when it fits. */
  overSeconds: number;
}

/** Differences are shares of what the session is worth now, but of no less than this. */
export const minWorth = 0.1;

/** Seconds by which a draft runs over the minutes of its brief. */
function overrun(context: Context, draft: Draft): number {
  const seconds = draft.groups.reduce((sum, group) => sum + groupSeconds(group), 0);
  return Math.max(0, seconds - context.brief.minutes * 60);
}

function usedFamilies(context: Context, draft: Draft, except: string | undefined): Set<string> {
  const used = draft.groups.flatMap((g) => g.choices.map((c) => context.feasible.get(c.variant)?.variant));
  return new Set(used.flatMap((v) => (v && v.id !== except ? [onceOf(v)] : [])));
}

/** A choice with what the session is worth with it against now. */
function weighed(context: Context, variant: Variant, choice: Choice, changed: Draft, now: number): Alternative {
  return {
    variant,
    choice,
    difference: (scoreOfDraft(context, changed) - now) / Math.max(now, minWorth),
    overSeconds: overrun(context, changed),
  };
}

function ranked(
  context: Context,
  draft: Draft,
  block: BlockKind,
  sets: number,
  replaced: string | undefined,
  place: (choice: Choice) => Draft,
): Alternative[] {
  const now = scoreOfDraft(context, draft);
  const families = usedFamilies(context, draft, replaced);
  const alternatives: Alternative[] = [];
  for (const candidate of context.feasible.all()) {
    const { variant } = candidate;
    if (
      !candidate.possible ||
      variant.id === replaced ||
      !variant.blocks.includes(block) ||
      families.has(onceOf(variant))
    )
      continue;
    if (seasonReason(variant, context.brief) ?? choiceReason(variant, context)) continue;
    const dosed = prescribe(candidate, block, sets, context.brief, context.capacity);
    if (dosed) alternatives.push(weighed(context, variant, dosed.choice, place(dosed.choice), now));
  }
  const fits = (a: Alternative) => Number(a.overSeconds === 0);
  return alternatives.sort(
    (a, b) => fits(b) - fits(a) || b.difference - a.difference || a.variant.id.localeCompare(b.variant.id),
  );
}

/** What else could stand in an item's place, with what it would cost or gain: what fits the minutes first, best first. */
export function alternativesTo(context: Context, draft: Draft, at: ItemPlace): Alternative[] {
  const now = choiceAt(draft, at);
  const block = draft.groups[at.group]?.block;
  if (!now || !block) return [];
  const resting = (choice: Choice): Choice => {
    const grouped = (draft.groups[at.group]?.choices.length ?? 1) > 1;
    return grouped
      ? { ...choice, dose: { ...choice.dose, sets: now.dose.sets, restSeconds: now.dose.restSeconds } }
      : choice;
  };
  return ranked(context, draft, block, now.dose.sets, now.variant, (choice) => swap(draft, at, resting(choice))).map(
    (a) => ({ ...a, choice: resting(a.choice) }),
  );
}

/** What could be added to a block, best first. */
export function additionsTo(
  context: Context,
  draft: Draft,
  block: BlockKind,
  order: readonly BlockKind[],
): Alternative[] {
  return ranked(context, draft, block, 2, undefined, (choice) => add(draft, block, choice, order));
}

/** An exercise that would answer a demand, and what adding it would change. */
export interface Answering extends Alternative {
  block: BlockKind;
  /** How far it answers the demand, 0 to 1. */
  alike: number;
}

/**
 * The feasible exercises that answer one demand best, each dosed and weighed as an addition: what fits the minutes first, then what gives most.
 * Empty for a demand that is not there.
 *
 * @example answersTo(context, draft, 'nothing-like-it', [], 5) // []
 */
export function answersTo(
  context: Context,
  draft: Draft,
  demandId: string,
  order: readonly BlockKind[],
  most: number,
): Answering[] {
  const demand = context.demands.find((d) => d.id === demandId);
  if (!demand) return [];
  const families = usedFamilies(context, draft, undefined);
  const alike = new Map(
    context.feasible.all().map(({ variant }) => [variant.id, likeness(variant, demand, context.weights)]),
  );
  const given = (variant: Variant) => alike.get(variant.id) as number;
  const best = context.feasible
    .all()
    .filter(({ variant, possible }) => possible && !families.has(onceOf(variant)) && given(variant) > 0)
    .filter(({ variant }) => variant.blocks.some((b) => mainBlocks.has(b) || b === 'balance'))
    .sort((a, b) => given(b.variant) - given(a.variant) || a.variant.id.localeCompare(b.variant.id));
  const answers: Answering[] = [];
  // Of one family the best is enough.
  const seen = new Set<string>();
  for (const { variant } of best) {
    if (answers.length >= most) break;
    if (seen.has(onceOf(variant))) continue;
    const named = additionOf(context, draft, variant.id, order);
    if ('reasons' in named) continue;
    seen.add(onceOf(variant));
    answers.push({ ...named.addition, block: named.block, alike: given(variant) });
  }
  const fits = (a: Answering) => Number(a.overSeconds === 0);
  return answers.sort((a, b) => fits(b) - fits(a) || b.alike - a.alike);
}

/** A named exercise in the block where it belongs, or why it cannot be done here and today. */
export type NamedAddition = { block: BlockKind; addition: Alternative } | { reasons: string[] };

/**
 * One exercise that the coach names, dosed for this athlete, with what it would change: main work before warm-up where it may stand in both.
 *
 * @example 'reasons' in additionOf(context, draft, 'band-row', []) // true
 */
export function additionOf(
  context: Context,
  draft: Draft,
  variantId: string,
  order: readonly BlockKind[],
): NamedAddition {
  const candidate = context.feasible.get(variantId);
  if (!candidate) return { reasons: [`"${variantId}" is not in the library.`] };
  const { variant } = candidate;
  const season = seasonReason(variant, context.brief);
  const there = choicesOf(draft).some((c) => c.variant === variantId) ? ['Is in the session already.'] : [];
  const reasons = [...there, ...candidate.reasons, ...(season ? [season] : [])];
  if (reasons.length) return { reasons };
  const blocks = [...variant.blocks].sort((a, b) => Number(mainBlocks.has(b)) - Number(mainBlocks.has(a)));
  for (const block of blocks) {
    const dosed = prescribe(candidate, block, 2, context.brief, context.capacity);
    if (!dosed) continue;
    const changed = add(draft, block, dosed.choice, order);
    return { block, addition: weighed(context, variant, dosed.choice, changed, scoreOfDraft(context, draft)) };
  }
  return {
    reasons: [tooHardReason(context, variant) ?? 'Too heavy or too hard for this athlete and equipment.'],
  };
}
