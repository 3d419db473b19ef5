import type { Brief } from '@tropaeum/core/session/brief';
import { create } from 'zustand';
import { LateSaver } from '../saving/late-saver';
import { troubleOf } from '../saving/trouble';
import { writeAthlete } from '../saving/write-athlete';
import { useSession } from '../session/store';

/** What of an athlete is changed on the bench: what is owned, and what was tested. */
export type BenchPart = Pick<Brief, 'kit'> & { athlete: Pick<Brief['athlete'], 'tests' | 'battery'> };

const benchPart = ({ kit, athlete: { tests = [], battery = [] } }: Brief): BenchPart => ({
  kit,
  athlete: { tests, battery },
});

export const benchSaver = new LateSaver<BenchPart>({
  quietMs: 600,
  troubleOf,
  write: writeAthlete,
});

interface BenchState {
  athleteId: string;
  brief: Brief | undefined;
  past: Brief[];
  future: Brief[];
  open: (athleteId: string, brief: Brief) => void;
  change: (part: Partial<Brief>) => void;
  undo: () => void;
  redo: () => void;
}

const mostSteps = 200;

/** The athlete on the bench. It holds what the coach did; loads, capacity and reach are worked out from it. */
export const useBench = create<BenchState>((set, get) => {
  const go = (brief: Brief, past: Brief[], future: Brief[]) => {
    const { athleteId } = get();
    set({ brief, past, future });
    benchSaver.changed(athleteId, benchPart(brief));
    // A session of this athlete that is open was written for another kit: it is read anew when it is come back to.
    if (useSession.getState().athleteId === athleteId) useSession.setState({ athleteId: '' });
  };
  return {
    athleteId: '',
    brief: undefined,
    past: [],
    future: [],
    open: (athleteId, brief) => set({ athleteId, brief, past: [], future: [] }),
    change(part) {
      const { brief, past } = get();
      if (brief) go({ ...brief, ...part }, [...past, brief].slice(-mostSteps), []);
    },
    undo() {
      const { brief, past, future } = get();
      const before = past.at(-1);
      if (brief && before) go(before, past.slice(0, -1), [brief, ...future]);
    },
    redo() {
      const { brief, past, future } = get();
      const next = future[0];
      if (brief && next) go(next, [...past, brief], future.slice(1));
    },
  };
});

/** Resolves when what was changed on the bench has been kept or could not be. */
export const benchKept = (): Promise<void> => benchSaver.flush();

globalThis.addEventListener?.('pagehide', () => void benchSaver.flush());
