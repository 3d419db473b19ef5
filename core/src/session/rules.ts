import { ageOn, standingsOn } from '../athlete/athlete';
import { contactRange } from '../dose/zone';
import { blockKinds, mainBlocks, type Pattern, type Plane } from '../exercise/vocabulary';
import { contactCeilingOf } from '../limits/ceiling';
import { usuallyFull } from '../session-type/frames';
import { mostItems } from './blocks';
import type { Brief } from './brief';
import { type Column, highRegions, usedSecond } from './column';
import type { Context } from './context';
import { preparingBlocks } from './joint-load';

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

/** Contacts at home, where practice and matches add theirs; common practice, no source. */
const atHome = { new: 24, beginner: 30, intermediate: 50, advanced: 60 } as const;
const [inSeasonContacts, youngContacts] = [40, 30];
const inSeason: ReadonlySet<string> = new Set(['in-season', 'taper']);

/** Jump contacts a session at the most: handbook of the National Strength and Conditioning Association (values from memory); new athletes and minors less, common practice. */
export function mostContacts({ athlete, date, season, sessionType }: Brief): number {
  const cap = Math.min(contactRange[athlete.level][1], atHome[athlete.level]);
  const young = ageOn(athlete.born, date) < 16 ? Math.min(cap, youngContacts) : cap;
  const allowed = inSeason.has(season.phase) || sessionType === 'primer' ? Math.min(young, inSeasonContacts) : young;
  return Math.min(allowed, contactCeilingOf(standingsOn(athlete, date)));
}

/** Sets that may load one region high in a session; common practice, no source. */
export const mostHighSets = 7;

/** What breaking a wish costs, in shares of everything asked; hard rules have no price. A second is one by which a block misses its share of the main work. */
export const prices = {
  opposite: 0.03,
  plane: 0.03,
  heavySet: 0.03,
  blockItem: 0.08,
  second: 0.0006,
  item: 0.05,
  group: 0.07,
  row: 0.03,
  pull: 0.01,
} as const;

/** How the worth of a session is split: what the session has a place for, and what the sport and the athlete need. Common practice, no source. */
export const worthShares = { places: 0.75, demands: 0.25 } as const;

/** A sum over what is chosen that should lie between two bounds; what it misses them by costs its price. */
export interface Wish {
  count: (column: Column) => number;
  least: number;
  most: number;
  price: number;
}

/** What serves a group less is a makeshift, and leaves it wanting. */
const makeshift = 0.6;
/** The easiest rung of a ladder still serves a row. */
const makeshiftRow = 0.4;
/** Rows of this weight have a price when nothing serves them, the heaviest few of them. */
const [pricedRow, pricedRows] = [3, 4];

const pulls: readonly Pattern[] = ['horizontal-pull', 'vertical-pull', 'scapular'];
const pushes: readonly Pattern[] = ['horizontal-push', 'vertical-push'];
/** Sets pulled less those pushed. */
const pulledMore = (column: Column) => patternSets(column, pulls) - patternSets(column, pushes);

const mainItems = ({ group }: Column) => (preparingBlocks.has(group.block) ? 0 : group.choices.length);

/** What the frame of the type wishes: each block its share of the main work, and not too many items. */
export function wishesOf({ frame, brief, places }: Context): Wish[] {
  const shares = blockKinds.flatMap((kind): Wish[] => {
    const share = frame.share[kind];
    if (!share) return [];
    const beyond = (part: number) => (column: Column) =>
      column.workSeconds * ((column.group.block === kind ? 1 : 0) - part);
    const [least, most] = share;
    return [
      ...(least > 0 ? [{ count: beyond(least), least: 0, most: Infinity, price: prices.second }] : []),
      ...(most < 1 ? [{ count: beyond(most), least: -Infinity, most: 0, price: prices.second }] : []),
    ];
  });
  const must = places.flatMap(({ group, serves }): Wish[] => {
    if (!group?.must) return [];
    const price = group.when ? prices.row : prices.group;
    const count = ({ group: { block }, variants }: Column) =>
      preparingBlocks.has(block) ? 0 : Number(variants.some((v) => serves(v, block) > makeshift));
    return [{ count, least: 1, most: Infinity, price }];
  });
  const rows = places
    .filter(({ row }) => row && !row.kind && row.weight >= pricedRow)
    .slice(0, pricedRows)
    .map(({ serves }): Wish => {
      const count = ({ group: { block }, variants }: Column) =>
        preparingBlocks.has(block) ? 0 : Number(variants.some((v) => serves(v, block) > makeshiftRow));
      return { count, least: 1, most: Infinity, price: prices.row };
    });
  const pullsToo = places.some(({ group }) => group?.id === 'pull');
  return [
    ...shares,
    ...must,
    ...rows,
    ...(pullsToo ? [{ count: pulledMore, least: 0, most: Infinity, price: prices.pull }] : []),
    { count: mainItems, least: -Infinity, most: mostItems(frame, brief), price: prices.item },
    {
      count: ({ workSeconds }) => workSeconds,
      least: -Infinity,
      most: 60 * brief.minutes * (frame.full ?? usuallyFull),
      price: usedSecond,
    },
  ];
}

/** What a sum misses the bounds of a wish by. */
export const missed = ({ least, most }: Pick<Wish, 'least' | 'most'>, sum: number): number =>
  Math.max(0, least - sum, sum - most);

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
