import type { Anchor } from '../exercise/model/vocabulary';
import type { KitItem } from './kit';
import { KitLineError, parseKitLine } from './kit-line';

/** A part of what was typed that could not be read. */
export interface KitFault {
  /** The whole part, to be put right. */
  part: string;
  /** The word in it that is not understood. */
  word: string;
  expected: string;
}

export interface KitReading {
  items: KitItem[];
  anchors: Anchor[];
  partner: boolean;
  faults: KitFault[];
}

const anchorWords: Record<string, Anchor> = {
  'door low': 'door-low',
  'door mid': 'door-mid',
  'door high': 'door-high',
  'door-low': 'door-low',
  'door-mid': 'door-mid',
  'door-high': 'door-high',
  post: 'post',
  'feet held': 'feet',
};

/** Parts are set off by new lines, semicolons, dots in the middle, plus signs, "and", or commas; a comma between digits is a decimal one. */
const between = /[\n;·+]|,(?!\d)|(?<!\d),|\band\b/;

/** The same things written twice are one line with their number. */
function merged(items: readonly KitItem[]): KitItem[] {
  const found = new Map<string, KitItem>();
  for (const item of items) {
    const { count = 1, ...thing } = item;
    const key = JSON.stringify(Object.entries(thing).sort());
    const known = found.get(key);
    const sum = (known ? (known.count ?? 1) : 0) + count;
    found.set(key, sum > 1 ? { ...thing, count: sum } : thing);
  }
  return [...found.values()];
}

/**
 * Reads a whole household's kit as a coach types it. What is understood is returned, what is not is named with the word and what was expected.
 *
 * @example readKit('2x7.5 kg db, loop medium, sofa, 5 l canister, rucksack max 15').items.length // 5
 */
export function readKit(text: string): KitReading {
  const reading: KitReading = { items: [], anchors: [], partner: false, faults: [] };
  for (const part of text.split(between).map((p) => p.trim())) {
    const words = part.toLowerCase().replace(/\s+/g, ' ');
    const anchor = anchorWords[words];
    if (part === '') continue;
    if (anchor) reading.anchors.push(anchor);
    else if (words === 'partner') reading.partner = true;
    else {
      try {
        reading.items.push(parseKitLine(part));
      } catch (error) {
        if (!(error instanceof KitLineError)) throw error;
        reading.faults.push({ part, word: error.word, expected: error.expected });
      }
    }
  }
  return { ...reading, items: merged(reading.items), anchors: [...new Set(reading.anchors)] };
}
