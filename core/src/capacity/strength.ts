import { type Athlete, ageOn } from '../athlete/athlete';
import { type ScaledBody, scaledBody } from '../body/segments';
import { statics } from '../body/statics';
import { type LoadedJoint, loadedJoints } from '../body/weights';
import { variantById } from '../exercise/library';
import { placedVariant } from '../exercise/placed';
import type { Variant } from '../exercise/variant';
import type { JointAction, Level, Motion } from '../exercise/vocabulary';

/**
 * Most moment one limb can hold at a joint, N m per kg of body mass, trained adult man; starting guesses,
 * order of size from dynamometry, common practice, no source. Trunk and neck are for the whole body. The elbow's is in the planar model's own
 * terms, where elbows stay beside the body: set so that an intermediate man comes out at some 25 push-ups.
 */
const startingMoment: Record<LoadedJoint, number> = {
  neck: 0.5,
  shoulder: 1.15,
  elbow: 1.75,
  wrist: 0.3,
  trunk: 3.6,
  hip: 3.3,
  knee: 3,
  ankle: 2.6,
};

/** Some motions of a joint are weaker than its strongest one; order of size from dynamometry, common practice, no source. */
const weakerMotion: Partial<Record<`${LoadedJoint} ${Motion}`, number>> = {
  'knee flexion': 0.6,
  'elbow flexion': 0.75,
  'ankle flexion': 0.3,
  'trunk rotation': 0.7,
};
/** Muscles hold more while they lengthen; common practice, no source. */
const lengtheningFactor = 1.2;

/** Guesses, common practice, no source. */
const levelFactor: Record<Level, number> = { new: 0.6, beginner: 0.78, intermediate: 1, advanced: 1.25 };
const upperBody = new Set<LoadedJoint>(['shoulder', 'elbow', 'wrist', 'neck']);

const ageFactor = (age: number) => (age < 14 ? 0.7 : age < 17 ? 0.85 : age < 50 ? 1 : 0.85);

/** The joint of a joint action as the body model knows it. */
const modelled = ({ joint }: JointAction): LoadedJoint => (joint === 'scapula' ? 'shoulder' : joint);

/** Largest moment at each joint over the keyframes of a variant, N m, one limb, with `loadKg` carried. */
export function peakMoments(variant: Variant, body: ScaledBody, loadKg: number): Record<LoadedJoint, number> {
  const carried =
    variant.load && variant.load.source === 'weight' && loadKg > 0
      ? [{ place: variant.load.place, massKg: loadKg }]
      : [];
  const frames = placedVariant(variant, body).map((frame) => statics(frame, carried).momentsNm);
  return Object.fromEntries(loadedJoints.map((j) => [j, Math.max(...frames.map((m) => m[j]))])) as Record<
    LoadedJoint,
    number
  >;
}

/** Epley 1985: share of the most one can do once, from repetitions to failure. @example epleyShare(10) // 0.75 */
export function epleyShare(repetitions: number): number {
  return 1 / (1 + repetitions / 30);
}

/** Epley 1985 turned round: repetitions to failure at a share of the most. @example epleyRepetitions(0.75) // 10 */
export function epleyRepetitions(share: number): number {
  return share >= 1 ? 0 : 30 * (1 / share - 1);
}

/** Starting guess of the most moment in a joint action, N m, one limb. */
export function guessedMoment(athlete: Athlete, action: JointAction, day: string): number {
  const joint = modelled(action);
  const motion =
    (weakerMotion[`${joint} ${action.action}`] ?? 1) * (action.regime === 'lengthening' ? lengtheningFactor : 1);
  const sexFactor = athlete.sex === 'male' ? 1 : athlete.sex === 'female' ? (upperBody.has(joint) ? 0.68 : 0.82) : 0.9;
  return (
    startingMoment[joint] *
    motion *
    athlete.massKg *
    levelFactor[athlete.level] *
    sexFactor *
    ageFactor(ageOn(athlete.born, day))
  );
}

/** The joint that gives out first and the share of its most that it is asked for. */
export interface Effort {
  joint: LoadedJoint;
  momentNm: number;
  /** Share of the athlete's most; can exceed 1. */
  share: number;
}

function guessedEffort(variant: Variant, athlete: Athlete, day: string, loadKg: number, body: ScaledBody): Effort {
  const moments = peakMoments(variant, body, loadKg);
  const efforts = variant.jointActions.map((action) => {
    const joint = modelled(action);
    return { joint, momentNm: moments[joint], share: moments[joint] / guessedMoment(athlete, action, day) };
  });
  return efforts.reduce((hardest, e) => (e.share > hardest.share ? e : hardest));
}

/**
 * How hard a variant is for this athlete with a load: its limiting joint by moment against the most that joint can do.
 * A repetition test of a variant that is limited by the same joint replaces the guess by what it showed (Epley 1985).
 */
export function effortOf(
  variant: Variant,
  athlete: Athlete,
  day: string,
  loadKg: number,
  body = scaledBody(athlete),
): Effort {
  const effort = guessedEffort(variant, athlete, day, loadKg, body);
  for (const test of athlete.tests ?? []) {
    const tested = variantById(test.variant);
    if (!tested) continue;
    const guess = guessedEffort(tested, athlete, day, 0, body);
    if (guess.joint === effort.joint)
      return { ...effort, share: (effort.share * epleyShare(test.maxReps)) / guess.share };
  }
  return effort;
}
