import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Athlete } from '../athlete/athlete';
import { asymmetriesOf } from './asymmetry';
import { moveTo, needsOf } from './needs';
import type { SportProfile } from './profile';
import { sportById, sports } from './sports';

const handball = sportById('handball') as SportProfile;
const day = '2026-12-09';
const adult: Athlete = { heightCm: 178, massKg: 74, born: '1999-05-01', sex: 'female', level: 'intermediate' };
const shareOf = (athlete: Athlete, id: string) => {
  const needs = needsOf(handball, 'back', athlete, day);
  const found = [...needs.performance, ...needs.prevention].find((n) => n.id === id);
  if (!found) throw new Error(id);
  return found;
};
const everyRole = sports.flatMap((sport) => sport.roles.map((role) => [sport, role.id] as const));

describe('needs of an athlete', () => {
  it('of a handball back begin with the throw, about a sixth', () => {
    const [first] = needsOf(handball, 'back', adult, day).performance;
    expect([first?.id, Math.round((first?.share ?? 0) * 1000)]).toEqual(['throw', 165]);
  });

  it('are those of the role where nothing is known that changes them', () => {
    const { performance, prevention } = needsOf(handball, 'back', adult, day);
    for (const need of [...performance, ...prevention]) {
      expect(need.reasons.filter((r) => r.factor !== 1)).toEqual([]);
      expect(need.share).toBeCloseTo(need.ofSport, 9);
    }
  });

  it.each(everyRole)('$id, %s: both columns sum to 1, with every reason there is', (sport, role) => {
    const worn: Athlete = {
      ...adult,
      born: '1988-01-01',
      level: 'beginner',
      dominantSide: 'right',
      restrictions: [
        { region: 'knee', severity: 'limit', until: '2027-01-01' },
        { region: 'shoulder', severity: 'avoid' },
      ],
      history: [{ region: 'ankle', on: '2026-03-01' }, { region: 'groin' }],
    };
    const { performance, prevention } = needsOf(sport, role, worn, day);
    for (const column of [performance, prevention]) {
      expect(column.reduce((s, n) => s + n.share, 0)).toBeCloseTo(1, 9);
      for (const need of column) expect(need.share).toBeGreaterThan(0);
    }
  });

  it.each<[string, Partial<Athlete>, string, 'more' | 'less', string]>([
    [
      'a limited knee',
      { restrictions: [{ region: 'knee', severity: 'limit', until: '2027-01-15' }] },
      'landing',
      'less',
      'knee limited until 2027-01-15',
    ],
    [
      'a limited knee',
      { restrictions: [{ region: 'knee', side: 'left', severity: 'limit', reason: 'after an operation' }] },
      'risk-knee',
      'more',
      'left knee coming back: after an operation',
    ],
    [
      'a shoulder not to be loaded',
      { restrictions: [{ region: 'shoulder', severity: 'avoid' }] },
      'throw',
      'less',
      'shoulder not to be loaded',
    ],
    [
      'an ankle turned last spring',
      { history: [{ region: 'ankle', side: 'right', what: 'sprain', on: '2026-04-02' }] },
      'risk-ankle',
      'more',
      'right ankle injured before (sprain)',
    ],
    [
      'a sore shoulder today',
      { readiness: { pain: [{ region: 'shoulder', score: 4 }] } },
      'risk-shoulder',
      'more',
      'shoulder coming back: pain 4 today',
    ],
    ['a young woman', { born: '2006-05-01' }, 'risk-knee', 'more', 'knees of young women tear more often'],
    ['a child', { born: '2012-05-01', sex: 'male' }, 'risk-lower-back', 'more', '14 years: growing'],
    ['somebody of forty', { born: '1986-05-01' }, 'risk-hamstring', 'more', '40 years: tendons and long muscles'],
    ['a beginner', { level: 'beginner' }, 'throw', 'less', 'speed is earned: control comes first'],
    ['a beginner', { level: 'beginner' }, 'duel', 'more', 'the basis that speed is built on'],
  ])('%s changes %s', (_, change, id, way, reason) => {
    const [plain, changed] = [shareOf(adult, id), shareOf({ ...adult, ...change }, id)];
    expect(Math.sign(changed.share - plain.share)).toBe(way === 'more' ? 1 : -1);
    expect(changed.reasons.map((r) => r.text)).toContain(reason);
  });

  it('a recent injury weighs more than an old one', () => {
    const recent = shareOf({ ...adult, history: [{ region: 'ankle', on: '2026-04-02' }] }, 'risk-ankle');
    const old = shareOf({ ...adult, history: [{ region: 'ankle', on: '2019-04-02' }] }, 'risk-ankle');
    expect(recent.share).toBeGreaterThan(old.share);
  });

  it('says which arm gets care and which gets work', () => {
    const { reasons } = shareOf({ ...adult, dominantSide: 'left' }, 'opposite-1');
    expect(reasons).toEqual([{ text: 'left arm gets care, right arm gets work', factor: 1 }]);
  });
});

