import { describe, expect, it } from 'vitest';
import { dayAfter, daysBetween } from '../../date/days';
import type { Entry } from '../calendar/calendar';
import { buildPhases, faultsOfPhases, withReturns } from './phases';

const fixtures = (from: string, weeks: number, importance = 1): Entry[] =>
  Array.from({ length: weeks }, (_, w) => ({
    id: `${from}-${w}`,
    kind: 'fixture',
    name: `Round ${w + 1}`,
    on: dayAfter(from, 7 * w),
    importance: w === weeks - 1 ? importance : 1,
  }));
const told = (phases: ReturnType<typeof buildPhases>) =>
  phases.map(({ phase, startsOn, endsOn }) => `${phase} ${startsOn} ${endsOn}`);

describe('phases', () => {
  it('are laid backwards from the first fixture, and rest after the last', () => {
    expect(told(buildPhases(fixtures('2026-10-10', 8), '2026-07-06', '2027-01-31'))).toEqual([
      'general-preparation 2026-07-06 2026-08-09',
      'specific-preparation 2026-08-10 2026-09-06',
      'pre-season 2026-09-07 2026-10-04',
      'in-season 2026-10-05 2026-11-29',
      'transition 2026-11-30 2026-12-20',
      'off-season 2026-12-21 2027-01-31',
    ]);
  });

  it('have no more lead-up than there is time for', () => {
    expect(told(buildPhases(fixtures('2026-10-10', 2), '2026-09-14', '2026-10-18'))).toEqual([
      'pre-season 2026-09-14 2026-10-04',
      'in-season 2026-10-05 2026-10-18',
    ]);
  });

  it('taper for two weeks before what the season is for (Bosquet 2007)', () => {
    const phases = buildPhases(fixtures('2026-10-10', 8, 3), '2026-10-05', '2026-12-31');
    const taper = phases.find(({ phase }) => phase === 'taper');
    expect(taper).toMatchObject({ startsOn: '2026-11-14', endsOn: '2026-11-28' });
    expect(taper?.why).toContain('Bosquet 2007');
  });

  it('build again where there are six weeks without a fixture', () => {
    const two = [...fixtures('2026-09-05', 3), ...fixtures('2027-01-09', 3)];
    const phases = buildPhases(two, '2026-08-31', '2027-01-31').map(({ phase }) => phase);
    expect(phases).toEqual(['in-season', 'specific-preparation', 'pre-season', 'in-season', 'transition']);
  });

  it('are at home while the hall is closed outside of the season, not while the league goes on', () => {
    const closed = (on: string): Entry => ({ id: on, kind: 'closed', name: 'New floor', on, until: dayAfter(on, 27) });
    const before = buildPhases([...fixtures('2026-10-10', 8), closed('2026-08-03')], '2026-07-06', '2026-11-29');
    expect(before.find(({ phase }) => phase === 'break')).toMatchObject({
      startsOn: '2026-08-03',
      endsOn: '2026-08-30',
    });
    const during = buildPhases([...fixtures('2026-10-10', 8), closed('2026-10-12')], '2026-07-06', '2026-11-29');
    expect(during.some(({ phase }) => phase === 'break')).toBe(false);
  });

  it('cover every day once, over New Year too', () => {
    const phases = buildPhases(fixtures('2026-10-10', 14, 3), '2026-07-06', '2027-03-31');
    expect(phases[0]?.startsOn).toBe('2026-07-06');
    for (const [p, phase] of phases.entries())
      expect(phases[p + 1]?.startsOn ?? '2027-04-01').toBe(dayAfter(phase.endsOn, 1));
    expect(faultsOfPhases(phases)).toEqual([]);
    expect(() => buildPhases([], '2027-01-01', '2026-12-31')).toThrow('before it begins');
  });

  it('of no days and over one another are named', () => {
    const faults = faultsOfPhases([
      { phase: 'taper', name: 'Taper', startsOn: '2026-12-12', endsOn: '2026-12-01' },
      { phase: 'in-season', name: 'League', startsOn: '2026-10-01', endsOn: '2026-10-31' },
      { phase: 'transition', name: 'Rest', startsOn: '2026-10-31', endsOn: '2026-11-30' },
    ]);
    expect(faults).toEqual([
      { at: 0, field: 'endsOn', message: expect.stringContaining('has no days') },
      { at: 2, field: 'startsOn', message: 'Rest overlaps League; it must start on 2026-11-01 or later' },
    ]);
  });

  it('come back over two weeks after a fortnight away, over four after a month, not at all after a cold', () => {
    const league = [{ phase: 'in-season' as const, name: 'League', startsOn: '2026-10-01', endsOn: '2027-03-31' }];
    const away = (days: number): Entry[] => [
      { id: 'w', kind: 'away', name: 'Knee', on: dayAfter('2026-12-01', 1 - days), until: '2026-12-01' },
    ];
    const returning = (days: number) =>
      withReturns(league, away(days), '2027-03-31').find(({ phase }) => phase === 'return');
    expect(returning(13)).toBeUndefined();
    expect(returning(14)).toMatchObject({ startsOn: '2026-12-02', endsOn: '2026-12-15' });
    const long = returning(40);
    expect(daysBetween(long?.startsOn as string, long?.endsOn as string)).toBe(27);
    expect(withReturns(league, away(40), '2027-03-31').map(({ name }) => name)).toEqual(['League', 'Return', 'League']);
  });
});
