import type { Quality } from '@tropaeum/core/exercise/vocabulary';
import type { EntryKind } from '@tropaeum/core/season/calendar';
import type { SessionKind } from '@tropaeum/core/season/session-kind';

/** The word that a kind is known by where there is little room. */
export const kindWords: Record<SessionKind, string> = {
  strength: 'Strength',
  maintain: 'Holding',
  upper: 'Upper',
  power: 'Power',
  prevention: 'Prevention',
  primer: 'Primer',
};

/** The quality that a kind is counted towards on the ribbon. */
export const qualityOfKind: Record<SessionKind, Quality> = {
  strength: 'strength',
  maintain: 'strength',
  upper: 'strength',
  power: 'power',
  prevention: 'prevention',
  primer: 'power',
};

/** Fill of a session by kind; every one carries its word too. */
export const kindFill: Record<SessionKind, string> = {
  strength: 'bg-ink text-paper',
  maintain: 'bg-slate text-paper',
  upper: 'border-2 border-slate bg-lit text-ink',
  power: 'bg-oxide text-paper',
  prevention: 'bg-laurel text-paper',
  primer: 'border-2 border-oxide bg-lit text-ink',
};

export const entryWords: Record<EntryKind, string> = {
  fixture: 'Fixture',
  practice: 'Practice',
  closed: 'Closed',
  travel: 'Travel',
  exams: 'Exams',
  free: 'Free',
  away: 'Away',
};
