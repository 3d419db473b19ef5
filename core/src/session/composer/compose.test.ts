import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { exampleBrief, plainBrief } from '../../../test/briefs';
import { solver } from '../../../test/solver';
import { variantById } from '../../exercise/library/library';
import { kitKinds, levels } from '../../exercise/model/vocabulary';
import { aims, phases } from '../../session-type/aims-and-phases';
import type { Brief } from '../brief/brief';
import { blockOrder } from '../context/block-bounds';
import { contextOf } from '../context/context';
import { coverage } from '../context/demands';
import { choicesOf, type Draft } from '../draft/draft';
import { onceOf } from '../draft/once';
import { planOf } from '../plan/plan';
import { scoreOfDraft } from '../scoring/score';
import { groupSeconds } from '../scoring/scored-group';
import { compose } from './compose';

async function composed(brief: Brief) {
  const composition = compose(brief, await solver);
  if ('refused' in composition) throw new Error(composition.refused.reason);
  return { ...composition, plan: planOf(contextOf(brief), composition.draft, composition.proof) };
}

async function refusal(brief: Brief) {
  const composition = compose(brief, await solver);
  if (!('refused' in composition)) throw new Error('was not refused');
  return composition.refused;
}

const variantsOf = (draft: Draft) =>
  choicesOf(draft)
    .map((c) => variantById(c.variant))
    .filter((v) => v !== undefined);

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

describe('what is refused', () => {
  it('nobody who is ill trains: rest, and when to look again', async () => {
    const brief = plainBrief();
    const refused = await refusal({ ...brief, athlete: { ...brief.athlete, readiness: { ill: true } } });
    expect(refused.reason).toContain('2026-12-11');
  });

  it('nobody with pain above 5 trains', async () => {
    const brief = plainBrief();
    const refused = await refusal({
      ...brief,
      athlete: { ...brief.athlete, readiness: { pain: [{ region: 'knee', score: 6 }] } },
    });
    expect(refused.reason).toContain('clinician');
  });

  it.each([
    ['without the kit', 'pull-up', {}],
    ['against a restriction', 'squat', { restrictions: [{ region: 'knee' as const, severity: 'avoid' as const }] }],
  ])('a pin %s names the pin to let go', async (_, id, athlete) => {
    const brief = plainBrief();
    const refused = await refusal({
      ...brief,
      athlete: { ...brief.athlete, ...athlete },
      lock: { include: [id], exclude: [] },
    });
    expect(refused.relax).toEqual([`lock.include: ${id}`]);
    expect(refused.reason).toContain('is pinned, but');
  });

  it('too few minutes for the pins ask for more minutes', async () => {
    const refused = await refusal(
      plainBrief({
        minutes: 5,
        lock: { include: ['push-up', 'squat', 'bent-row', 'hinge-lift', 'side-plank'], exclude: [] },
      }),
    );
    expect(refused.relax).toContain('minutes');
  });

  it('an empty kit and a small room still give a session', async () => {
    const { plan } = await composed(
      plainBrief({
        kit: {
          items: [],
          anchors: [],
          partner: false,
          room: { lengthM: 2, widthM: 1.5, ceilingM: 2.4, wall: true, stairs: false, slidingFloor: false, quiet: true },
        },
      }),
    );
    expect(plan.blocks.flatMap((b) => b.items).length).toBeGreaterThanOrEqual(6);
  });
});

describe('the coach is held to', () => {
  it('what is excluded stays out and what is pinned with a dose keeps it', async () => {
    const brief = plainBrief({
      lock: { include: ['push-up'], exclude: ['bent-row'], doses: { 'push-up': '4x6 3-1-1 r60' } },
    });
    const { draft } = await composed(brief);
    const ids = variantsOf(draft).map((v) => v.id);
    expect(ids).not.toContain('bent-row');
    const pinned = choicesOf(draft).find((c) => c.variant === 'push-up');
    expect(pinned).toMatchObject({ pinned: true, dose: { sets: 4, work: { kind: 'reps', reps: 6 } } });
  });

  it('closing power work comes last before the cool-down', async () => {
    const brief = plainBrief({ aim: 'power' });
    const { plan } = await composed({ ...brief, houseRules: { ...brief.houseRules, explosive: 'closing' } });
    const kinds = plan.blocks.map((b) => b.kind);
    expect(kinds.lastIndexOf('power')).toBeGreaterThan(kinds.lastIndexOf('trunk'));
  });

  it('straight sets pair nothing, circuits go round together', async () => {
    const brief = plainBrief();
    const straight = await composed({ ...brief, houseRules: { ...brief.houseRules, format: 'straight' } });
    expect(straight.draft.groups.every((g) => g.choices.length === 1)).toBe(true);
    const circuits = await composed({ ...brief, houseRules: { ...brief.houseRules, format: 'circuits' } });
    expect(circuits.draft.groups.some((g) => g.format === 'circuits' && g.choices.length >= 2)).toBe(true);
  });

  it('no work that makes sore stands in the 72 hours before a fixture', async () => {
    const { draft } = await composed(plainBrief({ season: { phase: 'in-season', nextFixture: '2026-12-11' } }));
    const sore = variantsOf(draft).filter(
      (v) =>
        v.regions.some((r) => r.high) && v.speed === 'slow' && v.jointActions.some((a) => a.regime === 'lengthening'),
    );
    expect(sore.map((v) => v.id)).toEqual([]);
  });

  it('with two light dumbbells no two-legged leg item of an advanced athlete is called strength', async () => {
    const brief = plainBrief();
    const { plan } = await composed({
      ...brief,
      athlete: { ...brief.athlete, level: 'advanced', massKg: 82, heightCm: 184, sex: 'male' },
    });
    for (const item of plan.blocks.flatMap((b) => b.items)) {
      const variant = variantById(item.variant);
      const twoLegged =
        variant?.position === 'both-feet' &&
        (variant.pattern === 'knee-dominant' || variant.pattern === 'hip-dominant');
      if (twoLegged) expect(item.intensity?.zone).not.toBe('strength');
    }
  });
});
