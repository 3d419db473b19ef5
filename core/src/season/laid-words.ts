import { daysBetween } from '../athlete/athlete';
import type { DayFacts } from './day-facts';
import type { GivingWay, Laid, LaidSession, LayingProblem } from './laying';
import { drawbacksOf, type HardRule, type LayingRules } from './laying-rules';
import { mondayOf } from './season';
import { type Dose, doseAxes, kindFacts, type SessionKind } from './session-kind';
import { mapDose } from './week-ask';
import { codeOf, doseOf } from './week-problem';

/** Something that a laid season does not give, in words, at the day or the week it is about. */
export interface GaveWay {
  on: string;
  words: string;
}

export const axisWords: Record<keyof Dose, string> = {
  lowerSets: 'hard sets of the lower body',
  upperSets: 'hard sets of the upper body',
  contacts: 'landings',
  lengtheningSets: 'sets of slow lowering',
  throws: 'throws',
};

/** Dose of one laid week, what is done and written among it. */
export function doseOfLaidWeek(problem: LayingProblem, laid: Laid, w: number): Dose {
  const week = problem.weeks[w] as LayingProblem['weeks'][number];
  const monday = (week.days[0] as DayFacts).on;
  const done = doseOf(week.fixed, week.ask, 1);
  const mine = laid.sessions.filter(({ on }) => mondayOf(on) === monday);
  const open = doseOf(
    mine.map(({ kind }) => codeOf(kind)),
    week.ask,
    mine[0]?.level ?? 1,
  );
  return mapDose((axis) => done[axis] + open[axis]);
}

/** What had to give way: sessions on days that something speaks against, and qualities that a week does not hold. */
export function gaveWay(problem: LayingProblem, laid: Laid): GaveWay[] {
  const days = problem.weeks.flatMap((week) => week.days);
  return problem.weeks.flatMap(({ ask, days: ofWeek, fixed }, w): GaveWay[] => {
    const monday = (ofWeek[0] as DayFacts).on;
    const dose = doseOfLaidWeek(problem, laid, w);
    const over = fixed.every((code) => code !== undefined);
    const short = over
      ? []
      : doseAxes
          .filter((axis) => dose[axis] < ask.holding[axis] - 1e-9 && axis !== 'throws')
          .map((axis) => `${whole(dose[axis])} of ${whole(ask.holding[axis])} ${axisWords[axis]} that hold`);
    return [
      ...laid.sessions
        .filter(({ on }) => mondayOf(on) === monday)
        .flatMap(({ on, kind }) => {
          const at = days.findIndex((day) => day.on === on);
          const played = (at > 0 ? days[at - 1] : problem.dayBefore)?.fixture !== undefined;
          return drawbacksOf(days[at] as DayFacts, kind, played).map(({ why }) => ({
            on,
            words: `${kindFacts[kind].name} ${why}.`,
          }));
        }),
      ...(short.length ? [{ on: monday, words: `${short.join(', ')}.` }] : []),
    ];
  });
}

const whole = (value: number) => Math.round(value * 10) / 10;

/** What the coach would do by letting a rule give way in a week. */
export function wordsOfGiving({ rule }: GivingWay, rules: LayingRules): string {
  const words: Record<HardRule, string> = {
    least: `Have fewer than ${rules.least} sessions`,
    most: `Have more than ${rules.most} sessions`,
    rest: `Go without the ${rules.restDays === 1 ? 'rest day' : `${rules.restDays} rest days`}`,
    'heavy-apart': `Let heavy work of one part come within ${rules.heavyApartHours} h`,
    'jumps-apart': `Let jumps come within ${rules.jumpsApartHours} h`,
    'lengthening-before-fixture': `Let slow lowering come within ${rules.lengtheningBeforeHours} h of a fixture`,
    'fixture-day': 'Train on the day of a fixture',
    'day-before-fixture': 'Do more than a primer on the day before a fixture',
    'practice-first': 'Work heavy before the key practice of the day',
    'free-day': 'Train on a free day',
    pin: 'Let go of what is pinned',
  };
  return words[rule];
}

/** What became of a session when the season was laid anew. */
export type Move =
  | { kind: SessionKind; from: string; to: string }
  | { kind: SessionKind; added: string }
  | { kind: SessionKind; dropped: string };

/** How one laid season came from another: sessions of a kind are taken to have moved to the nearest day; the rest came or went. */
export function movesBetween(before: readonly LaidSession[], after: readonly LaidSession[], from: string): Move[] {
  const gone = before.filter((b) => b.on >= from && !after.some((a) => a.on === b.on && a.kind === b.kind));
  const come = after.filter((a) => a.on >= from && !before.some((b) => b.on === a.on && b.kind === a.kind));
  const apart = gone
    .flatMap((g) =>
      come.filter((c) => c.kind === g.kind).map((c) => ({ g, c, days: Math.abs(daysBetween(g.on, c.on)) })),
    )
    .filter(({ days }) => days < 7)
    .sort((a, b) => a.days - b.days);
  const used = new Set<LaidSession>();
  const moves: (Move & { at: string })[] = [];
  for (const { g, c } of apart) {
    if (used.has(g) || used.has(c)) continue;
    used.add(g).add(c);
    moves.push({ kind: g.kind, from: g.on, to: c.on, at: g.on });
  }
  for (const g of gone) if (!used.has(g)) moves.push({ kind: g.kind, dropped: g.on, at: g.on });
  for (const c of come) if (!used.has(c)) moves.push({ kind: c.kind, added: c.on, at: c.on });
  return moves.sort((a, b) => (a.at < b.at ? -1 : 1)).map(({ at: _, ...move }) => move);
}

/** A laid session in words for whoever does it. @example aboutSession('primer') // 'Short and sharp, ...' */
export const aboutSession: Record<SessionKind, string> = {
  strength: 'Whole body, heavy for you, with slow lowering: not in the last three days before a fixture.',
  maintain: 'Whole body, heavy but short, nothing that makes sore.',
  upper: 'Upper body and throws: legs stay fresh.',
  power: 'Jumps and throws, fresh and fast; stop when it gets slow.',
  prevention: 'Slow lowering and what protects the joints.',
  primer: 'Short and sharp, the day before a fixture.',
};
