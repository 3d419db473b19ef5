import { reserveOfRating } from './repetitions';

/** Other ways of typing the same, each turned into the notation; in this order. */
const ways: readonly (readonly [typed: RegExp, notation: string | ((...parts: string[]) => string)])[] = [
  [/[’']/g, ''],
  [/(\d)\s*(?:[x×*]|sets? of|sets? x)\s*(\d)/g, '$1x$2'],
  [/(\d)\s*reps?\b/g, '$1'],
  [/(\d)\s*(?:seconds?|secs?)\b/g, '$1s'],
  [/(\d)\s+s\b/g, '$1s'],
  [/(\d)\s*(?:breaths?|br)\b/g, '$1br'],
  [/(\d)\s*(?:contacts?|landings?)\b/g, '$1c'],
  [/(\d)\s*(?:metres?|meters?)\b/g, '$1m'],
  [/(\d)\s+m\b/g, '$1m'],
  [/\s*\/\s*(?:sides?|legs?|arms?|s)\b/g, '/side'],
  [/\s+(?:(?:a|per|each|every)\s+(?:side|leg|arm)|each|ea)\b/g, '/side'],
  [/\btempo\s+/g, ''],
  [/@?\brpe\s*([5-9]|10)\b/g, (_, rpe) => `rir${reserveOfRating(Number(rpe))}`],
  [/\brir\s+(\d)/g, 'rir$1'],
  [/\b(\d+)\s*(?:rir|left|in reserve)\b/g, 'rir$1'],
  [/\brest\s*(\d+:\d+|\d+)(?:\s?s)?\b/g, 'r$1'],
  [/\b(\d+:\d+|\d+)\s*s?\s*rest\b/g, 'r$1'],
  [/\br\s*(\d+)(?:\s?s)?\b/g, 'r$1'],
  [/\b(\d+)\s*min(?:utes?)?\s*rest\b/g, (_, minutes) => `r${Number(minutes) * 60}`],
  [/,/g, ' '],
];

/**
 * What a coach types, in the notation: `3 sets of 8 each leg, rpe 8, rest 60` becomes `3x8/side rir2 r60`. Ratings of effort are turned into repetitions
 * in reserve (Zourdos 2016: 10 is none, 9 one, 8 two; values from memory). What is not known is left as it is.
 *
 * @example inNotation('3 x 8 per side 60s rest') // '3x8/side r60'
 */
export function inNotation(text: string): string {
  let written = text.trim().toLowerCase();
  // A decimal comma stays; any other comma only parts words.
  written = written.replace(/(\d),(\d)/g, '$1.$2');
  for (const [typed, notation] of ways)
    written = typeof notation === 'string' ? written.replace(typed, notation) : written.replace(typed, notation);
  return written.replace(/\s+/g, ' ').trim();
}
