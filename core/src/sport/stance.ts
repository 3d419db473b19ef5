import type { Keyframe, Movement } from '../body/motion';
import type { Position } from '../exercise/model/vocabulary';

/** How a body stands, sits or hangs when it is shown what a movement of the sport asks of it. */
const stances: Record<Position, Keyframe> = {
  'both-feet': { name: 'both feet', base: 'athletic stance', on: ['feet'] },
  'one-foot': {
    name: 'one foot',
    base: 'standing',
    change: {
      lean: 14,
      near: { hip: 48, knee: 46, ankle: 20, shoulder: -28, elbow: 70 },
      far: { hip: 40, knee: 92, ankle: -10, shoulder: 42, elbow: 80 },
    },
    on: ['near.foot'],
  },
  split: {
    name: 'split',
    base: 'standing',
    change: {
      lean: 10,
      near: { hip: 70, knee: 62, shoulder: -34, elbow: 40 },
      far: { hip: -14, knee: 34, ankle: 26, shoulder: 50, elbow: 40 },
    },
    on: ['near.foot', 'far.toes'],
  },
  kneeling: {
    name: 'kneeling',
    base: 'half kneeling',
    change: { shoulder: 25, elbow: 45 },
    on: ['near.foot', 'far.knee', 'far.toes'],
  },
  sitting: {
    name: 'sitting',
    base: 'long sitting',
    change: { lean: 12, hip: 98, knee: 42, shoulder: 55, elbow: 50 },
    on: ['seat', 'heels'],
  },
  lying: {
    name: 'lying',
    base: 'prone',
    change: { shoulder: 165, elbow: 12, neck: -24, trunk: -8 },
    on: ['chest', 'knees'],
  },
  'hands-and-feet': { name: 'hands and feet', base: 'plank', on: ['hands', 'toes'] },
  hanging: {
    name: 'hanging',
    base: 'standing',
    change: { shoulder: 172, elbow: 24, hip: 30, knee: 34, ankle: -20 },
    on: ['grip@bar'],
  },
  'in-water': {
    name: 'in water',
    base: 'prone',
    change: {
      lean: 78,
      near: { shoulder: 150, elbow: 30, hip: 12, knee: 22 },
      far: { shoulder: 20, elbow: 40, hip: -10, knee: 8 },
      neck: -24,
    },
    on: [],
    airborne: 0.25,
  },
};

/** Upright and ready: for all that a role is asked, whatever it stands on. */
export const readyStance: Movement = {
  view: 'side',
  keyframes: [
    {
      name: 'ready',
      base: 'standing',
      change: {
        lean: 5,
        near: { hip: 24, knee: 26, ankle: 10, shoulder: 34, elbow: 62 },
        far: { hip: -6, knee: 24, ankle: 22, shoulder: -18, elbow: 40 },
      },
      on: ['near.foot', 'far.toes'],
    },
  ],
};

/**
 * A position as a movement of one keyframe, to be put down and drawn like an exercise.
 *
 * @example stanceOf('one-foot').keyframes.length // 1
 */
export function stanceOf(position: Position): Movement {
  return { view: 'side', keyframes: [stances[position]] };
}
