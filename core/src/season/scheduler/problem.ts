import { dayAfter } from '../../date/days';
import { costAxes, volumeOf } from '../../session-type/cost';
import type { SessionType } from '../../session-type/session-type';
import { type Arms, mainTypes } from './allowed';
import { type CalendarCase, inWeek, type StandingSession } from './case';
import { type Day, daysOfCase, isOpen } from './day';
import { labelRulesOf } from './label-rules';
import { offersWithPins } from './pinned-offers';
import { type Choice, inUnits, marks, sizesOf, type Units, unit, volumeOfUnits } from './units';
import { type WeeklyTargets, weeklyTargets } from './weekly-targets';

export interface ProblemDay {
  on: string;
  choices: readonly Choice[];
  /** One of the choices has to be taken. */
  pinned: boolean;
  /** Nothing of the sport stands on it: a day off unless a session is laid. */
  open: boolean;
  /** Hard by what the sport does. */
  hard: boolean;
  /** No session is missed here: there is practice, or nobody is there. */
  noGap: boolean;
}

/** What a week is asked for, in units. */
export interface ProblemWeek {
  sessions: { min: number; max: number };
  aim: Units;
  most: Units;
  /** Volume at the most, half sets. */
  mostVolume: number;
  /** Most that it may rise over the larger of the two weeks before, share. */
  step: number | undefined;
  /** Volume that the step always leaves, half sets. */
  floor: number;
  restDays: number;
  /** Days off at least. */
  leastRest: number;
  wantsLegs: boolean;
  wantsSpeed: boolean;
  varied: boolean;
}

/** Weeks to be laid, as numbers. */
export interface DaysProblem {
  days: readonly ProblemDay[];
  weeks: readonly ProblemWeek[];
  /** Days from one heavy session of the legs to the next. */
  legDays: number;
  /** Marks of the sessions two days and one day before the first. */
  entry: readonly [number, number];
  /** Volume of the week before the first, and of the one before that, half sets; infinite where it is not known. */
  volumesBefore: readonly [last: number, lastButOne: number];
}

/** What a set, or ten landings, short of or over what a week is asked for costs; common practice, no source. */
export const short: Units = [1, 0.8, 0.3, 0.9];
export const over: Units = [0.45, 0.35, 0.12, 0.6];
/** Prices of what a week should have: a session, a rest day, legs and arms in it, what a session costs in itself, a day changed of what was laid before. */
export const prices = {
  session: 6,
  restDay: 1.6,
  legs: 3,
  gap: 2.5,
  changed: 0.7,
  type: 1.2,
  same: 0.7,
  large: 0.3,
  one: 0.4,
};
/** From middle age heavy legs have two days between. Common practice, no source. */
const middleAge = 40;
/** Heavy sets of one part up to which a session is not a large one. */
export const notLarge = 5;
/** Hard days in a row at the most (Gabbett 2016 with the cautions of later authors; common practice). */
export const hardInARow = 2;
/** Days in a row of which one has a session, where the sport gives none. */
export const longestGap = 4;
/** Once a week is enough of these. */
export const onceAWeek: readonly SessionType[] = ['conditioning', 'power'];
/** Share of what a week is asked for that the step from week to week always leaves: after weeks with nothing it does not hold at nothing. */
const leftByStep = 0.5;

/** The days of a case, what its weeks are asked for, and both as numbers. */
export interface CaseProblem {
  days: readonly Day[];
  weeks: readonly WeeklyTargets[];
  problem: DaysProblem;
}

/** A practice from this effort on makes the day a hard one. */
const hardEffort = 7;

/** A day as far as the sport makes it what it is. */
const problemDay = (day: Day) => ({
  on: day.on,
  open: isOpen(day),
  hard: day.fixtures.length > 0 || day.camp || day.practices.some((p) => (p.effort ?? 6) >= hardEffort),
  noGap: day.practices.length > 0 || day.away,
});

/** A session that stands as it is, in one size. */
function sizeOf(session: StandingSession): Choice {
  const { type, minutes, heavyLower, heavyUpper, contacts, eccentric } = session;
  const held = { heavyLower, heavyUpper, eccentric, contacts: unit.contacts * Math.round(contacts / unit.contacts) };
  const [size] = sizesOf({ type, minutes, worth: 0, least: held, most: held }, 0);
  return size as Choice;
}

/** A day that is written or over: what stands on it is neither moved nor blamed. */
function standingDay(day: Day, session: StandingSession | undefined): ProblemDay {
  const there = problemDay(day);
  return session
    ? { ...there, choices: [sizeOf(session)], pinned: true }
    : { ...there, choices: [], pinned: false, noGap: true };
}

/** Marks of what was done so many days before the first week. */
function marksBefore({ around, from }: CalendarCase, daysAgo: number): number {
  const session = around?.standing?.get(dayAfter(from, -daysAgo));
  return session ? sizeOf(session).marks : 0;
}

