import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import type { PerformanceRecord } from '../../athlete/performance-record';
import type { Interval } from '../../capacity/interval';
import { printDose } from '../../dose/notation';
import { catalogueOf } from '../../exercise/catalogue/catalogue';
import { variantById } from '../../exercise/library/library';
import { type CustomExercise, copyAsCustom } from '../../exercise/model/custom-exercise';
import type { Variant } from '../../exercise/model/variant';
import type { Brief } from '../brief/brief';
import { offersOf } from '../composer/candidates';
import { blockBounds } from '../context/block-bounds';
import { contextOf } from '../context/context';
import { planOf } from '../plan/plan';
import { isNewTo } from './novelty';
import { prescribe } from './prescription';

const variant = (id: string) => variantById(id) as Variant;
const shown = (id: string, on = '2026-12-01'): PerformanceRecord => ({
  on,
  variant: id,
  side: 'both',
  counts: 'repetitions',
  from: 'session',
  sets: [{ amount: 8, reserve: 2 }],
});
function briefWith(list: PerformanceRecord[], recent: Brief['season']['recent'] = []): Brief {
  const brief = plainBrief();
  return { ...brief, athlete: { ...brief.athlete, shown: list }, season: { ...brief.season, recent } };
}

describe('a movement that is new to somebody', () => {
  it('is one whose family is not on record, where anything is', () => {
    expect(isNewTo(variant('split-squat'), briefWith([]))).toBe(false);
    expect(isNewTo(variant('split-squat'), briefWith([shown('push-up')]))).toBe(true);
    expect(isNewTo(variant('rear-foot-raised-split-squat'), briefWith([shown('split-squat')]))).toBe(false);
    expect(isNewTo(variant('split-squat'), briefWith([shown('push-up'), shown('split-squat', '2026-05-01')]))).toBe(
      true,
    );
    const planned = briefWith([], [{ date: '2026-12-05', items: [{ variant: 'split-squat', sets: 3 }] }]);
    expect([isNewTo(variant('split-squat'), planned), isNewTo(variant('push-up'), planned)]).toEqual([false, true]);
  });

  it("is learnt from a club's own exercise as from any other, which then is new no more", () => {
    const press: CustomExercise = {
      ...copyAsCustom(variant('overhead-press'), 'bottle-press', printDose(variant('overhead-press').dose)),
      name: 'Bottle press',
    };
    const before = { ...briefWith([shown('push-up')]), own: [press] };
    const eight = { ...shown('bottle-press'), loadKg: 8, sets: [{ amount: 8, reserve: 0 }] };
    const after = { ...briefWith([shown('push-up'), eight]), own: [press] };
    const own = catalogueOf([press]).byId('bottle-press') as Variant;
    expect([isNewTo(own, before), isNewTo(own, after)]).toEqual([true, false]);
    const width = (brief: Brief, of: Variant) => {
      const between: Interval | undefined = contextOf(brief).capacity.effort(of, { loadKg: 8 })?.between;
      return between ? Math.log(between.high / between.low) : Infinity;
    };
    expect(width(after, own)).toBeLessThan(0.8 * width(before, own));
    expect(width(after, variant('overhead-press'))).toBeLessThan(width(before, variant('overhead-press')));
    expect(contextOf(after).capacity.effort(own, { loadKg: 8 })?.share).toBeGreaterThan(
      contextOf(before).capacity.effort(own, { loadKg: 8 })?.share ?? 1,
    );
  });

  it('comes in two sets at the most, lighter and further from failure', () => {
    const doses = (brief: Brief) => {
      const context = contextOf(brief);
      return offersOf(context, blockBounds(context.frame, context.brief), { format: 'pairs' })
        .filter((c) => c.group.block === 'strength' && c.variants[0]?.id === 'rear-foot-raised-split-squat')
        .map((c) => c.group.choices[0]?.dose.sets ?? 0);
    };
    expect(Math.max(...doses(briefWith([shown('push-up')])))).toBe(2);
    expect(Math.max(...doses(briefWith([shown('split-squat')])))).toBe(3);
    const hinge = (list: PerformanceRecord[]) => {
      const context = contextOf(briefWith(list));
      const heavy = {
        ...context.brief,
        kit: {
          ...context.brief.kit,
          items: [10, 20, 30, 40, 50, 60].map((massKg) => ({ kind: 'kettlebell' as const, massKg })),
        },
      };
      const feasible = contextOf(heavy).feasible.get('hinge-lift');
      return feasible && prescribe(feasible, 'strength', 2, heavy, context.capacity);
    };
    const [unknown, known] = [hinge([shown('push-up')]), hinge([{ ...shown('hinge-lift'), loadKg: 40 }])];
    expect(unknown?.effort?.share).toBeLessThanOrEqual(0.67);
    expect(known?.effort?.share).toBeGreaterThan(unknown?.effort?.share ?? 1);
  });
});

describe('checks of the week', () => {
  const planWith = (recent: Brief['season']['recent'], aim: Brief['aim'] = 'hold', variantId = 'split-squat') => {
    const context = contextOf({ ...briefWith([], recent), aim });
    const feasible = context.feasible.get(variantId);
    const made = feasible && prescribe(feasible, 'strength', 3, context.brief, context.capacity);
    if (!made) throw new Error('not prescribed');
    const group = {
      block: 'strength' as const,
      format: 'straight' as const,
      roundRestSeconds: 0,
      choices: [made.choice],
    };
    return planOf(context, { groups: [group] }).checks;
  };
  const status = (checks: ReturnType<typeof planWith>, id: string) => checks.find((c) => c.id === id)?.status;

  it('add up what was done in seven days, and warn of too many heavy sets on a region', () => {
    const high = variant('nordic-lowering').regions.some((r) => r.high);
    expect(high).toBe(true);
    const days = ['2026-12-03', '2026-12-05', '2026-12-07', '2026-12-08'];
    const heavy = days.map((date) => ({ date, items: [{ variant: 'nordic-lowering', sets: 7 }] }));
    expect(status(planWith(heavy), 'week')).toBe('warn');
    expect(status(planWith(heavy.slice(0, 1)), 'week')).toBe('ok');
    expect(status(planWith([]), 'week')).toBeUndefined();
  });

  it('say so when strength is the aim and nothing is heavy enough to be called that', () => {
    expect(status(planWith([], 'strength', 'squat'), 'zone')).toBe('warn');
    expect(status(planWith([], 'hold', 'squat'), 'zone')).toBeUndefined();
  });
});
