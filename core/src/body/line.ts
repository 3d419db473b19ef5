import { type BandLevel, bandForceN, tautStretch } from './band';
import { type Pull, type PullPlace, pulledPoint, pulledSides } from './outside';
import type { PlacedBody } from './placing';
import type { LimbSide } from './pose';
import { GRAVITY } from './segments';
import type { Point } from './skeleton';

/** A band, a rope or a hand that pulls on the body. */
export interface Line {
  from: PullPlace;
  /** A fixed point, shares of height from the first contact, or the same place of the other limb (a loop). */
  to: readonly [x: number, y: number] | 'other';
  /** Resistance of a hand, a partner or a rope, share of body weight, the same all the way; a band when left out. Negative pushes away. */
  resist?: number;
}

/** A line in place: both ends, metres. */
export interface PlacedLine {
  at: PullPlace;
  side: LimbSide;
  from: Point;
  to: Point;
}

/** Where a line runs on a placed body, one for each limb it is fixed to. */
export function placedLines({ skeleton, body }: PlacedBody, line: Line): PlacedLine[] {
  return pulledSides(line.from).map((side) => ({
    at: line.from,
    side,
    from: pulledPoint(skeleton, line.from, side),
    to:
      line.to === 'other'
        ? pulledPoint(skeleton, line.from, side === 'near' ? 'far' : 'near')
        : { x: line.to[0] * body.heightM, y: line.to[1] * body.heightM },
  }));
}

const lengthOf = ({ from, to }: PlacedLine) => Math.hypot(to.x - from.x, to.y - from.y);

/**
 * The pulls of a line in every keyframe, N. A band is just taut where it is shortest (`tautStretch`) and follows its curve from there;
 * what two hands hold is shared between them.
 */
export function linePulls(frames: readonly PlacedBody[], line: Line, level: BandLevel): Pull[][] {
  const placed = frames.map((frame) => placedLines(frame, line));
  const shortest = Math.min(...placed.flat().map(lengthOf));
  const restM = Math.max(shortest / tautStretch, 0.05);
  return placed.map((lines, i) =>
    lines.map((l) => {
      const length = lengthOf(l) || 1e-9;
      const share = line.to === 'other' ? 1 : 1 / lines.length;
      const massKg = (frames[i] as PlacedBody).body.massKg;
      const force =
        line.resist === undefined ? bandForceN(level, length / restM) * share : line.resist * massKg * GRAVITY * share;
      return {
        at: l.at,
        side: l.side,
        forceN: { x: (force * (l.to.x - l.from.x)) / length, y: (force * (l.to.y - l.from.y)) / length },
      };
    }),
  );
}
