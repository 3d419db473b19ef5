import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { repeatedly } from '../src/jobs/repeating';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

const minute = 60_000;
const ignored = () => undefined;

describe('work done again and again', () => {
  it('is begun at once, and each time until it is ended', async () => {
    const work = vi.fn(async () => undefined);
    const end = repeatedly(work, minute, ignored);
    expect(work).toHaveBeenCalledTimes(1);
    await vi.advanceTimersByTimeAsync(3 * minute);
    expect(work).toHaveBeenCalledTimes(4);
    end();
    await vi.advanceTimersByTimeAsync(3 * minute);
    expect(work).toHaveBeenCalledTimes(4);
  });

  it('is not begun anew while it is under way', async () => {
    let finish = ignored as () => void;
    const work = vi.fn(
      () =>
        new Promise<void>((resolve) => {
          finish = resolve;
        }),
    );
    const end = repeatedly(work, minute, ignored);
    await vi.advanceTimersByTimeAsync(5 * minute);
    expect(work).toHaveBeenCalledTimes(1);
    finish();
    await vi.advanceTimersByTimeAsync(minute);
    expect(work).toHaveBeenCalledTimes(2);
    end();
  });

  it('is tried again after a fault, which is told', async () => {
    const told: unknown[] = [];
    const fault = new Error('database away');
    const work = vi.fn(async () => undefined).mockRejectedValueOnce(fault);
    const end = repeatedly(work, minute, (error) => told.push(error));
    await vi.advanceTimersByTimeAsync(minute);
    expect(told).toEqual([fault]);
    expect(work).toHaveBeenCalledTimes(2);
    end();
  });
});
