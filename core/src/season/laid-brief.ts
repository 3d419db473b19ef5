import type { Aim, Brief } from '../session/brief';
import type { SessionType } from '../session-type/session-type';
import type { LaidSession } from './laid';

/** What a session of a type is composed for, where the type says so. */
const aimOfType: Partial<Record<SessionType, Aim>> = {
  power: 'power',
  primer: 'power',
  'injury-prevention': 'prevention',
  'arm-care': 'prevention',
  conditioning: 'endurance',
  rounds: 'endurance',
  technique: 'learn',
  flexibility: 'flexibility',
  return: 'return',
};

/** Heavy sets from which a session builds rather than holds. */
const buildsFrom = 7;

/** The brief of a day as the season has laid it: aim, type, minutes, and what is to stay fresh. @example briefForLaid(brief, laidPrimer).minutes // 12 */
export function briefForLaid(brief: Brief, laid: Pick<LaidSession, 'type' | 'minutes'> & Partial<LaidSession>): Brief {
  const { type, minutes, heavyLower = 0, heavyUpper = 0, contacts, eccentric } = laid;
  // A link says no more than type and minutes: what the session costs is asked for where all of it is known.
  const known = contacts !== undefined && eccentric !== undefined;
  return {
    ...brief,
    aim: aimOfType[type] ?? (heavyLower + heavyUpper >= buildsFrom ? 'strength' : 'hold'),
    sessionType: type,
    minutes,
    season: {
      ...brief.season,
      ...(type === 'upper-body' ? { spare: 'lower' as const } : {}),
      ...(known ? { laid: { type, minutes, heavyLower, heavyUpper, contacts, eccentric } } : {}),
    },
  };
}
