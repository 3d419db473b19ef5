import { coverage } from '../context/demands';
import { missed, opposites, prices } from '../scoring/rules';
import type { Found } from './found';
import type { PricedWish, Problem } from './problem';
import { pairSaves, savedBy } from './superset-time';

/** No offer. */
export const none = -1;
const tolerances = Float64Array.from(opposites, (o) => o.tolerance);

/** Worth of a second over the minutes, and of a hard rule broken: dear enough that nobody stays there. */
const [secondPrice, rulePrice] = [0.0025, 0.25];

/**
 * A set of offers with all its totals, put in and taken out one at a time: the search asks for the price of many thousands of sets that differ
 * in one or two.
 */
export class RunningTotal {
  readonly chosen: number[] = [];
  /** How many of each family are in. */
  readonly ofFamily: Int32Array;
  private readonly dose: Float64Array;
  private readonly inBlock: Int32Array;
  private readonly high = new Int32Array(16);
  private readonly balance: Int32Array;
  private readonly inPlane = new Int32Array(3);
  private readonly ofPin: Int32Array;
  private readonly insisted: Float64Array;
  private readonly wished: Float64Array;
  private seconds = 0;
  private contacts = 0;
  private heavy = 0;
  private worth = 0;
  /** Which pin an offer answers; -1 for none. */
  private readonly pinOf: Int16Array;

  constructor(private readonly problem: Problem) {
    this.ofFamily = new Int32Array(problem.families);
    this.dose = new Float64Array(problem.needs);
    this.inBlock = new Int32Array(problem.most.length);
    this.balance = new Int32Array(problem.balance.length);
    this.ofPin = new Int32Array(problem.pins.length);
    this.insisted = new Float64Array(problem.insisted.length);
    this.wished = new Float64Array(problem.wishes.length);
    this.pinOf = new Int16Array(problem.offers.length).fill(-1);
    problem.pins.forEach((pin, p) => {
      for (const i of pin) this.pinOf[i] = p;
    });
  }

  isPinned(i: number): boolean {
    return (this.pinOf[i] as number) >= 0;
  }

  add(i: number): void {
    this.chosen.push(i);
    this.count(i, 1);
  }

  /** Takes out what stands at a place; the last one moves there. */
  removeAt(at: number): number {
    const gone = this.chosen[at] as number;
    const last = this.chosen.pop() as number;
    if (at < this.chosen.length) this.chosen[at] = last;
    this.count(gone, -1);
    return gone;
  }

  private count(i: number, sign: 1 | -1): void {
    const { problem } = this;
    const { needs, gives } = problem;
    for (let d = 0, at = i * needs; d < needs; d++, at++)
      this.dose[d] = (this.dose[d] as number) + sign * (gives[at] as number);
    this.ofFamily[problem.family[i] as number] = (this.ofFamily[problem.family[i] as number] as number) + sign;
    this.inBlock[problem.block[i] as number] = (this.inBlock[problem.block[i] as number] as number) + sign;
    const sets = sign * (problem.sets[i] as number);
    for (let mask = problem.regions[i] as number, r = 0; mask; mask >>= 1, r++)
      if (mask & 1) this.high[r] = (this.high[r] as number) + sets;
    for (let o = 0; o < this.balance.length; o++)
      this.balance[o] = (this.balance[o] as number) + sign * ((problem.balance[o] as Int32Array)[i] as number);
    for (let p = 0; p < 3; p++)
      if ((problem.planes[i] as number) & (1 << p)) this.inPlane[p] = (this.inPlane[p] as number) + sign;
    const pin = this.pinOf[i] as number;
    if (pin >= 0) this.ofPin[pin] = (this.ofPin[pin] as number) + sign;
    for (let k = 0; k < this.insisted.length; k++)
      this.insisted[k] = (this.insisted[k] as number) + sign * (problem.insisted[k]?.counts[i] as number);
    for (let k = 0; k < this.wished.length; k++)
      this.wished[k] = (this.wished[k] as number) + sign * (problem.wishes[k]?.counts[i] as number);
    this.seconds += sign * (problem.seconds[i] as number);
    this.contacts += sign * (problem.contacts[i] as number);
    this.heavy += sign * (problem.heavy[i] as number);
    this.worth += sign * (problem.worth[i] as number);
  }

  /** What the set is worth as a session: needs covered with diminishing returns, less the price of every wish it breaks. */
  worthNow(): number {
    return this.worthWith(none, none);
  }

  /** The same with one offer more and one of the chosen less, each may be `none`; the set stays as it is. */
  worthWith(added: number, gone: number): number {
    const { problem, dose } = this;
    const { needs, gives, weights } = problem;
    let sum = this.worth + change(problem.worth, added, gone);
    const [more, less] = [added * needs, gone * needs];
    for (let d = 0; d < needs; d++) {
      let given = dose[d] as number;
      if (added >= 0) given += gives[more + d] as number;
      if (gone >= 0) given -= gives[less + d] as number;
      if (given > 1e-12) sum += (weights[d] as number) * coverage(given);
    }
    const into = added < 0 ? none : (problem.block[added] as number);
    const outOf = gone < 0 ? none : (problem.block[gone] as number);
    for (let b = 0; b < this.inBlock.length; b++) {
      const short =
        (problem.least[b] as number) - (this.inBlock[b] as number) - Number(b === into) + Number(b === outOf);
      if (short > 0) sum -= prices.blockItem * short;
    }
    for (let o = 0; o < this.balance.length; o++) {
      const balance = (this.balance[o] as number) + change(problem.balance[o] as Int32Array, added, gone);
      const beyond = Math.abs(balance) - (tolerances[o] as number);
      if (beyond > 0) sum -= problem.prices.opposite * beyond;
    }
    const planesIn = added < 0 ? 0 : (problem.planes[added] as number);
    const planesOut = gone < 0 ? 0 : (problem.planes[gone] as number);
    for (let p = 0; p < 3; p++)
      if ((this.inPlane[p] as number) + ((planesIn >> p) & 1) - ((planesOut >> p) & 1) === 0)
        sum -= problem.prices.plane;
    for (let k = 0; k < this.wished.length; k++) {
      const wish = problem.wishes[k] as PricedWish;
      sum -= wish.price * missed(wish, (this.wished[k] as number) + change(wish.counts, added, gone));
    }
    return sum - prices.heavySet * Math.max(0, problem.wantedHeavy - this.heavy - change(problem.heavy, added, gone));
  }

