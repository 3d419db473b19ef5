import { describe, expect, it } from 'vitest';
import type { PainReport } from '../athlete/athlete';
import { guardianNotices, type ToldOfSession } from './guardian-notice';
import { coachNote, redFlagList } from './red-flag-list';

const knee = (score: number): PainReport[] => [{ region: 'knee', side: 'left', score }];
const kinds = (told: ToldOfSession) => guardianNotices(told).map(({ kind }) => kind);

describe('what a guardian of a minor is told', () => {
  it.each<[string, ToldOfSession, string[]]>([
    ['nothing told', {}, []],
    ['pain up to 5 while training', { during: knee(5) }, []],
    ['pain above 5', { during: knee(6) }, ['pain']],
    ['pain above 5 before training', { before: knee(6) }, ['pain']],
    ['2 the morning after', { morning: knee(2) }, []],
    ['3 the morning after', { during: knee(3), morning: knee(3) }, ['morning']],
    ['settled the morning after', { during: knee(4), morning: [] }, []],
    ['a limp', { note: 'I limped home' }, ['limp']],
    ['no limp', { note: 'no limp at all' }, []],
    ['chest pain with pain', { during: knee(8), note: 'pain in my chest' }, ['red-flag', 'pain']],
    ['what is her own to tell', { note: 'my periods stopped for 4 months' }, []],
    ['what is his own to tell', { note: 'I think of hurting myself' }, []],
    ['own beside what is told', { note: 'afraid to eat, and I fainted' }, ['red-flag']],
  ])('%s', (_, told, expected) => expect(kinds(told)).toEqual(expected));

  it('has the words that the athlete saw for each sign of the list that may be told', () => {
    for (const flag of redFlagList) {
      const [first] = guardianNotices({ note: coachNote(flag) });
      if (flag.told) expect(first?.text).toBe(`${flag.seen}. ${flag.say}`);
      else expect(first).toBeUndefined();
    }
  });

  it('never repeats the note', () => {
    const note = 'hit my head, and do not tell mum about Jonas';
    for (const { text } of guardianNotices({ note })) expect(text).not.toContain('Jonas');
  });
});
