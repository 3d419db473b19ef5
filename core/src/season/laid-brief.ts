import type { Aim, Brief } from '../session/brief';
import type { SessionType } from '../session-type/session-type';
import type { LaidSession } from './laying';
import { kindFacts, type SessionKind } from './session-kind';

/** What a session of a kind is composed for. */
const aimOfKind: Record<SessionKind, Aim> = {
  strength: 'strength',
  maintain: 'hold',
  upper: 'hold',
  power: 'power',
  prevention: 'prevention',
  primer: 'power',
};

/** The type of session that a kind is written as. */
const typeOfKind: Record<SessionKind, SessionType> = {
  strength: 'whole-body',
  maintain: 'whole-body',
  upper: 'upper-body',
  power: 'power',
  prevention: 'injury-prevention',
  primer: 'primer',
};

/** Minutes that a session takes at least to be one. */
const leastMinutes = 8;

/** Minutes of a laid session for somebody who has so many. @example minutesOfLaid({ kind: 'primer', level: 1, on: '2026-12-11' }, 30) // 12 */
export const minutesOfLaid = ({ kind, level }: LaidSession, minutes: number): number =>
  Math.max(leastMinutes, Math.round(minutes * kindFacts[kind].minutesShare * level));

/** The brief of a day as the season has laid it: aim, type, minutes, and what is to stay fresh. */
export function briefForLaid(brief: Brief, session: LaidSession): Brief {
  return {
    ...brief,
    aim: aimOfKind[session.kind],
    sessionType: typeOfKind[session.kind],
    minutes: minutesOfLaid(session, brief.minutes),
    season: { ...brief.season, ...(session.kind === 'upper' ? { spare: 'lower' as const } : {}) },
  };
}
