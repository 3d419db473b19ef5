import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { PainReport } from '../athlete/athlete';
import { dayAfter } from '../date/days';
import type { Move } from '../progress/proposal';
import { attention, entriesOf, ruleOf } from './desk';
import type { DeskAthlete, DeskSession } from './desk-athlete';
import { deskKinds } from './entry';

const today = '2026-12-09';

const item = (
  name: string,
  move: Move,
  more: { by?: string; refer?: true; regions?: string[]; done?: boolean } = {},
) => ({
  ...{ variant: name.toLowerCase().replaceAll(' ', '-'), name, move },
  ...{ how: '3 × 10 instead of 8', rule: '3 × 10 instead of 8. Full twice.', by: 'two-for-two', done: true },
  ...{ regions: ['knee'], next: {} },
  ...more,
});

const report = (pain: PainReport[] = [], more: Partial<NonNullable<DeskSession['report']>> = {}) => ({
  ...{ effort: 6, minutes: 30, pain, morning: null, note: null, cameAt: '2026-12-08T19:00:00Z' },
  ...more,
});

/** A session so many days before today that was done with what the rules say of it. */
const done = (
  daysAgo: number,
  items: ReturnType<typeof item>[] = [],
  more: Partial<DeskSession> = {},
): DeskSession => ({
  ...{ id: `s${daysAgo}`, on: dayAfter(today, -daysAgo), status: 'done', plannedEffort: 6, decided: [] },
  report: report(),
  review: { summary: [], items, sets: 9 },
  ...more,
});
const missed = (daysAgo: number): DeskSession => {
  const { report: _, review: __, ...session } = done(daysAgo, [], { status: 'sent' });
  return { ...session, writtenFor: null };
};

const athlete = (sessions: DeskSession[], more: Partial<DeskAthlete> = {}): DeskAthlete => ({
  ...{ id: 'a', name: 'Aksel Vik', minor: false, sessions, restrictions: [], byPhysio: [], asked: [], fixtures: [] },
  lastTest: dayAfter(today, -7),
  ...more,
});

const knee = (score: number): PainReport => ({ region: 'knee', side: 'left', score });
const kinds = (one: DeskAthlete) => entriesOf(one, today).map(({ kind }) => kind);

