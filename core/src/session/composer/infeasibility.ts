import { blockKinds } from '../../exercise/model/vocabulary';
import { sessionTypeNames } from '../../session-type/session-type';
import type { Brief } from '../brief/brief';
import { type Context, contextOf } from '../context/context';
import type { Problem } from '../search/problem';
import { lotsGaining } from '../search/relaxation';
import { type Lot, SessionProgramme } from '../search/session-programme';
import type { ProgrammeColumn, Solver } from '../search/solver';
import { budgetOf, type ProblemSetup, setUpProblem } from './problem-setup';

/** One thing that the coach could change. */
export type RelaxedRule =
  | { kind: 'minutes'; to: number }
  | { kind: 'type' }
  | { kind: 'pin'; variant: string }
  | { kind: 'ban'; variant: string }
  | { kind: 'floor'; at: number };

/** A set of things that together make a session possible, in plain words. */
export interface Resolution {
  words: string;
  gives: readonly RelaxedRule[];
}

export interface Infeasibility {
  reason: string;
  /** A smallest set of things the coach could change. */
  relax: string[];
  /** Smallest sets, the first one as in `relax`, each to be applied at once. */
  ways?: readonly Resolution[];
}

/** How unwilling a coach is to give something up; common practice, no source. */
const reluctance: Record<RelaxedRule['kind'], number> = { minutes: 1, type: 1, pin: 1, floor: 1, ban: 1.25 };
const maxWays = 3;
/** No session gets longer than this, minutes. */
const longestSession = 180;

/** The brief after some things have given. */
export function given(brief: Brief, gives: readonly RelaxedRule[]): Brief {
  const { lock } = brief;
  const gone = (kind: 'pin' | 'ban') => new Set(gives.flatMap((g) => (g.kind === kind ? [g.variant] : [])));
  const [pins, bans] = [gone('pin'), gone('ban')];
  const floors = new Set(gives.flatMap((g) => (g.kind === 'floor' ? [g.at] : [])));
  const minutes = gives.find((g) => g.kind === 'minutes');
  const { sessionType, ...untyped } = brief;
  const typed = sessionType && !gives.some((g) => g.kind === 'type') ? { sessionType } : {};
  return {
    ...untyped,
    ...typed,
    minutes: minutes ? minutes.to : brief.minutes,
    lock: {
      ...lock,
      include: lock.include.filter((id) => !pins.has(id)),
      exclude: lock.exclude.filter((id) => !bans.has(id)),
      ...(lock.floors ? { floors: lock.floors.filter((_, at) => !floors.has(at)) } : {}),
    },
  };
}

const nameOf = ({ catalogue }: Context, id: string): string => catalogue.byId(id)?.name ?? id;

function wordsOf(context: Context, giving: RelaxedRule): string {
  const { brief } = context;
  switch (giving.kind) {
    case 'minutes':
      return `allow ${giving.to} minutes instead of ${brief.minutes}`;
    case 'type':
      return 'choose the session type automatically';
    case 'pin':
      return `unpin ${nameOf(context, giving.variant)}`;
    case 'ban':
      return `allow ${nameOf(context, giving.variant)} again`;
    case 'floor': {
      const floor = brief.lock.floors?.[giving.at];
      return floor && 'block' in floor ? `require fewer than ${floor.least} in ${floor.block}` : 'lower one target';
    }
  }
}

const pathOf = (giving: RelaxedRule): string => {
  switch (giving.kind) {
    case 'minutes':
      return 'minutes';
    case 'type':
      return 'sessionType';
    case 'pin':
      return `lock.include: ${giving.variant}`;
    case 'ban':
      return `lock.exclude: ${giving.variant}`;
    case 'floor':
      return `lock.floors: ${giving.at}`;
  }
};

const sentence = (parts: readonly string[]) => {
  const text = parts.join(' and ');
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
};

function wayOut(context: Context, gives: readonly RelaxedRule[]): Resolution {
  return { gives, words: sentence(gives.map((g) => wordsOf(context, g))) };
}

/** Pins that cannot be kept here and now, each with its reasons. */
function impossiblePins({ context, problem, warmUp }: ProblemSetup): { id: string; why: string }[] {
  const offered = new Set(problem.variants);
  return context.brief.lock.include.flatMap((id) => {
    const reasons = context.feasible.get(id)?.reasons ?? [];
    if (reasons.length) return [{ id, why: reasons.join(' ') }];
    if (context.brief.lock.exclude.includes(id)) return [];
    return offered.has(id) || warmUp.offers(id)
      ? []
      : [{ id, why: 'Too heavy or too hard for this athlete and equipment.' }];
  });
}

/** A block that takes so much of the main work is what a type is about. */
const mainShare = 0.4;

