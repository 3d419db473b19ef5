import { blockKinds } from '../../exercise/model/vocabulary';
import { sessionTypeNames } from '../../session-type/session-type';
import type { Solver } from '../search/solver';
import type { ProblemSetup } from './problem-setup';
import { type Infeasibility, nameOf, pathOf, type RelaxedRule, wayOut } from './relaxed-rules';
import { longestSession, waysOut } from './ways-out';

/** Pins that cannot be kept here and now, each with its reasons. */
function impossiblePins({ context, problem, warmUp }: ProblemSetup): { id: string; why: string }[] {
  const offered = new Set(problem.variants);
  return context.brief.lock.include.flatMap((id) => {
    const reasons = context.feasible.get(id)?.reasons ?? [];
    if (reasons.length) return [{ id, why: reasons.join(' ') }];
    if (context.brief.lock.exclude.includes(id)) return [];
    return offered.has(id) || warmUp.offers(id)
      ? []
      : [{ id, why: 'Too heavy or too hard for this athlete and equipment.' }];
  });
}

/** A block that takes so much of the main work is what a type is about. */
const mainShare = 0.4;

/** A type that was chosen and that nothing here can fill: what it is about is not to be had with this kit, room and these restrictions. */
function impossibleType({ context, problem }: ProblemSetup): Infeasibility | undefined {
  const { type, frame } = context;
  if (!type.chosen) return undefined;
  const held = new Set(problem.offers.map(({ group }) => group.block));
  const bare = blockKinds.find((block) => (frame.share[block]?.[0] ?? 0) >= mainShare && !held.has(block));
  if (!bare) return undefined;
  const gives: RelaxedRule[] = [{ kind: 'type' }];
  return {
    reason: `${sessionTypeNames[type.type]} is about ${bare}, and nothing of it fits this sport, equipment, room and these restrictions.`,
    relax: gives.map(pathOf),
    ways: [wayOut(context, gives)],
  };
}

/** What is wrong before anything is searched for, or nothing. */
export function infeasibilityBefore(prepared: ProblemSetup): Infeasibility | undefined {
  const { context, problem } = prepared;
  const bad = impossiblePins(prepared);
  if (bad.length > 0) {
    const gives = bad.map(({ id }): RelaxedRule => ({ kind: 'pin', variant: id }));
    return {
      reason: bad.map(({ id, why }) => `${nameOf(context, id)} is pinned, but: ${why}`).join(' '),
      relax: gives.map(pathOf),
      ways: [wayOut(context, gives)],
    };
  }
  const both = context.brief.lock.include.filter((id) => context.brief.lock.exclude.includes(id));
  if (both.length > 0) {
    const names = both.map((id) => nameOf(context, id)).join(', ');
    const sets = (['pin', 'ban'] as const).map((kind) => both.map((variant): RelaxedRule => ({ kind, variant })));
    return {
      reason: `Pinned and excluded at the same time: ${names}.`,
      relax: (sets[0] as RelaxedRule[]).map(pathOf),
      ways: sets.map((gives) => wayOut(context, gives)),
    };
  }
  const impossible = impossibleType(prepared);
  if (impossible) return impossible;
  if (problem.offers.length === 0)
    return {
      reason: 'No main exercise fits this equipment, room and these restrictions.',
      relax: ['kit', 'athlete.restrictions'],
    };
  return undefined;
}

/** Why nothing fits, with the smallest sets of things that would have to give. */
export function infeasibilityAfter(
  prepared: ProblemSetup,
  solver: Solver,
): Infeasibility | { chosen: readonly number[] } {
  const { context } = prepared;
  const { brief } = context;
  const ways = waysOut(prepared, solver);
  if ('chosen' in ways) return ways;
  const [first] = ways.gives;
  const pins = brief.lock.include.length;
  const many = pins > 1 ? `The ${pins} pinned exercises do` : 'The requirements do';
  return {
    reason:
      pins === 0 && !brief.lock.floors?.length
        ? `${brief.minutes} minutes are not enough for a warm-up and one main exercise.`
        : `${many} not fit together into ${brief.minutes} minutes and the limits of a session.`,
    relax: (first ?? [{ kind: 'minutes', to: longestSession } as const]).map(pathOf),
    ways: ways.gives.map((gives) => wayOut(context, gives)),
  };
}
