import type { Brief } from '@tropaeum/core/session/brief';
import type { Draft } from '@tropaeum/core/session/draft';
import type { Slot } from '@tropaeum/core/session/squad';
import { type Remote, wrap } from 'comlink';
import type { AdaptedAway, Adapting } from './adapt.worker';

export type { AdaptedAway } from './adapt.worker';

/** What has to be adapted for whom. */
export interface AdaptJob {
  athleteId: string;
  brief: Brief;
  fixed: ReadonlyMap<number, string>;
}

const workers = 2;

function newWorker(): { worker: Worker; adapting: Remote<Adapting> } {
  const worker = new Worker(new URL('./adapt.worker.ts', import.meta.url), { type: 'module' });
  return { worker, adapting: wrap<Adapting>(worker) };
}

/** What the items of a session are there for. */
export async function skeletonAway(brief: Brief, draft: Draft): Promise<Slot[]> {
  const { worker, adapting } = newWorker();
  try {
    return await adapting.skeleton(brief, draft);
  } finally {
    worker.terminate();
  }
}

/** Adapts a session for many, two at a time; each is told as it is ready. Stopping keeps what is ready. */
export async function adaptAway(
  jobs: readonly AdaptJob[],
  slots: readonly Slot[],
  stop: AbortSignal,
  ready: (athleteId: string, adapted: AdaptedAway) => void,
): Promise<void> {
  const left = [...jobs];
  const line = async () => {
    const { worker, adapting } = newWorker();
    const stopped = new Promise<undefined>((resolve) => stop.addEventListener('abort', () => resolve(undefined)));
    try {
      for (let job = left.shift(); job && !stop.aborted; job = left.shift()) {
        const result = await Promise.race([adapting.adapt(job.brief, slots, job.fixed), stopped]);
        if (result && !stop.aborted) ready(job.athleteId, result);
      }
    } finally {
      worker.terminate();
    }
  };
  await Promise.all(Array.from({ length: Math.min(workers, jobs.length) }, line));
}
