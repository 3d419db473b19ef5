import { amountOf, type Dose } from '../../dose/dose';
import type { Variant } from './variant';

/** In work by the clock, two a second; common practice, no source. */
const everySecond = 2;

/**
 * Contacts with the ground in one set, on both sides where it is done on each.
 *
 * @example contactsInSet(pogoJump, parseDose('3x12 r60')) // 12
 */
export function contactsInSet({ impactContacts }: Pick<Variant, 'impactContacts'>, { work, perSide }: Dose): number {
  const timed = work.kind === 'hold' || work.kind === 'work';
  return impactContacts * (timed ? work.seconds * everySecond : amountOf(work)) * (perSide ? 2 : 1);
}
