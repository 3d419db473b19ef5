import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { Athlete } from '../athlete/athlete';
import type { Sex } from '../body/segments';
import { epleyShare } from '../dose/repetitions';
import { variantById } from '../exercise/library/library';
import { jointAction, type Level, type WrittenJointAction } from '../exercise/model/vocabulary';
import { predicted } from './predict';
import { estimatedMoment } from './strength';

/**
 * Published norms with the bounds of healthy people of one sex, level and age; sources stand in each row, values from memory. Kinds: reps and secs to
 * failure, rm: the load for so many repetitions over body mass, nmkg: peak joint moment per kg.
 */
interface Norm {
  id: string;
  kind: 'reps' | 'secs' | 'rm' | 'nmkg';
  variant: string;
  action: string;
  repetitions: number;
  athlete: Athlete;
  typical: number;
}

const day = '2026-12-09';

/** The rows of a table of comma-separated values, quoted where a value holds commas (RFC 4180). */
function rowsOf(text: string): Record<string, string>[] {
  const [head, ...lines] = text
    .trim()
    .split('\n')
    .map((line) => [...line.matchAll(/("([^"]*)"|[^,]*)(,|$)/g)].slice(0, 14).map((m) => m[2] ?? m[1] ?? ''));
  return lines.map((line) => Object.fromEntries((head as string[]).map((key, i) => [key, line[i] as string])));
}

const norms: Norm[] = rowsOf(readFileSync(new URL('published-norms.csv', import.meta.url), 'utf8')).map((row) => ({
  id: row.id as string,
  kind: row.kind as Norm['kind'],
  variant: row.variant as string,
  action: row.joint_action as string,
  repetitions: Number(row.repetitions),
  athlete: {
    sex: (row.sex === 'M' ? 'male' : 'female') satisfies Sex,
    level: row.level as Level,
    born: `${2026 - Number(row.age)}-01-01`,
    heightCm: Number(row.heightCm),
    massKg: Number(row.massKg),
  },
  typical: Number(row.typical),
}));

/** Rows that cannot be compared, each with the reason. */
const notCompared: Record<string, string> = {
  R008: 'practice without a norm: on the knees the lever is half as long, so that it is held longer than the full side plank of the same row',
};

function foundFor({ kind, variant: id, action, repetitions, athlete }: Norm): number {
  if (kind === 'nmkg') return estimatedMoment(athlete, jointAction(action as WrittenJointAction), day) / athlete.massKg;
  const variant = variantById(id);
  const prediction = variant && predicted(variant, athlete, day);
  if (!prediction) throw new Error(`${id}: nothing predicted`);
  if (kind === 'reps') return prediction.repetitionsToFailure?.mid ?? Number.NaN;
  if (kind === 'secs') return prediction.holdSeconds?.mid ?? Number.NaN;
  const once = (prediction.oneRepMaxKg?.mid ?? Number.NaN) / athlete.massKg;
  return repetitions > 1 ? once * epleyShare(repetitions) : once;
}

/** Half a repetition on both sides, so that 0 and 1 can be compared. */
function ratioOf(norm: Norm): number {
  const half = norm.kind === 'reps' ? 0.5 : 0;
  return (foundFor(norm) + half) / (norm.typical + half);
}

const compared = norms.filter(({ id }) => !(id in notCompared)).map((norm) => ({ id: norm.id, ratio: ratioOf(norm) }));
const within = (factor: number) => compared.filter(({ ratio }) => ratio > 1 / factor && ratio < factor);

describe('published norms of strength and endurance', () => {
  it('are met within a factor of 1.5 in 92 rows of a hundred', () => {
    expect(norms).toHaveLength(146);
    expect(Object.keys(notCompared).length).toBeLessThanOrEqual(4);
    expect(within(1.5).length / norms.length).toBeGreaterThanOrEqual(0.92);
  });

  it('are never missed by a factor of 2.5', () => {
    const far = compared.filter((row) => !within(2.5).includes(row));
    expect(far).toEqual([]);
  });
});
