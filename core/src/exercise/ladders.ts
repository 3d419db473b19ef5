import type { Variant } from './variant';

/** A rung: a variant, and why it is harder than the one before where its computed load is not. */
export type Rung = string | readonly [variant: string, because: string];

/** Ladders from "brand new" to "advanced"; every variant stands on one rung at the most. */
export const ladders: readonly (readonly Rung[])[] = [
  // Knee-dominant
  [
    'wall-sit-high',
    'squat-to-chair',
    'squat',
    'slow-pause-squat',
    'split-squat',
    'front-foot-raised-split-squat',
    'rear-foot-raised-split-squat',
    'single-leg-squat',
  ],
  [
    'low-step-up',
    ['slow-step-down', 'lowering is slower and the knee steers alone'],
    'side-step-down',
    'high-step-up',
    'single-leg-chair-squat',
    ['chair-step-down', 'a deep lowering with nothing to catch it'],
    'rear-knee-tap-squat',
  ],
  ['kneeling-lean-back-short', 'kneeling-lean-back', 'kneeling-lean-back-loaded'],
  [
    'split-squat-hold',
    'reverse-lunge',
    ['forward-lunge', 'the front leg has to stop the body'],
    'sliding-reverse-lunge',
  ],
  ['wall-sit', 'single-leg-wall-sit'],
  ['heels-raised-squat', 'goblet-squat', ['rucksack-squat', 'the heaviest thing at home can go on the back']],
  ['shifting-side-squat', 'side-lunge', ['deep-side-squat', 'the groin goes to its end of range']],
  // Hip-dominant and knee flexion
  [
    'bridge',
    'bridge-feet-raised',
    'hip-thrust',
    'single-leg-bridge',
    ['bridge-march', 'the pelvis has to stay level while the legs change'],
    'single-leg-hip-thrust',
  ],
  [
    'wall-tap-hinge',
    'hands-at-head-hinge',
    'hinge-lift',
    'split-stance-hinge',
    ['single-leg-hinge', 'balance on one foot, nothing steadies'],
    'opposite-hand-hinge',
  ],
  ['band-pull-through', ['band-pull-through-fast', 'speed']],
  [
    'heel-dig-hold',
    'long-lever-bridge-hold',
    ['bridge-walk-out', 'the hips stay up while the feet travel'],
    'sliding-leg-curl',
    'ball-leg-curl',
    'single-leg-bridge-walk-out',
    'single-leg-sliding-curl',
    'band-held-lowering',
    'nordic-lowering',
  ],
  // Hip, groin, calf, shin
  ['clam', 'side-lying-leg-raise', 'standing-side-leg-raise', 'side-hip-lift'],
  ['pelvis-drop', 'loop-band-side-walk', 'loop-band-squat-walk'],
  ['side-lying-inner-raise', 'band-leg-pull-in', 'adductor-side-hold', 'adductor-side-raise'],
  ['cushion-squeeze', 'sliding-side-lunge'],
  [
    'calf-raise',
    'bent-knee-calf-raise',
    'single-leg-calf-raise',
    'single-leg-bent-knee-calf-raise',
    'single-leg-calf-raise-off-step',
  ],
  ['calf-raise-off-step', 'tiptoe-hold'],
  ['heel-walk', 'wall-toe-raise'],
  // Pushing
  [
    'wall-push-up',
    'push-up-worktop',
    'push-up-knees',
    'push-up-hands-raised',
    'push-up',
    'push-up-feet-raised',
    'push-up-feet-high',
    ['push-up-one-side', 'one arm carries most while the other slides'],
  ],
  ['floor-press', 'one-arm-floor-press'],
  ['band-press', ['band-punch', 'speed']],
  ['pike-lean-hold', 'overhead-press', 'half-kneeling-press', 'pike-push-up', 'feet-raised-pike-push-up'],
  ['wall-walk-half', 'wall-handstand-hold'],
  ['band-push-down', 'overhead-elbow-press'],
  ['narrow-knee-push-up', 'push-up-narrow'],
  ['chair-dip-bent-knees', ['chair-dip', 'the legs cannot help']],
  // Pulling
  [
    'supine-elbow-press',
    ['band-row', 'a whole pull instead of a press into the floor'],
    'towel-lean-row',
    'bent-row',
    'one-arm-chair-row',
  ],
  ['strap-row', 'strap-row-feet-raised'],
  [
    'prone-pull-down',
    ['towel-pull-apart-down', 'the hands pull against each other'],
    'slow-bar-lowering',
    'pull-up',
    'loaded-pull-up',
  ],
  ['band-pull-down', 'one-arm-band-pull-down'],
  ['self-held-curl', 'slow-one-arm-curl'],
  ['band-curl', 'hand-weight-curl'],
  // Shoulder and blade
  ['side-lying-hand-lift', 'band-arm-rotation', 'band-arm-brake', 'high-band-arm-rotation'],
  ['inward-hand-press', ['band-inward-rotation', 'moves'], ['high-band-inward-rotation', 'in the throwing position']],
  ['scapular-push-up-all-fours', 'scapular-push-up'],
  ['band-pull-apart', ['band-pull-apart-fast', 'speed']],
  ['floor-arm-slide', ['wall-slide', 'standing, the trunk has to help'], 'prone-arm-letters'],
  // Grip and neck
  ['fist-open-close', 'fingertip-plank'],
  ['towel-wring', ['bag-hold', 'the hands hold a weight'], ['pinch-hold', 'thumb and fingers alone hold it']],
  ['neck-hand-hold', 'lying-chin-nod', 'lying-head-lift'],
  ['neck-back-press', 'prone-head-hold', 'towel-neck-press'],
  ['neck-side-press', 'partner-neck-side', 'side-lying-head-lift'],
  // Trunk
  ['curl-up', 'hollow-hold-bent', 'sitting-lean-back', 'weighted-curl-up', 'hollow-hold', 'dish-rock'],
  ['reverse-curl', 'leg-lowering', 'v-sit-up'],
  ['swimmer-alternate', 'prone-back-raise', 'long-lying-hold'],
  ['dead-bug-arms', 'dead-bug', 'dead-bug-weighted'],
  ['forearm-plank-knees', 'forearm-plank', 'body-saw', 'long-plank'],
  ['bear-hold', 'ball-roll-out', 'towel-roll-out', 'wheel-roll-out'],
  [
    'sitting-turn',
    'band-turn',
    ['weighted-sitting-turn', 'a weight to start and stop'],
    ['weight-turn', 'standing: hips and feet join in'],
    ['band-turn-fast', 'speed'],
  ],
  ['band-chop', 'band-lift'],
  ['bird-dog', ['bear-shoulder-touch', 'knees off the floor, three supports'], 'plank-shoulder-touch', 'plank-row'],
  ['band-press-out', ['split-press-out', 'a narrow base'], ['press-out-hold', 'held, and the pull keeps changing']],
  ['side-plank-knees', 'side-plank-raised', 'side-plank', ['side-plank-leg-raised', 'the top hip works as well']],
  ['suitcase-hold', 'suitcase-march', ['overhead-march', 'the weight stands over the head']],
  // Balance, jumps, landings, hops, throws, lifts
  [
    'heel-toe-stand',
    'single-leg-stand',
    'single-leg-reach',
    ['single-leg-stand-eyes-closed', 'no eyes'],
    ['cushion-stand', 'soft ground'],
    ['single-leg-ball-toss', 'hands and eyes are busy'],
  ],
  [
    'fast-chair-stand',
    ['countermovement-jump', 'leaves the floor and lands'],
    'squat-jump',
    'single-leg-jump',
    'split-jump',
  ],
  ['step-jump-up', 'tuck-jump'],
  [
    'snap-down',
    ['quarter-turn-stick', 'turns in the air'],
    'drop-and-stick',
    'single-leg-snap-down',
    ['drop-to-single-leg', 'falls from a step'],
  ],
  ['side-line-hop', 'pogo-jump', 'side-hop-stick', 'single-leg-line-hop', 'forward-hop-stick', 'single-leg-pogo'],
  [
    'shadow-throw-brake',
    'kneeling-chest-throw',
    'overhead-slam',
    ['scoop-throw', 'the whole body throws, from the floor up'],
  ],
  ['floor-get-up', 'loaded-get-up'],
  ['push-press', 'bag-squat-press'],
  ['bear-hug-squat', 'bag-to-hips', ['bag-to-shoulder', 'speed, and the weight travels higher'], 'one-arm-snatch'],
  ['march-on-the-spot', ['high-knee-run', 'runs and lands']],
  ['mountain-run', ['burpee', 'up and down every time, with a jump']],
];

const idOf = (rung: Rung) => (typeof rung === 'string' ? rung : rung[0]);

/** The same variants, each with its neighbours on the ladders. Throws a RangeError for a rung that names nothing. */
export function laddered(variants: readonly Variant[]): Variant[] {
  const byId = new Map(variants.map((v) => [v.id, v]));
  for (const rungs of ladders) {
    rungs.forEach((rung, i) => {
      const variant = byId.get(idOf(rung));
      if (!variant) throw new RangeError(`ladder names "${idOf(rung)}", which is not in the library`);
      const [below, above] = [rungs[i - 1], rungs[i + 1]];
      if (below) variant.easier = idOf(below);
      if (above) variant.harder = idOf(above);
      if (typeof rung !== 'string') variant.harderBecause = rung[1];
    });
  }
  return [...variants];
}
