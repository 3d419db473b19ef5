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

/** The name that somebody is called by. @example firstName('Mira Holm') // 'Mira' */
export const firstName = (name: string): string => name.split(' ')[0] ?? name;

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

/** Pain as it is said. @example scoreWords({ region: 'knee', side: 'left', score: 7 }) // 'Left knee 7 of 10' */
export const scoreWords = ({ score, ...place }: Parameters<typeof partWords>[0] & { score: number }): string =>
  `${capital(partWords(place))} ${score} of 10`;
