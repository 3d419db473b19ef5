import { describe, expect, it } from 'vitest';
import type { PainReport } from '../athlete/athlete';
import { guardianNotices, type ToldOfSession } from './guardian-notice';
import { coachNote, redFlagList } from './red-flag-list';

const knee = (score: number): PainReport[] => [{ region: 'knee', side: 'left', score }];
const noted = (note: string): ToldOfSession => ({ report: { pain: [], note } });
const kinds = (told: ToldOfSession) => guardianNotices(told).map(({ kind }) => kind);

describe('what a guardian of a minor is told', () => {
  it.each<[string, ToldOfSession, string[]]>([
    ['nothing told', {}, []],
    ['pain up to 5 while training', { report: { pain: knee(5) } }, []],
    ['pain above 5', { report: { pain: knee(6) } }, ['pain']],
    ['pain above 5 before training', { readiness: { pain: knee(6) } }, ['pain']],
    ['pain above 5 in a session that is not finished', { readiness: { meanwhile: knee(6) } }, ['pain']],
    ['the same said again at its end', { readiness: { meanwhile: knee(6) }, report: { pain: knee(6) } }, ['pain']],
    ['up to 5 in a session that is not finished', { readiness: { meanwhile: knee(5) } }, []],
    ['2 the morning after', { report: { pain: [], morning: knee(2) } }, []],
    ['3 the morning after', { report: { pain: knee(3), morning: knee(3) } }, ['morning']],
    ['settled the morning after', { report: { pain: knee(4), morning: [] } }, []],
    ['a limp', noted('I limped home'), ['limp']],
    ['no limp', noted('no limp at all'), []],
    ['chest pain with pain', { report: { pain: knee(8), note: 'pain in my chest' } }, ['red-flag', 'pain']],
    ['what is her own to tell', noted('my periods stopped for 4 months'), []],
    ['what is his own to tell', noted('I think of hurting myself'), []],
    ['own beside what is told', noted('afraid to eat, and I fainted'), ['red-flag']],
  ])('%s', (_, told, expected) => expect(kinds(told)).toEqual(expected));

  it('has the words that the athlete saw for each sign of the list that may be told', () => {
    for (const flag of redFlagList) {
      const [first] = guardianNotices(noted(coachNote(flag)));
      if (flag.told) expect(first?.text).toBe(`${flag.seen}. ${flag.say}`);
      else expect(first).toBeUndefined();
    }
  });

  it('never repeats the note', () => {
    const note = 'hit my head, and do not tell mum about Jonas';
    for (const { text } of guardianNotices(noted(note))) expect(text).not.toContain('Jonas');
  });
});
