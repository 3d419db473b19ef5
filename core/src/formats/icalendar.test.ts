import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { dayAfter } from '../date/days';
import { isZone, momentOf, wallTimeAt } from '../date/zone-time';
import { type Entry, entryKinds } from '../season/calendar/calendar';
import { readCalendar } from './icalendar-read';
import { writeCalendar } from './icalendar-write';

const options = { zone: 'Europe/Oslo', from: '2026-12-01', to: '2027-07-01', otherwise: 'fixture' } as const;
const read = (name: string) =>
  readCalendar(readFileSync(new URL(`./icalendar-cases/${name}.ics`, import.meta.url), 'utf8'), options);
const told = (entries: readonly Entry[]) =>
  entries.map(({ kind, on, until, start, minutes, name }) => [kind, on, until ?? start ?? '', minutes ?? 0, name]);

describe('reading a calendar file', () => {
  it('reads folded lines with CRLF', () => {
    expect(told(read('folded-crlf').entries)).toEqual([
      ['fixture', '2026-12-12', '15:00', 90, 'Skarvøy against Vestøy, cup match of the north; doors at two'],
    ]);
    expect(read('folded-crlf').bad).toEqual([]);
  });

  it('reads line feeds alone, a zone by its name and a length instead of an end', () => {
    expect(told(read('line-feeds-only').entries)).toEqual([
      ['fixture', '2026-12-12', '15:00', 90, 'Match against Brenholm'],
    ]);
  });

  it('reads zones that bring their own rules, in winter and in summer, and far ones on the club clock', () => {
    const { entries, bad } = read('own-time-zone');
    expect(bad).toEqual([]);
    expect(told(entries)).toEqual([
      ['fixture', '2026-12-12', '15:00', 90, 'Match in winter'],
      ['fixture', '2026-12-13', '14:30', 120, 'Match far away'],
      ['fixture', '2027-06-12', '15:00', 90, 'Match in summer'],
    ]);
  });

  it('tells what comes again over the days, at the same hour after summer time begins, less what was dropped, moved or called off', () => {
    const { entries, cancelled, bad } = read('weekly-over-summer-time');
    expect(bad).toEqual([]);
    expect(entries.map(({ on, start }) => `${on} ${start}`)).toEqual([
      '2027-03-16 19:00',
      '2027-03-18 19:00',
      '2027-03-23 19:00',
      '2027-03-31 20:00',
      '2027-04-06 19:00',
      '2027-04-08 19:00',
    ]);
    expect(entries.every((e) => e.kind === 'practice' && e.minutes === 90)).toBe(true);
    expect(cancelled).toEqual(['hall|2027-04-01']);
    expect(new Set(entries.map((e) => e.id)).size).toBe(6);
  });

  it('leaves out what was called off, and says which', () => {
    const { entries, cancelled } = read('cancelled');
    expect(entries.map((e) => e.id)).toEqual(['on']);
    expect(cancelled).toEqual(['off']);
  });

  it('reads whole days over New Year, the last day of the file not among them', () => {
    expect(told(read('whole-days').entries)).toEqual([
      ['free', '2026-12-24', '', 0, 'Holiday'],
      ['closed', '2026-12-28', '2027-01-03', 0, 'Hall closed'],
    ]);
  });

  it('tells bad lines by their number and keeps the rest', () => {
    const { entries, bad } = read('bad-lines');
    expect(entries.map((e) => e.id)).toEqual(['good', 'rule', 'nowhere', 'last']);
    expect(bad).toEqual([
      { line: 7, message: 'is no line of a calendar: "this line is none"' },
      { line: 12, message: '"20261332T140000Z" is no date; 20261209 or 20261209T180000 would be' },
      { line: 18, message: 'ends before it starts' },
      { line: 24, message: 'cannot be read: "RRULE:FREQ=SOMETIMES"' },
      { line: 29, message: 'time zone "Nowhere/Land" is not known; taken for Europe/Oslo' },
      { line: 33, message: 'is an event without a start' },
      { line: 37, message: 'ends VTODO, which was not begun' },
    ]);
  });

  it('keeps what is whole of a file that was cut off', () => {
    const { entries, bad } = read('cut-off');
    expect(entries.map((e) => e.id)).toEqual(['whole']);
    expect(bad.map(({ line, message }) => `${line} ${message}`)).toEqual([
      '1 VCALENDAR is begun and not ended',
      '9 VEVENT is begun and not ended; it is left out',
    ]);
  });

  it('says of a web page that it is no calendar', () => {
    expect(read('web-page')).toEqual({
      entries: [],
      cancelled: [],
      bad: [
        {
          line: 1,
          message: 'is no calendar: it begins with "<!doctype html> <html><body>Th", not with BEGIN:VCALENDAR',
        },
      ],
    });
    expect(readCalendar('', options).bad).toEqual([{ line: 1, message: 'is empty' }]);
  });

  it('never throws, whatever it is given', () => {
    const piece = fc.constantFrom(
      'BEGIN:VCALENDAR',
      'END:VCALENDAR',
      'BEGIN:VEVENT',
      'END:VEVENT',
      'BEGIN:VTIMEZONE',
      'END:VTIMEZONE',
      'UID:a',
      'DTSTART:20261212T140000Z',
      'DTSTART;TZID=x:20261212T250000',
      'DTEND;VALUE=DATE:20261212',
      'RRULE:FREQ=DAILY',
      'RRULE:FREQ=DAILY;COUNT=-1;INTERVAL=0',
      'RECURRENCE-ID:nothing',
      'EXDATE:,,',
      'DURATION:-P1W',
      ' folded',
      ';;:',
    );
    fc.assert(
      fc.property(fc.array(fc.oneof(piece, fc.string()), { maxLength: 20 }), (lines) => {
        const { bad, entries } = readCalendar(lines.join('\r\n'), options);
        expect(Array.isArray(bad) && Array.isArray(entries)).toBe(true);
      }),
      { numRuns: 400 },
    );
  });
});

