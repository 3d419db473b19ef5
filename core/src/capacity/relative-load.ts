import type { Athlete } from '../athlete/athlete';
import type { MomentName } from '../body/moment-names';
import { type ScaledBody, scaledBody } from '../body/segments';
import type { Loading } from '../exercise/mechanics/loading';
import { momentOf, peakMoments } from '../exercise/mechanics/moments';
import type { Variant } from '../exercise/model/variant';
import type { JointAction } from '../exercise/model/vocabulary';
import { estimatedMoment } from './strength';

/** What one joint action is asked for by a variant. */
export interface RelativeLoad {
  action: JointAction;
  moment: MomentName;
  /** Largest moment over the keyframes, N m, one limb. */
  momentNm: number;
  /** Share of this athlete's most; can exceed 1. */
  share: number;
}

/**
 * How much a variant asks of each of its joint actions against what this athlete can do there, hardest first.
 * The most is a starting guess by mass, sex, age and level (`guessedMoment`).
 *
 * @example relativeLoads(pushUp, athlete, '2026-12-09')[0].moment // 'shoulder'
 */
export function relativeLoads(
  variant: Variant,
  athlete: Athlete,
  day: string,
  loading: Loading = {},
  body: ScaledBody = scaledBody(athlete),
): RelativeLoad[] {
  const moments = peakMoments(variant, body, loading);
  return variant.jointActions
    .map((action) => {
      const moment = momentOf(action);
      const momentNm = moments[moment];
      return { action, moment, momentNm, share: momentNm / estimatedMoment(athlete, action, day) };
    })
    .sort((a, b) => b.share - a.share);
}
