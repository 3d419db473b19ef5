import type { Phase } from '../../session-type/aims-and-phases';
import { type Cost, ofAxes, volumeOf } from '../../session-type/cost';
import { landings } from './allowed';
import { type CalendarCase, inWeek, type WeekBefore } from './case';
import type { Day } from './day';
import { type TimeOff, timeOffOf } from './time-off';
import { shareOf } from './week-share';

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
/** A week without a fixture in season has room for more legs. */
const freeWeek = 1.35;
const [usualStep, openStep] = [0.15, 0.3];

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
