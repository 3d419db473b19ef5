import { dayAfter } from '../src/athlete/athlete';
import type { Entry } from '../src/season/calendar';
import { dayFacts } from '../src/season/day-facts';
import type { LayingProblem } from '../src/season/laying';
import type { LayingRules } from '../src/season/laying-rules';
import { sessionKinds } from '../src/season/session-kind';
import { loadingSchools, weekAsk } from '../src/season/week-ask';
import { codeOf } from '../src/season/week-problem';
import { seeded } from '../src/seeded';
import { phases } from '../src/session/brief';

const monday = '2026-12-07';

/** Weeks of all sorts to be laid, the same for the same seed; with few, most can be laid, with many, some cannot. */
export function randomCalendar(seed: number, weeks: number, dense = 1): LayingProblem & { entries: Entry[] } {
  const random = seeded(seed);
  const one = <T>(list: readonly T[]) => list[Math.floor(random() * list.length)] as T;
  const day = () => dayAfter(monday, Math.floor(random() * 7 * weeks));
  const times = ['07:30', '15:00', '18:00', '19:15', undefined] as const;
  const some = (most: number, entry: (id: string) => Omit<Entry, 'id'>) =>
    Array.from({ length: Math.round(random() * most * weeks * dense) }, (_, i) => {
      const id = `${i}-${Math.floor(random() * 1e6)}`;
      return { id, ...entry(id) };
    });
  const start = () => {
    const time = one(times);
    return time ? { start: time } : {};
  };
  const entries: Entry[] = [
    ...some(1.6, (id) => ({ kind: 'fixture', name: id, on: day(), importance: one([1, 1, 2, 3]), ...start() })),
    ...some(3, (id) => ({ kind: 'practice', name: id, on: day(), minutes: 90, effort: one([3, 5, 7, 9]), ...start() })),
    ...some(0.5, (id) => ({ kind: 'free', name: id, on: day() })),
    ...some(0.4, (id) => ({ kind: 'travel', name: id, on: day() })),
    ...some(0.2, (id) => {
      const on = day();
      return { kind: one(['exams', 'closed'] as const), name: id, on, until: dayAfter(on, 3) };
    }),
  ];
  const least = one([1, 2, 2, 3]);
  const rules: LayingRules = {
    least,
    most: Math.min(4, least + one([0, 1, 1])),
    restDays: one([0, 1, 2]),
    heavyApartHours: one([48, 48, 72]),
    jumpsApartHours: one([48, 72]),
    lengtheningBeforeHours: one([48, 72]),
    sessionAt: one(['07:00', '18:00', '20:00']),
  };
  const facts = dayFacts(entries, monday, dayAfter(monday, 7 * weeks - 1), rules.sessionAt);
  const pastDays = random() < 0.3 ? Math.floor(random() * 5) : 0;
  const whom = { minutes: one([20, 30, 60]), mostContacts: one([80, 120]) };
  const [phase, school] = [one(phases), one(loadingSchools)];
  const kind = () => codeOf(one(sessionKinds.filter((k) => k !== 'primer')));
  return {
    entries,
    rules,
    entry: [random() < 0.3 ? kind() : 0, random() < 0.3 ? kind() : 0],
    weeks: Array.from({ length: weeks }, (_, w) => ({
      days: facts.slice(7 * w, 7 * w + 7),
      ask: weekAsk(phase, w + 1, school, whom, rules),
      fixed: Array.from({ length: 7 }, (_, d) => {
        const isPast = w === 0 && d < pastDays;
        if (random() < (isPast ? 0.3 : 0.03)) return kind();
        return isPast ? 0 : undefined;
      }),
      pins: Array.from({ length: 7 }, () => (random() < 0.04 * dense ? kind() : undefined)),
      before: Array.from({ length: 7 }, () => undefined),
      relaxed: 0,
      levels: [1],
    })),
  };
}
