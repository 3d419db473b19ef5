import type { Region } from '../exercise/model/vocabulary';
import { type Cause, causeInText, heldUntilReleased } from './causes';
import type { MovementGroup } from './groups';
import type { Severity } from './rule';

export const setters = ['athlete', 'coach', 'physiotherapist', 'doctor'] as const;
export type Setter = (typeof setters)[number];
const clinicians: ReadonlySet<Setter> = new Set(['physiotherapist', 'doctor']);
const isClinician = (by: Setter | undefined): boolean => by !== undefined && clinicians.has(by);

/** Steps of coming back: held, loaded slowly, long range and one limb, jumps and speed, sport. */
export const stages = [1, 2, 3, 4, 5] as const;
export type Stage = (typeof stages)[number];
/** Contacts in a session once jumping is allowed again; values from memory of return plans. */
export const stageContacts = { 4: 40, 5: 80 } as const satisfies Partial<Record<Stage, number>>;

export const weightBearings = ['none', 'partial', 'full'] as const;
export type WeightBearing = (typeof weightBearings)[number];

/** What an athlete may not do, as it was agreed. */
export interface Restriction {
  region: Region;
  side?: 'left' | 'right' | 'both';
  /** avoid: nothing that loads the region or moves it hard; limit: inside the ranges and doses of its table. */
  severity: Severity;
  cause?: Cause;
  /** In free words; names the cause where that was left out. */
  reason?: string;
  /** Day of the injury or the operation, ISO date. */
  since?: string;
  /** Last day it holds, ISO date; open-ended when left out. */
  until?: string;
  /** Degrees that the joint of the region may go through under load, from and to. */
  rangeDegrees?: readonly [number, number];
  /** How much of the body the leg may carry. */
  weightBearing?: WeightBearing;
  /** Step of coming back. More than the table allows only where a clinician set it. */
  stage?: Stage;
  /** Sorts of movement that are out besides what the table says. */
  without?: readonly MovementGroup[];
  /** What has to be shown before the next stage or the release, in the words of whoever set it. */
  criteria?: string;
  setBy?: Setter;
}

/** A restriction as the rules read it: what holds on the day, whatever was typed. */
export interface Standing {
  region: Region;
  side: 'left' | 'right' | 'both';
  severity: Severity;
  cause: Cause;
  rangeDegrees?: readonly [number, number];
  weightBearing?: WeightBearing;
  stage?: Stage;
  without?: readonly MovementGroup[];
  /** It has run out and holds until somebody who may releases it. */
  overdue?: boolean;
}

/** The cause of a restriction: as given, else as its reason says. @example causeOf({ region: 'knee', severity: 'limit', reason: 'patellar tendon' }) // 'tendon' */
export function causeOf({ cause, reason }: Restriction): Cause {
  return cause ?? causeInText(reason ?? '');
}

/**
 * What a restriction means on a day; nothing before it began and after it has run out. After an operation, a bone stress and a concussion it does
 * not run out by itself: then it counts as `limit`, a concussion as what it was, until it is released.
 *
 * @example standingOf({ region: 'knee', severity: 'avoid', cause: 'bone-stress', until: '2026-12-01' }, '2026-12-09')?.severity // 'limit'
 */
export function standingOf(restriction: Restriction, day: string): Standing | undefined {
  const {
    region,
    side = 'both',
    severity,
    since,
    until,
    rangeDegrees,
    weightBearing,
    stage,
    without,
    setBy,
  } = restriction;
  if (since !== undefined && since > day) return undefined;
  const cause = causeOf(restriction);
  const over = until !== undefined && until < day;
  if (over && !heldUntilReleased.has(cause)) return undefined;
  // What loosens the table is a clinician's to say; anybody may tighten it.
  const counted = stage !== undefined && (stage <= 1 || isClinician(setBy)) ? stage : undefined;
  return {
    region,
    side,
    severity: over && cause !== 'concussion' ? 'limit' : severity,
    cause,
    ...(rangeDegrees ? { rangeDegrees } : {}),
    ...(weightBearing ? { weightBearing } : {}),
    ...(counted === undefined ? {} : { stage: counted }),
    ...(without?.length ? { without } : {}),
    ...(over ? { overdue: true } : {}),
  };
}

/** Who may lift or loosen a restriction. */
export type Lifter = 'coach' | 'clinician';

/** Strength of a strain or a sprain is not known here: a clinician's is left to the clinician. */
export function lifterOf(restriction: Restriction): Lifter {
  const cause = causeOf(restriction);
  if (isClinician(restriction.setBy) || heldUntilReleased.has(cause) || cause === 'joint-instability')
    return 'clinician';
  return 'coach';
}
