import type { Solver } from '../../session/solver';
import type { SessionType } from '../../session-type/session-type';
import { type Arms, mainTypes, type Offer, offersOn } from './allowed';
import { comingBackOn, type WeekAsked, weeksAsked } from './asked';
import { type CalendarCase, type Cost, volumeOf } from './case';
import { type Day, daysOfCase, isOpen } from './day';
import { each, type Term, Writing } from './programme';

/** A session laid on a day. */
export interface LaidDay extends Cost {
  day: Day;
  type: SessionType;
  /** Minutes, where the type says how many. */
  minutes?: number;
  pinned?: true;
}

/** Weeks laid out, and what they were asked to hold. */
export interface LaidCase {
  days: readonly Day[];
  weeks: readonly WeekAsked[];
  laid: readonly LaidDay[];
  /** Worth of all of it. */
  objective: number;
  /** Whether every bound was kept beside what is pinned. */
  strict: boolean;
}

export const axes = ['heavyLower', 'heavyUpper', 'contacts', 'eccentric'] as const;
/** What a set, or ten landings, short of or over what a week is asked for costs; common practice, no source. */
const short: Cost = { heavyLower: 1, heavyUpper: 0.8, contacts: 0.03, eccentric: 0.9 };
const over: Cost = { heavyLower: 0.45, heavyUpper: 0.35, contacts: 0.012, eccentric: 0.6 };
/** Landings are laid by the ten. */
const unit: Cost = { heavyLower: 1, heavyUpper: 1, contacts: 10, eccentric: 1 };
/** Prices of what a week should have: a session, a rest day, legs and arms in it, what a session costs in itself, a day changed of what was laid before. */
const prices = {
  session: 6,
  restDay: 1.6,
  legs: 3,
  gap: 2.5,
  changed: 0.7,
  type: 1.2,
  same: 0.7,
  steady: 0.25,
  large: 0.3,
  one: 0.4,
};
/** Heavy work of one part and landings in number have a day between; from middle age heavy legs have two. Common practice, no source. */
const [apartFrom, upperApartFrom, landingsApartFrom] = [2, 3, 3];
const middleAge = 40;
/** Once a week is enough of these. */
const onceAWeek: readonly SessionType[] = ['conditioning', 'power'];
/** Heavy sets of one part from which a session is a large one. */
const largeFrom = 5;
/** Hard days in a row at the most (Gabbett 2016 with the cautions of later authors; common practice). */
const hardInARow = 2;
/** What makes a day at home a hard one: heavy sets of the legs, tens of landings, sets of slow lowering. */
const hardFrom = [
  ['heavyLower', 3],
  ['contacts', 6],
  ['eccentric', 4],
] as const;
/** Days between sessions at the most where the sport gives none. */
const longestGap = 4;

/** A type on a day of the programme. */
interface Place {
  day: number;
  offer: Offer;
  column: number;
  pinned: boolean;
}

/**
 * Lays the weeks of a case: a type of session on each day with its sets, landings and slow lowering, so that each week comes as near as it can to what it
 * is asked to hold, in the places where it belongs. An exact mixed-integer programme; the same case gives the same plan.
 *
 * @example layCase(calendarCase, highsSolver(highs), { armLed: false, careOfArm: true }).laid[0].type // 'whole-body'
 */
export function layCase(given: CalendarCase, solver: Solver, arms: Arms): LaidCase {
  const days = daysOfCase(given);
  const weeks = weeksAsked(given, days, arms.armLed);
  const offers = days.map((day, d) => offersWithPins(day, days, d, given, arms));
  const asked = { given, days, weeks, offers };
  const kept = laidBy(asked, solver, true) ?? laidBy(asked, solver, false);
  if (!kept) throw new RangeError('what is pinned leaves no way to lay these weeks');
  return kept;
}

interface Asked {
  given: CalendarCase;
  days: readonly Day[];
  weeks: readonly WeekAsked[];
  /** What may stand on each day. */
  offers: readonly (readonly Offer[])[];
}

