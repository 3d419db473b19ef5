import { standings, type Variant } from '../model/variant';
import { type KitKind, mainBlocks } from '../model/vocabulary';

/** What is wrong with the library as a whole, and what would be right. */
export interface RuleIssue {
  variant: string;
  message: string;
}

const minVariants = 430;

/** What a coach looks for in any library: each staple with the variants that answer it, all of which must be there. */
export const staples: readonly { name: string; variants: readonly string[] }[] = [
  { name: 'Y-T-W-L bent over', variants: ['bent-over-letters'] },
  { name: 'diagonal band walk', variants: ['diagonal-band-walk'] },
  { name: 'glute kick-back', variants: ['all-fours-kick-back', 'band-kick-back'] },
  { name: 'single-leg deadlift with row', variants: ['single-leg-deadlift-row'] },
  { name: 'pike on a ball', variants: ['ball-pike'] },
  { name: 'flutter kicks', variants: ['flutter-kicks', 'prone-flutter-kicks'] },
  { name: 'step-through', variants: ['step-through'] },
  { name: 'shrimping', variants: ['shrimp'] },
  { name: 'sit-through', variants: ['sit-through'] },
  { name: 'rolls and breakfalls', variants: ['shoulder-roll', 'back-breakfall'] },
  { name: 'foot-sweep footwork', variants: ['foot-sweep-drill'] },
  { name: 'turn-in entry', variants: ['turn-in-entry'] },
  { name: 'back-bend ladder', variants: ['prone-press-up', 'kneeling-back-bend', 'full-back-bridge', 'bow-hold'] },
  { name: 'splits and straddle', variants: ['front-split', 'half-split', 'straddle-sit'] },
  { name: 'arabesque', variants: ['arabesque-hold', 'arabesque-ankle-weight-pulses', 'arabesque-band-pulses'] },
  { name: 'open book', variants: ['side-lying-open-book'] },
  {
    name: 'racket swings with a band',
    variants: ['band-forehand-swing', 'band-backhand-swing', 'band-overhead-swing'],
  },
  { name: 'plank with reach', variants: ['plank-reach'] },
  { name: 'upright row', variants: ['upright-row'] },
  { name: 'spider push-up', variants: ['spider-push-up'] },
  { name: 'three-way calf raise', variants: ['three-way-calf-raise'] },
  { name: 'butt kicks', variants: ['butt-kicks'] },
  { name: 'lunge matrix', variants: ['lunge-and-open', 'lunge-forward-reach', 'lunge-side-bend'] },
  {
    name: 'Copenhagen ladder',
    variants: ['copenhagen-knee-hold', 'copenhagen-foot-hold', 'adductor-side-hold', 'adductor-side-raise'],
  },
  { name: 'Y-T-W-L prone', variants: ['prone-arm-letters', 'prone-l-raise'] },
  {
    name: 'rope skipping patterns',
    variants: ['rope-skip-alternating', 'rope-skip-side-swing', 'rope-skip-single-leg', 'rope-skip-intervals'],
  },
  { name: 'line-hop patterns', variants: ['side-line-hop', 'front-back-line-hop', 'four-square-hop'] },
  { name: 'ladder-type quick feet', variants: ['two-in-two-out', 'lateral-quick-steps'] },
  {
    name: 'shadow boxing',
    variants: [
      'shadow-boxing-round',
      'shadow-uppercut',
      'light-weight-hooks',
      'light-weight-uppercuts',
      'light-weight-arm-circles',
    ],
  },
  {
    name: 'foam rolling by body part',
    variants: ['roll-glute', 'roll-hamstring', 'roll-adductor', 'roll-lat', 'roll-outer-thigh'],
  },
  { name: 'squat walk', variants: ['squat-walk'] },
  { name: 'clean with a bag', variants: ['bag-to-shoulder'] },
  { name: 'wall-ball twist', variants: ['back-to-wall-pass'] },
  { name: 'soleus raise', variants: ['bent-knee-calf-raise', 'single-leg-bent-knee-calf-raise'] },
  { name: 'skater hop', variants: ['skater-hop'] },
  { name: 'face pull', variants: ['face-pull'] },
  { name: 'reverse fly', variants: ['reverse-fly'] },
  { name: 'lateral raise', variants: ['lateral-raise'] },
  { name: 'horizontal jump and bounds', variants: ['broad-jump', 'diagonal-bound'] },
  { name: 'reactive jumps', variants: ['depth-jump', 'towel-jumps'] },
  { name: 'standing hip flexion', variants: ['band-hip-flexion', 'psoas-march'] },
  { name: 'ankle eversion and inversion', variants: ['band-ankle-eversion', 'band-ankle-inversion'] },
  { name: 'side plank moves', variants: ['side-plank-dips', 'side-plank-reach-under'] },
  { name: 'plank moves', variants: ['plank-leg-lift', 'reverse-plank', 'up-down-plank'] },
  {
    name: 'trunk flexion and turning on the floor',
    variants: ['bicycle-crunch', 'sit-up', 'windscreen-wipers', 'standing-side-bend'],
  },
  { name: 'windmill', variants: ['half-kneeling-windmill'] },
  { name: 'band legs', variants: ['band-squat', 'band-deadlift', 'band-good-morning'] },
  { name: 'deadlifts', variants: ['sumo-deadlift', 'suitcase-deadlift', 'bar-deadlift'] },
  { name: 'hang clean and high pull', variants: ['hang-clean', 'high-pull'] },
  { name: 'walking lunge', variants: ['walking-lunge'] },
  { name: 'single-leg squats without a seat', variants: ['step-touch-down', 'skater-squat'] },
  { name: 'balance drills', variants: ['hip-airplane', 'three-direction-reach', 'stand-leg-swing', 'tandem-walk'] },
  {
    name: 'joint drills',
    variants: [
      'lateral-leg-swing',
      'ankle-circle',
      'ninety-ninety-switch',
      'adductor-rock-back',
      'slow-shoulder-circle',
    ],
  },
  { name: 'flows', variants: ['lunge-flow', 'squat-to-stand', 'walking-quad-pull'] },
  { name: 'running drills', variants: ['a-march', 'a-skip', 'carioca', 'backpedal'] },
  { name: 'upper stretches', variants: ['sleeper-stretch', 'overhead-triceps-stretch', 'neck-side-stretch'] },
  { name: 'leg stretches', variants: ['standing-quad-stretch', 'pigeon-stretch', 'frog-stretch'] },
  { name: 'back mobility', variants: ['prone-press-up', 'knees-to-chest', 'lumbar-rotation'] },
  { name: 'coming down', variants: ['feet-up-breathing', 'easy-walk'] },
  { name: 'hand and forearm', variants: ['finger-extension-band', 'forearm-rotation', 'wrist-deviation'] },
  { name: 'pull-up ladder', variants: ['scapular-pull-up', 'band-assisted-pull-up', 'archer-row', 'towel-pull-up'] },
  { name: 'fast presses', variants: ['push-up-hands-off', 'medicine-ball-push-up', 'standing-chest-pass'] },
  { name: 'foot work standing', variants: ['short-foot-standing'] },
  { name: "swimmer's prone circle", variants: ['prone-arm-circle'] },
  { name: 'straight-arm pull-down', variants: ['straight-arm-pull-down'] },
  { name: 'board drills', variants: ['pop-up', 'prone-paddle-band'] },
  { name: 'hiking', variants: ['hiking-lean-back', 'hiking-wall-sit'] },
  { name: 'draw and hold', variants: ['band-draw-and-hold'] },
  { name: 'escapes and stand-up', variants: ['sprawl', 'bridge-and-turn', 'floor-stand-up'] },
  {
    name: 'bar lifts',
    variants: ['back-squat', 'front-squat', 'bar-split-squat', 'bench-press', 'bar-row', 'bar-overhead-press'],
  },
  { name: 'ankle weights', variants: ['ankle-weight-side-raise', 'ankle-weight-leg-raise', 'ankle-weight-leg-back'] },
  { name: 'neck rotation', variants: ['neck-rotation-press'] },
  { name: 'clamshell with a band', variants: ['band-clamshell'] },
  { name: 'wall slide without a band', variants: ['serratus-wall-slide'] },
  { name: 'single-leg ball curl', variants: ['single-leg-ball-curl'] },
  { name: 'isometric cuff at 90 degrees', variants: ['wall-press-rotation-90'] },
  { name: 'kneeling rest with side reach', variants: ['child-pose-side-reach'] },
];

