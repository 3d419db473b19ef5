import { extentOf, figureOf } from './figure';
import type { PlacedBody } from './placing';
import type { ScaledBody } from './segments';

export interface SpaceNeeded {
  /** Along the plane that is drawn, metres. */
  lengthM: number;
  /** Across it, metres. */
  widthM: number;
  /** Highest point of body and implement, metres. */
  heightM: number;
}

/** Elbow room across the drawn plane, as a share of height: shoulders and a hand's breadth to each side; common practice, no source. */
const acrossShare = 0.38;

/**
 * Floor and height that a movement takes, over all its keyframes, for this body.
 * `implementM` is how far an implement reaches above the hands.
 */
export function spaceNeeded(body: ScaledBody, frames: readonly PlacedBody[], implementM = 0): SpaceNeeded {
  const [first] = frames;
  if (first?.view === 'above') return spaceFromAbove(body, frames);
  const extents = frames.map((frame) => extentOf(figureOf(frame)));
  const hands = frames.flatMap(({ skeleton }) => [skeleton.near.fingertip.y, skeleton.far.fingertip.y]);
  const highest = Math.max(...extents.map((e) => e.maxY));
  return {
    lengthM: Math.max(...extents.map((e) => e.maxX)) - Math.min(...extents.map((e) => e.minX)),
    widthM: acrossShare * body.heightM,
    heightM: Math.max(highest, Math.max(...hands) + implementM),
  };
}

/** Seen from above, both sides of the floor are measured; the height is that of the body standing. */
function spaceFromAbove(body: ScaledBody, frames: readonly PlacedBody[]): SpaceNeeded {
  const extents = frames.map((frame) => extentOf(figureOf(frame)));
  return {
    lengthM: Math.max(...extents.map((e) => e.maxX)) - Math.min(...extents.map((e) => e.minX)),
    widthM: Math.max(...extents.map((e) => e.maxY)) - Math.min(...extents.map((e) => e.minY)),
    heightM: body.heightM,
  };
}
