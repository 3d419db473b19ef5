import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import { solver } from '../../../test/solver';
import { preparingBlocks } from '../../exercise/model/vocabulary';
import type { Brief } from '../brief/brief';
import { begin, bestOf, composedOf } from '../composer/compose';
import { choicesOf } from '../draft/draft';
import { planOf } from '../plan/plan';
import { scoreOfDraft } from '../scoring/score';
import { atOnce, refined, whyNot, whyThis } from './why-not';

async function composed(brief: Brief = plainBrief()) {
  const begun = begin(brief, await solver);
  if ('refused' in begun) throw new Error(begun.refused.reason);
  const { prepared, relaxation } = bestOf(begun.ways);
  return { ...composedOf(begun), context: begun.context, prepared, relaxation };
}

describe('why not that one', () => {
  it('says what it would cost, and gives a session that holds it, fits and is worth what it says', async () => {
    const { draft, context, prepared, relaxation } = await composed();
    const there = new Set(choicesOf(draft).map((c) => c.variant));
    const others = [...new Set(prepared.problem.offers.map((o) => o.variants[0]?.id as string))].filter(
      (id) => !there.has(id),
    );
    const now = scoreOfDraft(context, draft);
    for (const id of others.filter((_, k) => k % 17 === 0)) {
      const answer = whyNot(prepared, relaxation, draft, id, atOnce);
      if ('reasons' in answer) throw new Error(`${id}: ${answer.reasons.join(' ')}`);
      expect(choicesOf(answer.draft).map((c) => c.variant)).toContain(id);
      expect((scoreOfDraft(context, answer.draft) - now) / now).toBeCloseTo(answer.difference, 6);
      expect(planOf(context, answer.draft).minutes.planned).toBeLessThanOrEqual(30.05);
      // What is proven is never more than what was found.
      expect(answer.atLeast ?? 0).toBeLessThanOrEqual(Math.max(0, -answer.difference) + 1e-6);
      for (const out of answer.out) expect(choicesOf(answer.draft).map((c) => c.variant)).not.toContain(out);
    }
  });

  it('costs no more when it is looked at harder', async () => {
    const { draft, prepared, relaxation } = await composed();
    const there = new Set(choicesOf(draft).map((c) => c.variant));
    const id = prepared.problem.offers.map((o) => o.variants[0]?.id as string).find((o) => !there.has(o)) as string;
    const [quick, slow] = [atOnce, refined].map((effort) => whyNot(prepared, relaxation, draft, id, effort));
    if (!quick || !slow || 'reasons' in quick || 'reasons' in slow)
      throw new Error(`${id} was refused: ${JSON.stringify([quick, slow])}`);
    expect(slow.difference).toBeGreaterThanOrEqual(quick.difference - 0.01);
  });

  it.each([
    ['pull-up', /Needs/],
    ['cat-camel', /warm-up or cool-down/],
    ['no-such-thing', /not in the library/],
  ])('%s: says why it cannot be done', async (id, why) => {
    const { draft, prepared, relaxation } = await composed();
    const answer = whyNot(prepared, relaxation, draft, id, atOnce);
    expect('reasons' in answer && answer.reasons.join(' ')).toMatch(why);
  });

  it('keeps what is pinned', async () => {
    const brief = plainBrief({ lock: { include: ['push-up'], exclude: [] } });
    const { draft, prepared, relaxation } = await composed(brief);
    const answer = whyNot(prepared, relaxation, draft, 'split-squat', atOnce);
    if ('reasons' in answer) throw new Error(answer.reasons.join(' '));
    const pinned = choicesOf(answer.draft).filter((c) => c.pinned);
    expect(pinned.map((c) => c.variant)).toEqual(['push-up']);
  });
});

describe('why this one', () => {
  it('loses by its going, and less with the best instead, which is not itself', async () => {
    const { draft, prepared, relaxation } = await composed();
    draft.groups.forEach((group, g) => {
      if (preparingBlocks.has(group.block)) return;
      group.choices.forEach(({ variant }, choice) => {
        const { alone, replaced } = whyThis(prepared, relaxation, draft, { group: g, choice }, atOnce);
        expect(alone, variant).toBeGreaterThan(0);
        expect(-(replaced?.difference ?? 0), variant).toBeLessThanOrEqual(alone + 1e-9);
        expect(choicesOf(replaced?.draft ?? draft).map((c) => c.variant)).not.toContain(variant);
      });
    });
  });
});
