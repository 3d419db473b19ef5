import type { Athlete } from '../athlete/athlete';
import type { MomentName } from '../body/moment-names';
import { typicalMoment } from '../body/typical-strength';
import { ageOn } from '../date/days';
import { momentOf } from '../exercise/mechanics/moments';
import type { JointAction, Level, Motion } from '../exercise/model/vocabulary';
import { ageFactor } from './age';

/** Directions of a joint that are weaker than its strongest one, as a fraction of it: dynamometry as in `typicalMoment`, values from memory. */
const weakerMotion: Partial<Record<`${MomentName} ${Motion}`, number>> = {
  'neck flexion': 0.76,
  'knee flexion': 0.54,
  'elbow extension': 0.76,
  'ankle flexion': 0.24,
  'ankle abduction': 0.12,
  'ankle adduction': 0.14,
  'neck rotation': 0.5,
  'hip flexion': 0.64,
  'trunk flexion': 0.62,
  'shoulder flexion': 0.7,
  'shoulder abduction': 0.72,
  'shoulder-turn external-rotation': 0.7,
};

/**
 * An eccentric contraction holds more than a concentric one; the hamstrings gain most (Opar 2013: Nordic forces against isokinetic ones). Values from
 * memory.
 */
const eccentricFactor = (joint: MomentName, motion: Motion) => (joint === 'knee' && motion === 'flexion' ? 1.3 : 1.2);

/** Joint moments of people of a training level against an intermediate one: isokinetic series of sedentary people to players; values from memory. */
const levelFactor: Record<Level, number> = { new: 0.78, beginner: 0.9, intermediate: 1, advanced: 1.12 };
/** The trunk holds everybody up all day and lies closer together: McGill's untrained and Leetun's athletes hold alike; values from memory. */
const trunkLevelFactor: Record<Level, number> = { new: 0.82, beginner: 0.94, intermediate: 1, advanced: 1.03 };
const trunkMoments: ReadonlySet<MomentName> = new Set(['trunk', 'trunk-side', 'trunk-twist']);

/**
 * Moment of a woman per kg against a man's: dynamometry as in `typicalMoment`, values from memory. Elbow flexion stands between dynamometry and
 * what women pull up of their own mass.
 */
const womanFactor: Record<MomentName, number> = {
  neck: 0.64,
  shoulder: 0.69,
  'shoulder-turn': 0.64,
  elbow: 0.7,
  wrist: 0.64,
  grip: 0.77,
  trunk: 0.8,
  'trunk-side': 0.73,
  'trunk-twist': 0.74,
  hip: 0.79,
  'hip-side': 0.8,
  knee: 0.81,
  ankle: 0.85,
};
const womanMotion: Partial<Record<`${MomentName} ${Motion}`, number>> = {
  'elbow flexion': 0.75,
  'trunk flexion': 0.75,
};

/**
 * Starting estimate of the largest moment in a joint action, N m, one limb, before anything is known of the athlete's own strength.
 *
 * @example estimatedMoment({ heightCm: 178, massKg: 75, sex: 'male', level: 'intermediate', born: '2001-06-01' }, jointAction('knee extension shortening'), '2026-12-09') // 225
 */
export function estimatedMoment(athlete: Athlete, action: JointAction, day: string): number {
  const joint = momentOf(action);
  const motion =
    (weakerMotion[`${joint} ${action.action}`] ?? 1) *
    (action.regime === 'lengthening' ? eccentricFactor(joint, action.action) : 1);
  const woman = womanMotion[`${joint} ${action.action}`] ?? womanFactor[joint];
  const sexFactor = athlete.sex === 'male' ? 1 : athlete.sex === 'female' ? woman : (1 + woman) / 2;
  return (
    typicalMoment[joint] *
    motion *
    athlete.massKg *
    (trunkMoments.has(joint) ? trunkLevelFactor : levelFactor)[athlete.level] *
    sexFactor *
    ageFactor(ageOn(athlete.born, day))
  );
}

/**
 * What of their strength people bring onto a free weight: lifting is a skill, and the published standards of lifts lie wider apart by level than
 * dynamometry (Kilgore and Rippetoe; values from memory).
 */
export const liftingSkill: Record<Level, number> = { new: 0.82, beginner: 0.92, intermediate: 1, advanced: 1.1 };
