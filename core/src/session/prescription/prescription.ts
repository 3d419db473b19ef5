import type { Capacity, Effort } from '../../capacity/capacity';
import { effortOf } from '../../capacity/capacity-of';
import type { Interval } from '../../capacity/interval';
import { ageOn } from '../../date/days';
import type { Dose } from '../../dose/dose';
import { parseDose, parseTempo } from '../../dose/notation';
import { maxCounted } from '../../dose/repetitions';
import { type TrainingStatus, type VolumeAllowance, volumeAllowanceOf } from '../../dose/volume-allowance';
import { fastUpTo, type Zone, zoneOf, zones } from '../../dose/zone';
import type { Loading } from '../../exercise/mechanics/loading';
import type { Variant } from '../../exercise/model/variant';
import { type BlockKind, type Level, mainBlocks, type Pattern } from '../../exercise/model/vocabulary';
import type { Feasibility } from '../../kit/feasible';
import { isMadeOf } from '../../kit/kit-words';
import type { LoadOption } from '../../kit/load-option';
import { loadingOf } from '../../kit/loads';
import type { Brief } from '../brief/brief';
import { isCareful } from '../brief/careful';
import type { Choice } from '../draft/draft';
import { isEccentricOnly, zoneOfItem } from './item-zone';
import { isNewTo } from './novelty';
import { decidedReserve } from './progress-decision';
import { rampFor, rampSeconds } from './ramp-sets';
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
/** Above this many repetitions a load is light, and the house rule says what to do with it. */
const lightFrom = 15;
/** Rows and other pulls with a light weight are done for many repetitions, not fast: speed would come from the back; common practice, no source. */
const lightPulls: ReadonlySet<Pattern> = new Set(['horizontal-pull', 'vertical-pull', 'scapular']);
const lightPullFewest = 12;
/** Families that are pushed fast off the floor. */
const fastOnTheWayUp: ReadonlySet<string> = new Set(['push-up']);
const slowFewest = 10;
const minRepetitions = 5;
/** A restricted part is loaded lightly for so many slow repetitions; common practice, no source. */
const restrictedReps = [8, 12] as const;
/** When maximal strength is the aim, a set may be of so few, and goes to one short of failure. */
const [minHeavy, heavyDouble, heavyReserve] = [3, 2, 1];
/** A reserve beyond this is not worth writing down. */
const countedReserve = 5;
/** Bands whose force is not known stop with so many left. */
const bandReserve = 2;
/** Unless strength is the aim, a load should allow some eight repetitions with two in reserve (Epley 1985). */
const volumeCeiling = 0.76;
/** When it is, a load that still allows a few with some left is heavy enough without anybody beside one; what stands on one leg or is held in one hand stays at sets of six. Common practice, no source. */
const [heavyCeiling, oneSidedCeiling] = [0.88, 0.8];
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

/** How heavy a set of a variant may be at the most with this aim, whoever it is. */
function strictCeiling({ aim, sessionType }: Brief, variant: Variant, load?: Choice['load']): number {
  // Beside fast work a few sets are strong, not many and tiring.
  if (aim === 'power' && sessionType !== 'primer') return oneSidedCeiling;
  if (aim !== 'strength') return volumeCeiling;
  return isHeavyLift(variant, load) ? heavyCeiling : oneSidedCeiling;
}

/** Aims in which a set of strength is short. */
const strongAims: ReadonlySet<Brief['aim']> = new Set(['strength', 'power']);

/** Few heavy repetitions are for what is lifted with a bar, or pulled up to one, by both sides at once. */
const isHeavyLift = ({ side, pattern }: Variant, load?: Choice['load']) =>
  side === 'both' &&
  heavyPatterns.has(pattern) &&
  (pattern === 'vertical-pull' || (load !== undefined && isMadeOf(load.with, 'barbell')));

/** Seconds for fixing an anchor and for loading a bar; common practice, no source. */
const [anchorSeconds, barSeconds] = [15, 20];

