import { ageOn } from '../athlete/athlete';
import type { Capacity, Effort } from '../capacity/capacity';
import { effortOf } from '../capacity/effort';
import type { Interval } from '../capacity/interval';
import type { Dose } from '../dose/dose';
import { parseDose, parseTempo } from '../dose/notation';
import { mostCounted } from '../dose/repetitions';
import { type Standing, type Step, stepOf } from '../dose/step';
import { fastUpTo, type Zone, zoneOf, zones } from '../dose/zone';
import type { Loading } from '../exercise/loading';
import type { Variant } from '../exercise/variant';
import { type BlockKind, type Level, mainBlocks, type Pattern } from '../exercise/vocabulary';
import type { Feasibility } from '../kit/feasible';
import { isMadeOf } from '../kit/in-words';
import { type LoadOption, loadingOf } from '../kit/loads';
import type { Brief } from './brief';
import type { Choice } from './draft';
import { isNewTo } from './familiar';
import { isLowering, zoneOfItem } from './item-zone';
import { isCareful } from './rules';
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
const fewestRepetitions = 4;
/** A restricted part is loaded lightly for so many slow repetitions; common practice, no source. */
const restrictedReps = [8, 12] as const;
/** When maximal strength is the aim, a set may be of so few, and goes to one short of failure. */
const [fewestHeavy, heavyDouble, heavyReserve] = [3, 2, 1];
/** A reserve beyond this is not worth writing down. */
const countedReserve = 5;
/** Bands whose force is not known stop with so many left. */
const bandReserve = 2;
/** Unless strength is the aim, a load should allow some eight repetitions with two in reserve (Epley 1985). */
export const volumeCeiling = 0.76;
/** When it is, a load that still allows a few with some left is heavy enough without anybody beside one; common practice, no source. */
const heavyCeiling = 0.88;

/** How heavy a set may be at the most with this aim, whoever it is. */
const strictCeiling = ({ aim }: Brief) => (aim === 'strength' ? heavyCeiling : volumeCeiling);

/** Seconds for fixing an anchor and for loading a bar; common practice, no source. */
const [anchorSeconds, barSeconds] = [15, 20];

/** What it takes to move the kit for a variant, beyond getting into place. */
function movingSeconds({ needs }: Variant, load: Choice['load']): number {
  return (needs.anchors.length > 0 ? anchorSeconds : 0) + (load && isMadeOf(load.with, 'barbell') ? barSeconds : 0);
}

/** What the phase, its week, level and age allow today. */
export function stepFor(brief: Brief): Step {
  const { athlete, season, date, minutes } = brief;
  const standing: Standing = {
    phase: brief.aim === 'return' ? 'return' : season.phase,
    week: Math.max(1, season.week ?? 2),
    level: athlete.level,
    age: ageOn(athlete.born, date),
    minutes,
  };
  return stepOf(standing);
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
): Dose {
  const possible = Math.floor(toFailure) - reserve;
  const written = base.work.kind === 'reps' ? base.work.reps : 0;
  const careful = isCareful(brief);
  const zone = zones[zoneOf(effort.share, false)];
  if (zone === zones.strength && !careful) {
    const reps = Math.max(heavyDouble, Math.min(Math.floor(toFailure) - heavyReserve, zone.repetitions[1]));
    const restSeconds = Math.max(base.restSeconds, zone.restSeconds[0]);
    return { ...base, work: { kind: 'reps', reps }, reserve: Math.max(0, Math.floor(toFailure) - reps), restSeconds };
  }
  if (possible <= lightFrom) {
    const most = brief.aim === 'strength' && !careful ? 8 : 12;
    const reps = Math.max(fewestRepetitions, Math.min(possible, careful ? Math.max(most, 10) : most));
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
      return light(Math.min(8, written), '2-0-X');
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

/** The same work by the clock, when the coach doses by time. */
export function byTime(dose: Dose): Dose {
  const { reserve, tempo, ...rest } = dose;
  return { ...rest, work: { kind: 'work', seconds: dose.perSide ? 25 : 40 } };
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
 * @example [...prescriptions(gobletSquat, 'strength', 3, brief, capacity)].map((p) => p.choice.load?.kg) // [16, 7.5]
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
  const usual = Math.min(strictCeiling(brief), shareCeiling[brief.athlete.level], isNew ? newMovement.ceiling : 1);
  const healthy = variant.speed === 'fast' ? fastUpTo : usual;
  const ceiling = Math.min(feasible.shareCeiling, healthy * (variant.adapted?.load ?? 1));
  const effortWith = (loading: Loading) => effortOf(capacity, variant, loading);
  for (const loaded of loadsFor(feasible, ceiling, effortWith)) {
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
  const finish = (dose: Dose): Choice => ({
    variant: variant.id,
    dose: sided(typed ? parseDose(typed) : dose),
    ...(load ? { load } : {}),
    pinned,
    ...(moving > 0 ? { setUpSeconds: moving } : {}),
  });
  if (!effort) {
    const counted = base.work.kind === 'reps' && !fast;
    return { choice: finish(counted ? { ...base, reserve: base.reserve ?? bandReserve } : base) };
  }
  // Where a change is needed and the body alone weighs too much for the restricted part, it is another exercise, pinned or not.
  if (variant.adapted && effort.share > feasible.shareCeiling) return undefined;
  if (effort.share > hardestPlanned(variant) && !pinned) return undefined;
  if (!mainBlocks.has(block)) return { choice: finish(base) };
  const dosed = (dose: Dose): Prescription => {
    const choice = finish(dose);
    const zone = zoneOfItem(variant, choice.dose, effort.share);
    return { choice, effort, ...(zone ? { zone } : {}) };
  };
  if (base.work.kind !== 'reps' || fast) return dosed(base);
  if (isLowering(variant) && effort.share > strictCeiling(brief)) return dosed(withoutReserve(base));

  const repetitionsToFailure = capacity.toFailure(variant, loadingOf(load, brief.kit) ?? {});
  const toFailure = Math.min(mostCounted, repetitionsToFailure?.mid ?? mostCounted);
  const fewest = brief.aim === 'strength' && !isCareful(brief) ? fewestHeavy : fewestRepetitions;
  if (toFailure < fewest && !pinned) return undefined;
  const reserve =
    Math.max(base.reserve ?? 2, stepFor(brief).reserve) + (isNewTo(variant, brief) ? newMovement.moreReserve : 0);
  const counted = repetitionDose(base, effort, toFailure, reserve, feasible, block, brief);
  const dose = brief.houseRules.doseBy === 'time' && block !== 'power' ? byTime(counted) : counted;
  return { ...dosed(dose), ...(repetitionsToFailure ? { repetitionsToFailure } : {}) };
}
