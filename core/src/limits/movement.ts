import type { ContactPart } from '../body/contact';
import type { MomentName } from '../body/moment-names';
import type { PlacedBody } from '../body/placing';
import { type LimbAngles, type LimbSide, limbSides } from '../body/pose';
import { referenceBody } from '../body/segments';
import { placedVariant } from '../exercise/mechanics/placed';
import { fractionsOfMax, usualLoad } from '../exercise/mechanics/relative-moments';
import type { Trait } from '../exercise/model/traits';
import type { Variant } from '../exercise/model/variant';
import {
  armPatterns,
  type Joint,
  type Motion,
  type Pattern,
  type Position,
  type Regime,
  type Region,
} from '../exercise/model/vocabulary';

/** Largest joint angles over the way of a movement, degrees. What a view does not show is left out. */
export interface MovementAngles {
  /** Of a leg that carries, and of either leg. */
  kneeLoaded: number;
  knee: number;
  hip?: number;
  /** How far a leg is led out to the side. */
  hipOut?: number;
  /** How far the arm is raised, forwards or sideways; only forwards and upwards for arms that a view from above does not show. */
  armRaised?: number;
  /** How far the upper arm is led behind the trunk. */
  armBehind?: number;
  /** Of a leg that carries: shin over foot. */
  ankle: number;
  /** Of a hand that carries: bent back. */
  wristLoaded: number;
  trunkBent?: number;
  trunkTurned?: number;
  /** Hip bent with a straight knee: how far the hamstrings are drawn out. */
  hamstring?: number;
}

const handParts: ReadonlySet<ContactPart> = new Set(['hands', 'palms', 'fingertips']);
const forearmParts: ReadonlySet<ContactPart> = new Set(['forearms', 'elbows']);
const legParts: ReadonlySet<ContactPart> = new Set(['feet', 'toes', 'heels', 'insteps', 'knees']);
const lyingParts: ReadonlySet<ContactPart> = new Set(['seat', 'back', 'chest']);
const landingPatterns: ReadonlySet<Pattern> = new Set(['jump', 'landing', 'hop', 'quick-feet']);

/** Patterns that train arms, hands or neck while the legs only stand. */
const upperPatterns: ReadonlySet<Pattern> = new Set([
  ...armPatterns,
  'grip',
  'neck-flexion',
  'neck-extension',
  'neck-lateral',
]);

/**
 * What a clinician looks at in a movement: where it bends and how far, what carries, what it lands on, how hard joints work. Everything comes from
 * the library's own data: poses, contacts, statics, joint actions and traits.
 */
export class MovementFacts {
  readonly angles: MovementAngles;
  /** Parts of the body that rest on something at some point. */
  readonly contacts: ReadonlySet<ContactPart>;
  readonly handsLoaded: boolean;
  readonly forearmsLoaded: boolean;
  readonly kneeling: boolean;
  readonly hanging: boolean;
  /** Head below the hips. */
  readonly headLow: boolean;
  private readonly traits: ReadonlySet<Trait>;
  private readonly frames: readonly PlacedBody[];
  private known: Record<MomentName, number> | undefined;

  constructor(readonly variant: Variant) {
    this.frames = placedVariant(variant, referenceBody);
    this.traits = new Set(variant.traits);
    this.angles = anglesOf(this.frames);
    this.contacts = new Set(this.frames.flatMap((f) => f.touches.map((t) => t.contact.part)));
    this.handsLoaded = this.rests(handParts);
    this.forearmsLoaded = this.rests(forearmParts);
    this.hanging = this.contacts.has('grip');
    this.kneeling = this.frames.some(({ touches }) => {
      const parts = touches.map((t) => t.contact.part);
      return parts.includes('knees') && !parts.some((part) => lyingParts.has(part));
    });
    this.headLow =
      variant.view === 'side' &&
      !this.contacts.has('back') &&
      this.frames.some(({ skeleton }) => skeleton.head.y < skeleton.pelvis.y - 0.15);
  }

  private rests(parts: ReadonlySet<ContactPart>): boolean {
    return [...this.contacts].some((part) => parts.has(part));
  }

  is(...ids: readonly string[]): boolean {
    return ids.includes(this.variant.id);
  }

  family(...families: readonly string[]): boolean {
    return families.includes(this.variant.family);
  }

  pattern(...patterns: readonly Pattern[]): boolean {
    return patterns.includes(this.variant.pattern);
  }

  at(...positions: readonly Position[]): boolean {
    return positions.includes(this.variant.position);
  }

  has(...traits: readonly Trait[]): boolean {
    return traits.some((trait) => this.traits.has(trait));
  }

  get fast(): boolean {
    return this.variant.speed === 'fast';
  }

  /** Upright, with the legs carrying. */
  get standing(): boolean {
    return this.at('both-feet', 'split', 'one-foot');
  }

  /** Arms, hands or neck work. */
  get upper(): boolean {
    return upperPatterns.has(this.variant.pattern);
  }

  get neckWork(): boolean {
    return this.pattern('neck-flexion', 'neck-extension', 'neck-lateral');
  }

