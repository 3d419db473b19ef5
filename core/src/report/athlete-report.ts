import type { PainReport } from '../athlete/athlete';
import { painLimits } from '../athlete/pain-limits';
import { battery, type HomeTest } from '../capacity/battery';
import { evenFrom, type SideIndex, sideIndex, type Trend, trendOf } from '../capacity/test-trend';
import { capital, partWords } from '../common/text';
import { dayAfter } from '../date/days';
import { catalogueOf } from '../exercise/catalogue/catalogue';
import { isSamePlace } from '../limits/release';
import { type ReportInput, reportWeeks } from './report-input';
import { type StrengthCourse, strengthCourses, weeksOfCourse } from './strength-course';
import { type ReportWeek, weeksOf } from './weeks';

/** Left against right in one exercise over the last weeks. */
export interface SideComparison {
  name: string;
  /** Mean of a set. */
  left: number;
  right: number;
  /** Weaker over stronger, 0 to 1. */
  index: number;
  weaker: 'left' | 'right' | 'neither';
}

/** Pain of one part over time. */
export interface PainCourse {
  place: PainReport;
  points: readonly { on: string; score: number }[];
}

export interface TestCourse {
  test: HomeTest;
  side?: 'left' | 'right';
  trend: Trend;
}

/** How an athlete has got on, in figures and in plain sentences. */
export interface AthleteReport {
  weeks: readonly ReportWeek[];
  strength: readonly StrengthCourse[];
  tests: readonly TestCourse[];
  sides: readonly SideComparison[];
  testSides: readonly (SideIndex & { name: string })[];
  pain: readonly PainCourse[];
  /** What matters most first. */
  sentences: readonly string[];
}

/** Weeks whose sets are compared, and the fewest of a side that say something. */
const [sideWeeks, minSets] = [4, 4];

function sideComparisons({ athlete, own, today }: ReportInput): SideComparison[] {
  const { byId } = catalogueOf([...own]);
  const since = dayAfter(today, -7 * sideWeeks);
  const recent = (athlete.shown ?? []).filter(({ on, side }) => on > since && side !== 'both');
  const ids = [...new Set(recent.map(({ variant }) => variant))];
  return ids
    .flatMap((id): SideComparison[] => {
      const amounts = (side: 'left' | 'right') =>
        recent
          .filter((record) => record.variant === id && record.side === side)
          // What was left counts as done: a side that stops early with much left is not weaker.
          .flatMap(({ sets }) => sets.map(({ amount, reserve }) => amount + (reserve ?? 0)));
      const [l, r] = [amounts('left'), amounts('right')];
      const name = byId(id)?.name;
      if (!name || l.length < minSets || r.length < minSets) return [];
      const mean = (values: readonly number[]) => values.reduce((a, b) => a + b, 0) / values.length;
      const [left, right] = [mean(l), mean(r)];
      const index = Math.min(left, right) / Math.max(left, right, 1e-9);
      return [{ name, left, right, index, weaker: index > 0.98 ? 'neither' : left < right ? 'left' : 'right' }];
    })
    .sort((a, b) => a.index - b.index);
}

function testCourses({ athlete }: ReportInput): TestCourse[] {
  const all = athlete.battery ?? [];
  return battery.flatMap((test) =>
    ([undefined, 'left', 'right'] as const).flatMap((side): TestCourse[] => {
      const trend = trendOf(test.id, all, side);
      return trend ? [{ test, trend, ...(side ? { side } : {}) }] : [];
    }),
  );
}

function painCourses({ sessions, today }: ReportInput): PainCourse[] {
  const since = dayAfter(today, -7 * reportWeeks);
  const reported = sessions
    .filter(({ on, report }) => on > since && on <= today && report !== null)
    .sort((a, b) => a.on.localeCompare(b.on));
  const places: PainReport[] = [];
  for (const one of reported.flatMap(({ report }) => report?.pain ?? []))
    if (one.score > 0 && !places.some((place) => isSamePlace(place, one))) places.push(one);
  return places.map((place) => ({
    place,
    points: reported.map(({ on, report }) => ({
      on,
      score: report?.pain.find((one) => isSamePlace(one, place))?.score ?? 0,
    })),
  }));
}

