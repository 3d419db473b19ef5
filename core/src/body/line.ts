import { type Band, bandForceN, curveOf, tautStretch } from './band';
import { type Pull, type PullPlace, pulledPoint, pulledSides } from './external-forces';
import type { PlacedBody } from './placing';
import type { LimbSide } from './pose';
import { GRAVITY } from './segments';
import type { Point } from './skeleton';

/** A band, a rope or a hand that pulls on the body. */
export interface Line {
  from: PullPlace;
  /** A fixed point, shares of height from the first contact; the same place of the other limb (a loop); or another place of the body. */
  to: readonly [x: number, y: number] | 'other' | { place: PullPlace };
  /** Resistance of a hand, a partner or a rope, share of body weight, the same all the way; a band when left out. Negative pushes away. */
  resist?: number;
}

/** A line in place: both ends, metres. */
export interface PlacedLine {
  at: PullPlace;
  side: LimbSide;
  from: Point;
  to: Point;
  /** The place of the body at the other end, which is pulled back as hard. */
  back?: { at: PullPlace; side: LimbSide };
}

/** Both hands may hold what runs to one foot. */
function sideOfEnd(place: PullPlace, side: LimbSide): LimbSide {
  const sides = pulledSides(place);
  return sides.includes(side) ? side : (sides[0] as LimbSide);
}

/** Where a line runs on a placed body, one for each limb it is fixed to. */
export function placedLines({ skeleton, body }: PlacedBody, line: Line): PlacedLine[] {
  const { to } = line;
  return pulledSides(line.from).map((side) => {
    const from = pulledPoint(skeleton, line.from, side);
    if (to === 'other')
      return { at: line.from, side, from, to: pulledPoint(skeleton, line.from, side === 'near' ? 'far' : 'near') };
    if ('place' in to) {
      const end = sideOfEnd(to.place, side);
      return { at: line.from, side, from, to: pulledPoint(skeleton, to.place, end), back: { at: to.place, side: end } };
    }
    return { at: line.from, side, from, to: { x: to[0] * body.heightM, y: to[1] * body.heightM } };
  });
}

const lengthOf = ({ from, to }: PlacedLine) => Math.hypot(to.x - from.x, to.y - from.y);

/**
 * How far a band is stretched in every keyframe, length over resting length, for each limb it is fixed to. One stands so that it is just taut
 * where it is shortest (`tautStretch`); a band of known length stretches from there by the way it is drawn out, one of unknown length is taken
 * to be as long as fits.
 */
export function lineStretches(frames: readonly PlacedBody[], line: Line, band: Band): number[][] {
  const lengths = frames.map((frame) => placedLines(frame, line).map(lengthOf));
  const shortest = Math.min(...lengths.flat());
  const restM = curveOf(band).restM ?? Math.max(shortest / tautStretch, 0.05);
  const tautM = curveOf(band).restM === undefined ? shortest : tautStretch * restM;
  return lengths.map((ofFrame) => ofFrame.map((length) => (tautM + length - shortest) / restM));
}

/** The pulls of a line in every keyframe, N, a band along its curve; what two hands hold is shared between them. */
export function linePulls(frames: readonly PlacedBody[], line: Line, band: Band): Pull[][] {
  const placed = frames.map((frame) => placedLines(frame, line));
  const stretches = line.resist === undefined ? lineStretches(frames, line, band) : [];
  return placed.map((lines, i) =>
    lines.flatMap((l, k): Pull[] => {
      const length = lengthOf(l) || 1e-9;
      const share = line.to === 'other' ? 1 : 1 / lines.length;
      const massKg = (frames[i] as PlacedBody).body.massKg;
      const force =
        line.resist === undefined
          ? bandForceN(band, stretches[i]?.[k] as number) * share
          : line.resist * massKg * GRAVITY * share;
      const forceN = { x: (force * (l.to.x - l.from.x)) / length, y: (force * (l.to.y - l.from.y)) / length };
      const pull = { at: l.at, side: l.side, forceN };
      return l.back ? [pull, { ...l.back, forceN: { x: -forceN.x, y: -forceN.y } }] : [pull];
    }),
  );
}
