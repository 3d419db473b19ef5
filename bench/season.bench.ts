import { dayAfter } from '../core/src/athlete/athlete';
import type { Entry } from '../core/src/season/calendar';
import { type LayingProblem, lay } from '../core/src/season/laying';
import { emptySeason, problemOf } from '../core/src/season/season-plan';
import { seeded } from '../core/src/seeded';
import { seasonProgramme } from '../core/test/season-programme';
import { solver } from '../core/test/solver';

const weeks = 12;
const seeds = [11, 12, 13, 14, 15, 16, 17, 18, 19];
/** Laid before anything is timed, so that both are warm. */
const warming = [1, 2, 3, 4];
/** A plain solver is stopped after so many seconds: what it is compared by is a lower bound then. */
const mostSeconds = 30;

const monday = '2026-12-07';

/** Twelve weeks of a league: a fixture at a weekend, two or three practices, a journey now and then, rules as they are usual. */
function leagueCalendar(seed: number): LayingProblem {
  const random = seeded(seed);
  const entries: Entry[] = [];
  const add = (entry: Omit<Entry, 'id'>) => entries.push({ id: String(entries.length), ...entry });
  for (let w = 0; w < weeks; w++) {
    const on = (day: number) => dayAfter(monday, 7 * w + day);
    const away = random() < 0.4;
    if (random() < 0.85) add({ kind: 'fixture', name: 'Match', on: on(random() < 0.7 ? 5 : 6), start: '15:00' });
    if (away) add({ kind: 'travel', name: 'Ferry', on: on(4) });
    add({ kind: 'practice', name: 'Hall', on: on(1), start: '18:30', minutes: 90, effort: 7 });
    add({ kind: 'practice', name: 'Hall', on: on(3), start: '18:30', minutes: 75, effort: 5 });
    if (random() < 0.3) add({ kind: 'free', name: 'Free', on: on(Math.floor(random() * 7)) });
  }
  const { rules } = emptySeason;
  return { ...problemOf({ season: { ...emptySeason, entries, rules }, written: [], today: monday, weeks }) };
}

/** The basic model of it: one level of volume, no step from week to week. */
function basic({ ramp, ...problem }: LayingProblem): LayingProblem {
  return { ...problem, weeks: problem.weeks.map((week) => ({ ...week, levels: [1] })) };
}

const secondsOf = <T>(work: () => T): { seconds: number; result: T } => {
  const start = performance.now();
  const result = work();
  return { seconds: (performance.now() - start) / 1000, result };
};

/** Twelve weeks for one: the basic model against a plain solver on the same programme, and with levels of volume and steps. */
export async function seasonTable() {
  const { solve } = await solver;
  for (const seed of warming) {
    const problem = basic(leagueCalendar(seed));
    for (let again = 0; again < 5; again++) lay(problem);
    lay(leagueCalendar(seed));
    solve(seasonProgramme(problem), { gap: 0, absoluteGap: 1e-9, mostSeconds: 1 });
  }
  const lines = seeds.map((seed) => {
    const problem = basic(leagueCalendar(seed));
    const tries = Array.from({ length: 9 }, () => secondsOf(() => lay(problem)));
    const own = tries.sort((a, b) => a.seconds - b.seconds)[tries.length >> 1] as (typeof tries)[number];
    const plain = secondsOf(() => solve(seasonProgramme(problem), { gap: 0, absoluteGap: 1e-9, mostSeconds }));
    const levelled = secondsOf(() => lay(leagueCalendar(seed)));
    const same =
      'refused' in own.result
        ? plain.result.status === 'infeasible'
        : Math.abs(own.result.worth - plain.result.objective) < 1e-6;
    return {
      calendar: seed,
      'own ms': Number((own.seconds * 1000).toFixed(1)),
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
