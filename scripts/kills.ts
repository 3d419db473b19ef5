import { killUnderWrites } from '../server/test/kills';

/** Kills server and database many times under log writes, with a seed; far longer than the tests do it. */
const [servers = 200, databases = 50, seed = 1] = process.argv.slice(2).map(Number);
const { backMs, ...came } = await killUnderWrites({
  ...{ servers, databases, freezes: 2, seed },
  onBlow: (done, of) => done % 25 === 0 && process.stderr.write(`${done} of ${of}\n`),
});
const spread = (values: number[]) => {
  const sorted = [...values].sort((a, b) => a - b);
  return { times: sorted.length, 'median ms': sorted[Math.floor(sorted.length / 2)], 'worst ms': sorted.at(-1) };
};
console.log(came);
console.table(Object.fromEntries(Object.entries(backMs).map(([what, values]) => [what, spread(values)])));
process.exit(came.lost || came.doubled || came.unclear.length ? 1 : 0);
