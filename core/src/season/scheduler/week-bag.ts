import { costAxes } from '../../session-type/cost';
import type { SessionType } from '../../session-type/session-type';
import { notLarge, onceAWeek, over, type ProblemWeek, prices, short } from './problem';
import { type Choice, halfSets, volumeOfUnits } from './units';

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
export interface Kind {
  choice: Choice;
  pinned: boolean;
  /** It takes a day that would be off. */
  taken: boolean;
}

/** So many sessions of each kind, whatever their days: what they can hold together, and what that is worth at each volume. */
export class Bag {
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
export class Bags {
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
