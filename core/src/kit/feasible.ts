import { type Athlete, standingsOn } from '../athlete/athlete';
import type { BandCurve } from '../body/band';
import { type SpaceNeeded, spaceNeeded } from '../body/footprint';
import { type ScaledBody, scaledBody } from '../body/segments';
import { ageOn } from '../date/days';
import { handWeights } from '../exercise/library/kit-groups';
import { keptOf, placedVariant, statureKey } from '../exercise/mechanics/placed';
import type { Variant } from '../exercise/model/variant';
import { type KitKind, levels } from '../exercise/model/vocabulary';
import { adaptedTo } from '../limits/adapt';
import { loadsRestricted, shareCeilingOf } from '../limits/ceiling';
import { type Limit, limitOf } from '../limits/limit';
import type { Standing } from '../limits/restriction';
import type { Kit } from './kit';
import { describeItem } from './kit-words';
import type { LoadOption } from './load-option';
import { bandCurve, loadOptions } from './loads';

export interface Circumstances {
  athlete: Athlete;
  kit: Kit;
  /** ISO date of the session. */
  date: string;
}

/** A band that can be used: what it is called on the sheet, and its curve where it was measured. */
export interface BandOption {
  with: string;
  measured?: BandCurve;
}

export interface Feasibility {
  /** As this athlete may do it: changed where a restriction asks for that. */
  variant: Variant;
  /** What the athlete's restrictions say of it. */
  limit: Limit;
  /** Whether the athlete can do it here. */
  possible: boolean;
  /** Why not, one plain sentence each. */
  reasons: readonly string[];
  /** Whether a restriction stands against it, or asks for a change that cannot be carried out. */
  restricted: boolean;
  /** It loads a restricted part: slow, and never near the maximum. */
  careful: boolean;
  /** Share of the maximum that restrictions leave, 0 to 1. */
  shareCeiling: number;
  /** Loads to choose from, lightest first; empty for bodyweight and band work. */
  loads: LoadOption[];
  /** Bands to choose from, with the curve of those that were measured. */
  bands: BandOption[];
}

/** Smallest space left round the body, metres; common practice, no source. */
const marginM = 0.1;

/**
 * Whether this athlete can do this variant here and on this day, with the loads the kit gives it, and if not, why not.
 */
export function feasibility(
  written: Variant,
  circumstances: Circumstances,
  body = scaledBody(circumstances.athlete),
  standings: readonly Standing[] = standingsOn(circumstances.athlete, circumstances.date),
): Feasibility {
  const { kit, athlete, date } = circumstances;
  const limit = limitOf(written, standings);
  const adapted = adaptedTo(written, limit);
  const variant = adapted ?? written;
  const restricted = adapted ? [] : limitReasons(limit);
  const loads = weightLoads(variant, kit, ageOn(athlete.born, date));
  const missing = kitReasons(variant, kit, loads);
  const tooHard = levelReasons(variant, athlete);
  return {
    variant,
    limit,
    // The room is measured last, and only where it still matters: that takes by far the longest.
    get possible() {
      return restricted.length + missing.length + tooHard.length === 0 && this.reasons.length === 0;
    },
    get reasons() {
      return [...restricted, ...missing, ...roomReasons(variant, kit, body), ...tooHard];
    },
    restricted: restricted.length > 0,
    careful: loadsRestricted(variant, standings),
    shareCeiling: shareCeilingOf(variant, standings),
    loads,
    bands: bandOptions(variant, kit),
  };
}

/** Why a limit leaves an exercise out: what stands against it, or a change that the poses or the kit do not give. */
function limitReasons({ verdict, why, changes }: Limit): string[] {
  if (verdict === 'not') return [...why];
  return why.map(
    (reason, i) => `${reason} Only with a change that does not fit it: ${changes[i]?.say ?? changes[0]?.say ?? ''}`,
  );
}

/** Who is younger than this lifts no more than so many kg at once; common practice, no source. */
export const minorLoad = { until: 16, maxKg: 12 } as const;

/** Weights of a kit that a variant can be done with, by the ceilings of variant and age. */
export function weightLoads({ load, needs }: Variant, kit: Kit, age: number): LoadOption[] {
  if (load?.source !== 'weight') return [];
  const named = needs.kit.flat().filter((kind) => handWeights.includes(kind) || kind === 'can' || kind === 'barbell');
  const kinds: readonly KitKind[] = load.with ?? (load.required && named.length ? named : handWeights);
  const most = Math.min(load.maxKg ?? Infinity, age < minorLoad.until ? minorLoad.maxKg : Infinity);
  return loadOptions(kit.items, kinds, load.hands, most);
}

