import type { Variant } from '../exercise/model/variant';
import type { Anchor, KitKind } from '../exercise/model/vocabulary';
import type { Kit } from './kit';
import { isMadeOf } from './kit-words';

/** What can stand in for a thing at home: on what condition, and what has to be minded. */
export interface Replacement {
  wanted: readonly (KitKind | Anchor)[];
  instead: string;
  /** Kinds of the kit list that this is. */
  kinds: readonly (KitKind | Anchor)[];
  condition: string;
  caution: string;
}

/** Household things that replace bought ones; common practice, no source. */
export const replacements: readonly Replacement[] = [
  {
    wanted: ['dumbbell', 'kettlebell', 'medicine-ball', 'plate'],
    instead: 'filled bottle or canister',
    kinds: ['bottle', 'canister'],
    condition: 'Mass is volume times density and the empty container: 5 l of water in 0.3 kg is 5.3 kg.',
    caution: 'Unbreakable, lid taped, a handle to grip; hand it over, do not throw it.',
  },
  {
    wanted: ['dumbbell', 'kettlebell'],
    instead: 'paint tin',
    kinds: ['paint-tin'],
    condition: 'Emulsion is about 1.3 kg a litre: 10 l is about 13 kg. Weigh it once.',
    caution: 'Lid hammered shut and taped; never over the head.',
  },
  {
    wanted: ['dumbbell', 'kettlebell', 'barbell', 'weight-vest'],
    instead: 'rucksack or holdall with books or sand bags',
    kinds: ['rucksack', 'holdall'],
    condition: 'Weigh it on the bathroom scales: you with it less you without it.',
    caution: 'Packed tight and strapped close, nothing that shifts or falls out.',
  },
  {
    wanted: ['dumbbell', 'medicine-ball'],
    instead: 'smooth stone',
    kinds: ['stone'],
    condition: 'About 2.5 kg a litre of stone; weigh it.',
    caution: 'No sharp edges, dry hands, feet clear below it.',
  },
  {
    wanted: ['dumbbell'],
    instead: 'food can or small bottle',
    kinds: ['can'],
    condition: '0.4 to 0.5 kg each: right for arm care, which stays at or under 2.3 kg.',
    caution: 'Slow; no swinging.',
  },
  {
    wanted: ['band-long', 'band-loop'],
    instead: 'bicycle inner tube or old tights',
    kinds: ['inner-tube', 'tights'],
    condition: 'Its force is not known: choose the length by repetitions left, or measure it with a hanging scale.',
    caution: 'Look it over for tears every time; keep the line away from the eyes.',
  },
  {
    wanted: ['band-loop'],
    instead: "a person's hands at the knees",
    kinds: ['partner'],
    condition: 'Pressure is told, not measured: "a little more", "hold".',
    caution: 'Agree on the word "stop".',
  },
  {
    wanted: ['door-low', 'door-mid', 'door-high'],
    instead: 'banister or a solid post; knot the band double for a door',
    kinds: ['post'],
    condition: 'Height matters: ankle, navel, breastbone, overhead.',
    caution: 'Test before pulling. The pull closes the door, never opens it.',
  },
  {
    wanted: ['feet'],
    instead: 'heavy sofa, bed or a partner on the ankles',
    kinds: ['partner', 'sofa'],
    condition: 'It must not move when pulled with all you have.',
    caution: 'A pad over the ankles; a partner leans with straight arms.',
  },
  {
    wanted: ['ab-wheel'],
    instead: 'towel on a slippery floor',
    kinds: ['towel'],
    condition: 'Start short; mark the floor and note the distance.',
    caution: 'Nothing in the way of the slide; come back to the knees before the back hollows.',
  },
  {
    wanted: ['exercise-ball'],
    instead: 'towel under the heels on a smooth floor, or a cushion to squeeze',
    kinds: ['towel', 'cushion'],
    condition: 'Smooth floor for slides; firm cushion for squeezes.',
    caution: 'Towel flat, nothing behind the heels.',
  },
  {
    wanted: ['bench'],
    instead: 'sofa, or a sturdy chair against a wall',
    kinds: ['sofa', 'chair'],
    condition: 'About knee height, firm edge.',
    caution: 'It must not slide or tip.',
  },
  {
    wanted: ['step'],
    instead: 'bottom stair, kerb or a thick book',
    kinds: ['stairs'],
    condition: 'A hand to a shin high, the whole foot fits.',
    caution: 'Dry and fixed; a rail or wall in reach.',
  },
  {
    wanted: ['unstable-pad'],
    instead: 'cushion or a folded mat',
    kinds: ['cushion', 'mat'],
    condition: 'Softer is harder; start folded once.',
    caution: 'Next to a wall, nothing to fall on.',
  },
  {
    wanted: ['suspension-strap'],
    instead: 'long towel or sheet, knotted and shut in a door, or round a post',
    kinds: ['towel', 'post'],
    condition: 'Two knots behind the door, the door opens away from you and is locked.',
    caution: 'Test it with half your weight first, low over the floor.',
  },
  {
    wanted: ['foam-roller'],
    instead: 'hard plastic bottle full of water, in a sock',
    kinds: ['bottle'],
    condition: 'Full to the brim and closed, about 8 cm thick or more.',
    caution: 'Not on bone, not on the lower back; no pain that stays.',
  },
  {
    wanted: ['skipping-rope'],
    instead: 'skipping without a rope',
    kinds: [],
    condition: 'Turn the wrists as if there were one; the feet do the same.',
    caution: 'A floor that gives a little; stop when landings get loud.',
  },
  {
    wanted: ['pull-up-bar'],
    instead: 'playground bar or a sturdy branch',
    kinds: ['pull-up-bar'],
    condition: 'As high as the arms reach; a box under it for the first tries.',
    caution: 'Test it with half your weight first; dry hands.',
  },
  {
    wanted: ['ankle-weight'],
    instead: 'small bag of rice or sand tied on',
    kinds: ['ankle-weight'],
    condition: '0.5 to 1.5 kg.',
    caution: 'Tied over the ankle, not the foot; nothing fast with it.',
  },
];

