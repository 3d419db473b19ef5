import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { DebouncedSaver } from './debounced-saver';

const written: [page: string, content: string][] = [];
let answer: (page: string, content: string) => Promise<void>;
let saver: DebouncedSaver<string>;

beforeEach(() => {
  vi.useFakeTimers();
  written.length = 0;
  answer = async () => undefined;
  saver = new DebouncedSaver<string>({
    async write(page, content) {
      await answer(page, content);
      written.push([page, content]);
    },
    troubleOf: (error) => ({ words: (error as Error).message, again: (error as Error).message === 'offline' }),
    quietMs: 600,
    retryMs: 4000,
  });
});
afterEach(() => vi.useRealTimers());

describe('saving a little after every change', () => {
  it('waits until nothing more comes and writes the last content once', async () => {
    for (const content of ['a', 'ab', 'abc']) {
      saver.changed('page', content);
      await vi.advanceTimersByTimeAsync(400);
    }
    expect(written).toEqual([]);
    expect(saver.stateOf('page').kind).toBe('waiting');
    await vi.advanceTimersByTimeAsync(600);
    expect(written).toEqual([['page', 'abc']]);
    expect(saver.stateOf('page').kind).toBe('saved');
  });

  it('a page left behind is written under its own name, whatever is opened next', async () => {
    saver.changed('Tuesday', 'long session');
    saver.changed('Wednesday', 'short session');
    await saver.flush();
    expect(written).toEqual([
      ['Tuesday', 'long session'],
      ['Wednesday', 'short session'],
    ]);
    expect(saver.unsaved).toBe(false);
  });

  it('one write of a page at a time: what comes meanwhile goes after it', async () => {
    let arrive: () => void = () => undefined;
    answer = () => new Promise((resolve) => (arrive = resolve));
    saver.changed('page', 'first');
    const first = saver.flush();
    saver.changed('page', 'second');
    const second = saver.flush();
    expect(saver.stateOf('page').kind).not.toBe('saved');
    answer = async () => undefined;
    arrive();
    await Promise.all([first, second]);
    expect(written.map(([, content]) => content)).toEqual(['first', 'second']);
  });

  it('flush waits for a write that is already under way', async () => {
    let arrive: () => void = () => undefined;
    answer = () => new Promise((resolve) => (arrive = resolve));
    saver.changed('page', 'content');
    void saver.flush();
    let settled = false;
    const again = saver.flush().then(() => (settled = true));
    await vi.advanceTimersByTimeAsync(10);
    expect(settled).toBe(false);
    arrive();
    await again;
    expect(written).toHaveLength(1);
  });

  it('tries again while the server cannot be reached, with the latest content', async () => {
    answer = () => Promise.reject(new Error('offline'));
    saver.changed('page', 'old');
    await vi.advanceTimersByTimeAsync(600);
    expect(saver.stateOf('page')).toEqual({ kind: 'trouble', words: 'offline' });
    expect(saver.unsaved).toBe(true);
    saver.changed('page', 'new');
    answer = async () => undefined;
    await vi.advanceTimersByTimeAsync(4000);
    expect(written).toEqual([['page', 'new']]);
  });

  it('does not repeat what has been refused', async () => {
    answer = () => Promise.reject(new Error('saved elsewhere'));
    saver.changed('page', 'mine');
    await vi.advanceTimersByTimeAsync(60_000);
    expect(saver.stateOf('page')).toEqual({ kind: 'trouble', words: 'saved elsewhere' });
    expect(saver.unsaved).toBe(false);
  });
});
