import { describe, expect, it } from 'vitest';
import { readCalendar } from './icalendar-read';

describe('a calendar that is made to be too much', () => {
  const span = { zone: 'Europe/Oslo', from: '2026-10-01', to: '2028-01-15', otherwise: 'fixture' } as const;
  const calendar = (events: readonly string[]) => ['BEGIN:VCALENDAR', ...events, 'END:VCALENDAR'].join('\r\n');
  const event = (i: number, ...lines: string[]) =>
    ['BEGIN:VEVENT', `UID:${i}`, 'DTSTART:20261201T180000Z', ...lines, 'END:VEVENT'].join('\r\n');

  it.each(['FREQ=MINUTELY', 'FREQ=SECONDLY', 'FREQ=HOURLY;INTERVAL=2', 'FREQ=DAILY;BYHOUR=1,2,3'])(
    'does not follow %s, and says so by line',
    (rule) => {
      const { entries, bad } = readCalendar(calendar([event(1, `RRULE:${rule}`)]), span);
      expect(entries).toEqual([]);
      expect(bad).toEqual([{ line: 5, message: 'comes again within a day; daily is the most that is read' }]);
    },
  );

  it('keeps a bounded number of what 200 daily events come to, and says what is left out', () => {
    const text = calendar(Array.from({ length: 200 }, (_, i) => event(i, 'RRULE:FREQ=DAILY')));
    const { entries, bad } = readCalendar(text, span);
    expect(entries.length).toBeLessThanOrEqual(3000);
    expect(bad.some(({ message }) => message.includes('3000 entries'))).toBe(true);
  });

  it('does not walk through centuries of days to reach the season', () => {
    const old = event(1, 'RRULE:FREQ=DAILY').replace('20261201', '16000101');
    expect(readCalendar(calendar([old]), span).bad[0]?.message).toContain('comes again too often');
  });

  it('reads no more than some thousands of single events', () => {
    const { entries } = readCalendar(calendar(Array.from({ length: 27_000 }, (_, i) => event(i))), span);
    expect(entries.length).toBeLessThanOrEqual(3000);
  });
});
