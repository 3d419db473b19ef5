import { type Cost, costAxes } from '../../session-type/cost';
import { mainTypes, type Offer } from './allowed';

/** Landings are laid by the ten. */
export const unit: Cost = { heavyLower: 1, heavyUpper: 1, contacts: 10, eccentric: 1 };
/** An amount on each axis, in its unit, in the order of the axes. */
export type Units = readonly [heavyLower: number, heavyUpper: number, contacts: number, eccentric: number];
/** Volume of an axis in half sets: a set is two, ten landings are one. */
export const halfSets: Units = [2, 2, 1, 2];

/** What a session is to the days beside it, as bits. */
export const marks = { legs: 1, upper: 2, landings: 4, hard: 8 } as const;

/** From how much on a session bears a mark. Heavy work of one part and landings in number have a day between; what makes a day at home a hard one. Common practice, no source. */
const legsFrom = 2;
const upperFrom = 3;
const landingsFrom = 3;
const hardFrom: Units = [3, Number.POSITIVE_INFINITY, 6, 4];

/** A type of session in one size: between its least and its most it is the same to the days beside it. */
export interface Choice {
  offer: Offer;
  least: Units;
  most: Units;
  worth: number;
  /** It counts as a session of the week. */
  main: boolean;
  marks: number;
}

export const inUnits = (cost: Cost): Units => costAxes.map((axis) => cost[axis] / unit[axis]) as unknown as Units;

export const volumeOfUnits = (units: readonly number[]): number =>
  units.reduce((sum, amount, axis) => sum + amount * (halfSets[axis] as number), 0);

type Span = readonly [least: number, most: number];
/** Parts of a span at which something else begins. */
function parts([least, most]: Span, ...from: number[]): Span[] {
  const starts = [least, ...from.filter((f) => f > least && f <= most)];
  return starts.map((start, i): Span => [start, (starts[i + 1] ?? most + 1) - 1]);
}

/** A type between a least and a most, as sizes that are each one thing to the days beside it. */
export function sizesOf(offer: Offer, worth: number): Choice[] {
  const [least, most] = [inUnits(offer.least), inUnits(offer.most)];
  const span = (axis: number): Span => [least[axis] as number, most[axis] as number];
  return parts(span(0), legsFrom, hardFrom[0]).flatMap((legs) =>
    parts(span(1), upperFrom).flatMap((upper) =>
      parts(span(2), landingsFrom, ...(legs[0] >= hardFrom[0] ? [] : [hardFrom[2]])).map((landings): Choice => {
        const hard = legs[0] >= hardFrom[0] || landings[0] >= hardFrom[2];
        // So much slow lowering that it alone makes a day hard belongs behind heavy sets.
        const slow: Span = [least[3], hard ? most[3] : Math.max(least[3], Math.min(most[3], hardFrom[3] - 1))];
        const spans = [legs, upper, landings, slow];
        return {
          offer,
          worth,
          main: mainTypes.has(offer.type),
          least: spans.map((s) => s[0]) as unknown as Units,
          most: spans.map((s) => s[1]) as unknown as Units,
          marks:
            (legs[0] >= legsFrom ? marks.legs : 0) |
            (upper[0] >= upperFrom ? marks.upper : 0) |
            (landings[0] >= landingsFrom ? marks.landings : 0) |
            (hard || slow[1] >= hardFrom[3] ? marks.hard : 0),
        };
      }),
    ),
  );
}
