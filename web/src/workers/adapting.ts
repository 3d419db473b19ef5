import type { Brief } from '@tropaeum/core/session/brief/brief';
import type { Draft } from '@tropaeum/core/session/draft/draft';
import type { Slot } from '@tropaeum/core/session/squad/slots';
import { type Remote, wrap } from 'comlink';
import type { AdaptedInWorker, Adapting } from './adapt.worker';

export type { AdaptedInWorker } from './adapt.worker';

/** What has to be adapted for whom. */
export interface AdaptJob {
  athleteId: string;
  brief: Brief;
  fixed: ReadonlyMap<number, string>;
}

interface Line {
  worker: Worker;
  adapting: Remote<Adapting>;
}

function newLine(): Line {
  const worker = new Worker(new URL('./adapt.worker.ts', import.meta.url), { type: 'module' });
  return { worker, adapting: wrap<Adapting>(worker) };
}

/** Those of one stature beside each other: whoever adapts for one has put down its body for the next. */
const byStature = (jobs: readonly AdaptJob[]): AdaptJob[] =>
  [...jobs].sort(
    ({ brief: { athlete: a } }, { brief: { athlete: b } }) =>
      (a.sex ?? '').localeCompare(b.sex ?? '') || a.heightCm - b.heightCm,
  );

/** The workers that adapt sessions; they are kept while a page needs them, since the first athlete warms them up for the rest. */
export class Adapters {
  private lines: Line[] = [];
  private stopped = new AbortController();

  constructor(private readonly many: 1 | 2) {}

  /** Starts the workers, so that they load while the page reads what they are to work on. */
  begin(): readonly Line[] {
    if (this.lines.length === 0) this.lines = Array.from({ length: this.many }, newLine);
    return this.lines;
  }

  /** What the items of a session are there for. */
  skeleton(brief: Brief, draft: Draft): Promise<Slot[]> {
    return (this.begin()[0] as Line).adapting.skeleton(brief, draft);
  }

  /** Adapts a session for many; each is told as it is ready. Ends early, with what is ready, when stopped. */
  async adapt(
    jobs: readonly AdaptJob[],
    slots: readonly Slot[],
    ready: (athleteId: string, adapted: AdaptedInWorker) => void,
  ): Promise<void> {
    const left = byStature(jobs);
    const { signal } = this.stopped;
    const stopped = new Promise<undefined>((resolve) =>
      signal.addEventListener('abort', () => resolve(undefined), { once: true }),
    );
    const inTurn = async ({ adapting }: Line, next: () => AdaptJob | undefined) => {
      for (let job = next(); job && !signal.aborted; job = next()) {
        const result = await Promise.race([adapting.adapt(job.brief, slots, job.fixed), stopped]);
        if (result && !signal.aborted) ready(job.athleteId, result);
      }
    };
    // From both ends, so that one stature stays with one worker.
    await Promise.all(this.begin().map((line, l) => inTurn(line, () => (l === 0 ? left.shift() : left.pop()))));
  }

  /** Ends whatever is worked on, and the workers; they begin anew when they are needed again. */
  stop(): void {
    this.stopped.abort();
    this.stopped = new AbortController();
    for (const { worker } of this.lines) worker.terminate();
    this.lines = [];
  }
}
