import type { ReadCalendar, ReadOptions } from '@tropaeum/core/formats/icalendar-read';
import { Piscina } from 'piscina';
import type { CalendarText } from './calendar-worker';

/** Reads what somebody else has written, without anybody waiting for it. */
export interface CalendarParser {
  /** What a calendar says; nothing where it takes too long or too much. */
  parse(copy: string, how: ReadOptions): Promise<ReadCalendar | undefined>;
  close(): Promise<void>;
}

/** How long a calendar may take to be read, and a thread to begin; how many may wait. */
const [usualMs, startMs, maxWaiting] = [2500, 20_000, 100];
/** Bundled, the worker stands beside the server; from source it is read as it is written. */
const isBundled = import.meta.url.endsWith('.mjs');
const worker = isBundled
  ? { filename: new URL('./calendar-worker.mjs', import.meta.url).href }
  : { filename: new URL('./calendar-worker.ts', import.meta.url).href, execArgv: ['--import', 'tsx'] };

/** One thread that is there while there is something to read, with a limit on its memory and on the time of each calendar. */
export function threadCalendarParser(maxMs = usualMs): CalendarParser {
  const pool = new Piscina<CalendarText, ReadCalendar>({
    ...worker,
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: 30_000,
    resourceLimits: { maxOldGenerationSizeMb: 64, maxYoungGenerationSizeMb: 16 },
  });
  pool.on('error', () => undefined);
  const run = (text: CalendarText, ms: number) => pool.run(text, { signal: AbortSignal.timeout(ms) });
  let before: Promise<unknown> = Promise.resolve();
  let waiting = 0;
  return {
    parse(copy, how) {
      if (waiting >= maxWaiting) return Promise.resolve(undefined);
      waiting++;
      // One after the other, each with all of its time: neither the one before nor the start of a thread counts against it.
      const turn = before
        .then(() => run({ copy: '', how }, startMs))
        .then(() => run({ copy, how }, maxMs))
        .catch(() => undefined)
        .finally(() => waiting--);
      before = turn;
      return turn;
    },
    close: () => pool.destroy(),
  };
}