  /** How many hard rules are broken and how far, minutes left aside. */
  brokenNow(): number {
    const { problem } = this;
    let wrong = 0;
    for (let at = 0; at < this.chosen.length; at++) {
      const family = problem.family[this.chosen[at] as number] as number;
      if ((this.ofFamily[family] as number) > (problem.mostOfFamily[family] as number)) wrong++;
    }
    for (let b = 0; b < this.inBlock.length; b++)
      wrong += Math.max(0, (this.inBlock[b] as number) - (problem.most[b] as number));
    for (let r = 0; r < this.high.length; r++) wrong += Math.max(0, (this.high[r] as number) - problem.mostHighSets);
    if (this.contacts > problem.mostContacts) wrong += 1 + (this.contacts - problem.mostContacts) / 50;
    for (let p = 0; p < this.ofPin.length; p++) if (this.ofPin[p] === 0) wrong += 2;
    for (let k = 0; k < this.insisted.length; k++) {
      const short = (problem.insisted[k]?.least as number) - (this.insisted[k] as number);
      if (short > 1e-9) wrong += 1 + short;
    }
    return wrong;
  }

  /** Seconds by which the set runs over what is left for main work, done the quickest way. */
  overNow(): number {
    const { problem, chosen } = this;
    let joints = 0;
    for (let at = 0; at < chosen.length; at++) joints |= problem.joints[chosen[at] as number] as number;
    const budget = problem.budget(joints);
    // Even everything in turn saves no more than all rests.
    if (this.seconds <= budget + 1e-6) return 0;
    return Math.max(0, this.seconds - this.savedNow() - budget - 1e-6);
  }

  /** Whether every hard rule is kept. */
  isSession(): boolean {
    return this.brokenNow() === 0 && this.overNow() === 0;
  }

  /**
   * What the search climbs: worth, less dear prices for what may not be. What is sure to stay under a least is not counted to its end: the quickest
   * order of a session takes longest to find.
   */
  priceNow(least = Number.NEGATIVE_INFINITY): number {
    const worth = this.worthNow();
    if (worth < least) return worth;
    const kept = worth - rulePrice * this.brokenNow();
    return kept < least ? kept : kept - secondPrice * this.overNow();
  }

  /** Seconds that the quickest order in turn saves. */
  private savedNow(): number {
    const { problem, chosen } = this;
    if (problem.together === 1) return 0;
    let saved = 0;
    let done = 0;
    for (let a = 0; a < chosen.length; a++) {
      if (done & (1 << a)) continue;
      const i = chosen[a] as number;
      let size = 0;
      for (let b = a; b < chosen.length; b++) {
        const j = chosen[b] as number;
        if (problem.block[i] === problem.block[j] && problem.sets[i] === problem.sets[j]) {
          lot[size++] = j;
          done |= 1 << b;
        }
      }
      if (size > 1) saved += maxSaved(problem, size, (1 << size) - 1);
    }
    return saved;
  }
}

/** What one offer more and one less come to; each may be `none`. */
function change(of: Float64Array | Int32Array, added: number, gone: number): number {
  return (added < 0 ? 0 : (of[added] as number)) - (gone < 0 ? 0 : (of[gone] as number));
}

const lot = new Int32Array(32);

/** Seconds saved at the most by those of the lot that are in the mask. */
function maxSaved(problem: Problem, size: number, mask: number): number {
  let a = 0;
  while (!(mask & (1 << a))) a++;
  const without = mask & ~(1 << a);
  if (without === 0) return 0;
  let best = maxSaved(problem, size, without);
  for (let b = a + 1; b < size; b++) {
    if (!(without & (1 << b))) continue;
    const two = pairSaves(problem, lot[a] as number, lot[b] as number);
    if (two === 0 && problem.together < 3) continue;
    const left = without & ~(1 << b);
    if (two > 0) best = Math.max(best, two + (left ? maxSaved(problem, size, left) : 0));
    if (problem.together < 3) continue;
    for (let c = b + 1; c < size; c++) {
      if (!(left & (1 << c))) continue;
      const three = savedBy(problem, [lot[a] as number, lot[b] as number, lot[c] as number]);
      const rest = left & ~(1 << c);
      if (three > 0) best = Math.max(best, three + (rest ? maxSaved(problem, size, rest) : 0));
    }
  }
  return best;
}

/** The totals of a set of offers. */
export function totalOf(problem: Problem, offers: readonly number[]): RunningTotal {
  const total = new RunningTotal(problem);
  for (const i of offers) total.add(i);
  return total;
}

/** A set of offers as a session, where it keeps all hard rules. */
export function sessionOf(problem: Problem, offers: readonly number[]): Found | undefined {
  const total = totalOf(problem, offers);
  return total.isSession() ? { chosen: [...offers], worth: total.worthNow() } : undefined;
}
