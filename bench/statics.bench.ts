import type { Bench } from 'tinybench';
import { placedKeyframes } from '../core/src/body/motion';
import { scaledBody } from '../core/src/body/segments';
import { statics } from '../core/src/body/statics';
import { library } from '../core/src/exercise/library/library';
import { placedForPeaks } from '../core/src/exercise/mechanics/peaks';
import { placedVariant } from '../core/src/exercise/mechanics/placed';

/** Statics of the whole library with the peaks between its keyframes, against the keyframes alone and putting the bodies down. */
export function addTo(bench: Bench): void {
  const body = scaledBody({ heightCm: 175, massKg: 70 });
  const wholeWay = library.flatMap((variant) => placedForPeaks(variant, body));
  const keyframes = library.flatMap((variant) => placedVariant(variant, body));
  bench.add('statics of the whole library, peaks over the whole way', () => {
    for (const frame of wholeWay) statics(frame);
  });
  bench.add('statics of its keyframes alone', () => {
    for (const frame of keyframes) statics(frame);
  });
  bench.add('placing the whole library', () => {
    for (const variant of library) placedKeyframes(variant, body);
  });
}
