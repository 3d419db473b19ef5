import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import { randomBrief } from '../../../test/random-briefs';
import { solver } from '../../../test/solver';
import { variantById } from '../../exercise/library/library';
import type { Brief } from '../brief/brief';
import { begin, composedOf } from '../composer/compose';
import { rulesOf, setUpProblem } from '../composer/problem-setup';
import { contextOf } from '../context/context';
import { choicesOf } from '../draft/draft';
import { planOf } from '../plan/plan';
import { slotsOf } from './slots';
import { adapted } from './squad';

const ready = (brief: Brief) => {
  const context = contextOf(brief);
  return setUpProblem(context, rulesOf(context)[0] as ReturnType<typeof rulesOf>[number]);
};

async function skeleton(brief: Brief = plainBrief()) {
  const begun = begin(brief, await solver);
  if ('refused' in begun) throw new Error(begun.refused.reason);
  return slotsOf(begun.context, composedOf(begun).draft);
}

describe('one session for a squad', () => {
  it('is wholly kept by somebody just like the one it was written for', async () => {
    const slots = await skeleton();
    const { kept, slots: filled, draft } = adapted(ready(plainBrief()), slots);
    expect(filled.map((f) => f.variant)).toEqual(slots.map((s) => s.variant));
    expect(kept).toBe(1);
    expect(choicesOf(draft).length).toBeGreaterThan(slots.length);
  });

  it('keeps to the kit, the limits, the families and the minutes of each, and says what could not be kept and why', async () => {
    const slots = await skeleton();
    const shared = { minutes: 30, aim: plainBrief().aim, houseRules: plainBrief().houseRules };
    for (let seed = 1; seed <= 30; seed++) {
      const prepared = ready(randomBrief(seed, shared));
      const { draft, slots: filled, kept } = adapted(prepared, slots);
      const variants = choicesOf(draft).map((c) => c.variant);
      for (const id of variants) expect(prepared.context.feasible.get(id)?.reasons, id).toEqual([]);
      const families = variants.map((id) => `${variantById(id)?.family} ${variantById(id)?.pattern}`);
      expect(new Set(families).size).toBe(families.length);
      expect(planOf(prepared.context, draft).minutes.planned).toBeLessThanOrEqual(30.05);
      expect(kept).toBeGreaterThan(0);
      expect(kept).toBeLessThanOrEqual(1);
      filled.forEach((f, s) => {
        if (f.variant === undefined) expect([f.kept, Boolean(f.why)]).toEqual([0, true]);
        else if (f.variant !== slots[s]?.variant) expect(f.why?.length ?? 0).toBeGreaterThan(8);
      });
    }
  });

  it('keeps the same item wherever it can be done in the time there is', async () => {
    const slots = await skeleton();
    const prepared = ready(plainBrief({ athlete: { ...plainBrief().athlete, massKg: 55, heightCm: 164 } }));
    const same = adapted(prepared, slots).slots.filter((f, s) => f.variant === slots[s]?.variant).length;
    expect(same).toBeGreaterThanOrEqual(slots.length - 1);
  });

  it('replaces by pattern and joints when the thing is not there', async () => {
    const slots = await skeleton(plainBrief({ lock: { include: ['bent-row'], exclude: [] } }));
    const row = slots.findIndex((s) => s.variant === 'bent-row');
    const bare = ready(plainBrief({ kit: { ...plainBrief().kit, items: [{ kind: 'towel' }] } }));
    const filled = adapted(bare, slots).slots[row];
    expect(filled?.variant).not.toBe('bent-row');
    expect(filled?.why).toMatch(/Needs|weighs/);
    if (filled?.variant) expect(variantById(filled.variant)?.pattern).toBe('horizontal-pull');
  });

  it('holds to what the coach has corrected', async () => {
    const slots = await skeleton();
    const prepared = ready(plainBrief());
    const [first] = adapted(prepared, slots).slots;
    const other = first?.others.find((o) => o.variant !== first.variant);
    if (!other) throw new Error('nothing else is offered');
    expect(adapted(prepared, slots, new Map([[0, other.variant]])).slots[0]?.variant).toBe(other.variant);
  });
});
