import { inSeason, inSeasonContacts } from '../../session/scoring/rules';
import { type Cost, costOfType } from '../../session-type/cost';
import type { SessionType } from '../../session-type/session-type';
import { minuteOfDay } from '../calendar/calendar';
import type { CalendarCase } from './case';
import { type Day, endOf, isOpen } from './day';
import { type LabelRules, labelRulesOf } from './label-rules';

/** A type of session that may stand on a day: how much of it, and what speaks for or against it there. */
export interface Offer {
  type: SessionType;
  least: Cost;
  most: Cost;
  /** What the place is worth in itself. */
  worth: number;
  /** Minutes, where they do not follow from what it holds. */
  minutes?: number;
}

const none: Cost = { heavyLower: 0, heavyUpper: 0, contacts: 0, eccentric: 0 };
/** Types that count as sessions of a week; the others are short and light. */
export const mainTypes: ReadonlySet<SessionType> = new Set<SessionType>([
  'whole-body',
  'lower-body',
  'upper-body',
  'power',
  'conditioning',
  'return',
  'trunk',
  'injury-prevention',
]);

const [lightMinutes, shortMinutes] = [12, 15];
/** No slow lowering in the week after a peak; common practice, no source. */
const slowAfterPeak = 7;

/** What the arm is to a sport: whether arms lead it, and whether it throws or hits. */
export interface Arms {
  armLed: boolean;
  careOfArm: boolean;
}

/** What an athlete is coming back from, day by day. */
export interface ComingBack {
  /** Nothing today; easy work only; landings and slow lowering still held back, and how much. */
  stage: 'rest' | 'easy' | 'building' | 'whole';
}

const light = (type: SessionType, minutes: number, worth: number, contacts = 0): Offer => ({
  type,
  minutes,
  worth,
  least: { ...none, contacts },
  most: { ...none, contacts },
});

/**
 * The types that may stand on a day with how much they may hold. What each label allows: nothing but a primer on the day before a fixture, no heavy
 * legs in the last two days and the first after it, slow lowering not in the last three; hard practice before home work; days of travel only moved through.
 */