/** Names that no coach uses for the exercise; they are found as other names only. */
const retiredNames: ReadonlySet<string> = new Set(
  [
    'Round and hollow the back',
    'Opposite arm and leg reach',
    'Hovering all fours',
    'Lying opposite reach',
    'Folded kneeling rest',
    'Bag to the shoulder',
    'Bag lift from the floor',
    'Hip hinge with weights',
    'Hinge, hands at the head',
    'Hand walk-out',
    'Mountain run',
    'Reverse curl',
    'Lowering on the knees',
    'Kneeling lean-back',
    'Adductor side raise on a chair',
    'Groin side raise',
    'Band arm rotation',
    'Band inward rotation',
    'Long lunge and open',
    'Loop-band side walk in place',
    'Loop-band low walk in place',
    'Blade push-up',
    'Toe raise against the wall',
    'Dish hold',
    'Squat with rear knee tap',
    'Sitting trunk turn',
    'Long lying hold',
    'Side hop, stick',
    'Drop from a step and stick',
    'Squat with weight at the chest',
    'Underhand pull-up',
    'Slow lowering from the bar',
    'Plank with a row',
    'Band press-out',
    'Cross-behind lunge',
    'Deep side squat',
  ].map((name) => name.toLowerCase()),
);

/**
 * Everything wrong with a library as a whole; empty when all is well: as large as it has to be, every staple in it, names of one variant only, none of them
 * retired, no two variants told by the same cues, drills linked to sports that exist, blocks that suit the movement, a ladder for every variant of main work.
 *
 * @example ruleIssues(library, new Set(sports.map((s) => s.id))) // []
 */
