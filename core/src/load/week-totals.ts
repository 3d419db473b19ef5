import { daysBetween } from '../date/days';
import type { Catalogue } from '../exercise/catalogue/catalogue';
import type { Variant } from '../exercise/model/variant';
import type { Pattern, Region } from '../exercise/model/vocabulary';
import type { RecentSession } from '../session/brief/brief';

/** Days that a weekly total looks back over, the day itself among them. */
const weekDays = 7;

/** Sets of main work in the seven days up to a day. */
export interface WeekTotals {
  sessions: number;
  sets: number;
  byPattern: ReadonlyMap<Pattern, number>;
  /** Sets that load a region high. */
  byRegion: ReadonlyMap<Region, number>;
  /** Landings at the usual dose of each exercise. */
  contacts: number;
  /** Days since a session with landings; undefined where there was none in the week. */
  daysSinceLandings?: number;
}

/** Sets of one exercise done on a day. */
export interface DoneSets {
  variant: Variant;
  sets: number;
}

const contactsInSet = ({ impactContacts, dose: { work, perSide } }: Variant) =>
  work.kind === 'reps' || work.kind === 'contacts'
    ? impactContacts * (work.kind === 'reps' ? work.reps : work.contacts) * (perSide ? 2 : 1)
    : 0;

/**
 * Totals of a week: what past sessions held, and what today's adds. Exercises that are no longer known are left out.
 *
 * @example weekTotals('2026-12-09', brief.season.recent, catalogue, []).byPattern.get('knee-dominant') // 3
 */
export function weekTotals(
  day: string,
  recent: readonly RecentSession[],
  catalogue: Catalogue,
  today: readonly DoneSets[],
): WeekTotals {
  const past = recent.filter((s) => s.date < day && daysBetween(s.date, day) < weekDays);
  const doneOn = past.map((session) => ({
    daysAgo: daysBetween(session.date, day),
    done: (session.items ?? []).flatMap(({ variant: id, sets }): DoneSets[] => {
      const variant = catalogue.byId(id);
      return variant ? [{ variant, sets }] : [];
    }),
  }));
  const all = [...doneOn.flatMap((s) => s.done), ...today];
  const byPattern = new Map<Pattern, number>();
  const byRegion = new Map<Region, number>();
  for (const { variant, sets } of all) {
    byPattern.set(variant.pattern, (byPattern.get(variant.pattern) ?? 0) + sets);
    for (const { region, high } of variant.regions) if (high) byRegion.set(region, (byRegion.get(region) ?? 0) + sets);
  }
  const landed = doneOn.filter((s) => s.done.some((d) => d.variant.impactContacts > 0)).map((s) => s.daysAgo);
  return {
    sessions: past.length + (today.length ? 1 : 0),
    sets: all.reduce((sum, d) => sum + d.sets, 0),
    byPattern,
    byRegion,
    contacts: Math.round(all.reduce((sum, d) => sum + d.sets * contactsInSet(d.variant), 0)),
    ...(landed.length ? { daysSinceLandings: Math.min(...landed) } : {}),
  };
}
