import { capacityOf, catalogueOf, feasibility } from '@tropaeum/core';
import { type Reached, reachOf } from '@tropaeum/core/capacity/reachable';
import type { Limit } from '@tropaeum/core/limits/limit';
import { briefFrom, print } from './input';
import { roundedInterval } from './words';

/** What a variant comes to at one load: share of the most, zone, repetitions or seconds to failure with their bounds. */
function reachWords({ load, band, share, zone, toFailure, counts }: Reached) {
  return {
    with: load?.with ?? band ?? 'body',
    ...(load ? { kg: load.kg } : {}),
    percentOfMax: Math.round(share * 100) / 100,
    ...(zone ? { zone } : {}),
    [counts === 'seconds' ? 'secondsToFailure' : 'repetitionsToFailure']: roundedInterval(toFailure, 10),
  };
}

/** What the restrictions say of an exercise, as the document has it. */
function limitWords({ verdict, changes, why }: Limit) {
  return {
    verdict,
    ...(changes.length ? { adapt: changes.map((c) => c.say).join(' ') } : {}),
    ...(why.length ? { why: why.join(' ') } : {}),
  };
}

export function feasibleCommand(file: string | undefined): void {
  const { athlete, kit, date, own } = briefFrom(file);
  const catalogue = catalogueOf(own);
  const capacity = capacityOf(athlete, date, catalogue);
  const all = catalogue.all.map((variant) => feasibility(variant, { athlete, kit, date }));
  print({
    feasible: all
      .filter((f) => f.possible)
      .map((f) => ({
        variant: f.variant.id,
        name: f.variant.name,
        limit: limitWords(f.limit),
        loads: f.loads,
        ...(f.bands.length ? { bands: f.bands.map((b) => b.with) } : {}),
        reach: f.variant.speed === 'fast' ? [] : reachOf(f, capacity).map(reachWords),
      })),
    infeasible: all
      .filter((f) => !f.possible)
      .map(({ variant, limit, reasons }) => ({
        variant: variant.id,
        name: variant.name,
        limit: limitWords(limit),
        reasons,
      })),
  });
}
