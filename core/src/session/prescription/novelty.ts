import { daysBetween } from '../../date/days';
import { catalogueOf } from '../../exercise/catalogue/catalogue';
import type { Variant } from '../../exercise/model/variant';
import type { Brief } from '../brief/brief';

/** What was not done for so long counts as new again, days; common practice, no source. */
const forgottenAfter = 90;

const known = new WeakMap<Brief, ReadonlySet<string> | undefined>();

/** Families of exercises that an athlete has done of late; undefined where nothing is on record, so that nothing can be called new. */
function familiesDone(brief: Brief): ReadonlySet<string> | undefined {
  if (known.has(brief)) return known.get(brief);
  const { athlete, season, date } = brief;
  const lately = (on: string) => on <= date && daysBetween(on, date) <= forgottenAfter;
  const logged = (athlete.shown ?? []).filter((s) => lately(s.on)).map((s) => s.variant);
  const planned = (season.recent ?? []).filter((s) => lately(s.date)).flatMap((s) => s.items ?? []);
  const done = [...logged, ...planned.map((item) => item.variant)];
  const catalogue = catalogueOf(brief.own);
  const families = done.length ? new Set(done.map((id) => catalogue.byId(id)?.family ?? id)) : undefined;
  known.set(brief, families);
  return families;
}

/**
 * Whether a movement is new to this athlete: others are on record, nothing of its family is.
 *
 * @example isNewTo(splitSquat, plainBrief()) // false
 */
export function isNewTo(variant: Variant, brief: Brief): boolean {
  const families = familiesDone(brief);
  return families !== undefined && !families.has(variant.family);
}
