import { ageOn, standingsOn } from '../athlete/athlete';
import { contactRange } from '../dose/zone';
import { mainBlocks, type Pattern, type Plane } from '../exercise/vocabulary';
import { contactCeilingOf } from '../limits/ceiling';
import type { Brief } from './brief';
import { type Column, highRegions } from './column';

/** Patterns that answer each other; sets of both are kept within `tolerance`. */
export const opposites: readonly {
  id: string;
  name: string;
  one: readonly Pattern[];
  other: readonly Pattern[];
  words: [string, string];
  tolerance: number;
}[] = [
  {
    id: 'push-pull',
    name: 'Push and pull',
    one: ['horizontal-push', 'vertical-push'],
    other: ['horizontal-pull', 'vertical-pull', 'scapular', 'shoulder-external-rotation'],
    words: ['push', 'pull'],
    tolerance: 2,
  },
  {
    id: 'front-back-thigh',
    name: 'Front and back of the thigh',
    one: ['knee-dominant'],
    other: ['hip-dominant', 'knee-flexion'],
    words: ['front', 'back'],
    tolerance: 2,
  },
];

/** Jump contacts a session at the most: handbook of the National Strength and Conditioning Association (values from memory); new athletes and minors less, common practice. */
export function mostContacts({ athlete, date }: Brief): number {
  const cap = contactRange[athlete.level][1];
  const allowed = ageOn(athlete.born, date) < 16 ? Math.min(cap, 80) : cap;
  return Math.min(allowed, contactCeilingOf(standingsOn(athlete, date)));
}

/** Sets that may load one region high in a session; common practice, no source. */
export const mostHighSets = 7;

/** What breaking a wish costs, in shares of everything asked; hard rules have no price. */
export const prices = { opposite: 0.03, plane: 0.03, heavySet: 0.03, blockItem: 0.08 } as const;

/** Sets of maximal strength that a session for strength should hold where the kit gives them; common practice, no source. */
const heavySetsForStrength = 6;

export const wantedHeavySets = (brief: Brief) =>
  brief.aim === 'strength' && !isCareful(brief) ? heavySetsForStrength : 0;

/** Who is new or very young stays at eight repetitions and more. */
export const isCareful = ({ athlete, date }: Brief) => athlete.level === 'new' || ageOn(athlete.born, date) < 14;

/** Sets of a column that count for these patterns. */
export function patternSets(column: Column, patterns: readonly Pattern[]): number {
  if (!mainBlocks.has(column.group.block)) return 0;
  return column.group.choices.reduce(
    (sum, c, i) => sum + (patterns.includes(column.variants[i]?.pattern as Pattern) ? c.dose.sets : 0),
    0,
  );
}

export function coversPlane(column: Column, plane: Plane): boolean {
  return mainBlocks.has(column.group.block) && column.variants.some((v) => v.planes.includes(plane));
}

/** Sets of a column that load a region high. */
export function highSets(column: Column, region: string): number {
  return column.variants.reduce(
    (sum, v, i) => sum + (highRegions(v).some((r) => r === region) ? (column.group.choices[i]?.dose.sets ?? 0) : 0),
    0,
  );
}
