import type { TestContext } from 'yup';
import { variantById } from '../exercise/library';
import { type OwnVariant, readOwnVariant } from '../exercise/own';
import type { DocumentFault } from './faults';

/** What the reading of a document hands to its checks. */
export interface ReadingContext {
  date?: unknown;
  known: (id: string) => boolean;
}

/** Ids of the library and of the exercises that are brought beside it. */
export const knownIn = ({ options }: TestContext): ((id: string) => boolean) =>
  (options.context as ReadingContext).known;

const mostOwn = 200;

/** The exercises that a document brings itself, each by the rules of its form. */
export function readOwn(given: unknown): { own: OwnVariant[]; faults: DocumentFault[] } {
  if (given === undefined) return { own: [], faults: [] };
  if (!Array.isArray(given) || given.length > mostOwn)
    return { own: [], faults: [{ path: 'own', message: `must be a list of ${mostOwn} exercises or fewer` }] };
  const own: OwnVariant[] = [];
  const faults: DocumentFault[] = [];
  given.forEach((words, i) => {
    const reading = readOwnVariant(
      words,
      variantById,
      own.map((o) => o.id),
    );
    if ('faults' in reading) faults.push(...reading.faults.map((f) => ({ ...f, path: `own[${i}].${f.path}` })));
    else own.push(reading.own);
  });
  return { own, faults };
}