/** A type that was chosen and that nothing here can fill: what it is about is not to be had with this kit, room and these restrictions. */
function impossibleType({ context, problem }: ProblemSetup): Infeasibility | undefined {
  const { type, frame } = context;
  if (!type.chosen) return undefined;
  const held = new Set(problem.offers.map(({ group }) => group.block));
  const bare = blockKinds.find((block) => (frame.share[block]?.[0] ?? 0) >= mainShare && !held.has(block));
  if (!bare) return undefined;
  const gives: RelaxedRule[] = [{ kind: 'type' }];
  return {
    reason: `${sessionTypeNames[type.type]} is about ${bare}, and nothing of it fits this sport, equipment, room and these restrictions.`,
    relax: gives.map(pathOf),
    ways: [wayOut(context, gives)],
  };
}

/** What is wrong before anything is searched for, or nothing. */
export function infeasibilityBefore(prepared: ProblemSetup): Infeasibility | undefined {
  const { context, problem } = prepared;
  const bad = impossiblePins(prepared);
  if (bad.length > 0) {
    const gives = bad.map(({ id }): RelaxedRule => ({ kind: 'pin', variant: id }));
    return {
      reason: bad.map(({ id, why }) => `${nameOf(context, id)} is pinned, but: ${why}`).join(' '),
      relax: gives.map(pathOf),
      ways: [wayOut(context, gives)],
    };
  }
  const both = context.brief.lock.include.filter((id) => context.brief.lock.exclude.includes(id));
  if (both.length > 0) {
    const names = both.map((id) => nameOf(context, id)).join(', ');
    const sets = (['pin', 'ban'] as const).map((kind) => both.map((variant): RelaxedRule => ({ kind, variant })));
    return {
      reason: `Pinned and excluded at the same time: ${names}.`,
      relax: (sets[0] as RelaxedRule[]).map(pathOf),
      ways: sets.map((gives) => wayOut(context, gives)),
    };
  }
  const impossible = impossibleType(prepared);
  if (impossible) return impossible;
  if (problem.offers.length === 0)
    return {
      reason: 'No main exercise fits this equipment, room and these restrictions.',
      relax: ['kit', 'athlete.restrictions'],
    };
  return undefined;
}

/** Why nothing fits, with the smallest sets of things that would have to give. */
export function infeasibilityAfter(
  prepared: ProblemSetup,
  solver: Solver,
): Infeasibility | { chosen: readonly number[] } {
  const { context } = prepared;
  const { brief } = context;
  const ways = waysOut(prepared, solver);
  if ('chosen' in ways) return ways;
  const [first] = ways.gives;
  const pins = brief.lock.include.length;
  const many = pins > 1 ? `The ${pins} pinned exercises do` : 'The requirements do';
  return {
    reason:
      pins === 0 && !brief.lock.floors?.length
        ? `${brief.minutes} minutes are not enough for a warm-up and one main exercise.`
        : `${many} not fit together into ${brief.minutes} minutes and the limits of a session.`,
    relax: (first ?? [{ kind: 'minutes', to: longestSession } as const]).map(pathOf),
    ways: ways.gives.map((gives) => wayOut(context, gives)),
  };
}

/** Everything that could give, with the row it softens. */
interface Softened {
  giving: RelaxedRule;
  column: ProgrammeColumn;
}

const large = 1000;
const pairsTried = 400;

/**
 * The smallest sets of things that have to give, found with an elastic programme: every wish of the coach gets a yes-or-no variable that breaks it
 * at a price; each set found is then forbidden to find the next.
 */
