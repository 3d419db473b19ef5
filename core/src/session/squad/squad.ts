import type { Variant } from '../../exercise/model/variant';
import { assembled } from '../composer/assembly';
import { seasonReason } from '../composer/candidates';
import type { ProblemSetup } from '../composer/problem-setup';
import type { Context } from '../context/context';
import type { Choice, Draft } from '../draft/draft';
import { tooHardReason } from '../prescription/too-hard';
import type { ScoredGroup } from '../scoring/scored-group';
import type { Problem } from '../search/problem';
import { totalOf } from '../search/running-total';
import { keptBy, meaningOf, type Slot } from './slots';

/** What somebody gets for a slot. */
export interface Filled {
  /** Left out where nothing of the kind can be done, or there was no time. */
  variant?: string;
  /** How much of the intended stimulus is kept, 0 to 1. */
  kept: number;
  /** Why it is not what was meant, in one sentence. */
  why?: string;
  /** What is changed of it for a restriction. */
  change?: string;
  /** What else would serve, best first. */
  others: readonly { variant: string; kept: number }[];
}

/** A session of the same intent for one athlete. */
export interface Adapted {
  draft: Draft;
  slots: readonly Filled[];
  /** How much of the intended stimulus is kept over the whole session, 0 to 1. */
  kept: number;
}

/** What the coach has said comes before what keeps most. */
const heldTo = 10;
/** Under this share of the stimulus something else is trained, and the slot is better left open. */
const minKept = 0.35;
/** Ways kept open while slots are filled one after the other, offers looked at for each, others named to the coach. */
const [beamWidth, offersEach, maxOthers] = [80, 14, 6];

interface Candidate {
  offer: number;
  kept: number;
}

/** How far the dose of the very exercise is from what it was meant as, in sets: another number of them, slow for fast, another zone. */
function offMeant(context: Context, slot: Slot, column: ScoredGroup, sets: number): number {
  const off = Math.abs(sets - slot.sets);
  const variant = column.variants[0] as Variant;
  if (variant.id !== slot.variant) return off;
  const meaning = meaningOf(context, variant, column.group.choices[0] as Choice);
  return off + (meaning.fast === slot.fast ? 0 : 0.5) + (meaning.zone === slot.zone ? 0 : 0.25);
}

/** For each slot the offers that keep most of it, one an exercise, at the wanted dose or the nearest there is. */
function candidatesFor({ context, problem }: ProblemSetup, slot: Slot): Candidate[] {
  const best = new Map<string, Candidate & { off: number }>();
  problem.offers.forEach((column, offer) => {
    if (column.group.block !== slot.block) return;
    const id = problem.variants[offer] as string;
    const off = offMeant(context, slot, column, problem.sets[offer] as number);
    const known = best.get(id);
    if (known && known.off <= off) return;
    best.set(id, { offer, kept: known?.kept ?? keptBy(context, slot, column), off });
  });
  return [...best.values()].filter(({ kept }) => kept >= minKept).sort((a, b) => b.kept - a.kept || a.offer - b.offer);
}

interface HalfFilled {
  chosen: readonly (number | undefined)[];
  kept: number;
}

/** Fills the slots one after the other, the scarcest first, keeping the best ways open; families and limits of a session hold. */
function filled(problem: Problem, candidates: readonly (readonly Candidate[])[]): (number | undefined)[] {
  const order = candidates.map((_, s) => s).sort((a, b) => (candidates[a]?.length ?? 0) - (candidates[b]?.length ?? 0));
  // Pins and floors are of the one it was written for.
  const limits: Problem = { ...problem, pins: [], insisted: [] };
  let beam: HalfFilled[] = [{ chosen: candidates.map(() => undefined), kept: 0 }];
  for (const s of order) {
    const next: HalfFilled[] = [];
    for (const way of beam) {
      next.push(way);
      const total = totalOf(
        limits,
        way.chosen.filter((c) => c !== undefined),
      );
      for (const { offer, kept } of (candidates[s] ?? []).slice(0, offersEach)) {
        total.add(offer);
        if (total.brokenNow() === 0)
          next.push({ chosen: way.chosen.map((c, k) => (k === s ? offer : c)), kept: way.kept + kept });
        total.removeAt(total.chosen.length - 1);
      }
    }
    beam = next.sort((a, b) => b.kept - a.kept).slice(0, beamWidth);
  }
  return [...(beam[0] as HalfFilled).chosen];
}

/** Seconds over the minutes, the work done the quickest way. */
const secondsOver = (problem: Problem, offers: readonly number[]): number => totalOf(problem, offers).overNow();

