import { type Band, bandForceN } from '../../body/band';
import { lineStretches } from '../../body/line';
import type { ScaledBody } from '../../body/segments';
import type { Variant } from '../model/variant';
import { placedAlong } from './placed';

/** Pull of a band at one point of a repetition. */
export interface BandPull {
  /** Share of the way from the first keyframe to the last, 0 to 1. */
  share: number;
  /** Length over resting length. */
  stretch: number;
  forceN: number;
}

/**
 * How hard a band pulls along a repetition, N in all: keyframes and `between` poses between each two of them. Empty for what is done without one.
 *
 * @example bandOverRange(bandRow, body, 'medium').at(-1).forceN // 33
 */
export function bandOverRange(variant: Variant, body: ScaledBody, band: Band, between = 6): BandPull[] {
  const { line } = variant;
  if (!line || line.resist !== undefined) return [];
  const frames = placedAlong(variant, body, between);
  return lineStretches(frames, line, band).map((stretches, i) => {
    const stretch = Math.max(...stretches);
    return { share: frames.length > 1 ? i / (frames.length - 1) : 0, stretch, forceN: bandForceN(band, stretch) };
  });
}