function waysOut(prepared: ProblemSetup, solver: Solver): { gives: RelaxedRule[][] } | { chosen: readonly number[] } {
  const open = withoutBans(prepared);
  const { problem } = open;
  const { brief } = prepared.context;
  const session = new SessionProgramme(problem);
  const banned = new Set(brief.lock.exclude);
  const wanted = wantedOf(problem);
  const isWanted = new Set(wanted);
  const lots: Lot[] = [
    ...wanted.map((i): Lot => ({ offers: [i], savedSeconds: 0 })),
    ...lotsGaining(problem, gainsAmong(problem, isWanted), 1, 0)
      .sort((a, b) => b.savedSeconds - a.savedSeconds)
      .slice(0, pairsTried),
  ];
  const rows = session.programme.rows.map((row) => ({ ...row }));
  // What is pinned asks for its warm-up whatever else is chosen.
  const pinnedJoints = problem.pins.reduce((mask, [first]) => mask | (problem.joints[first as number] as number), 0);
  const budget = problem.budget(pinnedJoints);
  rows[session.rows.time] = { lower: -Infinity, upper: budget };
  const softened: Softened[] = [];
  const soften = (giving: RelaxedRule, entries: ProgrammeColumn['entries']) =>
    softened.push({
      giving,
      column: { cost: -large * reluctance[giving.kind], lower: 0, upper: 1, integer: true, entries },
    });
  const addRow = (lower: number, upper: number) => rows.push({ lower, upper }) - 1;

  const minutesRow = addRow(-Infinity, 0);
  soften({ kind: 'minutes', to: longestSession }, [[minutesRow, -longestSession * 60]]);
  const over: ProgrammeColumn = {
    cost: -1 / 60,
    lower: 0,
    upper: longestSession * 60,
    integer: false,
    entries: [
      [session.rows.time, -1],
      [minutesRow, 1],
    ],
  };
  problem.pins.forEach((pin, p) => {
    const variant = problem.variants[pin[0] as number] as string;
    soften({ kind: 'pin', variant }, [[session.rows.pins + p, 1]]);
  });
  (brief.lock.floors ?? []).forEach((floor, at) => {
    soften({ kind: 'floor', at }, [[session.rows.insisted + 1 + at, floor.least]]);
  });
  const banRow = new Map<string, number>();
  for (const id of banned) {
    if (!problem.variants.includes(id)) continue;
    const row = addRow(-Infinity, 0);
    banRow.set(id, row);
    soften({ kind: 'ban', variant: id }, [[row, -lots.length]]);
  }
  const lotColumns = lots.map((lot): ProgrammeColumn => {
    const column = session.columnOf(lot);
    const gates = lot.offers.flatMap((i): [number, number][] => {
      const row = banRow.get(problem.variants[i] as string);
      return row === undefined ? [] : [[row, 1]];
    });
    return { ...column, cost: 0, entries: [...column.entries, ...gates] };
  });
  const others = session.programme.columns.map((c) => ({ ...c, cost: 0 }));
  const before = others.length + lotColumns.length + 1;
  const columns = [...others, ...lotColumns, over, ...softened.map((s) => s.column)];

  const found: RelaxedRule[][] = [];
  for (let way = 0; way < maxWays; way++) {
    const solved = solver.solve({ rows, columns }, { absoluteGap: 0.2, mostNodes: 400 });
    if (solved.status === 'infeasible') break;
    const broken = softened.filter((_, k) => (solved.values[before + k] as number) > 0.5);
    const chosen = lots.flatMap((lot, l) =>
      (solved.values[others.length + l] as number) > 0.5 ? [...lot.offers] : [],
    );
    if (broken.length === 0) return { chosen: sameOffers(problem, prepared.problem, chosen) };
    const minutes = () => minutesFor(prepared, problem, chosen, budget + (solved.values[before - 1] as number));
    found.push(
      broken.map(
        ({ giving }): RelaxedRule => (giving.kind === 'minutes' ? { kind: 'minutes', to: minutes() } : giving),
      ),
    );
    // Not these together again.
    const row = addRow(-Infinity, broken.length - 1);
    for (const one of broken) {
      const at = columns.indexOf(one.column);
      one.column = { ...one.column, entries: [...one.column.entries, [row, 1]] };
      columns[at] = one.column;
    }
  }
  return { gives: found };
}

/** Whether an offer is pinned, or counts for a floor. */
function asked({ pins, insisted }: Problem, i: number): boolean {
  return pins.some((pin) => pin.includes(i)) || insisted.slice(1).some(({ counts }) => (counts[i] as number) > 0);
}

/** What may have to be there: all that is pinned or counts for a floor, and the quickest of the rest, since some work has to be. */
function wantedOf(problem: Problem): number[] {
  const all = problem.offers.map((_, i) => i);
  const [quickest] = all.toSorted((a, b) => (problem.seconds[a] as number) - (problem.seconds[b] as number));
  return all.filter((i) => i === quickest || asked(problem, i));
}

/** Nothing is gained by what is not wanted, so that it is in no lot. */
function gainsAmong({ offers }: Problem, wanted: ReadonlySet<number>): Float64Array {
  return Float64Array.from(offers, (_, i) => (wanted.has(i) ? 0 : -Infinity));
}

/** The same brief with nothing left out by the coach. */
function withoutBans(prepared: ProblemSetup): ProblemSetup {
  const { context, rule } = prepared;
  const { brief } = context;
  if (brief.lock.exclude.length === 0) return prepared;
  return setUpProblem(contextOf({ ...brief, lock: { ...brief.lock, exclude: [] } }), rule);
}

/** Offers of one problem by their places in another. */
function sameOffers(from: Problem, to: Problem, chosen: readonly number[]): number[] {
  const key = (problem: Problem, i: number) => {
    const group = problem.offers[i]?.group;
    return `${group?.block}|${problem.variants[i]}|${problem.sets[i]}|${group?.choices[0]?.load?.kg}`;
  };
  const places = new Map(to.offers.map((_, i) => [key(to, i), i]));
  return chosen.flatMap((i) => places.get(key(from, i)) ?? []);
}

/** Fewest whole minutes that leave so many seconds for these offers beside the warm-up that they ask for. */
function minutesFor(
  { context, warmUp }: ProblemSetup,
  { joints }: Problem,
  chosen: readonly number[],
  seconds: number,
): number {
  const mask = chosen.reduce((all, i) => all | (joints[i] as number), 0);
  for (let minutes = context.brief.minutes + 1; minutes < longestSession; minutes++)
    if (budgetOf(warmUp, minutes)(mask) >= seconds - 1e-6) return minutes;
  return longestSession;
}
