import { lay } from '../core/src/season/laying';
import { volumeLevels } from '../core/src/season/season-plan';
import { randomCalendar } from '../core/test/random-calendars';
import { seasonProgramme } from '../core/test/season-programme';
import { solver } from '../core/test/solver';

const weeks = 12;
const seeds = [11, 12, 13, 14, 15, 16, 17, 18, 19];
/** Laid before anything is timed, so that both are warm. */
const warming = [1, 2, 3, 4];
/** A plain solver is stopped after so many seconds: what it is compared by is a lower bound then. */
const mostSeconds = 30;

const secondsOf = <T>(work: () => T): { seconds: number; result: T } => {
  const start = performance.now();
  const result = work();
  return { seconds: (performance.now() - start) / 1000, result };
};

/** Twelve weeks for one: the basic model against a plain solver on the same programme, and with levels of volume and steps. */
export async function seasonTable() {
  const { solve } = await solver;
  const withLevels = (seed: number) => {
    const basic = randomCalendar(seed, weeks, 0.5);
    return {
      ...basic,
      weeks: basic.weeks.map((week) => ({ ...week, levels: volumeLevels })),
      ramp: { volumeBefore: 8, mostStep: 0.1 },
    };
  };
  for (const seed of warming) {
    const problem = randomCalendar(seed, weeks, 0.5);
    for (let again = 0; again < 5; again++) lay(problem);
    lay(withLevels(seed));
    solve(seasonProgramme(problem), { gap: 0, absoluteGap: 1e-9, mostSeconds: 1 });
  }
  const lines = seeds.map((seed) => {
    const problem = randomCalendar(seed, weeks, 0.5);
    const own = secondsOf(() => lay(problem));
    const plain = secondsOf(() => solve(seasonProgramme(problem), { gap: 0, absoluteGap: 1e-9, mostSeconds }));
    const levelled = secondsOf(() => lay(withLevels(seed)));
    const same =
      'refused' in own.result
        ? plain.result.status === 'infeasible'
        : Math.abs(own.result.worth - plain.result.objective) < 1e-6;
    return {
      calendar: seed,
      'own ms': Math.round(own.seconds * 1000),
      'plain s': Number(plain.seconds.toFixed(2)),
      'times as long': Math.round(plain.seconds / own.seconds),
      plain: plain.result.status,
      'same optimum': same,
      'with levels and steps ms': Math.round(levelled.seconds * 1000),
    };
  });
  console.log('twelve weeks for one athlete');
  console.table(lines);
  const middle = (values: number[]) => values.sort((a, b) => a - b)[values.length >> 1];
  console.log(
    `plain solver ${middle(lines.map((l) => l['times as long']))} times as long in the median; with levels and steps ${middle(lines.map((l) => l['with levels and steps ms']))} ms`,
  );
}
