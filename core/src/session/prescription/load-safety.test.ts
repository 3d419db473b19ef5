import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import type { Athlete } from '../../athlete/athlete';
import { ageFactor } from '../../capacity/age';
import { epleyShare } from '../../dose/repetitions';
import { type Level, levels } from '../../exercise/model/vocabulary';
import type { KitItem } from '../../kit/kit';
import type { Brief } from '../brief/brief';
import { contextOf } from '../context/context';
import { prescriptions } from './prescription';

/** One-repetition maximum over body mass from new to advanced; men of 75 kg, women of 62 kg, 18 to 40 years. */
interface Table {
  male: readonly number[];
  female: readonly number[];
}

/**
 * Strength standards after Kilgore and Rippetoe (overhead press, squat, deadlift, bench press; Romanian deadlift three quarters of the deadlift) and after
 * large collections of logged lifts (the others); values from memory.
 */
const published: Record<string, { lifts: readonly string[]; of: Table }> = {
  'overhead press': {
    lifts: ['overhead-press', 'bar-overhead-press'],
    of: { male: [0.45, 0.6, 0.75, 0.93], female: [0.29, 0.37, 0.45, 0.6] },
  },
  squat: {
    lifts: ['back-squat', 'rucksack-squat'],
    of: { male: [0.85, 1.2, 1.52, 2.07], female: [0.6, 0.8, 1.1, 1.4] },
  },
  'Romanian deadlift': {
    lifts: ['hinge-lift'],
    of: { male: [0.71, 1.05, 1.34, 1.8], female: [0.45, 0.68, 0.9, 1.24] },
  },
  deadlift: {
    lifts: ['bar-deadlift', 'sumo-deadlift', 'bag-to-hips'],
    of: { male: [0.95, 1.4, 1.79, 2.4], female: [0.6, 0.9, 1.2, 1.65] },
  },
  'bench press': {
    lifts: ['bench-press', 'floor-press'],
    of: { male: [0.65, 0.85, 1.1, 1.5], female: [0.38, 0.5, 0.63, 0.82] },
  },
  row: { lifts: ['bent-row', 'bar-row'], of: { male: [0.52, 0.7, 0.9, 1.15], female: [0.3, 0.4, 0.55, 0.72] } },
  curl: { lifts: ['hand-weight-curl'], of: { male: [0.27, 0.37, 0.53, 0.68], female: [0.16, 0.22, 0.33, 0.43] } },
  'hip thrust': { lifts: ['hip-thrust'], of: { male: [0.95, 1.3, 1.9, 2.5], female: [0.8, 1.1, 1.65, 2.2] } },
  'step-up': {
    lifts: ['low-step-up', 'high-step-up'],
    of: { male: [0.35, 0.5, 0.75, 1], female: [0.25, 0.38, 0.55, 0.75] },
  },
  lunge: {
    lifts: ['reverse-lunge', 'forward-lunge', 'walking-lunge'],
    of: { male: [0.35, 0.5, 0.75, 1], female: [0.25, 0.38, 0.55, 0.75] },
  },
};

/** Standards grow with the two-thirds power of body mass (Jaric 2002). */
function standardKg(of: Table, { sex, level, massKg, born }: Athlete): number {
  const [table, usualKg] = sex === 'male' ? [of.male, 75] : [of.female, 62];
  const age = 2026 - Number(born.slice(0, 4));
  return (table[levels.indexOf(level)] as number) * usualKg * (massKg / usualKg) ** (2 / 3) * ageFactor(age);
}

const rack: KitItem[] = [
  { kind: 'barbell', massKg: 200 },
  { kind: 'rack' },
  { kind: 'bench' },
  { kind: 'step' },
  { kind: 'sofa' },
  { kind: 'rucksack', upToKg: 40 },
  ...[2, 4, 6, 8, 10, 12.5, 15, 17.5, 20, 25, 30, 35, 40].map(
    (massKg): KitItem => ({ kind: 'dumbbell', massKg, count: 2 }),
  ),
];

const bodies = [
  {
    sex: 'male' as const,
    sizes: [
      [165, 58],
      [178, 75],
      [194, 105],
    ] as const,
  },
  {
    sex: 'female' as const,
    sizes: [
      [154, 48],
      [166, 62],
      [180, 85],
    ] as const,
  },
];

function briefOf(athlete: Athlete, aim: Brief['aim']): Brief {
  const brief = plainBrief({ aim });
  return { ...brief, date: '2026-12-09', athlete, kit: { ...brief.kit, items: rack } };
}

/** Everything that is prescribed of a lift, at every load that suits. */
function prescribed(athlete: Athlete, aim: Brief['aim'], lift: string) {
  const context = contextOf(briefOf(athlete, aim));
  const feasible = context.feasible.get(lift);
  if (!feasible) throw new Error(`${lift} is not in the library`);
  return [...prescriptions(feasible, 'strength', 3, context.brief, context.capacity)].flatMap(({ choice }) => {
    const { work } = choice.dose;
    return choice.load?.kg && work.kind === 'reps' ? [{ kg: choice.load.kg, reps: work.reps }] : [];
  });
}

describe('loads for somebody of whom nothing is known, with a full rack', () => {
  for (const { sex, sizes } of bodies)
    for (const level of levels)
      it(`${sex}, ${level}: 13 to 60 years, three sizes, never above what the standard of the lift lets for so many repetitions`, () => {
        for (const age of [13, 16, 20, 30, 45, 60])
          for (const [heightCm, massKg] of sizes)
            for (const aim of ['strength', 'hold'] as const) {
              const athlete: Athlete = { sex, level, heightCm, massKg, born: `${2026 - age}-01-01` };
              for (const { lifts, of } of Object.values(published))
                for (const lift of lifts)
                  for (const { kg, reps } of prescribed(athlete, aim, lift))
                    expect(kg, `${lift}, ${age} years, ${massKg} kg, ${aim}, ${reps} repetitions`).toBeLessThanOrEqual(
                      standardKg(of, athlete) * epleyShare(reps) * (1 + 1e-9),
                    );
            }
      });

  it('reach the lifts at all', () => {
    const athlete: Athlete = { sex: 'male', level: 'intermediate', heightCm: 178, massKg: 75, born: '2001-01-01' };
    const lifted = Object.values(published).flatMap(({ lifts }) => lifts);
    const found = lifted.filter((lift) => prescribed(athlete, 'strength', lift).length > 0);
    expect(found).toEqual(lifted);
  });

  // What an intermediate man of 75 kg was once written: 70 kg overhead (he presses about 56 once), a curl of 67.5 kg, a step-up with 92.5 kg.
  it.each([
    ['overhead-press', 56, 28],
    ['hand-weight-curl', 40, 20],
    ['low-step-up', 57, 20],
    ['high-step-up', 57, 2],
  ])('%s of an intermediate man of 75 kg stays under %d kg and reaches %d', (lift, onceKg, leastKg) => {
    const athlete: Athlete = {
      sex: 'male',
      level: 'intermediate' satisfies Level,
      heightCm: 178,
      massKg: 75,
      born: '2001-01-01',
    };
    const heaviest = Math.max(...prescribed(athlete, 'strength', lift).map(({ kg }) => kg));
    expect(heaviest).toBeLessThan(onceKg);
    expect(heaviest).toBeGreaterThanOrEqual(leastKg);
  });
});
