import { costAxes } from '../../session-type/cost';
import type { SessionType } from '../../session-type/session-type';
import {
  type Choice,
  clashing,
  type DaysProblem,
  gapCounts,
  halfSets,
  longestGap,
  marks,
  marksPossible,
  notLarge,
  onceAWeek,
  over,
  type ProblemDay,
  type ProblemWeek,
  prices,
  short,
  volumeOfUnits,
} from './problem';

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

const perWeek = 7;
/** A week never comes to more half sets than this: nine sets of everything on each of its days would be more than anybody does. */
const maxHalfSets = 255;

/** Worth of so much of one axis in the week, without what large sessions cost. */
const axisWorth = (week: ProblemWeek, a: number, amount: number): number => {
  const missing = (week.aim[a] as number) - amount;
  return -(missing > 0 ? missing * (short[a] as number) : -missing * (over[a] as number));
};

/** Axes that count a whole set each. */
const setAxes: readonly number[] = [0, 1, 3];
const landings = 2;

/** One kind of choice as far as sums can tell: what is alike is counted together, whichever day it stands on. */
interface Kind {
  choice: Choice;
  pinned: boolean;
  /** It takes a day that would be off. */
  taken: boolean;
}

/** So many sessions of each kind, whatever their days: what they can hold together, and what that is worth at each volume. */
class Bag {
  /** With one more of each kind; null where the week may not hold it. */
  readonly more: (Bag | null | undefined)[] = [];
  readonly low = [0, 0, 0, 0];
  readonly high = [0, 0, 0, 0];
  /** Up to which amount no session is a large one. */
  private readonly roomy = [0, 0, 0, 0];
  private forced = 0;
  private values: { from: number; worth: Float64Array; best: number } | undefined;

  constructor(
    readonly index: number,
    readonly kinds: readonly Kind[],
    private readonly week: ProblemWeek,
  ) {
    for (const { choice } of kinds)
      for (let a = 0; a < costAxes.length; a++) {
        const [least, most] = [choice.least[a] as number, choice.most[a] as number];
        this.low[a] = (this.low[a] as number) + least;
        this.high[a] = (this.high[a] as number) + most;
        this.roomy[a] = (this.roomy[a] as number) + (a < 2 ? Math.max(least, Math.min(most, notLarge)) : most);
        if (a < 2) this.forced += Math.max(0, least - notLarge);
      }
    for (let a = 0; a < costAxes.length; a++) this.high[a] = Math.min(this.high[a] as number, week.most[a] as number);
  }

  count(...types: readonly SessionType[]): number {
    return this.kinds.filter(({ choice }) => types.includes(choice.offer.type)).length;
  }

  /** Whether a week may hold it, wherever its sessions stand. */
  fits(mostTaken: number): boolean {
    const { sessions, most } = this.week;
    const once = (type: SessionType) =>
      this.kinds.filter(({ choice, pinned }) => !pinned && choice.offer.type === type).length <= 1;
    return (
      this.kinds.filter(({ choice }) => choice.main).length <= sessions.max &&
      this.kinds.filter(({ taken }) => taken).length <= mostTaken &&
      onceAWeek.every(once) &&
      this.low.every((low, a) => low <= (most[a] as number))
    );
  }

  private worthAt(a: number, amount: number): number {
    return axisWorth(this.week, a, amount) - prices.large * Math.max(0, amount - (this.roomy[a] as number));
  }

  /** Half sets at least, and at most. */
  get volumes(): readonly [least: number, most: number] {
    return [volumeOfUnits(this.low), Math.min(volumeOfUnits(this.high), this.week.mostVolume, maxHalfSets)];
  }

