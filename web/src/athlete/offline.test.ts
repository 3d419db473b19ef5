import 'fake-indexeddb/auto';
import type { PlanItem } from '@tropaeum/core/session/plan/plan-types';
import { setKey, type WorkStep } from '@tropaeum/core/session/player/steps';
import fc from 'fast-check';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { ApiError } from '../api/client';

interface Log {
  id: string;
  variant: string;
  setNumber: number;
  side: string;
  amount: number;
  doneAt: string;
  skipped?: string;
}

/** What the server has: a set is one set however often it comes. */
const server = new Map<string, Log>();
let weather: () => 'through' | 'lost' | 'answer lost' = () => 'through';

vi.mock('../api/client', async (original) => ({
  ...(await original<typeof import('../api/client')>()),
  ask: async (_: string, __: string, body: { logs: Log[] }) => {
    const sky = weather();
    if (sky !== 'lost') for (const log of body.logs) server.set(log.id, log);
    await Promise.resolve();
    if (sky !== 'through') throw new ApiError(0, 'The server cannot be reached.', []);
  },
}));

/** A page: its memory goes when it is killed, what the phone keeps does not. */
async function page() {
  vi.resetModules();
  const [{ keepSet, keepLeftOut }, { sendPending, pendingOf }, { phone }] = [
    await import('./keep-sets'),
    await import('./outbox-sync'),
    await import('./offline-db'),
  ];
  return { keepSet, keepLeftOut, sendPending, pendingOf, phone };
}

const step = (set: number, side: 'left' | 'right'): WorkStep => ({
  ...{ kind: 'work', key: setKey('split-squat', set, side), block: 'strength', set, side },
  item: { variant: 'split-squat' } as PlanItem,
});
const session = { token: 'token', sessionId: 'session' };
const steps = Array.from({ length: 6 }, (_, i) => [step(i + 1, 'left'), step(i + 1, 'right')]).flat();

afterEach(() => vi.useRealTimers());

describe('a session on a bad day', () => {
  it('loses no set, doubles none and keeps their order over 200 runs of cuts, reloads, killed pages and changed clocks', async () => {
    const event = fc.record({
      amount: fc.integer({ min: 0, max: 30 }),
      leftOut: fc.boolean(),
      putRight: fc.option(fc.integer({ min: 0, max: 30 }), { nil: undefined }),
      sky: fc.constantFrom('through' as const, 'lost' as const, 'answer lost' as const),
      killed: fc.constantFrom('no', 'before sending', 'while sending', 'after sending'),
      clockHours: fc.integer({ min: -48, max: 48 }),
    });
    vi.useFakeTimers({ toFake: ['Date'] });
    await fc.assert(
      fc.asyncProperty(fc.array(event, { minLength: steps.length, maxLength: steps.length }), async (events) => {
        server.clear();
        let now = await page();
        await now.phone.sets.clear();
        vi.setSystemTime('2026-12-09T18:00:00Z');
        const asked = new Map<string, number>();
        for (const [i, one] of events.entries()) {
          const here = steps[i] as WorkStep;
          weather = () => one.sky;
          if (one.leftOut) await now.keepLeftOut(session, [here], 'no time');
          else await now.keepSet(session, here, { amount: one.amount, reserve: undefined, loadKg: undefined });
          asked.set(here.key, one.leftOut ? 0 : one.amount);
          if (one.killed === 'before sending') now = await page();
          const run = now.sendPending(session.token).catch(() => undefined);
          if (one.killed === 'while sending') now = await page();
          if (one.putRight !== undefined) {
            await now.keepSet(session, here, { amount: one.putRight, reserve: undefined, loadKg: undefined });
            asked.set(here.key, one.putRight);
          }
          await run;
          if (one.killed === 'after sending') now = await page();
          vi.setSystemTime(Date.now() + one.clockHours * 3_600_000);
        }
        weather = () => 'through';
        now = await page();
        for (let i = 0; i < 5 && (await now.pendingOf(session.token)) > 0; i++) await now.sendPending(session.token);
        const arrived = [...server.values()].sort((a, b) => a.doneAt.localeCompare(b.doneAt));
        expect(arrived.map((log) => setKey(log.variant, log.setNumber, log.side as 'left'))).toEqual(
          steps.map(({ key }) => key),
        );
        for (const [i, log] of arrived.entries()) expect(log.amount).toBe(asked.get(steps[i]?.key ?? ''));
        expect(await now.pendingOf(session.token)).toBe(0);
      }),
      { numRuns: 200 },
    );
  });

  it('where the phone has no room, or keeps nothing, the page keeps it, says so, and it still arrives', async () => {
    for (const [name, trouble] of [
      ['QuotaExceededError', 'full'],
      ['SecurityError', 'refused'],
    ] as const) {
      server.clear();
      weather = () => 'lost';
      const now = await page();
      const db = await import('./offline-db');
      await now.keepSet(session, step(1, 'left'), { amount: 8, reserve: undefined, loadKg: undefined });
      const told = vi.fn();
      db.onStorageTrouble(told);
      vi.spyOn(now.phone, 'transaction').mockRejectedValueOnce(Object.assign(new Error('no'), { name }));
      await now.keepSet(session, step(1, 'right'), { amount: 7, reserve: undefined, loadKg: undefined });
      expect(told).toHaveBeenCalledTimes(1);
      expect(db.storageTrouble()).toBe(trouble);
      weather = () => 'through';
      await now.sendPending(session.token);
      expect([...server.values()].map(({ side, amount }) => [side, amount])).toEqual([
        ['left', 8],
        ['right', 7],
      ]);
      await now.phone.sets.clear();
    }
  });
});
