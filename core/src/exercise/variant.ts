import type { Line } from '../body/line';
import type { Keyframe, Movement } from '../body/motion';
import type { LoadPlace } from '../body/outside';
import type { Counterbalanced } from '../body/placing';
import type { PoseChanges } from '../body/pose';
import type { Dose } from '../dose/dose';
import { parseDose } from '../dose/notation';
import { requiredCautions } from './cautions';
import { completedFaults } from './faults';
import { type Lift, liftOf } from './lifts';
import { keepPeaks } from './peak-points';
import { computedRegions } from './regions';
import { type Trait, traitsOf } from './traits';
import {
  type Anchor,
  type BlockKind,
  type JointAction,
  jointAction,
  type KitKind,
  type Level,
  type Pattern,
  type Plane,
  type Position,
  type Region,
  type Side,
  type Speed,
  type WrittenJointAction,
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

export interface Fault {
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
  faults: readonly Fault[];
  cautions: readonly string[];
  /** What it is for, in a few words: "hip side ready before single-leg loading". */
  purpose: string;
  dose: Dose;
  sources: readonly string[];
}

/** A variant as a data file writes it; what a family shares is written once. */
export interface WrittenVariant {
  id: string;
  name: string;
  purpose: string;
  otherNames?: readonly string[];
  standing: VariantStanding;
  sports?: readonly string[];
  blocks: readonly BlockKind[];
  pattern: Pattern;
  jointActions: readonly WrittenJointAction[];
  planes: readonly Plane[];
  side?: Side;
  position: Position;
  speed?: Speed;
  /** Left out: worked out from the moments. */
  regions?: readonly WrittenRegion[];
  level?: Level;
  impactContacts?: number;
  quiet?: boolean;
  needs?: Partial<Needs>;
  load?: LoadRule;
  prop?: Prop;
  cues: readonly string[];
  faults: readonly Fault[];
  cautions?: readonly string[];
  view?: Movement['view'];
  elbowsOut?: number;
  counterbalanced?: Counterbalanced;
  wall?: number;
  line?: Line;
  keyframes: readonly Keyframe[];
  dose: string;
  sources?: readonly string[];
}

type SharedKey = Exclude<keyof WrittenVariant, 'id' | 'name'>;
export type FamilyShared = Partial<Pick<WrittenVariant, SharedKey>>;

/** Whether a variant can be done with nothing and nobody. */
export const needsNothing = ({ needs }: Variant): boolean =>
  needs.kit.length === 0 && needs.anchors.length === 0 && !needs.partner;

const noNeeds: Needs = { kit: [], anchors: [], partner: false, wall: false, stairs: false, slidingFloor: false };

function readRegion(text: WrittenRegion): RegionLoad {
  const [region, ...marks] = text.split('+');
  return {
    region: region as Region,
    high: marks.includes('high'),
    deep: marks.includes('deep'),
    landing: marks.includes('landing'),
  };
}

/**
 * One family of variants. What all share is written in `shared`; a variant's own words win.
 * A missing field is a type error in the data file that forgets it.
 */
export function family<const S extends FamilyShared>(
  id: string,
  shared: S,
  variants: readonly (Omit<WrittenVariant, keyof S> & Partial<WrittenVariant>)[],
): Variant[] {
  return variants.map((own) => read(id, { ...shared, ...own } as unknown as WrittenVariant));
}

/** A load that a movement is about is taken to be so heavy for its balance, as a share of body mass; common practice, no source. */
const usualLoadShare = 0.3;

/** A light load is counted at half the most that is sensible, of a body of 75 kg. */
function leanedAgainst(load: LoadRule | undefined): Counterbalanced | undefined {
  if (!load?.required || load.source !== 'weight') return undefined;
  return { place: load.place, share: Math.min(usualLoadShare, (load.maxKg ?? Infinity) / 2 / 75) };
}

function read(familyId: string, written: WrittenVariant): Variant {
  const { jointActions, regions, dose, needs, cautions = [], ...rest } = written;
  let known: readonly RegionLoad[] | undefined = regions?.map(readRegion);
  const counterbalanced = leanedAgainst(written.load);
  const lift = liftOf[written.id];
  keepPeaks(written.id, written.keyframes);
  const variant: Variant = {
    ...(counterbalanced ? { counterbalanced } : {}),
    ...(lift ? { lift } : {}),
    otherNames: [],
    sports: [],
    side: 'both',
    speed: 'controlled',
    level: 'new',
    impactContacts: 0,
    quiet: (written.impactContacts ?? 0) === 0,
    view: 'side',
    sources: ['common practice, no source'],
    ...rest,
    cautions,
    family: familyId,
    traits: traitsOf({ id: written.id, family: familyId }),
    jointActions: jointActions.map(jointAction),
    // Worked out when first asked for: it takes the statics of every keyframe.
    get regions() {
      known ??= computedRegions(variant);
      return known;
    },
    needs: { ...noNeeds, ...needs },
    dose: parseDose(dose),
  };
  variant.faults = completedFaults(variant);
  variant.cautions = [...cautions, ...requiredCautions(variant).map((c) => c.text)];
  return variant;
}
