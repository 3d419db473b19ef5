import { describe, expect, it } from 'vitest';
import { ladders } from '../exercise/ladders';
import { library, variantById } from '../exercise/library';
import { ladderFaults, ladderGaps } from './ladder-check';

describe('ladders', () => {
  it('rise in computed load or say why not, and hold every rung once', () => {
    expect(ladderFaults(library)).toEqual([]);
    const rungs = ladders.flat().map((r) => (typeof r === 'string' ? r : r[0]));
    expect(new Set(rungs).size).toBe(rungs.length);
  });

  it('that fall without a word why are named, and so is a step that nothing fills', () => {
    const [easy, hard] = [variantById('push-up'), variantById('push-up-knees')];
    if (!easy || !hard) throw new Error('not in the library');
    const turned = [
      { ...easy, harder: hard.id },
      { ...hard, easier: easy.id },
    ];
    expect(ladderFaults(turned)[0]?.message).toContain('change places or say why');
    expect(ladderGaps(library).some((g) => g.easier === 'wall-push-up')).toBe(true);
    expect(ladderGaps(library).every((g) => g.step > 1 / 3)).toBe(true);
  });
});
