import { type Dose, doseLimits, type Tempo, type Work } from './dose';
import { inNotation } from './notation-aliases';
import { ParseError } from './parse-error';

/** A dose that cannot be read: what stands there and what was expected. */
export class DoseSyntaxError extends ParseError {}

const setsAndWork = /^(\d+)\s*[x×*]\s*(\d+(?:[.,]\d+)?)\s*(s|sec|br|c|m|)(!)?(\/(?:side|s|seite|leg|arm))?$/i;

function within(value: number, limit: readonly [number, number], word: string, what: string): number {
  if (value < limit[0] || value > limit[1]) {
    throw new DoseSyntaxError(word, `${what} between ${limit[0]} and ${limit[1]}`);
  }
  return value;
}

function readWork(amount: string, unit: string, asMuchAsFits: boolean, word: string): Work {
  const value = Number(amount.replace(',', '.'));
  const kind = unit.toLowerCase();
  const whole = () => {
    if (!Number.isInteger(value)) throw new DoseSyntaxError(word, 'a whole number');
    return value;
  };
  if (asMuchAsFits && !kind.startsWith('s')) throw new DoseSyntaxError(word, '"!" only after seconds, as in 3x40s!');
  switch (kind) {
    case '':
      return { kind: 'reps', reps: within(whole(), doseLimits.reps, word, 'repetitions') };
    case 's':
    case 'sec':
      return { kind: asMuchAsFits ? 'work' : 'hold', seconds: within(whole(), doseLimits.seconds, word, 'seconds') };
    case 'br':
      return { kind: 'breaths', breaths: within(whole(), doseLimits.breaths, word, 'breaths') };
    case 'c':
      return { kind: 'contacts', contacts: within(whole(), doseLimits.contacts, word, 'contacts') };
    default:
      return { kind: 'metres', metres: within(value, doseLimits.metres, word, 'metres') };
  }
}

/** Reads a tempo word: `3-1-1`, `3-1-1-0`, `3-0-X` or `X` alone. */
export function parseTempo(word: string): Tempo {
  if (/^x$/i.test(word)) return { lowering: 1, bottom: 0, rising: 'X', top: 0 };
  const parts = word.split('-');
  if (parts.length < 3 || parts.length > 4 || parts.some((p) => !/^(\d+|x)$/i.test(p))) {
    throw new DoseSyntaxError(word, 'a tempo such as 3-1-1 (lowering, pause, rising) or X');
  }
  const second = (i: number) => {
    const part = parts[i] ?? '0';
    if (/^x$/i.test(part)) throw new DoseSyntaxError(word, 'X only as the third number, the rising part');
    return within(Number(part), doseLimits.tempoSeconds, word, 'seconds of tempo');
  };
  const rising = /^x$/i.test(parts[2] as string) ? 'X' : second(2);
  const tempo: Tempo = { lowering: second(0), bottom: second(1), rising, top: second(3) };
  if (rising !== 'X' && tempo.lowering + tempo.bottom + rising + tempo.top === 0) {
    throw new DoseSyntaxError(word, 'a tempo that takes at least one second');
  }
  return tempo;
}

/**
 * Reads a typed dose: `sets x work[/side] [tempo] [rirN] [rSECONDS]`.
 * Other ways of typing the same are understood too (`ways-of-typing.ts`). Work is repetitions (`8`), a hold (`30s`), as much good work as fits (`40s!`), breaths (`5br`), contacts (`20c`) or metres (`15m`).
 * Throws a DoseSyntaxError that marks the word and says what was expected.
 *
 * @example parseDose('3x8/side 3-1-1 rir2 r60').restSeconds // 60
 */
export function parseDose(text: string): Dose {
  const words = inNotation(text).split(' ');
  const first = words[0] ?? '';
  const match = setsAndWork.exec(first);
  if (!match) throw new DoseSyntaxError(first || 'nothing', 'sets and work such as 3x8, 3x8/side or 3x30s');
  const dose: Dose = {
    sets: within(Number(match[1]), doseLimits.sets, first, 'sets'),
    work: readWork(match[2] as string, match[3] ?? '', match[4] === '!', first),
    perSide: match[5] !== undefined,
    restSeconds: 0,
  };
  const seen = new Set<string>();
  for (const word of words.slice(1)) {
    const [name, change] = readModifier(word);
    if (seen.has(name)) throw new DoseSyntaxError(word, `only one ${name}`);
    seen.add(name);
    Object.assign(dose, change);
  }
  return dose;
}

function readModifier(word: string): [string, Partial<Dose>] {
  const reserve = /^rir(\d+)$/i.exec(word);
  if (reserve)
    return ['reserve', { reserve: within(Number(reserve[1]), doseLimits.reserve, word, 'repetitions in reserve') }];
  const rest = /^r(?:(\d+):)?(\d+)$/i.exec(word);
  if (rest) {
    const seconds = Number(rest[1] ?? 0) * 60 + Number(rest[2]);
    return ['rest', { restSeconds: within(seconds, doseLimits.restSeconds, word, 'seconds of rest') }];
  }
  if (/^(x|[\dx]+(-[\dx]+)+)$/i.test(word)) return ['tempo', { tempo: parseTempo(word) }];
  throw new DoseSyntaxError(word, 'a tempo (3-1-1), a reserve (rir2) or a rest (r60)');
}

/** Prints a tempo so that `parseTempo` reads it back. */
export function printTempo({ lowering, bottom, rising, top }: Tempo): string {
  if (rising === 'X' && lowering === 1 && bottom === 0 && top === 0) return 'X';
  return top === 0 ? `${lowering}-${bottom}-${rising}` : `${lowering}-${bottom}-${rising}-${top}`;
}

function printWork(work: Work): string {
  switch (work.kind) {
    case 'reps':
      return String(work.reps);
    case 'hold':
      return `${work.seconds}s`;
    case 'work':
      return `${work.seconds}s!`;
    case 'breaths':
      return `${work.breaths}br`;
    case 'contacts':
      return `${work.contacts}c`;
    case 'metres':
      return `${work.metres}m`;
  }
}

/**
 * Prints a dose in the notation that `parseDose` reads.
 *
 * @example printDose(parseDose('3x30s/side r30')) // '3x30s/side r30'
 */
export function printDose(dose: Dose): string {
  return [
    `${dose.sets}x${printWork(dose.work)}${dose.perSide ? '/side' : ''}`,
    dose.tempo ? printTempo(dose.tempo) : '',
    dose.reserve === undefined ? '' : `rir${dose.reserve}`,
    dose.restSeconds ? `r${dose.restSeconds}` : '',
  ]
    .filter(Boolean)
    .join(' ');
}
