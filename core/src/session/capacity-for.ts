import type { ScaledBody } from '../body/segments';
import type { Capacity } from '../capacity/capacity';
import { capacityOf } from '../capacity/effort';
import { catalogueOf } from '../exercise/catalogue';
import type { Brief } from './brief';

/** What the athlete of a brief can do on its day, from the exercises of the library and the club's own. */
export function capacityFor({ athlete, date, own }: Brief, body: ScaledBody): Capacity {
  return capacityOf(athlete, date, catalogueOf(own), body);
}
