import type { Bench } from 'tinybench';
import type { Athlete } from '../core/src/athlete/athlete';
import type { PerformanceRecord } from '../core/src/athlete/performance-record';
import { Capacity } from '../core/src/capacity/capacity';
import { catalogueOf } from '../core/src/exercise/catalogue/catalogue';
import { variantById } from '../core/src/exercise/library/library';
import type { Variant } from '../core/src/exercise/model/variant';

const shipped = catalogueOf();
const athlete: Athlete = { heightCm: 178, massKg: 74, born: '2004-05-01', sex: 'female', level: 'intermediate' };
const day = '2026-12-09';
const exercises = ['push-up', 'bent-row', 'split-squat', 'single-leg-hinge', 'single-leg-bridge', 'calf-raise'];

/** Sixty sessions of six exercises, three sets each. */
const shown: PerformanceRecord[] = Array.from({ length: 60 }, (_, i) => i).flatMap((session) =>
  exercises.map(
    (variant): PerformanceRecord => ({
      on: new Date(Date.parse('2026-08-01') + session * 2 * 86_400_000).toISOString().slice(0, 10),
      variant,
      side: 'both',
      loadKg: 10,
      counts: 'repetitions',
      from: 'session',
      sets: [1, 2, 3].map(() => ({ amount: 8 + (session % 5), reserve: 2 })),
    }),
  ),
);

/** Learning all that sixty sessions show of an athlete, against predicting one exercise from it. */
export function addTo(bench: Bench): void {
  const capacity = new Capacity(athlete, day, shipped, shown);
  const squat = variantById('rear-foot-raised-split-squat') as Variant;
  bench.add('one prediction', () => void capacity.toFailure(squat, { loadKg: 15 }));
  bench.add('learning from sixty sessions', () => void new Capacity(athlete, day, shipped, shown));
}
