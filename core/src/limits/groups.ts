import type { MovementFacts } from './movement';

/** Sorts of movement as coaches and clinicians name them, each with what belongs to it. */
export const movementGroups = {
  jumps: { words: 'jumps and landings', holds: (m: MovementFacts) => m.lands },
  running: { words: 'running drills', holds: (m: MovementFacts) => m.family('run-drill', 'march', 'shuttle') },
  fast: { words: 'fast work', holds: (m: MovementFacts) => m.fast && !m.lands },
  kneeling: { words: 'kneeling', holds: (m: MovementFacts) => m.kneeling },
  lunges: { words: 'lunges', holds: (m: MovementFacts) => m.at('split') && m.pattern('knee-dominant') },
  'deep-squats': {
    words: 'deep squats',
    holds: (m: MovementFacts) => m.at('both-feet') && m.pattern('knee-dominant') && m.over('kneeLoaded', 115),
  },
  'one-leg': {
    words: 'standing on one leg',
    holds: (m: MovementFacts) => m.at('one-foot') && !m.lands && !m.fast,
  },
  hinges: {
    words: 'loaded hinges',
    holds: (m: MovementFacts) => m.pattern('hip-dominant') && m.standing && m.loaded && !m.fast,
  },
  stretches: { words: 'stretches', holds: (m: MovementFacts) => m.pattern('stretch') },
  overhead: {
    words: 'loads over the head',
    holds: (m: MovementFacts) => m.pattern('vertical-push') || (m.weightInHands && m.over('armRaised', 150)),
  },
  hanging: { words: 'hanging', holds: (m: MovementFacts) => m.at('hanging') },
  'push-ups': {
    words: 'push-ups',
    holds: (m: MovementFacts) => m.pattern('horizontal-push') && m.handsLoaded && m.at('hands-and-feet'),
  },
  planks: {
    words: 'planks',
    holds: (m: MovementFacts) =>
      m.pattern('anti-extension', 'anti-lateral-flexion') && (m.handsLoaded || m.forearmsLoaded),
  },
  throws: {
    words: 'throws and strokes',
    holds: (m: MovementFacts) => m.pattern('throw') || m.family('racket-swing', 'band-swing', 'towel-throw', 'punch'),
  },
  twisting: {
    words: 'twisting under load',
    holds: (m: MovementFacts) => m.pattern('rotation') && (m.loaded || m.fast),
  },
  'sit-ups': { words: 'sit-ups and long legs', holds: (m: MovementFacts) => m.has('both-legs-long') },
  grip: { words: 'strong grip', holds: (m: MovementFacts) => m.has('strong-grip', 'on-fingertips') },
} as const satisfies Record<string, { words: string; holds: (m: MovementFacts) => boolean }>;

export type MovementGroup = keyof typeof movementGroups;
export const movementGroupIds = Object.keys(movementGroups) as MovementGroup[];