/** What it takes to move the kit for a variant, beyond getting into place. */
function movingSeconds({ needs }: Variant, load: Choice['load']): number {
  return (needs.anchors.length > 0 ? anchorSeconds : 0) + (load && isMadeOf(load.with, 'barbell') ? barSeconds : 0);
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

/** Loads within the ceiling, lightest first: what is heavier asks for more, so that half of what is left is looked at each time. */
function within(
  loads: readonly LoadOption[],
  ceiling: number,
  effortAt: (kg: number) => Effort,
): readonly LoadOption[] {
  let [fits, over] = [0, loads.length];
  while (over > fits) {
    const middle = (fits + over) >> 1;
    if (effortAt((loads[middle] as LoadOption).kg).share <= ceiling) fits = middle + 1;
    else over = middle;
  }
  return loads.slice(0, fits);
}

/** Repetitions, reserve, tempo and rest of a set so far from the most. */
function repetitionDose(
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

function withoutReserve({ reserve: _, ...dose }: Dose): Dose {
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

function fastDose(dose: Dose, block: BlockKind): Dose {
  const { work } = dose;
  if (block !== 'power') return dose;
  if (work.kind === 'reps') return { ...dose, work: { kind: 'reps', reps: Math.min(work.reps, fastRepetitions) } };
  if (work.kind === 'contacts')
    return { ...dose, work: { kind: 'contacts', contacts: Math.min(work.contacts, fastContacts) } };
  return dose;
}

/** What a variant is done with, and how hard that is; the effort is left out where the force of a band is not known. */
interface Loaded {
  load?: NonNullable<Choice['load']>;
  effort?: Effort;
}

/** The band to take: the strongest measured one within the ceiling, else the first there is, of unknown force. */
function bandFor({ bands }: Feasibility, ceiling: number, effortWith: (loading: Loading) => Effort): Loaded {
  const measured = bands
    .flatMap(({ with: name, measured: band }) => (band ? [{ load: { with: name }, effort: effortWith({ band }) }] : []))
    .filter(({ effort }) => effort.share <= ceiling)
    .sort((a, b) => b.effort.share - a.effort.share);
  return measured[0] ?? { load: { with: bands.find((b) => !b.measured)?.with ?? bands[0]?.with ?? 'band' } };
}

/** The loads for a variant within a ceiling, heaviest first, at last none; nothing where all is too heavy and something has to be held. */
function* loadsFor(
  feasible: Feasibility,
  ceiling: number,
  effortWith: (loading: Loading) => Effort,
): Generator<Loaded> {
  const { variant, loads } = feasible;
  if (variant.load?.source === 'band') {
    yield bandFor(feasible, ceiling, effortWith);
    return;
  }
  const light = within(loads, ceiling, (loadKg) => effortWith({ loadKg }));
  for (const { kg, with: name } of light.toReversed())
    yield { load: { kg, with: name }, effort: effortWith({ loadKg: kg }) };
  if (!variant.load?.required) yield { effort: effortWith({}) };
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
  for (const loaded of loadsFor(feasible, ceiling, effortWith)) {
    if (loaded.load && (loaded.effort?.share ?? 0) > strictCeiling(brief, variant, loaded.load)) continue;
    const dosed = prescribeWith(loaded, feasible, block, sets, brief, capacity);
    if (dosed) yield dosed;
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
  const finish = (dose: Dose): Choice => {
    const choice: Choice = {
      variant: variant.id,
      dose: sided(typed ? parseDose(typed) : ruled(dose)),
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
  const dosed = (dose: Dose): Prescription => {
    const choice = finish(dose);
    const zone = zoneOfItem(variant, choice.dose, effort.share);
    return { choice, effort, ...(zone ? { zone } : {}) };
  };
  if (fast) return dosed(fastDose(base, block));
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
  return { ...dosed(counted), ...(repetitionsToFailure ? { repetitionsToFailure } : {}) };
}