export function offersOn(day: Day, given: CalendarCase, back: ComingBack, { armLed, careOfArm }: Arms): Offer[] {
  const { houseRules, athlete, phase } = given;
  if (day.free || day.pinnedFree || day.away || back.stage === 'rest') return [];
  const rules = labelRulesOf(houseRules.labels);
  if (day.camp) return [light('flexibility', shortMinutes, -0.2)];
  if (day.fixtures.length) return onFixtureDay(day);
  if (day.travel) return [light('flexibility', lightMinutes, day.congested ? -0.1 : 0.02)];
  if (day.arrived) return [light('flexibility', shortMinutes, 0)];
  const [to, since] = [day.toFixture ?? Number.POSITIVE_INFINITY, day.sincePlayed];
  const shortly = to === 1;
  if (back.stage === 'easy') return shortly ? [] : [light('return', 20, 0.4)];
  const lastEnd = Math.max(0, ...day.practices.map(endOf));
  if (day.practices.length > 1)
    return armLed ? [light('arm-care', 10, 0.3)] : [light('flexibility', shortMinutes, -0.2)];
  if (shortly && rules.dayBefore === 'nothing') return [];
  if (shortly)
    return [
      // Between two fixtures on three days nothing is woken up: the last one is still in the legs.
      ...(since === 1 || rules.dayBefore !== 'primer'
        ? []
        : [light('primer', lightMinutes, isOpen(day) || day.congested ? 0.25 : 0.1, Math.min(10, landings(given)))]),
      light('flexibility', shortMinutes, -0.03),
      ...(day.congested ? [light('trunk', shortMinutes, 0.05)] : []),
    ];
  const settles = day.sincePlayed === 1 && !day.congested && !day.window;
  const restful = [light('flexibility', shortMinutes, settles ? 0.1 : -0.03)];
  if (since === 1) {
    if (!day.congested || day.sinceRun === 1 || day.sincePeak === 1) return restful;
    return [
      ...restful,
      { type: 'upper-body', least: { ...none, heavyUpper: 3 }, most: { ...none, heavyUpper: 5 }, worth: 0 },
    ];
  }
  const late = lastEnd > minuteOfDay(rules.practiceEndsBy) || (day.window !== undefined && day.practices.length > 0);
  if (late) return [];
  const legs = legsOn(day, rules);
  const slow =
    to >= rules.slowBefore &&
    day.toPeak >= rules.slowBeforePeak &&
    since >= rules.slowAfter &&
    day.sincePeak > slowAfterPeak;
  const keyLegs = day.keyTomorrow && !armLed ? 0 : legs;
  const upperMost = day.keyTomorrow && armLed ? 2 : 7;
  const held = back.stage === 'building';
  const narrowed = (most: Cost): Cost => ({
    heavyLower: Math.min(most.heavyLower, keyLegs, held ? 4 : 9, day.exam ? 3 : 9),
    heavyUpper: Math.min(most.heavyUpper, upperMost, held ? 4 : 9),
    contacts: Math.min(
      most.contacts,
      held ? 20 : landings(given),
      to === 2 ? rules.landingsTwoBefore : 999,
      day.exam ? 20 : 999,
    ),
    eccentric: slow ? Math.min(most.eccentric, held ? 2 : 9) : 0,
  });
  const offer = (type: SessionType, worth: number): Offer[] => {
    const [least, most] = costOfType[type] as readonly [Cost, Cost];
    const within = narrowed(inMinutes(most, least, given.around?.minutes));
    const fits = (Object.keys(least) as (keyof Cost)[]).every((axis) => least[axis] <= within[axis]);
    return fits ? [{ type, least, most: within, worth }] : [];
  };
  const topUp = !day.played && day.sinceFixture === 1 && back.stage === 'whole' && phase !== 'return';
  const sharp = phase === 'return' || held;
  return [
    ...restful,
    ...(topUp ? [] : offer('whole-body', placeOfLegs(day, houseRules))),
    ...(topUp
      ? []
      : offer('lower-body', placeOfLegs(day, houseRules) - (houseRules.sessionsPerWeek.min > 2 ? 0 : 0.5))),
    ...(topUp ? [] : offer('upper-body', to === 2 || day.keyTomorrow ? 0.2 : -0.05)),
    ...(sharp || topUp || (to === 2 && day.practices.length === 0)
      ? []
      : offer('power', placeOfPower(day, houseRules)).map((o) => ({
          ...o,
          most: { ...o.most, heavyLower: to === 2 ? 0 : o.most.heavyLower },
        }))),
    // In place of a match that was missed: as many landings as the day allows, up to what makes the next day one without.
    ...(topUp ? offer('conditioning', 2.2).map((o) => landing(o, Math.min(30, o.most.contacts), o.most.contacts)) : []),
    ...(!topUp && isBreak(day, given) && to > 2 ? offer('conditioning', 0.3).map((o) => landing(o, 10, 20)) : []),
    ...(careOfArm && day.practices.length === 1 && phase === 'return' && (back.stage === 'building' || since > 7)
      ? [light('arm-care', 10, 0.15)]
      : []),
    ...(topUp ? [] : offer('injury-prevention', isYoung(athlete) ? 0.2 : -0.4)),
  ];
}

const landing = (offer: Offer, least: number, most: number): Offer => ({
  ...offer,
  least: { ...offer.least, contacts: least },
  most: { ...offer.most, contacts: Math.min(most, offer.most.contacts) },
});

/** Who is young or new to it is better served by learning and protecting than by heavy sets; common practice (Lloyd 2014, from memory). */
const isYoung = ({ age, level }: CalendarCase['athlete']) => age < 16 || level === 'new';

/** The sport gives less than it does: it has a break, or is shut out. */
const isBreak = ({ closed }: Day, { phase }: CalendarCase) => phase === 'break' || (closed && phase === 'in-season');