/**
 * Writes a case down as numbers: what may stand on each day in which sizes, and what each week is asked for.
 *
 * @example problemOfCase(calendarCase, { armLed: false, careOfArm: true }).problem.days.length
 */
export function problemOfCase(given: CalendarCase, arms: Arms): CaseProblem {
  const days = daysOfCase(given);
  const weeks = weeklyTargets(given, days, arms.armLed);
  const before = new Map(given.before?.plan.map(({ date, type }) => [date, type]) ?? []);
  const aChange = prices.changed * (given.around?.held ?? 1);
  const problemDays = days.map((day, d): ProblemDay => {
    const standing = given.around?.standing;
    if (standing?.has(day.on)) return standingDay(day, standing.get(day.on));
    const now = inWeek(given, Math.floor(d / 7));
    const choices = offersWithPins(day, days, d, now, arms).flatMap((offer) => {
      const was = before.get(day.on);
      const changed = was === undefined ? 0 : was === offer.type ? aChange : -aChange;
      return sizesOf(offer, offer.worth + changed - (mainTypes.has(offer.type) ? prices.one : 0));
    });
    return { ...problemDay(day), choices, pinned: day.pin?.type !== undefined };
  });
  const history = (weeksAgo: number) => {
    const of = given.athleteHistory?.find((h) => h.weeksAgo === weeksAgo);
    return of ? Math.round(2 * volumeOf(of)) : 0;
  };
  const problem: DaysProblem = {
    days: problemDays,
    weeks: weeks.map((week, w) => inNumbers(week, problemDays.slice(7 * w, 7 * w + 7))),
    legDays: Math.max(labelRulesOf(given.houseRules.labels).legsApart, given.athlete.age >= middleAge ? 3 : 2),
    entry: [marksBefore(given, 2), marksBefore(given, 1)],
    // Of whom nothing is known, nothing is a step too large.
    volumesBefore: given.athleteHistory?.length ? [history(1), history(2)] : [Number.POSITIVE_INFINITY, 0],
  };
  return { days, weeks, problem };
}

/** What is pinned goes before every bound of its week. */
function inNumbers(week: WeeklyTargets, days: readonly ProblemDay[]): ProblemWeek {
  const pinned = days.filter((d) => d.pinned);
  const least = costAxes.map((_, a) =>
    pinned.reduce((sum, d) => sum + Math.min(...d.choices.map((c) => c.least[a] as number)), 0),
  );
  const pinnedVolume = pinned.reduce((sum, d) => sum + Math.min(...d.choices.map((c) => volumeOfUnits(c.least))), 0);
  const aim = inUnits(week.aim);
  const open = days.filter((d) => d.open);
  const takenByPins = open.filter((d) => d.pinned && d.choices[0]?.offer.type !== 'flexibility').length;
  return {
    sessions: {
      min: week.sessions.min,
      max: Math.max(week.sessions.max, pinned.filter((d) => d.choices[0]?.main).length),
    },
    aim,
    most: inUnits(week.most).map((most, a) =>
      Math.max(Math.floor(most + 1e-9), least[a] as number),
    ) as unknown as Units,
    mostVolume:
      week.mostVolume === undefined
        ? Number.POSITIVE_INFINITY
        : Math.max(Math.floor(2 * week.mostVolume + 1e-9), pinnedVolume),
    step: week.step,
    floor: Math.max(Math.floor(leftByStep * volumeOfUnits(aim)), pinnedVolume),
    restDays: week.restDays,
    leastRest: Math.min(1, open.length - takenByPins),
    wantsLegs: week.aim.heavyLower >= 2,
    wantsSpeed: week.aim.contacts >= 30,
    varied: week.sessions.min >= 3,
  };
}

/** Most that a week may hold after two others, half sets. */
export const maxAfter = ({ step, floor }: ProblemWeek, last: number, lastButOne: number): number =>
  step === undefined
    ? Number.POSITIVE_INFINITY
    : Math.max(floor, Math.floor((1 + step) * Math.max(last, lastButOne) + 1e-9));

/** Marks that two sessions so many days apart may not both bear. */
export const clashing = (apart: number, legDays: number): number =>
  (apart < legDays ? marks.legs : 0) | (apart < 2 ? marks.upper | marks.landings : 0);

/** Whether two sessions may stand so many days apart; what the coach has pinned on both is not asked. */
export const mayNeighbour = (a: number, b: number, apart: number, legDays: number): boolean =>
  (a & b & clashing(apart, legDays)) === 0;

/** Every mark that a session on a day could bear. */
export const marksPossible = (day: ProblemDay | undefined): number =>
  day?.choices.reduce((all, choice) => all | choice.marks, 0) ?? 0;

/** Whether days from one on without anything would be too long a stretch: the sport gives nothing on them, and something could be laid. */
export function gapCounts(days: readonly ProblemDay[], from: number): boolean {
  const window = days.slice(Math.max(0, from), from + longestGap);
  return (
    window.length === longestGap && window.every((day) => !day.noGap) && window.some((day) => day.choices.length > 0)
  );
}
