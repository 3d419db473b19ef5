import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../test/briefs';
import { parseDose } from '../dose/notation';
import { sessionLoad } from '../load/session-load';
import { met, type Outcome, propose } from '../progress/proposal';
import { mondayOf, seasonOn } from '../season/calendar/season-on';
import { contextOf } from '../session/context/context';
import { planOf } from '../session/plan/plan';
import { type ReviewedSet, review } from './review';

const outcome = (changes: Partial<Outcome> = {}): Outcome => ({
  planned: 8,
  plannedSets: 3,
  done: [8, 8, 8],
  perSide: false,
  pain: 0,
  metBefore: true,
  ...changes,
});

describe('what to do next time', () => {
  it.each<[string, Partial<Outcome>, string, string]>([
    ['done in full twice running', {}, 'up', 'in two sessions'],
    ['done in full once', { metBefore: false }, 'same', 'repeat it once'],
    [
      'done in full once with much left in every set',
      { metBefore: false, leastLeft: 4 },
      'up',
      '4 or more reps in reserve',
    ],
    ['done in full once with some left', { metBefore: false, leastLeft: 3 }, 'same', 'repeat it once'],
    ['done in full twice with nothing left', { leastLeft: 0 }, 'same', 'no reps in reserve'],
    ['much left, but not all of it done', { done: [8, 8, 7], leastLeft: 5 }, 'same', '96 %'],
    ['done in full but very hard', { effort: 9 }, 'same', '9 of 10'],
    ['a repetition short', { done: [8, 8, 7] }, 'same', '96 %'],
    ['far short', { done: [5, 4, 4] }, 'down', '54 %'],
    ['a set missing', { done: [8, 8] }, 'down', '67 %'],
    ['not done', { done: [] }, 'same', 'Not done'],
    ['pain of 2', { pain: 2 }, 'up', 'in two sessions'],
    ['pain of 3', { pain: 3, easier: 'Push-up on the knees' }, 'down', 'Push-up on the knees'],
    ['pain of 5', { pain: 5 }, 'down', 'reduce the dose'],
    ['pain of 6', { pain: 6 }, 'stop', 'looked at'],
    ['one side missing', { perSide: true, done: [8, 8, 8] }, 'down', '50 %'],
    ['both sides', { perSide: true, done: [8, 8, 8, 8, 8, 8] }, 'up', 'in two sessions'],
  ])('%s', (_, changes, move, words) => {
    const proposal = propose(outcome(changes));
    expect(proposal.move).toBe(move);
    expect(proposal.rule).toContain(words);
  });

  it('knows when everything asked was done', () => {
    expect(met(outcome())).toBe(true);
    expect(met(outcome({ done: [9, 8, 10] }))).toBe(true);
    expect(met(outcome({ done: [8, 8] }))).toBe(false);
  });
});

describe('what was left', () => {
  const plan = planOf(contextOf(plainBrief()), {
    groups: [
      {
        block: 'strength',
        format: 'straight',
        roundRestSeconds: 0,
        choices: [{ variant: 'push-up', dose: parseDose('2x8 r60'), pinned: false }],
      },
    ],
  });
  const logged = (...left: (number | null)[]): ReviewedSet[] =>
    left.map((reserve) => ({ variant: 'push-up', side: 'both', amount: 8, reserve }));

  it('counts when it was said of every set, by the set with the least', () => {
    const move = (...left: (number | null)[]) => review(plan, logged(...left), undefined)[0]?.proposal.move;
    expect([move(5, 4), move(5, 3), move(5, null), move(null, null)]).toEqual(['up', 'same', 'same', 'same']);
  });
});

describe('review of a session', () => {
  const plan = planOf(contextOf(plainBrief()), {
    groups: [
      {
        block: 'strength',
        format: 'straight',
        roundRestSeconds: 0,
        choices: [{ variant: 'push-up', dose: parseDose('2x8 r60'), pinned: false }],
      },
      {
        block: 'trunk',
        format: 'straight',
        roundRestSeconds: 0,
        choices: [{ variant: 'side-plank', dose: parseDose('1x25s/side'), pinned: false }],
      },
    ],
  });
  const full: ReviewedSet[] = [
    { variant: 'push-up', side: 'both', amount: 8 },
    { variant: 'push-up', side: 'both', amount: 8 },
    { variant: 'side-plank', side: 'left', amount: 25 },
    { variant: 'side-plank', side: 'right', amount: 25 },
  ];
  const moves = (...args: Parameters<typeof review>) => review(...args).map((i) => i.proposal.move);

  it('goes up only when the session before was full as well', () => {
    expect(moves(plan, full, { effort: 6, pain: [] })).toEqual(['same', 'same']);
    expect(moves(plan, full, { effort: 6, pain: [] }, { plan, logs: full })).toEqual(['up', 'up']);
  });

  it('pain counts where the item loads', () => {
    const sore = { effort: 6, pain: [{ region: 'shoulder' as const, score: 4 }] };
    expect(moves(plan, full, sore, { plan, logs: full })).toEqual(['down', 'down']);
    const knee = { effort: 6, pain: [{ region: 'knee' as const, score: 4 }] };
    expect(moves(plan, full, knee, { plan, logs: full })).toEqual(['up', 'up']);
  });

  it('names the neighbour on the ladder', () => {
    const [first] = review(plan, full, { effort: 6, pain: [] }, { plan, logs: full });
    expect(first?.proposal.rule).toContain('Tempo push-up with a pause');
  });

  it('shows what was not done as not done', () => {
    expect(review(plan, [], undefined).map((i) => [i.done.length, i.proposal.move])).toEqual([
      [0, 'same'],
      [0, 'same'],
    ]);
  });
});

describe('load', () => {
  it('is effort times minutes (Foster 1998)', () => {
    expect(sessionLoad(6, 30)).toBe(180);
  });
});

describe('season', () => {
  const phases = [
    { phase: 'pre-season' as const, name: 'Pre-season', startsOn: '2026-11-02', endsOn: '2026-11-29' },
    { phase: 'in-season' as const, name: 'League', startsOn: '2026-11-30', endsOn: '2027-02-28' },
  ];
  const fixtures = [
    { on: '2026-12-12', name: 'B', importance: 1 },
    { on: '2026-12-05', name: 'A', importance: 1 },
  ];

  it('says phase, week and the fixtures around a day', () => {
    expect(seasonOn('2026-12-09', phases, fixtures)).toEqual({
      phase: 'in-season',
      week: 2,
      lastFixture: '2026-12-05',
      nextFixture: '2026-12-12',
    });
    expect(seasonOn('2026-11-02', phases, [])).toEqual({ phase: 'pre-season', week: 1 });
  });

  it('runs over New Year, and a day outside counts as in-season', () => {
    expect(seasonOn('2027-01-04', phases, []).week).toBe(6);
    expect(seasonOn('2028-01-01', phases, [])).toEqual({ phase: 'in-season' });
  });

  it.each([
    ['2026-12-09', '2026-12-07'],
    ['2026-12-07', '2026-12-07'],
    ['2027-01-03', '2026-12-28'],
  ])('%s is in the week of %s', (day, monday) => {
    expect(mondayOf(day)).toBe(monday);
  });
});
