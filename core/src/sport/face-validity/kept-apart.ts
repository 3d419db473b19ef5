import type { Row } from './rows';

/** Twenty more of the same kind, not looked at while the criteria and their weights were settled. */
export const keptApart: readonly Row[] = [
  ['basketball', 'landing', 'drop-to-single-leg', 'calf-raise', 'LaBella 2011: landings are trained by landing'],
  ['basketball', 'two-foot-jump', 'countermovement-jump', 'nordic-lowering', 'jumps for jumps'],
  ['basketball', 'defensive-slide', 'loop-band-side-walk', 'push-up', 'sideways, hip abduction'],
  ['basketball', 'shot', 'overhead-press', 'bent-row', 'arm goes up and straightens'],
  ['bat-and-ball', 'arm-brake', 'band-arm-brake', 'push-up', 'the back of the shoulder brakes the arm'],
  ['bat-and-ball', 'crouch', 'wall-sit', 'nordic-lowering', 'knee and hip hold deep'],
  ['bat-and-ball', 'swing', 'side-wall-throw', 'squat', 'turning fast'],
  ['dance', 'rise', 'single-leg-calf-raise', 'wall-sit', 'ankle to its end'],
  ['dance', 'landing', 'single-leg-snap-down', 'plank-row', 'landing on one leg'],
  ['skating', 'push', 'skating-push', 'curl-up', 'sideways push from one leg'],
  ['skating', 'crossover', 'cross-behind-lunge', 'push-up', 'adduction and abduction in the frontal plane'],
  ['sailing', 'hike', 'sitting-lean-back', 'bent-row', 'trunk and hip flexors hold, sitting'],
  ['sailing', 'sheet', 'bent-row', 'push-up', 'pulling'],
  ['athletics-jumps', 'take-off', 'single-leg-jump', 'hip-thrust', 'one leg, stretch and shortening'],
  ['athletics-throws', 'arm-push', 'push-press', 'bent-row', 'arm straightens, legs drive'],
  ['football', 'kick', 'ball-strike-swing', 'calf-raise', 'hip flexes, knee straightens'],
  ['small-court-racket', 'lunge', 'long-lunge-drill', 'bridge', 'knee lengthens in a lunge'],
  ['water-polo', 'rise', 'sliding-side-lunge', 'push-up', 'adduction'],
  ['field-hockey', 'low-run', 'hinge-lift', 'curl-up', 'trunk and hip extensors hold'],
  ['wave-riding', 'pop-up', 'push-up-fast', 'bridge', 'arms push the body up fast'],
];
