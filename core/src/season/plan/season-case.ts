import { ageOn, dayAfter, daysBetween } from '../../date/days';
import { contactCeilingOf } from '../../limits/ceiling';
import { standingOf } from '../../limits/restriction';
import { contactsAtHome } from '../../session/scoring/rules';
import { ofAxes } from '../../session-type/cost';
import { type Entry, validEntries, withoutOverrides } from '../calendar/calendar';
import { mondayOf, type PhaseSpan } from '../calendar/season-on';
import { withReturns } from '../periodisation/phases';
import type { Around, CalendarCase, CaseEntry, StandingSession, WeekBefore } from '../scheduler/case';
import { daysOfCase } from '../scheduler/day';
import type { ScheduledSession } from '../scheduler/scheduled-session';
import { sportLoad } from '../scheduler/week-share';
import { emptyOwnSeason, type PlannedSession, type ScheduleRequest } from './season-plan';

/** Weeks that are laid at once. */
export const scheduledWeeks = 12;

/** Entries that count for somebody: the squad's and the own; one that is moved for an athlete stands in place of the squad's. */
export function entriesOf({ season, own = emptyOwnSeason }: Pick<ScheduleRequest, 'season' | 'own'>): Entry[] {
  return [...withoutOverrides(season.entries, own.entries), ...own.entries];
}

/** A change from what the squad does costs so many times one of a plan of one's own. */
const heldToSquad = 3;
const grown = { id: '', level: 'intermediate', born: '2000-01-01' } as const;

