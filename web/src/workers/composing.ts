import type { Brief } from '@tropaeum/core/session/brief/brief';
import type { Composition } from '@tropaeum/core/session/composer/compose';
import type { Purchase } from '@tropaeum/core/session/composer/equipment-advice';
import type { Draft } from '@tropaeum/core/session/draft/draft';
import { proxy, type Remote, wrap } from 'comlink';
import type { Composer, Progress } from './compose.worker';

export type { OfferedAlternative, OfferedAnswer, Progress } from './compose.worker';

interface Running {
  worker: Worker;
  composer: Remote<Composer>;
}

let running: Running | undefined;

function newWorker(): Running {
  const worker = new Worker(new URL('./compose.worker.ts', import.meta.url), { type: 'module' });
  return { worker, composer: wrap<Composer>(worker) };
}

function start(): Running {
  running ??= newWorker();
  return running;
}

function end(): void {
  running?.worker.terminate();
  running = undefined;
}

/** The composer in its worker. */
export const composer = () => start().composer;

let prepared: { key: string; composition: Promise<Composition> } | undefined;

/** Composes ahead of the coach asking, so that the answer is there when the key is pressed. */
export function prepare(brief: Brief): void {
  const key = JSON.stringify(brief);
  if (prepared?.key === key) return;
  const composition = composer().compose(brief);
  composition.catch(() => undefined);
  prepared = { key, composition };
}

/** What to buy first, weighed in a worker of its own, so that composing does not wait for it; ends with an AbortError when it is stopped. */
export function equipmentAdviceInWorker(brief: Brief, stop: AbortSignal): Promise<Purchase[]> {
  const { worker, composer: weighing } = newWorker();
  return new Promise<Purchase[]>((resolve, reject) => {
    stop.addEventListener('abort', () => reject(new DOMException('Calculation was stopped', 'AbortError')));
    weighing.boughtFirst(brief).then(resolve, reject);
  }).finally(() => worker.terminate());
}

/** A named exercise for a session, or why not. */
export const additionInWorker = (brief: Brief, draft: Draft, variantId: string) =>
  composer().addition(brief, draft, variantId);

/** Composes away from the page. Ends with an AbortError when it is stopped. */
export function composeInWorker(brief: Brief, stop: AbortSignal): Promise<Composition> {
  prepare(brief);
  const composition = prepared?.composition ?? composer().compose(brief);
  return new Promise((resolve, reject) => {
    stop.addEventListener('abort', () => {
      prepared = undefined;
      end();
      reject(new DOMException('Composing was stopped', 'AbortError'));
    });
    composition.then(resolve, (error) => {
      prepared = undefined;
      end();
      reject(error);
    });
  });
}

/** How long a proof is worked on, seconds. */
const provingSeconds = 8;

let prover: Running | undefined;

/**
 * Looks further in a second worker, while the first one answers the coach: the bound falls, a better session may come. Ends with what it has when it
 * is stopped.
 */
export async function proveInWorker(
  brief: Brief,
  stop: AbortSignal,
  report: (progress: Progress) => void,
): Promise<void> {
  prover ??= newWorker();
  const { worker, composer: proving } = prover;
  const end = () => {
    worker.terminate();
    prover = undefined;
  };
  const told = (progress: Progress | undefined) => {
    if (progress && !stop.aborted) report(progress);
  };
  const stopped = new Promise<void>((resolve) => {
    stop.addEventListener('abort', () => {
      end();
      resolve();
    });
  });
  const done = proving.prove(brief, provingSeconds, proxy(told)).then(told, (error) => {
    if (stop.aborted) return;
    end();
    throw error;
  });
  await Promise.race([done, stopped]);
}
