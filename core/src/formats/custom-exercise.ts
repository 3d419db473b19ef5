import type { TestContext } from 'yup';
import { variantById } from '../exercise/library/library';
import { type CustomExercise, readCustomExercise } from '../exercise/model/custom-exercise';
import type { ValidationIssue } from './validation';

/** What the reading of a document hands to its checks. */
export interface ReadingContext {
  date?: unknown;
  known: (id: string) => boolean;
}

/** Ids of the library and of the exercises that are brought beside it. */
export const knownIn = ({ options }: TestContext): ((id: string) => boolean) =>
  (options.context as ReadingContext).known;

const maxOwn = 200;

/** The exercises that a document brings itself, each by the rules of its form. */
export function readCustom(given: unknown): { own: CustomExercise[]; faults: ValidationIssue[] } {
  if (given === undefined) return { own: [], faults: [] };
  if (!Array.isArray(given) || given.length > maxOwn)
    return { own: [], faults: [{ path: 'own', message: `must be a list of ${maxOwn} exercises or fewer` }] };
  const own: CustomExercise[] = [];
  const faults: ValidationIssue[] = [];
  given.forEach((words, i) => {
    const reading = readCustomExercise(
      words,
      variantById,
      own.map((o) => o.id),
    );
    if ('faults' in reading) faults.push(...reading.faults.map((f) => ({ ...f, path: `own[${i}].${f.path}` })));
    else own.push(reading.own);
  });
  return { own, faults };
}
