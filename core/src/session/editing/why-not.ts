import { preparingBlocks } from '../../exercise/model/vocabulary';
import { assembled } from '../composer/assembly';
import { choiceReason, seasonReason } from '../composer/candidates';
import type { ProblemSetup } from '../composer/problem-setup';
import { type Choice, choicesOf, type Draft } from '../draft/draft';
import { decidedAgainst } from '../prescription/progress-decision';
import { nearMaximumReason, tooHardReason } from '../prescription/too-hard';
import { scoreOfDraft } from '../scoring/score';
import { anneal } from '../search/anneal';
import { bestFound, type Found } from '../search/found';
import { type Problem, placesOf } from '../search/problem';
import { byPromise, type Relaxation } from '../search/relaxation';
import { totalOf } from '../search/running-total';
import { type ItemPlace, remove } from './edit';
import { minWorth } from './substitutes';

/** What another session would hold instead, and what that changes. */
export interface Otherwise {
  /** Change of the session's worth, share of now; negative costs. */
  difference: number;
  /** Variants that would go, and that would come beside the one asked for. */
  out: readonly string[];
  in: readonly string[];
  draft: Draft;
  /** Nothing could cost less than this, share of now: proven. */
  atLeast?: number;
}

export type WhyNot = Otherwise | { reasons: readonly string[] };

/** How hard an answer looks: at once while the coach watches, better a moment later. */
export interface Effort {
  moves: number;
  seeds: number;
}
export const atOnce: Effort = { moves: 2500, seeds: 2 };
export const refined: Effort = { moves: 12_000, seeds: 5 };
const poolWidth = 110;

/** The number of sets tells offers of an exercise apart first, then the load, kg. */
const nearly = 0.001;

/** Places of the offers that a draft is made of; what the coach has dosed otherwise counts as its nearest. */
function offersIn(problem: Problem, draft: Draft): number[] {
  return draft.groups.flatMap(({ block, choices }) =>
    choices.flatMap((choice) => {
      const same = placesOf(problem, choice.variant).filter((i) => problem.offers[i]?.group.block === block);
      const kg = (of: Choice | undefined) => of?.load?.kg ?? 0;
      const off = (i: number) =>
        Math.abs((problem.sets[i] as number) - choice.dose.sets) +
        nearly * Math.abs(kg(problem.offers[i]?.group.choices[0]) - kg(choice));
      return same.length ? [same.reduce((a, b) => (off(b) < off(a) ? b : a))] : [];
    }),
  );
}

/** The best session near the one there is. */
function near(
  problem: Problem,
  relaxation: Relaxation,
  from: readonly number[],
  { moves, seeds }: Effort,
): Found | undefined {
  const pool = byPromise(relaxation)
    .filter((i) => (relaxation.promise[i] as number) > -Infinity)
    .slice(0, poolWidth);
  const sessions = Array.from({ length: seeds }, (_, k) =>
    anneal(problem, { pool, seed: k + 1, moves, from, gently: true }),
  );
  return bestFound(sessions.filter((found) => found !== undefined));
}

/** What is left of a session when something new has to fit in: items go, the one whose going helps most first, until the rest keeps all rules. */
function madeRoom(problem: Problem, kept: number, others: readonly number[]): number[] {
  let left = [...others];
  while (left.length > 0 && !totalOf(problem, [kept, ...left]).isSession()) {
    const without = left.map((_, at) => left.filter((__, k) => k !== at));
    const prices = without.map((rest) => totalOf(problem, [kept, ...rest]).priceNow());
    left = without[prices.indexOf(Math.max(...prices))] as number[];
  }
  return [kept, ...left];
}

function otherwise(prepared: ProblemSetup, draft: Draft, found: Found, asked?: string): Otherwise {
  const { context, problem } = prepared;
  const now = scoreOfDraft(context, draft);
  const before = new Set(
    draft.groups.filter((g) => !preparingBlocks.has(g.block)).flatMap((g) => g.choices.map((c) => c.variant)),
  );
  const after = new Set(found.chosen.map((i) => problem.variants[i] as string));
  return {
    difference: (found.worth - now) / Math.max(now, minWorth),
    out: [...before].filter((id) => !after.has(id)),
    in: [...after].filter((id) => !before.has(id) && id !== asked),
    draft: { groups: kept(draft, assembled(prepared, found.chosen)) },
  };
}

