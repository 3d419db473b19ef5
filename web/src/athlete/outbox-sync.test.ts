import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { ApiError } from '../api/client';
import { phone, takeUpOlderLinks } from './offline-db';
import { report, set } from './waiting-samples';

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

const { askAgain, refusedOf, sendPending, pendingOf } = await import('./outbox-sync');
const allGone = async () => (await sendPending('token')).gone;
const offline = async () => {
  throw new ApiError(0, 'The server cannot be reached.', []);
};

const waiting = async () => (await phone.sets.where('waiting').equals(1).toArray()).map((s) => s.id);

beforeEach(async () => {
  sent.length = 0;
  network = async () => undefined;
  askAgain();
  await Promise.all([phone.sets.clear(), phone.reports.clear(), phone.answers.clear()]);
});

describe('what waits on the phone', () => {
  it('goes in one call, and waits no more', async () => {
    await phone.sets.bulkPut([set(1), set(2), set(3)]);
    expect(await allGone()).toBe(true);
    expect(sent.map((s) => s.body.logs?.map((l) => l.id))).toEqual([['id-1', 'id-2', 'id-3']]);
    expect(await waiting()).toEqual([]);
    await sendPending('token');
    expect(sent).toHaveLength(1);
  });

  it('stays while there is no network, and goes when it is back', async () => {
    await phone.sets.bulkPut([set(1), set(2)]);
    network = offline;
    expect(await allGone()).toBe(false);
    expect(await waiting()).toEqual(['id-1', 'id-2']);
    network = async () => undefined;
    expect(await allGone()).toBe(true);
    expect(await waiting()).toEqual([]);
  });

  it('put right while it was under way goes again', async () => {
    await phone.sets.put(set(1));
    network = async () => {
      await phone.sets.update('session|push-up#1#both', { amount: 6 });
      network = async () => undefined;
    };
    await sendPending('token');
    expect(await waiting()).toEqual(['id-1']);
    await sendPending('token');
    expect(sent.map((s) => s.body.logs?.[0]?.amount)).toEqual([8, 6]);
    expect(await waiting()).toEqual([]);
  });

  it('two calls at once are one run', async () => {
    await phone.sets.put(set(1));
    await Promise.all([sendPending('token'), sendPending('token'), sendPending('token')]);
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
    const first = sendPending('token');
    await vi.waitFor(() => expect(arrived).toBe(true));
    await phone.sets.put(set(1));
    const second = sendPending('token');
    expect(await pendingOf('token')).toBe(2);
    network = async () => undefined;
    answer();
    expect((await first).gone).toBe(false);
    expect((await second).gone).toBe(true);
    expect(sent.map((s) => s.path)).toEqual(['/link/token/report', '/link/token/logs']);
  });

  it('a report that has not gone counts as waiting', async () => {
    await phone.reports.put(report);
    network = offline;
    expect(await allGone()).toBe(false);
    expect(await pendingOf('token')).toBe(1);
  });

  it('the report goes after the sets, and not without them', async () => {
    await phone.sets.put(set(1));
    await phone.reports.put(report);
    await sendPending('token');
    expect(sent.map((s) => s.path)).toEqual(['/link/token/logs', '/link/token/report']);
    expect((await phone.reports.get('session'))?.waiting).toBe(0);

    await phone.sets.put(set(2));
    await phone.reports.put(report);
    sent.length = 0;
    network = offline;
    await sendPending('token');
    expect(sent).toEqual([]);
    expect((await phone.reports.get('session'))?.waiting).toBe(1);
  });

  it('of a long session goes in parts', async () => {
    await phone.sets.bulkPut(Array.from({ length: 230 }, (_, i) => set(i + 1)));
    await sendPending('token');
    expect(sent.map((s) => s.body.logs?.length)).toEqual([100, 100, 30]);
    expect(await waiting()).toEqual([]);
  });

  it('of another link is left alone', async () => {
    await phone.sets.bulkPut([set(1), set(2, { token: 'other', key: 'other|2' })]);
    await sendPending('token');
    expect(await waiting()).toEqual(['id-2']);
  });
});

