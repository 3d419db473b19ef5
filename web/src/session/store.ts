import { parseDose, printDose } from '@tropaeum/core/dose/notation';
import { catalogueOf } from '@tropaeum/core/exercise/catalogue';
import { blockOrder } from '@tropaeum/core/session/blocks';
import type { Brief } from '@tropaeum/core/session/brief';
import type { Proof, Refusal } from '@tropaeum/core/session/compose';
import type { Draft } from '@tropaeum/core/session/draft';
import { choicesOf } from '@tropaeum/core/session/draft';
import { add, type ItemPlace } from '@tropaeum/core/session/edit';
import type { SportProfile } from '@tropaeum/core/sport/profile';
import { create } from 'zustand';
import { additionAway, composeAway, prepare, warm } from '../workers/composing';

/** The page of the desk that a session is: an athlete on a day. */
export const pageOf = ({ athleteId, brief }: { athleteId: string; brief: Brief }): string =>
  `${athleteId}|${brief.date}`;

/** What undo goes back to. */
interface Snapshot {
  brief: Brief;
  draft: Draft | undefined;
  /** The proven bound for this brief, while it holds. */
  bound: number | undefined;
}

export interface Stored {
  id: string;
  revision: number;
  status: 'draft' | 'sent' | 'done';
}

interface SessionState extends Snapshot {
  athleteId: string;
  stored: Stored | undefined;
  past: Snapshot[];
  future: Snapshot[];
  selected: ItemPlace | undefined;
  refused: Refusal | undefined;
  composing: AbortController | undefined;
  problem: string | undefined;
  /** What came of adding an exercise, when nothing was added. */
  said: string;
  /** Counts changes; autosave follows it. */
  changes: number;
  open: (athleteId: string, brief: Brief, stored?: Stored & { draft: Draft }) => void;
  changeBrief: (change: Partial<Brief>) => void;
  /** The sport as the club has it by now, in this page and in all that can be undone: no step of its own. */
  adoptSport: (profile: SportProfile | undefined) => void;
  edit: (change: (draft: Draft) => Draft) => void;
  /** Adds an exercise that the coach names to the session, or begins one with it; says why when it cannot be done. With a dose it is pinned. */
  addNamed: (variantId: string, dose?: string) => Promise<void>;
  say: (words: string) => void;
  select: (at: ItemPlace | undefined) => void;
  undo: () => void;
  redo: () => void;
  compose: () => Promise<void>;
  stop: () => void;
  saved: (stored: Stored) => void;
}

const mostSteps = 200;
const snapshot = ({ brief, draft, bound }: Snapshot): Snapshot => ({ brief, draft, bound });

/** Pins and the doses typed on pinned items go into the brief, so that composing holds to them. */
function withPins(brief: Brief, draft: Draft | undefined): Brief {
  const pinned = draft ? choicesOf(draft).filter((c) => c.pinned) : [];
  return {
    ...brief,
    lock: {
      ...brief.lock,
      include: pinned.map((c) => c.variant),
      doses: Object.fromEntries(
        pinned.map((c) => [c.variant, printDose({ ...c.dose, restSeconds: Math.max(c.dose.restSeconds, 45) })]),
      ),
    },
  };
}

/** A brief with another profile of its sport; the shipped one where none is given. */
export function withProfile(brief: Brief, profile: SportProfile | undefined): Brief {
  const { profile: _, ...sport } = brief.sport;
  return { ...brief, sport: { ...sport, ...(profile ? { profile } : {}) } };
}

const emptyBrief = {} as Brief;

/** A session on which nothing has been done yet. */
const untouched = {
  draft: undefined,
  bound: undefined,
  stored: undefined,
  past: [],
  future: [],
  selected: undefined,
  refused: undefined,
  composing: undefined,
  problem: undefined,
  said: '',
  changes: 0,
};

