import type { Release } from '@tropaeum/core/limits/release';
import type { Brief } from '@tropaeum/core/session/brief';
import { LateSaver } from '../saving/late-saver';
import { troubleOf } from '../saving/trouble';
import { writeAthlete } from '../saving/write-athlete';
import { notedReleases } from './releases';
import { useSession } from './store';

/** What a coach learns of an athlete while writing and wants to find again: kit, room, limits, old injuries, tests, moved needs, house rules. */
export function lastingPart({ kit, houseRules, athlete, sport }: Brief) {
  const { restrictions = [], history = [], tests = [] } = athlete;
  return { kit, houseRules, moved: sport.moved ?? {}, athlete: { restrictions, history, tests } };
}

type Lasting = ReturnType<typeof lastingPart> & { releases?: readonly Release[] };

const saver = new LateSaver<Lasting>({
  quietMs: 800,
  troubleOf,
  write: writeAthlete,
});

useSession.subscribe((now, before) => {
  if (now.athleteId !== before.athleteId || now.changes === 0) {
    void saver.flush();
    return;
  }
  if (now.brief === before.brief) return;
  const part = lastingPart(now.brief);
  if (JSON.stringify(part) === JSON.stringify(lastingPart(before.brief))) return;
  const releases = notedReleases(now.athleteId);
  saver.changed(now.athleteId, { ...part, ...(releases.length ? { releases } : {}) });
});

/** Resolves when what was learned of athletes has been kept or could not be. */
export const athletesKept = (): Promise<void> => saver.flush();

globalThis.addEventListener?.('pagehide', () => void saver.flush());
