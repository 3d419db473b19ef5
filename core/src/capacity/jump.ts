import { GRAVITY, type ScaledBody } from '../body/segments';
import type { Catalogue } from '../exercise/catalogue/catalogue';
import { staticsOf } from '../exercise/mechanics/moments';
import type { Variant } from '../exercise/model/variant';
import type { Interval } from './interval';

/**
 * Height of a jump from the time in the air, cm: `g t^2 / 8` (Bosco 1983). Landing with bent knees makes it too high. Throws a RangeError for
 * times no jump takes.
 *
 * @example jumpHeightCm(0.5) // 30.66
 */
export function jumpHeightCm(flightSeconds: number): number {
  if (!(flightSeconds > 0.05 && flightSeconds < 1.1))
    throw new RangeError(`${flightSeconds} s in the air: a jump takes 0.05 to 1.1 s`);
  return (GRAVITY * flightSeconds ** 2 * 100) / 8;
}

/**
 * Share of the slow most that legs give at the speed of a jump, set so that an intermediate man jumps some 36 cm; common practice, no source.
 */
const speedShare = 0.545;
/** How much a jump says of slow strength, standard deviation of the logarithm; common practice, no source. */
export const jumpSd = 0.2;
/** Heels rise so much before the feet leave the floor, share of height; common practice, no source. */
const heelRise = 0.055;

/** A jump without a countermovement gets so much of the height (Bobbert 1996: 2 to 4 cm less; value from memory). */
const withoutCountermovement = 0.92;

function countermovementJump(catalogue: Pick<Catalogue, 'byId'>): Variant {
  const variant = catalogue.byId('countermovement-jump');
  if (!variant) throw new Error('the library has lost its countermovement jump');
  return variant;
}

/** How far the body is pushed up from the dip of a jump until the feet leave the floor, m. */
function pushedM(variant: Variant, body: ScaledBody): number {
  const heights = staticsOf(variant, body).map((frame) => frame.centreOfMass.y);
  const [tall, dip] = heights as [number, number];
  return tall - dip + heelRise * body.heightM;
}

/**
 * What a jump asks of the legs: the still body in the dip, times the mean force over weight of the push (work over the way pushed: Samozino 2008).
 */
export function jumpAsked(
  body: ScaledBody,
  heightCm: number,
  catalogue: Pick<Catalogue, 'byId'>,
): { variant: Variant; loading: number; speedShare: number } {
  const variant = countermovementJump(catalogue);
  return { variant, loading: 1 + heightCm / 100 / pushedM(variant, body), speedShare };
}

/** How high a jump off both feet goes, cm, from what the legs can do slowly; undefined for everything else. */
export function jumpReached(
  variant: Variant,
  capacity: { effort(variant: Variant): { between: Interval } | undefined },
  body: ScaledBody,
  catalogue: Pick<Catalogue, 'byId'>,
): Interval | undefined {
  const upwards =
    variant.pattern === 'jump' && variant.position === 'both-feet' && variant.keyframes.every((k) => !k.shift);
  const jump = countermovementJump(catalogue);
  const effort = upwards ? capacity.effort(jump) : undefined;
  if (!effort) return undefined;
  const springs = variant.jointActions.some((action) => action.regime === 'stretch-shortening');
  const fullCm = 100 * pushedM(jump, body) * (springs ? 1 : withoutCountermovement);
  const rises = (share: number) => Math.max(0, (speedShare / share - 1) * fullCm);
  return { low: rises(effort.between.high), mid: rises(effort.between.mid), high: rises(effort.between.low) };
}
