import { ageOn } from '../athlete/athlete';
import type { Level } from '../exercise/vocabulary';
import type { Phase } from '../session/brief';
import { type Dose, type DoseAxis, doseAxes } from './session-kind';

export const loadingSchools = ['steady', 'waved', 'undulating'] as const;
export type LoadingSchool = (typeof loadingSchools)[number];

/** Why a school of loading is followed; shown beside the choice. */
export const loadingReasons: Record<LoadingSchool, string> = {
  steady: 'The same every week: simplest to keep at home, and enough to hold.',
  waved: 'Three weeks up, one down: more to adapt to, and a week to take it in.',
  undulating: 'Different days within a week, every week alike: variety, and nothing gets sore twice.',
};

/** Share of the usual dose in the weeks of a phase, over and over. Common practice, no source. */
const waves: Record<LoadingSchool, readonly number[]> = {
  steady: [1],
  waved: [0.9, 1, 1.1, 0.6],
  undulating: [1],
};

/** Doses of a week at half an hour a session, by phase. Common practice, no source; hold in season, build before it. */
const usualDose: Readonly<Record<Phase, Dose>> = {
  'off-season': { lowerSets: 12, upperSets: 10, contacts: 40, lengtheningSets: 4, throws: 10 },
  'general-preparation': { lowerSets: 12, upperSets: 10, contacts: 60, lengtheningSets: 6, throws: 20 },
  'specific-preparation': { lowerSets: 10, upperSets: 8, contacts: 100, lengtheningSets: 6, throws: 40 },
  'pre-season': { lowerSets: 8, upperSets: 7, contacts: 120, lengtheningSets: 4, throws: 40 },
  'in-season': { lowerSets: 6, upperSets: 5, contacts: 60, lengtheningSets: 3, throws: 20 },
  taper: { lowerSets: 6, upperSets: 5, contacts: 60, lengtheningSets: 2, throws: 20 },
  transition: { lowerSets: 4, upperSets: 4, contacts: 0, lengtheningSets: 2, throws: 0 },
  break: { lowerSets: 8, upperSets: 8, contacts: 40, lengtheningSets: 4, throws: 10 },
  return: { lowerSets: 8, upperSets: 7, contacts: 60, lengtheningSets: 3, throws: 20 },
};

/**
 * What holds a quality when time is short: one session a week and one set an exercise hold strength for months while the load is kept (Spiering
 * 2021; value from memory); landings, slow lowering and throws: common practice, no source.
 */
export const holdingDose: Dose = { lowerSets: 3, upperSets: 3, contacts: 20, lengtheningSets: 2, throws: 6 };

/** Volume is cut by 41 to 60 % in a taper, intensity and frequency kept (Bosquet 2007; value from memory). */
export const taperShare = 0.5;

/** Cuts of the weeks after a long time off, 50, 30, 20 and 10 % (joint guidelines of CSCCa and NSCA, 2019; value from memory). */
export const returnCuts = [0.5, 0.3, 0.2, 0.1] as const;

/**
 * Share of the usual volume in a week of a phase.
 *
 * @param week of the phase, from 1
 * @example volumeShare('return', 1, 'steady') // 0.5
 */
export function volumeShare(phase: Phase, week: number, school: LoadingSchool): number {
  if (phase === 'taper') return taperShare;
  if (phase === 'return') return 1 - (returnCuts[week - 1] ?? 0);
  const wave = waves[school];
  return wave[(week - 1) % wave.length] as number;
}

/** Most that the volume of a week may rise over the one before, share: less for who begins and for the young. Common practice, no source. */
export function mostStep(level: Level, born: string, on: string): number {
  if (ageOn(born, on) < 16 || level === 'new' || level === 'beginner') return 0.1;
  return level === 'intermediate' ? 0.15 : 0.2;
}

/**
 * Landings of one session at most: 100 for beginners, 120 for the intermediate, 140 for the advanced (handbook of the National Strength and
 * Conditioning Association; values from memory); 80 for who is new or under sixteen.
 *
 * @example mostContacts('beginner', '2001-03-04', '2026-12-09') // 100
 */
