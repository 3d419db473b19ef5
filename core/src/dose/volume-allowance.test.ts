import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type TrainingStatus, volumeAllowanceOf } from './volume-allowance';

const standing = (changes: Partial<TrainingStatus>): TrainingStatus => ({
  phase: 'in-season',
  week: 1,
  level: 'intermediate',
  age: 24,
  minutes: 30,
  ...changes,
});

describe('what a week allows', () => {
  it.each<[Partial<TrainingStatus>, readonly number[], number]>([
    [{}, [2, 3], 2],
    [{ minutes: 60 }, [2, 3, 4], 2],
    [{ phase: 'general-preparation', week: 1 }, [2, 3], 3],
    [{ phase: 'general-preparation', week: 2 }, [2, 3], 3],
    [{ phase: 'general-preparation', week: 3 }, [2, 3], 2],
    [{ phase: 'general-preparation', week: 2, minutes: 60 }, [2, 3, 4], 3],
    [{ phase: 'general-preparation', week: 4 }, [2, 3], 3],
    [{ phase: 'general-preparation', week: 5 }, [2, 3], 3],
    [{ phase: 'taper', week: 1 }, [1, 2], 2],
    [{ phase: 'return', week: 1 }, [1, 2], 4],
    [{ phase: 'return', week: 2 }, [2], 3],
    [{ phase: 'return', week: 9 }, [2, 3], 2],
    [{ phase: 'break' }, [2, 3], 3],
    [{ level: 'new' }, [1, 2], 3],
    [{ age: 13 }, [2, 3], 3],
  ])('%j: %j sets, %i left', (changes, sets, reserve) => {
    const step = volumeAllowanceOf(standing(changes));
    expect([step.sets, step.reserve]).toEqual([sets, reserve]);
  });

  it('never grows by more than a set a week, nor in sets and nearness to failure at once, and always says why', () => {
    const phases = fc.constantFrom('off-season', 'general-preparation', 'specific-preparation', 'return');
    const levels = fc.constantFrom('new', 'beginner', 'intermediate', 'advanced') as fc.Arbitrary<
      TrainingStatus['level']
    >;
    fc.assert(
      fc.property(
        phases,
        levels,
        fc.integer({ min: 10, max: 50 }),
        fc.integer({ min: 1, max: 20 }),
        (phase, level, age, week) => {
          const now = volumeAllowanceOf(standing({ phase, level, age, week }));
          const next = volumeAllowanceOf(standing({ phase, level, age, week: week + 1 }));
          const more = Math.max(...next.sets) - Math.max(...now.sets);
          expect(now.sets.length).toBeGreaterThan(0);
          expect(now.because.length).toBeGreaterThan(20);
          expect(more).toBeLessThanOrEqual(1);
          expect(now.reserve - next.reserve).toBeLessThanOrEqual(1);
          if (phase !== 'return') expect(more > 0 && next.reserve < now.reserve).toBe(false);
        },
      ),
    );
  });

  it('asks no more of the young and the new than of anybody', () => {
    for (const phase of ['in-season', 'general-preparation', 'taper', 'return'])
      for (const careful of [{ level: 'new' as const }, { age: 14 }]) {
        const usual = volumeAllowanceOf(standing({ phase, week: 3 }));
        const spared = volumeAllowanceOf(standing({ phase, week: 3, ...careful }));
        expect(Math.max(...spared.sets)).toBeLessThanOrEqual(Math.max(...usual.sets));
        expect(spared.reserve).toBeGreaterThanOrEqual(usual.reserve);
      }
  });
});
