import { isDay } from '@tropaeum/core/formats/days';
import * as yup from 'yup';
import { HttpError, validationFailed } from './http-error';

const uuidShape = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

/** An instant as it is written everywhere, with a day that there is: "9" and 30 February are none. */
const instant = /^(\d{4}-\d{2}-\d{2})T([01]\d|2[0-3]):[0-5]\d(:[0-5]\d(\.\d{1,9})?)?(Z|[+-]([01]\d|2[0-3]):[0-5]\d)$/;
const isMoment = (text: string): boolean => {
  const on = instant.exec(text)?.[1];
  return on !== undefined && isDay(on) && !Number.isNaN(Date.parse(text));
};
export const uuid = yup.string().matches(uuidShape, 'must be a UUID in lower case');
export const moment = yup
  .string()
  .test('moment', 'must be a point in time such as 2026-12-09T18:30:00Z', (v) => v === undefined || isMoment(v));

/** An e-mail address as accounts are kept by. */
export const email = yup
  .string()
  .trim()
  .lowercase()
  .matches(/^[^\s@]+@[^\s@]+\.[^\s@]+$/, 'must be an e-mail address')
  .max(200, 'must be 200 characters or fewer')
  .required('is required');

/** The save that whoever writes has seen, within what the database counts. */
export const revision = yup
  .number()
  .integer('must be a whole number')
  .min(0, 'must be 0 or more')
  .max(2_000_000_000, 'must be 2,000,000,000 or less')
  .required('is required');

/** Checks what came in against a schema; every fault is named with its path, fields nobody asked for are dropped. */
export function validated<T>(schema: yup.ISchema<T>, value: unknown): T {
  try {
    return (schema as unknown as yup.Schema<T>).validateSync(value ?? {}, {
      abortEarly: false,
      strict: true,
      stripUnknown: false,
    });
  } catch (error) {
    if (!(error instanceof yup.ValidationError)) throw error;
    const inner = error.inner.length ? error.inner : [error];
    throw validationFailed(inner.map((e) => ({ path: e.path ?? '', message: e.message })));
  }
}

/** A body with its e-mail address as accounts are kept by: without blanks round it, in small letters. What is no text stays as it is, to be refused. */
export function emailTyped(body: unknown): object {
  const given = { ...(body as { email?: unknown } | undefined) };
  return typeof given.email === 'string' ? { ...given, email: given.email.trim().toLowerCase() } : given;
}

/** An id from an address; one that cannot be an id belongs to nothing. */
export function idFrom(text: string | undefined, what: string): string {
  if (!text || !uuidShape.test(text)) throw new HttpError(404, `There is no such ${what}.`);
  return text;
}

/** One of some words, named where it is another. */
export const oneOf = <const T extends string>(values: readonly T[]) =>
  yup.string().oneOf([...values], `must be one of ${values.join(', ')}`);
