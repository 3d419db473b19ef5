import type { MomentName } from '../body/moment-names';
import { momentOf } from '../exercise/mechanics/moments';
import type { JointAction } from '../exercise/model/vocabulary';
import type { Part } from './kalman-state';

/**
 * What the capacity of an athlete is thought to be made of, all as logarithms against the starting guess: how far people of one sex, age, mass and
 * level lie apart as a whole, in legs, arms or trunk, in one joint action, and in the knack of one exercise, with what the body model gets wrong
 * about it. The spreads are judgement: together they let one in three of such people be more than a third off the guess. Common practice, no source.
 */
const spread = {
  overall: 0.19,
  part: 0.14,
  action: 0.16,
  exercise: 0.11,
  sides: 0.08,
  endurance: 0.2,
  day: 0.04,
} as const;
const memory = { overall: 1100, part: 900, action: 700, exercise: 500, sides: 500, endurance: 1500, day: 1 } as const;

const made = (kind: keyof typeof spread, name: string): Part => ({
  name: `${kind} ${name}`,
  sd: spread[kind],
  memoryDays: memory[kind],
});

export const overall = made('overall', 'strength');
/** How many more repetitions than Epley's 1985 relation somebody has at the same share of the most. */
export const endurance = made('endurance', 'strength');
/** How good a day it is. */
export const dailyReadiness = made('day', 'form');

const partOf: Record<MomentName, 'legs' | 'arms' | 'trunk'> = {
  neck: 'trunk',
  shoulder: 'arms',
  elbow: 'arms',
  wrist: 'arms',
  trunk: 'trunk',
  hip: 'legs',
  knee: 'legs',
  ankle: 'legs',
  'trunk-side': 'trunk',
  'trunk-twist': 'trunk',
  'hip-side': 'legs',
  'shoulder-turn': 'arms',
  grip: 'arms',
};

/** The name of what a joint action trains: the moment it answers and the way it moves. @example actionKey(jointAction('knee extension shortening')) // 'knee extension' */
export const actionKey = (action: JointAction) => `${momentOf(action)} ${action.action}`;

export const bodyPart = (moment: MomentName) => made('part', partOf[moment]);
export const ofAction = (action: JointAction) => made('action', actionKey(action));
export const exerciseSkill = (variant: string) => made('exercise', variant);
/** How much stronger the right side is than the left. */
export const rightOverLeft = (moment: MomentName) => made('sides', moment);

/** One exercise on its own: all that is not known of it in one part. */
export const alone = (variant: string): Part => ({
  name: `alone ${variant}`,
  sd: Math.hypot(spread.overall, spread.part, spread.action, spread.exercise),
  memoryDays: memory.action,
});
