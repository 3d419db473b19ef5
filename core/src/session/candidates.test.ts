import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../test/briefs';
import { effortOf } from '../capacity/effort';
import { variantById } from '../exercise/library';
import type { Variant } from '../exercise/variant';
import { blockBounds } from './blocks';
import type { Brief } from './brief';
import { offersOf } from './candidates';
import { contextOf } from './context';
import { leftOfEasy, stimulus } from './demands';

const variant = (id: string) => variantById(id) as Variant;
const athlete = plainBrief().athlete;

describe('strength work far below the athlete', () => {
  const left = (id: string, changes: Partial<Brief> = {}) => {
    const { brief, body } = contextOf(plainBrief(changes));
    const { share } = effortOf(variant(id), brief.athlete, brief.date, {}, body);
    return leftOfEasy(variant(id), share, brief);
  };

  it('counts for less the easier it is, work near the most for all of it', () => {
    expect(left('wall-push-up')).toBeLessThan(0.8);
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
    const offers = offersOf(context, blockBounds(context.brief), { format: 'straight' });
    const given = (id: string) => {
      const offer = offers.find((o) => o.variants[0]?.id === id && o.group.block === 'strength');
      return offer?.gives.reduce((sum, g) => sum + g, 0) ?? 0;
    };
    expect(given('wall-push-up')).toBeGreaterThan(0);
    expect(given('push-up')).toBeGreaterThan(1.5 * given('wall-push-up'));
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
