/**
 * What no pose, contact or moment tells of a movement and a clinician asks about. One table, so that it can be read and corrected in one place;
 * `family:` stands for all variants of a family. Read off the descriptions; no source.
 */
export const traitTable = {
  /** Somebody or something else decides when and how hard it pushes. */
  unforeseen: [
    'partner-shove-hold',
    'partner-neck-front-surprise',
    'partner-neck-back-surprise',
    'partner-neck-side-surprise',
    'single-leg-ball-toss',
    'partner-leg-push',
    'back-to-wall-pass',
  ],
  /** The hands catch the body, or would if it went wrong. */
  'falls-on-hands': [
    'nordic-lowering',
    'nordic-lowering-arms-long',
    'sprawl',
    'burpee',
    'shoulder-roll',
    'back-breakfall',
    'push-up-hands-off',
    'pop-up',
  ],
  /** The ground is struck although the feet never leave it together. */
  jolts: ['shoulder-roll', 'back-breakfall', 'towel-jumps', 'foot-sweep-drill'],
  'eyes-closed': ['cushion-stand-eyes-closed', 'single-leg-stand-eyes-closed'],
  /** The ground gives way. */
  'soft-ground': ['cushion-stand', 'cushion-stand-eyes-closed'],
  /** A weight hangs from the arm and draws it out of its socket. */
  'pulls-arm-down': ['suitcase-hold', 'suitcase-march', 'farmer-walk', 'bag-hold', 'suitcase-deadlift'],
  /** The fingers hold near what they can. */
  'strong-grip': [
    'towel-wring',
    'pinch-hold',
    'farmer-walk',
    'bag-hold',
    'suitcase-march',
    'suitcase-deadlift',
    'bar-deadlift',
    'towel-pull-up',
    'finger-extension-band',
  ],
  /** The body rests on the fingertips. */
  'on-fingertips': ['fingertip-plank', 'fingertip-plank-long', 'fingertip-table-lean'],
  /** A hand holds something that the load does not name: a towel, a stick, a rope, somebody's hand. */
  'holds-on': [
    'towel-pull-apart-down',
    'prone-pull-down',
    'partner-towel-row',
    'strap-row',
    'strap-row-feet-raised',
    'towel-lean-row',
    'stick-paddle-stroke',
    'stick-pass-over',
    'rope-skip',
    'family:rope-pattern',
    'rowing-stroke-drill',
    'single-leg-ball-toss',
    'self-held-curl',
    'towel-neck-press',
    'band-held-lowering',
    'archer-row',
    'family:band-swing',
    'squat-to-stand',
    'walking-quad-pull',
    'standing-quad-stretch',
  ],
  /** Wrist or forearm turn, bend or snap under force. */
  'snaps-wrist': [
    'family:racket-swing',
    'family:towel-throw',
    'family:band-swing',
    'towel-wring',
    'overarm-bowl-drill',
    'jump-shot-drill',
    'forearm-rotation',
  ],
  /** An arm raised and turned outwards, or led far behind: where a shoulder slips. */
  'arm-turned-out': [
    'door-chest-stretch',
    'stick-pass-over',
    'high-band-inward-rotation',
    'high-band-inward-fast',
    'high-band-arm-rotation',
    'bar-hang',
    'arm-circle',
    'prone-drop-catch',
    'partner-arm-brake',
    'band-arm-brake',
    'crab-walk',
    'roll-calf',
    'family:throw-release',
    'family:racket-swing',
    'family:towel-throw',
    'wall-press-rotation-90',
    'prone-l-raise',
    'slow-shoulder-circle',
    'full-back-bridge',
    'overhead-triceps-stretch',
    'roll-lat',
    'reverse-plank',
    'face-pull',
    'bow-hold',
    'band-overhead-swing',
    'shoulder-roll',
  ],
  /** The arm opens behind the body with the trunk turning away. */
  'opens-chest': ['lunge-and-open', 'side-lying-open-book', 'lunge-flow', 'half-kneeling-windmill', 'sit-through'],
  /** Straight legs held or lowered by hip flexors and belly. */
  'both-legs-long': [
    'leg-lowering',
    'v-sit-up',
    'partner-leg-push',
    'dish-rock',
    'hollow-hold',
    'hanging-knee-raise',
    'flutter-kicks',
    'windscreen-wipers',
    'sit-up',
  ],
  'one-leg-long': ['lying-leg-raise-active', 'long-sitting-leg-lift', 'ankle-weight-leg-raise'],
  /** The leg swings freely. */
  'swings-leg': [
    'leg-swing',
    'lateral-leg-swing',
    'stand-leg-swing',
    'ball-strike-swing',
    'foot-sweep-drill',
    'carioca',
  ],
  /** The hips open wide, with the body's weight on them. */
  'opens-groin': [
    'side-lunge',
    'sliding-side-lunge',
    'deep-side-squat',
    'shifting-side-squat',
    'cross-behind-lunge',
    'butterfly-stretch',
    'lunge-and-open',
    'straddle-sit',
    'frog-stretch',
    'front-split',
    'adductor-rock-back',
    'sumo-deadlift',
    'spider-push-up',
    'lunge-flow',
    'lateral-leg-swing',
  ],
  /** The thigh turns in its socket towards the end of its range. */
  'turns-hip': [
    'figure-four-stretch',
    'butterfly-stretch',
    'pigeon-stretch',
    'ninety-ninety-switch',
    'frog-stretch',
    'overarm-bowl-drill',
    'bridge-and-turn',
    'hip-airplane',
    'turn-in-entry',
    'sit-through',
    'step-through',
    'shrimp',
    'carioca',
  ],
  /** The thigh crosses the middle, or is pressed towards it: the tendons on the outside of the hip are squeezed. */
  'crosses-middle': [
    'figure-four-stretch',
    'cross-behind-lunge',
    'pelvis-drop',
    'clam',
    'band-clamshell',
    'side-lying-inner-raise',
    'cushion-squeeze',
    'partner-knees-together',
    'pigeon-stretch',
    'carioca',
    'roll-outer-thigh',
  ],
  /** Weight bends the knee sideways at the end of a long leg. */
  'bends-knee-sideways': [
    'adductor-side-hold',
    'adductor-side-raise',
    'copenhagen-foot-hold',
    'side-hip-lift-long',
    'side-plank-leg-raised',
  ],
  /** The foot is planted while the body turns over it. */
  'turns-on-foot': ['bridge-and-turn', 'overarm-bowl-drill', 'turn-in-entry', 'hip-airplane', 'carioca', 'pop-up'],
  /** The lower back rounds under load, or again and again. */
  'rounds-back': [
    'rowing-stroke-drill',
    'reverse-curl',
    'long-sitting-reach',
    'low-crawl',
    'sit-up',
    'back-breakfall',
    'shoulder-roll',
    'squat-to-stand',
    'ball-pike',
    'half-split',
  ],
  /** The lower back arches or turns to the end of its range. */
  'arches-back': [
    'overarm-bowl-drill',
    'jump-shot-drill',
    'bow-hold',
    'full-back-bridge',
    'kneeling-back-bend',
    'prone-press-up',
    'windscreen-wipers',
    'half-kneeling-windmill',
  ],
  /** Neither hand, floor nor wall carries the head while it is held sideways or still against a pull. */
  'carries-head': ['side-hip-lift', 'side-hip-lift-long', 'roll-lat', 'roll-outer-thigh', 'family:copenhagen'],
  /** Breath is likely to be held: near the most, or against something that does not move. */
  strains: [
    'bag-to-shoulder',
    'loaded-pull-up',
    'wall-handstand-hold',
    'bar-deadlift',
    'back-squat',
    'front-squat',
    'sumo-deadlift',
    'farmer-walk',
    'full-back-bridge',
  ],
} as const satisfies Record<string, readonly string[]>;

export type Trait = keyof typeof traitTable;
export const traits = Object.keys(traitTable) as Trait[];

/** What the table says of a variant. @example traitsOf({ id: 'bag-hold', family: 'grip-hold' }) // ['pulls-arm-down', 'strong-grip'] */
export function traitsOf({ id, family }: { id: string; family: string }): readonly Trait[] {
  return traits.filter((trait) => {
    const names: readonly string[] = traitTable[trait];
    return names.includes(id) || names.includes(`family:${family}`);
  });
}
