import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import { solver } from '../../../test/solver';
import type { Restriction } from '../../athlete/athlete';
import { scaledBody } from '../../body/segments';
import { placedVariant } from '../../exercise/mechanics/placed';
import { type Region, regions } from '../../exercise/model/vocabulary';
import { reachOf } from '../../limits/adapt';
import { combined } from '../../limits/limit';
import { anglesOf } from '../../limits/movement-angles';
import type { RangeJoint } from '../../limits/rule';
import { verdictOf } from '../../limits/verdict';
import type { Brief } from '../brief/brief';
import { contextOf } from '../context/context';
import { choicesOf } from '../draft/draft';
import { setDose } from '../editing/edit';
import { planOf } from '../plan/plan';
import type { Plan } from '../plan/plan-types';
import { stepsOf } from '../player/steps';
import { compose } from './compose';

/** What stands in any home. */
const household: Brief['kit'] = {
  items: [
    { kind: 'chair' },
    { kind: 'towel' },
    { kind: 'cushion' },
    { kind: 'bottle', volumeL: 1.5, fill: 'water', count: 2 },
    { kind: 'rucksack', massKg: 6 },
  ],
  anchors: [],
  partner: false,
  room: { lengthM: 3, widthM: 2.5, ceilingM: 2.4, wall: true, stairs: false, slidingFloor: false, quiet: false },
};
const midline: ReadonlySet<Region> = new Set(['neck', 'upper-back', 'lower-back']);
const limit = (region: Region, more: Partial<Restriction> = {}): Restriction => ({
  region,
  ...(midline.has(region) ? {} : { side: 'left' }),
  severity: 'limit',
  ...more,
});

function restricted(restrictions: Restriction[], changes: Partial<Brief> = {}): Brief {
  const plain = plainBrief();
  return { ...plain, minutes: 20, kit: household, athlete: { ...plain.athlete, restrictions }, ...changes };
}

async function composed(brief: Brief) {
  const found = compose(brief, await solver, { gap: 0.02, mostNodes: 20 });
  if ('refused' in found) throw new Error(found.refused.reason);
  const context = contextOf(brief);
  return { context, draft: found.draft, plan: planOf(context, found.draft) };
}

const itemsOf = (plan: Plan) => plan.blocks.flatMap((b) => b.items);

