import { type Remote, wrap } from 'comlink';
import type { Measurer } from './measure.worker';

export type { OfferedReach, OfferedWay, PatternOffer } from './measure.worker';

let running: Remote<Measurer> | undefined;

/** The body model over the whole library, away from the page. */
export function measurer(): Remote<Measurer> {
  running ??= wrap<Measurer>(new Worker(new URL('./measure.worker.ts', import.meta.url), { type: 'module' }));
  return running;
}
