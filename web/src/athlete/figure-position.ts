import type { AthleteSize } from '@tropaeum/core/body/segments';
import { beatOf } from '@tropaeum/core/session/player/counting';
import type { Step } from '@tropaeum/core/session/player/steps';
import { figureFilm } from '../ui/figure-frames';

/** Where the figure is in its repetition, 0 to 1: first keyframe to last during the first moving part. */
export function figurePosition(step: Extract<Step, { kind: 'work' }>, elapsedMs: number, size: AthleteSize): number {
  const beat = beatOf(step.item);
  const whole = beat.reduce((s, p) => s + p.seconds, 0);
  let t = (elapsedMs / 1000) % whole;
  if (beat.length === 1) return 0.5 - 0.5 * Math.cos((2 * Math.PI * t) / whole);
  const film = figureFilm(step.item.variant, size, false);
  const height = (i: number) => film?.frames[i]?.capsules.reduce((s, c) => s + c.from.y + c.to.y, 0) ?? 0;
  const startsLow = film ? height(film.frames.length - 1) > height(0) : false;
  let position = startsLow ? 1 : 0;
  for (const part of beat) {
    const to =
      part.name === 'down'
        ? startsLow
          ? 0
          : 1
        : part.name === 'up' || part.name === 'fast'
          ? startsLow
            ? 1
            : 0
          : position;
    if (t <= part.seconds) return position + (to - position) * (t / part.seconds);
    t -= part.seconds;
    position = to;
  }
  return position;
}
