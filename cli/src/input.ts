import { readFileSync } from 'node:fs';
import { type Brief, readBrief, type ValidationIssue } from '@tropaeum/core';
import { InvalidArgumentError } from 'commander';

export const exitInvalid = 2;
export const exitRefused = 3;

export const print = (value: unknown) => process.stdout.write(`${JSON.stringify(value, null, 2)}\n`);

export function fail(faults: readonly ValidationIssue[]): never {
  for (const fault of faults) process.stderr.write(`${JSON.stringify(fault)}\n`);
  process.exit(exitInvalid);
}

export function textFrom(file: string | undefined): string {
  try {
    return readFileSync(file ?? 0, 'utf8');
  } catch {
    fail([{ path: '', message: `cannot read ${file ?? 'standard input'}` }]);
  }
}

export function documentFrom(file: string | undefined): unknown {
  const text = textFrom(file);
  try {
    return JSON.parse(text);
  } catch (error) {
    fail([{ path: '', message: `is not JSON: ${(error as Error).message}` }]);
  }
}

export function briefFrom(file: string | undefined): Brief {
  const reading = readBrief(documentFrom(file));
  if ('faults' in reading) fail(reading.faults);
  return reading.brief;
}

export function numberIn(low: number, high: number, kind: 'number' | 'whole number' = 'number') {
  return (text: string) => {
    const value = Number(text);
    if (!(value >= low && value <= high) || (kind === 'whole number' && !Number.isInteger(value)))
      throw new InvalidArgumentError(`expected a ${kind} from ${low} to ${high}`);
    return value;
  };
}
