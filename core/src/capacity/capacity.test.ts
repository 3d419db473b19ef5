import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Athlete } from '../athlete/athlete';
import type { PerformanceRecord } from '../athlete/performance-record';
import { catalogueOf } from '../exercise/catalogue/catalogue';
import { variantById } from '../exercise/library/library';
import type { Variant } from '../exercise/model/variant';
import { jointAction } from '../exercise/model/vocabulary';
import { Capacity } from './capacity';
import { capacityOf } from './capacity-of';

const athlete: Athlete = { heightCm: 178, massKg: 74, born: '2004-05-01', sex: 'female', level: 'intermediate' };
const day = '2026-12-09';
const shipped = catalogueOf();
const variant = (id: string) => variantById(id) as Variant;
const width = ({ low, high }: { low: number; high: number }) => Math.log(high / low);

const session = (
  on: string,
  id: string,
  amount: number,
  reserve?: number,
  more: Partial<PerformanceRecord> = {},
): PerformanceRecord => ({
  on,
  variant: id,
  side: 'both',
  counts: 'repetitions',
  from: 'session',
  sets: [1, 2, 3].map(() => ({ amount, ...(reserve === undefined ? {} : { reserve }) })),
  ...more,
});
const test = (on: string, id: string, amount: number, more: Partial<PerformanceRecord> = {}): PerformanceRecord => ({
  ...session(on, id, amount),
  sets: [{ amount }],
  from: 'test',
  ...more,
});
const known = (...shown: PerformanceRecord[]) => new Capacity(athlete, day, shipped, shown);
const elbow = jointAction('elbow extension shortening');

