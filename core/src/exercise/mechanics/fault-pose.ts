import { placedKeyframes } from '../../body/motion';
import type { PlacedBody } from '../../body/placing';
import { type BasePosition, limbAngles, limbSides, type PoseChanges, poseOf } from '../../body/pose';
import type { ScaledBody } from '../../body/segments';
import type { CommonError, Variant } from '../model/variant';

type Shown = NonNullable<CommonError['shown']>;

/** Changes of a pose on top of other changes; what one side writes stays with that side. */
function overlaid(first: PoseChanges = {}, then: PoseChanges): PoseChanges {
  return { ...first, ...then, near: { ...first.near, ...then.near }, far: { ...first.far, ...then.far } };
}

/** The full pose with angles added on top: those of both limbs, then those of one. */
function raised(base: BasePosition, change: PoseChanges, add: PoseChanges | undefined): PoseChanges {
  if (!add) return change;
  const pose = poseOf(base, change);
  const limbs = limbSides.map((side) => {
    const more = { ...add, ...add[side] };
    return [side, Object.fromEntries(limbAngles.map((a) => [a, pose[side][a] + (more[a] ?? 0)]))] as const;
  });
  return {
    lean: pose.lean + (add.lean ?? 0),
    trunk: pose.trunk + (add.trunk ?? 0),
    neck: pose.neck + (add.neck ?? 0),
    ...Object.fromEntries(limbs),
  };
}

/** What a fault looks like: a keyframe of the variant with the fault's changes on top, put down for a body. */
export function faultFrame(variant: Variant, shown: Shown, body: ScaledBody): PlacedBody {
  const named = variant.keyframes.findIndex((k) => k.name === shown.at);
  const index = named < 0 ? variant.keyframes.length - 1 : named;
  const keyframes = variant.keyframes.map((keyframe, i) =>
    i === index
      ? {
          ...keyframe,
          change: raised(keyframe.base, overlaid(keyframe.change, shown.change), shown.add),
          fix: ['lean', 'trunk', 'hip'] as const,
          inPassing: true,
        }
      : keyframe,
  );
  return placedKeyframes({ ...variant, keyframes }, body)[index] as PlacedBody;
}
