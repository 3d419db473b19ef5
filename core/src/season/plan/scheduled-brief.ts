import type { Brief } from '../../session/brief/brief';
import type { Aim } from '../../session-type/aims-and-phases';
import type { SessionType } from '../../session-type/session-type';
import type { ScheduledSession } from '../scheduler/scheduled-session';

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

/** The brief of a day as the season has laid it: aim, type, minutes, and what is to stay fresh. @example briefForScheduled(brief, { type: 'primer', minutes: 12 }).minutes // 12 */
export function briefForScheduled(
  brief: Brief,
  laid: Pick<ScheduledSession, 'type' | 'minutes'> & Partial<ScheduledSession>,
): Brief {
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
