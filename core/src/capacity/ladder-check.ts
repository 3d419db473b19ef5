import type { Athlete } from '../athlete/athlete';
import type { LibraryIssue } from '../exercise/check/library-check';
import { needsNothing, type Variant } from '../exercise/model/variant';
import { levels, mainBlocks, type Pattern } from '../exercise/model/vocabulary';
import { relativeLoads } from './relative-load';

/** The athlete on whom ladders are judged: shares of strength, not newton metres, so size matters little. */
const ladderAthlete: Athlete = {
  heightCm: 175,
  massKg: 70,
  born: '2000-01-01',
  level: 'intermediate',
  restrictions: [],
};
const ladderDay = '2026-01-01';
/** A required weight is judged at this mass unless the variant allows less, kg; common practice, no source. */
const usualLoadKg = 10;
/** Neighbours may be equal to within this share. */
const tolerance = 0.02;
/** A step between neighbours larger than this share is a gap. */
const widestStep = 1 / 3;

/** Load of a variant for the ladder athlete, share of the most of its hardest joint action, with a usual weight or a medium band. */
function ladderLoad(variant: Variant): number {
  const weight = variant.load?.required && variant.load.source === 'weight';
  const loadKg = weight ? Math.min(variant.load?.maxKg ?? usualLoadKg, usualLoadKg) : 0;
  return relativeLoads(variant, ladderAthlete, ladderDay, { loadKg })[0]?.share ?? 0;
}

/** Neighbours whose computed load falls on the way up without a word why, or whose level does. */
export function ladderFaults(variants: readonly Variant[]): LibraryIssue[] {
  const byId = new Map(variants.map((v) => [v.id, v]));
  return variants.flatMap((harder) => {
    const easier = harder.easier ? byId.get(harder.easier) : undefined;
    if (!easier) return [];
    const at = { file: `library/${harder.family}.ts`, variant: harder.id };
    const [low, high] = [ladderLoad(easier), ladderLoad(harder)];
    const falls = high < low * (1 - tolerance) && !harder.harderBecause;
    const easierLevel = levels.indexOf(harder.level) < levels.indexOf(easier.level);
    return [
      ...(falls
        ? [
            {
              ...at,
              message: `stands above "${easier.id}" with a load of ${high.toFixed(2)} against ${low.toFixed(2)}; change places or say why it is harder`,
            },
          ]
        : []),
      ...(easierLevel
        ? [{ ...at, message: `is for ${harder.level}, its easier neighbour "${easier.id}" for ${easier.level}` }]
        : []),
    ];
  });
}

/** A step of a ladder that is wider than a third and that no added weight or band can fill. */
export interface LadderGap {
  easier: string;
  harder: string;
  /** Load of the harder one over that of the easier one, less 1. */
  step: number;
}

/** A weight or a band can be chosen lighter or heavier; a hand that resists can, too. */
const adjustable = (v: Variant) => v.load !== undefined || v.line !== undefined;

/** Gaps of the ladders: neither neighbour takes a load that could be changed until they meet, and no reason stands beside the step. */
export function ladderGaps(variants: readonly Variant[]): LadderGap[] {
  const byId = new Map(variants.map((v) => [v.id, v]));
  return variants.flatMap((harder) => {
    const easier = harder.easier ? byId.get(harder.easier) : undefined;
    if (!easier || adjustable(easier) || adjustable(harder) || harder.harderBecause) return [];
    const step = ladderLoad(harder) / ladderLoad(easier) - 1;
    return step > widestStep ? [{ easier: easier.id, harder: harder.id, step }] : [];
  });
}

/** Drills are not made harder by load. */
const drills: ReadonlySet<Pattern> = new Set(['skill', 'pulse', 'quick-feet', 'mobility', 'stretch']);

/** Patterns of main work that no ladder leads through from somebody brand new without kit to somebody advanced. */
export function patternsWithoutLadder(variants: readonly Variant[]): Pattern[] {
  const byId = new Map(variants.map((v) => [v.id, v]));
  const reached = new Set<Pattern>();
  for (const start of variants) {
    if (start.easier || start.level !== 'new' || !needsNothing(start)) continue;
    for (let v: Variant | undefined = start; v; v = v.harder ? byId.get(v.harder) : undefined)
      if (v.level === 'advanced' && v.pattern === start.pattern) reached.add(start.pattern);
  }
  const main = new Set(variants.filter((v) => v.blocks.some((b) => mainBlocks.has(b))).map((v) => v.pattern));
  return [...main].filter((pattern) => !drills.has(pattern) && !reached.has(pattern));
}
