import type { Athlete } from '../athlete/athlete';
import type { TestResult } from '../athlete/performance-record';
import { battery } from '../capacity/battery';
import { evenFrom, sideIndex } from '../capacity/test-trend';
import { type Catalogue, catalogueOf } from '../exercise/catalogue/catalogue';
import type { JointAction, Region } from '../exercise/model/vocabulary';

/** Regions that a joint action works on. */
const regionsOfJoint: Record<JointAction['joint'], readonly Region[]> = {
  neck: ['neck'],
  shoulder: ['shoulder'],
  scapula: ['shoulder', 'upper-back'],
  elbow: ['elbow'],
  wrist: ['wrist'],
  trunk: ['lower-back'],
  hip: ['hip', 'groin'],
  knee: ['knee'],
  ankle: ['ankle', 'calf', 'foot'],
};

/** The region that a joint action asks for where two share a joint. */
export function regionsOf({ joint, action }: JointAction): readonly Region[] {
  if (joint === 'knee' && action === 'flexion') return ['knee', 'hamstring'];
  if (joint === 'hip' && action === 'adduction') return ['groin'];
  if (joint === 'hip') return ['hip'];
  return regionsOfJoint[joint];
}

/** A side that does less than nine tenths of the other in the same test. */
export interface Asymmetry {
  regions: readonly Region[];
  weaker: 'left' | 'right';
  index: number;
  test: string;
}

/**
 * Sides that differ in the latest tests done on both: limb symmetry index under 90 %, and in the battery by more than chance.
 *
 * @example asymmetriesOf({ tests: [{ variant: 'single-leg-calf-raise', maxReps: 16, side: 'left' }, { variant: 'single-leg-calf-raise', maxReps: 24, side: 'right' }] })[0].weaker // 'left'
 */
export function asymmetriesOf(
  { tests = [], battery: results = [] }: Pick<Athlete, 'tests' | 'battery'>,
  catalogue: Pick<Catalogue, 'byId'> = catalogueOf(),
): Asymmetry[] {
  const found: Asymmetry[] = batteryAsymmetries(results, catalogue);
  for (const test of new Set(tests.map((t) => t.variant))) {
    const latest = (side: 'left' | 'right') =>
      tests
        .filter((t) => t.variant === test && t.side === side)
        .reduce(
          (last, t) => ((t.on ?? '') >= (last?.on ?? '') ? t : last),
          undefined as (typeof tests)[number] | undefined,
        );
    const [left, right] = [latest('left'), latest('right')];
    const variant = catalogue.byId(test);
    if (!left || !right || !variant || Math.max(left.maxReps, right.maxReps) === 0) continue;
    const index = Math.min(left.maxReps, right.maxReps) / Math.max(left.maxReps, right.maxReps);
    if (index >= evenFrom) continue;
    const lead = variant.jointActions[0];
    // What both have, the battery has measured with its error.
    if (found.some((f) => f.test === test)) continue;
    found.push({
      regions: lead ? regionsOf(lead) : [],
      weaker: left.maxReps < right.maxReps ? 'left' : 'right',
      index,
      test,
    });
  }
  return found;
}

/** Sides of the battery that differ by more than two tries do. */
function batteryAsymmetries(results: readonly TestResult[], catalogue: Pick<Catalogue, 'byId'>): Asymmetry[] {
  return battery.flatMap(({ id, shows }): Asymmetry[] => {
    const sides = shows && sideIndex(id, results);
    const lead = shows && catalogue.byId(shows.variant)?.jointActions[0];
    if (!sides || sides.even || !sides.real || sides.weaker === 'neither' || !lead) return [];
    return [{ regions: regionsOf(lead), weaker: sides.weaker, index: sides.index, test: shows.variant }];
  });
}
