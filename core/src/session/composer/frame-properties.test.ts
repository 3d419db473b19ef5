import { describe, expect, it } from 'vitest';
import { sampledBrief } from '../../../test/session-sample';
import { solver } from '../../../test/solver';
import { preparingBlocks } from '../../exercise/model/vocabulary';
import { planOf } from '../plan/plan';
import type { Plan } from '../plan/plan-types';
import { begin, composedOf } from './compose';

/** Briefs looked at; `SESSIONS=400` looks at more. */
const sample = Number(process.env.SESSIONS ?? 36);
/** What a block may miss its share by before the check that says so. */
const noticed = 0.061;

const items = (plan: Plan) =>
  plan.blocks.flatMap((block) =>
    block.items.map((item) => ({ block, item, main: !preparingBlocks.has(block.kind as never) })),
  );

/** Seconds between two sets of an item. */
function gap({ block, item }: ReturnType<typeof items>[number]): number {
  if (block.format === 'straight') return item.restSeconds;
  const round = block.items.reduce((sum, i) => sum + i.seconds, 0) / block.rounds + block.restSeconds;
  return round - item.seconds / item.sets + item.restSeconds;
}

describe(`${sample} sessions over sports, aims, kits and lengths`, () => {
  it('keep the frame of their type or say why not, rest as the quality asks, and hold no drill of another sport', async () => {
    const highs = await solver;
    let composed = 0;
    const said: Record<string, number> = {};
    for (let seed = 1; seed <= sample; seed++) {
      const begun = begin(sampledBrief(seed), highs);
      if ('refused' in begun) continue;
      composed++;
      const { context } = begun;
      const plan = planOf(context, composedOf(begun).draft);
      const { brief, sport, type, frame, own, catalogue } = context;
      const what = `seed ${seed}: ${sport.id} ${brief.aim} ${type.type} ${brief.minutes} min`;
      const checks = new Set(plan.checks.map(({ id }) => id));
      expect(plan.minutes.planned, what).toBeLessThanOrEqual(brief.minutes + 0.05);
      for (const { block, least, most, given } of plan.frame ?? [])
        if (given < least - noticed || given > most + noticed) {
          expect(checks, what).toContain(`frame.${block}`);
          said[type.type] = (said[type.type] ?? 0) + 1;
        }
      for (const place of context.places)
        if (place.group?.must) {
          const there = items(plan).some(({ block, item }) => {
            const variant = context.feasible.variant(item.variant);
            return (
              variant && place.serves(variant, block.kind as never) > 0 && !preparingBlocks.has(block.kind as never)
            );
          });
          if (!there) expect(checks, `${what} ${place.name}`).toContain(`frame.${place.id}`);
        }
      for (const at of items(plan)) {
        const variant = catalogue.byId(at.item.variant);
        if (!variant) throw new Error(at.item.variant);
        expect(context.feasible.get(variant.id)?.reasons, `${what} ${variant.id}`).toEqual([]);
        if (!at.main) continue;
        if (variant.sports.length > 0 && !own.has(variant.id)) expect(variant.sports, what).toContain(sport.id);
        if (variant.standing === 0)
          expect(own.has(variant.id) || variant.sports.includes(sport.id), `${what} ${variant.id}`).toBe(true);
        expect(frame.share[at.block.kind as never], `${what} ${at.block.kind}`).toBeDefined();
        if (at.item.sets < 2) continue;
        const share = at.item.intensity?.percentOfMax ?? 0;
        if (at.block.kind === 'power') expect(gap(at), `${what} ${variant.id}`).toBeGreaterThanOrEqual(30);
        if (at.block.kind === 'strength' && at.item.reps && share >= 0.85 && brief.aim === 'strength')
          expect(gap(at), `${what} ${variant.id}`).toBeGreaterThanOrEqual(60);
      }
    }
    console.info(`${composed} of ${sample} composed; shares missed and said: ${JSON.stringify(said)}`);
    expect(composed).toBeGreaterThan(0.9 * sample);
  }, 1_500_000);
});
