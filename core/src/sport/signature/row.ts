import type { Phase } from '../../session-type/aims-and-phases';
import type { SessionType } from '../../session-type/session-type';

/** How often, how much and for whom a coach of the sport gives a piece of work. */
export interface SignatureRow {
  id: string;
  name: string;
  /** Why, as one would tell the athlete. */
  reason: string;
  /** Work that must turn up over a week, drills of the sport, or the range that its stretching is about. */
  kind?: 'drills' | 'range';
  /** 3 most weeks of the year, 2 often, 1 now and then. */
  weight: 1 | 2 | 3;
  /** Only these roles; every role when left out. */
  roles?: readonly string[];
  roleWeights?: Readonly<Record<string, 1 | 2 | 3>>;
  /** The session types it belongs in. */
  types: readonly SessionType[];
  /** Ladders, easiest rung first: one of them serves a session, all of them turn up over the weeks. */
  parts: readonly (readonly string[])[];
  /** Only in these phases. */
  phases?: readonly Phase[];
  sets?: readonly [fewest: number, most: number];
  reps?: readonly [fewest: number, most: number];
  seconds?: readonly [shortest: number, longest: number];
  contacts?: readonly [fewest: number, most: number];
  /** Times a week out of season and in season. */
  perWeek: readonly [offSeason: number, inSeason: number];
  /** Exercises that are this sport's own: chosen here whatever their standing. */
  own?: readonly string[];
  /** Where it is published, from memory; common practice when left out. */
  source?: string;
}
