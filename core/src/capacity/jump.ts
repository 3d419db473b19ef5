import { GRAVITY, type ScaledBody } from '../body/segments';
import { variantById } from '../exercise/library';
import { staticsOf } from '../exercise/moments';
import type { Variant } from '../exercise/variant';

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
 * Share of the slow most that legs give at the speed of a jump, set so that an intermediate man of 34 cm comes out as guessed; common practice, no source.
 */
const speedShare = 0.5;
/** How much a jump says of slow strength, standard deviation of the logarithm; common practice, no source. */
export const jumpSd = 0.2;
/** Heels rise so much before the feet leave the floor, share of height; common practice, no source. */
const heelRise = 0.055;

/**
 * What a jump asks of the legs: the still body in the dip, times the mean force over weight of the push (work over the way pushed: Samozino 2008).
 */
export function jumpAsked(
  body: ScaledBody,
  heightCm: number,
): { variant: Variant; loading: number; speedShare: number } {
  const variant = variantById('countermovement-jump');
  if (!variant) throw new Error('the library has lost its countermovement jump');
  const heights = staticsOf(variant, body).map((frame) => frame.centreOfMass.y);
  const [tall, dip] = heights as [number, number];
  const pushM = tall - dip + heelRise * body.heightM;
  return { variant, loading: 1 + heightCm / 100 / pushM, speedShare };
}