/** The best plan; undefined where nothing keeps all of it. Where it is not strict, what is pinned goes before the bounds of the weeks and the days between. */
function laidBy({ given, days, weeks, offers }: Asked, solver: Solver, strict: boolean): LaidCase | undefined {
  const writing = new Writing();
  const before = new Map(given.before?.plan.map(({ date, type }) => [date, type]) ?? []);
  const places: Place[] = offers.flatMap((ofDay, d) =>
    ofDay.map((offer): Place => {
      const was = before.get((days[d] as Day).on);
      const changed = was === undefined ? 0 : was === offer.type ? prices.changed : -prices.changed;
      const pinned = (days[d] as Day).pin !== undefined;
      const worth = offer.worth + changed - (mainTypes.has(offer.type) ? prices.one : 0);
      return { day: d, offer, column: writing.variable(worth, pinned ? 1 : 0, 1, true), pinned };
    }),
  );
  const on = (d: number) => places.filter((p) => p.day === d);
  const inWeek = (w: number, ...types: readonly SessionType[]) =>
    places.filter((p) => Math.floor(p.day / 7) === w && (types.length === 0 || types.includes(p.offer.type)));
  /** Most of an axis that a day may hold, in its unit. */
  const mostOn = (d: number, axis: keyof Cost) => Math.max(0, ...on(d).map((p) => p.offer.most[axis])) / unit[axis];
  // One session a day, and on each axis as much as its type may hold there.
  const amounts = days.map((_, d) => {
    const here = on(d);
    writing.row(0, 1, each(here));
    return Object.fromEntries(
      axes.map((axis) => {
        const amount = writing.variable(0, 0, mostOn(d, axis), true);
        const less = (of: 'least' | 'most') => here.map((p): Term => [p.column, -p.offer[of][axis] / unit[axis]]);
        writing.atMost(0, [[amount, 1], ...less('most')]);
        writing.atLeast(0, [[amount, 1], ...less('least')]);
        return [axis, amount];
      }),
    ) as Record<keyof Cost, number>;
  });
  const amountOn = (d: number, axis: keyof Cost) => (amounts[d] as Record<keyof Cost, number>)[axis];
  const within = (w: number) => Array.from({ length: 7 }, (_, i) => 7 * w + i);
  const volumeTerms = (w: number, by: number): Term[] =>
    within(w).flatMap((d) => axes.map((axis): Term => [amountOn(d, axis), (axis === 'contacts' ? 0.5 : 1) * by]));
  const history = new Map((given.athleteHistory ?? []).map((h) => [-(h.weeksAgo - 1), volumeOf(h)]));
  for (const [w, week] of weeks.entries()) {
    for (const axis of axes) {
      const terms = within(w).map((d): Term => [amountOn(d, axis), unit[axis]]);
      writing.near(week.aim[axis], terms, short[axis], over[axis]);
      if (strict) writing.atMost(Math.max(week.most[axis], pinnedLeast(inWeek(w), axis)), terms);
    }
    const main = each(inWeek(w, ...mainTypes));
    writing.atLeast(week.sessions.min, main, prices.session);
    if (strict) writing.atMost(week.sessions.max, main);
    if (week.aim.heavyLower >= 2) writing.atLeast(1, each(inWeek(w, 'whole-body', 'lower-body')), prices.legs);
    sharpOnce(w, week);
    varied(w, week);
    const care = inWeek(w, 'arm-care');
    if (care.length) writing.atLeast(1, each(care), prices.type);
    for (const type of onceAWeek) writing.atMost(1, each(inWeek(w, type).filter((p) => !p.pinned)));
    const rest = within(w).filter((d) => isOpen(days[d] as Day));
    const taken = each(rest.flatMap((d) => on(d).filter((p) => p.offer.type !== 'flexibility')));
    writing.atMost(rest.length - week.restDays, taken, prices.restDay);
    if (strict) writing.atMost(rest.length - Math.min(1, rest.length), taken);
    if (strict && week.mostVolume !== undefined) writing.atMost(week.mostVolume, volumeTerms(w, 1));
    if (strict && week.step !== undefined) stepUp(w, week.step);
  }
  if (strict) apart();
  gaps();
  steady();
  evenly();

  /** Where jumps are asked for in number, one session is for speed. */
  function sharpOnce(w: number, { aim }: WeekAsked) {
    if (aim.contacts < 30) return;
    const power = inWeek(w, 'power');
    if (power.length) writing.atLeast(1, each(power), prices.type);
  }

  /** Of three sessions and more not all are for the whole body. */
  function varied(w: number, { sessions }: WeekAsked) {
    if (sessions.min < 3) return;
    writing.atMost(1, each(inWeek(w, 'whole-body')), prices.same);
    for (const part of ['lower-body', 'upper-body'] as const)
      writing.atLeast(2, each(inWeek(w, part, 'whole-body')), prices.type);
  }

  /** A week rises no more than its step over the larger of the two before it: one of the two bounds it. */
  function stepUp(w: number, step: number) {
    const earlier = [w - 1, w - 2];
    const known = earlier.filter((e) => e < 0).map((e) => history.get(e + 1) ?? 0);
    const open = earlier.filter((e) => e >= 0);
    const largest = Math.max(0, ...known);
    if (open.length === 0) {
      if (largest > 0) writing.atMost(largest * (1 + step), volumeTerms(w, 1));
      return;
    }
    const far = 200;
    const chosen = open.map((e) => ({ e, column: writing.choice() }));
    const byKnown = largest > 0 ? [{ column: writing.choice() }] : [];
    writing.atLeast(1, each([...chosen, ...byKnown]));
    for (const { e, column } of chosen)
      writing.atMost(far, [...volumeTerms(w, 1), ...volumeTerms(e, -(1 + step)), [column, far]]);
    for (const { column } of byKnown) writing.atMost(far + largest * (1 + step), [...volumeTerms(w, 1), [column, far]]);
  }

  /** Whether a day holds so much of any of these axes, as a yes or no. */
  function holds(d: number, ...of: readonly (readonly [axis: keyof Cost, from: number])[]): number {
    const flag = writing.choice();
    for (const [axis, from] of of) {
      const most = mostOn(d, axis);
      if (most >= from)
        writing.atMost(from - 1, [
          [amountOn(d, axis), 1],
          [flag, -(most - from + 1)],
        ]);
    }
    return flag;
  }

  function apart() {
    const legDays = given.athlete.age >= middleAge ? 3 : 2;
    const spaced = (axis: keyof Cost, from: number, between: number) => {
      const flags = days.map((_, d) => (mostOn(d, axis) >= from ? holds(d, [axis, from]) : undefined));
      for (let d = 0; d < days.length; d++)
        for (let k = 1; k < between && d + k < days.length; k++) {
          const [a, b] = [flags[d], flags[d + k]];
          if (a !== undefined && b !== undefined) writing.row(0, 1, each([{ column: a }, { column: b }]));
        }
    };
    spaced('heavyLower', apartFrom, legDays);
    spaced('heavyUpper', upperApartFrom, 2);
    spaced('contacts', landingsApartFrom, 2);
    const hard = days.map((day, d): Term | number => {
      if (day.fixtures.length > 0 || day.camp || day.practices.some((p) => (p.effort ?? 6) >= 7)) return 1;
      return on(d).length ? [holds(d, ...hardFrom), 1] : 0;
    });
    for (let d = 0; d + hardInARow < days.length; d++) {
      const run = hard.slice(d, d + hardInARow + 1);
      const fixed = run.reduce<number>((sum, h) => sum + (typeof h === 'number' ? h : 0), 0);
      const open = run.filter((h): h is Term => typeof h !== 'number');
      if (open.length && fixed <= hardInARow) writing.atMost(hardInARow - fixed, open);
    }
  }

  /** The same on the same day of the week is easier to keep. */
  function steady() {
    for (const one of places) {
      const next = places.find((p) => p.day === one.day + 7 && p.offer.type === one.offer.type);
      if (!next || !mainTypes.has(one.offer.type)) continue;
      const both = writing.variable(prices.steady, 0, 1, false);
      for (const { column } of [one, next])
        writing.atMost(0, [
          [both, 1],
          [column, -1],
        ]);
    }
  }

  /** Two middling sessions rather than a large one and the rest of it. */
  function evenly() {
    for (const [d] of days.entries())
      for (const axis of ['heavyLower', 'heavyUpper'] as const)
        if (mostOn(d, axis) > largeFrom) writing.atMost(largeFrom, [[amountOn(d, axis), 1]], prices.large);
  }

  /** Where the sport gives nothing, no long time without a session. */
  function gaps() {
    for (let d = 0; d + longestGap <= days.length; d++) {
      const window = Array.from({ length: longestGap }, (_, k) => d + k);
      if (window.some((k) => (days[k] as Day).practices.length > 0 || (days[k] as Day).away)) continue;
      const any = each(window.flatMap(on));
      if (any.length) writing.atLeast(1, any, prices.gap);
    }
  }

  const solved = writing.solvedBy(solver, { gap: 1e-6, mostNodes: 20000 });
  if (solved.status === 'infeasible') return undefined;
  const value = (c: number) => Math.round(solved.values[c] as number);
  const laid = places
    .filter((p) => value(p.column) === 1)
    .map(
      ({ day, offer: { type, minutes }, pinned }): LaidDay => ({
        day: days[day] as Day,
        type,
        ...(minutes === undefined ? {} : { minutes }),
        ...(pinned ? { pinned } : {}),
        heavyLower: value(amountOn(day, 'heavyLower')),
        heavyUpper: value(amountOn(day, 'heavyUpper')),
        contacts: unit.contacts * value(amountOn(day, 'contacts')),
        eccentric: value(amountOn(day, 'eccentric')),
      }),
    );
  return { days, weeks, laid, objective: solved.objective, strict };
}