describe('what wants the coach', () => {
  it.each<[string, DeskAthlete, string[]]>([
    ['nobody has done anything yet', athlete([]), []],
    ['a session that went as planned', athlete([done(1, [item('Squat', 'up')])]), ['proposals']],
    [
      'all of it decided',
      athlete([
        done(1, [item('Squat', 'up')], {
          decided: [{ variant: 'squat', proposed: 'up', decided: 'up', at: '2026-12-08T20:00:00Z' }],
        }),
      ]),
      [],
    ],
    [
      'a red flag before anything else',
      athlete([done(1, [item('Squat', 'stop', { refer: true, by: 'red-flag' })], { report: report([knee(2)]) })]),
      ['refer'],
    ],
    ['pain above five', athlete([done(1, [item('Squat', 'stop')], { report: report([knee(7)]) })]), ['pain-stop']],
    ['pain of four', athlete([done(1, [item('Squat', 'down')], { report: report([knee(4)]) })]), ['pain']],
    ['pain of two', athlete([done(1, [item('Squat', 'up')], { report: report([knee(2)]) })]), ['proposals']],
    [
      'pain that rises within what is safe',
      athlete([
        done(5, [], { report: report() }),
        done(3, [], { report: report([knee(1)]) }),
        done(1, [item('Squat', 'down')], { report: report([knee(2)]) }),
      ]),
      ['pain-rising'],
    ],
    [
      'far harder than planned',
      athlete([done(1, [item('Squat', 'same')], { report: report([], { effort: 9 }) })]),
      ['effort'],
    ],
    ['one session missed', athlete([done(4), missed(1)]), []],
    ['two missed', athlete([done(5), missed(3), missed(1)]), ['missed']],
    ['silent for twelve days', athlete([done(12), missed(8), missed(3)]), ['silent']],
    ['one missed and silent for ten days', athlete([done(10), missed(3)]), ['silent']],
    [
      'a restriction that ends in five days',
      athlete([], { restrictions: [{ region: 'knee', severity: 'limit', until: dayAfter(today, 5) }] }),
      ['restriction'],
    ],
    [
      'one that ends in five weeks',
      athlete([], { restrictions: [{ region: 'knee', severity: 'limit', until: dayAfter(today, 35) }] }),
      [],
    ],
    [
      'a release that has been asked for',
      athlete([], { restrictions: [{ region: 'knee', severity: 'limit', until: today }], asked: [{ region: 'knee' }] }),
      [],
    ],
    [
      'a session written for another fixture',
      athlete([{ ...missed(-2), writtenFor: dayAfter(today, 4) }], { fixtures: [dayAfter(today, 3)] }),
      ['fixture'],
    ],
    [
      'one written for the fixture there is',
      athlete([{ ...missed(-2), writtenFor: dayAfter(today, 3) }], { fixtures: [dayAfter(today, 3)] }),
      [],
    ],
    [
      'the last test seven weeks ago',
      athlete(
        [9, 7, 4, 1].map((n) => done(n)),
        { lastTest: dayAfter(today, -49) },
      ),
      ['test'],
    ],
    [
      'a link that ends in three days',
      athlete(
        [9, 7, 4, 1].map((n) => done(n)),
        { linkUntil: dayAfter(today, 3) },
      ),
      ['link'],
    ],
    ['results of three weeks ago', athlete([done(21, [item('Squat', 'up')])]), ['silent'].slice(1)],
  ])('%s', (_, one, expected) => {
    expect(kinds(one)).toEqual(expected);
  });

  it('pain that came after the decision is told, with what is proposed now', () => {
    const late = done(1, [item('Squat', 'down', { by: 'pain-tolerable' })], {
      report: report([knee(4)], { cameAt: '2026-12-09T08:00:00Z' }),
      decided: [{ variant: 'squat', proposed: 'up', decided: 'up', at: '2026-12-08T20:00:00Z' }],
    });
    const [entry] = entriesOf(athlete([late]), today);
    expect(entry).toMatchObject({ kind: 'changed', decisions: [{ variant: 'squat', decided: 'down' }], safe: false });
    expect(entry?.evidence.join(' ')).toContain('left knee 4');
    // Nothing is said where the same is proposed as was decided.
    const same = {
      ...late,
      decided: [{ variant: 'squat', proposed: 'up' as const, decided: 'down' as const, at: '2026-12-08T20:00:00Z' }],
    };
    expect(kinds(athlete([same]))).toEqual([]);
    // Nor where a set came once more after the coach had overruled what is still proposed.
    const overruled = { ...late, decided: [{ ...same.decided[0], proposed: 'down', decided: 'same' } as const] };
    expect(kinds(athlete([overruled as DeskSession]))).toEqual([]);
  });

  it('is safe only without pain above two, a note, a step back, or more effort than planned', () => {
    const isSafe = (
      items: ReturnType<typeof item>[],
      more: Parameters<typeof report>[1] = {},
      pain: PainReport[] = [],
    ) => entriesOf(athlete([done(1, items, { report: report(pain, more) })]), today)[0]?.safe;
    expect(isSafe([item('Squat', 'up'), item('Row', 'same')])).toBe(true);
    expect(isSafe([item('Squat', 'up')], {}, [knee(2)])).toBe(true);
    expect(isSafe([item('Squat', 'up')], {}, [knee(3)])).toBe(false);
    expect(isSafe([item('Squat', 'up')], { note: 'Fine' })).toBe(false);
    expect(isSafe([item('Squat', 'up')], { effort: 8 })).toBe(false);
    expect(isSafe([item('Squat', 'up'), item('Row', 'down')])).toBe(false);
  });

  it('a restriction of a physio of the club is asked to be released, another one is looked at', () => {
    const limit = { region: 'knee', severity: 'limit', setBy: 'physiotherapist', until: dayAfter(today, 3) } as const;
    const [own] = entriesOf(athlete([], { restrictions: [limit], byPhysio: [{ region: 'knee' }] }), today);
    expect(own).toMatchObject({ release: { region: 'knee' }, proposal: 'Ask the physio for a release' });
    const [typed] = entriesOf(athlete([], { restrictions: [limit] }), today);
    expect(typed).not.toHaveProperty('release');
  });

  it('what was put off comes back on its day, what was seen to when something new comes of it', () => {
    const two = athlete([done(5), missed(3), missed(1)]);
    const [entry] = attention([two], [], today);
    const mark = (until: string | null) => [{ athlete: 'a', key: entry?.key ?? '', until }];
    expect(attention([two], mark(dayAfter(today, 1)), today)).toEqual([]);
    expect(attention([two], mark(dayAfter(today, 1)), dayAfter(today, 1))).toHaveLength(1);
    expect(attention([two], mark(null), today)).toEqual([]);
    const three = athlete([done(6), missed(4), missed(2), { ...missed(1), id: 'new' }]);
    expect(attention([three], mark(null), today)).toHaveLength(1);
  });

  it('is in the order of its kinds, and names a rule for each', () => {
    const moves = fc.constantFrom<Move>('up', 'same', 'down', 'stop');
    const session = fc.record({
      daysAgo: fc.integer({ min: 1, max: 30 }),
      score: fc.option(fc.integer({ min: 0, max: 10 }), { nil: undefined }),
      effort: fc.integer({ min: 1, max: 10 }),
      move: moves,
      isDone: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.array(fc.array(session, { maxLength: 6 }), { maxLength: 8 }), (all) => {
        const people = all.map((sessions, i) =>
          athlete(
            sessions
              .sort((a, b) => b.daysAgo - a.daysAgo)
              .map(({ daysAgo, score, effort, move, isDone }) =>
                isDone
                  ? done(daysAgo, [item('Squat', move)], { report: report(score ? [knee(score)] : [], { effort }) })
                  : missed(daysAgo),
              ),
            { id: `a${i}` },
          ),
        );
        const entries = attention(people, [], today);
        const ranks = entries.map(({ kind }) => deskKinds.indexOf(kind));
        expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
        expect(new Set(entries.map(({ athlete: a, key }) => `${a} ${key}`)).size).toBe(entries.length);
        for (const entry of entries) {
          expect(ruleOf(entry.rule).source).not.toBe('');
          expect(entry.evidence.length).toBeLessThanOrEqual(2);
          if (entry.safe)
            expect(entry.decisions.every(({ decided }) => decided === 'up' || decided === 'same')).toBe(true);
        }
      }),
      { numRuns: 300 },
    );
  });
});
