import { daysBetween } from '../date/days';

/** Strength holds for three weeks without training and then falls about a percent a week (McMaster 2013; values from memory); never more than this in all. */
const layOff = { freeDays: 21, perDay: 0.0015, most: 0.2 } as const;

/**
 * How far strength has fallen since the last training, logarithm.
 *
 * @example detrainingSince('2026-09-01', '2026-09-20') // 0
 */
export function detrainingSince(trainedOn: string, day: string): number {
  return Math.min(layOff.most, layOff.perDay * Math.max(0, daysBetween(trainedOn, day) - layOff.freeDays));
}
