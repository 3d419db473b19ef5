import { describe, expect, it } from 'vitest';
import type { ListedAthlete, ListedSession } from '../api/types';
import { athleteState } from './athlete-state';

const today = '2026-12-09';

function session(on: string, status: ListedSession['status'], score?: number): ListedSession {
  const report =
    status === 'done'
      ? { effort: 6, minutes: 30, note: null, pain: score ? [{ region: 'shoulder' as const, score }] : [] }
      : null;
  return {
    id: on,
    on,
    status,
    planned: 30,
    work: { strength: 30, power: 0, prevention: 0, trunk: 0, preparation: 0 },
    report,
  };
}

const athlete = (...sessions: ListedSession[]): ListedAthlete => ({
  id: 'a',
  squadId: 's',
  name: 'Somebody',
  role: 'back',
  born: '2001-01-01',
  level: 'intermediate',
  minutes: 30,
  restrictions: [],
  sessions,
});

describe('where an athlete stands', () => {
  it.each<[string, ListedSession[], string, string]>([
    ['nobody has written anything', [], 'write', 'today'],
    ['new, the first draft begun', [session(today, 'draft')], 'write', 'draft'],
    ['the first session sent today', [session(today, 'sent')], 'fine', '0 of 1'],
    ['never an answer', [session('2026-11-29', 'sent'), session('2026-12-05', 'sent')], 'look', 'no log 10 d'],
    ['trained lately, nothing ahead', [session('2026-12-07', 'done')], 'write', 'today'],
    ['a draft for today', [session('2026-12-07', 'done'), session(today, 'draft')], 'write', 'draft'],
    ['has a session for today', [session('2026-12-07', 'done'), session(today, 'sent')], 'fine', '1 of 2'],
    ['nothing back for long', [session('2026-11-20', 'done'), session('2026-12-05', 'sent')], 'look', 'no log 19 d'],
    ['pain 4 two days ago', [session('2026-12-07', 'done', 4), session(today, 'sent')], 'look', 'pain 4'],
    ['pain 2 is no alarm', [session('2026-12-07', 'done', 2), session(today, 'sent')], 'fine', '1 of 2'],
    [
      'pain long ago is no alarm any more',
      [session('2026-11-25', 'done', 6), session(today, 'sent')],
      'look',
      'no log 14 d',
    ],
  ])('%s', (_, sessions, kind, words) => {
    expect(athleteState(athlete(...sessions), today)).toMatchObject({ kind, words });
  });

  it('pain comes before silence and before writing', () => {
    expect(athleteState(athlete(session('2026-12-02', 'done', 5)), today)).toMatchObject({
      kind: 'look',
      alarming: true,
    });
  });
});
