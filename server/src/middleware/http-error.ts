import type { ValidationIssue } from '@tropaeum/core/formats/validation';

/** Something that the one who asked can put right; everything else is our fault and says nothing. */
export class HttpError extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly faults: readonly ValidationIssue[] = [],
    /** After how many seconds it may work, where it may. */
    readonly retryAfter?: number,
  ) {
    super(message);
  }
}

/** Fields that are not right, each named with its path. */
export const validationFailed = (faults: readonly ValidationIssue[]) =>
  new HttpError(422, 'Some fields are wrong.', faults);

export const notFound = (what: string) => new HttpError(404, `There is no such ${what}.`);
