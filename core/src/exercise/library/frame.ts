import type { Keyframe } from '../../body/motion';
import type { BasePosition, PoseChanges } from '../../body/pose';

/**
 * One keyframe in a line: its name, where it starts from, what touches (words apart), what differs.
 *
 * @example frame('top', 'plank', 'toes hands', { lean: 70 }).on // ['toes', 'hands']
 */
export function frame(
  name: string,
  base: BasePosition,
  on: string,
  change: PoseChanges = {},
  more: Partial<Keyframe> = {},
): Keyframe {
  return { name, base, on: on ? on.split(' ') : [], change, ...more };
}