/** Sets of heavy legs that a day allows. */
function legsOn(
  { toFixture: to = 99, sincePlayed: since, toPeak, sincePeak, sinceRun, congested }: Day,
  { legsBefore, legsAfter, legsRoundPeak }: LabelRules,
): number {
  if (toPeak <= legsRoundPeak || sincePeak <= legsRoundPeak || sinceRun <= (to <= 4 ? 1 : 2)) return 0;
  // Two matches a week leave no other day: few sets, nothing slow.
  if (congested && to === 2 && since > 1) return 3;
  if (to <= legsBefore || since <= legsAfter) return 0;
  return 9;
}

/** Fast and short belongs two or three days before a fixture, behind a practice where hard days are kept together. */
function placeOfPower({ toFixture: to, practices }: Day, { days }: CalendarCase['houseRules']): number {
  if (to === 2) return 0.35;
  if (to !== 3) return -0.1;
  return days === 'consolidate' && practices.length === 0 ? -0.2 : 0.35;
}

/** What speaks against heavy work on the day of a practice that matters most. */
const besideKey = 1.8;
/** What speaks against legs two days before a fixture where an earlier day was free. */
const nearFixture = 2.5;

/** Where the heavy day of the week belongs: behind the hard practice or away from it, as the house rule says, four or five days before a fixture. */
function placeOfLegs(day: Day, { days }: CalendarCase['houseRules']): number {
  const { toFixture: to = 99, sincePlayed: since } = day;
  const hard = day.practices.some((p) => (p.effort ?? 6) >= 6);
  const away = day.practices.length ? 0.8 : 1;
  const place = days === 'consolidate' ? (hard ? 0 : -away) : hard ? -1 : 0;
  const clear = to === 4 || to === 5 ? 0.6 : 0;
  // Two days before a fixture only where the one before it was as near.
  const near = to === 2 && since + to > 4 ? nearFixture : 0;
  const beside = day.practices.some((p) => (p.importance ?? 1) > 1) ? besideKey : 0;
  return place + clear - near - beside - (to === 3 ? 0.3 : 0);
}

/** Minutes of a session before its first set and minutes a heavy set takes with its rest; common practice, no source. */
export const [beforeSets, aHeavySet] = [10, 2.6];

/** What a type holds at the most where a session has only so many minutes: its heavy sets come down together, never under what makes it one. */
function inMinutes(most: Cost, least: Cost, minutes: number | undefined): Cost {
  if (minutes === undefined) return most;
  const room = Math.max(1, Math.floor((minutes - beforeSets) / aHeavySet));
  const sets = most.heavyLower + most.heavyUpper + most.eccentric / 2;
  const share = Math.min(1, room / sets);
  const down = (axis: keyof Cost) => Math.max(least[axis], Math.round(most[axis] * share));
  return {
    heavyLower: down('heavyLower'),
    heavyUpper: down('heavyUpper'),
    eccentric: down('eccentric'),
    contacts: Math.max(least.contacts, Math.min(most.contacts, 10 * Math.floor(minutes / 4))),
  };
}

/** Landings of a session at home at the most, by age and level: half of what the handbooks allow a session of jumps. Common practice, no source. */
export function landings(given: CalendarCase): number {
  const most = Math.min(
    given.around?.landings ?? Number.POSITIVE_INFINITY,
    // Within a season it is what a session at home holds; a calendar by itself says nothing of home.
    given.around && inSeason.has(given.phase) ? inSeasonContacts : Number.POSITIVE_INFINITY,
  );
  return Math.min(landingsByAge(given), 10 * Math.floor(most / 10));
}

function landingsByAge({ athlete }: CalendarCase): number {
  if (athlete.age < 16) return 30;
  if (athlete.age < 18) return 40;
  return { new: 30, beginner: 40, intermediate: 60, advanced: 80 }[athlete.level];
}

/** A run of evening shows leaves the noon: a warm-up of one's own. Elsewhere a fixture day is left alone. */
function onFixtureDay(day: Day): Offer[] {
  const [only] = day.fixtures;
  const evening = day.fixtures.length === 1 && only?.time !== undefined && only.time >= '18:00';
  return day.inRun && evening ? [light('warm-up', shortMinutes, 0.05)] : [];
}
