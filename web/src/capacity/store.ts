import type { Brief } from '@tropaeum/core/session/brief/brief';
import { create } from 'zustand';
import { athleteChanged } from '../saving/athlete-changed';
import { DebouncedSaver } from '../saving/debounced-saver';
import { type History, noHistory, redone, remembered, undone } from '../saving/history';
import { saveErrorOf } from '../saving/save-error';
import { AthleteWriter } from '../saving/write-athlete';

/** What of an athlete is changed on the bench: what is owned, and what was tested. */
export type CapacityPart = Pick<Brief, 'kit'> & { athlete: Pick<Brief['athlete'], 'tests' | 'battery'> };

const benchPart = ({ kit, athlete: { tests = [], battery = [] } }: Brief): CapacityPart => ({
  kit,
  athlete: { tests, battery },
});

const writer = new AthleteWriter<CapacityPart>();

export const capacitySaver = new DebouncedSaver<CapacityPart>({
  quietMs: 600,
  troubleOf: saveErrorOf,
  write: writer.write,
});

interface CapacityState extends History<Brief> {
  athleteId: string;
  brief: Brief | undefined;
  open: (athleteId: string, brief: Brief) => void;
  change: (part: Partial<Brief>) => void;
  undo: () => void;
  redo: () => void;
}

/** The athlete on the bench. It holds what the coach did; loads, capacity and reach are worked out from it. */
export const useCapacity = create<CapacityState>((set, get) => {
  const go = (brief: Brief, { past, future }: History<Brief>) => {
    const { athleteId } = get();
    set({ brief, past, future });
    capacitySaver.changed(athleteId, benchPart(brief));
    // A session of this athlete that is open was written for another kit: it is read anew when it is come back to.
    athleteChanged(athleteId);
  };
  return {
    athleteId: '',
    brief: undefined,
    ...noHistory(),
    open(athleteId, brief) {
      writer.opened(athleteId, benchPart(brief));
      set({ athleteId, brief, ...noHistory() });
    },
    change(part) {
      const { brief } = get();
      if (brief) go({ ...brief, ...part }, remembered(get(), brief));
    },
    undo() {
      const { brief } = get();
      const step = brief && undone(get(), brief);
      if (step) go(step.to, step);
    },
    redo() {
      const { brief } = get();
      const step = brief && redone(get(), brief);
      if (step) go(step.to, step);
    },
  };
});
