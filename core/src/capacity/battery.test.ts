import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { TestResult } from '../athlete/performance-record';
import { variantById } from '../exercise/library/library';
import { battery, type HomeTest, homeTest, reachesIn } from './battery';
import { jumpHeightCm } from './jump';
import { ResultError, readResult } from './result-text';
import { measuredOn, minRealChange, sideIndex, trendOf } from './test-trend';
import { trunkHolds, trunkRatios } from './trunk-ratios';

const test = (id: string) => homeTest(id) as HomeTest;

describe('the battery', () => {
  it('tells of every test what to do, when it ends, what two tries differ by and where that comes from', () => {
    for (const { steps, ends, typicalError, source, shows, unit } of battery) {
      expect(steps.length).toBeGreaterThan(0);
      expect(ends.length).toBeGreaterThan(10);
      expect(Math.max(...typicalError)).toBeGreaterThan(0);
      expect(source).toMatch(/values from memory|common practice/);
      if (!shows) continue;
      expect(variantById(shows.variant)).toBeDefined();
      expect(shows.counts).toBe(unit);
    }
  });
});

describe('what is reached in a session anyway', () => {
  it('is a distance of an exercise that is known', () => {
    for (const { reachedIn, unit, shows } of battery.filter(({ reachedIn: in_ }) => in_)) {
      expect(unit).toBe('centimetres');
      expect(shows).toBeUndefined();
      for (const id of reachedIn ?? []) expect(variantById(id), id).toBeDefined();
    }
  });

  it('is asked for where one of its exercises is done, once', () => {
    const ids = (...variants: string[]) => reachesIn(variants).map(({ id }) => id);
    expect(ids('push-up')).toEqual([]);
    expect(ids('wheel-roll-out', 'push-up', 'half-kneeling-ankle-rock', 'towel-roll-out')).toEqual([
      'knee-to-wall',
      'roll-out-reach',
    ]);
  });

  it('of the ankle differs by chance up to 1.7 cm, and by a side that is shorter than nine tenths', () => {
    const results = (left: number, right: number): TestResult[] => [
      { test: 'knee-to-wall', value: left, side: 'left', on: '2026-12-01' },
      { test: 'knee-to-wall', value: right, side: 'right', on: '2026-12-01' },
    ];
    expect(minRealChange(test('knee-to-wall'), 10)).toBeCloseTo(1.66, 2);
    expect(sideIndex('knee-to-wall', results(7, 10))).toMatchObject({ weaker: 'left', even: false, real: true });
    expect(sideIndex('knee-to-wall', results(9, 10))).toMatchObject({ even: true, real: false });
  });
});

describe('jump height from the time in the air, Bosco 1983', () => {
  it.each([
    [0.5, 30.7],
    [0.4, 19.6],
    [0.6, 44.1],
  ])('%f s is %f cm', (seconds, heightCm) => {
    expect(jumpHeightCm(seconds)).toBeCloseTo(heightCm, 1);
  });

  it.each([0, -0.4, 1.5, Number.NaN])('%f s is no jump', (seconds) => {
    expect(() => jumpHeightCm(seconds)).toThrow(RangeError);
  });
});

describe('results as they are typed', () => {
  it.each([
    ['push-up', '22', 22],
    ['push-up', ' 22 reps ', 22],
    ['side-plank', '45', 45],
    ['side-plank', '45 s', 45],
    ['side-plank', '1:05', 65],
    ['countermovement-jump', '31', 31],
    ['countermovement-jump', '31,5 cm', 31.5],
    ['countermovement-jump', '12 in', 30.5],
    ['countermovement-jump', '0.5 s', 30.7],
    ['countermovement-jump', '500 ms', 30.7],
    ['roll-out-reach', '85', 85],
  ])('%s "%s" is %f', (id, typed, value) => {
    expect(readResult(test(id), typed)).toBeCloseTo(value, 1);
  });

  it.each([
    ['push-up', '', /repetitions such as 22/],
    ['push-up', '22.5', /repetitions such as 22/],
    ['push-up', '22 s', /repetitions such as 22/],
    ['push-up', '-3', /repetitions such as 22/],
    ['push-up', '900', /0 to 150 repetitions/],
    ['side-plank', '1:75', /seconds such as 45 or 1:05/],
    ['side-plank', '45 cm', /seconds such as 45/],
    ['single-leg-balance', '61', /0 to 60 seconds/],
    ['countermovement-jump', '1.5 s', /a time in the air of 0.05 to 1.1 s/],
    ['countermovement-jump', 'high', /centimetres such as 31.*time in the air/],
    ['countermovement-jump', '300', /3 to 100 centimetres/],
    ['roll-out-reach', '0.5 s', /centimetres such as 31/],
  ])('%s "%s" is refused, and what was expected is said', (id, typed, expected) => {
    expect(() => readResult(test(id), typed)).toThrow(ResultError);
    expect(() => readResult(test(id), typed)).toThrow(expected);
  });
});

const pushUps = (value: number, on: string): TestResult => ({ test: 'push-up', value, on });