export function ruleIssues(variants: readonly Variant[], sportIds: ReadonlySet<string>): RuleIssue[] {
  const ids = new Set(variants.map((v) => v.id));
  const whole: RuleIssue[] = [];
  if (variants.length < minVariants)
    whole.push({
      variant: 'library',
      message: `holds ${variants.length} variants; at least ${minVariants} expected`,
    });
  for (const { name, variants: answers } of staples)
    for (const id of answers)
      if (!ids.has(id)) whole.push({ variant: id, message: `is missing; it answers the staple "${name}"` });
  return [...whole, ...variants.flatMap((v) => variantFaults(v, sportIds)), ...sharedWords(variants)];
}

const throwable: ReadonlySet<KitKind> = new Set(['medicine-ball', 'ball']);

function variantFaults(v: Variant, sportIds: ReadonlySet<string>): RuleIssue[] {
  const found: RuleIssue[] = [];
  const say = (message: string) => found.push({ variant: v.id, message });
  if (!standings.includes(v.standing)) say(`standing ${v.standing} is not one of ${standings.join(', ')}`);
  for (const sport of v.sports) if (!sportIds.has(sport)) say(`is linked to "${sport}", which is no sport that ships`);
  if (v.pattern === 'skill' && v.sports.length === 0) say('is a drill; name the sports that it belongs to');
  if (retiredNames.has(v.name.toLowerCase()))
    say(`is called "${v.name}", which no coach says; keep it as another name`);
  if (v.blocks.includes('balance') && (v.impactContacts > 0 || v.pattern === 'hop' || v.pattern === 'landing'))
    say('lands, and is not for the block balance');
  if (
    (v.pattern === 'stretch' || v.pattern === 'mobility') &&
    v.blocks.some((b) => mainBlocks.has(b)) &&
    v.sports.length === 0
  )
    say('is a stretch, and is not main work');
  if (v.pattern === 'throw' && v.needs.wall && v.quiet) say('throws against a wall, and is not quiet');
  if (v.pattern === 'throw' && v.load?.source === 'weight' && !v.load.with?.every((kind) => throwable.has(kind)))
    say('throws what must not be thrown; its load names what may be');
  const takesBar = v.needs.kit.some((kinds) => kinds.includes('barbell'));
  if (takesBar && v.load?.place === 'back' && !v.needs.kit.some((kinds) => kinds.includes('rack')))
    say('puts a bar on the back, which needs a rack');
  const isMain = v.standing > 0 && v.blocks.some((b) => mainBlocks.has(b));
  if (isMain && !v.easier && !v.harder) say('is main work without an easier or a harder variant');
  return found;
}

/** Names and sets of cues that two variants share. */
function sharedWords(variants: readonly Variant[]): RuleIssue[] {
  const owners = new Map<string, string>();
  return variants.flatMap((v) => {
    const words = [
      ...[v.name, ...v.otherNames].map((name) => `the name "${name.toLowerCase()}"`),
      `the cues "${v.cues.slice(0, 3).join(' / ').toLowerCase()}"`,
    ];
    return [...new Set(words)].flatMap((word): RuleIssue[] => {
      const owner = owners.get(word);
      if (owner === undefined) owners.set(word, v.id);
      return owner === undefined ? [] : [{ variant: v.id, message: `shares ${word} with "${owner}"` }];
    });
  });
}
