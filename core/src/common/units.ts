/** Units in which masses and lengths are shown and typed. Everything is kept in kilograms and centimetres. */
export interface Units {
  mass: 'kg' | 'lb';
  length: 'cm' | 'in';
}

/** Kilograms and centimetres. */
export const metric: Units = { mass: 'kg', length: 'cm' };

/** International pound and inch: exact by definition (international yard and pound agreement, 1959). */
const [kgInPound, cmInInch] = [0.45359237, 2.54];

const factor = { kg: 1, lb: 1 / kgInPound, cm: 1, in: 1 / cmInInch } as const;

/** Pounds and inches are told to a half under 20, whole from there: finer than that no plate is. */
function told(metricValue: string, unit: keyof typeof factor): string {
  if (factor[unit] === 1) return metricValue;
  const value = Number(metricValue.replace(',', '.')) * factor[unit];
  return String(value < 20 ? Math.round(value * 2) / 2 || Math.round(value * 10) / 10 : Math.round(value));
}

/**
 * A mass as it is shown.
 *
 * @example massText(16, { mass: 'lb', length: 'in' }) // '35 lb'
 */
export const massText = (kg: number, { mass }: Units): string => `${told(String(kg), mass)} ${mass}`;

/**
 * A length as it is shown.
 *
 * @example lengthText(178, { mass: 'lb', length: 'in' }) // '70 in'
 */
export const lengthText = (cm: number, { length }: Units): string => `${told(String(cm), length)} ${length}`;

/** One number before a unit, or two as a range: `7.5 kg`, `0.4 to 0.5 kg`, `10-15 kg`. */
const measured = /(\d+(?:[.,]\d+)?)(?:( to | or | and |-|–)(\d+(?:[.,]\d+)?))? (kg|cm)\b/g;

/**
 * A text with its kilograms and centimetres in the units of whoever reads it; everything else stays as it is.
 *
 * @example inUnits('2 dumbbells 7.5 kg', { mass: 'lb', length: 'in' }) // '2 dumbbells 16.5 lb'
 */
export function inUnits(text: string, units: Units): string {
  if (units.mass === 'kg' && units.length === 'cm') return text;
  return text.replace(measured, (_, from: string, between?: string, to?: string, unit?: string) => {
    const shown = unit === 'kg' ? units.mass : units.length;
    return `${told(from, shown)}${between && to ? `${between}${told(to, shown)}` : ''} ${shown}`;
  });
}

/**
 * What was typed in a unit, in kilograms to ten grams or centimetres to a millimetre.
 *
 * @example typedIn(35, 'lb') // 15.88
 */
export function typedIn(value: number, unit: Units['mass'] | Units['length']): number {
  const places = unit === 'kg' || unit === 'lb' ? 100 : 10;
  return Math.round((value / factor[unit]) * places) / places;
}
