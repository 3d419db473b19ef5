import { daysBetween } from '../../date/days';
import type { CalendarCase } from './case';
import type { Day } from './day';
import { longOff, type TimeOff } from './time-off';

/** The first weeks back after time off, of what was usual: cut by half, then less and less (CSCCa and NSCA joint guidelines 2019; from memory). */
const afterWeeksOff = [0.45, 0.6, 0.75, 0.85];
const afterIllness = [0.2, 0.45, 0.75, 0.9];
/** Shares of weeks before and after a peak (Bosquet 2007, Mujika and Padilla 2003: volume down, intensity kept; from memory), of a congested week, of a first fixture in preparation. Common practice where no source is named. */
const [taper, afterPeak, crowded, firstFixture, fasting, atPerformances] = [0.35, 0.5, 0.52, 0.76, 0.68, 0.5];
/** Share of the weeks between seasons; common practice, no source. */
const afterTheSeason = 0.45;
/** Weeks before the one of the peak, the nearest first (progressive taper). */
const towardsPeak = [0.7, 0.85];
/** Exam days that make a week one of exams, and what is left of it (Mann 2016: more injuries then; from memory). */
const [examDays, atExams] = [3, 0.65];
/** Waves of loading: three weeks up, one down, over what was usual. Common practice, no source. */
const wave = [1.1, 1.2, 1.28, 0.66];

/** Load of the sport in days, minutes times effort. */
export const sportLoad = (days: readonly Day[]) =>
  days.reduce(
    (sum, day) =>
      sum +
      day.practices.reduce((s, p) => s + (p.minutes ?? 90) * (p.effort ?? 6), 0) +
      day.fixtures.reduce((s, f) => s + (f.minutes ?? 90) * (f.effort ?? 8), 0),
    0,
  );

interface Share {
  of: number;
  because?: string;
  /** Slow lowering at the most. */
  slow?: number;
  /** Landings beside what the share gives. */
  lands?: number;
  /** The sport gives less than usual: home may rise faster. */
  open?: boolean;
}

export function shareOf(
  { phase, houseRules, conditions = [] }: CalendarCase,
  week: readonly Day[],
  w: number,
  off: TimeOff | undefined,
  meanLoad: number | undefined,
): Share {
  const [first, last] = [week[0] as Day, week[6] as Day];
  if (off && last.on > off.last) {
    const since = Math.floor(Math.max(0, daysBetween(off.last, last.on) - 1) / 7);
    if (off.ill || off.days < longOff) {
      if (since < afterIllness.length && off.ill)
        return {
          of: afterIllness[since] as number,
          because: 'after illness, a step each week',
          slow: [0, 2, 3, 3][since] as number,
          lands: [0, 1, 1, 1][since] as number,
        };
    } else if (since < afterWeeksOff.length)
      return {
        of: afterWeeksOff[since] as number,
        because: 'after weeks off, a step each week',
        slow: [1, 2, 3, 3][since] as number,
      };
  }
  if (phase === 'transition') return { of: afterTheSeason, because: 'after the season: little, athlete’s choice' };
  const has = (of: (d: Day) => boolean) => week.some(of);
  if (has((d) => d.toPeak === 0)) return { of: taper, because: 'before a peak: less volume, same loads', slow: 0 };
  if (has((d) => d.sincePeak <= 7 && d.fixtures.length === 0) && first.sincePeak <= 7)
    return { of: afterPeak, because: 'after a peak', slow: 2 };
  const fixtureDays = week.filter((d) => d.fixtures.length > 0).length;
  if (fixtureDays >= 3 && has((d) => d.inRun))
    return {
      of: fixtureDays >= 4 ? atPerformances : 0.7,
      because: 'the fixtures are the load of the week',
      ...(fixtureDays >= 4 ? { slow: 0 } : {}),
    };
  if (phase === 'taper') {
    const ahead = Math.floor(last.toPeak / 7);
    if (ahead < towardsPeak.length)
      return { of: towardsPeak[ahead] as number, because: 'towards a peak: volume falls week by week, same loads' };
  }
  if (week.filter((d) => d.exam).length >= examDays)
    return { of: atExams, because: 'exams: less sleep and time, so less volume' };
  const congested = fixtureDays >= 2 || (fixtureDays >= 1 && has((d) => d.congested));
  const load = sportLoad(week);
  if (phase === 'pre-season' && meanLoad !== undefined && load > 1.15 * meanLoad)
    return { of: congested ? 0.48 : crowded, because: 'more practice than usual, so less home training' };
  if (congested) return { of: fixtureDays >= 2 ? 0.8 : 0.9, because: 'two fixtures this week: maintenance dose only' };
  if (conditions.some((c) => /fast/i.test(c.kind) && c.from <= last.on && first.on <= c.until))
    return { of: w === 0 ? fasting - 0.1 : fasting, because: 'fasting: less volume for recovery' };
  if (houseRules.loading === 'waved')
    return { of: wave[w % wave.length] as number, ...(w % 4 === 3 ? { because: 'deload week' } : {}) };
  const lost =
    meanLoad !== undefined && load < 0.55 * meanLoad && has((d) => d.fixtures.length > 0 || d.toFixture !== undefined);
  if (lost && phase === 'in-season')
    return { of: 1.2, because: 'no practice, so jumps and runs move home', lands: 2, open: true };
  if (phase.endsWith('preparation') && fixtureDays === 1 && houseRules.sessionsPerWeek.min > 2)
    return { of: firstFixture, because: 'minor fixture, not a peak' };
  return { of: 1 };
}
