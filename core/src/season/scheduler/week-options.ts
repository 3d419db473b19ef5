import type { SessionType } from '../../session-type/session-type';
import { longestGap, type ProblemWeek, prices } from './problem';
import { type Choice, marks } from './units';
import { Bag, Bags, type Kind } from './week-bag';
import { type DayRules, kindsOf, nothing, perWeek, rulesOf, type WeekInNumbers } from './week-in-numbers';

/** Which choice is taken on each day of a week: its index, or -1 for none. */
type Pattern = Int8Array;

/** One way to lay a week, as far as the weeks beside it can tell: what is worth most of it at each volume. */
export interface WeekWay {
  /** Marks of the first two days and of the last two, as far as somebody asks. */
  first: readonly [number, number];
  last: readonly [number, number];
  /** Days without anything at its beginning and its end, up to three. */
  lead: number;
  trail: number;
  /** Worth by volume in half sets; minus infinity where it cannot be had. */
  worth: Float64Array;
  /** The pattern that is worth it. */
  by: Int32Array;
  best: number;
}

export interface WeekWays {
  ways: readonly WeekWay[];
  /** The choices of a way, by the number it bears at a volume. */
  patternAt: (end: number) => Pattern;
}

/** What no sessions can do better than at each volume: the amounts of a week with no day in the way. */
function ceilingOf(week: ProblemWeek): Float64Array {
  const all: Choice = {
    offer: undefined as never,
    worth: 0,
    main: false,
    marks: 0,
    least: [0, 0, 0, 0],
    most: week.most,
  };
  // One large session would cost what several do not: as many as are needed.
  const each = Array.from({ length: perWeek }, (): Kind => ({ choice: all, pinned: false, taken: false }));
  return new Bag(0, each, week).byVolume().worth;
}

/** How the days of a week so far were taken: what is the same in everything that the rest of it, or its neighbours, can tell goes on as one. */
interface Begun {
  worth: number;
  /** The choice of the last day, -1 for none, and what came before it. */
  choice: number;
  from: Begun | undefined;
  bag: Bag;
  /** Marks of the last two days: the earlier, then the later. */
  earlier: number;
  later: number;
  /** Marks of the first two days, as far as they are asked for, as one number. */
  first: number;
  /** Days without anything: at the beginning, and now. */
  lead: number;
  empty: number;
}

/** What a bag costs in what the week should have. */
function costOfBag(bag: Bag, week: ProblemWeek, open: number, has: (type: SessionType) => boolean): number {
  const missed = (there: number, least: number) => Math.max(0, least - there);
  const [lower, upper] = [bag.count('lower-body', 'whole-body'), bag.count('upper-body', 'whole-body')];
  const main = bag.kinds.filter(({ choice }) => choice.main).length;
  const taken = bag.kinds.filter((kind) => kind.taken).length;
  return (
    prices.session * missed(main, week.sessions.min) +
    (week.wantsLegs ? prices.legs * missed(lower, 1) : 0) +
    (week.wantsSpeed && has('power') ? prices.type * missed(bag.count('power'), 1) : 0) +
    (has('arm-care') ? prices.type * missed(bag.count('arm-care'), 1) : 0) +
    prices.restDay * Math.max(0, taken - (open - week.restDays)) +
    (week.varied
      ? prices.type * (missed(lower, 2) + missed(upper, 2)) + prices.same * Math.max(0, bag.count('whole-body') - 1)
      : 0)
  );
}

