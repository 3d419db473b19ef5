import type { SportProfile } from '@tropaeum/core/sport/profile';
import { create } from 'zustand';
import { type History, noHistory, redone, remembered, undone } from '../saving/history';
import { changeSport, sameSport } from './club-sports';

interface DemandsState extends History<SportProfile> {
  profile: SportProfile | undefined;
  /** Shows a sport; what can be undone is kept while it is the one that was shown. */
  show: (profile: SportProfile) => void;
  edit: (change: (profile: SportProfile) => SportProfile) => void;
  undo: () => void;
  redo: () => void;
}

/** The sport that is being looked at and changed. It holds what the coach did; maps, shares and answers are worked out from it. */
export const useDemands = create<DemandsState>((set, get) => {
  const go = (profile: SportProfile, { past, future }: History<SportProfile>) => {
    set({ profile, past, future });
    changeSport(profile);
  };
  return {
    profile: undefined,
    ...noHistory(),
    show(profile) {
      const { profile: shown } = get();
      if (!sameSport(shown, profile)) set({ profile, ...noHistory() });
    },
    edit(change) {
      const { profile } = get();
      if (!profile) return;
      const next = change(profile);
      if (next !== profile) go(next, remembered(get(), profile));
    },
    undo() {
      const { profile } = get();
      const step = profile && undone(get(), profile);
      if (step) go(step.to, step);
    },
    redo() {
      const { profile } = get();
      const step = profile && redone(get(), profile);
      if (step) go(step.to, step);
    },
  };
});
