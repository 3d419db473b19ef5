import type { Effort } from '../../capacity/action-capacity';
import type { Loading } from '../../exercise/mechanics/loading';
import type { Variant } from '../../exercise/model/variant';
import type { Feasibility } from '../../kit/feasible';
import { isMadeOf } from '../../kit/kit-words';
import type { LoadOption } from '../../kit/load-option';
import type { Choice } from '../draft/draft';

/** Seconds for fixing an anchor and for loading a bar; common practice, no source. */
const [anchorSeconds, barSeconds] = [15, 20];

/** What it takes to move the kit for a variant, beyond getting into place. */
export function movingSeconds({ needs }: Variant, load: Choice['load']): number {
  return (needs.anchors.length > 0 ? anchorSeconds : 0) + (load && isMadeOf(load.with, 'barbell') ? barSeconds : 0);
}

/** Loads within the ceiling, lightest first: what is heavier asks for more, so that half of what is left is looked at each time. */
function within(
  loads: readonly LoadOption[],
  ceiling: number,
  effortAt: (kg: number) => Effort,
): readonly LoadOption[] {
  let [fits, over] = [0, loads.length];
  while (over > fits) {
    const middle = (fits + over) >> 1;
    if (effortAt((loads[middle] as LoadOption).kg).share <= ceiling) fits = middle + 1;
    else over = middle;
  }
  return loads.slice(0, fits);
}

/** What a variant is done with, and how hard that is; the effort is left out where the force of a band is not known. */
export interface Loaded {
  load?: NonNullable<Choice['load']>;
  effort?: Effort;
}

/** The band to take: the strongest measured one within the ceiling, else the first there is, of unknown force. */
function bandFor({ bands }: Feasibility, ceiling: number, effortWith: (loading: Loading) => Effort): Loaded {
  const measured = bands
    .flatMap(({ with: name, measured: band }) => (band ? [{ load: { with: name }, effort: effortWith({ band }) }] : []))
    .filter(({ effort }) => effort.share <= ceiling)
    .sort((a, b) => b.effort.share - a.effort.share);
  return measured[0] ?? { load: { with: bands.find((b) => !b.measured)?.with ?? bands[0]?.with ?? 'band' } };
}

/** The loads for a variant within a ceiling, heaviest first, at last none; nothing where all is too heavy and something has to be held. */
export function* loadsFor(
  feasible: Feasibility,
  ceiling: number,
  effortWith: (loading: Loading) => Effort,
): Generator<Loaded> {
  const { variant, loads } = feasible;
  if (variant.load?.source === 'band') {
    yield bandFor(feasible, ceiling, effortWith);
    return;
  }
  const light = within(loads, ceiling, (loadKg) => effortWith({ loadKg }));
  for (const { kg, with: name } of light.toReversed())
    yield { load: { kg, with: name }, effort: effortWith({ loadKg: kg }) };
  if (!variant.load?.required) yield { effort: effortWith({}) };
}