describe('what an athlete can do', () => {
  it('starts at a guess with wide bounds', () => {
    const { guessNm, mostNm } = known().of(elbow);
    expect(mostNm.mid).toBeCloseTo(guessNm, 6);
    expect(mostNm.low).toBeLessThan(0.75 * guessNm);
    expect(mostNm.high).toBeGreaterThan(1.3 * guessNm);
  });

  it('is known more narrowly with every showing, less with time', () => {
    const one = known(session('2026-12-01', 'push-up', 10, 2));
    const three = known(...['2026-11-20', '2026-11-25', '2026-12-01'].map((on) => session(on, 'push-up', 10, 2)));
    const old = known(session('2026-03-01', 'push-up', 10, 2));
    const widths = [three, one, known()].map((c) => width(c.of(elbow).mostNm));
    expect([...widths].sort((a, b) => a - b)).toEqual(widths);
    expect(width(old.of(elbow).mostNm)).toBeGreaterThan(width(one.of(elbow).mostNm));
  });

  it('falls after a lay-off from training, not before three weeks', () => {
    const shown = session('2026-06-01', 'push-up', 15, 1);
    const most = (on: string) => new Capacity(athlete, on, shipped, [shown]).of(elbow).mostNm.mid;
    const reps = (on: string) => new Capacity(athlete, on, shipped, [shown]).toFailure(variant('push-up'))?.mid ?? 0;
    expect(most('2026-06-20')).toBeGreaterThan(0.98 * most('2026-06-02'));
    expect(most('2026-09-01')).toBeLessThan(0.95 * most('2026-06-20'));
    expect(reps('2026-09-01')).toBeLessThan(reps('2026-06-20'));
  });

  it('grows with what was shown: more repetitions, more load, more left', () => {
    const reps = (shown: PerformanceRecord) => known(shown).toFailure(variant('push-up'))?.mid ?? 0;
    expect(reps(session('2026-12-01', 'push-up', 20, 2))).toBeGreaterThan(
      reps(session('2026-12-01', 'push-up', 12, 2)),
    );
    expect(reps(session('2026-12-01', 'push-up', 12, 4))).toBeGreaterThan(
      reps(session('2026-12-01', 'push-up', 12, 1)),
    );
    expect(reps(session('2026-12-01', 'floor-press', 10, 2, { loadKg: 30 }))).toBeGreaterThan(
      reps(session('2026-12-01', 'floor-press', 10, 2, { loadKg: 15 })),
    );
  });

  it('a set of which nobody said what was left only shows that at least so much was there', () => {
    const reps = (...shown: PerformanceRecord[]) => known(...shown).toFailure(variant('push-up'))?.mid ?? 0;
    expect(reps(session('2026-12-01', 'push-up', 5))).toBeGreaterThan(0.9 * reps());
    expect(reps(session('2026-12-01', 'push-up', 40))).toBeGreaterThan(1.5 * reps());
    expect(reps(session('2026-12-01', 'push-up', 4, 0))).toBeLessThan(0.7 * reps());
  });

  it('many easy sets do not pull it down', () => {
    const easy = Array.from({ length: 12 }, (_, i) => session(`2026-11-${10 + i}`, 'push-up', 4));
    const most = (...shown: PerformanceRecord[]) => known(...shown).of(elbow).mostNm.mid;
    expect(most(...easy)).toBeGreaterThan(0.95 * most());
  });

  it('a hold tells of the trunk, a jump of the legs, each side of itself', () => {
    const trunkSide = jointAction('trunk lateral-flexion holding');
    const hold = (amount: number) =>
      known(test('2026-12-01', 'side-plank', amount, { counts: 'seconds', side: 'left' }));
    expect(hold(120).of(trunkSide).mostNm.mid).toBeGreaterThan(1.2 * hold(25).of(trunkSide).mostNm.mid);
    const seconds = hold(60).toFailure(variant('side-plank'), {}, 'seconds', 'left')?.mid ?? 0;
    expect(seconds).toBeGreaterThan(45);
    expect(seconds).toBeLessThan(75);
    const knee = jointAction('knee extension shortening');
    const jumped = (heightCm: number) =>
      new Capacity(athlete, day, shipped, [], [{ on: '2026-12-01', heightCm }]).of(knee).mostNm.mid;
    expect(jumped(40)).toBeGreaterThan(1.08 * jumped(20));
    const calf = known(
      test('2026-12-01', 'single-leg-calf-raise', 30, { side: 'right' }),
      test('2026-12-01', 'single-leg-calf-raise', 18, { side: 'left' }),
    );
    const of = (side: 'left' | 'right') =>
      calf.toFailure(variant('single-leg-calf-raise'), {}, 'repetitions', side)?.mid ?? 0;
    expect(of('right')).toBeGreaterThan(1.25 * of('left'));
  });

  it('is not distorted by tests typed twice, out of order, or after the day', () => {
    const results = [
      test('2026-10-01', 'push-up', 18),
      test('2026-11-01', 'push-up', 24),
      test('2026-11-01', 'single-leg-bridge', 20),
    ];
    const expected = known(...results).of(elbow);
    fc.assert(
      fc.property(fc.shuffledSubarray([...results, ...results], { minLength: 6 }), (typed) => {
        expect(known(...typed, test('2027-03-01', 'push-up', 99)).of(elbow)).toEqual(expected);
      }),
      { numRuns: 40 },
    );
    const worse = known(...results, test('2026-11-01', 'push-up', 9));
    expect(worse.of(elbow)).toEqual(expected);
  });

  it('bounds stay in order and predictions fall with the load (property)', () => {
    const shown = fc.record({
      on: fc.constantFrom('2026-09-01', '2026-10-15', '2026-12-01'),
      id: fc.constantFrom('push-up', 'bent-row', 'split-squat', 'single-leg-hinge'),
      amount: fc.integer({ min: 1, max: 40 }),
      reserve: fc.option(fc.integer({ min: 0, max: 5 }), { nil: undefined }),
      kg: fc.constantFrom(0, 5, 10, 20),
    });
    fc.assert(
      fc.property(fc.array(shown, { maxLength: 8 }), (list) => {
        const capacity = known(...list.map((s) => session(s.on, s.id, s.amount, s.reserve, { loadKg: s.kg })));
        let before = Infinity;
        for (const loadKg of [0, 5, 10, 20, 40]) {
          const found = capacity.toFailure(variant('split-squat'), { loadKg });
          if (!found) throw new Error('a split squat loads something');
          expect(found.low).toBeLessThanOrEqual(found.mid);
          expect(found.mid).toBeLessThanOrEqual(found.high);
          expect(Number.isFinite(found.high)).toBe(true);
          expect(found.mid).toBeLessThanOrEqual(before + 1e-9);
          before = found.mid;
        }
      }),
      { numRuns: 60 },
    );
  });

  it('reads the battery and the tests of a document', () => {
    const tested: Athlete = {
      ...athlete,
      tests: [{ variant: 'push-up', maxReps: 30, on: '2026-12-01' }],
      battery: [{ test: 'single-leg-calf-raise', value: 34, side: 'right', on: '2026-12-01' }],
    };
    expect(capacityOf(tested, day).toFailure(variant('push-up'))?.mid).toBeCloseTo(30, -1);
    expect(capacityOf(tested, day).shown.get('single-leg-calf-raise')).toEqual({ times: 1, last: '2026-12-01' });
    expect(capacityOf(tested, day)).toBe(capacityOf(tested, day));
  });
});
