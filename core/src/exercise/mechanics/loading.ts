import type { Band } from '../../body/band';
import { linePulls } from '../../body/line';
import type { PlacedBody } from '../../body/placing';
import { type Statics, statics } from '../../body/statics';
import type { Variant } from '../model/variant';

/** What loads a variant beside the body: a mass in its place, a band as far as it is known. */
export interface Loading {
  loadKg?: number;
  band?: Band;
}

/** What tells one loading from another. */
export const loadingKey = ({ loadKg = 0, band }: Loading) =>
  `${loadKg}|${typeof band === 'object' ? JSON.stringify(band) : (band ?? '')}`;

/** Statics of bodies along a variant's way, with what it is done with. */
export function loadedStatics(
  variant: Variant,
  frames: readonly PlacedBody[],
  { loadKg = 0, band = 'medium' }: Loading = {},
): Statics[] {
  const carried =
    variant.load?.source === 'weight' && loadKg > 0 ? [{ place: variant.load.place, massKg: loadKg }] : [];
  const pulls = variant.line ? linePulls(frames, variant.line, band) : [];
  return frames.map((frame, i) => statics(frame, carried, pulls[i]));
}
