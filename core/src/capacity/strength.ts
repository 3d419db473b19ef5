import { type Athlete, ageOn } from '../athlete/athlete';
import type { MomentName } from '../body/statics';
import { typicalMoment } from '../body/typical-strength';
import { momentOf } from '../exercise/moments';
import type { JointAction, Level, Motion } from '../exercise/vocabulary';

/** Some motions of a joint are weaker than its strongest one; order of size from dynamometry, common practice, no source. */
const weakerMotion: Partial<Record<`${MomentName} ${Motion}`, number>> = {
  'knee flexion': 0.6,
  'elbow flexion': 0.75,
  'ankle flexion': 0.3,
  'hip flexion': 0.7,
  'trunk flexion': 0.8,
  'shoulder-turn external-rotation': 0.7,
};
/** Muscles hold more while they lengthen; common practice, no source. */
const lengtheningFactor = 1.2;

/** Guesses, common practice, no source. */
const levelFactor: Record<Level, number> = { new: 0.6, beginner: 0.78, intermediate: 1, advanced: 1.25 };
const upperBody = new Set<MomentName>(['shoulder', 'shoulder-turn', 'elbow', 'wrist', 'neck']);

const ageFactor = (age: number) => (age < 14 ? 0.7 : age < 17 ? 0.85 : age < 50 ? 1 : 0.85);

/** Starting guess of the most moment in a joint action, N m, one limb. */
export function guessedMoment(athlete: Athlete, action: JointAction, day: string): number {
  const joint = momentOf(action);
  const motion =
    (weakerMotion[`${joint} ${action.action}`] ?? 1) * (action.regime === 'lengthening' ? lengtheningFactor : 1);
  const sexFactor = athlete.sex === 'male' ? 1 : athlete.sex === 'female' ? (upperBody.has(joint) ? 0.68 : 0.82) : 0.9;
  return (
    typicalMoment[joint] *
    motion *
    athlete.massKg *
    levelFactor[athlete.level] *
    sexFactor *
    ageFactor(ageOn(athlete.born, day))
  );
}
