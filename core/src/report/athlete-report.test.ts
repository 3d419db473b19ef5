import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../test/briefs';
import type { PerformanceRecord } from '../athlete/performance-record';
import { dayAfter } from '../date/days';
import { athleteReport } from './athlete-report';
import type { ReportInput, ReportSession } from './report-input';
import { againstUsual, nextPeak, type SquadWeek } from './squad-weeks';

const today = '2026-12-09';
const athlete = plainBrief().athlete;
const { shown: _, battery: __, ...plain } = athlete;

const session = (daysAgo: number, more: Partial<ReportSession> = {}): ReportSession => ({
  ...{ on: dayAfter(today, -daysAgo), status: 'done' },
  report: { effort: 6, minutes: 30, pain: [] },
  ...more,
});
const record = (daysAgo: number, amount: number, more: Partial<PerformanceRecord> = {}): PerformanceRecord => ({
  ...{ on: dayAfter(today, -daysAgo), variant: 'push-up', side: 'both', counts: 'repetitions', from: 'session' },
  sets: [
    { amount, reserve: 2 },
    { amount, reserve: 1 },
  ],
  ...more,
});
const input = (more: Partial<ReportInput> = {}, shown: PerformanceRecord[] = []): ReportInput => ({
  ...{ athlete: { ...plain, ...(shown.length ? { shown } : {}) }, own: [], sessions: [], today },
  ...more,
});

describe('how an athlete has got on', () => {
  it('counts weeks: sessions, load, landings, both sides of a set as one', () => {
    const shown = [
      record(2, 10),
      record(2, 8, { variant: 'forward-hop-stick', side: 'left', sets: [{ amount: 8 }] }),
      record(2, 8, { variant: 'forward-hop-stick', side: 'right', sets: [{ amount: 8 }] }),
    ];
    const { weeks } = athleteReport(
      input({ sessions: [session(2), session(9, { status: 'sent', report: null }), session(9)] }, shown),
    );
    expect(weeks).toHaveLength(12);
    expect(weeks.at(-1)).toMatchObject({ from: '2026-12-07', sent: 1, done: 1, load: 180, minutes: 30, effort: 6 });
    expect(weeks.at(-1)?.sets).toEqual({ 'horizontal-push': 2, hop: 1 });
    expect(weeks.at(-1)?.contacts).toBe(16);
    expect(weeks.at(-2)).toMatchObject({ sent: 2, done: 1 });
    expect(weeks[0]).not.toHaveProperty('effort');
  });

  it('calls a rise a rise only beyond noise', () => {
    const course = (amounts: number[]) =>
      athleteReport(
        input(
          { sessions: [session(2)] },
          amounts.map((amount, i) => record(70 - i * 9, amount)),
        ),
      ).strength[0];
    expect(course([8, 8, 9, 8, 8, 9, 8])?.is).toBe('noise');
    const up = course([8, 12, 16, 20, 25, 30, 36]);
    expect(up).toMatchObject({ is: 'more', variant: 'push-up' });
    expect(up?.by ?? 0).toBeGreaterThan(up?.leastReal ?? 0);
  });

  it('says each in a plain sentence', () => {
    const battery = [
      { test: 'single-leg-calf-raise', value: 18, side: 'left' as const, on: '2026-10-05' },
      { test: 'single-leg-calf-raise', value: 32, side: 'left' as const, on: '2026-12-01' },
      { test: 'side-plank', value: 40, side: 'left' as const, on: '2026-10-05' },
      { test: 'side-plank', value: 42, side: 'left' as const, on: '2026-12-01' },
    ];
    const sore = { effort: 6, minutes: 30, pain: [{ region: 'knee' as const, side: 'left' as const, score: 4 }] };
    const { sentences } = athleteReport({
      ...input({ sessions: [session(9), session(5), session(2, { report: sore })] }),
      athlete: { ...plain, battery },
    });
    expect(sentences[0]).toBe('Left knee hurts: 4 of 10 in the last session.');
    expect(sentences).toContain('Single-leg calf raise, left up 14 repetitions beyond noise since October.');
    expect(sentences).toContain('Side plank, left: no change beyond noise since October.');
    expect(sentences).toContain('3 of 3 sessions done in the last four weeks.');
  });

  it('compares sides by what was done and left, where it was done often enough', () => {
    const pair = (daysAgo: number, left: number, right: number) => [
      record(daysAgo, left, { variant: 'split-squat', side: 'left' }),
      record(daysAgo, right, { variant: 'split-squat', side: 'right' }),
    ];
    const { sides } = athleteReport(input({ sessions: [session(2)] }, [...pair(10, 10, 8), ...pair(3, 10, 8)]));
    expect(sides).toMatchObject([{ name: 'Split squat', left: 11.5, right: 9.5, weaker: 'right' }]);
    expect(athleteReport(input({ sessions: [session(2)] }, pair(3, 10, 8))).sides).toEqual([]);
  });

  it('is empty, and fails on nothing, for who has done nothing', () => {
    expect(athleteReport(input()).sentences).toEqual([]);
  });
});

describe('a squad over time', () => {
  const weeks = (...loads: number[]): SquadWeek[] =>
    loads.map((load, i) => ({ from: dayAfter('2026-10-05', 7 * i), sent: 2, done: 2, load, pain: 0 }));

  it.each<[string, SquadWeek[], string | undefined]>([
    ['as usual', weeks(300, 320, 280, 300, 0), 'usual'],
    ['far more', weeks(300, 320, 280, 500, 0), 'above'],
    ['far less', weeks(300, 320, 280, 100, 0), 'below'],
    ['too few weeks', weeks(300, 320, 0), undefined],
    ['weeks off say nothing of what is usual', weeks(300, 0, 320, 280, 300, 0), 'usual'],
  ])('%s', (_, given, is) => {
    expect(againstUsual(given)?.is).toBe(is);
  });

  it('what is usual does not hang on this week, and doubling all changes nothing', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 900 }), { minLength: 6, maxLength: 12 }), (loads) => {
        const usual = againstUsual(weeks(...loads));
        expect(againstUsual(weeks(...loads.slice(0, -1), 9999))).toEqual(usual);
        expect(againstUsual(weeks(...loads.map((l) => l * 2)))?.is).toBe(usual?.is);
      }),
    );
  });

  it('peaks at what matters most, else at the end of a taper, else next', () => {
    const fixture = (on: string, importance = 1) => ({ on, name: on, importance });
    const fixtures = [fixture('2026-12-12'), fixture('2027-01-09', 2), fixture('2027-02-01')];
    const taper = { phase: 'taper' as const, name: 'Taper', startsOn: '2027-01-25', endsOn: '2027-02-02' };
    expect(nextPeak({ fixtures, phases: [taper] }, today)?.on).toBe('2027-01-09');
    const plainOnes = fixtures.map(({ on }) => fixture(on));
    expect(nextPeak({ fixtures: plainOnes, phases: [taper] }, today)?.on).toBe('2027-02-01');
    expect(nextPeak({ fixtures: plainOnes, phases: [] }, today)).toMatchObject({ on: '2026-12-12', inWeeks: 0 });
    expect(nextPeak({ fixtures: [], phases: [taper] }, today)).toBeUndefined();
  });
});
