import type { Athlete } from '../athlete/athlete';
import type { ScaledBody } from '../body/segments';
import type { MomentName } from '../body/statics';
import { type Loading, momentOf, peakMoments } from '../exercise/moments';
import type { Variant } from '../exercise/variant';
import type { JointAction } from '../exercise/vocabulary';
import { actionKey } from './parts';
import { guessedMoment } from './strength';

/** What one joint action is asked for, against what is believed of it. */
export interface Asked {
  action: JointAction;
  moment: MomentName;
  momentNm: number;
  /** Logarithm of the moment over the starting guess. */
  over: number;
}

/** What each joint action of a variant is asked for, once an action, by its larger moment; nothing where the model sees no load. */
export function askedOf(variant: Variant, loading: Loading, athlete: Athlete, body: ScaledBody, day: string): Asked[] {
  const moments = peakMoments(variant, body, loading);
  const byKey = new Map<string, Asked>();
  for (const action of variant.jointActions) {
    const moment = momentOf(action);
    const momentNm = moments[moment];
    if (momentNm <= 1e-6) continue;
    const over = Math.log(momentNm / guessedMoment(athlete, action, day));
    const known = byKey.get(actionKey(action));
    if (!known || over > known.over) byKey.set(actionKey(action), { action, moment, momentNm, over });
  }
  return [...byKey.values()];
}
