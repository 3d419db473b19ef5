import { daysBetween } from '../src/athlete/athlete';
import type { Entry } from '../src/season/calendar';
import type { LayingRules } from '../src/season/laying-rules';
import { kindFacts, type SessionKind } from '../src/season/session-kind';

/** A session as the checker is told of it; `mine` where it was laid and not already there. */
export interface Standing {
  on: string;
  kind: SessionKind;
  mine: boolean;
}

const clock = (time: string) => Number(time.slice(0, 2)) + Number(time.slice(3)) / 60;
const covers = (entry: Entry, day: string) => entry.on <= day && day <= (entry.until ?? entry.on);

/**
 * Rules that a season breaks, read anew from the entries by dates and hours; as "week of the session, rule". Written apart from the rules that lay
 * it, so that the same mistake is not made twice. How many sessions a week holds is for the caller.
 */
export function brokenRules(
  sessions: readonly Standing[],
  entries: readonly Entry[],
  rules: LayingRules,
  weekOf: (day: string) => string,
): Set<string> {
  const broken = new Set<string>();
  const on = (day: string, kind: Entry['kind']) => entries.filter((e) => e.kind === kind && covers(e, day));
  for (const { on: day, kind, mine } of sessions) {
    const say = (rule: string) => broken.add(`${weekOf(day)} ${rule}`);
    const { heavy, lengthening } = kindFacts[kind];
    if (mine) alone();
    function alone() {
      if (on(day, 'free').length) say('free-day');
      for (const fixture of entries.filter((e) => e.kind === 'fixture')) {
        const days = daysBetween(day, fixture.on);
        if (days === 0) say('fixture-day');
        if (days === 1 && kind !== 'primer') say('day-before-fixture');
        // Of two fixtures on one day the one that matters more counts.
        const others = on(fixture.on, 'fixture').map((f) => f.importance ?? 1);
        if ((fixture.importance ?? 1) < Math.max(...others)) continue;
        const hours = days * 24 + (fixture.start ? clock(fixture.start) - clock(rules.sessionAt) : 0);
        const isNext = days >= 0 && !entries.some((e) => e.kind === 'fixture' && e.on >= day && e.on < fixture.on);
        const first = on(fixture.on, 'fixture').find((f) => (f.importance ?? 1) === (fixture.importance ?? 1));
        if (lengthening && isNext && first === fixture && hours < rules.lengtheningBeforeHours)
          say('lengthening-before-fixture');
      }
      const hard = on(day, 'closed').length
        ? []
        : on(day, 'practice').filter((p) => (p.effort ?? 0) >= 7 || (p.importance ?? 1) > 1);
      const key = hard.reduce<Entry | undefined>(
        (most, p) => (most && (most.effort ?? 0) >= (p.effort ?? 0) ? most : p),
        undefined,
      );
      if (heavy.length && key?.start && clock(key.start) >= clock(rules.sessionAt)) say('practice-first');
    }
    for (const earlier of sessions) {
      if (!mine && !earlier.mine) continue;
      const hours = daysBetween(earlier.on, day) * 24;
      if (hours <= 0) continue;
      const other = kindFacts[earlier.kind];
      if (heavy.some((part) => other.heavy.includes(part)) && hours < rules.heavyApartHours) say('heavy-apart');
      const jumps = kindFacts[kind].gives.contacts >= 30 && other.gives.contacts >= 30;
      if (jumps && hours < rules.jumpsApartHours) say('jumps-apart');
    }
  }
  return broken;
}
