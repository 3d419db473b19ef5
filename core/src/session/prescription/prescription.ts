import type { Effort } from '../../capacity/action-capacity';
import type { Capacity } from '../../capacity/capacity';
import { effortOf } from '../../capacity/capacity-of';
import type { Interval } from '../../capacity/interval';
import { ageOn } from '../../date/days';
import type { Dose } from '../../dose/dose';
import { parseDose } from '../../dose/notation';
import { maxCounted } from '../../dose/repetitions';
import { type TrainingStatus, type VolumeAllowance, volumeAllowanceOf } from '../../dose/volume-allowance';
import { fastUpTo, type Zone } from '../../dose/zone';
import type { Loading } from '../../exercise/mechanics/loading';
import type { Variant } from '../../exercise/model/variant';
import { type BlockKind, type Level, mainBlocks } from '../../exercise/model/vocabulary';
import type { Feasibility } from '../../kit/feasible';
import { loadingOf } from '../../kit/loads';
import type { Brief } from '../brief/brief';
import { isCareful } from '../brief/careful';
import type { Choice } from '../draft/draft';
import { isEccentricOnly, zoneOfItem } from './item-zone';
import { type Loaded, loadsFor, movingSeconds } from './loads-for';
import { isNewTo } from './novelty';
import { asDecided, decidedDoseOf, decidedReserve, isDecidedLoad } from './progress-decision';
import { rampFor, rampSeconds } from './ramp-sets';
import { isHeavyLift, minHeavy, minRepetitions, repetitionDose, withoutReserve } from './repetition-dose';
import { restFor } from './rest';
import { asBurst, asRound, byReserve, byTime } from './timed-dose';
import { hardestPlanned } from './too-hard';

/** A variant dosed for one athlete on one day. */
export interface Prescription {
  choice: Choice;
  effort?: Effort;
  zone?: Zone;
  /** Repetitions to failure at this load, where they can be estimated. */
  repetitionsToFailure?: Interval;
}

/** Highest share of the most that is prescribed unsupervised, by level; common practice, no source. */
const shareCeiling: Record<Level, number> = { new: 0.67, beginner: 0.75, intermediate: 0.87, advanced: 0.92 };
/** A movement that is new to somebody, light and slow first, whoever it is; common practice, no source. */
const newMovement = { ceiling: 0.67, moreReserve: 1 } as const;
/** Bands whose force is not known stop with so many left. */
const bandReserve = 2;
/** Unless strength is the aim, a load should allow some eight repetitions with two in reserve (Epley 1985). */
const volumeCeiling = 0.76;
/** When it is, a load that still allows a few with some left is heavy enough without anybody beside one; what stands on one leg or is held in one hand stays at sets of six. Common practice, no source. */
const [heavyCeiling, oneSidedCeiling] = [0.88, 0.8];

/** How heavy a set of a variant may be at the most with this aim, whoever it is. */
function strictCeiling({ aim, sessionType }: Brief, variant: Variant, load?: Choice['load']): number {
  // Beside fast work a few sets are strong, not many and tiring.
  if (aim === 'power' && sessionType !== 'primer') return oneSidedCeiling;
  if (aim !== 'strength') return volumeCeiling;
  return isHeavyLift(variant, load) ? heavyCeiling : oneSidedCeiling;
}

/** What the phase, its week, level and age allow today. */
export function stepFor(brief: Brief): VolumeAllowance {
  const { athlete, season, date, minutes } = brief;
  const standing: TrainingStatus = {
    phase: brief.aim === 'return' ? 'return' : season.phase,
    week: Math.max(1, season.week ?? 2),
    level: athlete.level,
    age: ageOn(athlete.born, date),
    minutes,
  };
  return volumeAllowanceOf(standing);
}

/** Care of a joint and coming back are slow both ways; common practice, no source. */
const slowTypes: ReadonlySet<string> = new Set(['arm-care', 'return']);

function slowed(dose: Dose, { sessionType }: Brief): Dose {
  if (!slowTypes.has(sessionType ?? '') || dose.work.kind !== 'reps') return dose;
  const { tempo } = dose;
  const fits = tempo && tempo.rising !== 'X' && tempo.lowering >= 2;
  return fits ? dose : { ...dose, tempo: { lowering: 2, bottom: tempo?.bottom ?? 0, rising: 2, top: tempo?.top ?? 0 } };
}

/** Fast sets are short, so that each repetition is: no more of them in power work. Common practice, no source. */
const [fastRepetitions, fastContacts] = [6, 10];

/** The most of a fast set, whatever was decided. */
const fastMost = ({ work }: Dose, block: BlockKind): number =>
  block !== 'power' ? maxCounted : work.kind === 'contacts' ? fastContacts : fastRepetitions;

function fastDose(dose: Dose, block: BlockKind): Dose {
  const { work } = dose;
  if (block !== 'power') return dose;
  if (work.kind === 'reps') return { ...dose, work: { kind: 'reps', reps: Math.min(work.reps, fastRepetitions) } };
  if (work.kind === 'contacts')
    return { ...dose, work: { kind: 'contacts', contacts: Math.min(work.contacts, fastContacts) } };
  return dose;
}

/**
 * Doses a feasible variant for a block with the heaviest load that suits: load, repetitions, reserve, tempo. Undefined when it is too heavy or too
 * hard today. A dose that the coach has typed is kept as it is.
 */
export function prescribe(
  feasible: Feasibility,
  block: BlockKind,
  sets: number,
  brief: Brief,
  capacity: Capacity,
): Prescription | undefined {
  for (const dosed of prescriptions(feasible, block, sets, brief, capacity)) return dosed;
  return undefined;
}

