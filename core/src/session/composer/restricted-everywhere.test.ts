import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import { randomBrief } from '../../../test/random-briefs';
import { solver } from '../../../test/solver';
import type { Restriction } from '../../athlete/athlete';
import { seeded } from '../../common/seeded-random';
import { type Region, regions } from '../../exercise/model/vocabulary';
import { causes } from '../../limits/causes';
import { blockOrder } from '../context/block-bounds';
import type { Context } from '../context/context';
import { choicesOf, type Draft } from '../draft/draft';
import { swap } from '../editing/edit';
import { progressed } from '../editing/repeat-session';
import { additionOf, additionsTo, alternativesTo, answersTo } from '../editing/substitutes';
import { planOf } from '../plan/plan';
import { slotsOf } from '../squad/slots';
import { adapted } from '../squad/squad';
import { type Begun, begin, composedOf } from './compose';

const briefs = 24;
const midline: ReadonlySet<Region> = new Set(['neck', 'upper-back', 'lower-back']);

/** One or two restrictions of any sort, the same for the same seed; a concussion that is to be avoided has no session. */
function someRestrictions(seed: number): Restriction[] {
  const random = seeded(seed);
  const one = <T>(list: readonly T[]) => list[Math.floor(random() * list.length)] as T;
  return Array.from({ length: random() < 0.5 ? 1 : 2 }, (): Restriction => {
    const region = one(regions);
    const severity = random() < 0.75 ? 'limit' : 'avoid';
    const cause = one(causes.filter((c) => c !== 'concussion' || severity === 'limit'));
    return { region, severity, cause, ...(midline.has(region) ? {} : { side: one(['left', 'right'] as const) }) };
  });
}

const restricted = (seed: number) => {
  const brief = randomBrief(seed);
  return {
    ...brief,
    minutes: Math.max(20, brief.minutes),
    athlete: { ...brief.athlete, restrictions: someRestrictions(seed) },
  };
};

/** Nothing forbidden stands in a draft, and what is only allowed with a change is changed. */
function keepsRestrictions(context: Context, draft: Draft): void {
  const plan = planOf(context, draft);
  expect(plan.checks.filter((c) => c.id === 'restrictions' && c.status !== 'ok').map((c) => c.text)).toEqual([]);
  for (const item of plan.blocks.flatMap((b) => b.items)) {
    const { limit, variant } = context.feasible.get(item.variant) ?? {};
    expect(limit?.verdict, item.variant).not.toBe('not');
    if (limit?.verdict !== 'adapted') continue;
    expect(item.adapt, item.variant).toEqual(variant?.adapted?.say);
    expect(item.side, item.variant).toBe(variant?.adapted?.onlySide);
    expect(item.side !== undefined && item.perSide, item.variant).toBe(false);
  }
}

function variantsOffered(context: Context, draft: Draft): void {
  const order = blockOrder(context.brief.houseRules.explosive);
  const at = { group: Math.floor(draft.groups.length / 2), choice: 0 };
  for (const { choice } of alternativesTo(context, draft, at).slice(0, 6))
    keepsRestrictions(context, swap(draft, at, choice));
  const offered = [
    ...additionsTo(context, draft, 'strength', order),
    ...context.demands.slice(0, 3).flatMap((demand) => answersTo(context, draft, demand.id, order, 3)),
  ];
  for (const { variant } of offered)
    expect(context.feasible.get(variant.id)?.limit.verdict, variant.id).not.toBe('not');
  for (const { variant, limit } of context.feasible
    .all()
    .filter((f) => f.limit.verdict === 'not')
    .slice(0, 20))
    expect(additionOf(context, draft, variant.id, order), variant.id).toMatchObject({
      reasons: expect.arrayContaining([...limit.why]),
    });
}

describe('restrictions are kept by every way a session comes about', () => {
  it.each(Array.from({ length: briefs }, (_, i) => i + 1))(
    'brief %i: composed, swapped, added to, progressed, fitted to',
    async (seed) => {
      const begun: Begun | { refused: { reason: string; relax: readonly string[] } } = begin(
        restricted(seed),
        await solver,
      );
      if ('refused' in begun) {
        expect(begun.refused.reason.length).toBeGreaterThan(10);
        expect(begun.refused.relax.length).toBeGreaterThan(0);
        return;
      }
      const { context } = begun;
      const { draft } = composedOf(begun);
      keepsRestrictions(context, draft);
      variantsOffered(context, draft);

      const prepared = begun.ways[0]?.prepared;
      if (!prepared) throw new Error('nothing was prepared');
      // Everything one rung up, and the session of somebody sound, for this athlete.
      const slots = slotsOf(context, draft);
      const up = progressed(slots, new Map(choicesOf(draft).map((c) => [c.variant, 'up'])), context.catalogue);
      keepsRestrictions(context, adapted(prepared, up).draft);
      const sound = begin(plainBrief({ minutes: 30 }), await solver);
      if ('refused' in sound) throw new Error(sound.refused.reason);
      keepsRestrictions(context, adapted(prepared, slotsOf(sound.context, composedOf(sound).draft)).draft);
    },
  );
});
