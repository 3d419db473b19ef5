import { describe, expect, it } from 'vitest';
import { type Athlete, restrictionsOn } from '../athlete/athlete';
import { ageOn, dayAfter, daysBetween } from '../date/days';
import { variantById } from '../exercise/library/library';
import type { Variant } from '../exercise/model/variant';
import { capacityOf, effortOf } from './capacity-of';

const athlete: Athlete = { heightCm: 178, massKg: 74, born: '2004-05-01', sex: 'female', level: 'intermediate' };
const day = '2026-12-09';

function variant(id: string): Variant {
  const found = variantById(id);
  if (!found) throw new Error(`${id} is not in the library`);
  return found;
}

describe('effort', () => {
  const share = (id: string, load = 0, who = athlete) =>
    effortOf(capacityOf(who, day), variant(id), { loadKg: load }).share;

  it('grows with the load and falls with the level', () => {
    expect(share('hinge-lift', 20)).toBeGreaterThan(share('hinge-lift', 10));
    expect(share('squat', 0, { ...athlete, level: 'advanced' })).toBeLessThan(share('squat'));
  });

  const toFailure = (id: string, who = athlete) => capacityOf(who, day).toFailure(variant(id))?.mid ?? 0;

  it('a test says more than the guess: what was done to failure is what is predicted', () => {
    const tested = { ...athlete, tests: [{ variant: 'push-up', maxReps: 22 }] };
    expect(Math.abs(toFailure('push-up', athlete) - 22)).toBeGreaterThan(2);
    expect(toFailure('push-up', tested)).toBeCloseTo(22, 0);
  });

  it('a test carries over to what the same joint limits', () => {
    const tested = { ...athlete, tests: [{ variant: 'push-up', maxReps: 40 }] };
    for (const id of ['push-up-hands-raised', 'push-up-feet-raised', 'overhead-press'])
      expect(share(id, 0, tested)).toBeLessThan(0.85 * share(id));
    expect(share('single-leg-calf-raise', 0, tested)).toBeGreaterThan(0.8 * share('single-leg-calf-raise'));
  });

  it('an intermediate man comes out at some 25 push-ups, each harder version at fewer', () => {
    const man: Athlete = { ...athlete, sex: 'male' };
    const reps = ['push-up-hands-raised', 'push-up', 'push-up-feet-raised'].map((id) => toFailure(id, man));
    expect(reps[1]).toBeGreaterThan(18);
    expect(reps[1]).toBeLessThan(32);
    expect([...reps].sort((a, b) => b - a)).toEqual(reps);
  });

  it('lowering on the knees is near or beyond what most can hold', () => {
    expect(share('nordic-lowering')).toBeGreaterThan(0.9);
  });
});

describe('athlete', () => {
  it.each([
    ['2004-05-01', '2026-04-30', 21],
    ['2004-05-01', '2026-05-01', 22],
    ['2010-12-31', '2026-12-30', 15],
  ])('born %s is %s years %i old', (born, on, age) => {
    expect(ageOn(born, on)).toBe(age);
  });

  it('counts days over New Year and leap days', () => {
    expect(daysBetween('2026-12-30', '2027-01-02')).toBe(3);
    expect(dayAfter('2028-02-28', 1)).toBe('2028-02-29');
  });

  it('keeps restrictions until their last day and makes middling pain one', () => {
    const limited: Athlete = {
      ...athlete,
      restrictions: [
        { region: 'knee', severity: 'limit', until: '2026-12-09' },
        { region: 'hip', severity: 'avoid', until: '2026-12-08' },
      ],
      readiness: {
        pain: [
          { region: 'shoulder', score: 4 },
          { region: 'elbow', score: 2 },
        ],
      },
    };
    expect(restrictionsOn(limited, day).map((r) => `${r.region} ${r.severity}`)).toEqual([
      'knee limit',
      'shoulder limit',
    ]);
  });
});
