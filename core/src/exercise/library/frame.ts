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

const swapped: Readonly<Record<string, string>> = { 'near.': 'far.', 'far.': 'near.' };

/**
 * A keyframe and the same one with near and far side changed, which a step or a kick goes to next.
 *
 * @example bothSides(frame('one', 'standing', 'near.foot', { far: { hip: 60 } }), 'other')[1].on // ['far.foot']
 */
export function bothSides(one: Keyframe, name: string): [Keyframe, Keyframe] {
  const { near, far, ...rest } = one.change ?? {};
  const change = { ...rest, ...(far ? { near: far } : {}), ...(near ? { far: near } : {}) };
  const on = one.on.map((contact) => contact.replace(/^(near|far)\./, (side) => swapped[side] as string));
  return [one, { ...one, name, on, change }];
}
