import type { Athlete } from '../athlete/athlete';
import type { ScaledBody } from '../body/segments';
import type { MomentName } from '../body/statics';
import { type Loading, momentOf, peakMoments } from '../exercise/moments';
import type { Variant } from '../exercise/variant';
import type { JointAction } from '../exercise/vocabulary';
import { actionKey } from './parts';
import { guessedMoment, liftingSkill } from './strength';

/** What one joint action is asked for, against what is believed of it. */
export interface Asked {
  action: JointAction;
  moment: MomentName;
  momentNm: number;
  /** Logarithm of the moment over the starting guess, less what lifting takes of skill. */
  over: number;
}

/** A free weight that the movement is about, moved in one's own time. */
const isLift = ({ load, speed }: Variant) => load?.source === 'weight' && load.required && speed !== 'fast';

/** What each joint action of a variant is asked for, once an action, by its larger moment; nothing where the model sees no load. */
export function askedOf(variant: Variant, loading: Loading, athlete: Athlete, body: ScaledBody, day: string): Asked[] {
  const moments = peakMoments(variant, body, loading);
  const skill = isLift(variant) && loading.loadKg ? Math.log(liftingSkill[athlete.level]) : 0;
  const byKey = new Map<string, Asked>();
  for (const action of variant.jointActions) {
    const moment = momentOf(action);
    const momentNm = moments[moment];
    if (momentNm <= 1e-6) continue;
    const over = Math.log(momentNm / guessedMoment(athlete, action, day)) - skill;
    const known = byKey.get(actionKey(action));
    if (!known || over > known.over) byKey.set(actionKey(action), { action, moment, momentNm, over });
  }
  return [...byKey.values()];
}
