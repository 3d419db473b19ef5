import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import { effortOf } from '../../capacity/capacity-of';
import { setSeconds } from '../../dose/time';
import { variantById } from '../../exercise/library/library';
import type { Variant } from '../../exercise/model/variant';
import type { Brief } from '../brief/brief';
import { blockBounds } from '../context/block-bounds';
import { contextOf } from '../context/context';
import { leftOfEasy, stimulus } from '../context/demands';
import type { Choice } from '../draft/draft';
import { prescriptions } from '../prescription/prescription';
import { jointsToReady } from '../scoring/joint-load';
import type { ScoredGroup } from '../scoring/scored-group';
import { offersOf } from './candidates';

const variant = (id: string) => variantById(id) as Variant;
const athlete = plainBrief().athlete;

describe('strength work far below the athlete', () => {
  const left = (id: string, changes: Partial<Brief> = {}) => {
    const { brief, capacity } = contextOf(plainBrief(changes));
    const { share } = effortOf(capacity, variant(id));
    return leftOfEasy(variant(id), share, brief);
  };

  it('counts for less the easier it is, work near the most for all of it', () => {
    expect(left('bridge')).toBeLessThan(0.6);
    expect(left('wall-push-up')).toBeLessThan(0.9);
    expect(left('pike-lean-hold')).toBeLessThan(0.9);
    expect(left('push-up')).toBe(1);
  });

  it('counts fully for who begins, comes back or learns', () => {
    expect(left('wall-push-up', { athlete: { ...athlete, level: 'new' } })).toBe(1);
    expect(left('wall-push-up', { aim: 'return' })).toBe(1);
    expect(left('wall-push-up', { season: { phase: 'return' } })).toBe(1);
    expect(left('wall-push-up', { aim: 'learn' })).toBe(1);
  });

  it('gives less to every need than a higher rung of its ladder', () => {
    const context = contextOf(plainBrief());
    const offers = offersOf(context, blockBounds(context.frame, context.brief), { format: 'straight' });
    const given = (id: string) => {
      const offer = offers.find((o) => o.variants[0]?.id === id && o.group.block === 'strength');
      return offer?.gives.reduce((sum, g) => sum + g, 0) ?? 0;
    };
    expect(given('wall-push-up')).toBeGreaterThan(0);
    expect(given('push-up')).toBeGreaterThan(1.5 * given('wall-push-up'));
  });
});

describe('an exercise with several loads to choose from', () => {
  const items: Brief['kit']['items'] = [
    { kind: 'dumbbell', massKg: 7.5, count: 2 },
    { kind: 'kettlebell', massKg: 16 },
    { kind: 'barbell', massKg: 60 },
  ];
  const context = contextOf(plainBrief({ aim: 'strength', kit: { ...plainBrief().kit, items } }));
  const offers = offersOf(context, blockBounds(context.frame, context.brief), { format: 'pairs' });
  const kgOf = (offer: ScoredGroup) => offer.group.choices[0]?.load?.kg ?? 0;
  /** Seconds of a set, its rest, fetching the kit, and how many joints it asks to be made ready. */
  const asks = (offer: ScoredGroup) => {
    const { dose, load, setUpSeconds = 0 } = offer.group.choices[0] as Choice;
    const joints = jointsToReady(context, offer.variants[0] as Variant, load).size;
    return [setSeconds(dose), dose.restSeconds, setUpSeconds, joints];
  };
  const givesOf = ({ gives }: ScoredGroup) => gives.reduce((sum, given) => sum + given, 0);

  it('is dosed with each of them, heaviest first', () => {
    const feasible = context.feasible.get('goblet-squat');
    if (!feasible) throw new Error('no goblet squat');
    const kgs = [...prescriptions(feasible, 'strength', 3, context.brief, context.capacity)].map(
      (p) => p.choice.load?.kg,
    );
    expect(kgs).toEqual([16, 7.5]);
  });

  it('is offered with a lighter one only where that is quicker or asks for fewer joints made ready', () => {
    const several = new Map<string, ScoredGroup[]>();
    for (const offer of offers) {
      const key = `${offer.variants[0]?.id} ${offer.group.block} ${offer.group.choices[0]?.dose.sets}`;
      several.set(key, [...(several.get(key) ?? []), offer]);
    }
    let lighter = 0;
    for (const same of several.values()) {
      const [heaviest, ...rest] = [...same].sort((a, b) => kgOf(b) - kgOf(a)) as [ScoredGroup, ...ScoredGroup[]];
      for (const offer of rest) {
        const [less, more] = [asks(offer), asks(heaviest)];
        const asksLess = less.some((value, k) => value < (more[k] as number));
        expect(asksLess || givesOf(offer) > givesOf(heaviest), offer.variants[0]?.id).toBe(true);
        lighter++;
      }
    }
    expect(lighter).toBeGreaterThan(10);
    expect(lighter).toBeLessThan(offers.length / 2);
  });
});

describe('how much a set trains', () => {
  it('grows with its share of the most up to nearly the whole of it', () => {
    const shares = [0.1, 0.3, 0.5, 0.75].map((share) => stimulus('strength', share, false, 'hold'));
    expect([...shares].sort((a, b) => a - b)).toEqual(shares);
    expect(shares[0]).toBeLessThan(0.3);
    expect(shares[3]).toBeCloseTo(1, 1);
    expect(stimulus('strength', 1.4, false, 'hold')).toBe(stimulus('strength', 0.95, false, 'hold'));
  });

  it('is a whole one when it is fast, or when its load is not known', () => {
    expect(stimulus('power', 0.2, true, 'hold')).toBe(1);
    expect(stimulus('strength', undefined, false, 'hold')).toBe(1);
  });
});
