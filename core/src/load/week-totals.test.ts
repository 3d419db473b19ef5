import { describe, expect, it } from 'vitest';
import { catalogueOf } from '../exercise/catalogue/catalogue';
import { variantById } from '../exercise/library/library';
import type { Variant } from '../exercise/model/variant';
import { weekTotals } from './week-totals';

const variant = (id: string) => variantById(id) as Variant;
const catalogue = catalogueOf([]);
const day = '2026-12-09';
const session = (date: string, ...items: [string, number][]) => ({
  date,
  items: items.map(([id, sets]) => ({ variant: id, sets })),
});

describe('the week', () => {
  it('adds up sets by pattern and region over seven days, today with them, and nothing older or later', () => {
    const recent = [
      session('2026-12-03', ['split-squat', 3], ['push-up', 2]),
      session('2026-12-07', ['split-squat', 3]),
      session('2026-12-02', ['split-squat', 9]),
      session('2026-12-09', ['split-squat', 9]),
      session('2026-12-10', ['split-squat', 9]),
    ];
    const totals = weekTotals(day, recent, catalogue, [{ variant: variant('squat'), sets: 2 }]);
    expect(totals).toMatchObject({ sessions: 3, sets: 10, contacts: 0 });
    expect(Object.fromEntries(totals.byPattern)).toEqual({ 'knee-dominant': 8, 'horizontal-push': 2 });
    const high = variant('split-squat').regions.filter((r) => r.high);
    for (const { region } of high) expect(totals.byRegion.get(region)).toBeGreaterThanOrEqual(6);
  });

  it('counts landings and knows how long ago the last were', () => {
    const jumps = variant('countermovement-jump');
    const reps = jumps.dose.work.kind === 'reps' ? jumps.dose.work.reps : 0;
    const recent = [session('2026-12-05', ['countermovement-jump', 2]), session('2026-12-07', ['split-squat', 2])];
    const totals = weekTotals(day, recent, catalogue, [{ variant: jumps, sets: 1 }]);
    expect(totals.contacts).toBe(3 * reps * jumps.impactContacts);
    expect(totals.daysSinceLandings).toBe(4);
    expect(weekTotals(day, [], catalogue, []).daysSinceLandings).toBeUndefined();
  });

  it('leaves out what is no longer known', () => {
    expect(weekTotals(day, [session('2026-12-08', ['gone', 4])], catalogue, []).sets).toBe(0);
  });
});
