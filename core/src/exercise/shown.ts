import { placedKeyframes } from '../body/motion';
import type { PlacedBody } from '../body/placing';
import type { PoseChanges } from '../body/pose';
import type { ScaledBody } from '../body/segments';
import type { Fault, Variant } from './variant';

/** Changes of a pose on top of other changes; what one side writes stays with that side. */
function overlaid(first: PoseChanges = {}, then: PoseChanges): PoseChanges {
  return { ...first, ...then, near: { ...first.near, ...then.near }, far: { ...first.far, ...then.far } };
}

/** What a fault looks like: a keyframe of the variant with the fault's changes on top, put down for a body. */
export function faultFrame(variant: Variant, shown: NonNullable<Fault['shown']>, body: ScaledBody): PlacedBody {
  const named = variant.keyframes.findIndex((k) => k.name === shown.at);
  const index = named < 0 ? variant.keyframes.length - 1 : named;
  const keyframes = variant.keyframes.map((keyframe, i) =>
    i === index
      ? {
          ...keyframe,
          change: overlaid(keyframe.change, shown.change),
          fix: ['lean', 'trunk', 'hip'] as const,
          inPassing: true,
        }
      : keyframe,
  );
  return placedKeyframes({ ...variant, keyframes }, body)[index] as PlacedBody;
}
