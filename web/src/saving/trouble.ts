import { ApiError } from '../api/client';
import type { SaveTrouble } from './late-saver';

/** Only a server that cannot be reached is asked again; a refusal stays one. */
export function troubleOf(error: unknown): SaveTrouble {
  if (error instanceof ApiError) {
    const words = [error.message, ...error.faults.map((f) => `${f.path} ${f.message}`.trim())].join(' ');
    return { words, again: error.status === 0 };
  }
  return { words: 'Saving did not work.', again: false };
}
