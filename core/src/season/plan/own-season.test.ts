import { describe, expect, it } from 'vitest';
import { ask, athlete, league, match, written } from '../../../test/season-requests';
import type { Restriction } from '../../athlete/athlete';
import type { Entry } from '../calendar/calendar';
import { mondayOf } from '../calendar/season-on';
import type { ScheduledSession } from '../scheduler/scheduled-session';
import { WeekMemory } from '../scheduler/week-programme';
import { schedule } from './schedule-result';
import { emptyOwnSeason, emptySeason, type OwnSeason } from './season-plan';

describe("an athlete's season", () => {
  const plan = schedule(ask()).laid;
  const season = { ...emptySeason, entries: league, laid: plan };
  const own = (changes: Partial<OwnSeason>): OwnSeason => ({ ...emptyOwnSeason, ...changes });
  const used = ['2026-11-30', '2026-12-02', '2026-12-04'].map(written);

  it('asks for no landings of somebody who may not land', () => {
    const wantedOf = (restrictions: Restriction[]) =>
      schedule(ask({ athlete: { ...athlete, restrictions } })).laid.map(({ contacts }) => contacts);
    expect(Math.max(...wantedOf([{ region: 'knee', severity: 'limit', cause: 'post-operative-late' }]))).toBe(0);
    expect(Math.max(...wantedOf([]))).toBeGreaterThan(0);
  });

  it("is the squad's where nothing stands against it", () => {
    const { moves } = schedule(ask({ season, own: own({}), athlete, written: used }));
    expect(moves).toEqual([]);
  });

  it('is the same with weeks that were laid out for others before', () => {
    const memory = new WeekMemory();
    for (const minutes of [30, 40, 30])
      for (const level of ['beginner', 'advanced'] as const) {
        const of = ask({ season, own: own({}), athlete: { ...athlete, level, minutes }, written: used });
        expect(schedule(of, memory)).toEqual(schedule(of));
      }
  });

  it('differs only where its own calendar asks', () => {
    const taken = plan.find(({ on }) => on > '2026-12-14') as ScheduledSession;
    const free: Entry = { id: 'f', kind: 'free', name: 'Birthday', on: taken.on };
    const { moves, laid } = schedule(ask({ season, own: own({ entries: [free] }), athlete, written: used }));
    expect(laid.some(({ on }) => on === taken.on)).toBe(false);
    expect(moves.length).toBeGreaterThan(0);
    expect(moves.length).toBeLessThanOrEqual(3);
    const days = moves.flatMap((m) => ('to' in m ? [m.from, m.to] : 'added' in m ? [m.added] : [m.dropped]));
    expect(new Set(days.map(mondayOf))).toEqual(new Set([mondayOf(taken.on)]));
  });

  it('stands a fixture of the squad on another day where it is moved for this one', () => {
    const moved = match('2026-12-20', { id: '2026-12-19' });
    const { laid } = schedule(ask({ season, own: own({ entries: [moved] }), athlete, written: used }));
    expect(laid.some(({ on }) => on === '2026-12-20')).toBe(false);
  });

  it('comes back in steps after a month away', () => {
    const away: Entry = { id: 'w', kind: 'away', name: 'Knee', on: '2026-11-05', until: '2026-12-08' };
    const { weeks } = schedule(ask({ own: own({ entries: [away] }), athlete }));
    expect(weeks.map(({ phase, week }) => `${phase} ${week}`)).toEqual([
      'Return 1',
      'Return 2',
      'Return 3',
      'Return 4',
    ]);
    const wanted = weeks.map(({ wantedVolume }) => wantedVolume / (weeks[0]?.wantedVolume as number));
    expect(wanted.slice(1).every((share, w) => share > (wanted[w] as number))).toBe(true);
    expect(weeks[0]?.because).toContain('after weeks off');
  });

  it('gives who did not play the work of a match on the day after, and nobody else', () => {
    const played = match('2026-12-12', { playedBy: { a: 0 } });
    const of = (id: string) =>
      schedule(
        ask({
          season: { ...emptySeason, entries: [played, ...league.slice(1)] },
          own: own({}),
          athlete: { ...athlete, id },
        }),
      );
    expect(of('a').labels['2026-12-13']).toBe('DNP+1');
    expect(of('a').laid.find(({ on }) => on === '2026-12-13')?.type).toBe('conditioning');
    expect(of('b').labels['2026-12-13']).toBe('MD+1');
    expect(of('b').laid.find(({ on }) => on === '2026-12-13')?.type).not.toBe('conditioning');
  });
});
