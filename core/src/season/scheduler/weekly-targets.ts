import { daysBetween } from '../../date/days';
import type { Phase } from '../../session-type/aims-and-phases';
import { type Cost, ofAxes, volumeOf } from '../../session-type/cost';
import { type ComingBack, landings } from './allowed';
import { type CalendarCase, inWeek, type WeekBefore } from './case';
import type { Day } from './day';

/** What a week is asked to hold, and the most it may come to. */
export interface WeeklyTargets {
  /** Sessions at least and at most. */
  sessions: { min: number; max: number };
  aim: Cost;
  /** Most of an axis, whatever the aim. */
  most: Cost;
  /** Most volume of the week; left out where only the step from week to week limits it. */
  mostVolume?: number;
  /** Most that the week may rise over the larger of the two before it, share; left out where there is nothing to rise from. */
  step?: number;
  /** Days without session, practice or fixture that it should have. */
  restDays: number;
  /** Minutes of a session at the most. */
  minutes: number;
  /** Why it is more or less than usual, as the end of a sentence. */
  because?: string;
}

/** A week of somebody who has none behind them, at half an hour a session; common practice, no source. */
const unknown: Readonly<Partial<Record<Phase, Cost>>> = {
  'in-season': { heavyLower: 6, heavyUpper: 6, contacts: 40, eccentric: 3 },
};
const middling: Cost = { heavyLower: 8, heavyUpper: 7, contacts: 40, eccentric: 3 };

/** Of that, by level. */
const ofLevel = { new: 0.5, beginner: 0.7, intermediate: 1, advanced: 1.15 } as const;
const begunWith = (phase: Phase, level: CalendarCase['athlete']['level']): Cost => {
  const of = unknown[phase] ?? middling;
  return ofAxes((axis) => of[axis] * ofLevel[level]);
};

/** What holds strength while practice and matches go on (Spiering 2021, Rønnestad 2011; values from memory). */
const holding: Cost = { heavyLower: 4, heavyUpper: 4, contacts: 20, eccentric: 2 };
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
/** A week without a fixture in season has room for more legs. */
const freeWeek = 1.35;
const [usualStep, openStep] = [0.15, 0.3];

/** Days off from which it is a return of weeks, not of days. */
const longOff = 14;

/** The time away that an athlete comes back from, if any: its last day, how long, and whether it was illness. */
interface TimeOff {
  last: string;
  days: number;
  ill: boolean;
}

const illWords = /\b(ill|illness|sick|fever|flu|infection|krank|syk)\b/i;

/** Time away of five days and more that ends before a day or after the first one. */
function timeOffOf({ calendar, from }: CalendarCase, on: string): TimeOff | undefined {
  const away = calendar
    .filter((e) => e.kind === 'away' && e.date <= on)
    .map((e): TimeOff => {
      const last = e.until ?? e.date;
      return { last, days: daysBetween(e.date, last) + 1, ill: illWords.test(`${e.name} ${e.reason ?? ''}`) };
    })
    .filter(({ days, last }) => days >= 5 && daysBetween(last, from) <= 21);
  return away.at(-1);
}

/** Easy days after illness: as many as it had, up to seven (Elliott 2020, graduated return; from memory). */
const maxEasyDays = 7;

/** What an athlete may do on a day who comes back from something. */
export function comingBackOn(given: CalendarCase, on: string): ComingBack {
  const off = timeOffOf(given, on);
  if (!off) return { stage: 'whole' };
  if (on <= off.last) return { stage: 'rest' };
  const clear = daysBetween(off.last, on);
  if (!off.ill)
    return { stage: off.days < longOff ? 'whole' : clear === 1 ? 'rest' : clear <= 7 ? 'building' : 'whole' };
  if (clear === 1) return { stage: 'rest' };
  if (clear <= Math.min(maxEasyDays, off.days)) return { stage: 'easy' };
  return { stage: clear <= 2 * maxEasyDays ? 'building' : 'whole' };
}

/** Least and most of what a phase asks of a level that what was done is taken for usual: sessions that were written without a plan for the week say little. */
const [minUsual, maxUsual] = [0.5, 1.5];

/** Within a season what was usual is kept near what the phase asks; a calendar by itself is taken at its word. */
function withinReason(usual: Cost, { around, phase, athlete }: CalendarCase): Cost {
  if (!around) return usual;
  const asked = begunWith(phase, athlete.level);
  return ofAxes((axis) => Math.min(maxUsual * asked[axis], Math.max(minUsual * asked[axis], usual[axis])));
}

/** What was usual in one phase, as it is in another. */
function inPhase(usual: Cost, from: Phase, to: Phase): Cost {
  if (from === to) return usual;
  const [before, after] = [unknown[from] ?? middling, unknown[to] ?? middling];
  return ofAxes((axis) => (usual[axis] * after[axis]) / before[axis]);
}

/** Mean of the weeks behind. */
function meanOf(weeks: readonly WeekBefore[]): Cost | undefined {
  if (weeks.length === 0) return undefined;
  return ofAxes((axis) => weeks.reduce((sum, week) => sum + week[axis], 0) / weeks.length);
}

