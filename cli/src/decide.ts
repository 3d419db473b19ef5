import { decide, readDecisionCase } from '@tropaeum/core';
import { documentFrom, fail, print } from './input';

/** Decides on one item after its last session. */
export function decideCommand(file: string | undefined): void {
  const reading = readDecisionCase(documentFrom(file));
  if ('faults' in reading) fail(reading.faults);
  const { move, how, why, rule } = decide(reading.given);
  print({ move, how, why, rule });
}
