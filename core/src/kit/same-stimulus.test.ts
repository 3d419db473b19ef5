import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../test/briefs';
import { scaledBody } from '../body/segments';
import { library, variantById } from '../exercise/library/library';
import { feasibility, variantSpace } from './feasible';
import type { KitItem } from './kit';
import { sameStimulus } from './same-stimulus';

function alike(id: string, loadKg: number, items: readonly KitItem[], most = 5) {
  const brief = plainBrief();
  const body = scaledBody(brief.athlete);
  const variant = variantById(id);
  if (!variant) throw new Error(id);
  const kit = { ...brief.kit, items };
  const candidates = library.map((v) => feasibility(v, { athlete: brief.athlete, kit, date: brief.date }, body));
  return sameStimulus(variant, { loadKg }, candidates, body, most);
}

describe('same stimulus with other kit', () => {
  it('answers a row with a row, a squat with a squat', () => {
    const rows = alike('bent-row', 15, [{ kind: 'canister', volumeL: 5, fill: 'water', count: 2 }, { kind: 'chair' }]);
    expect(rows.map((r) => r.variant.id)).toContain('one-arm-chair-row');
    const squats = alike('goblet-squat', 10, [{ kind: 'rucksack', massKg: 10 }], 8);
    expect(squats.map((s) => s.variant.pattern)).toContain('knee-dominant');
  });

  it('names the load that comes nearest, from what is owned', () => {
    const owned = [2, 5, 10, 20].map((massKg): KitItem => ({ kind: 'dumbbell', massKg, count: 1 }));
    const found = alike('rucksack-squat', 10, owned, 30).find((s) => s.variant.id === 'bear-hug-squat');
    expect(found?.load?.kg).toBe(10);
  });

  it('offers only what can be done here, never the exercise itself, best first', () => {
    const found = alike('pull-up', 0, [], 40);
    expect(found.every((f) => f.variant.needs.kit.length === 0)).toBe(true);
    expect(found.some((f) => f.variant.id === 'pull-up')).toBe(false);
    const order = found.map((f) => f.likeness);
    expect([...order].sort((a, b) => b - a)).toEqual(order);
    expect(order.every((l) => l >= 0 && l <= 1)).toBe(true);
  });
});

describe('space of a variant', () => {
  const body = scaledBody({ heightCm: 180, massKg: 75 });
  const space = (id: string) => variantSpace(variantById(id) as never, body);

  it('counts the weight over the hand and the height of a jump', () => {
    expect(space('overhead-press').heightM).toBeGreaterThan(2.3);
    expect(space('countermovement-jump').heightM).toBeGreaterThan(space('squat').heightM + 0.05);
    expect(space('push-up').heightM).toBeLessThan(1);
  });

  it('measures both ways on the floor where the exercise is seen from above', () => {
    expect(space('band-pull-apart').widthM).toBeGreaterThan(1.3);
    expect(space('band-pull-apart').heightM).toBe(1.8);
  });
});
