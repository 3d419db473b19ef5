import { dayAfter, daysBetween } from '../athlete/athlete';
import type { Level } from '../exercise/vocabulary';
import { contactCeilingOf } from '../limits/ceiling';
import { type Restriction, standingOf } from '../limits/restriction';
import { type Entry, notReplaced } from './calendar';
import { type DayFacts, dayFacts } from './day-facts';
import type { GivingWay, LaidSession, LayingProblem } from './laying';
import { bitOf, type LayingRules, usualRules } from './laying-rules';
import { withReturns } from './phases';
import { mondayOf, type PhaseSpan } from './season';
import type { SessionKind } from './session-kind';
import { type LoadingSchool, mostContacts, mostStep, volumeOf, type WeekFor, weekAsk } from './week-ask';
import { type Code, codeOf, doseOf, nothing } from './week-problem';

/** What the coach has put on a day: a kind of session, or that there is none. */
export interface Pin {
  on: string;
  kind: SessionKind | 'nothing';
}

/** What is laid for somebody, and what the coach has said of it. */
export interface OwnSeason {
  /** Entries of one athlete's own, beside those of the squad. */
  entries: readonly Entry[];
  pins: readonly Pin[];
  /** Rules that the coach lets give way, by week. */
  relaxed: readonly GivingWay[];
  laid: readonly LaidSession[];
}

/** The season of a squad. */
export interface SquadSeasonPlan extends OwnSeason {
  phases: readonly PhaseSpan[];
  rules: LayingRules;
  school: LoadingSchool;
  /** Minutes of a usual session. */
  minutes: number;
  /** The zone that its days and times are told in. */
  zone: string;
}

export const emptyOwnSeason: OwnSeason = { entries: [], pins: [], relaxed: [], laid: [] };
export const emptySeason: SquadSeasonPlan = {
  ...emptyOwnSeason,
  phases: [],
  rules: usualRules,
  school: 'steady',
  minutes: 30,
  zone: 'Europe/Oslo',
};

/** A session that is written, or was done. */
export interface WrittenSession {
  on: string;
  kind: SessionKind;
}

/** Weeks that are laid at once. */
export const laidWeeks = 12;
/** Shares of its usual volume that a week is laid at: from one to the next is no more than the smallest step that is allowed, so that every step can be made. */
export const volumeLevels = [1, 0.91, 0.83, 0.76, 0.7, 0.64, 0.59, 0.54, 0.5] as const;

/** Everything that laying somebody's season follows from. */
export interface SeasonAsk {
  season: SquadSeasonPlan;
  /** One athlete's own, where it is laid for one; what the squad does is changed as little as can be. */
  own?: OwnSeason;
  /** Who it is laid for; a grown athlete of middle level where it is for a squad. */
  athlete?: { level: Level; born: string; minutes: number; restrictions?: readonly Restriction[] };
  written: readonly WrittenSession[];
  today: string;
  weeks?: number;
}

/** Entries that count for somebody: the squad's and the own; one that is moved for an athlete stands in place of the squad's. */
export function entriesOf({ season, own = emptyOwnSeason }: Pick<SeasonAsk, 'season' | 'own'>): Entry[] {
  return [...notReplaced(season.entries, own.entries), ...own.entries];
}

const grown = { level: 'intermediate', born: '2000-01-01' } as const;

/** Where a week stands among phases: by its Thursday, and the weeks since the phase began. Weeks outside of every phase are in season. */
export function phaseOfWeek(
  phases: readonly PhaseSpan[],
  monday: string,
): Pick<PhaseSpan, 'phase' | 'name'> & { week: number } {
  const middle = dayAfter(monday, 3);
  const span = phases.find((p) => p.startsOn <= middle && middle <= p.endsOn);
  if (!span) return { phase: 'in-season', name: '', week: 1 };
  return { phase: span.phase, name: span.name, week: Math.floor(daysBetween(mondayOf(span.startsOn), monday) / 7) + 1 };
}

