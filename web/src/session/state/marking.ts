import { create } from 'zustand';

/** The mark of the weave that is pointed at or has the focus. */
export interface Mark {
  variant: string;
  /** The need it is for; all that is guarded when left out. */
  action?: string;
  /** Where it is on the page. */
  at: { left: number; right: number; top: number; bottom: number };
}

interface Marking {
  mark: Mark | undefined;
  point: (mark: Mark | undefined) => void;
}

/** Kept apart from the session, so that pointing at a mark draws nothing anew but its note. */
export const useMarking = create<Marking>((set) => ({ mark: undefined, point: (mark) => set({ mark }) }));
