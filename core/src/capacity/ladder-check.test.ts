import { describe, expect, it } from 'vitest';
import { library, variantById } from '../exercise/library/library';
import { progressions } from '../exercise/model/progressions';
import { ladderFaults, ladderGaps, patternsWithoutLadder } from './ladder-check';

describe('ladders', () => {
  it('rise in computed load or say why not, and hold every rung once', () => {
    expect(ladderFaults(library)).toEqual([]);
    const rungs = progressions.flat().map((r) => (typeof r === 'string' ? r : r[0]));
    expect(new Set(rungs).size).toBe(rungs.length);
  });

  it('that fall without a word why are named, and so is a step that nothing fills', () => {
    const [easy, hard] = [variantById('push-up'), variantById('push-up-knees')];
    if (!easy || !hard) throw new Error('not in the library');
    const { harderBecause: _, ...unsaid } = hard;
    const turned = [
      { ...easy, harder: hard.id },
      { ...unsaid, regions: hard.regions, easier: easy.id },
    ];
    expect(ladderFaults(turned)[0]?.message).toContain('change places or say why');
    const [low, high] = [variantById('wall-walk-half'), variantById('wall-handstand-hold')];
    if (!low || !high) throw new Error('not in the library');
    const { harderBecause, ...unexplained } = high;
    expect(harderBecause).toBeDefined();
    expect(ladderGaps([low, { ...unexplained, regions: high.regions }])).toMatchObject([
      { easier: 'wall-walk-half', harder: 'wall-handstand-hold' },
    ]);
  });

  it('have no step wider than a third that nothing fills and nobody explains', () => {
    expect(ladderGaps(library)).toEqual([]);
  });

  it('lead through every pattern of main work, from brand new without kit to advanced', () => {
    expect(patternsWithoutLadder(library)).toEqual([]);
    const shortened = library.map((v) => (v.id === 'pull-up' ? { ...v, harder: 'nothing' } : v));
    expect(patternsWithoutLadder(shortened)).toEqual(['vertical-pull']);
  });
});
