import { describe, expect, it } from 'vitest';
import { parseDose } from '../dose/notation';
import { variantById } from '../exercise/library/library';
import { returnPlans, returnPlansOf } from './return-plans';

describe('ways back in stages', () => {
  it.each(returnPlans.map((plan) => [plan.name, plan] as const))('%s', (_, plan) => {
    const opens = plan.stages.map((stage) => stage.opens);
    expect(opens).toEqual([...opens].sort());
    expect(plan.stages.length).toBeGreaterThanOrEqual(4);
    for (const { work, exit } of plan.stages) {
      expect(exit.length).toBeGreaterThan(10);
      for (const [variant, dose] of work) {
        expect(variantById(variant), variant).toBeDefined();
        expect(parseDose(dose).sets).toBeGreaterThan(0);
      }
    }
    // Nothing that lands before its stage is open.
    for (const { opens: open, work } of plan.stages.filter((stage) => stage.opens < 4))
      for (const [variant] of work) expect(`${open} ${variantById(variant)?.impactContacts}`).toBe(`${open} 0`);
  });

  it('there are ten, each region finds its own', () => {
    expect(new Set(returnPlans.map(({ id }) => id)).size).toBe(10);
    expect(returnPlansOf('knee').map(({ id }) => id)).toEqual(['patellar-tendon', 'acl-late']);
    expect(returnPlansOf('neck')).toEqual([]);
  });
});
