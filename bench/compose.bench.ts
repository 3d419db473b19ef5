import loadHighs from 'highs';
import type { Bench } from 'tinybench';
import { readBrief } from '../core/src/formats/brief';
import { blockBounds } from '../core/src/session/blocks';
import { possiblePairs, singles } from '../core/src/session/candidates';
import { columnOf } from '../core/src/session/column';
import { compose } from '../core/src/session/compose';
import { contextOf } from '../core/src/session/context';
import { highsSolver } from '../core/src/session/highs-solver';
import { programmeOf } from '../core/src/session/programme';
import example from '../docs/formats/examples/brief.json';

/** Composing the brief of the documents, warm, against its linear bound alone. */
export async function addTo(bench: Bench): Promise<void> {
  const reading = readBrief(example);
  if ('faults' in reading) throw new Error(JSON.stringify(reading.faults));
  const { brief } = reading;
  const solver = highsSolver(await loadHighs());
  const context = contextOf(brief);
  const bounds = blockBounds(context.brief);
  const single = singles(context, bounds);
  const pairs = possiblePairs(context, single).map(({ group }) => columnOf(context, group));
  const programme = programmeOf(context, [...single, ...pairs], bounds);
  compose(brief, solver);
  bench.add('linear bound of the same programme', () => void solver.solve(programme, { relaxed: true }));
  bench.add('compose, 30 minutes, pairs on', () => void compose(brief, solver));
}
