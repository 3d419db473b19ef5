import { type Zone, zoneOf } from '../dose/zone';
import type { Variant } from '../exercise/model/variant';
import { mainBlocks, type Pattern, patterns } from '../exercise/model/vocabulary';
import type { Feasibility } from '../kit/feasible';
import type { LoadOption } from '../kit/load-option';
import type { Capacity } from './capacity';
import type { Interval } from './interval';

/** One load with what it comes to for this athlete. */
export interface Reached {
  load?: LoadOption;
  /** A measured band. */
  band?: string;
  share: number;
  between: Interval;
  /** None for holds: zones are of lifts that are counted. */
  zone?: Zone;
  /** Repetitions, or seconds of a hold, to failure. */
  toFailure: Interval;
  counts: 'repetitions' | 'seconds';
}

/** What a variant comes to at every load there is, lightest first. Empty where the force is not known: unmeasured bands, no load the model sees. */
export function reachOf({ variant, loads, bands }: Feasibility, capacity: Capacity): Reached[] {
  const counts = variant.dose.work.kind === 'hold' ? 'seconds' : 'repetitions';
  const reached = (loading: Parameters<Capacity['effort']>[1], what: Pick<Reached, 'load' | 'band'>): Reached[] => {
    const effort = capacity.effort(variant, loading);
    const toFailure = capacity.toFailure(variant, loading, counts);
    if (!effort || !toFailure) return [];
    const { share, between } = effort;
    const zone = counts === 'repetitions' ? { zone: zoneOf(share, variant.speed === 'fast') } : {};
    return [{ ...what, share, between, ...zone, toFailure, counts }];
  };
  if (variant.load?.source === 'band')
    return bands.flatMap(({ with: band, measured }) => (measured ? reached({ band: measured }, { band }) : []));
  const bare = variant.load?.required ? [] : reached({}, {});
  return [...bare, ...loads.flatMap((load) => reached({ loadKg: load.kg }, { load }))];
}

/** A load that cannot be lifted so often, or held so many seconds, is not trained with alone at home. */
const [minLifted, shortestHeld] = [3, 5];

const trainable = ({ toFailure, counts }: Reached) =>
  toFailure.mid >= (counts === 'seconds' ? shortestHeld : minLifted);

/** The hardest that can still be trained with; undefined where nothing is known or all is too heavy. */
export function hardestOf(reached: readonly Reached[]): Reached | undefined {
  return reached
    .filter(trainable)
    .reduce<Reached | undefined>((best, r) => (best && best.share >= r.share ? best : r), undefined);
}

const zoneOrder: readonly Zone[] = ['muscular-endurance', 'hypertrophy', 'strength'];

/** Whether a zone is reached, or one that asks for more. Fast zones are reached by moving fast what is light enough. */
export function reaches(found: Reached | undefined, wanted: Zone): boolean {
  if (!found?.zone) return false;
  if (wanted === 'speed-strength' || wanted === 'power') return found.zone === wanted;
  return zoneOrder.indexOf(found.zone) >= zoneOrder.indexOf(wanted);
}

/** One exercise with what it comes to at its hardest. */
export interface ExerciseReach {
  variant: Variant;
  /** What it is done with, in words. */
  with: string;
  /** Left out where the force is not known and it is dosed by what is left. */
  reached?: Reached;
}

/** A pattern with all that trains it here, what is counted first and hardest first; or with why nothing does. */
export interface PatternReach {
  pattern: Pattern;
  exercises: ExerciseReach[];
  why?: string;
}

/** Patterns that are trained by load and have a zone; drills, jumps and stretches have none. */
export const loadedPatterns: readonly Pattern[] = patterns.filter(
  (pattern) =>
    ![
      'balance',
      'jump',
      'landing',
      'hop',
      'throw',
      'locomotion',
      'quick-feet',
      'mobility',
      'stretch',
      'skill',
      'pulse',
    ].includes(pattern),
);

function exerciseReach(candidate: Feasibility, capacity: Capacity): ExerciseReach[] {
  const { variant, bands } = candidate;
  const reached = hardestOf(reachOf(candidate, capacity));
  if (reached) return [{ variant, with: reached.load?.with ?? reached.band ?? 'body', reached }];
  const unknown = bands.filter((b) => !b.measured);
  return unknown.length ? [{ variant, with: unknown.map((b) => b.with).join(', ') }] : [];
}

/** The reason that keeps most exercises of a pattern away. */
function commonest(reasons: readonly string[]): string | undefined {
  const counted = new Map<string, number>();
  for (const reason of reasons) counted.set(reason, (counted.get(reason) ?? 0) + 1);
  return [...counted].sort((a, b) => b[1] - a[1])[0]?.[0];
}

/** What can be trained with this kit today, and what not: every loaded pattern with its exercises of main work. */
export function reachByPattern(candidates: readonly Feasibility[], capacity: Capacity): PatternReach[] {
  const main = candidates.filter(
    ({ variant }) => variant.speed !== 'fast' && variant.blocks.some((b) => mainBlocks.has(b)),
  );
  const counted = (e: ExerciseReach) => Number(e.reached?.zone !== undefined);
  return loadedPatterns.map((pattern) => {
    const ofPattern = main.filter((f) => f.variant.pattern === pattern);
    const exercises = ofPattern
      .filter((f) => f.possible)
      .flatMap((f) => exerciseReach(f, capacity))
      .sort((a, b) => counted(b) - counted(a) || (b.reached?.share ?? -1) - (a.reached?.share ?? -1));
    const why = exercises.length ? undefined : commonest(ofPattern.flatMap((f) => f.reasons));
    return { pattern, exercises, ...(why ? { why } : {}) };
  });
}
