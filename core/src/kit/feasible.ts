import { type Athlete, ageOn, restrictionsOn } from '../athlete/athlete';
import type { BandCurve } from '../body/band';
import { type SpaceNeeded, spaceNeeded } from '../body/footprint';
import { type ScaledBody, scaledBody } from '../body/segments';
import { handWeights } from '../exercise/library/kit-groups';
import { keptOf, placedVariant, statureKey } from '../exercise/placed';
import type { Variant } from '../exercise/variant';
import { type KitKind, levels, type Pattern, type Region } from '../exercise/vocabulary';
import { describeItem } from './in-words';
import type { Kit } from './kit';
import { bandCurve, type LoadOption, loadOptions } from './loads';

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
  variant: Variant;
  /** Whether the athlete can do it here. */
  possible: boolean;
  /** Why not, one plain sentence each. */
  reasons: readonly string[];
  /** Whether a standing restriction is among the reasons. */
  restricted: boolean;
  /** Loads to choose from, lightest first; empty for bodyweight and band work. */
  loads: LoadOption[];
  /** Bands to choose from, with the curve of those that were measured. */
  bands: BandOption[];
}

/** Smallest space left round the body, metres; common practice, no source. */
const marginM = 0.1;
const legRegions: readonly Region[] = ['hip', 'knee', 'ankle', 'foot', 'calf', 'hamstring'];

/**
 * Whether this athlete can do this variant here and on this day, with the loads the kit gives it, and if not, why not.
 */
export function feasibility(
  variant: Variant,
  circumstances: Circumstances,
  body = scaledBody(circumstances.athlete),
): Feasibility {
  const { kit, athlete, date } = circumstances;
  const restricted = restrictionReasons(variant, athlete, date);
  const loads = weightLoads(variant, kit, ageOn(athlete.born, date));
  const missing = kitReasons(variant, kit, loads);
  const tooHard = levelReasons(variant, athlete);
  return {
    variant,
    // The room is measured last, and only where it still matters: that takes by far the longest.
    get possible() {
      return restricted.length + missing.length + tooHard.length === 0 && this.reasons.length === 0;
    },
    get reasons() {
      return [...restricted, ...missing, ...roomReasons(variant, kit, body), ...tooHard];
    },
    restricted: restricted.length > 0,
    loads,
    bands: bandOptions(variant, kit),
  };
}

/** A drop into a landing counts as one, even where the feet never leave the floor. */
const landingPatterns: ReadonlySet<Pattern> = new Set(['landing', 'jump', 'hop']);

function restrictionReasons(variant: Variant, athlete: Athlete, date: string): string[] {
  return restrictionsOn(athlete, date).flatMap(({ region, severity, reason, side }) => {
    const touched = variant.regions.find((r) => r.region === region);
    const lands = (variant.impactContacts > 0 || landingPatterns.has(variant.pattern)) && legRegions.includes(region);
    const barred =
      severity === 'avoid'
        ? touched !== undefined || lands
        : lands || (touched && (touched.high || touched.deep || touched.landing));
    if (!barred) return [];
    const where = side && side !== 'both' ? `${side} ${region}` : region;
    const how = severity === 'avoid' ? 'must not be loaded' : 'may not take high load, deep range or landings';
    return [`The ${where} ${how}${reason ? ` (${reason})` : ''}.`];
  });
}

/** Minors lift no more than this at once, kg; common practice, no source. */
const minorMaxKg = 12;

function weightLoads({ load, needs }: Variant, kit: Kit, age: number): LoadOption[] {
  if (load?.source !== 'weight') return [];
  const named = needs.kit.flat().filter((kind) => handWeights.includes(kind) || kind === 'can' || kind === 'barbell');
  const kinds: readonly KitKind[] = load.with ?? (load.required && named.length ? named : handWeights);
  const most = Math.min(load.maxKg ?? Infinity, age < 16 ? minorMaxKg : Infinity);
  return loadOptions(kit.items, kinds, load.hands, most);
}

function bandOptions({ load, needs }: Variant, kit: Kit): BandOption[] {
  if (load?.source !== 'band') return [];
  const kinds = needs.kit[0] ?? [];
  return kit.items
    .filter((item) => kinds.includes(item.kind))
    .map((item) => {
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
