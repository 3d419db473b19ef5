import { seeded } from '../src/common/seeded-random';
import { dayAfter } from '../src/date/days';
import type { CalendarCase, CaseEntry } from '../src/season/scheduler/case';

/** A plain case: two practices and a match a week, a steady history. */
export const plainCase = (more: Partial<CalendarCase> = {}): CalendarCase => ({
  athlete: { level: 'intermediate', age: 24, sport: 'handball', role: 'back' },
  phase: 'in-season',
  from: '2027-01-11',
  weeks: 2,
  calendar: [0, 7].flatMap((d): CaseEntry[] => [
    { kind: 'practice', name: 'Practice', date: dayAfter('2027-01-12', d), time: '19:00', minutes: 90, effort: 7 },
    { kind: 'practice', name: 'Practice', date: dayAfter('2027-01-14', d), time: '19:00', minutes: 75, effort: 5 },
    { kind: 'fixture', name: 'Match', date: dayAfter('2027-01-16', d), time: '16:00', minutes: 60, effort: 8 },
  ]),
  athleteHistory: [1, 2, 3, 4].map((weeksAgo) => ({
    weeksAgo,
    sessions: 2,
    minutes: 65,
    heavyLower: 6,
    heavyUpper: 6,
    contacts: 40,
    eccentric: 3,
    sportLoad: 1600,
  })),
  houseRules: {
    days: 'consolidate',
    loading: 'steady',
    sessionsPerWeek: { min: 2, max: 3 },
    sessionAt: '18:00',
  },
  ...more,
});

/** A calendar drawn at random; the same number draws the same. */
export function randomCase(seed: number): CalendarCase {
  const random = seeded(seed * 104729);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const weeks = pick([1, 2, 2, 3]);
  const from = '2027-01-11';
  const calendar: CaseEntry[] = [];
  for (let d = -7; d < 7 * weeks + 10; d++) {
    const date = dayAfter(from, d);
    const roll = random();
    if (roll < 0.12)
      calendar.push({
        kind: 'fixture',
        name: 'Match',
        date,
        time: pick(['11:00', '16:00', '19:30']),
        minutes: 80,
        importance: pick([1, 1, 1, 2, 3]),
        ...(random() < 0.2 ? { played: pick([0, 15, 60]) } : {}),
      });
    else if (roll < 0.45)
      calendar.push({
        kind: 'practice',
        name: 'Practice',
        date,
        time: pick(['06:30', '17:00', '19:00', '20:30']),
        minutes: pick([60, 90, 120]),
        effort: pick([3, 5, 6, 7, 8]),
      });
    else if (roll < 0.5)
      calendar.push({ kind: 'travel', name: 'Away', date, time: '15:00', minutes: pick([120, 800]) });
    else if (roll < 0.53) calendar.push({ kind: 'free', name: 'Free', date });
    else if (roll < 0.56) calendar.push({ kind: 'exam', name: 'Exam', date });
  }
  if (random() < 0.15) calendar.push({ kind: 'away', name: 'Ill', date: dayAfter(from, -6), until: dayAfter(from, 2) });
  if (random() < 0.2)
    calendar.push({
      kind: 'pinned-session',
      name: 'Legs',
      date: dayAfter(from, Math.floor(random() * 7 * weeks)),
      type: pick(['lower-body', 'upper-body', 'whole-body'] as const),
      minutes: 40,
    });
  const plain = plainCase();
  return {
    ...plain,
    athlete: {
      level: pick(['beginner', 'intermediate', 'advanced'] as const),
      age: pick([14, 17, 22, 30, 46]),
      sport: pick(['handball', 'football', 'swimming', 'rowing', 'distance-running']),
    },
    phase: pick(['in-season', 'pre-season', 'general-preparation', 'off-season'] as const),
    weeks,
    calendar,
    houseRules: {
      ...plain.houseRules,
      days: pick(['consolidate', 'spread'] as const),
      loading: pick(['steady', 'waved', 'undulating'] as const),
      sessionsPerWeek: pick([
        { min: 1, max: 2 },
        { min: 2, max: 3 },
        { min: 3, max: 4 },
      ]),
    },
    ...(random() < 0.3 ? {} : { athleteHistory: plain.athleteHistory as NonNullable<CalendarCase['athleteHistory']> }),
  };
}
