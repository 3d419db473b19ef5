import {
  clashing,
  type DaysProblem,
  gapCounts,
  longestGap,
  marksPossible,
  type ProblemDay,
  type ProblemWeek,
} from './problem';
import { marks } from './units';
import type { Kind } from './week-bag';

/** What of the marks of the days at the edges of a week the neighbours can ask for. */
export interface Edges {
  first: readonly [number, number];
  last: readonly [number, number];
  /** Whether a gap could reach over the edge. */
  lead: boolean;
  trail: boolean;
  /** Whether the weeks after it look at its volume, or it looks at that of those before. */
  volume: boolean;
}

export const perWeek = 7;

/** Seven days with what they are asked for, so that the same week is laid out once. */
export interface WeekInNumbers {
  days: readonly ProblemDay[];
  week: ProblemWeek;
  legDays: number;
  edges: Edges;
}

/** Everything that the ways of a week follow from, as text. */
export const keyOfWeek = ({ days, week, legDays, edges }: WeekInNumbers): string =>
  JSON.stringify([
    days.map((d) => [
      d.choices.map((c) => [c.offer.type, c.least, c.most, c.worth, c.marks]),
      d.pinned,
      d.open,
      d.hard,
      d.noGap,
    ]),
    { ...week, step: undefined, floor: undefined, mostVolume: String(week.mostVolume) },
    legDays,
    edges,
  ]);

/** What the places of a week cost and allow, day by day. */
export interface DayRules {
  /** Marks that may not meet those of the day before, and of the one before that. */
  near: number;
  nearBefore: number;
  /** Three hard days to this one are not allowed. */
  run: boolean;
  hard: boolean;
  /** A stretch without anything that ends here is too long. */
  gapEnds: boolean;
  /** Marks of this day, and of the one before it, that a later day can still ask for. */
  asked: number;
  askedBefore: number;
  /** A stretch without anything that goes on from here can become too long. */
  gapAhead: boolean;
}

export function rulesOf({ days, legDays, edges }: WeekInNumbers): DayRules[] {
  const free = (k: number) => !days[k]?.pinned;
  /** What two days may not both bear, where the coach has not pinned both. */
  const clash = (d: number, apart: number) =>
    d >= apart && (free(d) || free(d - apart)) ? clashing(apart, legDays) : 0;
  const can = (d: number) => marksPossible(days[d]);
  const mayBeHard = (d: number) => days[d]?.hard || (can(d) & marks.hard) > 0;
  const gapEnds = days.map((_, d) => d >= longestGap - 1 && gapCounts(days, d - longestGap + 1));
  const [near, nearBefore] = [clashing(1, legDays), clashing(2, legDays)];
  return days.map((day, d): DayRules => {
    const left = perWeek - 1 - d;
    const atEdge = left === 0 ? edges.last[1] : left === 1 ? edges.last[0] : 0;
    const atEdgeBefore = left === 0 ? edges.last[0] : 0;
    const run = mayBeHard(d + 1) && (mayBeHard(d + 2) || (d > 0 && mayBeHard(d - 1))) ? marks.hard : 0;
    return {
      near: clash(d, 1),
      nearBefore: clash(d, 2),
      run: d > 1 && [d, d - 1, d - 2].some((k) => free(k) && !days[k]?.hard),
      hard: day.hard,
      gapEnds: gapEnds[d] as boolean,
      asked: atEdge | (near & can(d + 1)) | (nearBefore & can(d + 2)) | run,
      askedBefore: atEdgeBefore | (nearBefore & can(d + 1)) | (mayBeHard(d) && mayBeHard(d + 1) ? marks.hard : 0),
      gapAhead: (edges.trail && left < longestGap) || [1, 2, 3].some((k) => gapEnds[d + k]),
    };
  });
}

/** Light work that counts towards nothing. */
export const nothing = -1;

/** Choices of a week by kind: what is alike to every sum is one kind. */
export function kindsOf(days: readonly ProblemDay[]): { kinds: Kind[]; of: number[][] } {
  const known = new Map<string, number>();
  const kinds: Kind[] = [];
  const of = days.map(({ choices, pinned, open }) =>
    choices.map((choice) => {
      if (choice.offer.type === 'flexibility') return nothing;
      const key = [choice.offer.type, choice.least, choice.most, pinned, open].join(' ');
      const at = known.get(key) ?? kinds.push({ choice, pinned, taken: open }) - 1;
      known.set(key, at);
      return at;
    }),
  );
  return { kinds, of };
}

/** What the neighbours of a week can tell of it. */
export function edgesOf(problem: DaysProblem, w: number): Edges {
  const { days, weeks, legDays, entry } = problem;
  const from = perWeek * w;
  const can = (d: number): number => (d < 0 ? (entry[d + 2] ?? 0) : marksPossible(days[d]));
  const hard = (d: number) => (d >= 0 && days[d]?.hard) || (can(d) & marks.hard) > 0;
  /** Marks of a day that a day beyond the edge could clash with, or that could make a run of hard days with it. */
  const askedOf = (d: number, beyond: readonly number[], run: readonly (readonly number[])[]) =>
    beyond.reduce((all, e) => all | (clashing(Math.abs(e - d), legDays) & can(e)), 0) |
    (run.some((others) => others.every(hard)) ? marks.hard : 0);
  const gapOver = (edge: number) => edge > 0 && edge < days.length && [1, 2, 3].some((k) => gapCounts(days, edge - k));
  const [d0, d6] = [from, from + 6];
  const steps = [w, w + 1, w + 2].some((k) => weeks[k]?.step !== undefined);
  return {
    first: [
      askedOf(
        d0,
        [d0 - 1, d0 - 2],
        [
          [d0 - 1, d0 - 2],
          [d0 - 1, d0 + 1],
        ],
      ),
      askedOf(d0 + 1, [d0 - 1], [[d0 - 1, d0]]),
    ],
    last: [
      askedOf(d6 - 1, [d6 + 1], [[d6, d6 + 1]]),
      askedOf(
        d6,
        [d6 + 1, d6 + 2],
        [
          [d6 + 1, d6 + 2],
          [d6 - 1, d6 + 1],
        ],
      ),
    ],
    lead: gapOver(d0),
    trail: gapOver(d0 + perWeek),
    volume: steps,
  };
}
