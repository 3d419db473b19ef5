import { describe, expect, it } from 'vitest';
import type { PainReport } from '../athlete/athlete';
import { dayAfter } from '../date/days';
import { entriesOf } from './desk';
import type { DeskAthlete, DeskSession } from './desk-athlete';

const today = '2026-12-09';
const athlete: Omit<DeskAthlete, 'sessions'> = {
  ...{ id: 'a', name: 'Aksel Vik', minor: false, restrictions: [], byPhysio: [], asked: [], fixtures: [] },
  lastTest: dayAfter(today, -7),
};
/** A session so many days before today that was sent and has not come back. */
const open = (daysAgo: number): DeskSession => ({
  ...{ id: `s${daysAgo}`, on: dayAfter(today, -daysAgo), status: 'sent', plannedEffort: 6, decided: [] },
  writtenFor: null,
});
const knee = (score: number): PainReport => ({ region: 'knee', side: 'left', score });

describe('who told before training that it cannot be done', () => {
  const told = (readiness: DeskSession['readiness'], daysAgo = 0) =>
    entriesOf({ ...athlete, sessions: [{ ...open(daysAgo), readiness } as DeskSession] }, today).find(
      ({ kind }) => kind === 'unwell',
    );

  it.each([
    [{ ill: 'ill' }, 'Ill: told to rest'],
    [{ ill: 'cold', sleep: 'short' }, 'A cold: half of it, nothing hard'],
    [{ pain: [{ region: 'knee', side: 'left', score: 7 }] }, 'Left knee 7 of 10 before training: told to rest'],
    [{ sleep: 'short', sore: 'very', ill: 'no' }, undefined],
    [{ sleep: 'short', meanwhile: [knee(3), knee(7)] }, 'Left knee 7 of 10 while training, not finished'],
    [{ meanwhile: [knee(5)] }, undefined],
  ] as const)('%j: %s', (readiness, headline) => {
    expect(told(readiness as DeskSession['readiness'])?.headline).toBe(headline);
  });

  it('pain within the rule is asked about the day after, where the session was left', () => {
    const left = told({ meanwhile: [knee(4)] } as DeskSession['readiness'], 1);
    expect(left).toMatchObject({ headline: 'Left knee 4 of 10 while training, not finished', rule: 'pain-tolerable' });
    expect(left?.evidence[0]).toBe('Yesterday: left knee 4 while training');
    expect(told({ meanwhile: [knee(2)] } as DeskSession['readiness'], 1)).toBeUndefined();
    expect(told({ meanwhile: [knee(8)] } as DeskSession['readiness'])?.rule).toBe('pain-stop');
  });

  it('is news for three days, and not of a session that was done', () => {
    expect(told({ ill: 'ill' }, 3)).toBeDefined();
    expect(told({ ill: 'ill' }, 4)).toBeUndefined();
    const report = { effort: 6, minutes: 30, pain: [], morning: null, note: null, cameAt: '2026-12-08T19:00:00Z' };
    const done: DeskSession = { ...open(0), status: 'done', report, readiness: { ill: 'cold' } };
    expect(entriesOf({ ...athlete, sessions: [done] }, today).map(({ kind }) => kind)).not.toContain('unwell');
  });
});
