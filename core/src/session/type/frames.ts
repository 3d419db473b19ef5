import type { BlockKind, Pattern } from '../../exercise/model/vocabulary';
import type { SessionType } from '../../session-type/session-type';

/** Patterns of which a session of a type should hold some, with how much that matters beside the others. */
export interface PatternGroup {
  id: string;
  name: string;
  patterns: readonly Pattern[];
  weight: number;
  /** Sets that serve it well. */
  sets: number;
  /** Only work in these blocks counts. */
  blocks?: readonly BlockKind[];
  /** Only a variant made for speed counts. */
  fast?: true;
  /** Only where the signature work of the sport has care of the arm, or speed, that matters. */
  when?: 'arm' | 'speed';
  /** Half of it is worth as much outside strength and power work. */
  main?: true;
  /** Only in sessions of so many minutes. */
  from?: number;
  /** The type is not what it says without it: its absence has a price of its own. */
  must?: true;
}

/** What a session of a type is made of. Common practice, no source, unless one is named. */
export interface Frame {
  /** What it is for, as the end of a sentence. */
  purpose: string;
  /** Share of the main work by block, least and most, of its time; a block that is not named holds nothing. */
  share: Partial<Record<BlockKind, readonly [least: number, most: number]>>;
  groups: readonly PatternGroup[];
  /** Main items that half an hour holds at the most. */
  items: number;
  /** Sets of a main item to choose from. */
  sets: readonly [fewest: number, most: number];
  /** Opposites and planes are weighed: it trains the whole body. */
  balanced?: true;
  /** Share of the first twenty minutes that goes to warm-up, where it is not the usual one. */
  warmUp?: number;
  /** How much of the minutes the cool-down takes, beside the usual. */
  coolDown: number;
  /** Main work, each set with the rest it wants on its own, beside the minutes given: with less of it minutes are left over. */
  full?: number;
}

/** What fills the minutes where work is paired and rests run together. */
export const usuallyFull = 0.96;

const group = (id: string, name: string, weight: number, sets: number, ...patterns: Pattern[]): PatternGroup => ({
  id,
  name,
  patterns,
  weight,
  sets,
});

const only = (of: PatternGroup, changes: Partial<PatternGroup>): PatternGroup => ({ ...of, ...changes });

const must = (of: PatternGroup): PatternGroup => ({ ...of, must: true });
const main = (of: PatternGroup): PatternGroup => ({ ...of, must: true, main: true });

const knee = group('knee', 'squat or one-leg work', 3, 3, 'knee-dominant');
const hip = group('hip', 'hinge or hamstring work', 3, 3, 'hip-dominant', 'knee-flexion');
const pull = group('pull', 'pull', 3, 3, 'horizontal-pull', 'vertical-pull');
const push = group('push', 'push', 2, 3, 'horizontal-push', 'vertical-push');
const trunkSide = group(
  'trunk-side',
  'side and rotation of the trunk',
  2,
  2,
  'anti-lateral-flexion',
  'anti-rotation',
  'rotation',
);
const trunkFront = group(
  'trunk-front',
  'front or back of the trunk',
  1,
  2,
  'anti-extension',
  'trunk-flexion',
  'trunk-extension',
);
const calf = group('calf', 'calf', 2, 3, 'calf');
const groin = group('groin', 'adductor', 1, 2, 'hip-adduction');
const hipSide = group('hip-side', 'side of the hip', 1, 2, 'hip-abduction', 'anti-lateral-flexion');
const outward = group('outward-rotation', 'outward rotation of the shoulder', 3, 3, 'shoulder-external-rotation');
const inward = group('inward-rotation', 'inward rotation of the shoulder', 1, 2, 'shoulder-internal-rotation');
const blades = group('blades', 'shoulder blades', 2, 2, 'scapular');
const anyTrunk = group(
  'trunk',
  'trunk',
  2,
  2,
  'anti-extension',
  'anti-rotation',
  'anti-lateral-flexion',
  'rotation',
  'trunk-flexion',
  'trunk-extension',
);
const balance = group('balance', 'one-leg balance', 1, 2, 'balance');
const landing = group('landing', 'landing', 2, 2, 'landing', 'jump', 'hop');
const jumps = group('jumps', 'jumps', 2, 4, 'jump', 'landing', 'hop');
const skill = group('drills', 'drills of the sport', 8, 8, 'skill', 'quick-feet');

const outwardOfArm: PatternGroup = { ...outward, weight: 1.5, sets: 2, when: 'arm', must: true };
const someSpeed: PatternGroup = {
  ...group('speed', 'fast work', 1.8, 3, 'jump', 'landing', 'hop', 'throw', 'whole-body-lift'),
  blocks: ['power'],
  when: 'speed',
  must: true,
};

