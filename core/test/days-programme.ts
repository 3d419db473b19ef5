import {
  type DaysProblem,
  hardInARow,
  longestGap,
  mayNeighbour,
  notLarge,
  onceAWeek,
  over,
  type ProblemWeek,
  prices,
  short,
} from '../src/season/scheduler/problem';
import { type Choice, halfSets, marks } from '../src/season/scheduler/units';
import type { Programme } from '../src/session/search/solver';
import { costAxes } from '../src/session-type/cost';
import type { SessionType } from '../src/session-type/session-type';
import { each, type Term, Writing } from './writing';

interface Place {
  day: number;
  choice: Choice;
  column: number;
  pinned: boolean;
  /** How much of each axis it holds. */
  amounts: number[];
}

/** The laying of weeks written down as one mixed-integer programme, for a plain solver. */
export function daysProgramme(problem: DaysProblem): Programme {
  const { days, weeks, legDays, entry, volumesBefore } = problem;
  const writing = new Writing();
  const places = days.flatMap((day, d) =>
    day.choices.map((choice): Place => {
      const column = writing.choice(choice.worth);
      const amounts = costAxes.map((_, a) => {
        const amount = writing.variable(0, 0, choice.most[a] as number, true);
        writing.atMost(0, [
          [amount, 1],
          [column, -(choice.most[a] as number)],
        ]);
        writing.atLeast(0, [
          [amount, 1],
          [column, -(choice.least[a] as number)],
        ]);
        return amount;
      });
      return { day: d, choice, column, pinned: day.pinned, amounts };
    }),
  );
  const on = (d: number) => places.filter((p) => p.day === d);
  const inWeek = (w: number, ...types: readonly SessionType[]) =>
    places.filter((p) => Math.floor(p.day / 7) === w && (types.length === 0 || types.includes(p.choice.offer.type)));
  const marked = (d: number, mark: number) => on(d).filter((p) => p.choice.marks & mark);
  const volume = (w: number, by: number) =>
    inWeek(w).flatMap((p) => p.amounts.map((amount, a): Term => [amount, (halfSets[a] as number) * by]));
  for (const [d, day] of days.entries()) writing.row(day.pinned ? 1 : 0, 1, each(on(d)));
  for (const [w, week] of weeks.entries()) ofWeek(w, week);
  neighbours();
  gaps();
  return writing.programme;

  function ofWeek(w: number, week: ProblemWeek) {
    const indices = Array.from({ length: 7 }, (_, i) => 7 * w + i);
    for (const a of costAxes.keys()) {
      const terms = inWeek(w).map((p): Term => [p.amounts[a] as number, 1]);
      writing.near(week.aim[a] as number, terms, short[a] as number, over[a] as number);
      writing.atMost(week.most[a] as number, terms);
    }
    const main = each(inWeek(w).filter((p) => p.choice.main));
    writing.atLeast(week.sessions.min, main, prices.session);
    writing.atMost(week.sessions.max, main);
    const missed = (of: Place[], least: number, price: number) => writing.atLeast(least, each(of), price);
    if (week.wantsLegs) missed(inWeek(w, 'whole-body', 'lower-body'), 1, prices.legs);
    for (const [type, wanted] of [
      ['power', week.wantsSpeed],
      ['arm-care', true],
    ] as const)
      if (wanted && inWeek(w, type).length) missed(inWeek(w, type), 1, prices.type);
    if (week.varied) {
      writing.atMost(1, each(inWeek(w, 'whole-body')), prices.same);
      for (const part of ['lower-body', 'upper-body'] as const) missed(inWeek(w, part, 'whole-body'), 2, prices.type);
    }
    for (const type of onceAWeek) writing.atMost(1, each(inWeek(w, type).filter((p) => !p.pinned)));
    const open = indices.filter((d) => days[d]?.open);
    const taken = each(open.flatMap((d) => on(d).filter((p) => p.choice.offer.type !== 'flexibility')));
    writing.atMost(open.length - week.restDays, taken, prices.restDay);
    writing.atMost(open.length - week.leastRest, taken);
    if (Number.isFinite(week.mostVolume)) writing.atMost(week.mostVolume, volume(w, 1));
    if (week.step !== undefined) stepUp(w, week, week.step);
    for (const d of indices)
      for (const a of [0, 1])
        if (on(d).some((p) => (p.choice.most[a] as number) > notLarge))
          writing.atMost(
            notLarge,
            on(d).map((p): Term => [p.amounts[a] as number, 1]),
            prices.large,
          );
  }

  function stepUp(w: number, { floor }: ProblemWeek, step: number) {
    const far = 400;
    const known = [floor, ...[w - 1, w - 2].flatMap((e) => (e < 0 ? [(1 + step) * (volumesBefore[-e - 1] ?? 0)] : []))];
    const open = [w - 1, w - 2].filter((e) => e >= 0);
    const largest = Math.max(...known);
    const chosen = [...open, undefined].map((e) => ({ e, column: writing.choice() }));
    writing.atLeast(1, each(chosen));
    for (const { e, column } of chosen)
      writing.atMost(far + (e === undefined ? largest : 0), [
        ...volume(w, 1),
        ...(e === undefined ? [] : volume(e, -(1 + step))),
        [column, far],
      ]);
  }

  function neighbours() {
    const entryDays = [-2, -1] as const;
    for (let d = 0; d < days.length; d++)
      for (let k = 1; k < 3; k++) {
        const e = d + k;
        for (const mark of [marks.legs, marks.upper, marks.landings]) {
          if (mayNeighbour(mark, mark, k, legDays)) continue;
          if (e < days.length && !(days[d]?.pinned && days[e]?.pinned))
            writing.row(Number.NEGATIVE_INFINITY, 1, each([...marked(d, mark), ...marked(e, mark)]));
          const before = entryDays.indexOf((d - k) as -1);
          if (before >= 0 && (entry[before] as number) & mark && !days[d]?.pinned)
            writing.row(Number.NEGATIVE_INFINITY, 0, each(marked(d, mark)));
        }
      }
    for (let d = -2; d + hardInARow < days.length; d++) {
      const run = Array.from({ length: hardInARow + 1 }, (_, k) => d + k);
      const isHard = (k: number) => (k < 0 ? ((entry[k + 2] as number) & marks.hard) > 0 : (days[k]?.hard ?? false));
      const fixed = run.filter(isHard).length;
      const open = run.filter((k) => k >= 0 && !isHard(k));
      if (open.every((k) => days[k]?.pinned)) continue;
      const terms = each(open.flatMap((k) => marked(k, marks.hard)));
      if (terms.length) writing.row(Number.NEGATIVE_INFINITY, hardInARow - fixed, terms);
    }
  }

  function gaps() {
    for (let d = 0; d + longestGap <= days.length; d++) {
      const window = Array.from({ length: longestGap }, (_, k) => d + k);
      if (window.some((k) => days[k]?.noGap)) continue;
      const any = each(window.flatMap(on));
      if (any.length) writing.atLeast(1, any, prices.gap);
    }
  }
}
