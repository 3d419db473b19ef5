import type { DocumentFault } from '@tropaeum/core/formats/faults';

/** Something that the one who asked can put right; everything else is our fault and says nothing. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly faults: readonly DocumentFault[] = [],
  ) {
    super(message);
  }
}

export const notFound = (what: string) => new Problem(404, `There is no such ${what}.`);
