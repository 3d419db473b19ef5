import * as yup from 'yup';

export const yesNo = yup.boolean().typeError('must be true or false');

export function isDay(value: string): boolean {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(value)) return false;
  const time = Date.parse(`${value}T00:00:00Z`);
  return !Number.isNaN(time) && new Date(time).toISOString().slice(0, 10) === value;
}
/** An ISO date that there is. */
export const day = yup
  .string()
  .typeError('must be a date such as 2026-12-09')
  .test('day', 'must be a date such as 2026-12-09', (value) => value === undefined || isDay(value));

/** A time of day. */
export const time = yup.string().matches(/^([01]\d|2[0-3]):[0-5]\d$/, 'must be a time of day such as 18:30');
