import type { PlacedBody } from '../../body/placing';
import { segmentWeights, weightedCentre } from '../../body/weights';
import type { Tempo } from '../../dose/dose';
import type { Variant } from '../model/variant';

/** A keyframe in the course of one repetition: when it is reached and when it is left, seconds from the start. */
export interface Stop {
  keyframe: number;
  reachedAt: number;
  leftAt: number;
}

/** The course of one repetition in time. */
export interface Pace {
  seconds: number;
  stops: readonly Stop[];
}

/** Seconds one way where the dose gives no tempo, and of the fastest way; for the eye only, common practice, no source. */
const untold = { slow: 2, controlled: 1.2, fast: 0.5 } as const;
const explosiveSeconds = 0.4;
/** One stretch of a jump or a step. */
const flightSeconds = 0.3;
const restBetween = 0.5;
/** The body has to rise by this much for a way to count as rising, metres. */
const noticeableM = 0.01;

const heightOf = ({ body, skeleton }: PlacedBody) => weightedCentre(segmentWeights(body, skeleton)).y;

/**
 * When each keyframe of a variant is reached, so that a figure moves as the dose says: the way down takes the lowering seconds, the way
 * up the rising ones, pauses are held. A movement that leaves the ground runs through once and begins again.
 *
 * @example paceOf(pushUp, placedKeyframes(pushUp, body), parseDose('3x8 3-1-1').tempo).seconds // 5
 */
export function paceOf(variant: Variant, frames: readonly PlacedBody[], tempo?: Tempo): Pace {
  const last = frames.length - 1;
  const [first, end] = [frames[0], frames[last]];
  if (!first || !end || last === 0) return { seconds: 1, stops: [{ keyframe: 0, reachedAt: 0, leftAt: 1 }] };
  if (frames.some((f) => f.airborne)) {
    const stops = frames.map((_, i) => ({ keyframe: i, reachedAt: i * flightSeconds, leftAt: i * flightSeconds }));
    const landed = stops[last] as Stop;
    landed.leftAt += restBetween;
    return { seconds: landed.leftAt, stops };
  }
  const told = tempo ?? { lowering: untold[variant.speed], bottom: 0, rising: untold[variant.speed], top: 0 };
  const rising = told.rising === 'X' ? explosiveSeconds : told.rising;
  const lowersFirst = heightOf(first) > heightOf(end) + noticeableM;
  const [there, pause, back, rest] = lowersFirst
    ? [told.lowering, told.bottom, rising, told.top]
    : [rising, told.top, told.lowering, told.bottom];
  const way = (from: number, seconds: number, keyframes: readonly number[]): Stop[] =>
    keyframes.map((keyframe, i) => {
      const at = from + (seconds * (i + 1)) / keyframes.length;
      return { keyframe, reachedAt: at, leftAt: at };
    });
  const up = Array.from({ length: last }, (_, i) => i + 1);
  const down = Array.from({ length: last }, (_, i) => last - 1 - i);
  const stops = [{ keyframe: 0, reachedAt: 0, leftAt: 0 }, ...way(0, there, up)];
  (stops[last] as Stop).leftAt += pause;
  stops.push(...way(there + pause, back, down));
  const home = stops.at(-1) as Stop;
  home.leftAt += rest;
  return { seconds: Math.max(home.leftAt, 0.2), stops };
}

/** Where between the keyframes the body is at a moment: 1.5 is half-way from the second to the third. Moments beyond one repetition wrap. */
export function keyframeAt({ seconds, stops }: Pace, moment: number): number {
  const t = ((moment % seconds) + seconds) % seconds;
  for (let i = 0; i < stops.length; i++) {
    const [stop, next] = [stops[i] as Stop, stops[i + 1]];
    if (t <= stop.leftAt || !next) return stop.keyframe;
    if (t < next.reachedAt) {
      const share = (t - stop.leftAt) / (next.reachedAt - stop.leftAt);
      const eased = 0.5 - 0.5 * Math.cos(Math.PI * share);
      return stop.keyframe + (next.keyframe - stop.keyframe) * eased;
    }
  }
  return 0;
}
