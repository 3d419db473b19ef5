import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import loadHighs from 'highs';
import { begin, composedOf, refine } from '../core/src/session/composer/compose';
import { highsSolver } from '../core/src/session/search/highs-solver';
import { randomBrief } from '../core/test/random-briefs';

const composes = 100;
const every = 10;

/** A hundred different briefs composed in one process: what is held afterwards, the solver's memory included. Printed every ten. */
export async function composeHeap(): Promise<void> {
  setFlagsFromString('--expose-gc');
  const collect = runInNewContext('gc') as () => void;
  const solver = highsSolver(await loadHighs());
  const megabytes = (bytes: number) => Number((bytes / 2 ** 20).toFixed(1));
  const rows = [];
  for (let k = 1; k <= composes; k++) {
    const begun = begin(randomBrief(k), solver);
    if (!('refused' in begun)) composedOf(refine(begun, solver, { gap: 0.01, mostNodes: 20 }));
    if (k % every) continue;
    collect();
    const { heapUsed, arrayBuffers, rss } = process.memoryUsage();
    rows.push({
      composes: k,
      'heap MB': megabytes(heapUsed),
      'buffers MB': megabytes(arrayBuffers),
      'process MB': megabytes(rss),
    });
  }
  console.info('memory over a hundred composes');
  console.table(rows);
}
