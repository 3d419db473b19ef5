import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import { solver } from '../../../test/solver';
import { equipmentAdvice } from './equipment-advice';

const bare = { ...plainBrief().kit, items: [], anchors: [] };

describe('what to buy first', () => {
  it('for somebody with nothing: things that open exercises, the one that adds most first', async () => {
    const found = equipmentAdvice(plainBrief({ kit: bare }), await solver);
    expect(found.length).toBeGreaterThan(2);
    expect(found.map((f) => f.gain)).toEqual(found.map((f) => f.gain).sort((a, b) => b - a));
    for (const { gain, opens } of found) {
      expect(gain).toBeGreaterThanOrEqual(0.005);
      expect(opens.length).toBeGreaterThan(0);
    }
  });

  it('follows the sport: a paddler and a runner are not sold the same', async () => {
    const first = async (sport: { id: string; role: string }) =>
      equipmentAdvice(plainBrief({ kit: bare, sport }), await solver, 2).map((f) => f.name);
    expect(await first({ id: 'sprint-canoe', role: 'kayak' })).not.toEqual(
      await first({ id: 'distance-running', role: 'road' }),
    );
  });

  it('offers nothing that is there already', async () => {
    const kit = {
      ...bare,
      items: [
        { kind: 'band-long' as const, level: 'heavy' as const },
        { kind: 'dumbbell' as const, massKg: 12, count: 2 },
      ],
    };
    const names = equipmentAdvice(plainBrief({ kit }), await solver, 20).map((f) => f.name);
    expect(names).not.toContain('long band with a door anchor');
    expect(names).not.toContain('two dumbbells of 10 kg');
  });

  it('is empty for who should rest', async () => {
    const athlete = { ...plainBrief().athlete, readiness: { ill: true } };
    expect(equipmentAdvice(plainBrief({ kit: bare, athlete }), await solver)).toEqual([]);
  });
});
