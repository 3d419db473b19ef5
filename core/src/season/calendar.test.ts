import { describe, expect, it } from 'vitest';
import { clashesOf, counted, daysOf, type Entry, faultsOfEntry } from './calendar';
import { dayFacts } from './day-facts';

const entry = (changes: Partial<Entry>): Entry => ({
  id: 'a',
  kind: 'fixture',
  name: 'Vestøy',
  on: '2026-12-12',
  ...changes,
});

describe('a calendar', () => {
  it('counts the same match once, however it is written, and keeps the entry that says more', () => {
    const plain = entry({});
    const full = entry({ id: 'b', name: 'VESTØY!', start: '15:00', minutes: 90 });
    expect(clashesOf([plain, full])).toEqual([
      { kind: 'twice', ids: ['b', 'a'], words: 'VESTØY! on 2026-12-12 is there twice.' },
    ]);
    expect(counted([plain, full])).toEqual([full]);
    expect(counted([plain, entry({ id: 'c', start: '12:00' }), entry({ id: 'd', start: '18:00' })])).toHaveLength(2);
  });

  it('keeps both of what overlaps, and says so', () => {
    const practice = entry({ id: 'p', kind: 'practice', name: 'Hall', start: '14:00', minutes: 90 });
    const match = entry({ start: '15:00', minutes: 90 });
    expect(clashesOf([practice, match])[0]?.words).toBe('Hall and Vestøy overlap on 2026-12-12.');
    expect(clashesOf([practice, entry({ start: '15:30', minutes: 90 })])).toEqual([]);
    expect(counted([practice, match])).toHaveLength(2);
  });

  it('names what cannot be meant, and counts none of it', () => {
    const backwards = entry({ id: 'x', kind: 'practice', start: '18:30', minutes: -30 });
    const ended = entry({ id: 'y', kind: 'closed', until: '2026-12-01' });
    expect(faultsOfEntry(backwards)[0]).toMatchObject({
      field: 'minutes',
      message: expect.stringContaining('ends before it starts'),
    });
    expect(faultsOfEntry(ended)[0]).toMatchObject({
      field: 'until',
      message: expect.stringContaining('2026-12-12 or later'),
    });
    expect(faultsOfEntry(entry({ start: '23:00', minutes: 2000 }))).toHaveLength(1);
    expect(counted([backwards, ended, entry({})])).toEqual([entry({})]);
  });

  it('goes on over New Year', () => {
    expect(daysOf({ on: '2026-12-30', until: '2027-01-02' })).toEqual([
      '2026-12-30',
      '2026-12-31',
      '2027-01-01',
      '2027-01-02',
    ]);
    expect(daysOf({ on: '2027-02-28' })).toEqual(['2027-02-28']);
  });
});

describe('what a calendar says about a day', () => {
  const facts = (entries: Entry[], sessionAt = '18:00') => dayFacts(entries, '2026-12-07', '2026-12-13', sessionAt);

  it('counts hours to the next fixture from the hour of training', () => {
    const days = facts([entry({ start: '15:00' })]);
    expect(days[2]?.hoursToFixture).toBe(69);
    expect(days[1]?.hoursToFixture).toBe(93);
    expect(facts([entry({ start: '15:00' })], '12:00')[2]?.hoursToFixture).toBe(75);
    expect(facts([entry({})])[2]?.hoursToFixture).toBe(72);
    expect(days[6]?.hoursToFixture).toBe(Number.POSITIVE_INFINITY);
    expect(days.map((d) => d.beforeFixture)).toEqual([false, false, false, false, true, false, false]);
  });

  it('lets practices fall away while the hall is closed, and fixtures stand', () => {
    const practice = entry({ id: 'p', kind: 'practice', on: '2026-12-12', effort: 9 });
    const closed = entry({ id: 'c', kind: 'closed', on: '2026-12-07', until: '2026-12-20' });
    const [day] = dayFacts([entry({}), practice, closed], '2026-12-12', '2026-12-12', '18:00');
    expect(day?.practices).toEqual([]);
    expect(day?.keyPractice).toBeUndefined();
    expect(day?.fixture?.name).toBe('Vestøy');
  });

  it('knows the hardest practice of a day, travel and the day after, exams, and days away', () => {
    const on = '2026-12-09';
    const days = facts([
      entry({ id: 'p', kind: 'practice', on, effort: 5, start: '10:00' }),
      entry({ id: 'q', kind: 'practice', on, effort: 8, start: '19:00' }),
      entry({ id: 't', kind: 'travel', on: '2026-12-07', until: '2026-12-08' }),
      entry({ id: 'e', kind: 'exams', on }),
      entry({ id: 'w', kind: 'away', on: '2026-12-13' }),
    ]);
    expect(days[2]).toMatchObject({ keyPractice: { id: 'q' }, dayAfterTravel: true, travel: false, exams: true });
    expect(days[1]).toMatchObject({ beforeKeyPractice: true, travel: true, dayAfterTravel: false });
    expect(days[6]?.free).toBe(true);
  });
});
