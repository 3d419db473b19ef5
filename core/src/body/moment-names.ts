import { loadedJoints } from './loaded-joints';
/**
 * Moments that are told apart: bending at each joint, and beside it the side bend and the turn of the trunk, the hip held level from the side,
 * the upper arm turned about its own length, and the fingers that hold on.
 */
export const momentNames = [...loadedJoints, 'trunk-side', 'trunk-twist', 'hip-side', 'shoulder-turn', 'grip'] as const;

export type MomentName = (typeof momentNames)[number];

export type Moments = Record<MomentName, number>;