describe('a session round a restriction', () => {
  it.each(regions)('%s: twenty minutes with what is in any home', async (region) => {
    const { context, draft, plan } = await composed(restricted([limit(region)]));
    expect(plan.checks.filter((c) => c.status === 'stop')).toEqual([]);
    expect(plan.minutes.planned).toBeGreaterThan(14);
    expect(plan.limits?.[0]?.told).toBeTruthy();
    for (const { variant: id } of choicesOf(draft)) {
      const found = context.feasible.get(id);
      expect(found?.limit.verdict, id).not.toBe('not');
      if (found?.limit.verdict !== 'adapted') continue;
      expect(found.variant.adapted?.say.length, id).toBeGreaterThan(0);
      const angles = anglesOf(placedVariant(found.variant, scaledBody(context.brief.athlete)));
      for (const [joint, to] of Object.entries(combined(found.limit.changes).range) as [RangeJoint, number][])
        expect(reachOf(angles, joint), `${id} ${joint}`).toBeLessThanOrEqual(to + 1);
    }
  });

  it('moves nothing fast on a limited leg, and nothing near its maximum', async () => {
    const { plan } = await composed(
      restricted([limit('knee', { cause: 'post-operative-late' })], { aim: 'strength', minutes: 40 }),
    );
    for (const item of itemsOf(plan)) {
      expect(item.impactContacts, item.name).toBe(0);
      // The sound side trains as usual.
      if (item.regions.includes('knee') && !item.side) {
        expect(item.tempo ?? '', item.name).not.toContain('X');
        expect(item.intensity?.percentOfMax ?? 0, item.name).toBeLessThanOrEqual(0.7);
      }
    }
  });

  it('where the aim is to come back, the ladder of the part has its place', async () => {
    const { plan } = await composed(restricted([limit('groin', { cause: 'muscle-strain' })], { aim: 'return' }));
    expect(itemsOf(plan).some((i) => i.guards?.some((g) => g.need === 'return-groin'))).toBe(true);
  });

  it('the other side trains alone, and is logged as that side', async () => {
    const brief = restricted([limit('ankle')]);
    const pinned = { ...brief, lock: { ...brief.lock, include: ['single-leg-hinge'] } };
    const { draft, plan } = await composed(pinned);
    const item = itemsOf(plan).find((i) => i.variant === 'single-leg-hinge');
    expect(item).toMatchObject({ side: 'right', perSide: false });
    const sides = stepsOf(plan).flatMap((s) => (s.kind === 'work' && s.item === item ? [s.side] : []));
    expect(new Set(sides)).toEqual(new Set(['right']));
    // A dose for both sides, typed by hand, does not pass.
    const at = {
      group: draft.groups.findIndex((g) => g.choices.some((c) => c.variant === 'single-leg-hinge')),
      choice: 0,
    };
    at.choice = draft.groups[at.group]?.choices.findIndex((c) => c.variant === 'single-leg-hinge') ?? 0;
    const choice = draft.groups[at.group]?.choices[at.choice];
    if (!choice) throw new Error('not there');
    const both = setDose(draft, at, { ...choice.dose, perSide: true });
    const stopped = planOf(contextOf(pinned), both).checks.find((c) => c.id === 'restrictions');
    expect(stopped).toMatchObject({ status: 'stop' });
    expect(stopped?.text).toContain('right side');
  });

  it('a load beyond the ceiling is stopped, whoever typed it', async () => {
    const heavy = { kind: 'dumbbell', massKg: 40, count: 2 } as const;
    const brief = restricted([limit('knee')], {
      kit: { ...household, items: [...household.items, heavy] },
      lock: { include: ['goblet-squat'], exclude: [] },
    });
    const { draft, plan } = await composed(brief);
    expect(plan.checks.find((c) => c.id === 'restrictions')?.status).toBe('ok');
    const loaded = {
      groups: draft.groups.map((group) => ({
        ...group,
        choices: group.choices.map((choice) =>
          choice.variant === 'goblet-squat' ? { ...choice, load: { kg: 40, with: 'dumbbell 40 kg' } } : choice,
        ),
      })),
    };
    const stopped = planOf(contextOf(brief), loaded).checks.find((c) => c.id === 'restrictions');
    expect(stopped?.status).toBe('stop');
    expect(stopped?.text).toContain('% with this restriction');
  });

  it('what is forbidden stays forbidden when it is pinned', async () => {
    const brief = restricted([limit('knee')]);
    const found = compose({ ...brief, lock: { ...brief.lock, include: ['reverse-lunge'] } }, await solver);
    expect('refused' in found && found.refused.reason).toContain('Left knee, limit');
  });

  it('pain of today counts for today, and a concussion is rest', async () => {
    const sore = restricted([]);
    const athlete = {
      ...sore.athlete,
      readiness: { pain: [{ region: 'shoulder' as const, side: 'right' as const, score: 4 }] },
    };
    const { context, plan } = await composed({ ...sore, athlete });
    expect(context.feasible.get('push-up-fast')?.limit.verdict).toBe('not');
    expect(plan.limits?.[0]).toMatchObject({ part: 'right shoulder', painAtMost: 3 });
    const found = compose(restricted([limit('neck', { severity: 'avoid', cause: 'concussion' })]), await solver);
    expect('refused' in found && found.refused.reason).toContain('Concussion');
  });

  it('two restrictions are both kept', async () => {
    const both = [limit('knee'), limit('shoulder')];
    const { context, draft } = await composed(restricted(both));
    for (const { variant } of choicesOf(draft))
      for (const standing of context.feasible.standings) {
        const found = context.catalogue.byId(variant);
        expect(found && verdictOf(found, standing).kind, variant).not.toBe('not');
      }
  });
});
