import type { KitKind } from '../model/vocabulary';

/** Things that stand in for one another; the first is what one would buy. */
export const handWeights: readonly KitKind[] = [
  'dumbbell',
  'kettlebell',
  'plate',
  'bottle',
  'canister',
  'paint-tin',
  'rucksack',
  'holdall',
  'stone',
];
export const lightHandWeights: readonly KitKind[] = ['dumbbell', 'bottle', 'can', 'stone'];
export const longBands: readonly KitKind[] = ['band-long', 'inner-tube', 'tights'];
export const loopBands: readonly KitKind[] = ['band-loop', 'tights', 'inner-tube'];
export const seats: readonly KitKind[] = ['chair', 'bench', 'sofa'];
export const steps: readonly KitKind[] = ['step', 'stairs', 'bench'];
/** What may be thrown, and may hit a wall or the floor. */
export const thrown: readonly KitKind[] = ['medicine-ball', 'ball'];
/** What two hands can hold in front of the body, or what lies across the hips. */
export const twoHandWeights: readonly KitKind[] = [...handWeights, 'barbell'];
/** Bags that can be carried, hugged and lifted. */
export const bags: readonly KitKind[] = ['rucksack', 'holdall', 'canister', 'kettlebell', 'dumbbell', 'stone'];