describe('trends', () => {
  it('do not call noise progress: what two tries differ by is said', () => {
    expect(minRealChange(test('push-up'), 20)).toBeCloseTo(1.96 * Math.SQRT2 * 1.5, 6);
    const small = trendOf('push-up', [pushUps(20, '2026-10-01'), pushUps(23, '2026-12-01')]);
    expect(small?.sinceLast).toMatchObject({ by: 3, is: 'noise' });
    const large = trendOf('push-up', [pushUps(20, '2026-10-01'), pushUps(29, '2026-12-01')]);
    expect(large?.sinceLast).toMatchObject({ by: 9, is: 'more' });
    const fallen = trendOf('push-up', [pushUps(29, '2026-10-01'), pushUps(20, '2026-12-01')]);
    expect(fallen?.sinceLast?.is).toBe('less');
  });

  it('five results without a true change are called a change one time in twenty', () => {
    // Two tries of an athlete who stays the same, scattered by the typical error alone.
    let state = 7;
    const random = () => {
      state = (state * 16807) % 2147483647;
      return state / 2147483647;
    };
    const normal = () => Math.sqrt(-2 * Math.log(random())) * Math.cos(2 * Math.PI * random());
    let called = 0;
    for (let i = 0; i < 4000; i++) {
      const results = [20, 20].map((mean, day) => pushUps(mean + 1.5 * normal(), `2026-12-0${day + 1}`));
      if (trendOf('push-up', results)?.sinceLast?.is !== 'noise') called++;
    }
    expect(called / 4000).toBeGreaterThan(0.03);
    expect(called / 4000).toBeLessThan(0.07);
  });

  it('take the best of a day, whatever order the results were typed in and however often', () => {
    const results = [
      pushUps(20, '2026-10-01'),
      pushUps(18, '2026-10-01'),
      pushUps(25, '2026-11-01'),
      pushUps(26, '2026-12-01'),
    ];
    fc.assert(
      fc.property(fc.shuffledSubarray([...results, ...results], { minLength: 8 }), (typed) => {
        expect(trendOf('push-up', typed)).toEqual(trendOf('push-up', results));
      }),
    );
    expect(trendOf('push-up', results)?.sinceFirst?.by).toBe(6);
    expect(trendOf('side-plank', results)).toBeUndefined();
  });
});

const plank = (side: 'left' | 'right', value: number): TestResult => ({
  test: 'side-plank',
  value,
  side,
  on: '2026-12-01',
});

describe('left against right', () => {
  it.each([
    [80, 90, 0.889, 'left', false],
    [90, 82, 0.911, 'right', true],
    [60, 60, 1, 'neither', true],
  ] as const)('%i s left and %i s right: index %f, %s weaker', (left, right, index, weaker, even) => {
    const found = sideIndex('side-plank', [plank('left', left), plank('right', right)]);
    expect(found).toMatchObject({ weaker, even });
    expect(found?.index).toBeCloseTo(index, 3);
  });

  it('says when a difference is no more than chance, and nothing where a side is missing', () => {
    expect(sideIndex('side-plank', [plank('left', 50), plank('right', 55)])?.real).toBe(false);
    expect(sideIndex('side-plank', [plank('left', 30), plank('right', 90)])?.real).toBe(true);
    expect(sideIndex('side-plank', [plank('left', 50)])).toBeUndefined();
    expect(sideIndex('side-plank', [plank('left', 0), plank('right', 0)])).toBeUndefined();
  });
});

describe('trunk ratios, McGill (values from memory)', () => {
  it.each<[number, number, number, number, boolean[]]>([
    [120, 150, 90, 92, [true, true, true, true]],
    [160, 150, 90, 92, [false, true, true, true]],
    [120, 150, 115, 92, [true, true, false, false]],
    [150, 150, 100, 105, [false, true, true, true]],
    [100, 120, 90, 90, [true, false, false, true]],
  ])('front %i, back %i, left %i, right %i', (front, back, left, right, fine) => {
    expect(trunkRatios({ front, back, left, right }).map((r) => r.fine)).toEqual(fine);
  });

  it('need all four holds, and a back that holds', () => {
    const hold = (id: string, value: number): TestResult => ({ test: id, value, on: '2026-12-01' });
    const all = [hold('trunk-front-hold', 100), hold('trunk-back-hold', 120), plank('left', 60), plank('right', 62)];
    expect(trunkHolds(all)).toEqual({ front: 100, back: 120, left: 60, right: 62 });
    for (const missing of all) expect(trunkHolds(all.filter((r) => r !== missing))).toBeUndefined();
    expect(() => trunkRatios({ front: 1, back: 0, left: 1, right: 1 })).toThrow(RangeError);
  });
});

it('what was measured on a day is told beside the time before, and nothing of other days', () => {
  const knee = (value: number, on: string, side: 'left' | 'right'): TestResult => ({
    ...{ test: 'knee-to-wall', value, on, side },
  });
  const results = [
    knee(7, '2026-11-02', 'left'),
    knee(10, '2026-12-01', 'left'),
    knee(10.5, '2026-11-02', 'right'),
    knee(11, '2026-12-01', 'right'),
    knee(20, '2026-12-05', 'right'),
    { test: 'push-up', value: 30, on: '2026-12-01' },
  ];
  expect(measuredOn('2026-12-01', results)).toEqual([
    'Knee to the wall, left: 10 cm after 7, a real gain',
    'Knee to the wall, right: 11 cm after 10.5, within measurement error',
    'Push-ups to form failure: 30 reps',
  ]);
  expect(measuredOn('2026-12-02', results)).toEqual([]);
});
