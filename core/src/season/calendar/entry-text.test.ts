import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readEntryText } from './entry-text';

const today = '2026-12-09';
const read = (text: string) => readEntryText(text, today);

describe('an entry as it is typed', () => {
  it.each([
    [
      'sat 12 dec 15:00 match Vestøy !',
      { kind: 'fixture', on: '2026-12-12', start: '15:00', name: 'Vestøy', importance: 2 },
    ],
    ['2026-12-20 regatta Sound !! ', { kind: 'fixture', on: '2026-12-20', name: 'Sound', importance: 3 }],
    [
      'fri practice 90 min e7 18.30 Hall one',
      { kind: 'practice', on: '2026-12-11', start: '18:30', minutes: 90, effort: 7, name: 'Hall one' },
    ],
    ['28 dec - 3 jan closed new floor', { kind: 'closed', on: '2026-12-28', until: '2027-01-03', name: 'new floor' }],
    ['5 jan travel', { kind: 'travel', on: '2027-01-05', name: 'Travel' }],
    ['1 nov to 30 nov away knee', { kind: 'away', on: '2026-11-01', until: '2026-11-30', name: 'knee' }],
    ['wed exams', { kind: 'exam', on: '2026-12-09', name: 'Exams' }],
    ['1 nov to 8 nov ill', { kind: 'away', on: '2026-11-01', until: '2026-11-08', name: 'Ill' }],
    [
      '18 feb - 19 mar fasting 20:00-23:00',
      { kind: 'hours', on: '2027-02-18', until: '2027-03-19', start: '20:00', end: '23:00', name: 'Fasting' },
    ],
    [
      'fri 22:30-00:15 practice',
      { kind: 'practice', on: '2026-12-11', start: '22:30', minutes: 105, name: 'Practice' },
    ],
    [
      'fri 18:30 practice held',
      { kind: 'practice', on: '2026-12-11', start: '18:30', name: 'Practice', despiteClosed: true },
    ],
    ['fri practice replaced', { kind: 'practice', on: '2026-12-11', name: 'Practice', replaced: true }],
    [
      'fri 17:00 travel ferry overnight',
      { kind: 'travel', on: '2026-12-11', start: '17:00', name: 'ferry', overnight: true },
    ],
    ['28 dec - 3 jan camp Coast', { kind: 'camp', on: '2026-12-28', until: '2027-01-03', name: 'Coast' }],
  ])('"%s"', (text, entry) => {
    expect(read(text)).toEqual({ entries: [entry] });
  });

  it('comes every week, to the end of the weeks that are laid or to a day', () => {
    const every = read('every tue, thu 18:30 practice 90 min e7 until 24 dec');
    if ('fault' in every) throw new Error(every.fault.message);
    expect(every.entries.map(({ on }) => on)).toEqual([
      '2026-12-10',
      '2026-12-15',
      '2026-12-17',
      '2026-12-22',
      '2026-12-24',
    ]);
    const open = read('every mon free');
    expect('entries' in open && open.entries.at(-1)?.on).toBe('2027-02-22');
  });

  it.each([
    ['match Vestøy', 'match', 'should be a day'],
    ['31 feb match', '31 feb', 'no day of that month'],
    ['2026-13-01 match', '2026-13-01', 'is no day'],
    ['12 dec', '', 'should say what it is'],
    ['12 dec 25:10 match', '25:10', 'no time of day'],
    ['12 dec practice 0 min', '0min', '1 to 1440'],
    ['12 dec practice e11', 'e11', 'e0 to e10'],
    ['12 dec - closed', 'closed', 'last day'],
    ['20 dec - 12 dec closed', '- 12 dec', 'ends before'],
    ['12 dec - 14 dec 15:00 match', '15:00', 'goes with one day'],
    ['every tue practice until soon', 'until soon', 'needs a day'],
    ['every fri free until 1 dec', 'until 2026-12-01', 'over before'],
  ])('"%s" is refused at "%s"', (text, part, message) => {
    const answer = read(text);
    if (!('fault' in answer)) throw new Error('was read');
    expect(answer.fault.part.trim()).toBe(part);
    expect(answer.fault.message).toContain(message);
  });

  it('is read or refused, whatever is typed', () => {
    const word = fc.constantFrom(
      'sat',
      '12 dec',
      'every',
      'tue',
      'until',
      '-',
      'match',
      '15:00',
      '90 min',
      'e7',
      '!',
      'x',
      '99',
    );
    fc.assert(
      fc.property(fc.array(fc.oneof(word, fc.string()), { maxLength: 9 }), (words) => {
        const answer = read(words.join(' '));
        if ('entries' in answer)
          for (const { on, until } of answer.entries) {
            expect(on).toMatch(/^\d{4}-\d{2}-\d{2}$/);
            if (until) expect(until > on).toBe(true);
          }
        else expect(answer.fault.message.length).toBeGreaterThan(0);
      }),
    );
  });
});
