import type { BandLevel } from '../body/band';
import type { Anchor, KitKind } from '../exercise/vocabulary';

export const fills = ['water', 'sand', 'paint', 'gravel', 'rice'] as const;
export type Fill = (typeof fills)[number];

export interface KitItem {
  kind: KitKind;
  count?: number;
  massKg?: number;
  volumeL?: number;
  fill?: Fill;
  level?: BandLevel;
  /** A bag that can be filled with anything up to this mass, kg. */
  upToKg?: number;
}

export interface Room {
  lengthM: number;
  widthM: number;
  ceilingM: number;
  wall: boolean;
  stairs: boolean;
  slidingFloor: boolean;
  quiet: boolean;
}

export interface Kit {
  items: readonly KitItem[];
  anchors: readonly Anchor[];
  partner: boolean;
  room: Room;
}

/** Density of fills, kg per litre; common practice, no source (water exact). */
export const fillDensity: Record<Fill, number> = { water: 1, sand: 1.6, paint: 1.3, gravel: 1.6, rice: 0.85 };

/** Mass of the empty container, kg per litre of volume, and a least mass; common practice, no source. */
const emptyMass: Partial<Record<KitKind, { perLitre: number; least: number }>> = {
  bottle: { perLitre: 0.03, least: 0.03 },
  canister: { perLitre: 0.06, least: 0.2 },
  'paint-tin': { perLitre: 0.05, least: 0.25 },
  can: { perLitre: 0.12, least: 0.05 },
  rucksack: { perLitre: 0.03, least: 0.6 },
  holdall: { perLitre: 0.02, least: 0.5 },
};

/** What a thing weighs when nothing is said about it, kg; guesses, common practice, no source. */
const usualMass: Partial<Record<KitKind, number>> = {
  can: 0.45,
  rucksack: 8,
  holdall: 10,
  bottle: 1.5,
  canister: 5.3,
  'paint-tin': 13,
  stone: 5,
  kettlebell: 12,
};

/**
 * Mass of one item, kg: as told, or volume times density and the empty container, or a usual mass. 0 for things that are not weights.
 *
 * @example massOf({ kind: 'canister', volumeL: 5, fill: 'water' }) // 5.3
 */
export function massOf(item: KitItem): number {
  if (item.massKg !== undefined) return item.massKg;
  if (item.upToKg !== undefined) return item.upToKg;
  const container = emptyMass[item.kind];
  if (container && item.volumeL !== undefined) {
    const filled = item.volumeL * fillDensity[item.fill ?? 'water'];
    return round(filled + Math.max(container.least, container.perLitre * item.volumeL));
  }
  return usualMass[item.kind] ?? 0;
}

/** How far a guess may be off, share: density of the fill, how full it is, the empty container. Common practice, no source. */
const fillSpread: Record<Fill, number> = { water: 0, sand: 0.12, paint: 0.1, gravel: 0.15, rice: 0.1 };
const [fullnessSpread, emptySpread, guessSpread] = [0.04, 0.3, 0.3];

/** A mass with the bounds it lies within, kg. */
export interface MassRange {
  kg: number;
  low: number;
  high: number;
}

/**
 * Mass of one item with what is not known of it, kg: a weighed thing is exact, a filled one as far off as its fill, its fullness and its
 * container may be, a guessed one by a third.
 *
 * @example massRangeOf({ kind: 'paint-tin', volumeL: 10, fill: 'paint' }) // { kg: 13.5, low: 12.04, high: 14.96 }
 */
export function massRangeOf(item: KitItem): MassRange {
  const kg = massOf(item);
  if (kg === 0 || item.massKg !== undefined || item.upToKg !== undefined) return { kg, low: kg, high: kg };
  const container = emptyMass[item.kind];
  if (!container || item.volumeL === undefined) return spread(kg, kg * guessSpread);
  const filled = item.volumeL * fillDensity[item.fill ?? 'water'];
  const empty = kg - filled;
  // Independent of each other, so they add up as squares.
  return spread(
    kg,
    Math.hypot(filled * fillSpread[item.fill ?? 'water'], filled * fullnessSpread, empty * emptySpread),
  );
}

const spread = (kg: number, by: number): MassRange => ({ kg, low: round(kg - by), high: round(kg + by) });

const round = (kg: number) => Math.round(kg * 100) / 100;

/** A load that can be taken in hand: its mass, and what it is made of in words. */
export interface LoadOption {
  kg: number;
  with: string;
}

const kindName = (kind: KitKind) => kind.replaceAll('-', ' ');

/** Whether a thing of this kind is named in what a load is made of. @example isMadeOf('2 bottles 1.5 kg', 'bottle') // true */
export const isMadeOf = (withWords: string, kind: string): boolean =>
  new RegExp(`\\b${kind.replaceAll('-', ' ')}s?\\b`).test(withWords);

/** How one thing is called on the sheet. @example describeItem({ kind: 'bottle', volumeL: 5 }) // 'bottle 5.15 kg' */
export function describeItem(item: KitItem): string {
  const mass = massOf(item);
  if (item.upToKg !== undefined) return `${kindName(item.kind)} up to ${mass} kg`;
  return item.level
    ? `${kindName(item.kind)} ${item.level}`
    : mass
      ? `${kindName(item.kind)} ${mass} kg`
      : kindName(item.kind);
}

/** A bag is filled in steps of this much, kg, from the least that is worth carrying. */
const [bagStepKg, leastBagKg] = [2.5, 5];

/** A bag that may be filled up to a mass stands for all it can be filled to. */
function filledBags(item: KitItem): KitItem[] {
  const { upToKg, ...bag } = item;
  if (upToKg === undefined) return [item];
  const steps = Math.max(0, Math.floor((upToKg - leastBagKg) / bagStepKg + 1e-9));
  const masses = Array.from({ length: steps + 1 }, (_, i) => Math.min(upToKg, leastBagKg + i * bagStepKg));
  return [...new Set([...masses, upToKg])].map((massKg) => ({ ...bag, massKg }));
}

/**
 * The loads that things of these kinds give, lightest first. With two hands a pair of equal things may be taken;
 * a single thing is held in both.
 */
export function loadOptions(
  items: readonly KitItem[],
  kinds: readonly KitKind[],
  hands: 1 | 2,
  maxKg = Infinity,
): LoadOption[] {
  const options = items
    .filter((item) => kinds.includes(item.kind))
    .flatMap(filledBags)
    .flatMap((item) => {
      const one = massOf(item);
      const single = { kg: one, with: describeItem(item) };
      const pair = { kg: round(2 * one), with: `2 ${kindName(item.kind)}s ${one} kg` };
      return hands === 2 && (item.count ?? 1) >= 2 ? [single, pair] : [single];
    });
  return options.filter((o) => o.kg > 0 && o.kg <= maxKg).sort((a, b) => a.kg - b.kg || a.with.localeCompare(b.with));
}
