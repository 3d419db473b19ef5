import { dayAfter } from '../athlete/athlete';
import { minutesOfLaid } from './laid-brief';
import { doseOfLaidWeek, type GaveWay, gaveWay, type Move, movesBetween, wordsOfGiving } from './laid-words';
import { type GivingWay, type LaidSession, lay } from './laying';
import { withReturns } from './phases';
import { mondayOf } from './season';
import { entriesOf, phaseOfWeek, problemOf, type SeasonAsk } from './season-plan';
import type { Dose } from './session-kind';
import { volumeOf } from './week-ask';
import type { WeekMemory } from './week-layouts';

/** One week of a laid season as it is shown. */
export interface OutlookWeek {
  from: string;
  phase: string;
  /** Of the phase, from 1. */
  week: number;
  level: number;
  dose: Dose;
  wanted: Dose;
  holding: Dose;
  /** Minutes at home that are laid. */
  minutes: number;
  /** Sets, done and laid, and wanted. */
  volume: number;
  wantedVolume: number;
}

/** A season laid, with everything said of it; or what could give way. */
export type Outlook =
  | { laid: readonly LaidSession[]; weeks: OutlookWeek[]; gaveWay: GaveWay[]; moves: Move[] }
  | { refused: (GivingWay & { words: string })[] };

/** How long laid days that are over are kept, days. */
const keptDays = 70;

/**
 * Lays a season and says what came of it: the sessions, the weeks, what had to give way, and what moved against what was laid before.
 *
 * @example outlook({ season, written: [], today: '2026-12-09' })
 */
export function outlook(ask: SeasonAsk, memory?: WeekMemory): Outlook {
  const { season, own, today } = ask;
  const problem = problemOf(ask);
  const laying = lay(problem, memory);
  if ('refused' in laying)
    return { refused: laying.refused.map((way) => ({ ...way, words: wordsOfGiving(way, season.rules) })) };
  const before = own?.laid.length ? own.laid : season.laid;
  // Sessions that are written are no longer merely laid.
  const written = new Set(ask.written.map(({ on }) => on));
  const laid = laying.sessions.filter(({ on }) => !written.has(on));
  const phases = withReturns(season.phases, entriesOf(ask), dayAfter(laying.weeks.at(-1)?.from ?? today, 7));
  // What was laid for days that are over stays: it is what is compared with what was done.
  const over = before.filter(({ on }) => on < today && on >= dayAfter(today, -keptDays));
  const minutesEach = ask.athlete?.minutes ?? season.minutes;
  return {
    laid: [...over, ...laid],
    gaveWay: gaveWay(problem, laying),
    moves: before.length
      ? movesBetween(
          before.filter(({ on }) => !written.has(on)),
          laid,
          today,
        )
      : [],
    weeks: laying.weeks.map(({ from, level, volume }, w) => {
      const { wanted, holding } = (problem.weeks[w] as (typeof problem.weeks)[number]).ask;
      const { name, phase, week } = phaseOfWeek(phases, from);
      return {
        from,
        phase: name || phase,
        week,
        level,
        volume,
        wanted,
        holding,
        dose: doseOfLaidWeek(problem, laying, w),
        minutes: laid
          .filter(({ on }) => mondayOf(on) === from)
          .reduce((sum, session) => sum + minutesOfLaid(session, minutesEach), 0),
        wantedVolume: volumeOf(wanted),
      };
    }),
  };
}
