import type { SportProfile } from '@tropaeum/core/sport/profile';
import { create } from 'zustand';
import { changeSport, sameSport } from './club-sports';

interface DemandsState {
  profile: SportProfile | undefined;
  past: SportProfile[];
  future: SportProfile[];
  /** Shows a sport; what can be undone is kept while it is the one that was shown. */
  show: (profile: SportProfile) => void;
  edit: (change: (profile: SportProfile) => SportProfile) => void;
  undo: () => void;
  redo: () => void;
}

const mostSteps = 200;

/** The sport that is being looked at and changed. It holds what the coach did; maps, shares and answers are worked out from it. */
export const useDemands = create<DemandsState>((set, get) => {
  const go = (profile: SportProfile, past: SportProfile[], future: SportProfile[]) => {
    set({ profile, past, future });
    changeSport(profile);
  };
  return {
    profile: undefined,
    past: [],
    future: [],
    show(profile) {
      const { profile: shown } = get();
      if (!sameSport(shown, profile)) set({ profile, past: [], future: [] });
    },
    edit(change) {
      const { profile, past } = get();
      if (!profile) return;
      const next = change(profile);
      if (next !== profile) go(next, [...past, profile].slice(-mostSteps), []);
    },
    undo() {
      const { profile, past, future } = get();
      const before = past.at(-1);
      if (profile && before) go(before, past.slice(0, -1), [profile, ...future]);
    },
    redo() {
      const { profile, past, future } = get();
      const next = future[0];
      if (profile && next) go(next, [...past, profile], future.slice(1));
    },
  };
});
