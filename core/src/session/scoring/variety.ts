import { daysBetween } from '../../date/days';
import type { Variant } from '../../exercise/model/variant';
import type { BlockKind } from '../../exercise/model/vocabulary';
import type { Brief } from '../brief/brief';
import { sessionsBefore } from '../brief/recent-sessions';

/** Lifts that have to stay the same for some weeks, so that they can be moved on. */
const steadyBlocks: ReadonlySet<BlockKind> = new Set(['strength', 'power']);

/** What keeping a main lift, and what doing an accessory again at once, is worth, shares of everything asked; common practice, no source. */
const [kept, again] = [0.008, -0.004];
/** Sessions that count as just now, and days in which a lift is still under way; common practice, no source. */
const [justNow, underWayDays] = [2, 21];

interface Lately {
  underWay: ReadonlySet<string>;
  times: ReadonlyMap<string, number>;
}

const known = new WeakMap<Brief, Lately>();

function latelyOf(brief: Brief): Lately {
  const found = known.get(brief);
  if (found) return found;
  const { season, date } = brief;
  const before = sessionsBefore(brief);
  // In the first week of a block the main lifts may change.
  const blockDays = season.week === undefined ? underWayDays : Math.min(underWayDays, (season.week - 1) * 7);
  const underWay = new Set(
    before.filter((s) => daysBetween(s.date, date) <= blockDays).flatMap((s) => (s.items ?? []).map((i) => i.variant)),
  );
  const times = new Map<string, number>();
  for (const { variant } of before.slice(0, justNow).flatMap((s) => s.items ?? []))
    times.set(variant, (times.get(variant) ?? 0) + 1);
  const lately = { underWay, times };
  known.set(brief, lately);
  return lately;
}

/**
 * What an item is worth for how it goes with the sessions before: a main lift that is under way is kept, since progress needs the same lifts for
 * weeks; an accessory that was done just now makes room for another.
 *
 * @example varietyWorth(plainBrief(), splitSquat, 'strength') // 0
 */
export function varietyWorth(brief: Brief, variant: Variant, block: BlockKind): number {
  const { underWay, times } = latelyOf(brief);
  if (steadyBlocks.has(block)) return underWay.has(variant.id) ? kept : 0;
  return again * (times.get(variant.id) ?? 0);
}

/** The same in a few words, or nothing. */
export function varietyWords(brief: Brief, variant: Variant, block: BlockKind): string | undefined {
  return steadyBlocks.has(block) && latelyOf(brief).underWay.has(variant.id)
    ? 'same as last time, so that it can progress'
    : undefined;
}
