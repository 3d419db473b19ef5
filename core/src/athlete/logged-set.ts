import type { RecordedSide } from './performance-record';

/**
 * One set on one side, as it was done: phone, what the phone sends, database and review speak of it in this one shape, each of as much of it as it
 * needs.
 */
export interface LoggedSet {
  /** The phone's own, so that a set that arrives twice is one set. */
  id: string;
  variant: string;
  /** From 1, within the exercise. */
  setNumber: number;
  side: RecordedSide;
  /** Repetitions, seconds, or contacts. */
  amount: number;
  /** How many more there could have been; left out or null when nobody was asked. */
  reserve?: number | null | undefined;
  note?: string | null | undefined;
  /** The exercise that was planned, where another was done in its place. */
  insteadOf?: string | null | undefined;
  /** Where it was another than planned. */
  loadKg?: number | null | undefined;
  /** Why it was left out; its amount is 0 then. */
  skipped?: string | null | undefined;
  /** A point in time, ISO. */
  doneAt: string;
}

/** The exercise that was planned where a set was logged. @example plannedFor({ variant: 'wall-push-up', insteadOf: 'push-up' }) // 'push-up' */
export const plannedFor = ({ variant, insteadOf }: Pick<LoggedSet, 'variant' | 'insteadOf'>): string =>
  insteadOf ?? variant;
