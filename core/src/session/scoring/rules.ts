import { standingsOn } from '../../athlete/athlete';
import { ageOn } from '../../date/days';
import { contactRange } from '../../dose/zone';
import type { Variant } from '../../exercise/model/variant';
import { blockKinds, mainBlocks, type Pattern, type Plane, preparingBlocks } from '../../exercise/model/vocabulary';
import { contactCeilingOf } from '../../limits/ceiling';
import { axisOfSets, type Cost, costAxes, costOfType } from '../../session-type/cost';
import type { Brief } from '../brief/brief';
import { isCareful } from '../brief/careful';
import { maxItems } from '../context/block-bounds';
import type { Context } from '../context/context';
import { usuallyFull } from '../type/frames';
import { usedSecond } from './item-worth';
import { highRegions, type ScoredGroup } from './scored-group';

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
export const inSeasonContacts = 40;
const youngContacts = 30;
export const inSeason: ReadonlySet<string> = new Set(['in-season', 'taper']);

/** Jump contacts a session at home at the most by level and age. @example contactsAtHome('intermediate', 24) // 50 */
export function contactsAtHome(level: Brief['athlete']['level'], age: number): number {
  const cap = Math.min(contactRange[level][1], atHome[level]);
  return age < 16 ? Math.min(cap, youngContacts) : cap;
}

/** Jump contacts a session at the most: handbook of the National Strength and Conditioning Association (values from memory); new athletes and minors less, common practice. */
export function maxContacts({ athlete, date, season, sessionType }: Brief): number {
  const young = contactsAtHome(athlete.level, ageOn(athlete.born, date));
  const allowed = inSeason.has(season.phase) || sessionType === 'primer' ? Math.min(young, inSeasonContacts) : young;
  return Math.min(allowed, contactCeilingOf(standingsOn(athlete, date)));
}

/** Sets that may load one region high in a session; common practice, no source. */
export const maxHighSets = 7;

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
  count: (column: ScoredGroup) => number;
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
const pulledMore = (column: ScoredGroup) => patternSets(column, pulls) - patternSets(column, pushes);

const mainItems = ({ group }: ScoredGroup) => (preparingBlocks.has(group.block) ? 0 : group.choices.length);

/** What a set, or a landing, costs that is more than a step away from what the season has laid: other days stand as they do because of it. */
const offLaid: Readonly<Record<keyof Cost, number>> = {
  heavyLower: 0.2,
  heavyUpper: 0.2,
  contacts: 0.012,
  eccentric: 0.2,
};
/** A step: one set, or ten landings. */
const stepOf: Cost = { heavyLower: 1, heavyUpper: 1, contacts: 10, eccentric: 1 };

/** What a column costs a week on one axis. */
const costOn =
  (axis: keyof Cost) =>
  (column: ScoredGroup): number =>
    axis === 'contacts'
      ? column.impactContacts
      : column.group.choices.reduce((sum, { dose }, i) => {
          const { pattern } = column.variants[i] as Variant;
          return sum + (axisOfSets(column.group.block, pattern, dose.tempo?.lowering ?? 0) === axis ? dose.sets : 0);
        }, 0);

/** That a session costs what the season has laid, give or take a step; while it is still of that type and length. */
function asLaid({ brief, type }: Context): Wish[] {
  const { laid } = brief.season;
  if (!laid || laid.type !== type.type || laid.minutes !== brief.minutes) return [];
  // Light types cost nothing that the next day feels, whatever stands in them; a primer has its landings.
  const counted = costAxes.filter((axis) => costOfType[laid.type] || (laid.type === 'primer' && axis === 'contacts'));
  return counted.map(
    (axis): Wish => ({
      count: costOn(axis),
      least: Math.max(0, laid[axis] - stepOf[axis]),
      most: laid[axis] + (laid[axis] === 0 ? 0 : stepOf[axis]),
      // What a day is to be without is not traded for what the session could do with.
      price: offLaid[axis] * (laid[axis] === 0 ? 4 : 1),
    }),
  );
}

/** What the frame of the type wishes: each block its share of the main work, not too many items, and what the season has laid. */
export function wishesOf(context: Context): Wish[] {
  const { frame, brief, places } = context;
  const shares = blockKinds.flatMap((kind): Wish[] => {
    const share = frame.share[kind];
    if (!share) return [];
    const beyond = (part: number) => (column: ScoredGroup) =>
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
    const count = ({ group: { block }, variants }: ScoredGroup) =>
      preparingBlocks.has(block) ? 0 : Number(variants.some((v) => serves(v, block) > makeshift));
    return [{ count, least: 1, most: Infinity, price }];
  });
  const rows = places
    .filter(({ row }) => row && !row.kind && row.weight >= pricedRow)
    .slice(0, pricedRows)
    .map(({ serves }): Wish => {
      const count = ({ group: { block }, variants }: ScoredGroup) =>
        preparingBlocks.has(block) ? 0 : Number(variants.some((v) => serves(v, block) > makeshiftRow));
      return { count, least: 1, most: Infinity, price: prices.row };
    });
  const pullsToo = places.some(({ group }) => group?.id === 'pull');
  return [
    ...shares,
    ...must,
    ...rows,
    ...asLaid(context),
    ...(pullsToo ? [{ count: pulledMore, least: 0, most: Infinity, price: prices.pull }] : []),
    { count: mainItems, least: -Infinity, most: maxItems(frame, brief), price: prices.item },
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

/** Sets of a column that count for these patterns. */
export function patternSets(column: ScoredGroup, patterns: readonly Pattern[]): number {
  if (!mainBlocks.has(column.group.block)) return 0;
  return column.group.choices.reduce(
    (sum, c, i) => sum + (patterns.includes(column.variants[i]?.pattern as Pattern) ? c.dose.sets : 0),
    0,
  );
}

export function coversPlane(column: ScoredGroup, plane: Plane): boolean {
  return mainBlocks.has(column.group.block) && column.variants.some((v) => v.planes.includes(plane));
}

/** Sets of a column that load a region high. */
export function highSets(column: ScoredGroup, region: string): number {
  return column.variants.reduce(
    (sum, v, i) => sum + (highRegions(v).some((r) => r === region) ? (column.group.choices[i]?.dose.sets ?? 0) : 0),
    0,
  );
}
