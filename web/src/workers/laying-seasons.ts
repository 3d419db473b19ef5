import type { Outlook } from '@tropaeum/core/season/outlook';
import type { SeasonAsk } from '@tropaeum/core/season/season-plan';
import { type Remote, wrap } from 'comlink';
import type { SeasonLaying } from './season.worker';

interface Line {
  worker: Worker;
  laying: Remote<SeasonLaying>;
}

function newLine(): Line {
  const worker = new Worker(new URL('./season.worker.ts', import.meta.url), { type: 'module' });
  return { worker, laying: wrap<SeasonLaying>(worker) };
}

let lines: Line[] = [];

/** The workers that lay seasons; two, since a squad is laid for many. */
function bothLines(): Line[] {
  if (lines.length === 0) lines = [newLine(), newLine()];
  return lines;
}

/** Lays one season away from the page. */
export const outlookAway = (ask: SeasonAsk): Promise<Outlook> => (bothLines()[0] as Line).laying.outlook(ask);

/** Lays seasons for many, two at a time; each is told as it is ready. Stopping ends it with what is ready. */
export async function outlooksAway<Who>(
  asks: readonly { who: Who; ask: SeasonAsk }[],
  stop: AbortSignal,
  ready: (who: Who, outlook: Outlook) => void,
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