/** Takes sets, then whole slots, where the least is lost for the time it gives, until the minutes are kept. */
function fitted(problem: Problem, start: (number | undefined)[], keptOf: (slot: number, offer: number) => number) {
  const chosen = [...start];
  for (;;) {
    const over = secondsOver(
      problem,
      chosen.filter((c) => c !== undefined),
    );
    if (over === 0) return chosen;
    let best: { slot: number; to: number | undefined; price: number } | undefined;
    chosen.forEach((offer, slot) => {
      if (offer === undefined) return;
      const fewer = (problem.siblings[offer] as readonly number[]).filter(
        (i) => (problem.sets[i] as number) < (problem.sets[offer] as number),
      );
      for (const to of [...fewer, undefined]) {
        const without = chosen.flatMap((c, k) => (k === slot ? (to ?? []) : (c ?? [])));
        const freed = over - secondsOver(problem, without);
        if (freed <= 0) continue;
        const share = to === undefined ? 1 : 1 - (problem.sets[to] as number) / (problem.sets[offer] as number);
        const price = (keptOf(slot, offer) * share) / freed;
        if (!best || price < best.price) best = { slot, to, price };
      }
    });
    if (!best) return chosen;
    chosen[best.slot] = best.to;
  }
}

/**
 * The same session for another athlete: every slot filled with what keeps most of its stimulus with this kit, room, level and these limits; the
 * item itself where that can be done, so that a squad trains together. `fixed` holds what the coach has corrected, by slot.
 */
export function adapted(
  prepared: ProblemSetup,
  slots: readonly Slot[],
  fixed: ReadonlyMap<number, string> = new Map(),
): Adapted {
  const { context, problem } = prepared;
  const all = slots.map((slot) => candidatesFor(prepared, slot));
  const offered = all.map((list, s) => {
    const wanted = fixed.get(s);
    if (wanted === undefined) return list;
    const held = list.filter(({ offer }) => problem.variants[offer] === wanted);
    return held.map((candidate) => ({ ...candidate, kept: candidate.kept + heldTo }));
  });
  const keptOf = (slot: number, offer: number) => {
    const id = problem.variants[offer];
    return all[slot]?.find((c) => problem.variants[c.offer] === id)?.kept ?? 0;
  };
  const chosen = fitted(problem, filled(problem, offered), (slot, offer) =>
    fixed.has(slot) ? keptOf(slot, offer) + heldTo : keptOf(slot, offer),
  );
  const idOf = (offer: number) => problem.variants[offer] as string;
  const result = slots.map((slot, s): Filled => {
    const offer = chosen[s];
    const others = (all[s] ?? []).slice(0, maxOthers).map((c) => ({ variant: idOf(c.offer), kept: c.kept }));
    if (offer === undefined) return { kept: 0, why: whyOpen(context, slot, all[s] ?? []), others };
    const share = Math.min(1, (problem.sets[offer] as number) / slot.sets);
    const kept = keptOf(s, offer) * (0.5 + 0.5 * share);
    const variant = idOf(offer);
    const why = variant === slot.variant ? fewerWords(problem, offer, slot) : whyOther(context, slot);
    const change = context.feasible.variant(variant)?.adapted?.say;
    return { variant, kept, ...(why ? { why } : {}), ...(change ? { change: change.join(' ') } : {}), others };
  });
  return {
    draft: {
      groups: assembled(
        prepared,
        chosen.filter((c) => c !== undefined),
      ),
    },
    slots: result,
    kept: result.reduce((sum, r) => sum + r.kept, 0) / Math.max(1, slots.length),
  };
}

function fewerWords({ sets }: Problem, offer: number, slot: Slot): string | undefined {
  const given = sets[offer] as number;
  return given < slot.sets ? `${given} of ${slot.sets} sets in the minutes there are.` : undefined;
}

/** Why the item that was meant cannot be done by this athlete here. */
function whyOther(context: Context, slot: Slot): string {
  const feasible = context.feasible.get(slot.variant);
  if (!feasible) return `${slot.name} is not known here.`;
  const season = seasonReason(feasible.variant, context.brief);
  return (
    feasible.reasons[0] ??
    season ??
    tooHardReason(context, feasible.variant) ??
    `${slot.name} is too heavy or does not fit in beside the rest.`
  );
}

function whyOpen(context: Context, slot: Slot, candidates: readonly Candidate[]): string {
  return candidates.length === 0 ? `Nothing of the kind: ${whyOther(context, slot)}` : 'No time left for it.';
}
