import type { ContactPart } from '../body/contact';
import type { MomentName } from '../body/moment-names';
import type { PlacedBody } from '../body/placing';
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
import { anglesOf, handParts, type MovementAngles } from './movement-angles';

const forearmParts: ReadonlySet<ContactPart> = new Set(['forearms', 'elbows']);
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

const known = new WeakMap<Variant, MovementFacts>();

/** The facts of a movement; kept, since every restriction asks for them. */
export function movementOf(variant: Variant): MovementFacts {
  const found = known.get(variant) ?? new MovementFacts(variant);
  known.set(variant, found);
  return found;
}