/** Weeks that say what somebody is used to. */
const usedToWeeks = 4;

/** Volume that an athlete is used to, sets: the week before, or the mean of four where one week was less. */
function volumeUsedTo(written: readonly WrittenSession[], start: string, whom: WeekFor): number {
  const volumes = Array.from({ length: usedToWeeks }, (_, w) => {
    const monday = dayAfter(start, -7 * (w + 1));
    const done = written.filter(({ on }) => mondayOf(on) === monday).map(({ kind }) => codeOf(kind));
    return volumeOf(doseOf(done, whom, 1));
  });
  const mean = volumes.reduce((sum, volume) => sum + volume, 0) / usedToWeeks;
  return Math.max(volumes[0] as number, mean);
}

/**
 * Weeks to be laid from the one that today is in, by squad, athlete and calendar. Sessions that are written stand.
 *
 * @example lay(problemOf({ season, written: [], today: '2026-12-09' }))
 */
export function problemOf(ask: SeasonAsk): LayingProblem {
  const { season, own, written, today, weeks = laidWeeks } = ask;
  const { rules, school } = season;
  const { level, born } = ask.athlete ?? grown;
  // Restrictions as they stand today: those that end in between are laid anew when they have.
  const limits = (ask.athlete?.restrictions ?? []).flatMap((r) => standingOf(r, today) ?? []);
  const whom = {
    minutes: ask.athlete?.minutes ?? season.minutes,
    mostContacts: Math.min(mostContacts(level, born, today), contactCeilingOf(limits)),
  };
  const start = mondayOf(today);
  const entries = entriesOf(ask);
  const facts = dayFacts(entries, dayAfter(start, -1), dayAfter(start, 7 * weeks - 1), rules.sessionAt);
  const phases = withReturns(season.phases, entries, dayAfter(start, 7 * weeks));
  const standing = new Map(written.map(({ on, kind }) => [on, codeOf(kind)]));
  const pinned = new Map((own ?? season).pins.map(({ on, kind }) => [on, kind === 'nothing' ? nothing : codeOf(kind)]));
  const held = own?.laid.length ? own.laid : season.laid;
  const laid = new Map(held.map(({ on, kind }) => [on, codeOf(kind)]));
  // Weeks that were never laid have nothing to be changed.
  const lastLaid = held.reduce((last, { on }) => (on > last ? on : last), '');
  const laidTo = lastLaid ? dayAfter(mondayOf(lastLaid), 6) : '';
  const relaxedIn = (monday: string) =>
    (own ?? season).relaxed.filter(({ week }) => week === monday).reduce((bits, { rule }) => bits | bitOf(rule), 0);
  return {
    rules,
    entry: [standing.get(dayAfter(start, -2)) ?? nothing, standing.get(dayAfter(start, -1)) ?? nothing],
    dayBefore: facts[0] as DayFacts,
    // What a squad is used to differs from one to the other: its first week is what the phase asks.
    ramp: {
      volumeBefore: ask.athlete ? volumeUsedTo(written, start, whom) : Number.POSITIVE_INFINITY,
      mostStep: mostStep(level, born, today),
    },
    weeks: Array.from({ length: weeks }, (_, w) => {
      const days = facts.slice(1 + 7 * w, 8 + 7 * w);
      const monday = dayAfter(start, 7 * w);
      const { phase, week } = phaseOfWeek(phases, monday);
      const by = (of: (on: string) => Code | undefined) => days.map(({ on }) => of(on));
      return {
        days,
        ask: weekAsk(phase, week, school, whom, rules),
        fixed: by((on) => standing.get(on) ?? (on < today ? nothing : undefined)),
        pins: by((on) => pinned.get(on)),
        before: by((on) => (on <= laidTo ? (standing.get(on) ?? laid.get(on) ?? nothing) : undefined)),
        relaxed: relaxedIn(monday),
        levels: volumeLevels,
      };
    }),
  };
}
