import { parseDose } from '@tropaeum/core/dose/notation';
import type { CustomExercise } from '@tropaeum/core/exercise/model/custom-exercise';
import type { Draft } from '@tropaeum/core/session/draft/draft';
import { pin } from '@tropaeum/core/session/editing/edit';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { plainBrief } from '../../../../core/test/briefs';
import { ApiError } from '../../api/client';

interface Sent {
  path: string;
  method: string;
  body: { draft: Draft; revision?: number; brief: { date: string } };
}
const sent: Sent[] = [];
let answer: (call: Sent) => Promise<unknown>;

vi.mock('../../workers/composing', () => ({
  prepare: () => undefined,
  warm: () => undefined,
  composeInWorker: async () => ({ draft, proof: { objective: 0.8, bound: 0.81, gap: 0.0123 } }),
}));
vi.mock('../../api/client', async (original) => ({
  ...(await original<object>()),
  ask: (path: string, method = 'GET', body: unknown = undefined) => {
    const call = { path, method, body } as Sent;
    if (method !== 'GET') sent.push(call);
    return answer(call);
  },
}));

const draft: Draft = {
  groups: [
    {
      block: 'strength',
      format: 'straight',
      roundRestSeconds: 0,
      choices: [{ variant: 'push-up', dose: parseDose('3x8 r60'), pinned: false }],
    },
  ],
};
const { useSession } = await import('./store');
const { pageOf } = await import('./session-state');
await import('./autosave');
const { everythingSaved } = await import('../../saving/registry');
const { ownOf } = await import('./opening');
const session = () => useSession.getState();
const day = (date: string) => plainBrief({ date });
let rows = 0;

beforeEach(() => {
  vi.useFakeTimers();
  sent.length = 0;
  rows = 0;
  answer = async ({ method, body }) =>
    method === 'POST'
      ? { id: `row-${++rows}`, revision: 1, status: 'draft' }
      : { id: 'row-1', revision: (body?.revision ?? 0) + 1, status: 'draft' };
  session().open('ragna', day('2026-12-09'));
});
afterEach(() => vi.useRealTimers());

describe('saving the session that is written', () => {
  it('makes a row for a new page, and writes on in it', async () => {
    await session().compose();
    await vi.advanceTimersByTimeAsync(600);
    session().edit((d) => pin(d, { group: 0, choice: 0 }, true));
    await vi.advanceTimersByTimeAsync(600);
    expect(sent.map(({ method, path }) => `${method} ${path}`)).toEqual([
      'POST /athletes/ragna/sessions',
      'PUT /sessions/row-1',
    ]);
    expect(sent[1]?.body.revision).toBe(1);
    expect(session().stored).toMatchObject({ id: 'row-1', revision: 2 });
  });

  it('a page that is left within the quiet time is saved under its own day', async () => {
    await session().compose();
    session().open('ragna', day('2026-12-10'));
    await everythingSaved();
    expect(sent).toHaveLength(1);
    expect(sent[0]?.body.brief.date).toBe('2026-12-09');
  });

  it('a late answer does not stamp the page that has been opened since', async () => {
    let arrive: (row: object) => void = () => undefined;
    answer = () => new Promise((resolve) => (arrive = resolve));
    await session().compose();
    await vi.advanceTimersByTimeAsync(600);
    session().open('ragna', day('2026-12-10'));
    arrive({ id: 'row-of-the-ninth', revision: 1, status: 'draft' });
    await everythingSaved();
    expect(pageOf(session())).toBe('ragna|2026-12-10');
    expect(session().stored).toBeUndefined();
  });

  it('tries again when the server was away, and says what was refused', async () => {
    answer = () => Promise.reject(new ApiError(0, 'The server cannot be reached.', []));
    await session().compose();
    await vi.advanceTimersByTimeAsync(600);
    expect(sent).toHaveLength(1);
    answer = () => Promise.reject(new ApiError(409, 'saved elsewhere', []));
    await vi.advanceTimersByTimeAsync(4000);
    expect(sent).toHaveLength(2);
    await vi.advanceTimersByTimeAsync(60_000);
    expect(sent).toHaveLength(2);
  });
});

describe("a club's exercises on a page that is opened again", () => {
  const own = (id: string, name = id) => ({ id, name }) as CustomExercise;
  const using = (id: string): Draft => ({
    groups: [
      { ...(draft.groups[0] as Draft['groups'][0]), choices: [{ variant: id, dose: parseDose('3x8'), pinned: false }] },
    ],
  });

  it('are those of now, with what the draft uses and has been taken off the list', () => {
    expect(ownOf([own('a', 'new words')], [own('a', 'old words'), own('b'), own('c')], using('b'))).toEqual([
      own('a', 'new words'),
      own('b'),
    ]);
  });
});
