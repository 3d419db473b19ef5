import { ApiError } from '../api/client';
import type { SaveError } from './debounced-saver';

const passing = new Set([0, 429, 502, 503, 504]);

/** A server that cannot be reached, or says that it cannot just now, is asked again; a refusal stays one. */
export function saveErrorOf(error: unknown): SaveError {
  if (error instanceof ApiError) {
    const words = [error.message, ...error.faults.map((f) => `${f.path} ${f.message}`.trim())].join(' ');
    return { words, again: passing.has(error.status) };
  }
  return { words: 'Not saved. Try again.', again: false };
}
