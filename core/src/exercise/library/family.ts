import type { Line } from '../../body/line';
import type { Keyframe, Movement } from '../../body/motion';
import type { Counterbalanced } from '../../body/placing-residuals';
import { parseDose } from '../../dose/notation';
import { keepPeaks } from '../mechanics/peak-points';
import { computedRegions } from '../mechanics/regions';
import { requiredCautions } from '../model/cautions';
import { completedErrors } from '../model/common-errors';
import { liftOf } from '../model/lifts';
import { traitsOf } from '../model/traits';
import type {
  CommonError,
  LoadRule,
  Needs,
  Prop,
  RegionLoad,
  Variant,
  VariantStanding,
  WrittenRegion,
} from '../model/variant';
import {
  type BlockKind,
  jointAction,
  type Level,
  type Pattern,
  type Plane,
  type Position,
  type Region,
  type Side,
  type Speed,
  type WrittenJointAction,
} from '../model/vocabulary';

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
  faults: readonly CommonError[];
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
  variant.faults = completedErrors(variant);
  variant.cautions = [...cautions, ...requiredCautions(variant).map((c) => c.text)];
  return variant;
}
