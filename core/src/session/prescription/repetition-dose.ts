import type { Effort } from '../../capacity/action-capacity';
import type { Dose } from '../../dose/dose';
import { parseTempo } from '../../dose/notation';
import { zoneOf, zones } from '../../dose/zone';
import type { Variant } from '../../exercise/model/variant';
import type { BlockKind, Pattern } from '../../exercise/model/vocabulary';
import type { Feasibility } from '../../kit/feasible';
import { isMadeOf } from '../../kit/kit-words';
import type { Brief } from '../brief/brief';
import { isCareful } from '../brief/careful';
import type { Choice } from '../draft/draft';

/** Above this many repetitions a load is light, and the house rule says what to do with it. */
const lightFrom = 15;
/** Rows and other pulls with a light weight are done for many repetitions, not fast: speed would come from the back; common practice, no source. */
const lightPulls: ReadonlySet<Pattern> = new Set(['horizontal-pull', 'vertical-pull', 'scapular']);
const lightPullFewest = 12;
/** Families that are pushed fast off the floor. */
const fastOnTheWayUp: ReadonlySet<string> = new Set(['push-up']);
const slowFewest = 10;
export const minRepetitions = 5;
/** A restricted part is loaded lightly for so many slow repetitions; common practice, no source. */
const restrictedReps = [8, 12] as const;
/** When maximal strength is the aim, a set may be of so few. */
export const minHeavy = 3;
/** It may then be a double, and goes to one short of failure. */
const [heavyDouble, heavyReserve] = [2, 1];
/** A reserve beyond this is not worth writing down. */
const countedReserve = 5;
/** Patterns that are lifted heavy with both sides at once. */
const heavyPatterns: ReadonlySet<Pattern> = new Set([
  'knee-dominant',
  'hip-dominant',
  'horizontal-push',
  'vertical-push',
  'horizontal-pull',
  'vertical-pull',
  'whole-body-lift',
]);

/** Aims in which a set of strength is short. */
const strongAims: ReadonlySet<Brief['aim']> = new Set(['strength', 'power']);

/** Few heavy repetitions are for what is lifted with a bar, or pulled up to one, by both sides at once. */
export const isHeavyLift = ({ side, pattern }: Variant, load?: Choice['load']) =>
  side === 'both' &&
  heavyPatterns.has(pattern) &&
  (pattern === 'vertical-pull' || (load !== undefined && isMadeOf(load.with, 'barbell')));

/** Repetitions, reserve, tempo and rest of a set so far from the most. */
export function repetitionDose(
  base: Dose,
  effort: Effort,
  toFailure: number,
  reserve: number,
  { variant, careful: restricted }: Feasibility,
  block: BlockKind,
  brief: Brief,
  load: Choice['load'],
): Dose {
  const possible = Math.floor(toFailure) - reserve;
  const written = base.work.kind === 'reps' ? base.work.reps : 0;
  const careful = isCareful(brief);
  const zone = zones[zoneOf(effort.share, false)];
  if (zone === zones.strength && !careful && isHeavyLift(variant, load)) {
    const reps = Math.max(heavyDouble, Math.min(Math.floor(toFailure) - heavyReserve, zone.repetitions[1]));
    return { ...base, work: { kind: 'reps', reps }, reserve: Math.max(0, Math.floor(toFailure) - reps) };
  }
  if (possible <= lightFrom) {
    const most = strongAims.has(brief.aim) && !careful ? 8 : 12;
    const reps = Math.max(minRepetitions, Math.min(possible, careful ? Math.max(most, 10) : most));
    const left = Math.min(reserve, Math.max(0, Math.floor(toFailure) - reps));
    return { ...base, work: { kind: 'reps', reps }, reserve: reps < possible ? reserve : left };
  }
  const light = (reps: number, tempo?: string) => lightDose(base, reps, toFailure, tempo);
  if (restricted)
    return light(Math.min(possible, Math.min(Math.max(written, restrictedReps[0]), restrictedReps[1])), '3-0-2');
  if (careful || variant.speed === 'slow' || block !== 'strength') return light(Math.min(written, possible));
  switch (brief.houseRules.lightLoads) {
    case 'fast':
      if (lightPulls.has(variant.pattern)) return light(Math.min(possible, Math.max(written, lightPullFewest)));
      // Fast is for what is made for it; elsewhere a light weight is lowered slowly, near what can be done.
      if (fastOnTheWayUp.has(variant.family)) return light(Math.min(8, written), '2-0-X');
      return light(Math.min(possible, Math.max(written, slowFewest)), '3-1-1');
    case 'slow':
      return light(Math.min(Math.max(written, 8), 12), '4-1-2');
    case 'reps':
      return light(Math.min(possible, 20));
  }
}

export function withoutReserve({ reserve: _, ...dose }: Dose): Dose {
  return dose;
}

function lightDose(base: Dose, reps: number, toFailure: number, tempo?: string): Dose {
  const rest = withoutReserve(base);
  const left = Math.max(0, Math.round(toFailure - reps));
  return {
    ...rest,
    work: { kind: 'reps', reps },
    ...(tempo ? { tempo: parseTempo(tempo) } : {}),
    ...(left <= countedReserve ? { reserve: left } : {}),
  };
}