  /** A joint works, in a direction and a kind of contraction where they are named. */
  acts(joint: Joint, action?: Motion, regimes?: readonly Regime[]): boolean {
    return this.variant.jointActions.some(
      (a) => a.joint === joint && (!action || a.action === action) && (!regimes || regimes.includes(a.regime)),
    );
  }

  /** The library says that a region is loaded; highly or deeply where that is asked. */
  loads(region: Region, ...marks: readonly ('high' | 'deep')[]): boolean {
    return this.variant.regions.some(
      (r) => r.region === region && (marks.length === 0 || marks.some((mark) => r[mark])),
    );
  }

  /** Contacts with the ground in the air's stead: jumps, landings, quick feet, snap-downs. */
  get lands(): boolean {
    return this.variant.impactContacts > 0 || landingPatterns.has(this.variant.pattern) || this.has('jolts');
  }

  /** A weight or a band is part of the movement. */
  get loaded(): boolean {
    return this.variant.load?.required ?? false;
  }

  /** A weight is part of the movement. */
  get weighted(): boolean {
    return this.loaded && this.variant.load?.source === 'weight';
  }

  /** A weight that the arms hold is part of the movement. */
  get weightInHands(): boolean {
    return this.weighted && !wornPlaces.has(this.variant.load?.place ?? 'hands');
  }

  get banded(): boolean {
    return this.loaded && this.variant.load?.source === 'band';
  }

  get bandInHands(): boolean {
    const { load } = this.variant;
    return load?.source === 'band' && handPlaces.has(load.place);
  }

  /** The body hangs in straps. */
  get inStraps(): boolean {
    return this.variant.needs.kit.some(([kind, ...others]) => kind === 'suspension-strap' && others.length === 0);
  }

  /** The whole body hangs in straps, the feet raised. */
  get hangsInStraps(): boolean {
    return this.inStraps && this.at('hands-and-feet');
  }

  /** Somebody else takes part. */
  get partner(): boolean {
    return this.variant.needs.partner;
  }

  over(angle: keyof MovementAngles, degrees: number): boolean {
    return (this.angles[angle] ?? 0) > degrees;
  }

  /** Largest moment over a trained adult's typical maximum, 0 to 1 and over. */
  share(moment: MomentName): number {
    this.known ??= fractionsOfMax(this.variant, referenceBody, usualLoad(this.variant));
    return this.known[moment];
  }
}

/** Loads that no hand holds, and those that hands do. */
const wornPlaces: ReadonlySet<string> = new Set(['back', 'hips', 'ankles', 'head']);
const handPlaces: ReadonlySet<string> = new Set(['hands', 'near-hand', 'far-hand']);

interface LimbAt {
  angles: LimbAngles;
  /** The foot, shin or knee of this side rests on something. */
  carries: boolean;
  handCarries: boolean;
}

function limbsAt({ pose, touches }: PlacedBody): LimbAt[] {
  const on = (side: LimbSide, parts: ReadonlySet<ContactPart>) =>
    touches.some((touch) => touch.side === side && parts.has(touch.contact.part));
  return limbSides.map((side) => ({
    angles: pose[side],
    carries: on(side, legParts),
    handCarries: on(side, handParts),
  }));
}

const largest = (values: readonly number[]) => Math.max(0, ...values);

/** Angles of the carrying and of either limb over the way; see `MovementAngles`. */
export function anglesOf(frames: readonly PlacedBody[]): MovementAngles {
  const limbs = frames.flatMap(limbsAt);
  const carrying = limbs.filter((l) => l.carries);
  const view = frames[0]?.view;
  if (view === 'above') {
    const turned = largest(frames.map(({ pose }) => Math.abs(pose.trunk) + Math.abs(pose.lean) / 2));
    return { kneeLoaded: 0, knee: 0, ankle: 0, wristLoaded: 0, trunkTurned: turned };
  }
  const shared = {
    kneeLoaded: largest(carrying.map((l) => l.angles.knee)),
    knee: largest(limbs.map((l) => l.angles.knee)),
    ankle: largest(carrying.map((l) => l.angles.ankle)),
    armRaised: largest(limbs.map((l) => l.angles.shoulder)),
    wristLoaded: 0,
  };
  if (view === 'front') return { ...shared, hipOut: largest(limbs.map((l) => l.angles.hip)) };
  return {
    ...shared,
    hip: largest(limbs.map((l) => l.angles.hip)),
    armBehind: largest(limbs.map((l) => -l.angles.shoulder)),
    wristLoaded: largest(limbs.filter((l) => l.handCarries).map((l) => l.angles.wrist)),
    trunkBent: largest(frames.map((f) => f.pose.trunk)),
    hamstring: largest(limbs.map((l) => l.angles.hip - l.angles.knee)),
  };
}

const known = new WeakMap<Variant, MovementFacts>();

/** The facts of a movement; kept, since every restriction asks for them. */
export function movementOf(variant: Variant): MovementFacts {
  const found = known.get(variant) ?? new MovementFacts(variant);
  known.set(variant, found);
  return found;
}
