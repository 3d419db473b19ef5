import { describe, expect, it } from 'vitest';
import { clashesOf, daysOf, type Entry, faultsOfEntry, validEntries } from './calendar';

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
    expect(clashesOf([plain, full])[0]).toEqual({
      ...{ kind: 'twice', ids: ['b', 'a'] },
      words: 'VESTØY! on 2026-12-12 is there twice.',
    });
    expect(validEntries([plain, full])).toEqual([full]);
    expect(validEntries([plain, entry({ id: 'c', start: '12:00' }), entry({ id: 'd', start: '18:00' })])).toHaveLength(
      2,
    );
  });

  it('keeps both of what overlaps, and says so', () => {
    const practice = entry({ id: 'p', kind: 'practice', name: 'Hall', start: '14:00', minutes: 90 });
    const match = entry({ start: '15:00', minutes: 90 });
    expect(clashesOf([practice, match])[0]?.words).toBe('Hall and Vestøy overlap on 2026-12-12.');
    expect(clashesOf([practice, entry({ start: '15:30', minutes: 90 })])).toEqual([]);
    expect(validEntries([practice, match])).toHaveLength(2);
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
    expect(validEntries([backwards, ended, entry({})])).toEqual([entry({})]);
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

describe('entries that contradict each other', () => {
  it('are named, with what counts', () => {
    const practice = entry({ id: 'p', kind: 'practice', name: 'Hall', start: '18:00', minutes: 90 });
    const over = (kind: Entry['kind'], name: string) =>
      entry({ id: 'x', kind, name, on: '2026-12-10', until: '2026-12-14' });
    const words = (...entries: Entry[]) => clashesOf(entries).map((c) => c.words);
    const timed = entry({ start: '15:00', minutes: 60 });
    expect(words(timed, over('closed', 'Floor'))[0]).toContain('the fixture is still played');
    expect(words(timed, over('away', 'Ill'))[0]).toContain('not attended');
    expect(words(practice, over('camp', 'Coast'))[0]).toContain('the camp counts');
    expect(words(practice, over('free', 'Easter'))[0]).toContain('no session is scheduled');
    expect(words(practice, over('closed', 'Floor'))).toEqual([]);
  });

  it('a fixture that nobody has given a time is told, and one of several days is not', () => {
    expect(clashesOf([entry({})])).toMatchObject([{ kind: 'no-time', ids: ['a'] }]);
    expect(clashesOf([entry({ until: '2026-12-13' })])).toEqual([]);
    expect(clashesOf([entry({ start: '15:00' })])).toEqual([]);
  });

  it('the same practice from a file and from a feed is one', () => {
    const fromFile = entry({ id: 'u1', kind: 'practice', name: 'Hall', start: '18:30', minutes: 90 });
    const fromFeed = entry({ id: 'feed:f:u1', kind: 'practice', name: 'HALL', start: '18:30' });
    expect(validEntries([fromFile, fromFeed])).toEqual([fromFile]);
  });

  it('hours that are none are a fault', () => {
    expect(faultsOfEntry(entry({ kind: 'hours' }))).toMatchObject([{ field: 'start' }]);
    expect(faultsOfEntry(entry({ kind: 'hours', start: '20:00', end: '19:00' }))).toMatchObject([{ field: 'end' }]);
    expect(faultsOfEntry(entry({ kind: 'hours', start: '20:00', end: '23:00' }))).toEqual([]);
  });
});
