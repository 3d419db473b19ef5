import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import { solver } from '../../../test/solver';
import { readyingBlocks } from '../../exercise/model/vocabulary';
import type { Brief } from '../brief/brief';
import { planOf } from '../plan/plan';
import { begin, composedOf } from './compose';
import { coolDownMinutes, warmUpMinutes } from './warm-up-minutes';

async function planFor(brief: Brief) {
  const begun = begin(brief, await solver);
  if ('refused' in begun) throw new Error(begun.refused.reason);
  return planOf(begun.context, composedOf(begun).draft);
}

const secondsOf = (plan: Awaited<ReturnType<typeof planFor>>) =>
  plan.blocks
    .filter((b) => readyingBlocks.has(b.kind as never))
    .flatMap((b) => b.items)
    .reduce((sum, item) => sum + item.seconds, 0);

describe('warm-up and cool-down', () => {
  it('take a fifth of a session of twenty minutes, longer when it is longer, and leave more for work in a longer one', () => {
    expect(warmUpMinutes(plainBrief({ minutes: 20 }))).toBe(4);
    const left = Array.from({ length: 100 }, (_, k) => {
      const brief = plainBrief({ minutes: 5 + k });
      return brief.minutes - warmUpMinutes(brief) - coolDownMinutes(brief);
    });
    expect([...left].sort((a, b) => a - b)).toEqual(left);
  });

  it('is longer for who feels tight', async () => {
    const brief = plainBrief();
    const tight = { ...brief, athlete: { ...brief.athlete, readiness: { tight: true } } };
    expect(warmUpMinutes(tight)).toBeGreaterThan(warmUpMinutes(brief) + 1);
    expect(secondsOf(await planFor(tight))).toBeGreaterThan(secondsOf(await planFor(brief)));
  });

  it('raises the pulse first, and each item names what it makes ready for', async () => {
    const plan = await planFor(plainBrief());
    expect(plan.blocks[0]?.kind).toBe('raise');
    const reasons = plan.blocks
      .filter((b) => readyingBlocks.has(b.kind as never))
      .flatMap((b) => b.items.map((i) => i.reason));
    for (const reason of reasons) expect(reason).toMatch(/\. Ready for: \w+/);
  });

  it('follows from the work: other work, another warm-up', async () => {
    const legs = await planFor(plainBrief({ lock: { include: ['split-squat', 'countermovement-jump'], exclude: [] } }));
    expect(legs.checks.filter((c) => c.id.startsWith('ready.'))).toEqual([]);
  });

  it('a pinned warm-up item stays in the warm-up', async () => {
    const plan = await planFor(plainBrief({ lock: { include: ['cat-camel'], exclude: [] } }));
    const kind = plan.blocks.find((b) => b.items.some((i) => i.variant === 'cat-camel'))?.kind;
    expect(['mobilise', 'cool-down']).toContain(kind);
  });
});
