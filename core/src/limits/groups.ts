import type { MovementFacts } from './movement';

/** Sorts of movement as coaches and clinicians name them: what belongs to each, and exercises that stand for it. */
export const movementGroups = {
  jumps: {
    words: 'jumps and landings',
    examples: ['countermovement-jump', 'pogo-jump', 'side-hop-stick', 'drop-and-stick'],
    holds: (m: MovementFacts) => m.lands,
  },
  running: {
    words: 'running drills',
    examples: ['high-knee-run', 'butt-kicks', 'a-skip', 'carioca'],
    holds: (m: MovementFacts) => m.family('run-drill', 'march', 'shuttle'),
  },
  fast: {
    words: 'fast work',
    examples: ['band-pull-through-fast', 'push-press', 'bag-swing', 'band-turn-fast'],
    holds: (m: MovementFacts) => m.fast && !m.lands,
  },
  kneeling: {
    words: 'kneeling',
    examples: ['half-kneeling-press', 'band-pull-down', 'kneeling-lean-back-short', 'half-kneeling-hip-opener'],
    holds: (m: MovementFacts) => m.kneeling,
  },
  lunges: {
    words: 'lunges',
    examples: ['reverse-lunge', 'forward-lunge', 'split-squat', 'walking-lunge'],
    holds: (m: MovementFacts) => m.at('split') && m.pattern('knee-dominant'),
  },
  'deep-squats': {
    words: 'deep squats',
    examples: ['squat', 'goblet-squat', 'heels-raised-squat', 'slow-pause-squat'],
    holds: (m: MovementFacts) => m.at('both-feet') && m.pattern('knee-dominant') && m.over('kneeLoaded', 95),
  },
  'one-leg': {
    words: 'standing free on one leg',
    examples: ['single-leg-hinge', 'single-leg-squat', 'slow-step-down', 'single-leg-stand'],
    holds: (m: MovementFacts) => m.at('one-foot') && !m.lands && !m.fast,
  },
  hinges: {
    words: 'loaded hinges',
    examples: ['hinge-lift', 'bar-deadlift', 'sumo-deadlift', 'suitcase-deadlift'],
    holds: (m: MovementFacts) => m.pattern('hip-dominant') && m.standing && m.loaded && !m.fast,
  },
  stretches: { words: 'stretches', examples: [], holds: (m: MovementFacts) => m.pattern('stretch') },
  overhead: {
    words: 'loads over the head',
    examples: ['overhead-press', 'half-kneeling-press', 'bar-overhead-press', 'push-press'],
    holds: (m: MovementFacts) => m.pattern('vertical-push') || (m.weightInHands && m.over('armRaised', 150)),
  },
  hanging: {
    words: 'hanging',
    examples: ['pull-up', 'bar-hang', 'hanging-knee-raise', 'scapular-pull-up'],
    holds: (m: MovementFacts) => m.at('hanging'),
  },
  'push-ups': {
    words: 'push-ups',
    examples: ['push-up', 'push-up-knees', 'push-up-feet-raised', 'push-up-slow'],
    holds: (m: MovementFacts) => m.pattern('horizontal-push') && m.handsLoaded && m.at('hands-and-feet'),
  },
  planks: {
    words: 'planks',
    examples: ['forearm-plank', 'side-plank', 'bear-hold', 'long-plank'],
    holds: (m: MovementFacts) =>
      m.pattern('anti-extension', 'anti-lateral-flexion') && (m.handsLoaded || m.forearmsLoaded),
  },
  throws: {
    words: 'throws and strokes',
    examples: ['overhead-slam', 'scoop-throw', 'side-wall-throw', 'towel-throw'],
    holds: (m: MovementFacts) =>
      m.pattern('throw') || m.family('racket-swing', 'band-swing', 'towel-throw', 'punch', 'shadow-boxing'),
  },
  twisting: {
    words: 'twisting under load',
    examples: ['band-turn', 'band-chop', 'weighted-sitting-turn', 'band-turn-fast'],
    holds: (m: MovementFacts) => m.pattern('rotation') && (m.loaded || m.fast),
  },
  'sit-ups': {
    words: 'sit-ups and long legs',
    examples: ['hollow-hold', 'leg-lowering', 'sit-up', 'v-sit-up'],
    holds: (m: MovementFacts) => m.has('both-legs-long'),
  },
  grip: {
    words: 'strong grip',
    examples: ['bag-hold', 'farmer-walk', 'towel-wring', 'pinch-hold'],
    holds: (m: MovementFacts) => m.has('strong-grip', 'on-fingertips'),
  },
} as const satisfies Record<
  string,
  { words: string; examples: readonly string[]; holds: (m: MovementFacts) => boolean }
>;

export type MovementGroup = keyof typeof movementGroups;
export const movementGroupIds = Object.keys(movementGroups) as MovementGroup[];
