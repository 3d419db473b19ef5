import { Bench } from 'tinybench';
import { addTo as addCapacity } from './capacity.bench';
import { addTo as addCompose, composeTable } from './compose.bench';
import { composeHeap } from './compose-heap';
import { addTo as addLimits } from './limits.bench';
import { addTo as addLogWrite } from './log-write.bench';
import { addTo as addSearch } from './search.bench';
import { seasonTable } from './season.bench';
import { addTo as addStatics } from './statics.bench';
import { addTo as addTransfer } from './transfer.bench';

interface Line {
  group: string;
  name: string;
  medianMs: number;
  /** Median over that of the group's first line, within this run. */
  ratio: number;
  samples: number;
}

async function run(group: string, fill: (bench: Bench) => unknown): Promise<Line[]> {
  const bench = new Bench({ time: 1500, iterations: 8, warmupIterations: 3 });
  const stop = await fill(bench);
  await bench.run();
  if (typeof stop === 'function') await (stop as () => Promise<void>)();
  const medians = bench.tasks.map((task) => {
    const latency = task.result?.latency;
    if (!latency || task.result?.error) throw new Error(`${task.name} did not complete`);
    return { name: task.name, medianMs: latency.p50 ?? latency.mean, samples: latency.samples?.length ?? 0 };
  });
  const first = medians[0]?.medianMs ?? 1;
  return medians.map((m) => ({ group, ...m, ratio: m.medianMs / first }));
}

const { TROPAEUM_BENCH_SERVER, TROPAEUM_BENCH_TOKEN, TROPAEUM_BENCH_SESSION, TROPAEUM_BENCH_OWNER } = process.env;
const lines = [
  ...(await run('compose', addCompose)),
  ...(await run('statics', addStatics)),
  ...(await run('search', addSearch)),
  ...(await run('transfer', addTransfer)),
  ...(await run('restrictions', addLimits)),
  ...(await run('capacity', addCapacity)),
];
if (TROPAEUM_BENCH_SERVER && TROPAEUM_BENCH_TOKEN && TROPAEUM_BENCH_SESSION && TROPAEUM_BENCH_OWNER) {
  const target = {
    serverUrl: TROPAEUM_BENCH_SERVER,
    linkToken: TROPAEUM_BENCH_TOKEN,
    sessionId: TROPAEUM_BENCH_SESSION,
    ownerUrl: TROPAEUM_BENCH_OWNER,
  };
  lines.push(...(await run('log write', (bench) => addLogWrite(bench, target))));
}
console.table(
  lines.map(({ group, name, medianMs, ratio, samples }) => ({
    group,
    name,
    'median ms': Number(medianMs.toFixed(2)),
    'times the first': Number(ratio.toFixed(2)),
    samples,
  })),
);

await composeTable();
await seasonTable();
await composeHeap();
