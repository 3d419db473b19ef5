import { standingsOn } from '../../athlete/athlete';
import { ageOn, daysBetween } from '../../date/days';
import type { SessionType } from '../../session-type/session-type';
import type { SignatureRow } from '../../sport/signature/row';
import type { Brief } from '../brief/brief';

/** The type of a session, and why it is that. */
export interface TypeChoice {
  type: SessionType;
  reason: string;
  /** The coach has said so. */
  chosen?: true;
}

/** Minutes up to which prevention is a warm-up, or the care of an arm; and a back that aches is answered by trunk work. Common practice, no source. */
const [warmUpMinutes, armCareMinutes, trunkMinutes] = [10, 20, 25];
/** Share of the strength rows of a sport that makes it one of the legs, or of the arms; common practice, no source. */
const oneSided = 0.72;
/** Younger beginners of a sport of skill learn rather than hold; common practice, no source. */
const learnsUnder = 14;

/** What the signature rows weigh together in sessions of a type, drills and range left out. */
export const weightIn = (rows: readonly SignatureRow[], type: SessionType) =>
  rows.filter((row) => row.types.includes(type) && !row.kind).reduce((sum, row) => sum + row.weight, 0);

/** A sport of bouts has drills to make rounds of, and work that matters in them. */
const hasRounds = (rows: readonly SignatureRow[]) =>
  rows.some((row) => row.types.includes('rounds') && row.weight === 3) &&
  rows.some((row) => row.types.includes('rounds') && row.kind === 'drills');

/** Whole body, legs or arms: what the signature work of the sport says. */
function strengthType(rows: readonly SignatureRow[]): TypeChoice {
  const [lower, upper] = [weightIn(rows, 'lower-body'), weightIn(rows, 'upper-body')];
  const all = lower + upper || 1;
  if (lower / all >= oneSided) return { type: 'lower-body', reason: 'Strength, in a sport of the legs.' };
  if (upper / all >= oneSided) return { type: 'upper-body', reason: 'Strength, in a sport of the arms.' };
  return { type: 'whole-body', reason: 'Strength of legs and arms: the sport needs both.' };
}

/**
 * The type of session that a brief asks for: the one the coach has chosen, else what aim, minutes, season, the signature work of the role and restrictions say.
 *
 * @example sessionTypeOf(plainBrief({ season: { phase: 'in-season', nextFixture: '2026-12-10' } }), signatureFor(handball, 'back')) // { type: 'primer', reason: 'Fixture tomorrow: ...' }
 */
export function sessionTypeOf(brief: Brief, rows: readonly SignatureRow[]): TypeChoice {
  const { aim, minutes, season, date, athlete, houseRules } = brief;
  if (brief.sessionType) return { type: brief.sessionType, reason: 'Chosen by you.', chosen: true };
  const days = season.nextFixture ? daysBetween(date, season.nextFixture) : Number.POSITIVE_INFINITY;
  if (days === 1) return { type: 'primer', reason: 'Fixture tomorrow: short, fast, no soreness.' };
  if (days === 0) return { type: 'primer', reason: 'Fixture today: a primer at most.' };
  switch (aim) {
    case 'flexibility':
      return { type: 'flexibility', reason: 'The aim is mobility.' };
    case 'return':
      return { type: 'return', reason: 'Return to play: light, isometric first, then progress.' };
    case 'power':
      return { type: 'power', reason: 'The aim is power.' };
    case 'learn':
      return { type: 'technique', reason: 'The aim is to learn: drills of the sport come first.' };
    case 'endurance':
      if (houseRules.format === 'timed' || hasRounds(rows))
        return { type: 'rounds', reason: 'Endurance in a sport of bouts: its own rounds.' };
      return { type: 'conditioning', reason: 'Endurance: a circuit of the whole body.' };
    case 'prevention':
      if (minutes <= warmUpMinutes)
        return { type: 'warm-up', reason: `${minutes} minutes of prevention: a warm-up that protects.` };
      if (minutes <= armCareMinutes && rows.some((row) => row.types.includes('arm-care') && row.weight === 3))
        return { type: 'arm-care', reason: 'A short session of prevention in a sport of the arm: arm care.' };
      return { type: 'injury-prevention', reason: 'The most common injuries of this sport.' };
    default: {
      const sore = standingsOn(athlete, date).some((s) => s.region === 'lower-back');
      if (aim === 'hold' && sore && minutes <= trunkMinutes)
        return { type: 'trunk', reason: 'Little time and a lower back that needs care: trunk first.' };
      const drills = rows.some((row) => row.types.includes('technique') && row.weight >= 2);
      if (aim === 'hold' && drills && ageOn(athlete.born, date) < learnsUnder)
        return { type: 'technique', reason: 'Young and learning: drills of the sport, then a little strength.' };
      if (aim === 'hold') return { type: 'whole-body', reason: 'Maintenance: a little of everything.' };
      return strengthType(rows);
    }
  }
}
