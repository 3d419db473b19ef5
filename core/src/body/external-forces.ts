import type { Touch } from './contact';
import type { LoadedJoint } from './loaded-joints';
import { type LimbSide, limbSides } from './pose';
import type { Point, Skeleton } from './skeleton';
import { armChain, legChain, type Owner, onPelvis, onUpperTrunk, owner, type Weight } from './weights';

/** Where an outside load sits on the body. */
export type LoadPlace = 'hands' | 'near-hand' | 'far-hand' | 'chest' | 'back' | 'hips' | 'ankles' | 'head';

export interface CarriedLoad {
  place: LoadPlace;
  massKg: number;
}

/** Where a band, a rope or somebody's hand pulls. */
export const pullPlaces = [
  'hands',
  'near-hand',
  'far-hand',
  'knees',
  'near-knee',
  'ankles',
  'near-ankle',
  'near-foot',
  'hips',
  'chest',
  'head',
] as const;
export type PullPlace = (typeof pullPlaces)[number];

/** A pull on one point of the body; newtons in the drawn plane. */
export interface Pull {
  at: PullPlace;
  side: LimbSide;
  forceN: Point;
}

/** Any force on the body: where it acts, how large it is, and which joints have it on their far end. */
export interface OutsideForce {
  at: Point;
  forceN: Point;
  momentNm: number;
  owner: Owner;
}

/** An outside load as masses on the skeleton. */
export function carried(skeleton: Skeleton, load: CarriedLoad): Weight[] {
  const hand = (side: LimbSide, massKg: number): Weight => ({
    at: skeleton[side].hand,
    massKg,
    owner: owner(side, ['trunk', ...armChain]),
  });
  const ankle = (side: LimbSide): Weight => ({
    at: skeleton[side].ankle,
    massKg: load.massKg / 2,
    owner: owner(side, ['hip', 'knee']),
  });
  switch (load.place) {
    case 'hands':
      return [hand('near', load.massKg / 2), hand('far', load.massKg / 2)];
    case 'near-hand':
      return [hand('near', load.massKg)];
    case 'far-hand':
      return [hand('far', load.massKg)];
    case 'ankles':
      return [ankle('near'), ankle('far')];
    case 'hips':
      return [{ at: skeleton.pelvis, massKg: load.massKg, owner: onPelvis }];
    case 'head':
      return [{ at: skeleton.head, massKg: load.massKg, owner: owner('middle', ['trunk', 'neck']) }];
    default:
      return [{ at: skeleton.chest, massKg: load.massKg, owner: onUpperTrunk }];
  }
}

/** The sides on which a place is pulled at; places of the trunk count once. */
export function pulledSides(at: PullPlace): readonly LimbSide[] {
  if (at === 'far-hand') return ['far'];
  return at === 'hands' || at === 'knees' || at === 'ankles' ? limbSides : ['near'];
}

/** The point of the skeleton that is pulled at. */
export function pulledPoint(skeleton: Skeleton, at: PullPlace, side: LimbSide): Point {
  const limb = skeleton[side];
  switch (at) {
    case 'knees':
    case 'near-knee':
      return limb.knee;
    case 'ankles':
    case 'near-ankle':
      return limb.ankle;
    case 'near-foot':
      return limb.toe;
    case 'hips':
      return skeleton.pelvis;
    case 'chest':
      return skeleton.chest;
    case 'head':
      return skeleton.head;
    default:
      return limb.hand;
  }
}

const chainOfPull: Record<PullPlace, readonly LoadedJoint[]> = {
  hands: ['trunk', ...armChain],
  'near-hand': ['trunk', ...armChain],
  'far-hand': ['trunk', ...armChain],
  knees: ['hip'],
  'near-knee': ['hip'],
  ankles: ['hip', 'knee'],
  'near-ankle': ['hip', 'knee'],
  'near-foot': legChain,
  hips: [],
  chest: ['trunk'],
  head: ['trunk', 'neck'],
};

export function pulled(skeleton: Skeleton, { at, side, forceN }: Pull): OutsideForce {
  const limb = !['hips', 'chest', 'head'].includes(at);
  return {
    at: pulledPoint(skeleton, at, side),
    forceN,
    momentNm: 0,
    owner: owner(limb ? side : 'middle', chainOfPull[at]),
  };
}

/** The joints that a contact's reaction passes through on its way to the pelvis. */
export function contactOwner({ contact, side }: Touch): Owner {
  switch (contact.part) {
    case 'feet':
    case 'toes':
    case 'heels':
      return owner(side, legChain);
    case 'insteps':
      return owner(side, ['hip', 'knee']);
    case 'knees':
      return owner(side, ['hip']);
    case 'hands':
    case 'fingertips':
    case 'palms':
    case 'grip':
      return owner(side, ['trunk', ...armChain]);
    case 'forearms':
      return owner(side, ['trunk', 'shoulder', 'elbow']);
    case 'elbows':
      return owner(side, ['trunk', 'shoulder']);
    case 'seat':
    case 'hip-side':
      return onPelvis;
    case 'head':
      return owner('middle', ['trunk', 'neck']);
    default:
      return onUpperTrunk;
  }
}
