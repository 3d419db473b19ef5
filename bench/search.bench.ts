import type { Bench } from 'tinybench';
import { LibrarySearch } from '../core/src/exercise/catalogue/search';
import { library } from '../core/src/exercise/library/library';

const typed = 'single-leg nordik squat';

/** One keystroke of a search, against building the index: every beginning of a long, mistyped query in turn. */
export function addTo(bench: Bench): void {
  const search = new LibrarySearch(library);
  let letters = 0;
  bench.add('a keystroke', () => {
    letters = (letters % typed.length) + 1;
    search.find(typed.slice(0, letters));
  });
  bench.add('the index of all names', () => void new LibrarySearch(library));
}
