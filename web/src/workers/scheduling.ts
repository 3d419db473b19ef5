import type { ScheduleResult } from '@tropaeum/core/season/plan/schedule-result';
import type { ScheduleRequest } from '@tropaeum/core/season/plan/season-plan';
import { type Remote, wrap } from 'comlink';
import type { SeasonScheduling } from './season.worker';

interface Line {
  worker: Worker;
  laying: Remote<SeasonScheduling>;
}

function newLine(): Line {
  const worker = new Worker(new URL('./season.worker.ts', import.meta.url), { type: 'module' });
  return { worker, laying: wrap<SeasonScheduling>(worker) };
}

let lines: Line[] = [];

/** The workers that lay seasons; two, since a squad is laid for many. */
function bothLines(): Line[] {
  if (lines.length === 0) lines = [newLine(), newLine()];
  return lines;
}

/** Lays one season away from the page. */
export const scheduleInWorker = (ask: ScheduleRequest): Promise<ScheduleResult> =>
  (bothLines()[0] as Line).laying.outlook(ask);

/** Lays seasons for many, two at a time; each is told as it is ready. Stopping ends it with what is ready. */
export async function schedulesInWorker<Who>(
  asks: readonly { who: Who; ask: ScheduleRequest }[],
  stop: AbortSignal,
  ready: (who: Who, outlook: ScheduleResult) => void,
): Promise<void> {
  const left = [...asks];
  await Promise.all(
    bothLines().map(async ({ laying }) => {
      for (let next = left.shift(); next && !stop.aborted; next = left.shift()) {
        const laid = await laying.outlook(next.ask);
        if (!stop.aborted) ready(next.who, laid);
      }
    }),
  );
}
