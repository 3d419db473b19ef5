import { seeded } from '../core/src/common/seeded-random';
import { dayAfter } from '../core/src/date/days';
import { schedule } from '../core/src/season/plan/schedule-result';
import { emptyOwnSeason, emptySeason } from '../core/src/season/plan/season-plan';
import type { CalendarCase, CaseEntry } from '../core/src/season/scheduler/case';
import { type DaysProblem, problemOfCase } from '../core/src/season/scheduler/problem';
import { programmeWeeks, WeekMemory } from '../core/src/season/scheduler/week-programme';
import { plainCase } from '../core/test/calendar-cases';
import { daysProgramme } from '../core/test/days-programme';
import { solver } from '../core/test/solver';

const weeks = 12;
const seeds = [11, 12, 13, 14, 15, 16, 17, 18, 19];
/** Laid before anything is timed, so that both are warm. */
const warming = [1, 2, 3, 4];
/** A plain solver is stopped after so many seconds: what it is compared by is a lower bound then. */
const maxSeconds = 60;
const monday = '2026-12-07';

/** Twelve weeks of a league: a fixture at a weekend, two or three practices, a journey now and then, rules as they are usual. */
function leagueCalendar(seed: number): CaseEntry[] {
  const random = seeded(seed);
  const calendar: CaseEntry[] = [];
  for (let w = 0; w < weeks; w++) {
    const on = (day: number) => dayAfter(monday, 7 * w + day);
    const away = random() < 0.4;
    if (random() < 0.85)
      calendar.push({ kind: 'fixture', name: 'Match', date: on(random() < 0.7 ? 5 : 6), time: '15:00', minutes: 75 });
    if (away) calendar.push({ kind: 'travel', name: 'Ferry', date: on(4) });
    calendar.push(
      { kind: 'practice', name: 'Hall', date: on(1), time: '18:30', minutes: 90, effort: 7 },
      { kind: 'practice', name: 'Hall', date: on(3), time: '18:30', minutes: 75, effort: 5 },
    );
    if (random() < 0.3) calendar.push({ kind: 'free', name: 'Free', date: on(Math.floor(random() * 7)) });
  }
  return calendar;
}

const caseOf = (seed: number): CalendarCase => ({
  ...plainCase(),
  ...{ from: monday, weeks, calendar: leagueCalendar(seed) },
});
const problemOf = (seed: number): DaysProblem =>
  problemOfCase(caseOf(seed), { armLed: false, careOfArm: true }).problem;

const secondsOf = <T>(work: () => T): { seconds: number; result: T } => {
  const start = performance.now();
  const result = work();
  return { seconds: (performance.now() - start) / 1000, result };
};
const middle = (values: number[]) => values.sort((a, b) => a - b)[values.length >> 1] as number;

/** A squad of thirty, laid one after the other with what was laid out for the others before. */
function squadSeconds(): number {
  const entries = leagueCalendar(11).map(({ date, time, ...entry }, i) => ({
    ...entry,
    ...{ id: String(i), on: date },
    ...(time ? { start: time } : {}),
  })) as never[];
  const season = { ...emptySeason, entries };
  const memory = new WeekMemory();
  const { laid } = schedule({ season, sport: 'handball', written: [], today: monday }, memory);
  const levels = ['beginner', 'intermediate', 'advanced'] as const;
  return secondsOf(() => {
    for (let i = 0; i < 30; i++)
      schedule(
        {
          ...{ season: { ...season, laid }, sport: 'handball', own: emptyOwnSeason, written: [], today: monday },
          athlete: {
            ...{ id: String(i), level: levels[i % 3] as (typeof levels)[number] },
            ...{ born: `${1985 + (i % 20)}-03-04`, minutes: 25 + 5 * (i % 5) },
          },
        },
        memory,
      );
  }).seconds;
}

/** Twelve weeks for one against a plain solver on the same programme, with steps of volume and what stands beside each day; a squad of thirty in one worker. */
export async function seasonTable() {
  const { solve } = await solver;
  for (const seed of warming) {
    const problem = problemOf(seed);
    for (let again = 0; again < 3; again++) programmeWeeks(problem);
    solve(daysProgramme(problem), { gap: 0, absoluteGap: 1e-9, mostSeconds: 1 });
  }
  const lines = seeds.map((seed) => {
    const problem = problemOf(seed);
    const tries = Array.from({ length: 9 }, () => secondsOf(() => programmeWeeks(problem)));
    const own = tries.sort((a, b) => a.seconds - b.seconds)[tries.length >> 1] as (typeof tries)[number];
    const plain = secondsOf(() =>
      solve(daysProgramme(problem), { gap: 0, absoluteGap: 1e-9, mostSeconds: maxSeconds }),
    );
    return {
      calendar: seed,
      'own ms': Math.round(own.seconds * 1000),
      'plain s': Number(plain.seconds.toFixed(2)),
      'times as long': Number((plain.seconds / own.seconds).toFixed(1)),
      plain: plain.result.status,
      'same optimum': Math.abs(own.result.worth - plain.result.objective) < 1e-6,
    };
  });
  console.log('twelve weeks for one athlete, steps of volume among them');
  console.table(lines);
  console.log(
    `own ${middle(lines.map((l) => l['own ms']))} ms in the median, plain solver ${middle(lines.map((l) => l['times as long']))} times as long`,
  );
  console.log(`a squad of thirty, one worker: ${squadSeconds().toFixed(1)} s`);
}
