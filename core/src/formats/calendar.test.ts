import Ajv from 'ajv/dist/2020';
import { describe, expect, it } from 'vitest';
import published from '../../../docs/formats/calendar.schema.json';
import { plainCase } from '../../test/calendar-cases';
import { readCalendar } from './calendar';
import { calendarSchema } from './calendar-schema';

const plain = () => JSON.parse(JSON.stringify({ format: 'tropaeum-calendar/1', ...plainCase() }));
const valid = new Ajv({ strict: false }).compile(calendarSchema);

describe('a calendar to be laid', () => {
  it('is read, and agrees with the published schema', () => {
    expect(readCalendar(plain())).toEqual({ calendar: { format: 'tropaeum-calendar/1', ...plainCase() } });
    expect(valid(plain())).toBe(true);
    expect(published).toEqual(JSON.parse(JSON.stringify(calendarSchema)));
  });

  it.each([
    ['from', { from: '2027-01-12' }, 'must be a Monday'],
    ['weeks', { weeks: 9 }, 'must be 4 weeks or less'],
    ['phase', { phase: 'playoffs' }, 'must be one of'],
    ['athlete.sport', { athlete: { level: 'advanced', age: 20, sport: 'hopscotch' } }, 'must be one of'],
    ['calendar[0].kind', { calendar: [{ kind: 'party', name: 'P', date: '2027-01-12' }] }, 'must be one of'],
    [
      'calendar[0].until',
      { calendar: [{ kind: 'camp', name: 'C', date: '2027-01-12', until: '2027-01-11' }] },
      'must be the first day or later',
    ],
    [
      'calendar[0].time',
      { calendar: [{ kind: 'practice', name: 'P', date: '2027-01-12', time: '25:00' }] },
      'must be a time of day',
    ],
    [
      'calendar[0].type',
      { calendar: [{ kind: 'pinned-session', name: 'Legs', date: '2027-01-12' }] },
      'a pinned session has a type',
    ],
    [
      'houseRules.sessionsPerWeek.max',
      { houseRules: { ...plainCase().houseRules, sessionsPerWeek: { min: 3, max: 2 } } },
      'must be min or more',
    ],
  ])('names %s and what would be right', (path, change, message) => {
    const read = readCalendar({ ...plain(), ...change });
    if (!('faults' in read)) throw new Error('read without fault');
    expect(read.faults.find((f) => f.path === path)?.message).toContain(message);
  });
});
