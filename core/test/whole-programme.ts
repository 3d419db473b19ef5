import type { Problem } from '../src/session/search/problem';
import { lotsGaining } from '../src/session/search/relaxation';
import { SessionProgramme } from '../src/session/search/session-programme';
import type { Programme } from '../src/session/search/solver';

/** The whole programme as a plain solver is handed it: every offer and all that can be done in turn. */
export function wholeProgramme(problem: Problem): Programme {
  const session = new SessionProgramme(problem);
  const turns = lotsGaining(problem, new Float64Array(problem.offers.length), 1, -1e9);
  return {
    rows: session.programme.rows,
    columns: [...session.programme.columns, ...session.alone, ...turns.map((lot) => session.columnOf(lot))],
  };
}
