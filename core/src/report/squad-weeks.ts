import { dayAfter, daysBetween, mondayOf } from '../date/days';
import type { Fixture, PhaseSpan } from '../season/calendar/season-on';

/** What a week of one athlete came to, as a squad view needs it. */
export interface SquadWeek {
  /** Monday, ISO date. */
  from: string;
  sent: number;
  done: number;
  /** Session RPE times minutes, summed. */
  load: number;
  /** Worst pain reported; null where nobody did. */
  pain: number | null;
}

/** Where a week stands against what is usual for somebody. */
export interface Usual {
  /** Median load of the weeks before that held anything. */
  load: number;
  /** The week over it. */
  ratio: number;
  is: 'above' | 'below' | 'usual';
}

/** Weeks that say what is usual; fewer say nothing. From so much on it is off. Common practice, no source. */
const [usualWeeks, minWeeks, above, below] = [6, 3, 1.5, 0.5];

const median = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length % 2
    ? (sorted[middle] as number)
    : ((sorted[middle - 1] as number) + (sorted[middle] as number)) / 2;
};

/**
 * Whether the last whole week of somebody was off what is usual for him or her. Undefined with too few weeks to tell.
 *
 * @param weeks oldest first, the current one last and not counted
 * @example againstUsual([{ from: '2026-11-16', sent: 2, done: 2, load: 300, pain: 0 }]) // undefined
 */
export function againstUsual(weeks: readonly SquadWeek[]): Usual | undefined {
  const whole = weeks.slice(0, -1);
  const last = whole.at(-1);
  const before = whole
    .slice(0, -1)
    .slice(-usualWeeks)
    .filter(({ load }) => load > 0);
  if (!last || before.length < minWeeks) return undefined;
  const load = median(before.map((week) => week.load));
  const ratio = last.load / load;
  return { load, ratio, is: ratio > above ? 'above' : ratio < below ? 'below' : 'usual' };
}

/** When somebody is to be at the best: the next fixture that matters, else the one after the next taper, else the next. */
export function nextPeak(
  { fixtures, phases }: { fixtures: readonly Fixture[]; phases: readonly PhaseSpan[] },
  today: string,
): { name: string; on: string; inWeeks: number } | undefined {
  const ahead = fixtures.filter(({ on }) => on >= today).sort((a, b) => a.on.localeCompare(b.on));
  const taper = phases.find(({ phase, endsOn }) => phase === 'taper' && endsOn >= today);
  const peak =
    ahead.find(({ importance }) => (importance ?? 1) > 1) ??
    (taper && ahead.find(({ on }) => on >= taper.startsOn)) ??
    ahead[0];
  return peak && { name: peak.name, on: peak.on, inWeeks: Math.round(daysBetween(today, peak.on) / 7) };
}

/** Mondays of so many weeks up to a day, oldest first. @example mondaysTo('2026-12-09', 2) // ['2026-11-30', '2026-12-07'] */
export const mondaysTo = (today: string, count: number): string[] =>
  Array.from({ length: count }, (_, i) => dayAfter(mondayOf(today), -7 * (count - 1 - i)));
