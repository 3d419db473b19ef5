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
    ['front-foot-raised-split-squat', 'deeper'],
    'rear-foot-raised-split-squat',
    'single-leg-squat',
  ],
  [
    'low-step-up',
    ['slow-step-down', 'lowering is slower and the knee steers alone'],
    'side-step-down',
    ['high-step-up', 'a higher step, nothing pushes from below'],
    ['chair-step-down', 'a deep lowering with nothing to catch it'],
    'single-leg-chair-squat',
    ['rear-knee-tap-squat', 'no chair to stop on'],
  ],
  ['kneeling-lean-back-short', 'kneeling-lean-back', 'kneeling-lean-back-loaded'],
  [
    'split-squat-hold',
    'reverse-lunge',
    ['forward-lunge', 'the front leg has to stop the body'],
    'sliding-reverse-lunge',
  ],
  ['wall-sit', ['single-leg-wall-sit', 'one leg takes what two took']],
  ['knee-press-down', ['sitting-knee-straighten', 'the knee moves, the shank is lifted'], 'tall-kneeling-sit-back'],
  [
    'heels-raised-squat',
    ['goblet-squat', 'a weight that can grow'],
    ['rucksack-squat', 'the heaviest thing at home can go on the back'],
  ],
  ['shifting-side-squat', 'side-lunge', ['deep-side-squat', 'the groin goes to its end of range']],
  // Hip-dominant and knee flexion
  [
    'bridge',
    'bridge-feet-raised',
    'hip-thrust',
    ['single-leg-bridge', 'one leg takes what two took'],
    ['bridge-march', 'the pelvis has to stay level while the legs change'],
    'single-leg-hip-thrust',
    'feet-and-shoulders-raised-thrust',
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
    'partner-leg-curl',
    ['bridge-walk-out', 'the hips stay up while the feet travel'],
    'sliding-leg-curl',
    ['ball-leg-curl', 'the ball rolls: nothing steadies the feet'],
    'single-leg-bridge-walk-out',
    'single-leg-sliding-curl',
    'band-held-lowering',
    'nordic-lowering',
    ['nordic-lowering-arms-long', 'the lever runs to the fingertips'],
  ],
  // Hip, groin, calf, shin
  [
    'clam',
    'side-lying-leg-raise',
    'standing-side-leg-raise',
    ['pelvis-drop', 'the body moves over the leg'],
    ['side-hip-lift', 'lying across the pull: half the body hangs on the hip'],
    ['side-hip-lift-long', 'the lever runs to the foot'],
  ],
  ['loop-band-side-walk', 'loop-band-squat-walk'],
  ['side-lying-inner-raise', 'band-leg-pull-in', 'adductor-side-hold', 'adductor-side-raise'],
  ['cushion-squeeze', ['partner-knees-together', 'a force from outside that grows'], 'sliding-side-lunge'],
  [
    'calf-raise',
    'bent-knee-calf-raise',
    'single-leg-calf-raise',
    'single-leg-bent-knee-calf-raise',
    ['single-leg-calf-raise-off-step', 'the heel drops below the step'],
    'loaded-single-leg-calf-lowering',
  ],
  ['calf-raise-off-step', 'tiptoe-hold'],
  ['heel-walk', 'wall-toe-raise'],
  // Pushing
  [
    'wall-push-up',
    ['wall-push-up-far', 'the feet go back step by step'],
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
  [
    'pike-lean-hold',
    'overhead-press',
    'half-kneeling-press',
    'pike-push-up',
    'step-raised-pike-push-up',
    'feet-raised-pike-push-up',
  ],
  ['wall-walk-half', ['wall-handstand-hold', 'the whole body stands on the hands']],
  ['band-push-down', 'overhead-elbow-press'],
  [
    'narrow-knee-push-up',
    'push-up-narrow',
    'push-up-narrow-feet-raised',
    ['sofa-elbow-press', 'the elbows move alone, with nothing to help them'],
  ],
  ['chair-dip-bent-knees', ['chair-dip', 'the legs cannot help']],
  // Pulling
  [
    'supine-elbow-press',
    ['band-row', 'a whole pull instead of a press into the floor'],
    'towel-lean-row',
    'bent-row',
    'one-arm-chair-row',
    ['strap-row', 'the whole body is the weight'],
    'strap-row-feet-raised',
  ],
  ['sitting-band-row', 'partner-towel-row'],
  [
    'prone-pull-down',
    ['towel-pull-apart-down', 'the hands pull against each other'],
    ['chair-helped-pull-up', 'the whole movement, the legs take what the arms cannot'],
    ['slow-bar-lowering', 'the arms alone, on the way down'],
    'pull-up',
    'loaded-pull-up',
  ],
  ['band-pull-down', 'one-arm-band-pull-down'],
  ['self-held-curl', 'slow-one-arm-curl', ['underhand-pull-up', 'the whole body is the weight']],
  ['band-curl', 'hand-weight-curl'],
  // Shoulder and blade
  [
    'side-lying-hand-lift',
    'band-arm-rotation',
    'band-arm-brake',
    'high-band-arm-rotation',
    ['prone-drop-catch', 'the brake has to answer at once'],
  ],
  ['side-lying-arm-rotation', ['partner-arm-brake', 'a person decides how hard']],
  [
    'inward-hand-press',
    ['band-inward-rotation', 'moves'],
    ['high-band-inward-rotation', 'in the throwing position'],
    ['high-band-inward-fast', 'speed, and braked on the way back'],
  ],
  [
    'scapular-push-up-all-fours',
    ['scapular-push-up', 'the lever runs to the feet'],
    'scapular-push-up-feet-raised',
    ['scapular-push-up-one-arm', 'one blade alone, and the trunk must not turn'],
  ],
  ['band-pull-apart', ['band-pull-apart-fast', 'speed']],
  ['floor-arm-slide', ['wall-slide', 'standing, the trunk has to help'], 'prone-arm-letters'],
  // Grip and neck
  [
    'fist-open-close',
    ['fingertip-wall-lean', 'the fingers begin to carry'],
    ['fingertip-table-lean', 'the surface comes down step by step: wall, shelf, worktop'],
    ['fingertip-plank', 'the surface comes down step by step: table, chair, floor'],
    'fingertip-plank-long',
  ],
  ['towel-wring', ['bag-hold', 'the hands hold a weight'], ['pinch-hold', 'thumb and fingers alone hold it']],
  [
    'neck-hand-hold',
    'lying-chin-nod',
    ['lying-head-lift', 'the head carries itself'],
    ['partner-neck-front', 'a force from outside that grows'],
    ['partner-neck-front-surprise', 'pushes that are not announced'],
  ],
  [
    'neck-back-press',
    ['prone-head-hold', 'the head carries itself'],
    'towel-neck-press',
    ['partner-neck-back-surprise', 'pushes that are not announced'],
  ],
  [
    'neck-side-press',
    ['partner-neck-side', 'a force from outside that grows'],
    'side-lying-head-lift',
    ['partner-neck-side-surprise', 'pushes that are not announced'],
  ],
  // Trunk
  ['curl-up', 'hollow-hold-bent', 'sitting-lean-back', 'weighted-curl-up', 'hollow-hold', 'dish-rock'],
  ['reverse-curl', 'bent-leg-lowering', 'leg-lowering', 'v-sit-up', 'partner-leg-push'],
  [
    'swimmer-alternate',
    'prone-back-raise',
    ['hands-at-head-back-raise', 'the arms make the lever longer, hand by hand'],
    'long-lying-hold',
    'swimmer-sweep',
    ['edge-back-raise', 'the whole trunk hangs and is lifted'],
  ],
  ['dead-bug-arms', 'dead-bug', 'dead-bug-weighted'],
  ['forearm-plank-knees', 'forearm-plank', 'body-saw', 'long-plank'],
  [
    'bear-hold',
    'ball-roll-out',
    'towel-roll-out',
    'wheel-roll-out-short',
    ['wheel-roll-out', 'the mark moves on hand by hand'],
  ],
  [
    'sitting-turn',
    'band-turn',
    ['weighted-sitting-turn', 'a weight to start and stop'],
    ['weight-turn', 'standing: hips and feet join in'],
    ['band-turn-fast', 'speed'],
    ['band-lift-fast', 'speed, from the floor up'],
  ],
  ['band-chop', 'band-lift'],
  ['bird-dog', ['bear-shoulder-touch', 'knees off the floor, three supports'], 'plank-shoulder-touch', 'plank-row'],
  ['band-press-out', ['split-press-out', 'a narrow base'], ['press-out-hold', 'held, and the pull keeps changing']],
  [
    'side-plank-knees',
    ['side-plank-raised', 'the lever runs to the feet'],
    'side-plank',
    ['side-plank-leg-raised', 'the top hip works as well'],
  ],
  ['suitcase-hold', 'suitcase-march', ['overhead-march', 'the weight stands over the head']],
  // Balance, jumps, landings, hops, throws, lifts
  [
    'heel-toe-stand',
    ['single-leg-stand', 'one leg takes what two took'],
    ['single-leg-reach', 'the trunk reaches out over the foot'],
    ['single-leg-stand-eyes-closed', 'no eyes'],
    ['cushion-stand', 'soft ground'],
    ['single-leg-ball-toss', 'hands and eyes are busy'],
    ['cushion-stand-eyes-closed', 'soft ground and no eyes'],
  ],
  [
    'low-jump',
    ['fast-chair-stand', 'from sitting, as fast as possible'],
    ['countermovement-jump', 'leaves the floor and lands'],
    'squat-jump',
    ['single-leg-jump', 'one leg takes what two took'],
    ['split-jump', 'the legs change in the air'],
  ],
  ['step-jump-up', 'tuck-jump'],
  [
    'snap-down',
    ['quarter-turn-stick', 'turns in the air'],
    'drop-and-stick',
    ['single-leg-snap-down', 'one leg takes what two took'],
    ['drop-to-single-leg', 'falls from a step'],
  ],
  [
    'side-line-hop',
    ['pogo-jump', 'higher and stiffer, no rest on the floor'],
    ['side-hop-stick', 'one leg, sideways, and it has to stand still'],
    'single-leg-line-hop',
    ['forward-hop-stick', 'it travels, and the landing has to stand'],
    ['single-leg-pogo', 'one leg, no rest on the floor'],
  ],
  [
    'shadow-throw-brake',
    'kneeling-chest-throw',
    'overhead-slam',
    ['scoop-throw', 'the whole body throws, from the floor up'],
    ['side-wall-throw', 'across the body'],
    ['step-side-throw', 'a step starts it, the back foot drives'],
  ],
  [
    'bear-crawl',
    ['hand-walk-out', 'the trunk is let out to its full length'],
    ['crab-walk', 'the arms carry behind the body'],
    ['duck-walk', 'low for the whole time'],
    ['low-crawl', 'arms bent, the chest near the floor'],
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
