import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { ApiError } from '../api/client';
import { type KeptSet, phone } from './kept';

type Sent = { path: string; body: { logs?: { id: string; amount: number }[]; effort?: number } };
const sent: Sent[] = [];
let network: (call: Sent) => Promise<void> = async () => undefined;

vi.mock('../api/client', async (original) => ({
  ...(await original<typeof import('../api/client')>()),
  ask: async (path: string, _: string, body: Sent['body']) => {
    const call = { path, body };
    await network(call);
    sent.push(call);
  },
}));

const { sendWaiting, waitingOf } = await import('./sending');
const offline = async () => {
  throw new ApiError(0, 'The server cannot be reached.', []);
};

function set(number: number, changes: Partial<KeptSet> = {}): KeptSet {
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

const report = {
  sessionId: 'session',
  token: 'token',
  effort: 6,
  minutes: 30,
  pain: [],
  finishedAt: '2026-12-09T18:30:00Z',
  waiting: 1 as const,
};
const waiting = async () => (await phone.sets.where('waiting').equals(1).toArray()).map((s) => s.id);

beforeEach(async () => {
  sent.length = 0;
  network = async () => undefined;
  await Promise.all([phone.sets.clear(), phone.reports.clear()]);
});

describe('what waits on the phone', () => {
  it('goes in one call, and waits no more', async () => {
    await phone.sets.bulkPut([set(1), set(2), set(3)]);
    expect(await sendWaiting('token')).toBe(true);
    expect(sent.map((s) => s.body.logs?.map((l) => l.id))).toEqual([['id-1', 'id-2', 'id-3']]);
    expect(await waiting()).toEqual([]);
    await sendWaiting('token');
    expect(sent).toHaveLength(1);
  });

  it('stays while there is no network, and goes when it is back', async () => {
    await phone.sets.bulkPut([set(1), set(2)]);
    network = offline;
    expect(await sendWaiting('token')).toBe(false);
    expect(await waiting()).toEqual(['id-1', 'id-2']);
    network = async () => undefined;
    expect(await sendWaiting('token')).toBe(true);
    expect(await waiting()).toEqual([]);
  });

  it('put right while it was under way goes again', async () => {
    await phone.sets.put(set(1));
    network = async () => {
      await phone.sets.update('session|push-up#1#both', { amount: 6 });
      network = async () => undefined;
    };
    await sendWaiting('token');
    expect(await waiting()).toEqual(['id-1']);
    await sendWaiting('token');
    expect(sent.map((s) => s.body.logs?.[0]?.amount)).toEqual([8, 6]);
    expect(await waiting()).toEqual([]);
  });

  it('two calls at once are one run', async () => {
    await phone.sets.put(set(1));
    await Promise.all([sendWaiting('token'), sendWaiting('token'), sendWaiting('token')]);
    expect(sent).toHaveLength(1);
  });

  it('kept while a run is under way goes with the next, and only then is all of it sent', async () => {
    await phone.reports.put(report);
    let arrived = false;
    let answer = () => {};
    network = () =>
      new Promise((done) => {
        arrived = true;
        answer = done;
      });
    const first = sendWaiting('token');
    await vi.waitFor(() => expect(arrived).toBe(true));
    await phone.sets.put(set(1));
    const second = sendWaiting('token');
    expect(await waitingOf('token')).toBe(2);
    network = async () => undefined;
    answer();
    expect(await first).toBe(false);
    expect(await second).toBe(true);
    expect(sent.map((s) => s.path)).toEqual(['/link/token/report', '/link/token/logs']);
  });

  it('a report that has not gone counts as waiting', async () => {
    await phone.reports.put(report);
    network = offline;
    expect(await sendWaiting('token')).toBe(false);
    expect(await waitingOf('token')).toBe(1);
  });

  it('the report goes after the sets, and not without them', async () => {
    await phone.sets.put(set(1));
    await phone.reports.put(report);
    await sendWaiting('token');
    expect(sent.map((s) => s.path)).toEqual(['/link/token/logs', '/link/token/report']);
    expect((await phone.reports.get('session'))?.waiting).toBe(0);

    await phone.sets.put(set(2));
    await phone.reports.put(report);
    sent.length = 0;
    network = offline;
    await sendWaiting('token');
    expect(sent).toEqual([]);
    expect((await phone.reports.get('session'))?.waiting).toBe(1);
  });

  it('of a long session goes in parts', async () => {
    await phone.sets.bulkPut(Array.from({ length: 230 }, (_, i) => set(i + 1)));
    await sendWaiting('token');
    expect(sent.map((s) => s.body.logs?.length)).toEqual([100, 100, 30]);
    expect(await waiting()).toEqual([]);
  });

  it('of another link is left alone', async () => {
    await phone.sets.bulkPut([set(1), set(2, { token: 'other', key: 'other|2' })]);
    await sendWaiting('token');
    expect(await waiting()).toEqual(['id-2']);
  });
});
