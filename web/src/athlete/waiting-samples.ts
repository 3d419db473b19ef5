import type { StoredSet } from './offline-db';

/** A set done on the phone, waiting to be sent. */
export function set(number: number, changes: Partial<StoredSet> = {}): StoredSet {
  const stepKey = `push-up#${number}#both`;
  return {
    key: `session|${stepKey}`,
    token: 'token',
    sessionId: 'session',
    stepKey,
    id: `id-${number}`,
    variant: 'push-up',
    setNumber: number,
    side: 'both',
    amount: 8,
    doneAt: '2026-12-09T18:00:00Z',
    waiting: 1,
    ...changes,
  };
}

/** What was said of the session, waiting to be sent. */
export const report = {
  sessionId: 'session',
  token: 'token',
  effort: 6,
  minutes: 30,
  pain: [],
  finishedAt: '2026-12-09T18:30:00Z',
  waiting: 1 as const,
};
