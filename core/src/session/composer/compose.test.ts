import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { exampleBrief, plainBrief } from '../../../test/briefs';
import { composed, variantsOf } from '../../../test/composed';
import { solver } from '../../../test/solver';
import { kitKinds, levels } from '../../exercise/model/vocabulary';
import { aims, phases } from '../../session-type/aims-and-phases';
import { blockOrder } from '../context/block-bounds';
import { contextOf } from '../context/context';
import { coverage } from '../context/demands';
import { onceOf } from '../draft/once';
import { planOf } from '../plan/plan';
import { scoreOfDraft } from '../scoring/score';
import { groupSeconds } from '../scoring/scored-group';
import { compose } from './compose';

describe('composing the example brief', () => {
  it('fills 30 minutes with the pinned item, in order, within 5 % of the best', async () => {
    const { plan, draft, proof } = await composed(exampleBrief());
    expect(plan.minutes.planned).toBeGreaterThan(24);
    expect(plan.minutes.planned).toBeLessThanOrEqual(30);
    expect(proof.gap).toBeLessThanOrEqual(0.05);
    expect(variantsOf(draft).map((v) => v.id)).toContain('hip-thrust');
    const order = plan.blocks.map((b) => blockOrder('first').indexOf(b.kind as never));
    expect([...order].sort((a, b) => a - b)).toEqual(order);
  });

  it('keeps the limited knee from landings', async () => {
    const { plan } = await composed(exampleBrief());
    expect(plan.blocks.flatMap((b) => b.items).filter((i) => i.impactContacts > 0)).toEqual([]);
    expect(plan.checks.find((c) => c.id === 'restrictions')?.status).toBe('ok');
  });

  it('adds up: items and round rests are the planned time', async () => {
    const { plan, draft } = await composed(exampleBrief());
    const fromPlan = plan.blocks.reduce(
      (s, b) => s + b.rounds * b.restSeconds + b.items.reduce((t, i) => t + i.seconds, 0),
      0,
    );
    const fromDraft = draft.groups.reduce((s, g) => s + groupSeconds(g), 0);
    expect(fromPlan).toBeCloseTo(fromDraft, 6);
    expect(Math.abs(fromPlan / 60 - plan.minutes.planned)).toBeLessThan(0.06);
  });

  it('is the same again, and with every list in another order', async () => {
    const brief = exampleBrief();
    const first = await composed(brief);
    expect((await composed(brief)).draft).toEqual(first.draft);
    const turned = {
      ...brief,
      kit: { ...brief.kit, items: [...brief.kit.items].reverse(), anchors: [...brief.kit.anchors].reverse() },
    };
    expect((await composed(turned)).draft).toEqual(first.draft);
  });

  it('gives every item a reason with a number or a purpose, and what to look for', async () => {
    const { plan } = await composed(exampleBrief());
    for (const item of plan.blocks.flatMap((b) => b.items)) {
      expect(item.reason.length).toBeGreaterThan(20);
      expect(item.cues.length).toBeGreaterThanOrEqual(2);
      expect(item.faults.length).toBeGreaterThan(0);
    }
  });

  it('shares of what serves an action sum to one over the session', async () => {
    const { plan } = await composed(exampleBrief());
    const items = plan.blocks.flatMap((b) => b.items);
    const takeOff = items.reduce(
      (s, i) => s + (i.serves.find((x) => x.action === 'jump-shot-take-off')?.share ?? 0),
      0,
    );
    expect(Math.abs(takeOff - 1)).toBeLessThan(0.06);
  });
});

describe('coverage', () => {
  it('grows with diminishing returns', () => {
    const gains = [0, 1, 2, 3, 4, 5].map((d) => coverage(d + 1) - coverage(d));
    expect([...gains].sort((a, b) => b - a)).toEqual(gains);
    expect(coverage(0)).toBe(0);
    expect(coverage(100)).toBeLessThan(1);
  });
});

describe('every composed session', () => {
  const room = fc.record({
    lengthM: fc.double({ min: 2, max: 5, noNaN: true }),
    widthM: fc.double({ min: 1.5, max: 4, noNaN: true }),
    ceilingM: fc.double({ min: 2.2, max: 3, noNaN: true }),
    wall: fc.boolean(),
    stairs: fc.boolean(),
    slidingFloor: fc.boolean(),
    quiet: fc.boolean(),
  });
  const brief = fc
    .record({
      minutes: fc.integer({ min: 10, max: 60 }),
      aim: fc.constantFrom(...aims),
      level: fc.constantFrom(...levels),
      sex: fc.constantFrom('female' as const, 'male' as const),
      heightCm: fc.integer({ min: 150, max: 200 }),
      items: fc.array(
        fc.record({
          kind: fc.constantFrom(...kitKinds),
          massKg: fc.integer({ min: 2, max: 24 }),
          count: fc.integer({ min: 1, max: 2 }),
        }),
        { maxLength: 6 },
      ),
      room,
      phase: fc.constantFrom(...phases),
      limited: fc.option(fc.constantFrom('knee' as const, 'shoulder' as const, 'lower-back' as const), {
        nil: undefined,
      }),
      format: fc.constantFrom('straight' as const, 'pairs' as const, 'circuits' as const),
      sport: fc.constantFrom(
        { id: 'handball', role: 'pivot' },
        { id: 'handball', role: 'goalkeeper' },
        { id: 'sprint-canoe', role: 'kayak' },
      ),
      born: fc.constantFrom('1990-01-01', '2005-06-01', '2011-03-03'),
    })
    .map(({ minutes, aim, level, sex, heightCm, items, room: r, phase, limited, format, sport, born }) =>
      plainBrief({
        minutes,
        aim,
        sport,
        athlete: {
          heightCm,
          massKg: 45 + (heightCm - 150),
          born,
          level,
          sex,
          ...(limited ? { restrictions: [{ region: limited, severity: 'limit' }] } : {}),
        },
        kit: { items, anchors: ['door-mid', 'feet'], partner: false, room: r },
        season: { phase },
        houseRules: { ...plainBrief().houseRules, format },
      }),
    );

  it('keeps time, kit, families, restrictions and its own bound', async () => {
    const highs = await solver;
    fc.assert(
      fc.property(brief, (b) => {
        const composition = compose(b, highs, { gap: 0.01, mostNodes: 30 });
        if ('refused' in composition) {
          expect(composition.refused.relax.length).toBeGreaterThan(0);
          return;
        }
        const { draft, proof } = composition;
        const context = contextOf(b);
        const plan = planOf(context, draft, proof);
        expect(plan.minutes.planned).toBeLessThanOrEqual(b.minutes + 0.05);
        // One of a family a pattern; drills and stretches are each their own.
        const families = variantsOf(draft).map(onceOf);
        expect(new Set(families).size).toBe(families.length);
        for (const v of variantsOf(draft)) expect(context.feasible.get(v.id)?.reasons, v.id).toEqual([]);
        expect(plan.checks.filter((c) => c.status === 'stop')).toEqual([]);
        expect(scoreOfDraft(context, draft)).toBeLessThanOrEqual(proof.bound + 1e-6);
      }),
      { numRuns: 25, seed: 20261209 },
    );
  });
});