const zones = ['Europe/Oslo', 'America/St_Johns', 'Pacific/Auckland', 'UTC'] as const;
const anEntry = fc
  .record({
    id: fc.uuid(),
    kind: fc.constantFrom(...entryKinds),
    name: fc.stringMatching(/^[A-Za-z,;:\\"øåæ é-]{1,90}[A-Za-z]$/).map((name) => name.trim()),
    day: fc.integer({ min: 0, max: 200 }),
    days: fc.integer({ min: 1, max: 9 }),
    minute: fc.option(fc.integer({ min: 0, max: 1439 })),
    minutes: fc.integer({ min: 1, max: 300 }),
    importance: fc.option(fc.constantFrom(1, 2, 3)),
  })
  .filter(({ name }) => name.length > 0)
  .map(({ id, kind, name, day, days, minute, minutes, importance }): Entry => {
    const on = dayAfter('2026-12-01', day);
    const two = (n: number) => String(n).padStart(2, '0');
    return {
      id,
      kind,
      name,
      on,
      ...(minute === null && days > 1 ? { until: dayAfter(on, days - 1) } : {}),
      ...(minute === null ? {} : { start: `${two(Math.floor(minute / 60))}:${two(minute % 60)}`, minutes }),
      ...(importance === null ? {} : { importance }),
    };
  });

describe('writing a calendar file', () => {
  const asOf = new Date('2026-12-09T12:00:00Z');

  it('is read back identically by another reader', () => {
    fc.assert(
      fc.property(fc.array(anEntry, { maxLength: 6 }), fc.constantFrom(...zones), (entries, zone) => {
        const calendar = new ICAL.Component(ICAL.parse(writeCalendar({ name: 'Seniors', zone, asOf }, entries)));
        const events = calendar.getAllSubcomponents('vevent').map((component) => new ICAL.Event(component));
        expect(
          events.map((e) => [
            e.uid,
            e.summary,
            e.startDate.isDate ? e.startDate.toString() : e.startDate.toUnixTime() * 1000,
            e.startDate.isDate ? e.endDate.toString() : e.endDate.toUnixTime() * 1000,
          ]),
        ).toEqual(
          entries.map(({ id, name, on, until, start, minutes = 0 }) => {
            if (start === undefined) return [id, name, on, dayAfter(until ?? on, 1)];
            const from = momentOf({ on, time: start }, zone);
            return [id, name, from, from + minutes * 60_000];
          }),
        );
      }),
    );
  });

  it('is read back identically by this one, summer time or not', () => {
    fc.assert(
      fc.property(fc.array(anEntry, { maxLength: 6 }), fc.constantFrom(...zones), (entries, zone) => {
        const back = readCalendar(writeCalendar({ name: 'Seniors', zone, asOf }, entries), { ...options, zone });
        // The hour that summer time leaves out is no hour of a clock.
        const there = entries.filter(
          ({ on, start }) => !start || wallTimeAt(momentOf({ on, time: start }, zone), zone).time === start,
        );
        const known = (list: readonly Entry[]) => Object.fromEntries(list.map((entry) => [entry.id, entry]));
        expect(known(back.entries)).toMatchObject(known(there));
        expect(back.bad).toEqual([]);
      }),
    );
  });

  it('folds lines at 75 octets', () => {
    const text = writeCalendar({ name: 'Ø'.repeat(90), zone: 'UTC', asOf }, [
      { id: 'a', name: 'Vestøy, '.repeat(30), on: '2026-12-12' },
    ]);
    for (const line of text.split('\r\n')) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
  });
});

describe('times of a zone', () => {
  it('knows the zones, and the two days of the year when clocks are moved', () => {
    expect(isZone('Europe/Oslo')).toBe(true);
    expect(isZone('Nowhere/Land')).toBe(false);
    expect(momentOf({ on: '2026-12-09', time: '18:00' }, 'Europe/Oslo')).toBe(Date.parse('2026-12-09T17:00:00Z'));
    expect(momentOf({ on: '2027-03-28', time: '18:00' }, 'Europe/Oslo')).toBe(Date.parse('2027-03-28T16:00:00Z'));
    expect(momentOf({ on: '2027-03-28', time: '02:30' }, 'Europe/Oslo')).toBe(Date.parse('2027-03-28T01:30:00Z'));
    expect(momentOf({ on: '2027-10-31', time: '02:30' }, 'Europe/Oslo')).toBe(Date.parse('2027-10-31T00:30:00Z'));
  });
});
