import { describe, expect, it } from 'vitest';
import { dueReminders, isQuiet, type ReminderCase } from './reminders';

const wishes = {
  ...{ sessionAt: 1020, morningAt: 480, whenSent: true },
  ...{ quietFrom: 1260, quietTo: 420, timeZone: 'Europe/Oslo' },
};
const session = { id: 's', on: '2026-12-09', done: false, minutes: 30 };
const keysAt = (minute: number, change: Partial<ReminderCase> = {}) =>
  dueReminders({ on: '2026-12-09', minute, wishes, session, gone: new Set(), ...change }).map(({ key }) => key);

describe('reminders', () => {
  it.each([
    [419, true],
    [420, false],
    [1259, false],
    [1260, true],
    [0, true],
  ])('minute %i is quiet: %s', (minute, quiet) => {
    expect(isQuiet(minute, wishes)).toBe(quiet);
    expect(keysAt(minute).length > 0).toBe(!quiet);
  });

  it('hours from one to the same are none, hours within a day need no midnight', () => {
    expect(isQuiet(600, { quietFrom: 600, quietTo: 600 })).toBe(false);
    expect([779, 780, 839, 840].map((m) => isQuiet(m, { quietFrom: 780, quietTo: 840 }))).toEqual([
      ...[false, true, true, false],
    ]);
  });

  it('say that a session was sent, then that it is today, each once and not both at once', () => {
    expect(keysAt(500)).toEqual(['sent s']);
    expect(keysAt(1020)).toEqual(['session s']);
    expect(keysAt(1020, { gone: new Set(['session s']) })).toEqual([]);
    expect(keysAt(1020, { session: { ...session, on: '2026-12-10' } })).toEqual(['sent s']);
    expect(keysAt(1020, { session: { ...session, done: true } })).toEqual([]);
  });

  it('ask of the morning after from its hour on; what is not wished does not come', () => {
    const morning = { sessionId: 'm' };
    expect(keysAt(479, { morning, session: { ...session, done: true } })).toEqual([]);
    expect(keysAt(480, { morning, session: { ...session, done: true } })).toEqual(['morning m']);
    const none = { ...wishes, sessionAt: null, morningAt: null, whenSent: false };
    expect(keysAt(1100, { morning, wishes: none })).toEqual([]);
  });
});
