import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../test/briefs';
import { variantById } from '../exercise/library';
import type { Variant } from '../exercise/variant';
import { blockBounds } from './blocks';
import type { Brief } from './brief';
import { singles, tooEasy } from './candidates';
import { contextOf } from './context';
import { stimulus } from './demands';

const variant = (id: string) => variantById(id) as Variant;
const easy = (id: string, changes: Partial<Brief> = {}) => tooEasy(variant(id), contextOf(plainBrief(changes)));
const athlete = plainBrief().athlete;

describe('strength work far below the athlete', () => {
  it('is passed over where a higher rung of the same ladder can be done here', () => {
    expect(easy('wall-push-up')).toBe(true);
    expect(easy('pike-lean-hold')).toBe(true);
    expect(easy('push-up')).toBe(false);
  });

  it('stays for who begins, comes back or learns', () => {
    expect(easy('wall-push-up', { athlete: { ...athlete, level: 'new' } })).toBe(false);
    expect(easy('wall-push-up', { aim: 'return' })).toBe(false);
    expect(easy('wall-push-up', { season: { phase: 'return' } })).toBe(false);
    expect(easy('wall-push-up', { aim: 'learn' })).toBe(false);
  });

  it('stays where what is harder may not be done', () => {
    const restrictions = [{ region: 'wrist' as const, severity: 'avoid' as const }];
    expect(easy('wall-push-up', { athlete: { ...athlete, restrictions } })).toBe(false);
  });

  it('is no candidate for the strength block, but for any other, and is kept when it is pinned', () => {
    const columnsOf = (changes: Partial<Brief> = {}) => {
      const context = contextOf(plainBrief(changes));
      const blocks = singles(context, blockBounds(context.brief))
        .filter((c) => c.variants[0]?.id === 'wall-push-up')
        .map((c) => c.group.block);
      return new Set(blocks);
    };
    expect(columnsOf().has('strength')).toBe(false);
    expect(columnsOf({ lock: { include: ['wall-push-up'], exclude: [] } }).has('strength')).toBe(true);
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
