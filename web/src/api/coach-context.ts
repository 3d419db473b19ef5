import type { Squads } from './types';

/** What every view of the coach's desk is given. */
export interface CoachContext {
  squads: Squads;
  today: string;
  /** The day chosen on the ribbon. */
  day: string;
}
