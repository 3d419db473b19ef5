import * as yup from 'yup';

/** One thing wrong with a document: where, and what would be right. */
export interface ValidationIssue {
  path: string;
  message: string;
}

const listed = (values: readonly string[]) => `one of ${values.join(', ')}`;

/** A text that is one of these. */
export const anyOf = <T extends string>(values: readonly T[]) =>
  yup
    .string()
    .oneOf([...values], `must be ${listed(values)}`)
    .typeError(`must be ${listed(values)}`);

/** A number within bounds, of a named unit. */
export const number = (low: number, high: number, unit: string) =>
  yup
    .number()
    .typeError(`must be a number of ${unit}`)
    .min(low, `must be ${low} ${unit} or more`)
    .max(high, `must be ${high} ${unit} or less`);

export const object = <S extends yup.ObjectShape>(shape: S) => yup.object(shape).typeError('must be an object');
export const list = <T extends yup.ISchema<unknown>>(of: T) => yup.array().of(of).typeError('must be a list');

/** Every fault of a document once, in the order of its fields. */
export function issuesOf(error: yup.ValidationError): ValidationIssue[] {
  const inner = error.inner.length ? error.inner : [error];
  const faults = inner.map((e) => ({ path: e.path ?? '', message: inOwnWords(e.message) }));
  return [...new Map(faults.map((f) => [`${f.path}|${f.message}`, f])).values()];
}

/** What the library of rules says itself begins with the path; ours never does. */
const inOwnWords = (message: string) => (/^(must|is|"|names|has)/.test(message) ? message : `is invalid: ${message}`);

/** A text without blanks at its ends, of so many characters at most. What is no text is left as it came, to be refused. */
export const text = (most: number) =>
  yup
    .string()
    .transform((value: unknown) => (typeof value === 'string' ? value.trim() : value))
    .max(most, `must be ${most} characters or fewer`);
