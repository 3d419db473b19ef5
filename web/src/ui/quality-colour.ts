import type { Quality } from '@tropaeum/core/exercise/model/vocabulary';

/** The colour of what minutes train. */
export const qualityColour: Record<Quality, string> = {
  strength: 'var(--slate)',
  power: 'var(--oxide)',
  prevention: 'var(--laurel)',
  trunk: 'var(--bronze)',
  preparation: 'var(--stone)',
};
