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

/** Fields that are not right, each named with its path. */
export const notRight = (faults: readonly DocumentFault[]) => new Problem(422, 'Some fields are not right.', faults);

export const notFound = (what: string) => new Problem(404, `There is no such ${what}.`);