describe('sides that differ', () => {
  const raises = (left: number, right: number, on?: string) =>
    (['left', 'right'] as const).map((side) => ({
      variant: 'single-leg-calf-raise',
      maxReps: side === 'left' ? left : right,
      side,
      ...(on ? { on } : {}),
    }));

  it.each<[number, number, 'left' | 'right' | undefined]>([
    [16, 24, 'left'],
    [24, 16, 'right'],
    [22, 24, undefined],
    [0, 0, undefined],
  ])('%i left and %i right: %s', (left, right, weaker) => {
    expect(asymmetriesOf({ tests: raises(left, right) })[0]?.weaker).toBe(weaker);
  });

  it('are judged by the latest test of each side, in whatever order they were typed', () => {
    const tests = [...raises(24, 24, '2026-12-01'), ...raises(10, 24, '2026-10-01')];
    expect(asymmetriesOf({ tests })).toEqual([]);
    expect(asymmetriesOf({ tests: [...tests].reverse() })).toEqual([]);
  });

  it('are read from the battery where they differ by more than chance, and only once', () => {
    const bridge = (side: 'left' | 'right', value: number) => ({
      test: 'single-leg-bridge',
      value,
      side,
      on: '2026-12-01',
    });
    const real = [bridge('left', 12), bridge('right', 24)];
    expect(asymmetriesOf({ battery: real })).toMatchObject([{ weaker: 'left', index: 0.5, test: 'single-leg-bridge' }]);
    expect(asymmetriesOf({ battery: [bridge('left', 22), bridge('right', 25)] })).toEqual([]);
    const counted = (side: 'left' | 'right', maxReps: number) => ({ variant: 'single-leg-bridge', maxReps, side });
    expect(asymmetriesOf({ battery: real, tests: [counted('left', 30), counted('right', 10)] })).toHaveLength(1);
  });

  it('ask more of the guard of their region', () => {
    const { reasons } = shareOf({ ...adult, tests: raises(16, 24) }, 'risk-ankle');
    expect(reasons.map((r) => r.text)).toContain('left does 67 % of the other side');
  });
});

describe('the hand of the coach', () => {
  const ids = needsOf(handball, 'back', adult, day).performance.map((n) => n.id);

  it('sets a share exactly, the others keep their proportions, and can move it again', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...ids), fc.double({ min: 0.01, max: 0.8, noNaN: true })), {
          minLength: 1,
          maxLength: 6,
        }),
        (moves) => {
          let moved = {};
          for (const [id, share] of moves) {
            const before = needsOf(handball, 'back', adult, day, moved).performance;
            moved = moveTo(before, id, share, moved);
            const after = needsOf(handball, 'back', adult, day, moved).performance;
            expect(after.find((n) => n.id === id)?.share).toBeCloseTo(share, 2);
            expect(after.reduce((s, n) => s + n.share, 0)).toBeCloseTo(1, 9);
            const [a, b] = ids.filter((other) => other !== id);
            const ratio = (list: typeof before) =>
              (list.find((n) => n.id === a)?.share ?? 0) / (list.find((n) => n.id === b)?.share ?? 1);
            expect(ratio(after)).toBeCloseTo(ratio(before), 6);
          }
        },
      ),
      { numRuns: 200 },
    );
  });

  it('cannot take a column down to nothing', () => {
    const { performance } = needsOf(handball, 'back', adult, day);
    const moved = moveTo(performance, 'throw', 5, {});
    expect(needsOf(handball, 'back', adult, day, moved).performance.every((n) => n.share > 0)).toBe(true);
  });
});

describe('a movement that is added', () => {
  it('never takes the others below their normalised share', () => {
    fc.assert(
      fc.property(fc.constantFrom(...everyRole), fc.nat(5), fc.nat(5), ([sport, role], often, decisive) => {
        const before = needsOf(sport, role, adult, day).performance;
        const added = {
          ...(sport.actions[0] as SportProfile['actions'][number]),
          id: 'added',
          asked: { [role]: { often, decisive } },
        };
        const after = needsOf({ ...sport, actions: [...sport.actions, added] }, role, adult, day).performance;
        const addedShare = after.find((n) => n.id === 'added')?.share ?? 0;
        for (const need of before) {
          const now = after.find((n) => n.id === need.id)?.share ?? 0;
          expect(now).toBeCloseTo(need.share * (1 - addedShare), 9);
        }
      }),
      { numRuns: 300 },
    );
  });
});
