import { capacityOf } from '../capacity/capacity-of';
import type { Interval } from '../capacity/interval';
import { loadedPatterns } from '../capacity/reachable';
import { dayAfter, daysBetween } from '../date/days';
import { maxCounted } from '../dose/repetitions';
import { catalogueOf } from '../exercise/catalogue/catalogue';
import type { Loading } from '../exercise/mechanics/loading';
import type { Pattern } from '../exercise/model/vocabulary';
import { type ReportInput, reportWeeks } from './report-input';

/** What an athlete could do on a day, as far as it was known then: repetitions to failure. */
export interface StrengthPoint extends Interval {
  on: string;
}

/** How one movement has gone, in the exercise that says most about it. */
export interface StrengthCourse {
  pattern: Pattern;
  variant: string;
  name: string;
  /** The load that all of it is told for, kg; body weight where left out. */
  loadKg?: number;
  /** Oldest first. */
  points: readonly StrengthPoint[];
  /** Change from the first to the last, repetitions, and the least that is more than chance. */
  by: number;
  leastReal: number;
  is: 'more' | 'less' | 'noise';
}

/** Fewer days with records than this show no course; points of a course. */
const [minDays, maxPoints] = [3, 7];
/** The bounds of an estimate hold four times in five; 19 in 20 is so much wider. */
const widen = 1.96 / 1.2816;

const loadingOf = ({ loadKg, band }: { loadKg?: number; band?: NonNullable<Loading['band']> }): Loading => ({
  ...(loadKg === undefined ? {} : { loadKg }),
  ...(band === undefined ? {} : { band }),
});

/** Days spread over those that there are, the first and the last among them. */
function spread(days: readonly string[]): string[] {
  if (days.length <= maxPoints) return [...days];
  return Array.from(
    { length: maxPoints },
    (_, i) => days[Math.round((i * (days.length - 1)) / (maxPoints - 1))] as string,
  );
}

/**
 * How strong an athlete has become in each movement pattern that was trained often enough: repetitions to failure with one load, as they would have
 * been told on each day from what was known up to then. What two estimates differ by chance is no change.
 *
 * @example strengthCourses({ athlete, own: [], sessions: [], today: '2026-12-09' }) // []
 */
export function strengthCourses({ athlete, own, today }: ReportInput): StrengthCourse[] {
  const catalogue = catalogueOf([...own]);
  const from = dayAfter(today, -7 * reportWeeks);
  const records = (athlete.shown ?? []).filter(
    ({ on, counts }) => on > from && on <= today && counts === 'repetitions',
  );
  return loadedPatterns.flatMap((pattern): StrengthCourse[] => {
    const own = records.filter(({ variant }) => catalogue.byId(variant)?.pattern === pattern);
    const days = new Map<string, Set<string>>();
    for (const { variant, on } of own) days.set(variant, (days.get(variant) ?? new Set()).add(on));
    const [best] = [...days].sort(([, a], [, b]) => b.size - a.size);
    if (!best || best[1].size < minDays) return [];
    const [id, on] = best;
    const variant = catalogue.byId(id);
    const last = own
      .filter((record) => record.variant === id)
      .sort((a, b) => a.on.localeCompare(b.on))
      .at(-1);
    if (!variant || !last) return [];
    const loading = loadingOf(last);
    const points = spread([...on].sort()).flatMap((day): StrengthPoint[] => {
      const known = { ...athlete, shown: (athlete.shown ?? []).filter((record) => record.on <= day) };
      const able = capacityOf(known, day, catalogue).toFailure(variant, loading);
      return able
        ? [{ on: day, low: able.low, mid: Math.min(able.mid, maxCounted), high: Math.min(able.high, maxCounted) }]
        : [];
    });
    const [first, end] = [points[0], points.at(-1)];
    // Beyond what anybody counts there is nothing to tell.
    if (!first || !end || points.length < 2 || end.mid >= maxCounted) return [];
    const by = end.mid - first.mid;
    // Two days of one athlete share what is not known about the athlete: the later estimate's own width is what remains.
    const leastReal = Math.max(1, ((end.high - end.low) / 2) * widen);
    return [
      {
        ...{ pattern, variant: id, name: variant.name, points, by, leastReal },
        ...(last.loadKg === undefined ? {} : { loadKg: last.loadKg }),
        is: Math.abs(by) < leastReal ? 'noise' : by > 0 ? 'more' : 'less',
      },
    ];
  });
}

/** Whole weeks between the ends of a course. */
export const weeksOfCourse = ({ points }: StrengthCourse): number =>
  Math.max(1, Math.round(daysBetween((points[0] as StrengthPoint).on, (points.at(-1) as StrengthPoint).on) / 7));
