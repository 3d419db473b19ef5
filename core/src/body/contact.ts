import type { LoadedJoint } from './loaded-joints';
import type { LimbSide } from './pose';
import type { LimbPointName, Point, Skeleton } from './skeleton';
/** What must touch where; `x` in metres, left out where the pose itself decides. */
export interface Touch {
  contact: Contact;
  side: LimbSide;
  x?: number;
}

/** Parts of the body that may rest on something. */
export const contactParts = [
  'feet',
  'toes',
  'heels',
  'knees',
  'hands',
  'fingertips',
  'palms',
  'forearms',
  'elbows',
  'insteps',
  'seat',
  'back',
  'chest',
  'head',
  'hip-side',
  'shoulder-side',
  'grip',
] as const;
export type ContactPart = (typeof contactParts)[number];

/** Heights of the things one rests on, metres; usual household sizes, common practice, no source. */
export const surfaceHeightM = {
  floor: 0,
  book: 0.045,
  cushion: 0.1,
  step: 0.18,
  foot: 0.15,
  /** The other leg that one leg rests on, at ankle or knee. */
  ankle: 0.09,
  crate: 0.305,
  roller: 0.14,
  sofa: 0.42,
  ball: 0.55,
  chair: 0.45,
  table: 0.61,
  worktop: 0.9,
  bar: 2.15,
} as const;
export type Surface = keyof typeof surfaceHeightM;

export interface Contact {
  part: ContactPart;
  side: LimbSide | 'both';
  surface: Surface | 'wall';
  heightM: number;
  /** A held contact can pull as well as push: ankles under a sofa, hands on a bar. */
  held: boolean;
  /** The contact may travel between keyframes: a towel under the heels. */
  slides: boolean;
}

/** A contact that cannot be read: what stands there and what was expected. */
export class ContactSyntaxError extends SyntaxError {}

const pattern = /^(?:(near|far)\.)?([a-z-]+)(?:@([a-z]+))?(!)?(\*)?$/;
const singular: Record<string, ContactPart> = {
  foot: 'feet',
  toe: 'toes',
  heel: 'heels',
  knee: 'knees',
  hand: 'hands',
  fingertip: 'fingertips',
  palm: 'palms',
  forearm: 'forearms',
  elbow: 'elbows',
  instep: 'insteps',
};

/**
 * Reads one contact of the pose language: `near.foot`, `hands@sofa`, `toes!` (held), `heels*` (slides), `back@wall`.
 * Throws a ContactSyntaxError that says what was expected.
 *
 * @example parseContact('hands@sofa').heightM // 0.42
 */
export function parseContact(text: string): Contact {
  const match = pattern.exec(text);
  const word = match?.[2] ?? '';
  const part = singular[word] ?? contactParts.find((name) => name === word);
  if (!match || !part) {
    throw new ContactSyntaxError(`contact "${text}": expected one of ${contactParts.join(', ')}`);
  }
  const surface = (match[3] ?? 'floor') as Surface | 'wall';
  if (surface !== 'wall' && !(surface in surfaceHeightM)) {
    throw new ContactSyntaxError(
      `contact "${text}": unknown surface "${surface}", expected ${Object.keys(surfaceHeightM).join(', ')} or wall`,
    );
  }
  return {
    part,
    side: (match[1] as LimbSide | undefined) ?? 'both',
    surface,
    heightM: surface === 'wall' ? 0 : surfaceHeightM[surface],
    held: match[4] === '!',
    slides: match[5] === '*',
  };
}

/** Distance from the bone to what it rests on, as a share of height; read off the drawn figure. */
export const restingThickness: Record<ContactPart, number> = {
  feet: 0,
  toes: 0.004,
  heels: 0,
  knees: 0.034,
  hands: 0.01,
  fingertips: 0.004,
  palms: 0.012,
  forearms: 0.021,
  elbows: 0.021,
  insteps: 0.02,
  seat: 0.056,
  back: 0.056,
  chest: 0.056,
  head: 0.056,
  'hip-side': 0.052,
  'shoulder-side': 0.03,
  grip: 0,
};

const limbPoints: Partial<Record<ContactPart, readonly LimbPointName[]>> = {
  feet: ['heel', 'toe'],
  toes: ['toe'],
  heels: ['heel'],
  knees: ['knee'],
  hands: ['wrist', 'fingertip'],
  fingertips: ['fingertip'],
  palms: ['wrist'],
  grip: ['hand'],
  forearms: ['elbow', 'wrist'],
  elbows: ['elbow'],
  insteps: ['ankle'],
};

/** The points of one side that must touch for this contact. */
export function touchingPoints(skeleton: Skeleton, part: ContactPart, side: LimbSide): Point[] {
  const named = limbPoints[part];
  if (named) return named.map((name) => skeleton[side][name]);
  if (part === 'seat') return [skeleton.pelvis];
  if (part === 'hip-side') return [skeleton[side].hip];
  if (part === 'shoulder-side') return [skeleton[side].shoulder];
  if (part === 'head') return [skeleton.head];
  return [skeleton.chest];
}

const chains: Record<LimbPointName, readonly LoadedJoint[]> = {
  shoulder: ['trunk'],
  elbow: ['trunk', 'shoulder'],
  wrist: ['trunk', 'shoulder', 'elbow'],
  hand: ['trunk', 'shoulder', 'elbow', 'wrist'],
  fingertip: ['trunk', 'shoulder', 'elbow', 'wrist'],
  hip: [],
  knee: ['hip'],
  ankle: ['hip', 'knee'],
  heel: ['hip', 'knee', 'ankle'],
  toe: ['hip', 'knee', 'ankle'],
};

/** The joints that move each of the touching points of a part, in the order of `touchingPoints`. */
export function touchingChains(part: ContactPart): (readonly LoadedJoint[])[] {
  const named = limbPoints[part];
  if (named) return named.map((name) => chains[name]);
  if (part === 'seat' || part === 'hip-side') return [[]];
  return [part === 'head' ? ['trunk', 'neck'] : ['trunk']];
}

/** Whether the part comes once a side or once a body. */
function isLimbPart(part: ContactPart): boolean {
  return part in limbPoints || part.endsWith('-side');
}

/** The sides that a contact stands for; parts of the trunk count once. */
export function sidesOf(contact: Contact): LimbSide[] {
  if (contact.side !== 'both') return [contact.side];
  return isLimbPart(contact.part) ? ['near', 'far'] : ['near'];
}

/** Half the length over which a contact can shift its pressure, as a share of height. */
export const contactHalfLength: Record<ContactPart, number> = {
  feet: 0.076,
  toes: 0.008,
  heels: 0.015,
  knees: 0.03,
  hands: 0.045,
  fingertips: 0.02,
  palms: 0.02,
  forearms: 0.08,
  elbows: 0.02,
  insteps: 0.04,
  seat: 0.07,
  back: 0.1,
  chest: 0.1,
  head: 0.03,
  'hip-side': 0.06,
  'shoulder-side': 0.03,
  grip: 0.02,
};