/** Pins and notes of items that stay, as the coach has left them. */
function kept(draft: Draft, groups: Draft['groups']): Draft['groups'] {
  const before = new Map(choicesOf(draft).map((c) => [c.variant, c]));
  return groups.map((group) => ({
    ...group,
    choices: group.choices.map((choice) => {
      const was = before.get(choice.variant);
      return was ? { ...choice, pinned: was.pinned, ...(was.note ? { note: was.note } : {}) } : choice;
    }),
  }));
}

/**
 * Why not that one: what forcing an exercise into the session would cost and push out, or why it cannot be done here and today. The difference
 * overstates the loss until it is refined; `atLeast` is proven.
 */
export function whyNot(
  prepared: ProblemSetup,
  relaxation: Relaxation,
  draft: Draft,
  variant: string,
  effort: Effort,
): WhyNot {
  const { context, problem } = prepared;
  const feasible = context.feasible.get(variant);
  if (!feasible) return { reasons: [`"${variant}" is not in the library.`] };
  const offered = placesOf(problem, variant);
  if (offered.length === 0) return { reasons: reasonsAgainst(prepared, variant) };
  const families = new Set(offered.map((i) => problem.family[i]));
  const forced: Problem = { ...problem, pins: [...problem.pins, offered] };
  const from = offersIn(problem, draft).filter((i) => !families.has(problem.family[i] as number));
  const best = offered.reduce((a, b) =>
    (relaxation.promise[b] as number) > (relaxation.promise[a] as number) ? b : a,
  );
  const found = near(forced, relaxation, madeRoom(forced, best, from), effort);
  if (!found) return { reasons: ['Does not fit beside the pinned exercises.'] };
  const now = scoreOfDraft(context, draft);
  const most = relaxation.objective + (relaxation.promise[best] as number);
  return {
    ...otherwise(prepared, draft, found, variant),
    atLeast: Math.max(0, (now - most) / Math.max(now, minWorth)),
  };
}

function reasonsAgainst({ context, warmUp }: ProblemSetup, variant: string): string[] {
  const { brief } = context;
  const feasible = context.feasible.get(variant);
  const season = feasible && seasonReason(feasible.variant, brief);
  const decided = feasible && decidedAgainst(brief, feasible.variant);
  const reasons = [
    ...(feasible?.reasons ?? []),
    ...(brief.lock.exclude.includes(variant) ? ['You excluded it from this session.'] : []),
    ...(season ? [season] : []),
    ...(decided ? [decided] : []),
  ];
  if (reasons.length) return reasons;
  const tooHard =
    feasible && (tooHardReason(context, feasible.variant) ?? nearMaximumReason(context, feasible.variant));
  if (tooHard) return [tooHard];
  if (warmUp.offers(variant) || feasible?.variant.blocks.every((b) => preparingBlocks.has(b)))
    return ['A warm-up or cool-down exercise: those follow from the main work. You can add it by hand.'];
  const rare = feasible && choiceReason(feasible.variant, context);
  if (rare) return [rare];
  return ['Too heavy, too hard or not suited to this aim, for this athlete and equipment.'];
}

/** What an item is worth to its session. */
export interface WhyThis {
  /** What is lost when it goes and nothing comes for it, share of now. */
  alone: number;
  /** What is lost when the rest is made the most of without it, share of now; and what would come. */
  replaced: Otherwise | undefined;
}

/** Why this one: what the session loses without it, as it stands and with the best that could come instead. */
export function whyThis(
  prepared: ProblemSetup,
  relaxation: Relaxation,
  draft: Draft,
  at: ItemPlace,
  effort: Effort,
): WhyThis {
  const { context, problem } = prepared;
  const variant = draft.groups[at.group]?.choices[at.choice]?.variant as string;
  const now = scoreOfDraft(context, draft);
  const without = scoreOfDraft(context, remove(draft, at));
  const alone = (now - without) / Math.max(now, minWorth);
  const gone = new Set(placesOf(problem, variant));
  const ranked = { ...relaxation, promise: relaxation.promise.map((p, i) => (gone.has(i) ? -Infinity : p)) };
  const banned: Problem = {
    ...problem,
    pins: problem.pins.filter((pin) => !pin.some((i) => gone.has(i))),
  };
  const from = offersIn(problem, draft).filter((i) => !gone.has(i));
  const found = near(banned, ranked, from, effort);
  return { alone, replaced: found && otherwise(prepared, draft, found) };
}