/** Load of the sport in days, minutes times effort. */
export const sportLoad = (days: readonly Day[]) =>
  days.reduce(
    (sum, day) =>
      sum +
      day.practices.reduce((s, p) => s + (p.minutes ?? 90) * (p.effort ?? 6), 0) +
      day.fixtures.reduce((s, f) => s + (f.minutes ?? 90) * (f.effort ?? 8), 0),
    0,
  );

/** What every week of a case is asked to hold: what was usual, more or less by phase, fixtures, load of the sport and what is behind. */
export function weeklyTargets(given: CalendarCase, days: readonly Day[], armLed: boolean): WeeklyTargets[] {
  const { athleteHistory = [], houseRules, phase, athlete } = given;
  const worked = athleteHistory.filter((w) => volumeOf(w) > 0);
  const back = phase === 'return' || worked.length < athleteHistory.length;
  // Who builds goes on from the last week; who holds stays with what was usual.
  const builds = houseRules.loading === 'waved' || phase === 'off-season';
  const behind = back ? worked : builds ? athleteHistory.filter((h) => h.weeksAgo === 1) : athleteHistory;
  const before = withinReason(meanOf(behind) ?? begunWith(phase, athlete.level), given);
  const loads = athleteHistory.flatMap(({ sportLoad: load }) => (load ? [load] : []));
  const meanLoad = loads.length ? loads.reduce((s, l) => s + l, 0) / loads.length : given.around?.sportLoad;
  return Array.from({ length: given.weeks }, (_, w): WeeklyTargets => {
    const week = days.slice(7 * w, 7 * w + 7);
    const now = inWeek(given, w);
    const usual = inPhase(before, phase, now.phase);
    const off = timeOffOf(given, (week[6] as Day).on);
    const share = shareOf(now, week, (given.around?.phases?.[w]?.week ?? w + 1) - 1, off, meanLoad);
    const floor = Math.min(1, share.of / (off ? 0.9 : 0.55));
    const keep = (axis: keyof Cost) => Math.max(usual[axis] * share.of, Math.min(holding[axis] * floor, usual[axis]));
    const held = off !== undefined;
    const sessions = sessionsOf(now, week, share.of, off);
    const aim: Cost = {
      heavyLower: keep('heavyLower') * (share.open && week.every((d) => d.fixtures.length === 0) ? freeWeek : 1),
      heavyUpper: keep('heavyUpper'),
      contacts: Math.min(keep('contacts') * (share.lands ?? 1), landings(given) * 2),
      eccentric: share.slow === undefined ? keep('eccentric') : Math.min(share.slow, usual.eccentric),
    };
    return {
      sessions,
      aim,
      most: {
        heavyLower: Math.max(aim.heavyLower, 2) * 1.25 + 0.5,
        heavyUpper: Math.max(aim.heavyUpper, 3) * 1.4 + 0.5,
        contacts: held ? aim.contacts + 5 : Math.max(20, aim.contacts * 1.5 + 10),
        eccentric: share.slow ?? Math.max(1, aim.eccentric * 1.3),
      },
      ...(share.of < 0.95 || held ? { mostVolume: volumeOf(usual) * (share.of + 0.08) } : {}),
      ...(held || back ? {} : { step: share.open ? openStep : usualStep }),
      restDays: restDaysOf(now, week, held),
      minutes: held
        ? w === 0 && off.ill
          ? 20
          : 30
        : athlete.age < 16 || week.some((d) => d.window || d.exam)
          ? 35
          : 50,
      ...(share.because ? { because: share.because } : {}),
    };
    function restDaysOf(
      { phase: of, houseRules: { restDays } }: CalendarCase,
      ofWeek: readonly Day[],
      slowBack: boolean,
    ): number {
      const open = ofWeek.filter((d) => d.practices.length === 0 && d.fixtures.length === 0 && !d.camp).length;
      if (restDays !== undefined && !slowBack) return Math.min(restDays, open);
      const wanted = slowBack || of === 'off-season' || of === 'break' ? 3 : armLed && open < 2 ? 1 : 2;
      return Math.min(wanted, open);
    }
  });
}

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

function shareOf(
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

/** Of the days that a calendar leaves so many may have a session. */
const sessionsOfOpen = 0.6;

function sessionsOf(
  { houseRules, phase }: CalendarCase,
  week: readonly Day[],
  share: number,
  off: TimeOff | undefined,
): { min: number; max: number } {
  const { min, max } = houseRules.sessionsPerWeek;
  if (phase === 'transition') return { min: 0, max: Math.min(2, max) };
  const blocked = week.filter(
    (d) => d.free || d.away || d.travel || d.arrived || d.camp || d.fixtures.length > 0,
  ).length;
  const open = 7 - blocked;
  const peak = week.some((d) => d.toPeak === 0) && share < 0.5;
  const most = peak || (off?.ill && share < 0.3) ? Math.min(max, Math.max(1, Math.floor(open / 2))) : max;
  const usual = share < 0.6 && phase !== 'return' ? Math.min(most, Math.max(min, 2)) : most;
  return {
    min: Math.min(min, Math.max(1, Math.ceil(sessionsOfOpen * open)), usual),
    max: usual,
  };
}
