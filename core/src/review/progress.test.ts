import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../test/briefs';
import { parseDose } from '../dose/notation';
import { sessionLoad } from '../load/session-load';
import { mondayOf, seasonOn } from '../season/calendar/season-on';
import { contextOf } from '../session/context/context';
import { planOf } from '../session/plan/plan';
import type { Plan } from '../session/plan/plan-types';
import { review } from './review';
import type { ReviewedSession, ReviewedSet } from './reviewed-session';

const planWith = (...doses: readonly [variant: string, block: 'strength' | 'trunk' | 'raise', dose: string][]) =>
  planOf(contextOf(plainBrief()), {
    groups: doses.map(([variant, block, dose]) => ({
      ...{ block, format: 'straight' as const, roundRestSeconds: 0 },
      choices: [{ variant, dose: parseDose(dose), pinned: false }],
    })),
  });

describe('review of a session', () => {
  const plan = planWith(
    ['push-up', 'strength', '2x8 rir2 r60'],
    ['side-plank', 'trunk', '1x25s/side'],
    ['arm-circle', 'raise', '1x10'],
  );
  const set = (variant: string, side: ReviewedSet['side'], amount: number, reserve?: number): ReviewedSet => ({
    ...{ variant, side, amount },
    ...(reserve === undefined ? {} : { reserve }),
  });
  const full = [
    ...[1, 2].map(() => set('push-up', 'both', 8, 3)),
    ...(['left', 'right'] as const).map((side) => set('side-plank', side, 25)),
    set('arm-circle', 'both', 10),
  ];
  const brief = { ...plainBrief(), season: { phase: 'general-preparation' as const } };
  const easy = { effort: 6, pain: [] };
  const done = (
    on: string,
    logs: readonly ReviewedSet[] = full,
    report: ReviewedSession['report'] = easy,
  ): ReviewedSession => ({
    ...{ on, plan, logs, report },
  });
  const today = (...args: Parameters<typeof done>) => review(done(...args), brief, [done('2026-12-06')]);
  const moves = (items: ReturnType<typeof review>) => items.map((i) => [i.proposal.move, i.proposal.by]);

  it('more after two sessions in full, by the rule that says so; a warm-up stays', () => {
    expect(moves(today('2026-12-09'))).toEqual([
      ['up', 'rir-rising'],
      ['up', 'isometric-time'],
      ['same', 'no-decision'],
    ]);
    expect(moves(review(done('2026-12-09'), brief))[0]).toEqual(['same', 'no-history']);
  });

  it('pain counts where an item loads, and not where it does not', () => {
    const sore = { effort: 6, pain: [{ region: 'shoulder' as const, score: 4 }] };
    expect(moves(today('2026-12-09', full, sore))[0]).toEqual(['down', 'pain-tolerable']);
    const knee = { effort: 6, pain: [{ region: 'knee' as const, score: 4 }] };
    expect(moves(today('2026-12-09', full, knee))[0]?.[0]).toBe('up');
  });

  it('a red flag in the note of the session or of a set stops everything and refers it', () => {
    const said = { ...easy, note: 'felt faint at the end' };
    for (const items of [
      today('2026-12-09', full, said),
      today('2026-12-09', [{ ...(full[0] as ReviewedSet), note: 'chest pain' }, ...full.slice(1)]),
    ])
      expect(items[0]?.proposal).toMatchObject({ move: 'stop', by: 'red-flag', refer: true });
  });

  it('knows the next weight of the kit, the season and who is young', () => {
    const squat = planWith(['goblet-squat', 'strength', '2x8 rir2 r60']);
    const logs = [1, 2].map(() => set('goblet-squat', 'both', 8, 4));
    const with16 = (plan: Plan): Plan => ({
      ...plan,
      blocks: plan.blocks.map((b) => ({
        ...b,
        items: b.items.map((i) => ({ ...i, load: { kg: 16, with: 'dumbbell 16 kg' } })),
      })),
    });
    const one = (on: string): ReviewedSession => ({ on, plan: with16(squat), logs, report: easy });
    const kit = { ...brief.kit, items: [16, 18].map((massKg) => ({ kind: 'dumbbell' as const, massKg })) };
    const words = (changes: object) =>
      review(one('2026-12-09'), { ...brief, kit, ...changes }, [one('2026-12-06')])[0]?.proposal;
    expect(words({})?.rule).toContain('18 kg instead of 16');
    expect(words({ athlete: { ...brief.athlete, born: '2012-01-01' } })?.rule).not.toContain('18 kg instead');
    expect(words({ season: { phase: 'taper' } })).toMatchObject({ move: 'same', by: 'taper' });
  });

  it('shows what was not done as not done', () => {
    expect(review(done('2026-12-09', []), brief).map((i) => [i.done.length, i.proposal.move])).toEqual([
      [0, 'same'],
      [0, 'same'],
      [0, 'same'],
    ]);
  });
});

describe('load', () => {
  it('is effort times minutes (Foster 1998)', () => {
    expect(sessionLoad(6, 30)).toBe(180);
  });
});

describe('season', () => {
  const phases = [
    { phase: 'pre-season' as const, name: 'Pre-season', startsOn: '2026-11-02', endsOn: '2026-11-29' },
    { phase: 'in-season' as const, name: 'League', startsOn: '2026-11-30', endsOn: '2027-02-28' },
  ];
  const fixtures = [
    { on: '2026-12-12', name: 'B', importance: 1 },
    { on: '2026-12-05', name: 'A', importance: 1 },
  ];

  it('says phase, week and the fixtures around a day', () => {
    expect(seasonOn('2026-12-09', phases, fixtures)).toEqual({
      phase: 'in-season',
      week: 2,
      lastFixture: '2026-12-05',
      nextFixture: '2026-12-12',
    });
    expect(seasonOn('2026-11-02', phases, [])).toEqual({ phase: 'pre-season', week: 1 });
  });

  it('runs over New Year, and a day outside counts as in-season', () => {
    expect(seasonOn('2027-01-04', phases, []).week).toBe(6);
    expect(seasonOn('2028-01-01', phases, [])).toEqual({ phase: 'in-season' });
  });

  it.each([
    ['2026-12-09', '2026-12-07'],
    ['2026-12-07', '2026-12-07'],
    ['2027-01-03', '2026-12-28'],
  ])('%s is in the week of %s', (day, monday) => {
    expect(mondayOf(day)).toBe(monday);
  });
});
