import { dayAfter, daysBetween } from '../../date/days';
import type { Phase } from '../../session-type/aims-and-phases';
import { type Entry, validEntries } from '../calendar/calendar';
import { mondayOf, type PhaseSpan } from '../calendar/season-on';

/** A phase with why it is laid there. */
export interface BuiltPhase extends PhaseSpan {
  why: string;
}

/** How long what leads up to fixtures is, weeks; common practice, no source. */
export interface PhaseLengths {
  preSeason: number;
  specific: number;
  /** After the last fixture: active rest. */
  transition: number;
}
const defaultLengths: PhaseLengths = { preSeason: 4, specific: 4, transition: 3 };

/** A taper takes about two weeks (Bosquet 2007; value from memory). */
const taperDays = 14;
/** Weeks without a fixture from which on there is time to build again; common practice, no source. */
const weeksToBuild = 6;
/** Days away from training from which on coming back is a phase of its own, and of a long absence; common practice with the joint guidelines of 2019. */
const [daysAway, daysLongAway] = [14, 28];

export const phaseNames: Record<Phase, string> = {
  'off-season': 'Off-season',
  'general-preparation': 'General preparation',
  'specific-preparation': 'Specific preparation',
  'pre-season': 'Pre-season',
  'in-season': 'In season',
  taper: 'Taper',
  transition: 'Transition',
  break: 'Home block',
  return: 'Return',
};

interface Stretch {
  phase: Phase;
  name?: string;
  from: string;
  to: string;
  why: string;
}

const weeksBefore = (day: string, weeks: number) => dayAfter(day, -7 * weeks);

/** What leads up to the first fixture of a run, laid backwards from it, as far as there is time. */
function leadingUp(from: string, first: Entry, { preSeason, specific }: PhaseLengths, again: boolean): Stretch[] {
  const start = mondayOf(first.on);
  const [preFrom, specificFrom] = [weeksBefore(start, preSeason), weeksBefore(start, preSeason + specific)];
  return (
    [
      {
        phase: again ? 'specific-preparation' : 'general-preparation',
        from,
        to: dayAfter(specificFrom, -1),
        why: `${first.name} is far away: time to build.`,
      },
      {
        phase: 'specific-preparation',
        from: specificFrom,
        to: dayAfter(preFrom, -1),
        why: `${specific} weeks to turn general strength into sport-specific strength, before the pre-season.`,
      },
      {
        phase: 'pre-season',
        from: preFrom,
        to: dayAfter(start, -1),
        why: `The ${preSeason} weeks before ${first.name}.`,
      },
    ] as const
  ).map((stretch) => ({ ...stretch, from: stretch.from < from ? from : stretch.from }));
}

/** Runs of fixtures, cut where there is time to build between them. */
function runsOf(fixtures: readonly Entry[]): Entry[][] {
  const runs: Entry[][] = [];
  for (const fixture of fixtures) {
    const last = runs.at(-1)?.at(-1);
    if (last && daysBetween(last.on, fixture.on) < 7 * weeksToBuild) runs.at(-1)?.push(fixture);
    else runs.push([fixture]);
  }
  return runs;
}

/** One stretch laid over those that are there: what it covers gives way. */
function over(stretches: readonly Stretch[], top: Stretch): Stretch[] {
  const left = stretches.flatMap((stretch): Stretch[] => {
    if (stretch.to < top.from || stretch.from > top.to) return [stretch];
    return [
      { ...stretch, to: dayAfter(top.from, -1) },
      { ...stretch, from: dayAfter(top.to, 1) },
    ].filter(({ from, to }) => from <= to);
  });
  return [...left, top].sort((a, b) => (a.from < b.from ? -1 : 1));
}

/** Stretches of one phase that follow each other are one. */
function joined(stretches: readonly Stretch[]): Stretch[] {
  const kept: Stretch[] = [];
  for (const stretch of stretches) {
    const last = kept.at(-1);
    if (last?.phase === stretch.phase && dayAfter(last.to, 1) === stretch.from)
      kept[kept.length - 1] = { ...last, to: stretch.to };
    else kept.push(stretch);
  }
  return kept;
}

/**
 * Phases of a season laid backwards from the fixtures that matter: what leads up to them, the run of fixtures, tapers of two weeks before those of
 * the highest importance, transition after the last, home blocks while hall or water is closed outside of it.
 *
 * @param from first day, ISO
 * @param to last day, ISO
 * @throws RangeError where the last day is before the first
 * @example buildPhases([], '2026-08-03', '2026-09-27')[0].phase // 'off-season'
 */
