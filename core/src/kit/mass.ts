import type { KitKind } from '../exercise/model/vocabulary';
import type { Fill, KitItem } from './kit';

/** Masses are told to the nearest ten grams, kg. */
export const toTenGrams = (kg: number) => Math.round(kg * 100) / 100;

/** Density of fills, kg per litre; common practice, no source (water exact). */
const fillDensity: Record<Fill, number> = { water: 1, sand: 1.6, paint: 1.3, gravel: 1.6, rice: 0.85 };

/** Mass of the empty container, kg per litre of volume, and a least mass; common practice, no source. */
export const emptyMass: Partial<Record<KitKind, { perLitre: number; least: number }>> = {
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
    return toTenGrams(filled + Math.max(container.least, container.perLitre * item.volumeL));
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
 * @example massRangeOf({ kind: 'paint-tin', volumeL: 10, fill: 'paint' }) // { kg: 13.5, low: 12.09, high: 14.91 }
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

const spread = (kg: number, by: number): MassRange => ({ kg, low: toTenGrams(kg - by), high: toTenGrams(kg + by) });

/** Nothing in a household weighs more than this, kg. */
export const heaviestKg = 200;

/** Nothing of a kind weighs more than this in a household, kg; anything heavier is a slip of the finger. Common practice, no source. */
const maxOfKind: Partial<Record<KitKind, number>> = {
  dumbbell: 80,
  kettlebell: 80,
  plate: 50,
  'medicine-ball': 20,
  'weight-vest': 60,
  'ankle-weight': 10,
  bottle: 40,
  can: 6,
  ball: 20,
  stick: 10,
};

/** The most that a thing of a kind may be said to weigh, kg. @example heaviestOf('dumbbell') // 80 */
export const heaviestOf = (kind: KitKind): number => maxOfKind[kind] ?? heaviestKg;
