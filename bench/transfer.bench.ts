import type { Bench } from 'tinybench';
import { library } from '../core/src/exercise/library/library';
import { measured } from '../core/src/sport/measured';
import { sports } from '../core/src/sport/sports';
import { transferOf } from '../core/src/sport/transfer';

/** The whole library against one whole sport after another, once the bodies are measured; measuring happens once a page. */
export function addTo(bench: Bench): void {
  for (const variant of library) measured(variant);
  let turn = 0;
  bench.add('transfer of the library against a sport', () => {
    const sport = sports[turn++ % sports.length] as (typeof sports)[number];
    for (const action of sport.actions) for (const variant of library) transferOf(variant, action);
  });
  bench.add('transfer against all sports', () => {
    for (const sport of sports)
      for (const action of sport.actions) for (const variant of library) transferOf(variant, action);
  });
  bench.add('measuring the library anew', () => {
    for (const variant of library) measured({ ...variant, regions: [] });
  });
}
