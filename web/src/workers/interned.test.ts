import type { Brief } from '@tropaeum/core/session/brief/brief';
import { describe, expect, it } from 'vitest';
import { canonical } from './canonical';

const brief = (massKg: number) =>
  ({
    minutes: 30,
    athlete: { heightCm: 178, massKg },
    sport: { id: 'handball' },
    own: [{ id: 'ours' }],
  }) as unknown as Brief;

describe('copies that say the same', () => {
  it('are the same athlete and exercises again, in a brief that may say something else', () => {
    const first = canonical(brief(74));
    const second = canonical({ ...brief(74), minutes: 20 });
    expect(second.minutes).toBe(20);
    expect(second.athlete).toBe(first.athlete);
    expect(second.own).toBe(first.own);
  });

  it('are another athlete as soon as anything differs', () => {
    expect(canonical(brief(75)).athlete).not.toBe(canonical(brief(74)).athlete);
    expect(canonical(brief(75)).athlete.massKg).toBe(75);
  });
});
