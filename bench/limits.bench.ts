import type { Bench } from 'tinybench';
import { standingsOn } from '../core/src/athlete/athlete';
import { library } from '../core/src/exercise/library/library';
import { feasibility } from '../core/src/kit/feasible';
import { randomBrief } from '../core/test/random-briefs';

const { athlete, kit, date } = randomBrief(1);
const restrictions = [
  { region: 'knee', side: 'left', severity: 'limit', cause: 'post-operative-late' },
  { region: 'shoulder', side: 'right', severity: 'limit', cause: 'overuse' },
  { region: 'lower-back', severity: 'avoid' },
] as const;

/** What is feasible of the whole library, why not included, for somebody sound and under three restrictions. */
export function addTo(bench: Bench): void {
  for (const [name, list] of [
    ['the library for somebody sound', []],
    ['the library under three restrictions', restrictions],
  ] as const) {
    const circumstances = { athlete: { ...athlete, restrictions: list }, kit, date };
    const standings = standingsOn(circumstances.athlete, date);
    bench.add(name, () => {
      for (const variant of library) void feasibility(variant, circumstances, undefined, standings).possible;
    });
  }
}
