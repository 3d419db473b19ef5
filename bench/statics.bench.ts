import type { Bench } from 'tinybench';
import { placedKeyframes } from '../core/src/body/motion';
import { scaledBody } from '../core/src/body/segments';
import { statics } from '../core/src/body/statics';
import { library } from '../core/src/exercise/library';

/** Statics of every keyframe of the library, against putting the bodies down. */
export function addTo(bench: Bench): void {
  const body = scaledBody({ heightCm: 175, massKg: 70 });
  const frames = library.flatMap((variant) => placedKeyframes(variant, body));
  bench.add('statics of the whole library', () => {
    for (const frame of frames) statics(frame);
  });
  bench.add('placing the whole library', () => {
    for (const variant of library) placedKeyframes(variant, body);
  });
}