export function buildPhases(
  entries: readonly Entry[],
  from: string,
  to: string,
  lengths: PhaseLengths = defaultLengths,
): BuiltPhase[] {
  if (to < from) throw new RangeError(`a season cannot end on ${to}, before it begins on ${from}`);
  const all = validEntries(entries);
  const fixtures = all
    .filter(({ kind, on }) => kind === 'fixture' && on >= from && on <= to)
    .sort((a, b) => (a.on < b.on ? -1 : 1));
  let laid: Stretch[] = [];
  let at = from;
  for (const [r, run] of runsOf(fixtures).entries()) {
    const [first, last] = [run[0] as Entry, run.at(-1) as Entry];
    laid.push(...leadingUp(at, first, lengths, r > 0));
    const begins = mondayOf(first.on) < at ? at : mondayOf(first.on);
    const ends = dayAfter(mondayOf(last.on), 6);
    laid.push({
      phase: 'in-season',
      from: begins,
      to: ends > to ? to : ends,
      why: `${run.length} fixtures: maintenance.`,
    });
    at = dayAfter(ends, 1);
  }
  if (fixtures.length) {
    const rested = dayAfter(at, 7 * lengths.transition);
    laid.push({
      phase: 'transition',
      from: at,
      to: dayAfter(rested, -1),
      why: 'After the last fixture: active rest.',
    });
    at = rested;
  }
  laid.push({ phase: 'off-season', from: at, to, why: 'No fixture planned: build.' });
  laid = joined(laid.map((s) => (s.to > to ? { ...s, to } : s)).filter((s) => s.from <= s.to));
  for (const closed of all.filter(({ kind }) => kind === 'closed')) {
    const until = closed.until ?? closed.on;
    const during = laid.find((s) => s.from <= closed.on && closed.on <= s.to);
    const long = daysBetween(closed.on, until) + 1 >= daysAway;
    if (long && during && during.phase !== 'in-season')
      laid = over(laid, {
        phase: 'break',
        from: later(closed.on, from),
        to: earlier(until, to),
        why: `${closed.name}: training is at home.`,
      });
  }
  for (const fixture of fixtures.filter(({ importance = 1 }) => importance >= 3))
    laid = over(laid, {
      phase: 'taper',
      from: later(dayAfter(fixture.on, -taperDays), from),
      to: fixture.on,
      why: `Two weeks before ${fixture.name}: about half the volume, same intensity (Bosquet 2007).`,
    });
  return laid.map(({ phase, from: startsOn, to: endsOn, why }) => ({
    phase,
    name: phaseNames[phase],
    startsOn,
    endsOn,
    why,
  }));
}

/**
 * Phases of an athlete: those of the squad, and the return after every time away that was long enough; two weeks, four after a long one.
 *
 * @example withReturns([], [{ id: 'a', name: 'Ill', kind: 'away', on: '2026-11-01', until: '2026-11-30' }], '2027-03-01').some((p) => p.phase === 'return') // true
 */
export function withReturns(phases: readonly PhaseSpan[], entries: readonly Entry[], to: string): BuiltPhase[] {
  let laid = phases.map(
    ({ phase, name, startsOn, endsOn }): Stretch => ({
      phase,
      name,
      from: startsOn,
      to: endsOn,
      why: '',
    }),
  );
  for (const { kind, on, until = on, name } of validEntries(entries)) {
    const days = daysBetween(on, until) + 1;
    const back = dayAfter(until, 1);
    if (kind !== 'away' || days < daysAway || back > to) continue;
    const weeks = days >= daysLongAway ? 4 : 2;
    laid = over(laid, {
      phase: 'return',
      from: back,
      to: earlier(dayAfter(back, 7 * weeks - 1), to),
      why: `${days} days away (${name}): half the volume at first, then step by step (joint guidelines 2019).`,
    });
  }
  return laid.map(({ phase, name, from, to: endsOn, why }) => ({
    phase,
    name: name ?? phaseNames[phase],
    startsOn: from,
    endsOn,
    why,
  }));
}

const later = (a: string, b: string) => (a > b ? a : b);
const earlier = (a: string, b: string) => (a < b ? a : b);

/** A fault of a list of phases, at its place in it. */
export interface PhaseFault {
  at: number;
  field: 'startsOn' | 'endsOn';
  message: string;
}

/** Phases that cannot be: of no days, or over one another. */
export function faultsOfPhases(phases: readonly PhaseSpan[]): PhaseFault[] {
  return phases.flatMap(({ name, startsOn, endsOn }, at): PhaseFault[] => {
    if (endsOn < startsOn)
      return [
        { at, field: 'endsOn', message: `${name} has no days: it ends on ${endsOn}, before it starts on ${startsOn}` },
      ];
    const other = phases.findIndex((p, i) => i < at && p.startsOn <= endsOn && startsOn <= p.endsOn);
    if (other < 0) return [];
    return [
      {
        at,
        field: 'startsOn',
        message: `${name} overlaps ${phases[other]?.name}; it must start on ${dayAfter(phases[other]?.endsOn as string, 1)} or later`,
      },
    ];
  });
}