  /** Sets added one by one, each the one that is worth most then: worth falls with the amount on every axis, so no other order is better. Told with the amounts, their half sets and their worth. */
  private inOrder(tell: (at: readonly number[], halves: number, worth: number) => void): void {
    const at = [...this.low];
    let worth = -prices.large * this.forced;
    let halves = 0;
    for (const a of setAxes) {
      worth += this.worthAt(a, at[a] as number);
      halves += (at[a] as number) * (halfSets[a] as number);
    }
    for (;;) {
      tell(at, halves, worth);
      let best = -1;
      let gain = Number.NEGATIVE_INFINITY;
      for (const a of setAxes) {
        const amount = at[a] as number;
        if (amount >= (this.high[a] as number)) continue;
        const more = this.worthAt(a, amount + 1) - this.worthAt(a, amount);
        if (more > gain + 1e-12) {
          best = a;
          gain = more;
        }
      }
      if (best < 0) return;
      at[best] = (at[best] as number) + 1;
      halves += halfSets[best] as number;
      worth += gain;
    }
  }

  /** Most that it is worth at each volume from the least on, and at any. */
  byVolume(): { from: number; worth: Float64Array; best: number } {
    if (this.values) return this.values;
    const [from, most] = this.volumes;
    const worthOf = new Float64Array(Math.max(0, most - from + 1)).fill(Number.NEGATIVE_INFINITY);
    const [low, high] = [this.low[landings] as number, this.high[landings] as number];
    const ofLandings = Array.from({ length: high - low + 1 }, (_, i) => this.worthAt(landings, low + i));
    let best = Number.NEGATIVE_INFINITY;
    this.inOrder((_, halves, worth) => {
      for (let i = 0; i < ofLandings.length; i++) {
        const v = halves + low + i - from;
        if (v >= worthOf.length) break;
        const all = worth + (ofLandings[i] as number);
        if (all > (worthOf[v] as number)) worthOf[v] = all;
        if (all > best) best = all;
      }
    });
    this.values = { from, worth: worthOf, best };
    return this.values;
  }

  /** Amounts that are worth most at a volume; at any where it is left out. */
  amountsAt(volume: number | undefined): number[] {
    let best: { worth: number; at: number[] } | undefined;
    const most = this.volumes[1];
    this.inOrder((at, halves, worth) => {
      for (let c = this.low[landings] as number; c <= (this.high[landings] as number); c++) {
        if (halves + c > most || (volume !== undefined && halves + c !== volume)) continue;
        const all = worth + this.worthAt(landings, c);
        if (!best || all > best.worth + 1e-12) best = { worth: all, at: at.map((x, a) => (a === landings ? c : x)) };
      }
    });
    if (!best) throw new RangeError('these sessions do not come to the volume');
    return best.at;
  }
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

/** The amounts of a week's choices that are worth most at a volume; at any where it is left out. */
export const amountsAt = (
  choices: readonly (Choice | undefined)[],
  week: ProblemWeek,
  volume: number | undefined,
): number[] =>
  new Bag(
    0,
    choices.flatMap((choice) => (choice ? [{ choice, pinned: false, taken: false }] : [])),
    week,
  ).amountsAt(volume);

/** All bags of a week, each there once. */
class Bags {
  private readonly known = new Map<string, Bag | null>();
  private count = 0;
  readonly empty: Bag;

  constructor(
    private readonly week: ProblemWeek,
    private readonly mostTaken: number,
    private readonly kinds: readonly Kind[],
  ) {
    this.empty = new Bag(this.count++, [], week);
  }

  with(bag: Bag, kind: number): Bag | null {
    const known = bag.more[kind];
    if (known !== undefined) return known;
    const kinds = [...bag.kinds, this.kinds[kind] as Kind].sort(
      (a, b) => this.kinds.indexOf(a) - this.kinds.indexOf(b),
    );
    const key = kinds.map((k) => this.kinds.indexOf(k)).join();
    let more = this.known.get(key);
    if (more === undefined) {
      const bigger = new Bag(this.count, kinds, this.week);
      more = bigger.fits(this.mostTaken) ? bigger : null;
      if (more) this.count++;
      this.known.set(key, more);
    }
    bag.more[kind] = more;
    return more;
  }
}

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

/** What the places of a week cost and allow, day by day. */
interface DayRules {
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

function rulesOf({ days, legDays, edges }: WeekInNumbers): DayRules[] {
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
const nothing = -1;

/** Choices of a week by kind: what is alike to every sum is one kind. */
function kindsOf(days: readonly ProblemDay[]): { kinds: Kind[]; of: number[][] } {
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
