import type { SessionType } from '../../session-type/session-type';
import { type Arms, mainTypes, type Offer, offersOn } from './allowed';
import type { CalendarCase } from './case';
import type { Day } from './day';
import { comingBackOn } from './time-off';

/** Most heavy legs of a pinned session that stands too near to a fixture: its place and length are kept, its weight is not. */
const pinnedLegs = 3;

/** The offers of a day, with what is pinned on it and what a pin of the next days asks for: fresh legs before it. */
export function offersWithPins(day: Day, days: readonly Day[], d: number, given: CalendarCase, arms: Arms): Offer[] {
  const back = comingBackOn(given, day.on);
  const offers = offersOn(day, given, back, arms);
  if (day.pin?.type) return [pinnedOffer(day, offers)];
  const near = [1, 2].find((k) => isTooNear(days[d + k]));
  if (near === undefined) return offers;
  return offers.flatMap((offer): Offer[] => {
    if (near === 1 && mainTypes.has(offer.type)) return [];
    if (offer.least.heavyLower > 0 || offer.type === 'power') return [];
    return [{ ...offer, most: { ...offer.most, heavyLower: 0, contacts: Math.min(10, offer.most.contacts) } }];
  });
}

/** A pin of legs in the last two days before a fixture. */
const isTooNear = (day: Day | undefined) =>
  day?.pin?.type !== undefined &&
  (day.pin.type === 'lower-body' || day.pin.type === 'whole-body') &&
  (day.toFixture ?? 9) <= 2;

function pinnedOffer(day: Day, offers: readonly Offer[]): Offer {
  const type = day.pin?.type as SessionType;
  const same = offers.find((o) => o.type === type);
  const minutes = day.pin?.minutes ?? same?.minutes;
  if (same) return { ...same, ...(minutes ? { minutes } : {}) };
  const legs = type === 'lower-body' || type === 'whole-body';
  const arms = type === 'upper-body' || type === 'whole-body';
  return {
    type,
    worth: 0,
    ...(minutes ? { minutes } : {}),
    least: { heavyLower: legs ? 2 : 0, heavyUpper: arms ? 2 : 0, contacts: 0, eccentric: 0 },
    most: { heavyLower: legs ? pinnedLegs : 0, heavyUpper: arms ? 4 : 0, contacts: 10, eccentric: 0 },
  };
}
