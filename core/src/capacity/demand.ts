import type { Athlete } from '../athlete/athlete';
import type { MomentName } from '../body/moment-names';
import type { ScaledBody } from '../body/segments';
import type { Loading } from '../exercise/mechanics/loading';
import { momentOf, peakMoments } from '../exercise/mechanics/moments';
import { bodyKey, keptOf } from '../exercise/mechanics/placed';
import type { Variant } from '../exercise/model/variant';
import type { JointAction } from '../exercise/model/vocabulary';
import { actionKey } from './factors';
import { standardMaxKg } from './lift-standards';
import { estimatedMoment, liftingSkill } from './strength';

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

const beyond = new WeakMap<Athlete, Map<string, number>>();

/**
 * How much harder a lift is than the body model says, logarithm, where published standards allow less than the model: then they stand until the athlete's
 * own sets tell. Nothing where the model says less itself. Kept, since composing asks again and again.
 */
function beyondStandard(variant: Variant, athlete: Athlete, body: ScaledBody, day: string, skill: number): number {
  const { lift } = variant;
  if (!lift) return 0;
  return keptOf(beyond, athlete, `${variant.id}|${day}|${bodyKey(body)}`, () =>
    measuredBeyond(variant, standardMaxKg(lift, athlete, day), athlete, body, day, skill),
  );
}

function measuredBeyond(
  variant: Variant,
  standardKg: number,
  athlete: Athlete,
  body: ScaledBody,
  day: string,
  skill: number,
): number {
  const hardest = Math.max(...overs(variant, { loadKg: standardKg }, athlete, body, day).map((a) => a.over));
  return Math.max(0, skill - hardest);
}

/**
 * Who presses at chest height presses with the chest as well: horizontal adduction, so much stronger than the flexion that the side view shows (a bench
 * press of 1.1 times body mass, Kilgore and Rippetoe; value from memory).
 */
const chestPress = 1.65;
const pressing = ({ pattern }: Variant, { joint, action }: JointAction): number =>
  pattern === 'horizontal-push' && joint === 'shoulder' && action === 'flexion' ? chestPress : 1;

function overs(variant: Variant, loading: Loading, athlete: Athlete, body: ScaledBody, day: string): Asked[] {
  const moments = peakMoments(variant, body, loading);
  const byKey = new Map<string, Asked>();
  for (const action of variant.jointActions) {
    const moment = momentOf(action);
    const momentNm = moments[moment];
    if (momentNm <= 1e-6) continue;
    const over = Math.log(momentNm / (estimatedMoment(athlete, action, day) * pressing(variant, action)));
    const known = byKey.get(actionKey(action));
    if (!known || over > known.over) byKey.set(actionKey(action), { action, moment, momentNm, over });
  }
  return [...byKey.values()];
}

/** What each joint action of a variant is asked for, once an action, by its larger moment; nothing where the model sees no load. */
export function askedOf(variant: Variant, loading: Loading, athlete: Athlete, body: ScaledBody, day: string): Asked[] {
  const asked = overs(variant, loading, athlete, body, day);
  if (!loading.loadKg || variant.speed === 'fast') return asked;
  const skill = isLift(variant) ? Math.log(liftingSkill[athlete.level]) : 0;
  const harder = beyondStandard(variant, athlete, body, day, skill) - skill;
  return harder === 0 ? asked : asked.map((a) => ({ ...a, over: a.over + harder }));
}