/** The types as a coach frames them: what they hold, and how much of it. */
export const frames: Readonly<Record<SessionType, Frame>> = {
  'whole-body': {
    purpose: 'strength of the whole body, legs and arms, push and pull',
    share: { power: [0, 0.2], strength: [0.55, 0.85], prevention: [0, 0.25], trunk: [0.08, 0.22], balance: [0, 0.08] },
    groups: [
      main(knee),
      main(hip),
      main(only(pull, { sets: 4 })),
      main(push),
      must(trunkSide),
      only(trunkFront, { weight: 0.5 }),
      outwardOfArm,
      someSpeed,
    ],
    items: 7,
    sets: [2, 4],
    balanced: true,
    coolDown: 1,
  },
  'lower-body': {
    purpose: 'strength of the legs, one at a time and both',
    share: {
      power: [0, 0.12],
      strength: [0.5, 0.9],
      prevention: [0.05, 0.35],
      trunk: [0.05, 0.18],
      balance: [0, 0.15],
    },
    groups: [
      main(knee),
      main(hip),
      must(calf),
      must(only(hipSide, { weight: 1.5 })),
      groin,
      only(trunkSide, { weight: 1 }),
      only(balance, { weight: 1.3 }),
    ],
    items: 6,
    sets: [2, 4],
    coolDown: 1,
  },
  'upper-body': {
    purpose: 'strength of the upper body, pulled at least as much as pushed',
    share: { power: [0, 0.12], strength: [0.58, 0.9], prevention: [0.06, 0.3], trunk: [0.05, 0.18] },
    groups: [
      main(only(pull, { weight: 4, sets: 5 })),
      main(push),
      { ...group('arms', 'elbow work', 0.8, 2, 'elbow-flexion', 'elbow-extension'), from: 40 },
      must(outward),
      blades,
      must(anyTrunk),
      only(knee, { weight: 0.5 }),
    ],
    items: 6,
    sets: [2, 4],
    coolDown: 1,
  },
  trunk: {
    purpose: 'a trunk that holds in every direction',
    share: { strength: [0.1, 0.4], prevention: [0, 0.2], trunk: [0.5, 0.85] },
    groups: [
      group('front', 'front of the trunk', 2, 3, 'anti-extension'),
      group('rotation', 'refusing to turn', 2, 3, 'anti-rotation'),
      group('side', 'side of the trunk', 2, 3, 'anti-lateral-flexion'),
      group('back', 'back of the trunk', 1.5, 2, 'trunk-extension'),
      must(only(hip, { weight: 2 })),
      must(only(pull, { weight: 1.5, sets: 2 })),
    ],
    items: 7,
    sets: [2, 3],
    coolDown: 1,
  },
  power: {
    purpose: 'speed of force in the direction of the sport, fresh, few and fast',
    share: {
      technique: [0, 0.12],
      power: [0.48, 0.7],
      strength: [0.15, 0.38],
      prevention: [0, 0.16],
      trunk: [0, 0.16],
    },
    groups: [
      only(jumps, { blocks: ['power'] }),
      only(group('fast-hip', 'throws, swings and fast lifts', 2.5, 4, 'throw', 'whole-body-lift', 'hip-dominant'), {
        fast: true,
      }),
      only(group('fast-upper', 'fast push or turn', 1, 3, 'rotation', 'horizontal-push', 'vertical-push'), {
        fast: true,
      }),
      outwardOfArm,
      must(only(knee, { weight: 2, sets: 2 })),
      must(only(pull, { weight: 1.5, sets: 2 })),
      only(anyTrunk, { weight: 1.2 }),
    ],
    items: 6,
    sets: [3, 5],
    coolDown: 0.5,
  },
  'arm-care': {
    purpose: 'the shoulder: what brakes the arm, what carries the blade, light and slow',
    share: { strength: [0, 0.35], prevention: [0.55, 1], trunk: [0, 0.16] },
    groups: [
      must(outward),
      must(only(blades, { weight: 2.5 })),
      inward,
      must(only(pull, { weight: 2, sets: 2 })),
      only(anyTrunk, { weight: 1.8, from: 18 }),
    ],
    items: 8,
    sets: [2, 3],
    warmUp: 0.17,
    coolDown: 0.3,
    full: 0.66,
  },
  'injury-prevention': {
    purpose: 'what this sport injures first',
    share: { power: [0, 0.25], strength: [0, 0.35], prevention: [0.4, 0.85], trunk: [0.06, 0.22], balance: [0, 0.16] },
    groups: [
      must(only(hip, { weight: 2.5, sets: 4 })),
      only(calf, { weight: 1, sets: 2 }),
      only(balance, { weight: 1 }),
      only(landing, { weight: 1 }),
      only(hipSide, { weight: 1 }),
      must(only(knee, { weight: 1, sets: 2 })),
      must(only(anyTrunk, { weight: 1.2 })),
    ],
    items: 8,
    sets: [2, 3],
    coolDown: 0.6,
  },
  rounds: {
    purpose: 'the rounds of the sport: its own movements, its own work and rest',
    share: { technique: [0.5, 0.95], finisher: [0, 0.25], prevention: [0.08, 0.3], trunk: [0, 0.15] },
    groups: [
      must(only(skill, { weight: 8, sets: 10 })),
      group('neck', 'neck', 0.7, 2, 'neck-flexion', 'neck-extension', 'neck-lateral'),
      must(
        group(
          'pull-back',
          'what pulls the arms back',
          2,
          2,
          'scapular',
          'horizontal-pull',
          'shoulder-external-rotation',
        ),
      ),
      group('pulse', 'pulse', 0.8, 2, 'pulse'),
    ],
    items: 6,
    sets: [2, 4],
    coolDown: 0.5,
    full: 0.75,
  },
  conditioning: {
    purpose: 'work capacity of the whole body by the clock, without losing form',
    share: {
      technique: [0, 0.25],
      strength: [0.45, 0.85],
      prevention: [0, 0.15],
      trunk: [0.1, 0.28],
      finisher: [0, 0.25],
    },
    groups: [
      must(only(skill, { weight: 3, sets: 3 })),
      must(only(knee, { weight: 2 })),
      must(only(hip, { weight: 2 })),
      must(only(push, { weight: 2 })),
      must(pull),
      must(only(trunkSide, { weight: 3, sets: 3 })),
    ],
    items: 7,
    sets: [2, 4],
    balanced: true,
    coolDown: 0.6,
    full: 1.4,
  },
  technique: {
    purpose: 'drills of this sport, each side, then a little strength',
    share: {
      technique: [0.48, 0.85],
      strength: [0, 0.25],
      prevention: [0.06, 0.25],
      trunk: [0, 0.12],
      balance: [0, 0.16],
      finisher: [0, 0.2],
    },
    groups: [
      must(skill),
      must(only(knee, { weight: 1.5, sets: 2 })),
      must(only(hip, { weight: 1.5, sets: 2 })),
      only(calf, { weight: 0.7, sets: 2 }),
      only(balance, { weight: 0.7 }),
      only(pull, { weight: 0.7, sets: 2 }),
      only(anyTrunk, { weight: 0.7 }),
    ],
    items: 8,
    sets: [2, 4],
    coolDown: 0.4,
    full: 0.96,
  },
  flexibility: {
    purpose: 'range: first held, then active at the end of it',
    share: { flexibility: [0.62, 0.92], trunk: [0.08, 0.25], strength: [0, 0.12], prevention: [0, 0.12] },
    groups: [group('stretch', 'stretches', 6, 10, 'stretch'), only(anyTrunk, { weight: 1 })],
    items: 9,
    sets: [2, 3],
    coolDown: 0,
    full: 0.74,
  },
  return: {
    purpose: 'the injured part: light, isometric first; the rest stays trained',
    share: { strength: [0.2, 0.9], prevention: [0.1, 0.75], trunk: [0.05, 0.18], balance: [0, 0.12] },
    groups: [
      must(only(hip, { weight: 1.5 })),
      only(knee, { weight: 1.5 }),
      must(only(pull, { weight: 1 })),
      only(calf, { weight: 1.3 }),
      must(only(anyTrunk, { weight: 1 })),
    ],
    items: 7,
    sets: [2, 4],
    coolDown: 0.7,
    full: 0.88,
  },
  primer: {
    purpose: 'waking up the legs and the speed for tomorrow, nothing that makes sore',
    share: { technique: [0, 0.3], power: [0.25, 0.7], strength: [0.1, 0.5], trunk: [0, 0.25], balance: [0, 0.2] },
    groups: [
      only(jumps, { weight: 2, sets: 2 }),
      only(knee, { weight: 1, sets: 2 }),
      only(hip, { weight: 1, sets: 2 }),
      only(pull, { weight: 1, sets: 2 }),
      only(anyTrunk, { weight: 0.5 }),
    ],
    items: 8,
    sets: [1, 2],
    coolDown: 0,
    full: 0.6,
  },
  'warm-up': {
    purpose: 'getting ready for what comes next',
    share: {
      technique: [0, 0.35],
      balance: [0, 0.45],
      power: [0, 0.3],
      prevention: [0.1, 0.7],
      trunk: [0, 0.3],
      finisher: [0, 0.25],
    },
    groups: [
      only(calf, { sets: 1 }),
      only(balance, { weight: 2, sets: 1 }),
      only(hipSide, { sets: 1 }),
      only(anyTrunk, { weight: 0.6, sets: 1 }),
      group('pulse', 'pulse', 1, 1, 'pulse'),
    ],
    items: 16,
    sets: [1, 2],
    warmUp: 0.42,
    coolDown: 0,
    full: 0.65,
  },
};

/** Types of strength that drills may join where the time alone is for learning. */
const strengthTypes: ReadonlySet<SessionType> = new Set(['whole-body', 'lower-body', 'upper-body']);

/** The frame of a type, under the house rules. */
export function frameOf(type: SessionType, { away }: { away?: 'hold' | 'build' | 'learn' }): Frame {
  const frame = frames[type];
  if (away !== 'learn' || !strengthTypes.has(type)) return frame;
  return {
    ...frame,
    share: { technique: [0.1, 0.3], ...frame.share },
    groups: [only(skill, { weight: 3, sets: 4 }), ...frame.groups],
  };
}
