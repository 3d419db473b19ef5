import { ageOn } from '../athlete/athlete';
import type { ScaledBody } from '../body/segments';
import { type Effort, effortOf } from '../capacity/effort';
import { epleyRepetitions } from '../capacity/strength';
import type { Dose } from '../dose/dose';
import { parseDose, parseTempo } from '../dose/notation';
import { type Zone, zoneOf } from '../dose/zone';
import type { Variant } from '../exercise/variant';
import type { BlockKind, Level } from '../exercise/vocabulary';
import type { Feasibility } from '../kit/feasible';
import type { LoadOption } from '../kit/kit';
import type { Brief } from './brief';
import type { Choice } from './draft';

/** A variant dosed for one athlete on one day. */
export interface Prescription {
  choice: Choice;
  effort?: Effort;
  zone?: Zone;
  /** Repetitions to failure at this load, where they can be estimated. */
  repetitionsToFailure?: number;
}

const measuredBlocks = new Set<BlockKind>(['strength', 'power', 'prevention', 'trunk']);

/** Highest share of the most that is prescribed unsupervised, by level; common practice, no source. */
const shareCeiling: Record<Level, number> = { new: 0.67, beginner: 0.75, intermediate: 0.87, advanced: 0.92 };
/** Fast work stays light enough to be fast. */
const fastCeiling = 0.6;
/** Above this many repetitions a load is light, and the house rule says what to do with it. */
const lightFrom = 15;
const fewestRepetitions = 4;
/** A reserve beyond this is not worth writing down. */
const countedReserve = 5;
/** Unless strength is the aim, a load should allow some eight repetitions with two in reserve (Epley 1985). */
export const volumeCeiling = 0.76;

function chooseLoad(
  variant: Variant,
  loads: readonly LoadOption[],
  ceiling: number,
  effortAt: (kg: number) => Effort,
): LoadOption | 'body' | undefined {
  const fitting = loads.filter((option) => effortAt(option.kg).share <= ceiling);
  const heaviest = fitting.at(-1);
  if (heaviest) return heaviest;
  if (variant.load?.required) return undefined;
  return 'body';
}

/** Repetitions and tempo for a set at a share of the most. */
function repetitionDose(base: Dose, toFailure: number, variant: Variant, block: BlockKind, brief: Brief): Dose {
  const reserve = base.reserve ?? 2;
  const possible = Math.floor(toFailure) - reserve;
  const written = base.work.kind === 'reps' ? base.work.reps : 0;
  const careful = brief.athlete.level === 'new' || ageOn(brief.athlete.born, brief.date) < 14;
  if (possible <= lightFrom) {
    const most = brief.aim === 'strength' && !careful ? 8 : 12;
    const reps = Math.max(fewestRepetitions, Math.min(possible, careful ? Math.max(most, 10) : most));
    return { ...base, work: { kind: 'reps', reps }, reserve };
  }
  const light = (reps: number, tempo?: string) => lightDose(base, reps, toFailure, tempo);
  if (careful || variant.speed === 'slow' || block !== 'strength') return light(Math.min(written, possible));
  switch (brief.houseRules.lightLoads) {
    case 'fast':
      return light(Math.min(8, written), '2-0-X');
    case 'slow':
      return light(Math.min(Math.max(written, 8), 12), '4-1-2');
    case 'reps':
      return light(Math.min(possible, 20));
  }
}

/** Bodyweight lowering that the hands catch may ask for more than the athlete can hold: that is its point. */
const isLowering = (variant: Variant) =>
  !variant.load && variant.speed === 'slow' && variant.jointActions[0]?.regime === 'lengthening';

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
function byTime(dose: Dose): Dose {
  const { reserve, tempo, ...rest } = dose;
  return { ...rest, work: { kind: 'work', seconds: dose.perSide ? 25 : 40 } };
}

/**
 * Doses a feasible variant for a block: load, repetitions, reserve, tempo. Undefined when it is too heavy or too hard today.
 * A dose that the coach has typed is kept as it is.
 */
export function prescribe(
  feasible: Feasibility,
  block: BlockKind,
  sets: number,
  brief: Brief,
  body: ScaledBody,
): Prescription | undefined {
  const { variant, loads, band } = feasible;
  const typed = brief.lock.doses?.[variant.id];
  const fast = variant.speed === 'fast';
  const base: Dose = { ...variant.dose, sets };
  const pinned = brief.lock.include.includes(variant.id);
  const finish = (dose: Dose, load: Choice['load']): Choice => ({
    variant: variant.id,
    dose: typed ? parseDose(typed) : dose,
    ...(load ? { load } : {}),
    pinned,
  });

  if (variant.load?.source === 'band') return { choice: finish(base, { with: band ?? 'band' }) };
  const effortAt = (kg: number) => effortOf(variant, brief.athlete, brief.date, kg, body);
  const strict = brief.aim === 'strength' ? 1 : volumeCeiling;
  const ceiling = fast ? fastCeiling : Math.min(strict, shareCeiling[brief.athlete.level]);
  const option = chooseLoad(variant, loads, ceiling, effortAt);
  if (option === undefined) return undefined;
  const load = option === 'body' ? undefined : { kg: option.kg, with: option.with };
  if (!measuredBlocks.has(block)) return { choice: finish(base, load) };

  const effort = effortAt(load?.kg ?? 0);
  const zone = zoneOf(effort.share, fast);
  if (base.work.kind !== 'reps' || fast) return { choice: finish(base, load), effort, zone };
  if (isLowering(variant) && effort.share > strict) return { choice: finish(withoutReserve(base), load), effort, zone };
  const toFailure = Math.min(60, epleyRepetitions(effort.share));
  if (toFailure < fewestRepetitions && !pinned) return undefined;
  const dosed = repetitionDose(base, toFailure, variant, block, brief);
  const dose = brief.houseRules.doseBy === 'time' && block !== 'power' ? byTime(dosed) : dosed;
  return { choice: finish(dose, load), effort, zone, repetitionsToFailure: toFailure };
}