describe('what the server does not take', () => {
  const refuse = (status: number, faults: { path: string; message: string }[] = []) =>
    new ApiError(status, `refused with ${status}`, faults);
  /** A server that takes everything but some sets. */
  const allBut = (bad: readonly string[], error: ApiError) => async (call: Sent) => {
    if (call.body.logs?.some(({ id }) => bad.includes(id))) throw error;
  };
  const arrived = () => sent.flatMap((call) => call.body.logs?.map(({ id }) => id) ?? []);

  it.each([400, 403, 404, 409, 413, 415, 422])(
    'with %i: it is set aside with its words, all others arrive once, and the report follows',
    async (status) => {
      await phone.sets.bulkPut(Array.from({ length: 40 }, (_, i) => set(i + 1)));
      await phone.reports.put(report);
      network = allBut(['id-7', 'id-30'], refuse(status));
      expect(await allGone()).toBe(true);
      expect(arrived().sort()).toEqual(
        Array.from({ length: 40 }, (_, i) => `id-${i + 1}`)
          .filter((id) => id !== 'id-7' && id !== 'id-30')
          .sort(),
      );
      expect(await refusedOf('session')).toEqual({ count: 2, words: [`refused with ${status}`] });
      expect(sent.at(-1)?.path).toBe('/link/token/report');
      // Nothing is sent for ever.
      sent.length = 0;
      await sendPending('token');
      expect(sent).toEqual([]);
      // Put right, it goes again and is no longer set aside.
      network = async () => undefined;
      await phone.sets.update('session|push-up#7#both', { amount: 6, waiting: 1 });
      await sendPending('token');
      expect(arrived()).toEqual(['id-7']);
      expect((await refusedOf('session')).count).toBe(1);
    },
  );

  it('with 500: it waits alone for another time and holds up nothing', async () => {
    await phone.sets.bulkPut(Array.from({ length: 10 }, (_, i) => set(i + 1)));
    await phone.sets.put(set(11, { sessionId: 'other', key: 'other|11' }));
    await phone.reports.put(report);
    network = allBut(['id-3'], refuse(500));
    expect(await allGone()).toBe(false);
    expect(await waiting()).toEqual(['id-3']);
    expect(arrived()).toHaveLength(10);
    expect(sent.at(-1)?.path).toBe('/link/token/report');
    network = async () => undefined;
    expect(await allGone()).toBe(true);
  });

  it.each([0, 429, 502, 503, 504])('with %i: all of it waits, is set aside never, and goes later', async (status) => {
    await phone.sets.bulkPut([set(1), set(2)]);
    network = async () => {
      throw refuse(status);
    };
    expect(await allGone()).toBe(false);
    expect(await waiting()).toEqual(['id-1', 'id-2']);
    network = async () => undefined;
    expect(await allGone()).toBe(true);
    expect((await refusedOf('session')).count).toBe(0);
  });

  it('when it asks for patience it is not called until then', async () => {
    await phone.sets.put(set(1));
    let calls = 0;
    network = async () => {
      calls++;
      throw new ApiError(503, 'away', [], 30);
    };
    await sendPending('token');
    await sendPending('token');
    expect(calls).toBe(1);
    expect(await waiting()).toEqual(['id-1']);
  });

  it('an answer that was cut off: it goes again, and the server keeps one', async () => {
    const kept = new Set<string>();
    await phone.sets.bulkPut([set(1), set(2)]);
    let cut = true;
    network = async (call) => {
      for (const log of call.body.logs ?? []) kept.add(log.id);
      if (cut) throw refuse(0);
    };
    await sendPending('token');
    cut = false;
    expect(await allGone()).toBe(true);
    expect([...kept]).toEqual(['id-1', 'id-2']);
  });

  it('by a link that is closed: it waits, and goes by the new link of the same athlete', async () => {
    const answer = { athlete: { id: 'a', name: 'Aksel' }, session: null, logs: [], reported: false } as never;
    await phone.answers.bulkPut([
      { token: 'token', answer },
      { token: 'sister', answer: { athlete: { id: 'b', name: 'Aksel' } } as never },
    ]);
    await phone.sets.bulkPut([set(1), set(2), set(9, { token: 'sister', key: 'sister|9' })]);
    await phone.reports.put(report);
    network = async (call) => {
      if (call.path.startsWith('/link/token/')) throw refuse(410, [{ path: 'link', message: 'A newer link.' }]);
    };
    expect(await sendPending('token')).toEqual({ gone: false, closed: 'refused with 410' });
    expect(await pendingOf('token')).toBe(3);
    await takeUpOlderLinks('newer', answer);
    expect((await sendPending('newer')).gone).toBe(true);
    expect(sent.map(({ path }) => path)).toEqual(['/link/newer/logs', '/link/newer/report']);
    expect(arrived()).toEqual(['id-1', 'id-2']);
    expect(await waiting()).toEqual(['id-9']);
  });
});