/** Where a week stands among phases: by its Thursday, and the weeks since the phase began. Weeks outside of every phase are in season. */
function phaseOfWeek(
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

/** Home work of the weeks before, as far as there was any: a week away says nothing of what is usual. */
function historyOf(written: readonly PlannedSession[], start: string): WeekBefore[] {
  return Array.from({ length: usedToWeeks }, (_, w): WeekBefore => {
    const monday = dayAfter(start, -7 * (w + 1));
    const done = written.filter(({ on }) => mondayOf(on) === monday);
    return {
      weeksAgo: w + 1,
      sessions: done.length,
      minutes: done.reduce((sum, { minutes }) => sum + minutes, 0),
      ...ofAxes((axis) => done.reduce((sum, session) => sum + session[axis], 0)),
    };
  }).filter(({ sessions }) => sessions > 0);
}

/** An entry as a calendar to be laid has it, for one athlete: with the minutes that this one played. */
function caseEntry(entry: Entry, athleteId: string): CaseEntry | undefined {
  const { kind, name, on, until, start, minutes, effort, importance, despiteClosed, replaced, overnight } = entry;
  if (kind === 'hours') return undefined;
  const played = entry.playedBy?.[athleteId];
  return {
    ...{ kind, name, date: on },
    ...(until === undefined ? {} : { until }),
    ...(start === undefined ? {} : { time: start }),
    ...(minutes === undefined ? {} : { minutes }),
    ...(effort === undefined ? {} : { effort }),
    ...(importance === undefined ? {} : { importance }),
    ...(played === undefined ? {} : { played }),
    ...(despiteClosed ? { despiteClosed } : {}),
    ...(replaced ? { replaced } : {}),
    ...(overnight ? { overnight } : {}),
  };
}

/** Sessions that stand: those that are written, and that there was none on the days that are over. */
function standingIn(written: readonly PlannedSession[], start: string, today: string): Around['standing'] {
  const standing = new Map<string, StandingSession | undefined>();
  for (const day of Array.from({ length: daysBetween(start, today) }, (_, d) => dayAfter(start, d)))
    standing.set(day, undefined);
  for (const session of written) if (session.on >= dayAfter(start, -2)) standing.set(session.on, session);
  return standing;
}

/** What was laid before, as far as it goes: a day without a session is one too. */
function beforeOf(held: readonly ScheduledSession[], start: string): NonNullable<CalendarCase['before']>['plan'] {
  const last = held.reduce((latest, { on }) => (on > latest ? on : latest), '');
  if (last < start) return [];
  const types = new Map(held.map(({ on, type }) => [on, type]));
  return Array.from({ length: daysBetween(start, dayAfter(mondayOf(last), 6)) + 1 }, (_, d) => {
    const date = dayAfter(start, d);
    return { date, type: types.get(date) ?? ('none' as const) };
  });
}

/**
 * The calendar to be laid for squad or athlete, from the week that today is in. Sessions that are written stand.
 *
 * @example planOfCase(caseOf({ season, sport: 'handball', written: [], today: '2026-12-09' }))
 */
export function caseOf(ask: ScheduleRequest): CalendarCase {
  const { season, own, athlete, written, today, weeks = scheduledWeeks } = ask;
  const { rules, school } = season;
  const { id, level, born } = athlete ?? grown;
  // Restrictions as they stand today: those that end in between are laid anew when they have.
  const limits = (athlete?.restrictions ?? []).flatMap((r) => standingOf(r, today) ?? []);
  const start = mondayOf(today);
  const entries = validEntries(entriesOf(ask));
  const spans = withReturns(season.phases, entries, dayAfter(start, 7 * weeks));
  const phases = Array.from({ length: weeks }, (_, w) => phaseOfWeek(spans, dayAfter(start, 7 * w)));
  const history = athlete ? historyOf(written, start) : [];
  const before = beforeOf(own?.laid.length ? own.laid : season.laid, start);
  const landings = Math.min(contactCeilingOf(limits), contactsAtHome(level, ageOn(born, today)));
  const pins = (own ?? season).pins.map(
    ({ on, type, minutes }): CaseEntry => ({
      ...{ kind: 'pinned-session', name: 'Your pinned session', date: on },
      ...(type === 'none' ? {} : { type }),
      ...(minutes === undefined ? {} : { minutes }),
    }),
  );
  const laid: CalendarCase = {
    athlete: {
      ...{ level, age: ageOn(born, today), sport: ask.sport },
      ...(athlete?.role === undefined ? {} : { role: athlete.role }),
    },
    phase: phases[0]?.phase ?? 'in-season',
    from: start,
    weeks,
    calendar: [...entries.flatMap((entry) => caseEntry(entry, id) ?? []), ...pins],
    conditions: entries
      .filter(({ kind }) => kind === 'hours')
      .map(({ name, on, until = on, start: trainFrom, end: trainUntil }) => ({
        ...{ kind: name, from: on, until },
        ...(trainFrom ? { trainFrom } : {}),
        ...(trainUntil ? { trainUntil } : {}),
      })),
    ...(history.length ? { athleteHistory: history } : {}),
    houseRules: {
      days: rules.days,
      loading: school,
      sessionsPerWeek: { min: rules.least, max: rules.most },
      sessionAt: rules.sessionAt,
      restDays: rules.restDays,
      labels: rules.labels,
      ...(rules.seconds ? { seconds: true } : {}),
    },
    ...(before.length ? { before: { plan: before } } : {}),
    around: {
      phases,
      standing: standingIn(written, start, today) as NonNullable<Around['standing']>,
      minutes: athlete?.minutes ?? season.minutes,
      landings,
      ...(own ? { held: heldToSquad } : {}),
    },
  };
  const load = usualSportLoad(laid);
  return load > 0 ? { ...laid, around: { ...laid.around, sportLoad: load } } : laid;
}

/** Load of the sport in the weeks behind, as the calendar has it: closed halls and journeys say nothing of what is usual. */
function usualSportLoad(given: CalendarCase): number {
  const days = daysOfCase({ ...given, from: dayAfter(given.from, -7 * usedToWeeks), weeks: usedToWeeks });
  const weeks = Array.from({ length: usedToWeeks }, (_, w) => sportLoad(days.slice(7 * w, 7 * w + 7)));
  return Math.max(...weeks);
}
