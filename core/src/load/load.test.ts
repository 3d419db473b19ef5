import { describe, expect, it } from 'vitest';
import { exponential, rolling } from './acute-chronic';
import { weekOfLoad } from './monotony';
import { sessionLoad } from './session-load';

describe('load of a week', () => {
  it('is effort times minutes, summed; monotony is mean over deviation, strain their product (Foster 1998)', () => {
    // Worked by hand: mean 300, squared distances 3 x 40000 + 3 x 40000 + 0, deviation sqrt(240000 / 6) = 200.
    const daily = [500, 100, 500, 100, 500, 100, 300];
    const week = weekOfLoad(daily);
    expect(week.load).toBe(2100);
    expect(week.monotony).toBeCloseTo(1.5, 12);
    expect(week.strain).toBeCloseTo(3150, 9);
    expect(sessionLoad(7, 60)).toBe(420);
  });

  it('says nothing of monotony where every day is the same, and refuses other than a week', () => {
    expect(weekOfLoad([0, 0, 0, 0, 0, 0, 0])).toEqual({ load: 0 });
    expect(weekOfLoad([90, 90, 90, 90, 90, 90, 90])).toEqual({ load: 630 });
    expect(() => weekOfLoad([1, 2])).toThrow('7 days, not 2');
  });

  it('is more monotonous the more alike its days are, for the same load', () => {
    const even = weekOfLoad([300, 280, 320, 300, 290, 310, 300]);
    const uneven = weekOfLoad([900, 0, 0, 900, 0, 300, 0]);
    expect(even.load).toBe(uneven.load);
    expect(even.monotony).toBeGreaterThan(uneven.monotony as number);
  });
});

describe('acute and chronic load', () => {
  it('weighs today by 2 / (N + 1): 0.25 over seven days and 2/29 over twenty-eight (Williams 2017)', () => {
    const after = exponential([0, 400]).at(-1);
    expect(after?.acute).toBeCloseTo(100, 12);
    expect(after?.chronic).toBeCloseTo((400 * 2) / 29, 12);
    // Worked by hand: 100, then 0.25 x 500 + 0.75 x 100 = 200, then 0.25 x 0 + 0.75 x 200 = 150.
    expect(exponential([100, 500, 0]).map((d) => d.acute)).toEqual([100, 200, 150]);
  });

  it('rolls over seven and twenty-eight days: four weeks alike make 1, a week twice as heavy after three alike 1.6', () => {
    expect(rolling(Array(28).fill(120)).at(-1)).toEqual({ acute: 120, chronic: 120, ratio: 1 });
    const doubled = [...Array(21).fill(100), ...Array(7).fill(200)];
    expect(rolling(doubled).at(-1)?.ratio).toBeCloseTo(200 / 125, 12);
  });

  it('has no ratio without chronic load', () => {
    expect(rolling([0, 0]).at(-1)).toEqual({ acute: 0, chronic: 0 });
    expect(exponential([])).toEqual([]);
  });
});
