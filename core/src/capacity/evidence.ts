import type { Athlete } from '../athlete/athlete';
import type { Showing } from '../athlete/showing';
import { homeTest } from './battery';
import type { ShownJump } from './in-order';

/** Everything that tells what an athlete can do, as showings: repetition tests, the battery, and what was logged. A test without a date is of today. */
export function shownBy(athlete: Athlete, day: string): { showings: Showing[]; jumps: ShownJump[] } {
  const counted = (athlete.tests ?? []).map(
    ({ variant, maxReps, on = day, side }): Showing => ({
      on,
      variant,
      side: side ?? 'both',
      counts: 'repetitions',
      from: 'test',
      sets: [{ amount: maxReps }],
    }),
  );
  const measured = (athlete.battery ?? []).flatMap(({ test, value, side, on }): Showing[] => {
    const shows = homeTest(test)?.shows;
    if (!shows) return [];
    const { variant, counts, toFailure } = shows;
    return [
      { on, variant, side: side ?? 'both', counts, from: toFailure ? 'test' : 'session', sets: [{ amount: value }] },
    ];
  });
  const jumps = (athlete.battery ?? []).flatMap(({ test, value, on }): ShownJump[] =>
    test === 'countermovement-jump' ? [{ on, heightCm: value }] : [],
  );
  return { showings: [...counted, ...measured, ...(athlete.shown ?? [])], jumps };
}
