import { ParseError } from '../dose/parse-error';
import type { HomeTest } from './battery';
import { jumpHeightCm } from './jump';

/** A result that cannot be read: what stands there and what was expected. */
export class ResultError extends ParseError {}

const example: Record<HomeTest['unit'], string> = {
  repetitions: 'repetitions such as 22',
  seconds: 'seconds such as 45 or 1:05',
  centimetres: 'centimetres such as 31, or inches such as 12 in',
};

const cmInInch = 2.54;

function valueIn(test: HomeTest, text: string): number | undefined {
  const clock = /^(\d+):([0-5]\d)$/.exec(text);
  const number = /^(\d+(?:\.\d+)?)\s*(s|sec|seconds|cm|in|ms|x|reps?)?$/.exec(text);
  if (test.unit === 'seconds') {
    if (clock) return Number(clock[1]) * 60 + Number(clock[2]);
    return number && /^(s|sec|seconds)?$/.test(number[2] ?? '') ? Number(number[1]) : undefined;
  }
  if (!number) return undefined;
  const [, amount, unit = ''] = number;
  if (test.unit === 'repetitions')
    return /^(x|reps?)?$/.test(unit) && Number.isInteger(Number(amount)) ? Number(amount) : undefined;
  if (unit === 'in') return Number(amount) * cmInInch;
  if (test.id === 'countermovement-jump' && /^(s|sec|seconds|ms)$/.test(unit))
    return jumpHeightCm(Number(amount) / (unit === 'ms' ? 1000 : 1));
  return unit === '' || unit === 'cm' ? Number(amount) : undefined;
}

/**
 * Reads a result as it is typed: repetitions, seconds or minutes and seconds, centimetres or inches, and for the jump the time in the air.
 * Throws a ResultError that says what was expected.
 *
 * @example readResult(tests.countermovementJump, '0.5 s') // 30.7
 */
export function readResult(test: HomeTest, typed: string): number {
  const text = typed
    .trim()
    .toLowerCase()
    .replace(/(\d),(\d)/g, '$1.$2');
  const jumped = test.id === 'countermovement-jump' ? ', or the time in the air such as 0.5 s' : '';
  let value: number | undefined;
  try {
    value = valueIn(test, text);
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    throw new ResultError(typed.trim(), 'a time in the air of 0.05 to 1.1 s');
  }
  if (value === undefined) throw new ResultError(typed.trim() || 'nothing', `${example[test.unit]}${jumped}`);
  const [least, most] = test.range;
  if (value < least || value > most) throw new ResultError(typed.trim(), `${least} to ${most} ${test.unit}`);
  return Math.round(value * 10) / 10;
}