const monthOf = (day: string): string =>
  new Intl.DateTimeFormat('en', { month: 'long', timeZone: 'UTC' }).format(new Date(`${day}T00:00:00Z`));

const signed = (value: number): string => `${value > 0 ? 'up' : 'down'} ${Math.abs(Math.round(value))}`;

function testSentence({ test, side, trend }: TestCourse): string | undefined {
  const change = trend.sinceFirst ?? trend.sinceLast;
  if (!change) return undefined;
  const first = trend.results[0];
  const name = `${test.name}${side ? `, ${side}` : ''}`;
  return change.is === 'noise'
    ? `${name}: no change beyond noise since ${monthOf(first?.on ?? trend.latest.on)}.`
    : `${name} ${signed(change.by)} ${test.unit} beyond noise since ${monthOf(first?.on ?? trend.latest.on)}.`;
}

const courseName = ({ name, loadKg }: StrengthCourse) => `${name}${loadKg ? ` with ${loadKg} kg` : ''}`;

/** One sentence for each that has changed, and one for all that have not. */
function strengthSentences(courses: readonly StrengthCourse[]): string[] {
  const real = courses.filter(({ is }) => is !== 'noise');
  const noise = courses.filter(({ is }) => is === 'noise');
  const names = noise.map(courseName);
  return [
    ...real.map(
      (course) =>
        `${courseName(course)} ${signed(course.by)} repetitions to failure beyond noise since ${monthOf(course.points[0]?.on ?? '')}.`,
    ),
    ...(noise.length > 0
      ? [
          `${names.length > 1 ? `${names.slice(0, -1).join(', ')} and ${names.at(-1)}` : names[0]}: no change beyond noise in ${Math.max(...noise.map(weeksOfCourse))} weeks.`,
        ]
      : []),
  ];
}

function painSentence({ place, points }: PainCourse): string | undefined {
  const part = capital(partWords(place));
  const late = points.slice(-3).map(({ score }) => score);
  const [worst, now] = [Math.max(...points.map(({ score }) => score)), points.at(-1)?.score ?? 0];
  if (worst === 0) return undefined;
  if (now > painLimits.safe) return `${part} hurts: ${now} of 10 in the last session.`;
  if (Math.max(...late) === 0) return `${part} quiet for the last ${late.length} sessions, ${worst} of 10 at worst.`;
  return `${part} ${now} of 10 in the last session, ${worst} at worst.`;
}

function weekSentences(weeks: readonly ReportWeek[]): string[] {
  const last = weeks.slice(-4);
  const [sent, done] = [last.reduce((s, w) => s + w.sent, 0), last.reduce((s, w) => s + w.done, 0)];
  const efforts = last.flatMap(({ effort }) => effort ?? []);
  const mean = efforts.reduce((a, b) => a + b, 0) / Math.max(1, efforts.length);
  return [
    ...(sent > 0 ? [`${done} of ${sent} sessions done in the last four weeks.`] : []),
    ...(efforts.length > 0 ? [`Session RPE ${mean.toFixed(1)} on average.`] : []),
  ];
}

/**
 * How an athlete has got on over twelve weeks: training, strength by movement, tests, sides and pain, with a sentence for each.
 *
 * @example athleteReport({ athlete, own: [], sessions: [], today: '2026-12-09' }).sentences // []
 */
export function athleteReport(input: ReportInput): AthleteReport {
  const [weeks, strength, tests] = [weeksOf(input), strengthCourses(input), testCourses(input)];
  const [sides, pain] = [sideComparisons(input), painCourses(input)];
  const behind = sides.filter(({ index }) => index < evenFrom);
  const testSides = battery.flatMap(({ id, name }) => {
    const found = sideIndex(id, input.athlete.battery ?? []);
    return found ? [{ ...found, name }] : [];
  });
  return {
    ...{ weeks, strength, tests, sides, testSides, pain },
    sentences: [
      ...pain.flatMap((course) => painSentence(course) ?? []),
      ...tests.flatMap((course) => testSentence(course) ?? []),
      ...strengthSentences(strength),
      ...behind.map(
        ({ name, weaker, index }) => `${name}: the ${weaker} side does ${Math.round(index * 100)} % of the other.`,
      ),
      ...weekSentences(weeks),
    ],
  };
}
