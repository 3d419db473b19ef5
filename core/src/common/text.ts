/** @example capital('left knee') // 'Left knee' */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/**
 * A share as it is read, 0 to 1 or over.
 *
 * @example percent(0.684) // '68 %'
 * @example percent(0.0123, 1) // '1.2 %'
 */
export const percent = (share: number, places = 0): string => `${(100 * share).toFixed(places)} %`;

/** A word of the data as one reads it. @example words('rear-foot') // 'rear foot' */
export const words = (id: string): string => id.replaceAll('-', ' ');

/** A part of the body as it is said; without a side, or with none said, it is both. @example partWords({ region: 'lower-back' }) // 'lower back' */
export function partWords({
  region,
  side,
}: {
  region: string;
  side?: 'left' | 'right' | 'both' | null | undefined;
}): string {
  return !side || side === 'both' ? words(region) : `${side} ${words(region)}`;
}
