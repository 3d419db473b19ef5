import type { AthleteSize } from '@tropaeum/core/body/segments';
import type { WorkStep } from '@tropaeum/core/session/player/steps';
import { Figure } from '../../ui/Figure';
import { figurePosition } from '../figure-position';

interface PlayerFigureProps {
  step: WorkStep;
  size: AthleteSize;
  /** Milliseconds of a running set; the figure moves at its own pace otherwise. */
  elapsed: number | undefined;
}

/** The exercise as it is done, as large as the place allows: with the beat while a set runs. Loaded after the words stand. */
export default function PlayerFigure({ step, size, elapsed }: PlayerFigureProps) {
  const { item } = step;
  const isStill = matchMedia('(prefers-reduced-motion: reduce)').matches;
  return (
    <Figure
      variant={item.drawnAs ?? item.variant}
      poses={item.poses}
      name={item.name}
      size={size}
      loaded={item.load?.kg !== undefined}
      {...(elapsed === undefined || isStill ? { playing: true } : { at: figurePosition(step, elapsed, size) })}
      className="h-full w-full"
    />
  );
}
