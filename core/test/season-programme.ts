import type { LayingProblem } from '../src/season/laying';
import { bitOf, brokenBetween, brokenOn, consecutiveCost, drawbacksOf } from '../src/season/laying-rules';
import { doseAxes, sessionKinds } from '../src/season/session-kind';
import { volumeOf, worthPieces } from '../src/season/week-ask';
import { costOfASet, costOfTheSame, doseOf, floorVolume, kindOf, leastIn } from '../src/season/week-problem';
import type { Programme, ProgrammeColumn } from '../src/session/solver';

/**
 * Laying sessions on days as a plain solver is handed it: a variable for every kind on every day of every week, one for each piece of each dose. Volume
 * levels and steps from week to week are left out. `fewestChanges` asks for the fewest days changed instead of the best season.
 */
export function seasonProgramme({ weeks, rules, entry, dayBefore }: LayingProblem, fewestChanges = false): Programme {
  const rows: Programme['rows'] = [];
  const columns: (Omit<ProgrammeColumn, 'entries'> & { entries: [number, number][] })[] = [];
  const row = (lower: number, upper: number) => rows.push({ lower, upper }) - 1;
  const column = (cost: number, upper: number, integer: boolean) =>
    columns.push({ cost: fewestChanges ? 0 : cost, lower: 0, upper, integer, entries: [] }) - 1;
  const into = (variable: number, at: number, coefficient: number) =>
    columns[variable]?.entries.push([at, coefficient]);

  const days = weeks.flatMap(({ days: ofWeek }, w) => ofWeek.map((day, d) => ({ day, d, w })));
  const x = days.map(({ day, d, w }, at) => {
    const week = weeks[w] as (typeof weeks)[number];
    const [past, pin, before] = [week.fixed[d], week.pins[d], week.before[d]];
    const played = (at === 0 ? dayBefore : days[at - 1]?.day)?.fixture !== undefined;
    return sessionKinds.map((kind, k) => {
      const code = k + 1;
      const allowed =
        past !== undefined
          ? past === code
          : (kind !== 'primer' || day.beforeFixture || pin === code) &&
            !(brokenOn(day, kind, rules) & ~week.relaxed) &&
            (pin === undefined || pin === code || (week.relaxed & bitOf('pin')) !== 0);
      const drawbacks =
        past === undefined ? drawbacksOf(day, kind, played).reduce((sum, { cost }) => sum + cost, 0) : 0;
      const volume = volumeOf(doseOf([code], week.ask, 1));
      const variable = column(-drawbacks - costOfASet * volume, allowed ? 1 : 0, true);
      const isSet = past === code || (past === undefined && pin === code && !(week.relaxed & bitOf('pin')));
      (columns[variable] as ProgrammeColumn).lower = isSet ? 1 : 0;
      if (fewestChanges && past === undefined && before !== undefined)
        (columns[variable] as ProgrammeColumn).cost = before === code ? 1 : before === 0 ? -1 : 0;
      return variable;
    });
  });
  for (const ofDay of x) {
    const once = row(0, 1);
    for (const variable of ofDay) into(variable, once, 1);
  }
  for (const [w, week] of weeks.entries()) {
    const ofWeek = x.slice(7 * w, 7 * w + 7);
    const done = week.fixed.filter((code) => code).length;
    const setDown = week.days.filter((_, d) => week.fixed[d] ?? week.pins[d]).length;
    const count = row(
      week.relaxed & bitOf('least') ? 0 : leastIn(week),
      week.relaxed & bitOf('most') ? Math.max(week.ask.most, setDown) : Math.max(week.ask.most, done),
    );
    const rest = row(Number.NEGATIVE_INFINITY, 0);
    const free = week.days.filter((day) => !day.fixture && day.practices.length === 0).length;
    (rows[rest] as { upper: number }).upper = week.relaxed & bitOf('rest') ? 7 : free - Math.min(rules.restDays, free);
    const volume = row(0, Math.max(week.ask.mostVolume, floorVolume(week)) + 1e-6);
    for (const [d, ofDay] of ofWeek.entries())
      for (const [k, variable] of ofDay.entries()) {
        into(variable, count, 1);
        const day = week.days[d] as (typeof week.days)[number];
        if (!day.fixture && day.practices.length === 0) into(variable, rest, 1);
        into(variable, volume, volumeOf(doseOf([k + 1], week.ask, 1)));
      }
    for (const axis of doseAxes) {
      const given = row(Number.NEGATIVE_INFINITY, 0);
      for (const ofDay of ofWeek)
        for (const [k, variable] of ofDay.entries()) into(variable, given, -doseOf([k + 1], week.ask, 1)[axis]);
      for (const { width, slope } of worthPieces(week.ask, axis)) into(column(slope, width, false), given, 1);
    }
    if (week.ask.varied)
      for (const k of sessionKinds.keys()) {
        // Those of a kind over the first.
        const again = column(-costOfTheSame, 7, false);
        const over = row(Number.NEGATIVE_INFINITY, 1);
        into(again, over, -1);
        for (const ofDay of ofWeek) into(ofDay[k] as number, over, 1);
      }
  }
  const isFixed = (at: number) => {
    const { w, d } = days[at] as (typeof days)[number];
    return weeks[w]?.fixed[d] !== undefined;
  };
  const relaxedAt = (at: number) => weeks[days[at]?.w ?? 0]?.relaxed ?? 0;
  for (const [at, ofDay] of x.entries()) {
    if (at > 0) {
      const follows = column(-consecutiveCost, 1, false);
      const both = row(Number.NEGATIVE_INFINITY, 1);
      into(follows, both, -1);
      for (const variable of [...ofDay, ...(x[at - 1] ?? [])]) into(variable, both, 1);
    } else if (entry[1]) {
      for (const variable of ofDay) if (!fewestChanges) (columns[variable] as ProgrammeColumn).cost -= consecutiveCost;
    }
    for (const [j, second] of sessionKinds.entries())
      for (const gap of [1, 2]) {
        const before = at - gap;
        if (isFixed(at) && (before < 0 || isFixed(before))) continue;
        if (before < 0) {
          const first = kindOf(entry[before + 2] as number);
          if (first && brokenBetween(first, second, gap, rules) & ~relaxedAt(at))
            (columns[ofDay[j] as number] as ProgrammeColumn).upper = 0;
          continue;
        }
        for (const [i, first] of sessionKinds.entries()) {
          if (!(brokenBetween(first, second, gap, rules) & ~relaxedAt(at))) continue;
          const notBoth = row(Number.NEGATIVE_INFINITY, 1);
          into(x[before]?.[i] as number, notBoth, 1);
          into(ofDay[j] as number, notBoth, 1);
        }
      }
  }
  return { rows, columns };
}
