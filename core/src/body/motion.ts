import { type Contact, type ContactPart, parseContact, type Touch } from './contact';
import type { Line } from './line';
import { type PlacedBody, placed, touchesOf } from './placing';
import { type Counterbalanced, type Fixable, touchPoint } from './placing-residuals';
import { type BasePosition, between, type PoseChanges, poseOf, type View } from './pose';
import { type ScaledBody, withElbowsOut } from './segments';
import { pointsOf } from './skeleton';

/** One written keyframe of an exercise. */
export interface Keyframe {
  name: string;
  base: BasePosition;
  change?: PoseChanges;
  /** Contacts in the pose language; empty while in the air. */
  on: readonly string[];
  /** Joints that the placing leaves as written. */
  fix?: readonly Fixable[];
  /** Clear height under the body in the air, share of height. */
  airborne?: number;
  /** Where the body has travelled to since the frame before, share of height. */
  shift?: number;
  /** A moment of a fast movement that nobody could hold: the weight may lie outside the support. */
  inPassing?: boolean;
}

export interface Movement {
  view: View;
  keyframes: readonly Keyframe[];
  /** How far the elbows stand out to the sides of the drawn plane once they are bent to a right angle, degrees; less where they are bent less. */
  elbowsOut?: number;
  /** The load that the body leans against to stay over its feet. */
  counterbalanced?: Counterbalanced;
  /** Where a wall stands in front (positive) or behind, share of height from the first contact. */
  wall?: number;
  /** What pulls beside gravity; a strap or band in each hand is one line. */
  line?: Line;
}

const keyOf = ({ contact, side }: Touch) => `${side}.${contact.part}@${contact.surface}`;

/** The body of a keyframe: the same body, with its upper arms as they look there. */
export function bodyIn({ elbowsOut }: Movement, { base, change }: Keyframe, body: ScaledBody): ScaledBody {
  if (!elbowsOut) return body;
  const { near, far } = poseOf(base, change);
  return withElbowsOut(body, elbowsOut * Math.min(1, Math.max(near.elbow, far.elbow, 0) / 90));
}

/**
 * Every keyframe of a movement, put down for one body. Contacts that stay keep their place from frame to frame.
 */
export function placedKeyframes(movement: Movement, body: ScaledBody): PlacedBody[] {
  const kept = new Map<string, number>();
  const wallX = movement.wall === undefined ? undefined : movement.wall * body.heightM;
  const frames: PlacedBody[] = [];
  for (const frame of movement.keyframes) {
    const contacts: Contact[] = frame.on.map(parseContact);
    const touches = touchesOf(contacts).map((touch, i): Touch => {
      const known = touch.contact.slides ? undefined : kept.get(keyOf(touch));
      if (known !== undefined) return { ...touch, x: known };
      // Seen from the side, both feet of one written contact stand in one place.
      const anchors = i === 0 || (movement.view === 'side' && touch.contact === contacts[0]);
      return kept.size === 0 && anchors ? { ...touch, x: 0 } : touch;
    });
    const result = placed({
      body: bodyIn(movement, frame, body),
      pose: poseOf(frame.base, frame.change),
      view: movement.view,
      touches,
      ...(frame.fix ? { fixed: frame.fix } : {}),
      ...(wallX === undefined ? {} : { wallX }),
      airborneM: (frame.airborne ?? 0) * body.heightM,
      rootX: (frames.at(-1)?.skeleton.pelvis.x ?? 0) + (frame.shift ?? 0) * body.heightM,
      inPassing: frame.inPassing ?? false,
      ...(movement.counterbalanced ? { counterbalanced: movement.counterbalanced } : {}),
    });
    for (const touch of result.touches) {
      if (!kept.has(keyOf(touch))) kept.set(keyOf(touch), touchPoint(result.skeleton, touch).x);
    }
    frames.push(result);
  }
  return frames;
}

/** A foot that is being rolled over from flat to its toes, or back, stands on its toes. */
const rolled: ReadonlySet<ContactPart> = new Set(['feet', 'toes']);

/** What touches in both bodies, as it touches on the way from one to the other. */
function commonTouches(a: PlacedBody, b: PlacedBody): (readonly [Touch, Touch])[] {
  return a.touches.flatMap((touch): (readonly [Touch, Touch])[] => {
    const twin = b.touches.find((other) => keyOf(other) === keyOf(touch));
    if (twin) return [[touch, twin]];
    if (!rolled.has(touch.contact.part)) return [];
    const on = b.touches.find(
      ({ contact, side }) =>
        rolled.has(contact.part) && side === touch.side && contact.surface === touch.contact.surface,
    );
    const onToes = ({ contact, ...rest }: Touch): Touch => ({ ...rest, contact: { ...contact, part: 'toes' } });
    return on ? [[onToes(touch), onToes(on)]] : [];
  });
}

const onFeet: ReadonlySet<ContactPart> = new Set(['feet', 'toes', 'heels']);

/** Whether two bodies rest on one and the same place besides the feet, or both on the feet alone: else what carries them in between is not known. */
export function shareSupport(a: PlacedBody, b: PlacedBody): boolean {
  const rests = ({ touches }: PlacedBody) => touches.filter(({ contact }) => !onFeet.has(contact.part));
  if (rests(a).length === 0 && rests(b).length === 0) return true;
  return commonTouches(a, b).some(([{ contact }]) => !onFeet.has(contact.part));
}

/** Whether everything that touches in one body touches in the other. */
export function sameContacts(a: PlacedBody, b: PlacedBody): boolean {
  const common = commonTouches(a, b).length;
  return common === a.touches.length && common === b.touches.length;
}

/**
 * Body between two placed keyframes, contacts common to both kept in touch and balanced where both are; `t` from 0 to 1. `eased` leaves the balance out,
 * as a film that is to glide wants it where a foot comes or goes.
 */
export function placedBetween(a: PlacedBody, b: PlacedBody, t: number, eased = false): PlacedBody {
  if (t <= 0) return a;
  if (t >= 1) return b;
  const common = commonTouches(a, b).map(([touch, twin]): Touch => {
    const from = touchPoint(a.skeleton, touch).x;
    const to = touchPoint(b.skeleton, twin).x;
    return {
      contact: touch.contact,
      side: touch.side,
      ...(touch.contact.surface === 'wall' ? {} : { x: mix(from, to, t) }),
    };
  });
  const rootX = mix(a.skeleton.pelvis.x, b.skeleton.pelvis.x, t);
  const lowest = ({ skeleton }: PlacedBody) => Math.min(...pointsOf(skeleton).map((point) => point.y));
  const upperArm = mix(a.body.lengthM.upperArm, b.body.lengthM.upperArm, t);
  const elbowsOutM = mix(a.body.elbowsOutM, b.body.elbowsOutM, t);
  return placed({
    body: { ...a.body, lengthM: { ...a.body.lengthM, upperArm }, elbowsOutM },
    pose: between(a.pose, b.pose, t),
    view: a.view,
    touches: common,
    ...(a.wallX === undefined ? {} : { wallX: a.wallX }),
    airborneM: Math.max(0, mix(lowest(a), lowest(b), t)),
    inPassing: eased || a.inPassing || b.inPassing || !shareSupport(a, b),
    ...(a.counterbalanced ? { counterbalanced: a.counterbalanced } : {}),
    rootX,
  });
}

const mix = (a: number, b: number, t: number) => a + (b - a) * t;
