import { writeFileSync } from 'node:fs';
import { library } from '../core/src/exercise/library/library';
import { alongText } from '../core/src/exercise/mechanics/peak-points';
import { findPeaks } from '../core/src/exercise/mechanics/peaks';

/** Writes where every variant works hardest between its keyframes, so that no start of the program has to look for it. */
const points = Object.fromEntries(library.map((variant) => [variant.id, findPeaks(variant).map(alongText)]));
writeFileSync('core/src/exercise/mechanics/peak-points.json', `${JSON.stringify(points, null, 2)}\n`);
