import type { Quality } from '@tropaeum/core/exercise/model/vocabulary';
import type { EntryKind } from '@tropaeum/core/season/calendar/calendar';
import type { SessionType } from '@tropaeum/core/session-type/session-type';

/** The word that a type is known by where there is little room. */
export const shortType: Record<SessionType, string> = {
  'whole-body': 'Whole body',
  'lower-body': 'Legs',
  'upper-body': 'Upper body',
  trunk: 'Trunk',
  power: 'Power',
  'arm-care': 'Arm care',
  'injury-prevention': 'Prevention',
  rounds: 'Rounds',
  conditioning: 'Circuit',
  technique: 'Technique',
  flexibility: 'Mobility',
  return: 'Return',
  primer: 'Primer',
  'warm-up': 'Warm-up',
};

/** The quality that a type is counted towards on the ribbon. */
export const qualityOfType: Record<SessionType, Quality> = {
  'whole-body': 'strength',
  'lower-body': 'strength',
  'upper-body': 'strength',
  trunk: 'trunk',
  power: 'power',
  'arm-care': 'prevention',
  'injury-prevention': 'prevention',
  rounds: 'power',
  conditioning: 'power',
  technique: 'power',
  flexibility: 'preparation',
  return: 'prevention',
  primer: 'power',
  'warm-up': 'preparation',
};

const heavy = 'bg-ink text-paper';
const part = 'bg-slate text-paper';
const fast = 'bg-oxide text-paper';
const caring = 'bg-laurel text-paper';
const light = 'border border-stone bg-lit text-ink';

/** Fill of a session by type; every one carries its word too. */
export const typeFill: Record<SessionType, string> = {
  'whole-body': heavy,
  'lower-body': part,
  'upper-body': 'border-2 border-slate bg-lit text-ink',
  trunk: 'border-2 border-bronze bg-lit text-ink',
  power: fast,
  'arm-care': 'border-2 border-laurel bg-lit text-ink',
  'injury-prevention': caring,
  rounds: fast,
  conditioning: 'border-2 border-oxide bg-lit text-ink',
  technique: 'border-2 border-oxide bg-lit text-ink',
  flexibility: light,
  return: 'border-2 border-laurel bg-lit text-ink',
  primer: 'border-2 border-oxide bg-lit text-ink',
  'warm-up': light,
};

export const entryWords: Record<EntryKind, string> = {
  fixture: 'Fixture',
  practice: 'Practice',
  camp: 'Camp',
  closed: 'Closed',
  travel: 'Travel',
  exam: 'Exams',
  hours: 'Hours',
  free: 'Free',
  away: 'Away',
};

/** Where a session stands on a day of the sport. */
export const timingWords = {
  before: 'before the sport',
  between: 'between practices',
  after: 'after practice',
  only: '',
} as const;
