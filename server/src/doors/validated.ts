import * as yup from 'yup';
import { notRight, Problem } from './problem';

const uuidShape = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

export const uuid = yup.string().matches(uuidShape, 'must be a UUID in lower case');
export const day = yup.string().matches(/^\d{4}-\d{2}-\d{2}$/, 'must be a date such as 2026-12-09');
export const moment = yup
  .string()
  .test(
    'moment',
    'must be a point in time such as 2026-12-09T18:30:00Z',
    (v) => v === undefined || !Number.isNaN(Date.parse(v)),
  );

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
    throw notRight(inner.map((e) => ({ path: e.path ?? '', message: e.message })));
  }
}

/** An id from an address; one that cannot be an id belongs to nothing. */
export function idFrom(text: string | undefined, what: string): string {
  if (!text || !uuidShape.test(text)) throw new Problem(404, `There is no such ${what}.`);
  return text;
}
