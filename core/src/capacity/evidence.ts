import type { Athlete } from '../athlete/athlete';
import type { PerformanceRecord } from '../athlete/performance-record';
import { homeTest } from './battery';
import type { RecordedJump } from './in-order';

/** Everything that tells what an athlete can do, as showings: repetition tests, the battery, and what was logged. A test without a date is of today. */
export function evidenceFrom(athlete: Athlete, day: string): { showings: PerformanceRecord[]; jumps: RecordedJump[] } {
  const counted = (athlete.tests ?? []).map(
    ({ variant, maxReps, on = day, side }): PerformanceRecord => ({
      on,
      variant,
      side: side ?? 'both',
      counts: 'repetitions',
      from: 'test',
      sets: [{ amount: maxReps }],
    }),
  );
  const measured = (athlete.battery ?? []).flatMap(({ test, value, side, on }): PerformanceRecord[] => {
    const shows = homeTest(test)?.shows;
    if (!shows) return [];
    const { variant, counts, toFailure } = shows;
    return [
      { on, variant, side: side ?? 'both', counts, from: toFailure ? 'test' : 'session', sets: [{ amount: value }] },
    ];
  });
  const jumps = (athlete.battery ?? []).flatMap(({ test, value, on }): RecordedJump[] =>
    test === 'countermovement-jump' ? [{ on, heightCm: value }] : [],
  );
  return { showings: [...counted, ...measured, ...(athlete.shown ?? [])], jumps };
}