const bandOrder = ['light', 'medium', 'heavy'];

/** Bands that answer a variant; where it is to be light, the lightest first. */
function bandOptions({ load, needs, adapted }: Variant, kit: Kit): BandOption[] {
  if (load?.source !== 'band') return [];
  const kinds = needs.kit[0] ?? [];
  const fitting = kit.items.filter((item) => kinds.includes(item.kind));
  const rank = ({ level }: Kit['items'][number]) => (level ? bandOrder.indexOf(level) : 1);
  const ordered = adapted && adapted.load < 1 ? fitting.toSorted((a, b) => rank(a) - rank(b)) : fitting;
  return ordered.map((item) => {
    const measured = item.measured && bandCurve(item);
    return { with: describeItem(item), ...(measured ? { measured } : {}) };
  });
}

const asWords = (kinds: readonly string[]) => kinds.map((k) => k.replaceAll('-', ' ')).join(' or ');

function kitReasons(variant: Variant, kit: Kit, loads: readonly LoadOption[]): string[] {
  const { needs, load } = variant;
  const has = (kind: KitKind) => kit.items.some((i) => i.kind === kind) || (kind === 'stairs' && kit.room.stairs);
  const anchors = kit.partner ? [...kit.anchors, 'partner' as const] : kit.anchors;
  const reasons = needs.kit.filter((any) => !any.some(has)).map((any) => `Needs ${asWords(any)}.`);
  if (load?.required && load.source === 'weight' && loads.length === 0 && reasons.length === 0) {
    reasons.push(`Nothing here weighs ${load.maxKg ? `${load.maxKg} kg or less` : 'enough but not too much'}.`);
  }
  if (needs.anchors.length && !needs.anchors.some((a) => anchors.includes(a)))
    reasons.push(`Needs an anchor: ${asWords(needs.anchors)}.`);
  if (needs.partner && !kit.partner) reasons.push('Needs a partner.');
  if (needs.wall && !kit.room.wall) reasons.push('Needs a free wall.');
  if (needs.stairs && !kit.room.stairs) reasons.push('Needs stairs.');
  if (needs.slidingFloor && !kit.room.slidingFloor) reasons.push('Needs a floor that slides.');
  return reasons;
}

/** How far a weight reaches beyond the hand that holds it, metres; common practice, no source. */
const implementM = 0.12;

const kept = new WeakMap<Variant, Map<string, SpaceNeeded>>();

/** Space a variant takes for this body, with what it holds; kept, since composing asks again and again. */
export function variantSpace(variant: Variant, body: ScaledBody): SpaceNeeded {
  return keptOf(kept, variant, statureKey(body), () => measuredSpace(variant, body));
}

function measuredSpace(variant: Variant, body: ScaledBody): SpaceNeeded {
  const { load } = variant;
  const held = load?.source === 'weight' && ['hands', 'near-hand', 'far-hand'].includes(load.place);
  return spaceNeeded(body, placedVariant(variant, body), held ? implementM : 0);
}

function roomReasons(variant: Variant, { room }: Kit, body: ScaledBody): string[] {
  const reasons: string[] = [];
  if (room.quiet && !variant.quiet) reasons.push('Too loud for the neighbours below.');
  const space = variantSpace(variant, body);
  const [long, short] = [Math.max(room.lengthM, room.widthM), Math.min(room.lengthM, room.widthM)];
  if (space.lengthM > long || space.widthM > short) {
    reasons.push(
      `Needs ${space.lengthM.toFixed(1)} x ${space.widthM.toFixed(1)} m, the room has ${long.toFixed(1)} x ${short.toFixed(1)} m.`,
    );
  }
  if (space.heightM + marginM > room.ceilingM) {
    reasons.push(`Reaches ${(space.heightM + marginM).toFixed(2)} m, the ceiling is at ${room.ceilingM.toFixed(2)} m.`);
  }
  return reasons;
}

function levelReasons(variant: Variant, athlete: Athlete): string[] {
  const short = levels.indexOf(variant.level) > levels.indexOf(athlete.level);
  return short ? [`Asks for ${variant.level} level, the athlete is ${athlete.level}.`] : [];
}