const named = ({ needs, load }: Variant): ReadonlySet<KitKind | Anchor> =>
  new Set([...needs.kit.flat(), ...needs.anchors, ...(load?.with ?? [])]);

/**
 * What at home can stand in for the things a variant asks for. With a kit only for what is missing in it.
 *
 * @example replacementsFor(bandRow)[0].instead // 'bicycle inner tube or old tights'
 */
export function replacementsFor(variant: Variant, kit?: Kit): Replacement[] {
  const asked = named(variant);
  const has = (kind: KitKind | Anchor) =>
    kit !== undefined && (kit.items.some((i) => i.kind === kind) || kit.anchors.some((a) => a === kind));
  return replacements.filter(
    ({ wanted }) => wanted.some((w) => asked.has(w)) && !wanted.some((w) => asked.has(w) && has(w)),
  );
}

/**
 * What has to be minded with a household thing that is used as a load, by its name on the sheet; undefined for bought weights.
 *
 * @example cautionOfLoad('2 bottles 1.5 kg') // 'Unbreakable, lid taped, ...'
 */
export function cautionOfLoad(withWords: string): string | undefined {
  return replacements.find(({ kinds }) => kinds.some((kind) => isMadeOf(withWords, kind)))?.caution;
}

/** Things one buys; the rest stands about in a household. */
const bought: readonly KitKind[] = [
  'dumbbell',
  'kettlebell',
  'barbell',
  'plate',
  'medicine-ball',
  'weight-vest',
  'ankle-weight',
  'band-long',
  'band-loop',
  'suspension-strap',
  'ab-wheel',
  'exercise-ball',
  'foam-roller',
  'unstable-pad',
  'bench',
  'step',
  'skipping-rope',
  'pull-up-bar',
];

/** Bought things that some variant cannot do without and that nothing at home is known to replace. */
export function unreplaced(variants: readonly Variant[]): { variant: Variant; kind: KitKind }[] {
  const known = new Set(replacements.flatMap((r) => r.wanted));
  return variants.flatMap((variant) =>
    variant.needs.kit
      .filter((any) => any.every((kind) => bought.includes(kind)))
      .flatMap((any) => any.filter((kind) => !known.has(kind)).map((kind) => ({ variant, kind }))),
  );
}
