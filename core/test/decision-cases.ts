import type { CaseSession, CaseSet, DecisionCase } from '../src/progress/decision-case';

/** Sets of both sides at once, each of so many with so many in reserve. */
export const sets = (done: readonly (number | null)[], rir: number | null = 2): CaseSet[] =>
  done.map((one, i) => ({ side: 'both', set: i + 1, done: one, rir: one === null ? null : rir }));

/** Sets of each side. */
export const sides = (
  left: readonly number[],
  right: readonly number[],
  rir: readonly [number | null, number | null] = [2, 2],
): CaseSet[] => [
  ...left.map((done, i): CaseSet => ({ side: 'left', set: i + 1, done, rir: rir[0] })),
  ...right.map((done, i): CaseSet => ({ side: 'right', set: i + 1, done, rir: rir[1] })),
];

/** A session so many days ago. */
export const session = (daysAgo: number, logged: readonly CaseSet[], more: Partial<CaseSession> = {}): CaseSession => ({
  ...{ daysAgo, sets: logged, painInRegion: 0, tempoKept: true },
  ...more,
});

type Changes = Partial<Omit<DecisionCase, 'item' | 'session' | 'athlete'>> & {
  item?: Partial<DecisionCase['item']>;
  session?: Partial<DecisionCase['session']>;
  athlete?: Partial<DecisionCase['athlete']>;
};

/** Three sets of ten goblet squats with 16 kg, done twice in full at the planned effort; a case changes what it is about. */
export function decisionCase({ item, session: whole, athlete, ...rest }: Changes = {}): DecisionCase {
  return {
    athlete: { level: 'intermediate', age: 25, ...athlete },
    item: {
      variant: 'goblet-squat',
      block: 'strength',
      dose: { sets: 3, reps: 10, perSide: false, rir: 2, restSeconds: 90 },
      load: { kg: 16, with: 'dumbbells', nextKg: 18 },
      ...item,
    },
    history: [session(3, sets([10, 10, 10])), session(0, sets([10, 10, 10]))],
    session: { rpe: { planned: 6, actual: 6 }, pain: [], note: '', readiness: { ill: false, sleepHours: 8 }, ...whole },
    phase: 'general-preparation',
    daysToFixture: null,
    ...rest,
  };
}

/** The same with what came of the last two sessions. */
export const twice = (
  before: readonly CaseSet[],
  now: readonly CaseSet[],
  more: Partial<CaseSession> = {},
): CaseSession[] => [session(3, before), session(0, now, more)];
