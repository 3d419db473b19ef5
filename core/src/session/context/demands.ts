import type { Variant } from '../../exercise/model/variant';
import type { BlockKind } from '../../exercise/model/vocabulary';
import type { Aim } from '../../session-type/aims-and-phases';
import type { ActionNeed, Needs, OppositeNeed, RiskNeed } from '../../sport/needs';
import { preventionOf, transferOf } from '../../sport/transfer';
import type { Weights } from '../../sport/transfer-criteria';
import type { Brief } from '../brief/brief';

/** A need of the athlete with its weight in the session. */
export type Demand = (ActionNeed | RiskNeed | OppositeNeed) & { weight: number };

/** How an aim splits worth between performance and prevention; the rest is warm-up and cool-down. Common practice, no source. */
const performanceShare: Record<Aim, number> = {
  hold: 0.55,
  strength: 0.75,
  power: 0.8,
  endurance: 0.6,
  prevention: 0.25,
  flexibility: 0.5,
  return: 0.35,
  learn: 0.6,
};

/** Where the aim is to come back, the ladder of the injured part leads; common practice, no source. */
const leadsReturn = 4;

/** Both columns of needs, each scaled to its share of the aim; weights sum to 1. */
export function demandsOf({ performance, prevention }: Needs, aim: Aim): Demand[] {
  const forPerformance = performanceShare[aim];
  const led = (need: Needs['prevention'][number]) =>
    need.share * (aim === 'return' && need.kind === 'risk' && need.returning ? leadsReturn : 1);
  const whole = prevention.reduce((sum, need) => sum + led(need), 0) || 1;
  return [
    ...performance.map((need) => ({ ...need, weight: need.share * forPerformance })),
    ...prevention.map((need) => ({ ...need, weight: (led(need) / whole) * (1 - forPerformance) })),
  ];
}

/** How far a variant answers a demand, 0 to 1. */
export function likeness(variant: Variant, demand: Demand, weights: Weights): number {
  if (demand.kind === 'action') return transferOf(variant, demand.action, weights).total;
  if (demand.kind === 'risk') return preventionOf(variant, demand.risk);
  return demand.overuse.patterns.includes(variant.pattern) ? 1 : 0;
}

/**
 * What one effective set of a variant gives to a demand, 0 to 1. Transfer counts by its square: many sets of what is a little like the sport do
 * not add up to what is like it. Common practice, no source.
 */
export function givenBy(variant: Variant, demand: Demand, weights: Weights): number {
  const alike = likeness(variant, demand, weights);
  return demand.kind === 'action' ? alike * alike : alike;
}

/** How much of a set of each block counts as training the demand; what prepares and what winds down trains nothing. Common practice, no source. */
const blockStimulus: Record<BlockKind, number> = {
  raise: 0,
  mobilise: 0,
  activate: 0,
  balance: 0.8,
  technique: 0.6,
  power: 1,
  strength: 1,
  prevention: 1,
  trunk: 0.9,
  flexibility: 0.3,
  finisher: 0.5,
  'cool-down': 0,
};

/** A set at three quarters of the most is a whole one, one at a quarter not half of it; common practice, no source. */
const [easiestSet, perShare, hardestSet] = [0.15, 1.1, 1.1];
/** When maximal strength is the aim, light sets count for little: near the square of the share (strength follows load, Schoenfeld 2017; value from memory). */
const [lightestForStrength, perSquare, hardestForStrength] = [0.1, 1.5, 1.25];

/** Effective sets in one set: block, how hard it is for this athlete where that is known, and what is wanted. */
export function stimulus(block: BlockKind, effortShare: number | undefined, fast: boolean, aim: Aim): number {
  const whole = blockStimulus[block];
  if (effortShare === undefined || fast) return whole;
  if (aim === 'strength' && block === 'strength')
    return whole * Math.min(hardestForStrength, lightestForStrength + perSquare * effortShare ** 2);
  return whole * Math.min(hardestSet, easiestSet + perShare * effortShare);
}

/** Below this share of the most a bodyweight set trains little strength; common practice, no source. */
const easyBelow = 0.45;

/**
 * How much of a set is left when it stands far below the athlete: all of it down to nearly half of the most, then less and less, so that a higher rung
 * is taken where there is one. Not for those who begin, come back or learn: they earn the load. Loads and bands are judged by the house rule.
 *
 * @example leftOfEasy(wallPushUp, undefined, brief) // 1
 */
export function leftOfEasy(variant: Variant, effortShare: number | undefined, { aim, athlete, season }: Brief): number {
  if (effortShare === undefined || variant.load?.required || variant.line) return 1;
  if (athlete.level === 'new' || season.phase === 'return' || aim === 'return' || aim === 'learn') return 1;
  return Math.min(1, effortShare / easyBelow);
}

/** Doses at which a piece of the coverage curve ends, effective sets. */
export const coverageBreaks = [0.75, 1.5, 2.5, 4, 6] as const;
const saturation = 2;

/** Coverage of a demand at the end of each piece: 1 - exp(-dose / 2), diminishing returns; common practice, no source. */
const coverageAtBreaks = coverageBreaks.map((dose) => 1 - Math.exp(-dose / saturation));

/** Gain per effective set in each piece, falling from piece to piece. */
export const coverageSlopes = coverageBreaks.map((dose, k) => {
  const width = dose - (coverageBreaks[k - 1] ?? 0);
  return ((coverageAtBreaks[k] as number) - (coverageAtBreaks[k - 1] ?? 0)) / width;
});

/**
 * Share of a demand that a dose covers, piecewise linear, 0 to 0.95.
 *
 * @example coverage(0) // 0
 */
export function coverage(dose: number): number {
  // Asked for many thousand times a second while composing.
  let [start, covered] = [0, 0];
  for (let k = 0; k < coverageBreaks.length; k++) {
    const end = coverageBreaks[k] as number;
    if (dose <= end) return covered + (coverageSlopes[k] as number) * (dose - start);
    start = end;
    covered = coverageAtBreaks[k] as number;
  }
  return covered;
}
