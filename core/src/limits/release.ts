import { heldUntilReleased } from './causes';
import { causeOf, lifterOf, type Restriction } from './restriction';

/** A part of the body; without a side, or with none said, it is both. */
interface Place {
  region: Restriction['region'];
  side?: Restriction['side'] | null;
}

const placeOf = ({ region, side }: Place) => `${region} ${side ?? 'both'}`;

/** Bearing more is looser. */
const bearing = { none: 0, partial: 1, full: 2 } as const;

/** Whether a restriction allows more than it did, or is gone. */
function isLoosened(before: Restriction, after: Restriction | undefined): boolean {
  if (!after) return true;
  if (before.severity === 'avoid' && after.severity === 'limit') return true;
  if (after.until !== undefined && (before.until === undefined || after.until < before.until)) return true;
  if ((after.stage ?? 2) > (before.stage ?? 2)) return true;
  if (bearing[after.weightBearing ?? 'full'] > bearing[before.weightBearing ?? 'full']) return true;
  if (before.rangeDegrees) {
    const [from, to] = before.rangeDegrees;
    if (!after.rangeDegrees || after.rangeDegrees[0] < from || after.rangeDegrees[1] > to) return true;
  }
  if (before.without?.some((group) => !after.without?.includes(group))) return true;
  const [was, is] = [causeOf(before), causeOf(after)];
  return was !== is && (heldUntilReleased.has(was) || was === 'joint-instability');
}

/** A restriction that came, went or changed. */
export interface ListedChange {
  before?: Restriction;
  after?: Restriction;
}

/** A change of a restriction that a clinician alone may loosen. */
export type GuardedChange = ListedChange & { before: Restriction };

const isGuarded = (change: ListedChange): change is GuardedChange =>
  change.before !== undefined && lifterOf(change.before) === 'clinician' && isLoosened(change.before, change.after);

/**
 * Of a new list of restrictions, the changes that only a clinician may make: what was set by one, or follows an operation, a bone stress, a
 * concussion or a sprain, and would allow more than before. A coach may always make it stricter.
 *
 * @example guardedChanges([{ region: 'knee', severity: 'limit', cause: 'bone-stress' }], []).length // 1
 */
export const guardedChanges = (before: readonly Restriction[], after: readonly Restriction[]): GuardedChange[] =>
  changesOf(before, after).filter(isGuarded);

/** That somebody who may has released a part, in writing. */
export interface Release {
  region: Restriction['region'];
  side?: Restriction['side'];
  by: 'physiotherapist' | 'doctor';
  /** Day of the writing, ISO date. */
  on: string;
  /** What is allowed, in the clinician's words. */
  words: string;
}

/** The release that a change rests on, where it needs one. */
export function releaseFor(change: ListedChange, releases: readonly Release[]): Release | undefined {
  return isGuarded(change) ? releases.find((r) => placeOf(r) === placeOf(change.before)) : undefined;
}

/** Whether a change is covered by a release. */
export const isReleased = (change: GuardedChange, releases: readonly Release[]): boolean =>
  releaseFor(change, releases) !== undefined;

/** Whether two restrictions are of the same part and side. @example isSamePlace({ region: 'knee', severity: 'limit' }, { region: 'knee', side: 'both', severity: 'avoid' }) // true */
export const isSamePlace = (a: Place, b: Place): boolean => placeOf(a) === placeOf(b);

/** Whether two restrictions say the same, in whatever order. @example isSameRestriction({ region: 'knee', severity: 'limit' }, { severity: 'limit', region: 'knee' }) // true */
export function isSameRestriction(a: Restriction, b: Restriction): boolean {
  const text = (r: Restriction) => JSON.stringify(Object.entries(r).sort(([x], [y]) => x.localeCompare(y)));
  return text(a) === text(b);
}

/** Every difference between two lists of restrictions; of one part of the body there is one. */
export function changesOf(before: readonly Restriction[], after: readonly Restriction[]): ListedChange[] {
  return [
    ...before.flatMap((was): ListedChange[] => {
      const is = after.find((r) => isSamePlace(r, was));
      if (is && isSameRestriction(is, was)) return [];
      return [{ before: was, ...(is ? { after: is } : {}) }];
    }),
    ...after.filter((is) => !before.some((was) => isSamePlace(was, is))).map((is) => ({ after: is })),
  ];
}