/**
 * The same with every load that suits, heaviest first: a lighter one is done in less time, or needs less made ready before it.
 *
 * @example [...prescriptions(context.feasible.get('split-squat'), 'strength', 3, plainBrief(), capacity)].length > 0 // true
 */
export function* prescriptions(
  feasible: Feasibility,
  block: BlockKind,
  sets: number,
  brief: Brief,
  capacity: Capacity,
): Generator<Prescription> {
  const { variant } = feasible;
  const isNew = isNewTo(variant, brief);
  const usual = Math.min(
    brief.aim === 'strength' ? heavyCeiling : volumeCeiling,
    shareCeiling[brief.athlete.level],
    isNew ? newMovement.ceiling : 1,
  );
  const healthy = variant.speed === 'fast' ? fastUpTo : usual;
  const ceiling = Math.min(feasible.shareCeiling, healthy * (variant.adapted?.load ?? 1));
  const effortWith = (loading: Loading) => effortOf(capacity, variant, loading);
  const decided = decidedDoseOf(brief, variant);
  for (const loaded of loadsFor(feasible, ceiling, effortWith)) {
    if (!isDecidedLoad(decided, loaded.load?.kg, variant.load?.required === true)) continue;
    if (loaded.load && (loaded.effort?.share ?? 0) > strictCeiling(brief, variant, loaded.load)) continue;
    const dosed = prescribeWith(loaded, feasible, block, sets, brief, capacity);
    if (!dosed) continue;
    yield dosed;
    // What was decided is done with that load, or the next lighter one that there is.
    if (decided?.sameExercise) return;
  }
}

function prescribeWith(
  { load, effort }: Loaded,
  feasible: Feasibility,
  block: BlockKind,
  sets: number,
  brief: Brief,
  capacity: Capacity,
): Prescription | undefined {
  const { variant } = feasible;
  // What is restricted today is dosed by that.
  const decided = feasible.careful ? undefined : decidedDoseOf(brief, variant);
  const typed = brief.lock.doses?.[variant.id];
  const fast = variant.speed === 'fast';
  const base: Dose = { ...variant.dose, sets };
  const pinned = brief.lock.include.includes(variant.id);
  const moving = movingSeconds(variant, load);
  // A side that a restriction leaves out stays out, whatever was typed.
  const sided = (dose: Dose): Dose => (variant.adapted?.onlySide ? { ...dose, perSide: false } : dose);
  const isRound = brief.sessionType === 'rounds' && block === 'technique';
  const ruled = (dose: Dose): Dose => {
    const rested = { ...dose, restSeconds: restFor(variant, block, dose, effort?.share, brief) };
    if (isRound) return asRound(rested, brief);
    if (brief.sessionType === 'rounds' && block === 'finisher') return asBurst(rested);
    if (brief.houseRules.doseBy === 'reserve') return byReserve(rested, block, stepFor(brief).reserve);
    return brief.houseRules.doseBy === 'time' ? byTime(rested, block) : rested;
  };
  const finish = (dose: Dose, most?: number): Choice => {
    const choice: Choice = {
      variant: variant.id,
      dose: sided(typed ? parseDose(typed) : asDecided(ruled(dose), decided, most)),
      ...(load ? { load } : {}),
      pinned,
    };
    const ramp = mainBlocks.has(block) ? rampFor(variant, choice, effort?.share) : undefined;
    const setUp = moving + (ramp ? rampSeconds(ramp) : 0);
    return { ...choice, ...(ramp ? { ramp } : {}), ...(setUp > 0 ? { setUpSeconds: setUp } : {}) };
  };
  if (!effort) {
    if (fast) return { choice: finish(fastDose(base, block)) };
    return {
      choice: finish(
        base.work.kind === 'reps' ? slowed({ ...base, reserve: base.reserve ?? bandReserve }, brief) : base,
      ),
    };
  }
  // Where a change is needed and the body alone weighs too much for the restricted part, it is another exercise, pinned or not.
  if (variant.adapted && effort.share > feasible.shareCeiling) return undefined;
  if (effort.share > hardestPlanned(variant) && !pinned) return undefined;
  if (!mainBlocks.has(block)) return { choice: finish(fast ? fastDose(base, block) : base) };
  const dosed = (dose: Dose, most?: number): Prescription => {
    const choice = finish(dose, most);
    const zone = zoneOfItem(variant, choice.dose, effort.share);
    return { choice, effort, ...(zone ? { zone } : {}) };
  };
  if (fast) return dosed(fastDose(base, block), fastMost(base, block));
  if (base.work.kind !== 'reps') return dosed(base);
  if (isEccentricOnly(variant) && effort.share > strictCeiling(brief, variant, load))
    return dosed(withoutReserve(base));

  const repetitionsToFailure = capacity.toFailure(variant, loadingOf(load, brief.kit) ?? {});
  const toFailure = Math.min(maxCounted, repetitionsToFailure?.mid ?? maxCounted);
  const reserve =
    Math.max(1, Math.max(base.reserve ?? 2, stepFor(brief).reserve) + decidedReserve(brief, variant)) +
    (isNewTo(variant, brief) ? newMovement.moreReserve : 0);
  const heavy = brief.aim === 'strength' && !isCareful(brief) && isHeavyLift(variant, load);
  // Sets of fewer are for heavy lifts; elsewhere an easier rung or a lighter load is the better answer.
  if (!pinned && toFailure < (heavy ? minHeavy : reserve + minRepetitions)) return undefined;
  const counted = slowed(repetitionDose(base, effort, toFailure, reserve, feasible, block, brief, load), brief);
  const most = (repetitionsToFailure?.high ?? maxCounted) - 1;
  return { ...dosed(counted, most), ...(repetitionsToFailure ? { repetitionsToFailure } : {}) };
}
