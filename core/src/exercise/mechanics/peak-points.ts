import type { Keyframe } from '../../body/motion';
import file from './peak-points.json' with { type: 'json' };

/** A point of the way between two keyframes. */
export interface Along {
  /** Keyframe before it. */
  after: number;
  /** Share of the way to the next, 0 to 1. */
  share: number;
}

/** By variant, as `npm run peaks` writes them; a variant without peaks has an empty list. */
const written: Readonly<Record<string, readonly string[]>> = file;

const byKeyframes = new WeakMap<readonly Keyframe[], readonly Along[]>();

/** A point in writing: the keyframe before it, and the share of the way. @example alongText({ after: 0, share: 0.5 }) // '0 0.5' */
export const alongText = ({ after, share }: Along) => `${after} ${Number(share.toFixed(4))}`;

function alongOf(text: string): Along {
  const [after, share] = text.split(' ').map(Number);
  return { after: after as number, share: share as number };
}

/** Remembers the written peaks of a shipped variant for its keyframes, which a club's own copy of it shares. */
export function keepPeaks(id: string, keyframes: readonly Keyframe[]): void {
  const points = written[id];
  if (points) byKeyframes.set(keyframes, points.map(alongOf));
}

/** The written peaks of these very keyframes; undefined where they are not of the library, or not written yet. */
export const shippedPeaks = (keyframes: readonly Keyframe[]) => byKeyframes.get(keyframes);
