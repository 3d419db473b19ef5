import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../test/briefs';
import { parseDose } from '../dose/notation';
import { contextOf } from '../session/context/context';
import type { Choice, Group } from '../session/draft/draft';
import { planOf } from '../session/plan/plan';
import { recentOf, recordsOf } from './performance-records';

const brief = {
  ...plainBrief(),
  kit: {
    ...plainBrief().kit,
    items: [
      { kind: 'dumbbell' as const, massKg: 7.5, count: 2 },
      { kind: 'band-long' as const, level: 'light' as const },
    ],
  },
};
const item = (variant: string, dose: string, load?: Choice['load']): Choice => ({
  variant,
  dose: parseDose(dose),
  ...(load ? { load } : {}),
  pinned: false,
});
const group = (block: Group['block'], ...choices: Choice[]): Group => ({
  block,
  format: 'straight',
  roundRestSeconds: 0,
  choices,
});
const plan = planOf(contextOf(brief), {
  groups: [
    group('activate', item('bridge', '1x10')),
    group('strength', item('split-squat', '2x8/side', { kg: 15, with: '2 dumbbells 7.5 kg' })),
    group('strength', item('band-row', '2x12', { with: 'band long light' })),
    group('trunk', item('side-plank', '1x30s/side')),
  ],
});
const log = (
  variant: string,
  setNumber: number,
  side: 'left' | 'right' | 'both',
  amount: number,
  reserve?: number,
) => ({
  variant,
  setNumber,
  side,
  amount,
  ...(reserve === undefined ? {} : { reserve }),
});

describe('what a logged session shows', () => {
  const shown = recordsOf(plan, '2026-12-09', brief.kit, [
    log('split-squat', 2, 'left', 6),
    log('split-squat', 1, 'left', 8, 3),
    log('split-squat', 1, 'right', 8),
    log('split-squat', 2, 'right', 0),
    log('band-row', 1, 'both', 12, 2),
    log('bridge', 1, 'both', 10),
    log('side-plank', 1, 'left', 30),
  ]);

  it('is one entry an exercise and side, in the order of its sets, with the load that was planned', () => {
    expect(shown).toContainEqual({
      on: '2026-12-09',
      variant: 'split-squat',
      side: 'left',
      loadKg: 15,
      counts: 'repetitions',
      from: 'session',
      sets: [
        { amount: 8, reserve: 3 },
        { amount: 6, cutShort: true },
      ],
    });
    expect(shown.find((s) => s.variant === 'split-squat' && s.side === 'right')?.sets).toEqual([{ amount: 8 }]);
  });

  it('leaves out what tells nothing: warm-up, sets not done, bands of unknown force', () => {
    expect(shown.map((s) => `${s.variant} ${s.side}`).sort()).toEqual([
      'side-plank left',
      'split-squat left',
      'split-squat right',
    ]);
    expect(shown.find((s) => s.variant === 'side-plank')?.counts).toBe('seconds');
  });

  it('counts the sets that were done, for the brief of the next session', () => {
    const logs = [
      log('split-squat', 1, 'left', 8),
      log('split-squat', 1, 'right', 8),
      log('split-squat', 2, 'left', 0),
    ];
    expect(recentOf(plan, '2026-12-09', { effort: 6, minutes: 28 }, logs)).toEqual({
      date: '2026-12-09',
      minutes: 28,
      rpe: 6,
      items: [{ variant: 'split-squat', sets: 1 }],
    });
  });
});