/** What pins ask for at least. */
const pinnedLeast = (places: readonly Place[], axis: keyof Cost) =>
  places.reduce((sum, p) => sum + (p.pinned ? p.offer.least[axis] : 0), 0);

/** Most heavy legs of a pinned session that stands too near to a fixture: its place and length are kept, its weight is not. */
const pinnedLegs = 3;

/** The offers of a day, with what is pinned on it and what a pin of the next days asks for: fresh legs before it. */
function offersWithPins(day: Day, days: readonly Day[], d: number, given: CalendarCase, arms: Arms): Offer[] {
  const back = comingBackOn(given, day.on);
  const offers = offersOn(day, given, back, arms);
  if (day.pin?.type) return [pinnedOffer(day, offers)];
  const near = [1, 2].find((k) => isTooNear(days[d + k]));
  if (near === undefined) return offers;
  return offers.flatMap((offer): Offer[] => {
    if (near === 1 && mainTypes.has(offer.type)) return [];
    if (offer.least.heavyLower > 0 || offer.type === 'power') return [];
    return [{ ...offer, most: { ...offer.most, heavyLower: 0, contacts: Math.min(10, offer.most.contacts) } }];
  });
}

/** A pin of legs in the last two days before a fixture. */
const isTooNear = (day: Day | undefined) =>
  day?.pin?.type !== undefined &&
  (day.pin.type === 'lower-body' || day.pin.type === 'whole-body') &&
  (day.toFixture ?? 9) <= 2;

function pinnedOffer(day: Day, offers: readonly Offer[]): Offer {
  const type = day.pin?.type as SessionType;
  const same = offers.find((o) => o.type === type);
  const minutes = day.pin?.minutes ?? same?.minutes;
  if (same) return { ...same, ...(minutes ? { minutes } : {}) };
  const legs = type === 'lower-body' || type === 'whole-body';
  const arms = type === 'upper-body' || type === 'whole-body';
  return {
    type,
    worth: 0,
    ...(minutes ? { minutes } : {}),
    least: { heavyLower: legs ? 2 : 0, heavyUpper: arms ? 2 : 0, contacts: 0, eccentric: 0 },
    most: { heavyLower: legs ? pinnedLegs : 0, heavyUpper: arms ? 4 : 0, contacts: 10, eccentric: 0 },
  };
}
