import type { LoadPlace } from '../../body/external-forces';
import type { Movement } from '../../body/motion';
import type { PoseChanges } from '../../body/pose';
import type { Dose } from '../../dose/dose';
import type { Lift } from './lifts';
import type { Trait } from './traits';
import type {
  Anchor,
  BlockKind,
  JointAction,
  KitKind,
  Level,
  Pattern,
  Plane,
  Position,
  Region,
  Side,
  Speed,
} from './vocabulary';

/** How much a variant asks of a region: high load, deep range, landing on it. */
export interface RegionLoad {
  region: Region;
  high: boolean;
  deep: boolean;
  landing: boolean;
}

type RegionMark = '' | '+high' | '+deep' | '+landing' | '+high+deep' | '+high+landing';
export type WrittenRegion = `${Region}${RegionMark}`;

export interface Needs {
  /** Every list names alternatives, one of which must be there. */
  kit: readonly (readonly KitKind[])[];
  /** One of these; empty when none is needed. */
  anchors: readonly Anchor[];
  partner: boolean;
  wall: boolean;
  stairs: boolean;
  slidingFloor: boolean;
}

/** What loads the movement beside the body. */
export interface LoadRule {
  place: LoadPlace;
  source: 'weight' | 'band';
  /** Without a load the movement is pointless. */
  required: boolean;
  /** Most that is sensible, kg, whatever is owned. */
  maxKg?: number;
  /** Only these things; any hand weight when left out. */
  with?: readonly KitKind[];
  /** Implements held at once at the most. */
  hands: 1 | 2;
}

export interface CommonError {
  see: string;
  say: string;
  /** What it looks like: other angles in a keyframe, the last one when none is named, and angles that come on top of its own. */
  shown?: { at?: string; change: PoseChanges; add?: PoseChanges };
}

/** Something held or stood on that the kit list alone does not tell how to draw. */
export const props = [
  'dumbbell',
  'bag',
  'rucksack',
  'bar',
  'ball',
  'stick',
  'towel',
  'rag',
  'roller',
  'wheel',
  'cushion',
  'rope',
  'racket',
  'paddle',
  'strap',
] as const;
export type Prop = (typeof props)[number];

/**
 * How readily a coach chooses a variant: 3 a staple, 2 a good second choice, 1 a makeshift for when nothing better is feasible, 0 a curiosity or the
 * drill of one sport.
 */
export const standings = [0, 1, 2, 3] as const;
export type VariantStanding = (typeof standings)[number];

/** What of a change for somebody's restriction the poses and the dose do not hold. */
export interface Adaptation {
  /** What the athlete is told, an instruction each. */
  say: readonly string[];
  /** So much of the usual load, 0 to 1. */
  load: number;
  /** The one side that may do it. */
  onlySide?: 'left' | 'right';
  /** It is made for speed, and done slowly. */
  slowed?: true;
}

export interface Variant extends Movement {
  id: string;
  name: string;
  otherNames: readonly string[];
  standing: VariantStanding;
  /** The sports whose own drill this is, by their ids; empty for what serves every sport. */
  sports: readonly string[];
  family: string;
  blocks: readonly BlockKind[];
  pattern: Pattern;
  jointActions: readonly JointAction[];
  planes: readonly Plane[];
  side: Side;
  position: Position;
  speed: Speed;
  regions: readonly RegionLoad[];
  level: Level;
  impactContacts: number;
  quiet: boolean;
  /** What a clinician asks about and no pose tells. */
  traits: readonly Trait[];
  /** How it is changed for an athlete with a restriction; never in the library itself. */
  adapted?: Adaptation;
  needs: Needs;
  load?: LoadRule;
  /** The lift whose published standard says how much people can do at the most. */
  lift?: Lift;
  /** Drawn in the hands or under the body where the load does not say. */
  prop?: Prop;
  easier?: string;
  harder?: string;
  /** Why it is harder than its easier neighbour where the computed load does not rise. */
  harderBecause?: string;
  cues: readonly string[];
  faults: readonly CommonError[];
  cautions: readonly string[];
  /** What it is for, in a few words: "hip side ready before single-leg loading". */
  purpose: string;
  dose: Dose;
  sources: readonly string[];
}

/** Whether a variant can be done with nothing and nobody. */
export const needsNothing = ({ needs }: Variant): boolean =>
  needs.kit.length === 0 && needs.anchors.length === 0 && !needs.partner;
