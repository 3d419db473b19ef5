import type { Found } from '../src/session/search/found';
import type { Problem } from '../src/session/search/problem';
import { sessionOf } from '../src/session/search/running-total';

/** What a careful coach might do by hand: always take what adds most, then swap as long as any one swap helps. */
export function greedyWithSwaps(problem: Problem): Found | undefined {
  let best = grown(problem, sessionOf(problem, []) ?? { chosen: [], worth: -Infinity });
  for (;;) {
    const swapped = bestSwap(problem, best);
    if (!swapped) return Number.isFinite(best.worth) ? best : undefined;
    best = grown(problem, swapped);
  }
}

function grown(problem: Problem, from: Found): Found {
  let best = from;
  for (;;) {
    let next: Found | undefined;
    problem.offers.forEach((_, i) => {
      if (best.chosen.includes(i)) return;
      const found = sessionOf(problem, [...best.chosen, i]);
      if (found && found.worth > (next ?? best).worth + 1e-9) next = found;
    });
    if (!next) return best;
    best = next;
  }
}

function bestSwap(problem: Problem, now: Found): Found | undefined {
  let best: Found | undefined;
  now.chosen.forEach((_, at) => {
    const rest = now.chosen.filter((__, k) => k !== at);
    problem.offers.forEach((__, i) => {
      const found = sessionOf(problem, [...rest, i]);
      if (found && found.worth > (best ?? now).worth + 1e-9) best = found;
    });
  });
  return best;
}
