/**
 * Age in whole years on a day, both ISO dates.
 *
 * @example ageOn('2004-05-01', '2026-04-30') // 21
 */
export function ageOn(born: string, day: string): number {
  const years = Number(day.slice(0, 4)) - Number(born.slice(0, 4));
  return day.slice(5) < born.slice(5) ? years - 1 : years;
}

/** Whole days from one ISO date to another. @example daysBetween('2026-12-09', '2026-12-12') // 3 */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / 86_400_000);
}

/** The ISO date so many days later. @example dayAfter('2026-12-31', 1) // '2027-01-01' */
export function dayAfter(day: string, days: number): string {
  return new Date(Date.parse(`${day}T00:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);
}

/** Monday of the week a day lies in. @example mondayOf('2026-12-09') // '2026-12-07' */
export function mondayOf(day: string): string {
  const weekday = (new Date(`${day}T00:00:00Z`).getUTCDay() + 6) % 7;
  return dayAfter(day, -weekday);
}
