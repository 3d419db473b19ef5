import { DoseSyntaxError, parseDose } from './notation';
import { inNotation } from './notation-aliases';

/** A way to go on typing a dose: the whole text it makes, and what it means. */
export interface Completion {
  text: string;
  says: string;
}

const beginnings: readonly Completion[] = [
  { text: '3x8', says: 'three sets of eight' },
  { text: '3x8/side', says: 'on each side' },
  { text: '3x30s', says: 'held thirty seconds' },
  { text: '3x40s!', says: 'as much good work as fits into forty seconds' },
  { text: '3x20c', says: 'twenty landings' },
  { text: '2x5br', says: 'five breaths' },
];

interface Further {
  word: string;
  says: string;
  /** Whether a dose has something of the kind already. */
  there: (text: string) => boolean;
}

const furthers: readonly Further[] = [
  { word: '/side', says: 'on each side', there: (t) => t.includes('/') || t.includes(' ') },
  { word: ' 3-1-1', says: 'lowering, pause, rising', there: (t) => /\s(x|[\dx]+-)/.test(t) },
  { word: ' X', says: 'as fast as possible', there: (t) => /\s(x|[\dx]+-)/.test(t) },
  { word: ' rir2', says: 'two repetitions left', there: (t) => /\srir\d/.test(t) },
  { word: ' r60', says: 'rest sixty seconds', there: (t) => /\sr\d/.test(t) },
];

const readable = (text: string): boolean => {
  try {
    parseDose(text);
    return true;
  } catch (error) {
    if (error instanceof DoseSyntaxError) return false;
    throw error;
  }
};

/**
 * How a dose that is being typed can go on; every completion can be read. Empty for what no ending makes readable.
 *
 * @example completions('3x8 r')[0] // { text: '3x8 rir2', says: 'two repetitions left' }
 */
export function completions(typed: string): Completion[] {
  const text = inNotation(typed);
  if (text === '') return [...beginnings];
  const begun = beginnings.filter((b) => b.text.startsWith(text) && b.text !== text);
  const cut = text.lastIndexOf(' ');
  const [head, tail] = cut < 0 ? [text, ''] : [text.slice(0, cut), text.slice(cut)];
  const onwards = readable(text)
    ? furthers.filter((f) => !f.there(text)).map((f) => ({ text: text + f.word, says: f.says }))
    : [];
  const ended =
    tail && readable(head)
      ? furthers
          .filter((f) => !f.there(head) && f.word.toLowerCase().startsWith(tail) && f.word.toLowerCase() !== tail)
          .map((f) => ({ text: head + f.word, says: f.says }))
      : [];
  const all = [...begun, ...ended, ...onwards].filter((c) => readable(c.text));
  return all.filter((c, i) => all.findIndex((other) => other.text === c.text) === i);
}
