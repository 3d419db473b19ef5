import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import { solver } from '../../../test/solver';
import { variantById } from '../../exercise/library/library';
import { copyAsCustom } from '../../exercise/model/custom-exercise';
import type { Variant } from '../../exercise/model/variant';
import { compose } from '../composer/compose';
import { blockOrder } from '../context/block-bounds';
import { contextOf } from '../context/context';
import { choicesOf, type Draft } from '../draft/draft';
import { planOf } from '../plan/plan';
import { add } from './edit';
import { additionOf } from './substitutes';

const empty: Draft = { groups: [] };
const named = (id: string, changes = {}) => additionOf(contextOf(plainBrief(changes)), empty, id, blockOrder('first'));

describe('an exercise that the coach names', () => {
  it('comes dosed into the block where it belongs, main work before warm-up', () => {
    const answer = named('bear-crawl');
    expect(answer).toMatchObject({ block: 'trunk', addition: { choice: { variant: 'bear-crawl' } } });
  });

  it('says what it adds', () => {
    const answer = named('split-squat');
    if ('reasons' in answer) throw new Error(answer.reasons.join());
    expect(answer.addition.difference).toBeGreaterThan(0);
    expect(answer.addition.choice.load?.with).toContain('dumbbell');
  });

  it.each([
    ['pull-up', /Needs pull up bar/],
    ['push-up-one-side', /advanced level/],
    ['cartwheel', /not in the library/],
  ])('%s is not added, and the reason is told', (id, words) => {
    const answer = named(id);
    expect('reasons' in answer && answer.reasons.join(' ')).toMatch(words);
  });

  it('does not come twice', () => {
    const answer = named('split-squat');
    if ('reasons' in answer) throw new Error(answer.reasons.join());
    const context = contextOf(plainBrief());
    const once = add(empty, answer.block, answer.addition.choice, blockOrder('first'));
    expect(additionOf(context, once, 'split-squat', blockOrder('first'))).toEqual({
      reasons: ['Is in the session already.'],
    });
  });

  it('makes nobody sore before a match', () => {
    const season = { phase: 'in-season' as const, nextFixture: '2026-12-11' };
    expect(named('nordic-lowering', { season })).toMatchObject({ reasons: [expect.stringMatching(/48 hours away/)] });
  });
});

describe("a club's own exercise", () => {
  const own = {
    ...copyAsCustom(variantById('split-squat') as Variant, 'quay-split-squat', '3x6/side 4-1-1 r75'),
    name: 'Quay split squat',
  };
  const brief = plainBrief({ own: [own], lock: { include: ['quay-split-squat'], exclude: [] } });

  it('can be pinned and is composed with, under its own name, drawn as what it was copied from', async () => {
    const composition = await compose(brief, await solver);
    if ('refused' in composition) throw new Error(composition.refused.reason);
    const variants = choicesOf(composition.draft).map((c) => c.variant);
    expect(variants).toContain('quay-split-squat');
    expect(variants).not.toContain('split-squat');
    const items = planOf(contextOf(brief), composition.draft).blocks.flatMap((b) => b.items);
    expect(items.find((i) => i.variant === 'quay-split-squat')).toMatchObject({
      name: 'Quay split squat',
      drawnAs: 'split-squat',
    });
    expect(items.filter((i) => i.variant !== 'quay-split-squat').some((i) => i.drawnAs)).toBe(false);
  });
});
