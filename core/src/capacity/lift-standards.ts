import type { Athlete } from '../athlete/athlete';
import { ageOn } from '../date/days';
import type { Lift } from '../exercise/model/lifts';
import type { Level } from '../exercise/model/vocabulary';
import { ageFactor } from './age';

/** Single-repetition maximum of a lift over body mass, by level from new to advanced: a man of 75 kg and a woman of 62 kg, 18 to 40 years. */
interface Standard {
  male: readonly [number, number, number, number];
  female: readonly [number, number, number, number];
}

/**
 * Published strength standards, values from memory: overhead press, squat, deadlift and bench press after Kilgore and Rippetoe (165 lb men, 132 lb
 * women), the others after large collections of logged lifts, lowered for who logs there; hinges from the deadlift, lunges and step-ups from split
 * squats with hand weights. The whole load, both hands together.
 */
const standards: Record<Lift, Standard> = {
  'overhead press': { male: [0.45, 0.6, 0.75, 0.93], female: [0.29, 0.37, 0.45, 0.6] },
  'one-arm press': { male: [0.2, 0.27, 0.34, 0.42], female: [0.13, 0.17, 0.2, 0.27] },
  'bench press': { male: [0.65, 0.85, 1.1, 1.5], female: [0.38, 0.5, 0.63, 0.82] },
  'one-arm bench press': { male: [0.26, 0.34, 0.44, 0.6], female: [0.15, 0.2, 0.25, 0.33] },
  'back squat': { male: [0.85, 1.2, 1.52, 2.07], female: [0.6, 0.8, 1.1, 1.4] },
  'front squat': { male: [0.7, 1, 1.28, 1.72], female: [0.5, 0.66, 0.9, 1.16] },
  'goblet squat': { male: [0.28, 0.4, 0.6, 0.75], female: [0.23, 0.33, 0.47, 0.6] },
  deadlift: { male: [0.95, 1.4, 1.79, 2.4], female: [0.6, 0.9, 1.2, 1.65] },
  'Romanian deadlift': { male: [0.71, 1.05, 1.34, 1.8], female: [0.45, 0.68, 0.9, 1.24] },
  'one-side deadlift': { male: [0.45, 0.65, 0.85, 1.1], female: [0.3, 0.43, 0.57, 0.78] },
  'single-leg hinge': { male: [0.3, 0.4, 0.56, 0.72], female: [0.22, 0.3, 0.43, 0.55] },
  'hip thrust': { male: [0.95, 1.3, 1.9, 2.5], female: [0.8, 1.1, 1.65, 2.2] },
  'single-leg hip thrust': { male: [0.3, 0.45, 0.7, 0.95], female: [0.25, 0.38, 0.6, 0.85] },
  'split squat': { male: [0.4, 0.6, 0.85, 1.15], female: [0.28, 0.42, 0.62, 0.85] },
  lunge: { male: [0.35, 0.5, 0.75, 1], female: [0.25, 0.38, 0.55, 0.75] },
  'step-up': { male: [0.35, 0.5, 0.75, 1], female: [0.25, 0.38, 0.55, 0.75] },
  'calf raise': { male: [0.8, 1.1, 1.6, 2.2], female: [0.6, 0.85, 1.25, 1.75] },
  'single-leg calf raise': { male: [0.2, 0.35, 0.55, 0.8], female: [0.15, 0.27, 0.43, 0.63] },
  'bent-over row': { male: [0.52, 0.7, 0.9, 1.15], female: [0.3, 0.4, 0.55, 0.72] },
  'one-arm row': { male: [0.28, 0.38, 0.55, 0.72], female: [0.16, 0.22, 0.33, 0.44] },
  curl: { male: [0.27, 0.37, 0.53, 0.68], female: [0.16, 0.22, 0.33, 0.43] },
  'triceps extension': { male: [0.2, 0.28, 0.38, 0.5], female: [0.13, 0.18, 0.25, 0.33] },
  'upright row': { male: [0.3, 0.42, 0.58, 0.75], female: [0.18, 0.25, 0.36, 0.47] },
  'lateral raise': { male: [0.12, 0.17, 0.24, 0.32], female: [0.08, 0.11, 0.16, 0.2] },
  'reverse fly': { male: [0.12, 0.17, 0.24, 0.32], female: [0.08, 0.11, 0.16, 0.2] },
  'side bend': { male: [0.3, 0.42, 0.6, 0.8], female: [0.2, 0.3, 0.42, 0.56] },
  'squat with a bag held': { male: [0.45, 0.6, 0.85, 1.1], female: [0.33, 0.47, 0.66, 0.85] },
  'side lunge': { male: [0.2, 0.3, 0.45, 0.6], female: [0.15, 0.24, 0.35, 0.46] },
};

/** Body mass for which the standards stand, kg; from there a maximum grows with the two-thirds power of body mass (Jaric 2002). */
const standardMassKg = { male: 75, female: 62 } as const;

const levelIndex: Record<Level, 0 | 1 | 2 | 3> = { new: 0, beginner: 1, intermediate: 2, advanced: 3 };

/**
 * What people of this sex, level, age and size lift once, kg, by published standards. Who has not said their sex is taken
 * at the lower one.
 *
 * @example standardMaxKg('overhead press', { heightCm: 178, massKg: 75, sex: 'male', level: 'intermediate', born: '2001-06-01' }, '2026-12-09') // 56.25
 */
export function standardMaxKg(lift: Lift, athlete: Athlete, day: string): number {
  const sex = athlete.sex ?? 'female';
  const mass = standardMassKg[sex];
  const ofMass = standards[lift][sex][levelIndex[athlete.level]] as number;
  return ofMass * mass * (athlete.massKg / mass) ** (2 / 3) * ageFactor(ageOn(athlete.born, day));
}