export function mostContacts(level: Level, born: string, on: string): number {
  if (level === 'new' || ageOn(born, on) < 16) return 80;
  return { beginner: 100, intermediate: 120, advanced: 140 }[level];
}

/** Who a week is laid for. */
export interface WeekFor {
  /** Minutes of a usual session. */
  minutes: number;
  /** Landings of one session at most. */
  mostContacts: number;
}

/** What a week is to hold. */
export interface WeekAsk extends WeekFor {
  wanted: Dose;
  /** What holds each quality; never more than is wanted. */
  holding: Dose;
  least: number;
  most: number;
  /** Volume that the week stays under whatever came before. */
  mostVolume: number;
  /** Whether a kind that comes twice in the week is a drawback. */
  varied: boolean;
}

/** Room over what is wanted, so that whole sessions fit; a taper and a return have none. */
const room = 1.35;

/**
 * What a week of a phase asks of somebody.
 *
 * @example weekAsk('in-season', 2, 'steady', { minutes: 30, mostContacts: 120 }, { least: 2, most: 3 }).wanted.lowerSets // 6
 */
export function weekAsk(
  phase: Phase,
  week: number,
  school: LoadingSchool,
  whom: WeekFor,
  sessions: { least: number; most: number },
): WeekAsk {
  const share = volumeShare(phase, week, school) * (whom.minutes / 30);
  const wanted = mapDose((axis) => usualDose[phase][axis] * share);
  const exact = phase === 'taper' || phase === 'return';
  return {
    ...whom,
    wanted,
    holding: mapDose((axis) => Math.min(wanted[axis], holdingDose[axis])),
    least: phase === 'transition' ? 0 : sessions.least,
    most: phase === 'transition' ? Math.min(2, sessions.most) : sessions.most,
    mostVolume: volumeOf(wanted) * (exact ? 1 : room),
    varied: school === 'undulating',
  };
}

export const mapDose = (of: (axis: DoseAxis) => number): Dose =>
  Object.fromEntries(doseAxes.map((axis) => [axis, of(axis)])) as Dose;

/** Landings that count as one set in the volume of a week; common practice, no source. */
const contactsOfASet = 20;

/** One number for how much a week is, sets: what the step from week to week is measured on. Throws cost little and are left out. */
export const volumeOf = ({ lowerSets, upperSets, lengtheningSets, contacts }: Dose): number =>
  lowerSets + upperSets + lengtheningSets + contacts / contactsOfASet;

/** What a full week of each quality is worth; common practice, no source. */
export const axisWorth: Dose = { lowerSets: 1, upperSets: 0.8, contacts: 0.7, lengtheningSets: 0.8, throws: 0.3 };
/** Of that, what is reached when the quality is held; the rest comes on the way to what is wanted. */
export const worthOfHolding = 0.6;

/** Pieces of the worth of a dose, falling slopes: up to what holds, then up to what is wanted. */
export function worthPieces({ wanted, holding }: WeekAsk, axis: DoseAxis): { width: number; slope: number }[] {
  if (wanted[axis] <= 0) return [];
  // Never more than its share of the way, so that the first sets are worth most.
  const held = Math.min(holding[axis], worthOfHolding * wanted[axis]);
  const beyond = wanted[axis] - held;
  return [
    { width: held, slope: (axisWorth[axis] * worthOfHolding) / held },
    { width: beyond, slope: (axisWorth[axis] * (1 - worthOfHolding)) / beyond },
  ];
}

/** Worth of a week's dose, 0 to the sum of what is asked for. */
export function worthOf(ask: WeekAsk, dose: Dose): number {
  let worth = 0;
  for (const axis of doseAxes) {
    let left = dose[axis];
    for (const { width, slope } of worthPieces(ask, axis)) {
      worth += slope * Math.min(left, width);
      left -= Math.min(left, width);
    }
  }
  return worth;
}
