import { printDose } from '../../dose/notation';
import { choicesOf, type Draft } from './draft';

/** What changed from one draft to another, variants by their ids. */
export interface Difference {
  out: readonly string[];
  in: readonly string[];
  dosed: readonly { variant: string; from: string; to: string }[];
}

/**
 * What changed from one draft to another: what went, what came, what has another dose. Rests are left aside, since they follow from what is done
 * in turn.
 *
 * @example differenceOf(draft, draft) // { out: [], in: [], dosed: [] }
 */
export function differenceOf(before: Draft, after: Draft): Difference {
  const doses = (draft: Draft) =>
    new Map(choicesOf(draft).map(({ variant, dose }) => [variant, printDose({ ...dose, restSeconds: 0 })]));
  const [was, is] = [doses(before), doses(after)];
  return {
    out: [...was.keys()].filter((id) => !is.has(id)),
    in: [...is.keys()].filter((id) => !was.has(id)),
    dosed: [...is].flatMap(([variant, to]) => {
      const from = was.get(variant);
      return from !== undefined && from !== to ? [{ variant, from, to }] : [];
    }),
  };
}