/** The session being written. It holds what the coach did; plan, checks and reasons are worked out from it. */
export const useSession = create<SessionState>((set, get) => {
  const remember = (next: Partial<Snapshot>) =>
    set((s) => ({
      ...next,
      past: [...s.past, snapshot(s)].slice(-mostSteps),
      future: [],
      changes: s.changes + 1,
      problem: undefined,
    }));
  return {
    athleteId: '',
    brief: emptyBrief,
    ...untouched,

    open(athleteId, brief, stored) {
      get().composing?.abort();
      set({
        athleteId,
        brief,
        ...untouched,
        draft: stored?.draft,
        stored: stored && { id: stored.id, revision: stored.revision, status: stored.status },
      });
      if (stored) warm(brief);
      else prepare(withPins(brief, undefined));
    },
    changeBrief: (change) => remember({ brief: { ...get().brief, ...change }, bound: undefined }),
    adoptSport(profile) {
      const adopted = <S extends Snapshot>(at: S): S => ({
        ...at,
        brief: withProfile(at.brief, profile),
        bound: undefined,
      });
      set((s) => ({
        ...adopted(snapshot(s)),
        past: s.past.map(adopted),
        future: s.future.map(adopted),
        changes: s.draft ? s.changes + 1 : s.changes,
      }));
    },
    edit(change) {
      const { draft } = get();
      if (!draft) return;
      const next = change(draft);
      if (next !== draft) remember({ draft: next });
    },
    async addNamed(variantId, dose) {
      const { brief, draft } = get();
      const answer = await additionAway(brief, draft ?? { groups: [] }, variantId);
      if (get().brief !== brief) return;
      if ('reasons' in answer) {
        const name = catalogueOf(brief.own).byId(variantId)?.name ?? variantId;
        set({ said: `${name}: ${answer.reasons.join(' ')}` });
        return;
      }
      // Before anything is composed it is what the rest will be composed around.
      const now = get().draft;
      const typed = dose ? { dose: parseDose(dose) } : {};
      const choice = { ...answer.offered.choice, ...typed, pinned: !now || dose !== undefined };
      remember({ draft: add(now ?? { groups: [] }, answer.block, choice, blockOrder(brief.houseRules.explosive)) });
      set({ said: '' });
    },
    say: (said) => set({ said }),
    select: (selected) => set({ selected }),
    undo() {
      const last = get().past.at(-1);
      if (last)
        set((s) => ({
          ...last,
          past: s.past.slice(0, -1),
          future: [snapshot(s), ...s.future],
          changes: s.changes + 1,
          selected: undefined,
        }));
    },
    redo() {
      const next = get().future[0];
      if (next)
        set((s) => ({
          ...next,
          past: [...s.past, snapshot(s)],
          future: s.future.slice(1),
          changes: s.changes + 1,
          selected: undefined,
        }));
    },
    async compose() {
      const { brief, draft, composing } = get();
      if (composing) return;
      const controller = new AbortController();
      set({ composing: controller, refused: undefined, problem: undefined });
      try {
        const composition = await composeAway(withPins(brief, draft), controller.signal);
        if (get().composing !== controller) return;
        if ('refused' in composition) set({ refused: composition.refused });
        else {
          remember({ draft: composition.draft, bound: composition.proof.bound });
          set({ selected: undefined });
        }
      } catch (error) {
        if ((error as Error).name !== 'AbortError')
          set({ problem: 'Composing broke off; the session is as it was. Try again.' });
      } finally {
        if (get().composing === controller) set({ composing: undefined });
      }
    },
    stop() {
      get().composing?.abort();
      set({ composing: undefined });
    },
    saved: (stored) => set({ stored }),
  };
});

/** How close a draft is to the best, from its worth and the bound; undefined while no bound holds. */
export function proofOf(worth: number, bound: number | undefined): Proof | undefined {
  if (bound === undefined) return undefined;
  const highest = Math.max(bound, worth);
  return { objective: worth, bound: highest, gap: highest > 0 ? (highest - worth) / highest : 0 };
}
