import type { Release } from '@tropaeum/core/limits/release';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import { useSyncExternalStore } from 'react';
import { onAthleteChanged } from '../../saving/athlete-changed';
import { DebouncedSaver, type SaveState } from '../../saving/debounced-saver';
import { saveErrorOf } from '../../saving/save-error';
import { AthleteWriter } from '../../saving/write-athlete';
import { notedReleases } from './releases';
import { useSession } from './store';

/** What a coach learns of an athlete while writing and wants to find again: kit, room, limits, old injuries, tests, moved needs, house rules. */
function lastingPart({ kit, houseRules, athlete, sport }: Brief) {
  const { restrictions = [], history = [], tests = [] } = athlete;
  return { kit, houseRules, moved: sport.moved ?? {}, athlete: { restrictions, history, tests } };
}

type Lasting = ReturnType<typeof lastingPart> & { releases?: readonly Release[] };

const writer = new AthleteWriter<Lasting>();

/** What waits to be kept of athletes; its trouble is told beside the session's own. */
const athleteSaver = new DebouncedSaver<Lasting>({
  quietMs: 800,
  troubleOf: saveErrorOf,
  write: writer.write,
});

useSession.subscribe((now, before) => {
  if (now.athleteId !== before.athleteId || now.changes === 0) {
    void athleteSaver.flush();
    if (now.changes === 0 && now.athleteId) writer.opened(now.athleteId, lastingPart(now.brief));
    return;
  }
  if (now.brief === before.brief) return;
  const part = lastingPart(now.brief);
  if (JSON.stringify(part) === JSON.stringify(lastingPart(before.brief))) return;
  const releases = notedReleases(now.athleteId);
  athleteSaver.changed(now.athleteId, { ...part, ...(releases.length ? { releases } : {}) });
});

// A session of this athlete was planned with other equipment: it is read anew when the coach comes back to it.
onAthleteChanged((athleteId) => {
  if (useSession.getState().athleteId === athleteId) useSession.setState({ athleteId: '' });
});

/** How it stands with what was learned of the athlete whose session is open. */
export function useAthleteSaveState(): SaveState {
  const athleteId = useSession((s) => s.athleteId);
  return useSyncExternalStore(athleteSaver.subscribe, () => athleteSaver.stateOf(athleteId));
}
