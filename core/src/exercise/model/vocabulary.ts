/** Blocks that come before the work and get the body ready for it. */
export const readyingBlocks: ReadonlySet<BlockKind> = new Set(['raise', 'mobilise', 'activate']);

/** Those, and what winds down: they follow from the work. */
export const preparingBlocks: ReadonlySet<BlockKind> = new Set([...readyingBlocks, 'cool-down']);
/** The words of the trade that exercises, sports, kit and documents share. */

export const blockKinds = [
  'raise',
  'mobilise',
  'activate',
  'balance',
  'technique',
  'power',
  'strength',
  'prevention',
  'trunk',
  'flexibility',
  'finisher',
  'cool-down',
] as const;
export type BlockKind = (typeof blockKinds)[number];

/** Blocks of main work; what comes before and after prepares and winds down. */
export const mainBlocks: ReadonlySet<BlockKind> = new Set(['power', 'strength', 'prevention', 'trunk']);

export const patterns = [
  'knee-dominant',
  'hip-dominant',
  'knee-flexion',
  'hip-abduction',
  'hip-adduction',
  'calf',
  'horizontal-push',
  'vertical-push',
  'horizontal-pull',
  'vertical-pull',
  'shoulder-external-rotation',
  'shoulder-internal-rotation',
  'scapular',
  'elbow-flexion',
  'elbow-extension',
  'grip',
  'neck-flexion',
  'neck-extension',
  'neck-lateral',
  'trunk-flexion',
  'trunk-extension',
  'anti-extension',
  'rotation',
  'anti-rotation',
  'anti-lateral-flexion',
  'balance',
  'jump',
  'landing',
  'hop',
  'throw',
  'whole-body-lift',
  'locomotion',
  'quick-feet',
  'mobility',
  'stretch',
  'skill',
  'pulse',
] as const;
export type Pattern = (typeof patterns)[number];

/** Patterns in which arms and shoulders carry the work. */
export const armPatterns: ReadonlySet<Pattern> = new Set<Pattern>([
  'horizontal-push',
  'vertical-push',
  'horizontal-pull',
  'vertical-pull',
  'shoulder-external-rotation',
  'shoulder-internal-rotation',
  'scapular',
  'elbow-flexion',
  'elbow-extension',
]);

export const joints = ['neck', 'shoulder', 'scapula', 'elbow', 'wrist', 'trunk', 'hip', 'knee', 'ankle'] as const;
export type Joint = (typeof joints)[number];

export const motions = [
  'flexion',
  'extension',
  'abduction',
  'adduction',
  'external-rotation',
  'internal-rotation',
  'rotation',
  'lateral-flexion',
  'retraction',
  'protraction',
  'grip',
] as const;
export type Motion = (typeof motions)[number];

export const regimes = ['shortening', 'lengthening', 'holding', 'stretch-shortening'] as const;
export type Regime = (typeof regimes)[number];
/** How a muscle works, in the words of the field; documents keep the ids. */
export const contractionTypes: Readonly<Record<Regime, string>> = {
  shortening: 'concentric',
  lengthening: 'eccentric',
  holding: 'isometric',
  'stretch-shortening': 'stretch-shortening',
};

export interface JointAction {
  joint: Joint;
  action: Motion;
  regime: Regime;
}

/** Written form in data files: `knee extension lengthening`. */
export type WrittenJointAction = `${Joint} ${Motion} ${Regime}`;

/** @example jointAction('knee extension holding').joint // 'knee' */
export function jointAction(text: WrittenJointAction): JointAction {
  const [joint, action, regime] = text.split(' ') as [Joint, Motion, Regime];
  return { joint, action, regime };
}

export const planes = ['sagittal', 'frontal', 'transverse'] as const;
export type Plane = (typeof planes)[number];

export const regions = [
  'neck',
  'shoulder',
  'elbow',
  'wrist',
  'upper-back',
  'lower-back',
  'hip',
  'groin',
  'hamstring',
  'knee',
  'calf',
  'ankle',
  'foot',
] as const;
export type Region = (typeof regions)[number];

/** Regions of legs and arms, which have two sides; the others lie in the middle. */
export const legRegions: ReadonlySet<Region> = new Set<Region>([
  'hip',
  'groin',
  'hamstring',
  'knee',
  'calf',
  'ankle',
  'foot',
]);
export const armRegions: ReadonlySet<Region> = new Set<Region>(['shoulder', 'elbow', 'wrist']);
export const hasSides = (region: Region): boolean => legRegions.has(region) || armRegions.has(region);

export const levels = ['new', 'beginner', 'intermediate', 'advanced'] as const;
export type Level = (typeof levels)[number];

export const speeds = ['slow', 'controlled', 'fast'] as const;
export type Speed = (typeof speeds)[number];

export const positions = [
  'both-feet',
  'one-foot',
  'split',
  'kneeling',
  'sitting',
  'lying',
  'hands-and-feet',
  'hanging',
  'in-water',
] as const;
export type Position = (typeof positions)[number];

export const sides = ['both', 'single', 'alternating'] as const;
export type Side = (typeof sides)[number];

export const kitKinds = [
  'dumbbell',
  'kettlebell',
  'barbell',
  'plate',
  'medicine-ball',
  'weight-vest',
  'ankle-weight',
  'bottle',
  'canister',
  'paint-tin',
  'can',
  'rucksack',
  'holdall',
  'stone',
  'band-long',
  'band-loop',
  'inner-tube',
  'tights',
  'suspension-strap',
  'ab-wheel',
  'exercise-ball',
  'foam-roller',
  'unstable-pad',
  'cushion',
  'towel',
  'bench',
  'chair',
  'sofa',
  'step',
  'stairs',
  'skipping-rope',
  'pull-up-bar',
  'rack',
  'mat',
  'stick',
  'ball',
] as const;
export type KitKind = (typeof kitKinds)[number];

export const anchors = ['door-low', 'door-mid', 'door-high', 'post', 'feet', 'partner'] as const;
export type Anchor = (typeof anchors)[number];

/** Planned work by what it trains; the season ribbon is drawn from these. */
export const qualities = ['strength', 'power', 'prevention', 'trunk', 'preparation'] as const;
export type Quality = (typeof qualities)[number];

/** The quality a block counts towards. */
export const qualityOfBlock: Record<BlockKind, Quality> = {
  raise: 'preparation',
  mobilise: 'preparation',
  activate: 'preparation',
  balance: 'prevention',
  technique: 'preparation',
  power: 'power',
  strength: 'strength',
  prevention: 'prevention',
  trunk: 'trunk',
  flexibility: 'preparation',
  finisher: 'power',
  'cool-down': 'preparation',
};