/** All ways to lay a week that its neighbours could tell apart, each with the most it is worth at every volume. */
export function waysOfWeek(inNumbers: WeekInNumbers): WeekWays {
  const { days, week, edges } = inNumbers;
  const { kinds, of: kindOf } = kindsOf(days);
  const open = days.filter((d) => d.open).length;
  const bags = new Bags(week, open - week.leastRest, kinds);
  const rules = rulesOf(inNumbers);
  const longest = longestGap - 1;
  let states: Begun[] = [
    { worth: 0, choice: -1, from: undefined, bag: bags.empty, earlier: 0, later: 0, first: 0, lead: 0, empty: 0 },
  ];
  for (const [d, day] of days.entries()) {
    const rule = rules[d] as DayRules;
    const before = [rules[d - 2]?.hard ?? false, rules[d - 1]?.hard ?? false] as const;
    const reached = new Map<number, Begun>();
    for (const s of states) {
      const twoHard =
        rule.run && (before[0] || (s.earlier & marks.hard) > 0) && (before[1] || (s.later & marks.hard) > 0);
      for (let i = day.pinned ? 0 : -1; i < day.choices.length; i++) {
        const choice = i < 0 ? undefined : (day.choices[i] as Choice);
        const mark = choice ? choice.marks : 0;
        if (mark & ((s.later & rule.near) | (s.earlier & rule.nearBefore))) continue;
        if (twoHard && (rule.hard || mark & marks.hard)) continue;
        const kind = i < 0 ? nothing : ((kindOf[d] as number[])[i] as number);
        const bag = kind === nothing ? s.bag : bags.with(s.bag, kind);
        if (!bag) continue;
        const empty = choice || !rule.gapAhead ? 0 : Math.min(longest, s.empty + 1);
        const first = d === 0 ? mark & edges.first[0] : d === 1 ? s.first * 16 + (mark & edges.first[1]) : s.first;
        const lead = edges.lead && !choice && s.lead === d ? Math.min(longest, d + 1) : s.lead;
        const gap = rule.gapEnds && !choice && s.empty >= longest ? prices.gap : 0;
        const worth = s.worth + (choice ? choice.worth : 0) - gap;
        const earlier = s.later & rule.askedBefore;
        const later = mark & rule.asked;
        const key = ((((bag.index * 256 + first) * 16 + earlier) * 16 + later) * 4 + lead) * 4 + empty;
        const known = reached.get(key);
        if (known && known.worth >= worth) continue;
        const next: Begun = { worth, choice: i, from: s, bag, earlier, later, first, lead, empty };
        reached.set(key, next);
      }
    }
    states = [...reached.values()];
  }
  const types = new Set(days.flatMap((day) => day.choices.map((c) => c.offer.type)));
  const cost = new Map<Bag, number>();
  const costOf = (bag: Bag) => {
    let known = cost.get(bag);
    if (known === undefined) {
      known = costOfBag(bag, week, open, (type) => types.has(type));
      cost.set(bag, known);
    }
    return known;
  };
  return gathered(states, inNumbers, costOf);
}

/** Ends of a week put together by what the neighbours can tell of them. */
function gathered(states: readonly Begun[], { week, edges }: WeekInNumbers, costOf: (bag: Bag) => number): WeekWays {
  const found = new Map<number, WeekWay>();
  const ceiling = ceilingOf(week);
  const ends = states.map((state) => ({ state, worth: state.worth - costOf(state.bag) }));
  ends.sort((a, b) => b.worth - a.worth);
  for (let at = 0; at < ends.length; at++) {
    const { state, worth } = ends[at] as (typeof ends)[number];
    const last = [state.earlier & edges.last[0], state.later & edges.last[1]] as const;
    const trail = edges.trail ? state.empty : 0;
    const key = (((state.first * 16 + last[0]) * 16 + last[1]) * 4 + state.lead) * 4 + trail;
    let way = found.get(key);
    if (!way) {
      const size = edges.volume ? ceiling.length : 1;
      way = {
        ...{ first: [state.first >> 4, state.first & 15], last, lead: state.lead, trail },
        worth: new Float64Array(size).fill(Number.NEGATIVE_INFINITY),
        by: new Int32Array(size),
        best: Number.NEGATIVE_INFINITY,
      };
      found.set(key, way);
    }
    if (!couldBeBetter(way, worth, state.bag, ceiling)) continue;
    const { from, worth: ofBag, best } = state.bag.byVolume();
    if (worth + best > way.best) way.best = worth + best;
    if (!edges.volume) {
      if (worth + best <= (way.worth[0] as number)) continue;
      way.worth[0] = worth + best;
      way.by[0] = at;
      continue;
    }
    for (let v = 0; v < ofBag.length; v++) {
      const value = worth + (ofBag[v] as number);
      if (value <= (way.worth[from + v] as number)) continue;
      way.worth[from + v] = value;
      way.by[from + v] = at;
    }
  }
  return {
    ways: [...found.values()].filter((w) => Number.isFinite(w.best)),
    patternAt: (end) => patternOf((ends[end] as (typeof ends)[number]).state),
  };
}

/** Whether sessions could be worth more than what is known, at any volume that they come to. */
function couldBeBetter(way: WeekWay, worth: number, bag: Bag, ceiling: Float64Array): boolean {
  const [from, to] = bag.volumes;
  for (let v = from; v <= to; v++)
    if (worth + (ceiling[v] as number) > (way.worth[way.worth.length > 1 ? v : 0] as number)) return true;
  return false;
}

function patternOf(end: Begun): Pattern {
  const pattern = new Int8Array(perWeek);
  let state: Begun | undefined = end;
  for (let d = perWeek - 1; state && d >= 0; d--, state = state.from) pattern[d] = state.choice;
  return pattern;
}
