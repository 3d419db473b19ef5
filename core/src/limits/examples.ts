import type { Variant } from '../exercise/model/variant';
import { levels } from '../exercise/model/vocabulary';
import { adaptedTo } from './adapt';
import { limitOf } from './limit';
import type { Standing } from './restriction';

export interface LimitExample {
  variant: string;
  name: string;
  /** What is changed, or why it is out; empty for what is allowed. */
  words: string;
}

/** So many exercises of each kind, and those that a coach would think of first. */
export interface LimitExamples {
  allowed: { count: number; examples: LimitExample[] };
  adapted: { count: number; examples: LimitExample[] };
  not: { count: number; examples: LimitExample[] };
}

/** Exercises a coach would think of first: staples before makeshifts, those that load the part before the others, what beginners can do first. */
function ofInterest(variant: Variant, { region }: Standing): number {
  const loads = variant.regions.some((r) => r.region === region) ? 2 : 0;
  return variant.standing + loads - levels.indexOf(variant.level) / levels.length;
}

/**
 * What a restriction forbids, changes and allows, with examples of different families. What is to be changed and cannot be counts as forbidden.
 *
 * @example examplesUnder(library, leftKnee, 10).not.examples.length > 0 // true
 */
export function examplesUnder(variants: readonly Variant[], standing: Standing, most: number): LimitExamples {
  const sorted = variants
    .filter((v) => v.sports.length === 0)
    .sort((a, b) => ofInterest(b, standing) - ofInterest(a, standing) || a.name.localeCompare(b.name));
  const found = { allowed: [] as Variant[], adapted: [] as Variant[], not: [] as Variant[] };
  const words = new Map<Variant, string>();
  for (const variant of sorted) {
    const limit = limitOf(variant, [standing]);
    const kind = limit.verdict === 'adapted' && !adaptedTo(variant, limit) ? 'not' : limit.verdict;
    found[kind].push(variant);
    const [, why = ''] = (limit.why[0] ?? '').split(': ');
    words.set(variant, kind === 'adapted' ? limit.changes.map((c) => c.say).join(' ') : why);
  }
  const listed = (all: readonly Variant[]) => ({
    count: all.length,
    examples: all
      .filter((v, i) => all.findIndex((other) => other.family === v.family) === i)
      .slice(0, most)
      .map((v) => ({ variant: v.id, name: v.name, words: words.get(v) ?? '' })),
  });
  return { allowed: listed(found.allowed), adapted: listed(found.adapted), not: listed(found.not) };
}
