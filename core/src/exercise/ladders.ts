import type { Variant } from './variant';

/** A rung: a variant, and why it is harder than the one before where its computed load is not. */
export type Rung = string | readonly [variant: string, because: string];

/** Ladders from "brand new" to "advanced"; every variant stands on one rung at the most. */
export const ladders: readonly (readonly Rung[])[] = [];

const idOf = (rung: Rung) => (typeof rung === 'string' ? rung : rung[0]);

/** The same variants, each with its neighbours on the ladders. */
export function laddered(variants: readonly Variant[]): Variant[] {
  const byId = new Map(variants.map((v) => [v.id, v]));
  for (const rungs of ladders) {
    rungs.forEach((rung, i) => {
      const variant = byId.get(idOf(rung));
      if (!variant) throw new RangeError(`ladder names "${idOf(rung)}", which is not in the library`);
      const [below, above] = [rungs[i - 1], rungs[i + 1]];
      if (below) variant.easier = idOf(below);
      if (above) variant.harder = idOf(above);
      if (typeof rung !== 'string') variant.harderBecause = rung[1];
    });
  }
  return [...variants];
}
